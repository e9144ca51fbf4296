@props(['page', 'part', 'words'])
@php($piece = $page->piece)
<section>
    <h2>Holes</h2>
    @if ($part->holes === [])
        <p class="faint mt-1">
            None besides the bore. A spout, a hook or a light goes across, at a height and a turn; steps of a bore go in
            on the axis.
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
                Height, turn and angle are asked of a hole across alone; the turn counts from where the grain comes out.
                Without a depth it goes through: into what is hollow, or out at the other side.
            </p>
            <button class="press press-main">Place it</button>
        </form>
    </x-disclosure>
</section>
