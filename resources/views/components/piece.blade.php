@props(['page', 'tab', 'title'])
@php($piece = $page->piece)
<x-layout :title="$piece->name.', '.$title" section="pieces">
    <div class="page !pb-4" x-data="zoneLight" x-on:pointerover="light" x-on:focusin="light" x-on:click="choose">
        <div class="flex gap-x-10"><div class="grow">
        <div class="flex flex-wrap items-baseline gap-x-5">
            <h1>{{ $piece->name }}</h1>
            <p class="faint">{{ lcfirst($piece->wood) }}, {{ $piece->document['grain'] }} grain, {{ $show->plain($piece->document['moisture_percent']) }} % · {{ $piece->due_at ? 'due '.$show->day($piece->due_at) : 'no due date' }}</p>
            <div id="piece-tools" class="no-print ml-auto flex gap-4">
                <form id="undo" method="post" action="{{ route('pieces.undo', $piece) }}" data-live>@csrf<input type="hidden" name="version" value="{{ $piece->version }}"><button class="quiet" title="Ctrl Z" @disabled(! $page->canUndo)>Undo</button></form>
                <form id="redo" method="post" action="{{ route('pieces.redo', $piece) }}" data-live>@csrf<input type="hidden" name="version" value="{{ $piece->version }}"><button class="quiet" title="Ctrl Shift Z" @disabled(! $page->canRedo)>Redo</button></form>
            </div>
        </div>
        <nav aria-label="Piece" class="tabs no-print mt-2">
            @foreach (['shape' => 'Shape', 'surface' => 'Surface', 'marks' => 'Marks', 'coats' => 'Coats', 'route' => 'Route', 'record' => 'Record'] as $key => $label)
                <a href="{{ route("pieces.$key", $piece) }}" @if ($tab === $key) aria-current="page" @endif>{{ $label }}</a>
            @endforeach
        </nav>
        </div>
        @if (! in_array($tab, ['shape', 'marks'], true))
            <div class="index-art no-print" data-drawing data-index data-surface="{{ route('pieces.surface', $piece) }}" data-marks="{{ route('pieces.marks', $piece) }}">{!! $piece->drawing !!}</div>
        @endif
        </div>
        <div class="pt-6">{{ $slot }}</div>
    </div>
    <section id="strip" aria-label="When it is ready" class="border-t border-ink">
        <div class="page !pt-4 !pb-8">
            <div class="flex flex-wrap items-baseline gap-x-5">
                <h2 @class(['!text-[1.4rem]', 'warn' => $page->isLate()])>{{ $page->verdict($show) }}</h2>
                <p class="faint">{{ $page->againstDue($show) }}@if ($page->piece->ready_at) · {{ $show->minutes($page->handsMinutes) }} of your hands and {{ $show->hours($page->waitHours) }} of waiting to go @endif</p>
            </div>
            @if ($page->closedWhenDue($show) !== '')<p class="small">{{ $page->closedWhenDue($show) }}</p>@endif
            @if ($page->strip !== [])
                <svg viewBox="0 0 1200 46" class="mt-2 block w-full" role="img" aria-label="The time of this piece: hands-on solid, waiting hatched">
                    <defs><pattern id="wait" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line x1="0" y1="0" x2="0" y2="8" stroke="currentColor" stroke-opacity="0.4"/></pattern></defs>
                    <rect x="0.5" y="6" width="1199" height="22" fill="url(#wait)" stroke="currentColor"/>
                    @foreach ($page->strip as $part)
                        <rect x="{{ round($part['x'] * 12, 1) }}" y="6" width="{{ round($part['width'] * 12, 1) }}" height="22" fill="currentColor" @if ($part['kind'] === 'done') fill-opacity="0.45" @endif><title>{{ $part['title'] }}</title></rect>
                    @endforeach
                    @if ($page->nowAt !== null)
                        <path d="M{{ round($page->nowAt * 12, 1) }} 0V34" stroke="var(--act)" stroke-width="3"/>
                        <text x="{{ min(1165, round($page->nowAt * 12, 1) + 5) }}" y="44" font-size="13" fill="var(--act)">now</text>
                    @endif
                </svg>
            @endif
            <x-why kind="workshop">Every step of the route, placed in the shop's hours with one pair of hands and one lathe, beside all other pieces; waits run day and night at the rate of this shop's air (see Coats). Hands-on minutes are models too: what you log moves the date.</x-why>
            <div class="grid gap-x-12 lg:grid-cols-2">
            @if ($piece->late)
                <div class="note note-warn"><strong>It will be late by {{ $show->hours($piece->late['hours']) }}.</strong> {{ implode('. ', $piece->late['because']) }}.</div>
            @endif
            @foreach ($piece->conflicts as $conflict)
                <div @class(['note', 'note-warn' => $conflict['severity'] === 'forbid'])><strong>{{ $conflict['severity'] === 'forbid' ? 'This does not go together.' : 'Look at this.' }}</strong> {{ $show->sentence($conflict['message']) }} <span class="faint">{{ $page->choices($conflict) }}</span></div>
            @endforeach
            </div>
        </div>
    </section>
</x-layout>
