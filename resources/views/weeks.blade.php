<x-layout title="Weeks" section="weeks">
    <div class="page">
        <div class="flex flex-wrap items-baseline gap-x-6">
            <h1>{{ $chart->headline() }}</h1>
            <nav class="tabs ml-auto" aria-label="How far">@foreach ([7 => 'A week', 14 => 'Two', 28 => 'Four', 56 => 'Eight'] as $n => $label)<a href="/weeks?days={{ $n }}" @if ($days === $n) aria-current="page" @endif>{{ $label }}</a>@endforeach</nav>
        </div>
        <p class="faint mt-1">Hands-on solid, waiting hatched, due date as a red line, ready as a dot. Last planned {{ $me->workshop->planned_at ? $show->dayTime($me->workshop->planned_at) : 'never' }}{{ $finish }}.</p>
        @if ($summary['trouble'] ?? null)<p class="note note-warn">{{ $summary['trouble'] }}</p>@endif
        @if ($chart->rows !== [])
            <svg viewBox="0 0 {{ $chart::WIDTH }} {{ $chart->height() }}" class="mt-3 block w-full" role="group" aria-label="Every piece over the coming days; the table below says the same">
                <defs><pattern id="w" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line x1="0" y1="0" x2="0" y2="6" stroke="currentColor" stroke-opacity="0.45"/></pattern></defs>
                @foreach ($chart->days as $day)
                    @if ($day['weekend'])<rect x="{{ $day['x'] }}" y="{{ $chart::HEAD - 4 }}" width="{{ $chart->dayWidth }}" height="{{ $chart->height() - $chart::HEAD }}" fill="var(--tint)"/>@endif
                    @if ($day['month'])<text x="{{ $day['x'] }}" y="14" font-size="14" fill="currentColor" font-weight="600">{{ $day['month'] }}</text>@endif
                    <text x="{{ $day['x'] + 3 }}" y="34" font-size="{{ $days > 20 ? 11 : 13 }}" fill="var(--faint)">{{ $day['label'] }}</text>
                @endforeach
                @foreach ($chart->rows as $i => $row)
                    @php($y = $chart::HEAD + $i * $chart::ROW)
                    <line x1="0" x2="{{ $chart::WIDTH }}" y1="{{ $y + $chart::ROW - 5 }}" y2="{{ $y + $chart::ROW - 5 }}" stroke="var(--rule)"/>
                    <a href="{{ route('pieces.route', $row['piece']) }}" class="no-underline"><text x="0" y="{{ $y + 15 }}" font-size="16" font-weight="600" fill="currentColor">{{ Str::limit($row['piece']->name, 26) }}</text></a>
                    <text x="0" y="{{ $y + 30 }}" font-size="12.5" fill="{{ $row['piece']->late ? 'var(--warn)' : 'var(--faint)' }}">{{ $row['piece']->late ? 'late by '.$show->hours($row['piece']->late['hours']) : ($row['piece']->ready_at ? 'ready '.$show->day($row['piece']->ready_at) : 'not planned') }}</text>
                    @foreach ($row['waits'] as $wait)<rect x="{{ $wait['x'] }}" y="{{ $y + 6 }}" width="{{ $wait['width'] }}" height="18" fill="url(#w)"/>@endforeach
                    @foreach ($row['hands'] as $hand)<rect x="{{ $hand['x'] }}" y="{{ $y + 3 }}" width="{{ $hand['width'] }}" height="24" fill="currentColor"><title>{{ $hand['title'] }}</title></rect>@endforeach
                    @if ($row['ready'])<circle cx="{{ $row['ready'] }}" cy="{{ $y + 15 }}" r="5" fill="var(--paper)" stroke="currentColor" stroke-width="2"/>@endif
                    @if ($row['due'])<path d="M{{ $row['due'] }} {{ $y }}v30" stroke="var(--warn)" stroke-width="2.6"/>@endif
                @endforeach
                <path d="M{{ $chart->nowX }} 22V{{ $chart->height() }}" stroke="var(--act)" stroke-width="2"/>
            </svg>
            @if ($chart->pages() > 1)<p class="mt-3 flex gap-5">@for ($p = 1; $p <= min(12, $chart->pages()); $p++)<a href="/weeks?days={{ $days }}&page={{ $p }}" @if ($p === $chart->page + 1) aria-current="page" class="font-semibold text-ink" @endif>{{ $p }}</a>@endfor <span class="faint">of {{ $chart->pages() }}</span></p>@endif
            <div class="grid gap-x-12 lg:grid-cols-2">
            @foreach ($chart->rows as $row)
                @if ($row['piece']->late)<div class="note note-warn"><strong>{{ $row['piece']->name }} will be late by {{ $show->hours($row['piece']->late['hours']) }}.</strong> {{ implode('. ', $row['piece']->late['because']) }}.</div>@endif
            @endforeach
            @foreach ($summary['broken'] ?? [] as $window)<div class="note note-warn"><strong>A window cannot be kept.</strong> <a href="{{ route('pieces.route', $window['piece_id']) }}">{{ $window['piece'] }}</a>: {{ lcfirst($window['title']) }} comes {{ $show->hours($window['late_hours']) }} after it closes; scuff the coat below first.</div>@endforeach
            </div>
            <details class="mt-5"><summary class="text-act underline underline-offset-4">The same as a table</summary>
                <table class="mt-2"><thead><tr><th>Piece</th><th>Due</th><th>Ready</th><th>Next hands-on</th></tr></thead><tbody>
                    @foreach ($chart->rows as $row)<tr><td><a href="{{ route('pieces.route', $row['piece']) }}">{{ $row['piece']->name }}</a></td><td>{{ $row['piece']->due_at ? $show->day($row['piece']->due_at) : '–' }}</td><td>{{ $row['piece']->ready_at ? $show->dayTime($row['piece']->ready_at) : '–' }}</td><td>@if ($row['next']){{ $show->dayTime($row['next']['at']) }}, {{ $row['next']['title'] }}@endif</td></tr>@endforeach
                </tbody></table></details>
            <x-why kind="workshop">Pieces are placed one after another, those with a window already open first. Several orders are tried (by due date, slack, weight for an hour of work) and the best is improved by moving pieces, as far as a moment allows: fewest broken windows, then least lateness. Hands-on work only in the shop's hours, one maker and one lathe; no least wait is ever cut short. Where a window would close outside hours, the coat before it is moved later. It may not be the best there is: the bound says how far off it can be.</x-why>
        @else
            <p class="mt-6">Weeks shows every piece over the coming days against its date. <a href="/pieces/create">Draw the first piece</a></p>
        @endif
    </div>
</x-layout>
