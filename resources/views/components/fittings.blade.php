@props(['page', 'part', 'words', 'glues'])
@php($piece = $page->piece)
<section>
    <h2>Ferrules, inserts and kits</h2>
    @foreach ($part->fittings as $fitting)
        <x-placed
            :page="$page"
            :update="route('pieces.fittings.update', [$piece, $fitting->id])"
            :destroy="route('pieces.fittings.destroy', [$piece, $fitting->id])"
            :remove="say('pages.placed.remove', ['what' => $words->at($fitting)])"
            data-fitting-row="{{ $fitting->id }}"
        >
            <x-slot:line>
                {{ $words->at($fitting) }}
            </x-slot:line>
            <x-fitting-fields :words="$words" :glues="$glues" :fitting="$fitting" />
        </x-placed>
    @endforeach
    <x-disclosure label="Add a bought part" :open="$errors->has('fitting_*')" class="mt-3">
        <form method="post" action="{{ route('pieces.fittings.store', $piece) }}" class="mt-2" data-live>
            @csrf
            <x-at :page="$page" />
            <x-fitting-fields :words="$words" :glues="$glues" />
            <p class="faint small mb-2">
                <x-termed
                    >A ferrule by the inside of its tube. An insert or a kit by its hole. List once under Shop what you
                    fit often.</x-termed
                >
            </p>
            <button class="press press-main">Fit it</button>
        </form>
    </x-disclosure>
</section>
