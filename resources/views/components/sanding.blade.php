@props(['panel', 'ways', 'isPriced' => false])
@php($s = $panel->sanding)
@php($face = $s->face->value)
@php($rungs = $panel->rungs())
<section
    class="grid gap-x-12 border-t border-rule py-5 lg:grid-cols-[minmax(0,580px)_minmax(min-content,1fr)]"
    id="zone-{{ $face }}"
    data-light="{{ $face }}"
    tabindex="-1"
>
    <div>
        <h2>
            {{ mb_ucfirst($show->said($s->face->said())) }}
            <span class="faint font-sans text-base font-normal">{{ $panel->place() }}</span>
        </h2>
        @if ($s->missing)
            <p class="note note-warn">
                @if ($s->borrowed)
                    <strong>Nothing to sand with.</strong>
                @else
                    <strong>Your abrasives do not get there.</strong>
                @endif
                {{ $panel->missing() }}
                <a href="{{ route('shelf') }}">Look at the shelf</a>
            </p>
        @endif
        @if ($s->unpriced)
            <p class="note note-warn">
                <strong>Not priced.</strong> {{ $show->said($s->unpriced) }} {{ $panel->reckonedOn() }}
            </p>
        @endif
        @if ($rungs !== [])
            {!! $show->drawn($panel->line()) !!}
        @endif
        <input type="hidden" name="shown[]" value="{{ $face }}" />
        <div class="mt-3 grid grid-cols-2 gap-x-5">
            <x-field :name="'cut['.$face.']'" label="The tool left it">
                <x-choose
                    name="cut[{{ $face }}]"
                    :options="$panel->cuts()"
                    :chosen="$panel->cut()"
                    id="cut-{{ $face }}"
                    data-autosend
                />
            </x-field>
            <x-field :name="'method['.$face.']'" label="Sanded">
                <x-choose
                    name="method[{{ $face }}]"
                    :options="$panel->methods()"
                    :chosen="$panel->plan->method?->value ?? ''"
                    id="method-{{ $face }}"
                    data-autosend
                />
            </x-field>
            <x-field :name="'uses['.$face.']'" label="It is for">
                <x-choose
                    name="uses[{{ $face }}]"
                    :options="$panel->uses()"
                    :chosen="$panel->plan->use?->value ?? ''"
                    id="uses-{{ $face }}"
                    data-autosend
                />
            </x-field>
        </div>
        <div class="grid grid-cols-4 gap-x-5">
            <x-number
                :name="'tool_mark_um.'.$face"
                label="Marks, µm"
                hint="empty: as cut"
                :value="$show->bare($panel->plan->cut->markUm)"
                class="w-full"
                placeholder="{{ $show->bare($s->job->deepestUm()) }}"
                id="tool-mark-{{ $face }}"
                data-autosend
            />
            <x-field :name="'stop_at['.$face.']'" label="Stop at" hint="empty: what the finish needs">
                <input
                    class="w-full"
                    name="stop_at[{{ $face }}]"
                    value="{{ old('stop_at.'.$face, $panel->plan->stopAt->name ?? '') }}"
                    id="stop-at-{{ $face }}"
                    data-autosend
                />
            </x-field>
            <x-field :name="'wet['.$face.']'" label="Paper">
                <x-choose
                    name="wet[{{ $face }}]"
                    :options="$panel->lubricants()"
                    :chosen="$panel->plan->wet?->value ?? ''"
                    id="wet-{{ $face }}"
                    data-autosend
                />
            </x-field>
            <div class="small grid content-center gap-1">
                <label>
                    <input type="checkbox" name="sanded[]" value="{{ $face }}" checked data-autosend /> sand it
                </label>
                @if ($panel->isBare())
                    <label>
                        <input
                            type="checkbox"
                            name="for_use[]"
                            value="{{ $face }}"
                            @checked($panel->plan->isForUse)
                            data-autosend
                        />
                        bare, for use
                    </label>
                @endif
            </div>
        </div>
        @if ($panel->torn() !== '')
            <p class="note">{{ $panel->torn() }}</p>
        @endif
        <p class="small faint">{{ $panel->leaves() }}</p>
        @if ($s->way->objection)
            <p class="note note-warn">
                <strong>Other ways do not work here:</strong> {{ $show->said($s->way->objection) }}.
            </p>
        @endif
        @if ($panel->whyNot() !== [])
            <x-disclosure label="Why not another way" class="small mt-1">
                <ul class="faint mt-1">
                    @foreach ($panel->whyNot() as $why)
                        <li>{{ $why }}</li>
                    @endforeach
                </ul>
            </x-disclosure>
        @endif
    </div>
    <div>
        @if ($rungs !== [])
            <p class="text-[1.12rem]">
                <b>{{ $panel->grits() }}</b>: {{ $panel->takes() }}
                <span class="faint">{{ $panel->comparison() }}</span>
            </p>
            <table class="small mt-2">
                <thead>
                    <tr>
                        <th>Grit</th>
                        <th class="n">Scratch left</th>
                        <th class="n">Minutes</th>
                        <th class="n">Discs</th>
                        <th class="pl-4">Then</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rungs as $rung)
                        <tr>
                            <td>
                                {{ $show->grit($rung->grit->name) }}
                                <span class="faint">{{ $panel->grain($rung) }}</span>
                            </td>
                            <td class="n">{{ number_format($rung->scratchUm, 1) }} µm</td>
                            <td class="n">{{ number_format($rung->minutes, 1) }}</td>
                            <td class="n">{{ $rung->discs }}</td>
                            <td class="pl-4"><x-wiped :panel="$panel" :grit="$rung->grit->name" /></td>
                        </tr>
                    @endforeach
                    @foreach ($panel->wipedElsewhere() as $grit)
                        <tr>
                            <td colspan="4" class="faint">
                                {{ $show->grit($grit) }}, not among them: after the one before
                            </td>
                            <td class="pl-4"><x-wiped :panel="$panel" :grit="$grit" /></td>
                        </tr>
                    @endforeach
                    @if ($s->job->alongGrainMinutes() > 0)
                        <tr>
                            <td>along the grain, lathe stopped</td>
                            <td class="n"></td>
                            <td class="n">{{ number_format($s->job->alongGrainMinutes(), 1) }}</td>
                            <td class="n"></td>
                            <td></td>
                        </tr>
                    @endif
                </tbody>
            </table>
            @foreach (($s->own ?? $s->best)->warnings ?? [] as $warning)
                <p class="note note-warn">{{ $show->said($warning) }}</p>
            @endforeach
        @endif
        <p class="small mt-2">{{ $panel->asked() }}</p>
        @if ($s->way->isThin)
            <p class="note note-warn">
                <strong>Thin.</strong> The wall heats through and checks: light, moving, nothing driven.
            </p>
        @endif
        @foreach ($panel->advice() as $advice)
            <p class="note"><strong>Cut it again first.</strong> {{ $advice }}</p>
        @endforeach
        @if (! $s->stopped() && $s->tooSlowForPower())
            <p class="note note-warn">
                <strong>By hand here.</strong> The surface moves under {{ $panel->powerFloor() }}: a power disc has
                nothing to work against.
            </p>
        @endif
        <x-field :name="'own['.$face.']'" label="Your own grits, with their scale" class="mt-4" :for="'own-'.$face">
            <span class="flex gap-2">
                <input
                    class="w-full"
                    name="own[{{ $face }}]"
                    value="{{ old('own.'.$face, $panel->own()) }}"
                    placeholder="P80, P180, P400 (empty: the shortest)"
                    id="own-{{ $face }}"
                    data-autosend
                />
                <button class="press">Price it</button>
            </span>
        </x-field>
        @if ($s->own)
            <p>{{ $panel->yours() }}</p>
            @foreach ($s->own->faults as $fault)
                <p class="note note-warn">{{ $show->said($fault->message) }}</p>
            @endforeach
        @endif
        <x-disclosure label="Other ways, priced here" class="small mt-2" id="habits-{{ $face }}" :open="$isPriced">
            @if (! $isPriced)
                <a href="{{ $ways }}" data-later>Price them</a>
            @else
                <table class="mt-1" data-later>
                    <thead>
                        <tr>
                            <th>Way</th>
                            <th>Grits</th>
                            <th class="n">Minutes</th>
                            <th class="n">Discs</th>
                            <th class="n">Cost</th>
                            <th class="n">Left</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($panel->habits() as [$way, $grits, $minutes, $discs, $cost, $scratch, $said])
                            <tr>
                                <td>
                                    {{ $way }}
                                    @foreach ($said as $words)
                                        <span class="faint block">{{ $words }}</span>
                                    @endforeach
                                </td>
                                <td>{{ $grits }}</td>
                                <td class="n">{{ $minutes }}</td>
                                <td class="n">{{ $discs }}</td>
                                <td class="n">{{ $cost === '' ? '–' : $cost }}</td>
                                <td class="n">{{ $scratch }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </x-disclosure>
        <x-why kind="workshop"> {{ $panel->why() }} </x-why>
    </div>
</section>
