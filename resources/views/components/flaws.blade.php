@props(['page', 'part', 'words'])
@php($piece = $page->piece)
<section>
    <h2>What the wood brings</h2>
    @if ($part->flaws === [])
        <p class="faint mt-1">
            No flaw is marked. A crack, a soft patch or a bark edge makes its own steps, slows the lathe and steers the
            hold.
        </p>
    @endif
    @foreach ($part->flaws as $flaw)
        <x-placed
            :page="$page"
            :update="route('pieces.flaws.update', [$piece, $flaw->id])"
            :destroy="route('pieces.flaws.destroy', [$piece, $flaw->id])"
            :remove="say('pages.placed.remove', ['what' => $show->said($flaw->kind->label())])"
            data-flaw-row="{{ $flaw->id }}"
        >
            <x-slot:line>
                <b>{{ $show->said($flaw->kind->label()) }}</b>, {{ $words->at($flaw) }}:
                <span class="faint">{{ mb_lcfirst($show->said($flaw->wish->label())).$words->with($flaw) }}</span>
            </x-slot:line>
            <x-flaw-fields :words="$words" :flaw="$flaw" />
        </x-placed>
    @endforeach
    <x-disclosure label="Mark a flaw" :open="$errors->has('flaw_*')" class="mt-3">
        <form
            method="post"
            action="{{ route('pieces.flaws.store', $piece) }}"
            class="mt-2"
            x-data="flawPlacer"
            data-lines="{{ json_encode($words->lines()) }}"
            data-factor="{{ $show->factor() }}"
            data-live
        >
            @csrf
            <x-at :page="$page" />
            <x-flaw-fields :words="$words" />
            <p class="faint small mb-2">
                Distances run along the line from its beginning: outside from the foot, inside and rim from the outer
                edge, foot from its edge to the middle. Or press on the drawing where it begins and where it ends.
            </p>
            <button class="press press-main">Mark it</button>
        </form>
    </x-disclosure>
    <x-why kind="workshop">
        {{ $words->rimSpeeds() }} Minutes, waits and volumes: {{ $words->figures() }} (workshop models;
        catalogue/constants.csv).
    </x-why>
</section>
