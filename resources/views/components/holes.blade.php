@props(['page', 'part', 'words'])
@php($piece = $page->piece)
<section>
    <h2>Holes</h2>
    @if ($part->holes === [])
        <p class="faint mt-1">
            <x-termed
                >No hole other than the bore. Holes for a spout, hook or light go across. Steps of a bore go in on the
                axis.</x-termed
            >
        </p>
    @endif
    @foreach ($part->holes as $hole)
        <x-placed
            :page="$page"
            :update="route('pieces.holes.update', [$piece, $hole->id])"
            :destroy="route('pieces.holes.destroy', [$piece, $hole->id])"
            :remove="say('pages.placed.remove', ['what' => $words->at($hole)])"
            data-hole-row="{{ $hole->id }}"
        >
            <x-slot:line>
                {{ $words->at($hole) }}
            </x-slot:line>
            <x-hole-fields :words="$words" :hole="$hole" />
        </x-placed>
    @endforeach
    <x-disclosure label="Place a hole" :open="$errors->has('hole_*')" class="mt-3">
        <form method="post" action="{{ route('pieces.holes.store', $piece) }}" class="mt-2" data-live>
            @csrf
            <x-at :page="$page" />
            <x-hole-fields :words="$words" />
            <p class="faint small mb-2">
                <x-termed
                    >Height, turn and angle are only for a hole across. The turn counts from where the grain comes out.
                    Without a depth the hole goes right through.</x-termed
                >
            </p>
            <button class="press press-main">Place it</button>
        </form>
    </x-disclosure>
</section>
