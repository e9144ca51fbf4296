@php($piece = $page->piece)
<x-piece :page="$page" tab="surface" title="surface">
    <form method="post" action="{{ route('pieces.surface', $piece) }}" data-live>@csrf @method('put')
        <input type="hidden" name="version" value="{{ $piece->version }}">
        <div class="flex flex-wrap items-end gap-6">
            <x-field name="tool_mark_um" label="Depth of the tool marks, µm"
                hint="25 after a clean shear cut, 80 as usual, 200 and more where the grain tore.">
                <input class="w-32" name="tool_mark_um" inputmode="decimal"
                    value="{{ old('tool_mark_um', $show->bare($core->toolMarkUm)) }}">
            </x-field>
            @if ($panels !== [])
                <p class="faint small mb-4">Lathe at most <b class="text-ink">{{ $panels[0]->sanding->rpm }} rpm</b>:
                    the rim then moves at {{ $show->speed((float) $me->workshop->limits['sanding_cap_m_s']) }} or less.
                    Rest away, sleeves tight, respirator on.</p>
            @endif
        </div>
        @if ($panels !== [] && $panels[0]->sanding->with !== [])
            <p class="mb-3 text-[1.06rem]">In one mount, grit by grit: <b>{{ $show->minutes($together) }}</b> for all that is sanded
                together. Each grit is changed once for all of it.</p>
        @endif
        @foreach ($panels as $panel)
            @php($s = $panel->sanding)
            @php($ladder = $s->shared ?? $s->best)
            <section class="grid gap-x-12 border-t border-rule py-5 lg:grid-cols-[580px_1fr]" id="zone-{{ $s->zone->id }}"
                data-light="{{ $s->zone->id }}" tabindex="-1">
                <div>
                    <h2>{{ ucfirst($s->zone->id) }}
                        <span class="faint font-sans text-base font-normal">{{ $show->area($s->zone->areaMm2) }},
                            {{ $panel->endGrainPercent() }} % end grain; {{ $s->rpm }} rpm is
                            {{ $show->speed($s->speedMPerS) }} here</span></h2>
                    @if ($s->missing)
                        <p class="note note-warn"><strong>{{ $s->borrowed ? 'Nothing to sand with.' : 'The shelf does not reach.' }}</strong>
                            {{ $s->missing }}
                            {{ $s->borrowed ? 'The minutes are those of the usual set.' : 'This is as far as it goes.' }}
                            <a href="/shelf">Look at the shelf</a></p>
                    @endif
                    @if ($ladder)
                        <x-scratch-line :panel="$panel" :ladder="$ladder" />
                    @endif
                </div>
                <div>
                    @if ($ladder)
                        <p class="text-[1.12rem]"><b>{{ implode(', ', array_map($show->grit(...), $ladder->gritNames())) }}</b>:
                            {{ $panel->minutes() }} min, {{ $ladder->discs() }} {{ Str::plural('disc', $ladder->discs()) }}.
                            <span class="faint">{{ $panel->comparison() }}</span></p>
                        <table class="small mt-2">
                            <thead><tr><th>Grit</th><th class="n">Scratch left</th><th class="n">Minutes</th><th class="n">Discs</th></tr></thead>
                            <tbody>
                                @foreach ($ladder->steps as $step)
                                    <tr><td>{{ $show->grit($step->grit->name) }}
                                            <span class="faint">{{ $show->plain($step->grit->micron) }} µm</span></td>
                                        <td class="n">{{ number_format($step->scratchUm, 1) }} µm</td>
                                        <td class="n">{{ number_format($step->minutes, 1) }}</td><td class="n">{{ $step->discs }}</td></tr>
                                @endforeach
                                <tr><td>along the grain, lathe stopped</td><td class="n"></td>
                                    <td class="n">{{ number_format($ladder->alongGrainMinutes, 1) }}</td><td class="n"></td></tr>
                            </tbody>
                        </table>
                        @foreach ($ladder->warnings as $warning)
                            <p class="note note-warn">{{ $warning }}</p>
                        @endforeach
                    @endif
                    <p class="small mt-2">Asked: a last grain of {{ $show->plain($s->asked->limitMicron) }} µm or finer
                        ({{ $show->plain($s->job->limitUm) }} µm of scratch on this wood), because {{ $s->asked->because }}.
                        Between grits, wipe off and look along it under a low raking light.</p>
                    @if ($s->recutSavesMinutes)
                        <p class="note"><strong>Cut it again first.</strong> The first grit takes over half of the time; a clean cut
                            would save {{ $show->plain($s->recutSavesMinutes) }} min, the cut itself counted.</p>
                    @endif
                    @if ($s->tooSlowForPower())
                        <p class="note note-warn"><strong>By hand here.</strong> The surface moves under {{ $show->speed(0.5) }}:
                            a power disc has nothing to work against.</p>
                    @endif
                    <x-field name="own[{{ $s->zone->id }}]" label="Your own way, grits with their scale">
                        <span class="flex gap-2">
                            <input class="w-full" name="own[{{ $s->zone->id }}]" value="{{ old('own.'.$s->zone->id, $panel->own) }}"
                                placeholder="P80, P180, P400 (empty: the shortest)">
                            <button class="press">Price it</button>
                        </span>
                    </x-field>
                    @if ($s->own)
                        <p>Yours: {{ number_format($s->own->totalMinutes, 1) }} min, {{ $s->own->discs() }}
                            {{ Str::plural('disc', $s->own->discs()) }}{{ $panel->ownAgainst() }}.
                            {{ $s->own->faults === [] ? 'No faulty step.' : '' }}</p>
                        @foreach ($s->own->faults as $fault)<p class="note note-warn">{{ $fault->message }}</p>@endforeach
                        @foreach ($s->own->warnings as $warning)<p class="note note-warn">{{ $warning }}</p>@endforeach
                    @endif
                    <x-why kind="workshop">Scratch depth 0.25 × grain size × (6000 ÷ hardness)^0.3; removal 500 µm/min for P120 at
                        3 m/s on a hardness of 6000 N, in proportion to size, speed and softness, and never less than 0.4 min for
                        every 100 cm² and grit; the first grain as large as the tool marks are deep; a size may fall
                        {{ $s->job->rates->maxRatio }} times at most from one grit to the next; 0.5 min to change a disc, 0.5 min to
                        look, 0.5 min for every 100 cm² along the grain at the end. {{ $core->wood->name }}:
                        {{ number_format($core->wood->jankaN) }} N (published). Grain sizes: FEPA 43 / ISO 6344 and ANSI B74
                        (published).</x-why>
                </div>
            </section>
        @endforeach
    </form>
</x-piece>
