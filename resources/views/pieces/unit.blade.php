@php($piece = $page->piece)
<x-layout :title="say('pages.pieces-unit.unit-your-own', ['piece' => $piece->name])" section="pieces">
    <div class="page max-w-5xl" x-data="unitEditor">
        <p><a href="{{ $page->markTab($mark->id()) }}">{{ $piece->name }}: {{ $show->said($mark->label()) }}</a></p>
        <h1 class="mt-1">Your own repeat</h1>
        <p class="faint mt-1">
            <x-termed
                >Draw in the middle square; the others repeat it. Press to set points. Press the last one again to end a
                stroke. At a side lines meet.</x-termed
            >
        </p>
        <p class="faint">
            <x-termed
                >Arrow keys move the cross, Enter sets a point. Escape ends a stroke, Backspace removes the last
                point.</x-termed
            >
        </p>
        <svg
            x-ref="square"
            viewBox="-6 -6 912 312"
            class="mt-3 block w-full cursor-crosshair touch-none"
            tabindex="0"
            role="application"
            aria-label="The repeat and its neighbours"
            x-on:pointerdown="press"
            x-on:keydown="key"
        >
            <rect
                x="0"
                y="0"
                width="900"
                height="300"
                fill="var(--tint)"
            />
            <rect
                x="300"
                y="0"
                width="300"
                height="300"
                fill="var(--paper)"
                stroke="currentColor"
            />
            <g
                x-ref="ink"
                stroke-linejoin="round"
                stroke-linecap="round"
            ></g>
        </svg>
        <p class="mt-1" role="status" x-text="says"></p>
        <form
            method="post"
            action="{{ route('pieces.marks.unit', [$piece, $mark->id()]) }}"
            class="mt-2 flex flex-wrap items-baseline gap-x-5"
            x-on:submit="keep"
        >
            @csrf
            @method('put')
            <x-at :page="$page" />
            <input type="hidden" name="strokes" x-ref="field" value="{{ json_encode($strokes) }}" />
            <button class="press press-main">Save the repeat</button>
            <button type="button" class="quiet" x-on:click="end">End the stroke</button>
            <button type="button" class="quiet" x-on:click="back">Take one back</button>
            <button type="button" class="quiet" x-on:click="clear">Start again</button>
            <x-refused name="strokes" class="warn block" />
        </form>
        <form
            method="post"
            action="{{ route('pieces.marks.unit', [$piece, $mark->id()]) }}"
            enctype="multipart/form-data"
            class="mt-6 flex flex-wrap items-end gap-x-4 border-t border-rule pt-4"
        >
            @csrf
            @method('put')
            <x-at :page="$page" />
            <x-field name="file" label="Or strokes from an SVG of your own: its lines and paths, set into the square">
                <input type="file" name="file" accept=".svg,image/svg+xml" required />
            </x-field>
            <button class="press mb-[0.8rem]">Import it</button>
        </form>
    </div>
</x-layout>
