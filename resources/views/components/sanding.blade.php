@props(['panel', 'part'])
@php($s = $panel->sanding)
@php($face = $s->zone->id)
@php($ladder = $s->shared ?? $s->best)
<section
    class="grid gap-x-12 border-t border-rule py-5 lg:grid-cols-[580px_1fr]"
    id="zone-{{ $face }}"
    data-light="{{ $face }}"
    tabindex="-1"
>
    <div>
        <h2>
            {{ ucfirst($face) }}
            <span class="faint font-sans text-base font-normal">{{ $panel->place($show) }}</span>
        </h2>
        @if ($s->missing)
            <p class="note note-warn">
                <strong>{{ $s->borrowed ? 'Nothing to sand with.' : 'The shelf does not reach.' }}</strong>
                {{ $panel->missing() }}
                <a href="/shelf">Look at the shelf</a>
            </p>
        @endif
        @if ($s->unpriced)
            <p class="note note-warn"><strong>Not priced.</strong> {{ $s->unpriced }} {{ $panel->reckonedOn() }}</p>
        @endif
        @if ($ladder)
            {!! $panel->line($ladder, $show) !!}
        @endif
        <input type="hidden" name="shown[]" value="{{ $face }}" />
        <div class="mt-3 grid grid-cols-3 gap-x-5">
            <x-field :name="'tool_mark_um['.$face.']'" label="Tool marks, µm" hint="25 sheared, 80 usual, 200 torn">
                <input
                    class="w-full"
                    name="tool_mark_um[{{ $face }}]"
                    inputmode="decimal"
                    value="{{ old('tool_mark_um.'.$face, $show->bare($part->surface->toolMarkUm($face))) }}"
                />
            </x-field>
            <x-field :name="'stop_at['.$face.']'" label="Good enough at" hint="a grit; empty: as asked">
                <input
                    class="w-full"
                    name="stop_at[{{ $face }}]"
                    value="{{ old('stop_at.'.$face, $part->surface->stopAt[$face]->name ?? '') }}"
                />
            </x-field>
            <label class="self-center">
                <input type="checkbox" name="sanded[]" value="{{ $face }}" checked data-autosend /> sand it
            </label>
        </div>
    </div>
    <div>
        @if ($ladder)
            <p class="text-[1.12rem]">
                <b>{{ implode(', ', array_map($show->grit(...), $ladder->gritNames())) }}</b
                >: {{ $panel->minutes() }} min, {{ $ladder->discs() }} {{ Str::plural('disc', $ladder->discs()) }}.
                <span class="faint">{{ $panel->comparison() }}</span>
            </p>
            <table class="small mt-2">
                <thead>
                    <tr>
                        <th>Grit</th>
                        <th class="n">Scratch left</th>
                        <th class="n">Minutes</th>
                        <th class="n">Discs</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($ladder->steps as $step)
                        <tr>
                            <td>
                                {{ $show->grit($step->grit->name) }}
                                <span class="faint">{{ $show->plain($step->grit->micron) }} µm</span>
                            </td>
                            <td class="n">{{ number_format($step->scratchUm, 1) }} µm</td>
                            <td class="n">{{ number_format($step->minutes, 1) }}</td>
                            <td class="n">{{ $step->discs }}</td>
                        </tr>
                    @endforeach
                    @if ($ladder->alongGrainMinutes > 0)
                        <tr>
                            <td>along the grain, lathe stopped</td>
                            <td class="n"></td>
                            <td class="n">{{ number_format($ladder->alongGrainMinutes, 1) }}</td>
                            <td class="n"></td>
                        </tr>
                    @endif
                </tbody>
            </table>
            @foreach ($ladder->warnings as $warning)
                <p class="note note-warn">{{ $warning }}</p>
            @endforeach
        @endif
        <p class="small mt-2">{{ $panel->asked($show) }}</p>
        @if ($s->stopped)
            <p class="note note-warn">
                <strong>Never spinning.</strong> Its edge is broken all round: lathe stopped, a small disc in a drill.
            </p>
        @endif
        @if ($s->recutSavesMinutes)
            <p class="note"><strong>Cut it again first.</strong> {{ $panel->recut($show) }}</p>
        @endif
        @if (! $s->stopped && $s->tooSlowForPower())
            <p class="note note-warn">
                <strong>By hand here.</strong> The surface moves under {{ $panel->powerFloor($show) }}: a power disc has
                nothing to work against.
            </p>
        @endif
        <x-field :name="'own['.$face.']'" label="Your own way, grits with their scale" class="mt-5">
            <span class="flex gap-2">
                <input
                    class="w-full"
                    name="own[{{ $face }}]"
                    value="{{ old('own.'.$face, $panel->own) }}"
                    placeholder="P80, P180, P400 (empty: the shortest)"
                />
                <button class="press">Price it</button>
            </span>
        </x-field>
        @if ($s->own)
            <p>{{ $panel->yours() }}</p>
            @foreach ($s->own->faults as $fault)
                <p class="note note-warn">{{ $fault->message }}</p>
            @endforeach
            @foreach ($s->own->warnings as $warning)
                <p class="note note-warn">{{ $warning }}</p>
            @endforeach
        @endif
        <x-why kind="workshop"> {{ $panel->why($part) }} </x-why>
    </div>
</section>
