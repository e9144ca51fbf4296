@php($piece = $page->piece)
<x-piece :page="$page" tab="surface" title="surface">
    <form method="post" action="{{ route('pieces.surface', $piece) }}" data-live>@csrf @method('put')
        <input type="hidden" name="version" value="{{ $piece->version }}">
        <div class="flex flex-wrap items-end gap-6">
            <x-field name="tool_mark_um" label="Depth of the tool marks, µm" hint="25 after a clean shear cut, 80 as usual, 200 and more where the grain tore."><input class="w-32" name="tool_mark_um" inputmode="decimal" value="{{ old('tool_mark_um', $show->bare($core->toolMarkUm)) }}"></x-field>
            <p class="faint small mb-4">Lathe at most <b class="text-ink">{{ $panels[0]->sanding->rpm }} rpm</b>: the rim then moves at {{ $show->speed((float) $me->workshop->limits['sanding_cap_m_s']) }} or less. Rest away, sleeves tight, respirator on.</p>
        </div>
        @foreach ($panels as $panel)
            @php($s = $panel->sanding)
            <section class="grid gap-x-12 border-t border-rule py-5 lg:grid-cols-[580px_1fr]" id="zone-{{ $s->zone->id }}" data-light="{{ $s->zone->id }}" tabindex="-1">
                <div>
                    <h2>{{ ucfirst($s->zone->id) }} <span class="faint font-sans text-base font-normal">{{ $show->area($s->zone->areaMm2) }}, {{ round($s->zone->endGrainMean * 100) }} % end grain; {{ $s->rpm }} rpm is {{ $show->speed($s->speedMPerS) }} here</span></h2>
                    @if ($s->best)
                        @php($line = $panel->line($s->best))
                        <svg viewBox="0 0 {{ $line['width'] }} {{ $line['height'] }}" class="mt-2 w-full" role="img" aria-label="Scratch depth over the minutes of sanding, falling to the limit">
                            <path d="M{{ $line['left'] }} 14V{{ $line['height'] - 18 }}H{{ $line['width'] }}" stroke="currentColor" fill="none" stroke-width="0.8"/>
                            <path d="M{{ $line['left'] }} {{ $line['limitY'] }}H{{ $line['width'] }}" stroke="var(--warn)" stroke-dasharray="5 4"/>
                            <text x="{{ $line['left'] + 6 }}" y="{{ $line['limitY'] - 5 }}" font-size="12" fill="var(--warn)">{{ $show->plain($s->job->limitUm) }} µm asked</text>
                            @if ($line['floorY'])<path d="M{{ $line['left'] }} {{ $line['floorY'] }}H{{ $line['width'] }}" stroke="var(--warn)" stroke-dasharray="2 4"/><text x="{{ $line['left'] + 6 }}" y="{{ $line['floorY'] + 13 }}" font-size="12" fill="var(--warn)">not below {{ $show->plain($s->job->floorUm) }}</text>@endif
                            @if ($s->own)<path d="{{ $panel->line($s->own)['path'] }}" stroke="currentColor" stroke-dasharray="4 3" stroke-width="1.6" fill="none" stroke-opacity="0.65"/>@endif
                            <path d="{{ $line['path'] }}" stroke="currentColor" stroke-width="2.2" fill="none"/>
                            @foreach ($line['labels'] as $label)<circle cx="{{ $label['x'] }}" cy="{{ $label['y'] }}" r="3.4" fill="currentColor"/><text x="{{ $label['x'] + 5 }}" y="{{ $label['y'] - 7 }}" font-size="13" fill="currentColor">{{ $label['grit'] }}</text>@endforeach
                            <text x="4" y="24" font-size="12" fill="currentColor">{{ $show->plain($line['top']) }}</text><text x="4" y="{{ $line['height'] - 18 }}" font-size="12" fill="currentColor">0 µm</text>
                            <text x="{{ $line['left'] }}" y="{{ $line['height'] - 3 }}" font-size="12" fill="currentColor">0 min</text><text x="{{ $line['labels'][count($line['labels']) - 1]['x'] }}" y="{{ $line['height'] - 3 }}" font-size="12" text-anchor="middle" fill="currentColor">{{ $show->plain($line['minutes']) }} min</text>
                        </svg>
                    @else
                        <p class="note note-warn"><strong>Nothing on your shelf can do it.</strong> {{ $s->missing }} <a href="/shelf">Look at the shelf</a></p>
                    @endif
                </div>
                <div>
                    @if ($s->best)
                        <p class="text-[1.12rem]"><b>{{ implode(', ', array_map($show->grit(...), $s->best->gritNames())) }}</b>: {{ number_format($s->best->totalMinutes, 1) }} min, {{ $s->best->discs() }} {{ Str::plural('disc', $s->best->discs()) }}. <span class="faint">The least there is from your shelf.</span></p>
                        <table class="small mt-2"><thead><tr><th>Grit</th><th class="n">Scratch left</th><th class="n">Minutes</th><th class="n">Discs</th></tr></thead><tbody>
                            @foreach ($s->best->steps as $step)<tr><td>{{ $show->grit($step->grit->name) }} <span class="faint">{{ $show->plain($step->grit->micron) }} µm</span></td><td class="n">{{ number_format($step->scratchUm, 1) }} µm</td><td class="n">{{ number_format($step->minutes, 1) }}</td><td class="n">{{ $step->discs }}</td></tr>@endforeach
                        </tbody></table>
                    @endif
                    <p class="small mt-2">Asked: {{ $show->plain($s->asked->limitUm) }} µm or less, because {{ $s->asked->because }}. Between grits, wipe off and look along it under a low raking light.</p>
                    @if ($s->recutSavesMinutes)<p class="note"><strong>Cut it again first.</strong> The first grit takes over half of the time; a clean cut would save {{ $show->plain($s->recutSavesMinutes) }} min.</p>@endif
                    @if ($s->tooSlowForPower())<p class="note note-warn"><strong>By hand here.</strong> The surface moves under {{ $show->speed(0.5) }}: a power disc has nothing to work against.</p>@endif
                    <x-field name="own[{{ $s->zone->id }}]" label="Your own way, grits with their scale"><span class="flex gap-2"><input class="w-full" name="own[{{ $s->zone->id }}]" value="{{ old('own.'.$s->zone->id, $panel->own) }}" placeholder="P80, P180, P400 (empty: the shortest)"><button class="press">Price it</button></span></x-field>
                    @if ($s->own)
                        <p>Yours: {{ number_format($s->own->totalMinutes, 1) }} min, {{ $s->own->discs() }} {{ Str::plural('disc', $s->own->discs()) }} @if ($s->best) ({{ $s->own->totalMinutes >= $s->best->totalMinutes ? '+' : '−' }}{{ $show->plain(abs($s->own->totalMinutes - $s->best->totalMinutes)) }} min)@endif. {{ $s->own->faults === [] ? 'No faulty step.' : '' }}</p>
                        @foreach ($s->own->faults as $fault)<p class="note note-warn">{{ $fault->message }}</p>@endforeach
                    @endif
                    <x-why kind="workshop">Scratch depth 0.25 × grain size × (6000 ÷ hardness)^0.3; removal 2000 µm/min for P120 at 3 m/s on a hardness of 6000 N, in proportion to size, speed and softness; a size may fall {{ $s->job->maxRatio }} times at most from one grit to the next; 0.5 min to change a disc, 0.5 min to look. {{ $core->wood->name }}: {{ number_format($core->wood->jankaN) }} N (published). Grain sizes: FEPA 43 / ISO 6344 and ANSI B74 (published).</x-why>
                </div>
            </section>
        @endforeach
    </form>
</x-piece>
