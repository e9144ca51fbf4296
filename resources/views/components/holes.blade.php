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
        <details class="border-b border-rule py-1.5" data-hole-row="{{ $hole->id }}">
            <summary>{{ $words->at($hole) }}</summary>
            <form method="post" action="{{ route('pieces.holes.update', [$piece, $hole->id]) }}" class="mt-2" data-live>
                @csrf
                @method('put')
                <x-at :page="$page" />
                <x-hole-fields :words="$words" :hole="$hole" />
                <button class="press">Change it</button>
            </form>
            <form method="post" action="{{ route('pieces.holes.destroy', [$piece, $hole->id]) }}" data-live>
                @csrf
                @method('delete')
                <x-at :page="$page" />
                <button class="quiet" aria-label="Remove the hole, {{ $words->at($hole) }}">Remove</button>
            </form>
        </details>
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
