@props(['page', 'tab', 'title'])
@php($piece = $page->piece)
@php($tabs = lines('pages.piece.tabs'))
<x-layout :title="$piece->name.', '.$title" section="pieces">
    <div class="page pb-4" x-data="zoneLight" x-on:pointerover="light" x-on:focusin="light" x-on:click="choose">
        <div class="flex gap-x-10">
            <div class="grow">
                <div class="flex flex-wrap items-baseline gap-x-5">
                    <h1>{{ $piece->name }}</h1>
                    <p class="faint">{{ $page->wood($show) }} · {{ $page->due($show) }}</p>
                    <div id="piece-tools" class="no-print ml-auto flex gap-4">
                        <form id="undo" method="post" action="{{ route('pieces.undo', $piece) }}" data-live>
                            @csrf
                            <input type="hidden" name="version" value="{{ $piece->version }}" />
                            <button class="quiet" title="Ctrl Z" @disabled($page->undoes === null)>
                                Undo <span class="max-sm:hidden">{{ $page->undoes?->words() }}</span>
                            </button>
                        </form>
                        <form id="redo" method="post" action="{{ route('pieces.redo', $piece) }}" data-live>
                            @csrf
                            <input type="hidden" name="version" value="{{ $piece->version }}" />
                            <button class="quiet" title="Ctrl Shift Z" @disabled($page->redoes === null)>
                                Redo <span class="max-sm:hidden">{{ $page->redoes?->words() }}</span>
                            </button>
                        </form>
                    </div>
                </div>
                <nav aria-label="Piece" class="tabs no-print mt-2">
                    @foreach ([...$tabs, ...lines('pages.piece.pages')] as $key => $label)
                        <a href="{{ $page->tab($key) }}" @if ($tab === $key) aria-current="page" @endif>{{ $label }}</a>
                    @endforeach
                </nav>
                @if ($page->core?->hasParts() && isset($tabs[$tab]))
                    <nav aria-label="Parts" class="no-print mt-2 flex flex-wrap items-baseline gap-x-5">
                        <span class="faint small">Part</span>
                        @foreach ($page->core->parts as $one)
                            <a
                                href="{{ route("pieces.$tab", [$piece, 'part' => $one->id]) }}"
                                @class(['font-semibold text-ink' => $one->id === $page->part?->id])
                                @if ($one->id === $page->part?->id) aria-current="true" @endif
                                >{{ $one->name }}</a
                            >
                        @endforeach
                    </nav>
                @endif
            </div>
            @if (! in_array($tab, ['shape', 'marks'], true))
                <div
                    class="index-art no-print"
                    data-drawing
                    data-index
                    data-part-shown="{{ $page->part?->id }}"
                    data-surface="{{ route('pieces.surface', $piece) }}"
                    data-marks="{{ route('pieces.marks', $piece) }}"
                >
                    {!! $show->drawn($piece->drawing) !!}
                </div>
            @endif
        </div>
        <div class="pt-6">{{ $slot }}</div>
    </div>
    <section id="strip" aria-label="When it is ready" class="border-t border-ink">
        <div class="page pt-4 pb-8">
            <x-plan-news />
            <div class="flex flex-wrap items-baseline gap-x-5">
                <h2 @class(['text-[1.4rem]', 'warn' => $page->isLate()])>{{ $page->verdict($show) }}</h2>
                <p class="faint">{{ $page->againstDue($show).$page->toGo($show) }}</p>
            </div>
            @if ($page->closedWhenDue($show) !== '')
                <p class="small">{{ $page->closedWhenDue($show) }}</p>
            @endif
            @if ($piece->isWish())
                <div class="mt-2 flex flex-wrap items-baseline gap-x-6">
                    <a href="{{ route('promise', ['like' => $piece->id]) }}">What can be promised</a>
                    <x-revive :$piece />
                </div>
            @else
                {!! $show->drawn($page->strip) !!}
            @endif
            <x-why kind="workshop">
                Every step of the route, placed in the shop's hours with one pair of hands and one lathe, beside all
                other pieces; waits run day and night at the rate of this shop's air (see Coats). Hands-on minutes are
                models too: what you log moves the date.
            </x-why>
            <div class="grid gap-x-12 lg:grid-cols-2">
                @if ($piece->late)
                    <div class="note note-warn">
                        <strong>It will be late by {{ $show->hours($piece->late->hours) }}.</strong>
                        {{ $show->chain($piece->late->because) }}
                    </div>
                @endif
                @foreach (collect($piece->conflicts)->unique('message') as $conflict)
                    @php($forbids = $conflict->forbids)
                    <div @class(['note', 'note-warn' => $forbids])>
                        <strong
                            >{{ $forbids ? say('pages.piece.does-not-go-together') : say('pages.piece.look') }}</strong
                        >
                        {{ $show->said($conflict->message) }}
                        <span class="faint">{{ $page->choices($conflict, $show) }}</span>
                    </div>
                @endforeach
            </div>
        </div>
    </section>
</x-layout>
