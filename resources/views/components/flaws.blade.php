@props(['page', 'part', 'words'])
@php($piece = $page->piece)
<section>
    <h2>Flaws in the wood</h2>
    @if ($part->flaws === [])
        <p class="faint mt-1">
            <x-termed
                >No flaw is marked. A crack, a soft patch or bark adds steps. It slows the lathe and decides the
                hold.</x-termed
            >
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
                <x-termed
                    >Outside is measured from the foot, all else from the outer edge. Or press on the drawing where the
                    flaw begins and ends.</x-termed
                >
            </p>
            <button class="press press-main">Mark it</button>
        </form>
    </x-disclosure>
    <x-why kind="workshop">
        {{ $words->rimSpeeds() }} Minutes, waits and volumes: {{ $words->figures() }} (workshop models;
        catalogue/constants.csv).
    </x-why>
</section>
