@php($piece = $page->piece)
<x-piece :page="$page" tab="coats" title="coats">
    @foreach ($plans as $panel)
        <x-coat-plan :page="$page" :panel="$panel" :products="$products" />
    @endforeach
    @if ($airs !== [])
        <form method="post" action="{{ route('pieces.air', $piece) }}" class="mb-6" data-live>
            @csrf
            @method('put')
            <div class="flex flex-wrap items-baseline gap-3">
                <label for="air">Its coats dry in</label>
                <x-choose
                    id="air"
                    name="air"
                    :options="['' => say('pages.pieces-coats.usual', ['air' => mb_lcfirst($usual)])] + $airs"
                    :chosen="$piece->air_id ?? ''"
                    :is-wide="false"
                />
                <button class="quiet">Move it</button>
            </div>
        </form>
    @endif
    <section>
        <h2>{{ $plans === [] ? say('pages.pieces-coats.choose-coats') : say('pages.pieces-coats.other-coats') }}</h2>
        @if ($plans === [])
            <p class="faint mt-1">
                <x-termed>No finish yet. Choose a proven set of coats and change it. Or add coats one by one.</x-termed>
            </p>
        @endif
        <form method="post" action="{{ route('pieces.coats', $piece) }}" class="mt-2" data-live>
            @csrf
            @method('put')
            <x-at :page="$page" />
            <input type="hidden" name="do" value="stack" />
            <fieldset class="flex flex-wrap gap-5">
                <legend class="faint small float-left mr-3">On the</legend>
                @foreach ($faces as $face => $isTicked)
                    <label
                        ><input type="checkbox" name="zones[]" value="{{ $face }}" @checked($isTicked) />
                        {{ $show->faces([HonestGrain\Geometry\Face::from($face)]) }}</label
                    >
                @endforeach
            </fieldset>
            <x-refused name="zones" class="warn" />
            <ul class="mt-3 grid gap-x-10 md:grid-cols-2">
                @foreach ($stacks as $stack)
                    <li class="flex items-baseline gap-3 border-b border-rule py-1.5">
                        <span
                            ><b>{{ $show->said($stack->name()) }}</b>
                            <span class="faint small">{{ $show->said($stack->suits()) }}</span></span
                        >
                        <button
                            class="quiet ml-auto whitespace-nowrap"
                            name="stack"
                            value="{{ $stack->id }}"
                            aria-label="Take it: {{ $show->said($stack->name()) }}"
                        >
                            Take it
                        </button>
                    </li>
                @endforeach
                <li class="flex items-baseline gap-3 border-b border-rule py-1.5">
                    <span><b>None yet</b> <span class="faint small">add coats one by one</span></span>
                    <button class="quiet ml-auto whitespace-nowrap" name="stack" value="none">Start without one</button>
                </li>
            </ul>
        </form>
        <p class="faint small mt-2">
            <x-termed>The foot gets one coat too, once the tenon is off. Unless it has coats of its own.</x-termed>
        </p>
    </section>
</x-piece>
