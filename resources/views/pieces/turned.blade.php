@php($piece = $page->piece)
<x-layout :title="say('pages.pieces-turned.turned-round', ['piece' => $piece->name])" section="pieces">
    <div
        class="page"
        x-data="turnedView"
        data-mesh="{{ route('pieces.turned.mesh', [$piece, 'part' => $part->id]) }}"
        data-name="{{ $name }}"
    >
        <div class="flex flex-wrap items-baseline gap-x-5">
            <h1>{{ $piece->name }}</h1>
            <p class="faint">{{ $page->wood($show) }} · in the round</p>
            <p class="no-print ml-auto"><a href="{{ $page->tab('marks') }}">Back to the marks</a></p>
        </div>
        @if ($page->core?->hasParts())
            <nav aria-label="Parts" class="mt-2 flex flex-wrap items-baseline gap-x-5">
                @foreach ($page->core->parts as $one)
                    <a
                        href="{{ route('pieces.turned', [$piece, 'part' => $one->id]) }}"
                        @if ($one->id === $part->id) aria-current="true" class="font-semibold text-ink" @endif
                        >{{ $one->name }}</a
                    >
                @endforeach
            </nav>
        @endif
        <div class="mt-4 grid gap-x-10 lg:grid-cols-[1fr_260px]">
            <div class="turned" x-ref="stage" x-bind:class="shown && 'is-shown'">
                <canvas
                    x-ref="canvas"
                    tabindex="0"
                    role="img"
                    aria-label="{{ $piece->name }} in the round: arrows turn it, plus and minus bring it nearer"
                ></canvas>
                <div class="turned-still" x-show="!shown">{!! $show->drawn($still) !!}</div>
            </div>
            <div>
                <p x-text="says" role="status" class="min-h-[3em]">
                    This is the still drawing; the piece in the round needs a browser that can draw it.
                </p>
                <div x-show="shown" x-cloak>
                    <label class="field">
                        <span>Light from the side</span>
                        <input
                            type="range"
                            min="0"
                            max="360"
                            step="1"
                            value="305"
                            x-ref="round"
                            x-on:input="light"
                            class="w-full"
                        />
                    </label>
                    <label class="field">
                        <span>Light over the bench: low is raking</span>
                        <input
                            type="range"
                            min="2"
                            max="80"
                            step="1"
                            value="32"
                            x-ref="height"
                            x-on:input="light"
                            class="w-full"
                        />
                    </label>
                    <p class="mt-3 flex flex-wrap gap-x-4">
                        <button type="button" class="quiet" x-on:click="side">From the side</button>
                        <button type="button" class="quiet" x-on:click="top">From above</button>
                        <button type="button" class="quiet" x-on:click="end">End grain forward</button>
                    </p>
                    <p class="mt-3 flex flex-wrap gap-x-4">
                        <button type="button" class="quiet" x-on:click="png">Save as PNG</button>
                        <button type="button" class="quiet" x-on:click="gltf">Save as glTF</button>
                    </p>
                    <p class="faint small mt-3">
                        <x-termed>Drag it or use the arrow keys to turn it. The wheel, plus and minus zoom.</x-termed>
                    </p>
                </div>
                <x-why kind="workshop">
                    The shape is the profile with its beads, grooves, flutes and flats cut, and end grain is |n·g|
                    (physics). Colours are Kubelka and Munk’s sum over early wood, late wood and figure, with the
                    workshop’s figures for uptake and depth and for the coat over them; the growth rings are drawn as
                    wood of this kind has them, not as this piece has. The test board decides.
                </x-why>
            </div>
        </div>
    </div>
</x-layout>
