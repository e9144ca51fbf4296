@props(['page', 'panel', 'products'])
@use('HonestGrain\Piece\BuffWith')
@use('HonestGrain\Piece\CoatedWhen')
@use('HonestGrain\Piece\Sheen')
@php($piece = $page->piece)
@php($plan = $panel->plan)
@php($count = count($plan->coats))
<section
    class="mb-6 border-b border-rule pb-6"
    data-light="{{ implode(' ', HonestGrain\Geometry\Face::names($plan->zones)) }}"
    tabindex="-1"
>
    @foreach ($plan->zones as $zone)
        <span id="zone-{{ $zone->value }}" tabindex="-1"></span>
    @endforeach
    <div class="flex flex-wrap items-baseline gap-x-5">
        <h2>{{ mb_ucfirst($show->faces($plan->zones)) }}</h2>
        <p class="faint">{{ $panel->counted() }}</p>
        <div class="ml-auto flex flex-wrap items-baseline justify-end gap-x-5 gap-y-1">
            @foreach ([
            ['buff', say('pages.coat-plan.buff-or-rub-end'), say('pages.coat-plan.no'), BuffWith::cases(), $plan->buff],
            ['sheen', say('pages.coat-plan.sheen'), say('pages.coat-plan.comes'), Sheen::cases(), $plan->sheen],
            ...$page->mayCoatEarly($plan) ? [[
                'when', say('pages.coat-plan.its-outside'), say('pages.coat-plan.as-the-piece'), CoatedWhen::cases(),
                $plan->when,
            ]] : [],
        ] as [$asks, $label, $none, $choices, $chosen])
                <x-coat-form :page="$page" :panel="$panel">
                    <input type="hidden" name="do" value="{{ $asks }}" />
                    <label class="small">
                        <span class="faint">{{ $label }}</span>
                        <select name="{{ $asks }}" data-autosend id="{{ $asks }}-{{ $panel->index }}">
                            <option value="">{{ $none }}</option>
                            @foreach ($choices as $choice)
                                <option value="{{ $choice->value }}" @selected($chosen === $choice)>
                                    {{ $show->said($choice->label()) }}
                                </option>
                            @endforeach
                        </select>
                    </label>
                    <noscript><button>Save</button></noscript>
                </x-coat-form>
            @endforeach
            <x-coat-form :page="$page" :panel="$panel">
                <button class="quiet" name="do" value="unplan">Leave these bare</button>
            </x-coat-form>
        </div>
    </div>
    <div class="grid gap-x-10 lg:grid-cols-[120px_1fr]">
        {!! $show->drawn($panel->strata()) !!}
        <div class="overflow-x-auto">
            <table>
                <thead>
                    <tr>
                        <th>Coat</th>
                        <th>Rub down the coat below with</th>
                        <th class="n">Take</th>
                        <th class="pl-8">Next coat after</th>
                        <th>Handle after</th>
                        <th><span class="sr-only">Change it</span></th>
                    </tr>
                </thead>
                <tbody
                    x-data="coatOrder"
                    x-on:keydown="key"
                    x-on:dragstart="lift"
                    x-on:dragover="over"
                    x-on:dragend="drop"
                >
                    @foreach ($plan->coats as $i => $coat)
                        @foreach ($panel->objections($i) as $words)
                            <tr>
                                <td colspan="6" class="border-b-0">
                                    <p class="note note-warn my-1">
                                        <strong>{{ $words[0] }}.</strong> {{ $show->said($words[1]) }}
                                    </p>
                                </td>
                            </tr>
                        @endforeach
                        <tr data-coat="{{ $coat->id }}">
                            <td>
                                <span
                                    role="button"
                                    tabindex="0"
                                    class="route-grip no-print"
                                    draggable="true"
                                    title="Drag, or Alt with the arrow keys"
                                    aria-label="Move coat {{ $loop->iteration }}: Alt with arrow up or down"
                                    >⠿</span
                                >
                                <b>{{ $loop->iteration }}</b> {{ $show->said($coat->coating->name()) }}
                                @if ($coat->coating->fromLabel !== [])
                                    <span class="small">by your label</span>
                                @endif
                                <x-disclosure
                                    label="Film and later waits"
                                    is-faint
                                    class="small"
                                    id="coat-{{ $coat->id }}"
                                >
                                    <dl class="grid max-w-[26rem] grid-cols-[auto_1fr] gap-x-4">
                                        @foreach ($panel->later($i) as [$label, $figure])
                                            <dt class="faint">{{ $label }}</dt>
                                            <dd>{{ $figure }}</dd>
                                        @endforeach
                                    </dl>
                                    @foreach ($panel->fine($i) as $fine)
                                        <p class="faint">{{ mb_ucfirst($show->said($fine)) }}</p>
                                    @endforeach
                                </x-disclosure>
                            </td>
                            <td>
                                @if ($i > 0)
                                    <x-coat-form :page="$page" :panel="$panel" :coat="$coat->id">
                                        <input type="hidden" name="do" value="denib" />
                                        <select
                                            name="denib"
                                            aria-label="Rub coat {{ $i }} with"
                                            class="w-[190px]"
                                            data-autosend
                                            id="denib-{{ $coat->id }}"
                                        >
                                            <option value="">nothing</option>
                                            @foreach (HonestGrain\Coating\Denib::cases() as $denib)
                                                <option value="{{ $denib->value }}" @selected($coat->denib === $denib)>
                                                    {{ $show->said($denib->words()) }}
                                                </option>
                                            @endforeach
                                        </select>
                                        <noscript><button>Save</button></noscript>
                                    </x-coat-form>
                                @endif
                            </td>
                            <td class="n">{{ $show->quantity($panel->amounts[$i]) }}</td>
                            <td class="pl-8">{{ $panel->waits[$i]['recoat'] }}</td>
                            <td>{{ $panel->waits[$i]['handle'] }}</td>
                            <td class="n whitespace-nowrap">
                                <x-coat-form :page="$page" :panel="$panel" :coat="$coat->id">
                                    @if ($i > 0)
                                        <button
                                            class="quiet min-h-[26px] min-w-[26px] px-1"
                                            name="do"
                                            value="up"
                                            aria-label="Coat {{ $loop->iteration }} earlier"
                                        >
                                            ↑
                                        </button>
                                    @endif
                                    @if ($i + 1 < $count)
                                        <button
                                            class="quiet min-h-[26px] min-w-[26px] px-1"
                                            name="do"
                                            value="down"
                                            aria-label="Coat {{ $loop->iteration }} later"
                                        >
                                            ↓
                                        </button>
                                    @endif
                                    <button
                                        class="quiet min-h-[26px] min-w-[26px] px-1"
                                        name="do"
                                        value="remove"
                                        aria-label="Leave out coat {{ $loop->iteration }}"
                                    >
                                        Leave out
                                    </button>
                                </x-coat-form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($panel->strip() !== '')
                <p class="mt-3">{{ $panel->told() }}</p>
                {!! $show->drawn($panel->strip()) !!}
            @endif
            @foreach ($panel->stack->notes as $note)
                <p class="note note-warn">
                    <strong>{{ $show->said($note->verdict->words()) }}.</strong>
                    {{ $show->said("$note->reason $note->mend") }}
                </p>
            @endforeach
            @foreach ($panel->warnings as $warning)
                <p class="note note-warn">{{ $show->said($warning) }}</p>
            @endforeach
            <x-coat-form :page="$page" :panel="$panel" class="mt-3 flex flex-wrap items-end gap-3">
                <label class="small">
                    <span class="faint">Add a coat of</span>
                    <select name="product">
                        @foreach ($products as $product)
                            <option value="{{ $product }}" @selected($product === $panel->lastProduct())>
                                {{ $show->product($product) }}
                            </option>
                        @endforeach
                    </select>
                </label>
                @if ($count > 0)
                    <label class="small">
                        <span class="faint">Where</span>
                        <select name="under">
                            <option value="">over all others</option>
                            @foreach ($plan->coats as $coat)
                                <option value="{{ $coat->id }}">{{ $panel->under($loop->iteration, $coat) }}</option>
                            @endforeach
                        </select>
                    </label>
                @endif
                <button class="press" name="do" value="add">Add it</button>
            </x-coat-form>
            <x-coat-form :page="$page" :panel="$panel" class="coat-place" hidden>
                <input type="hidden" name="coat" /><input type="hidden" name="under" />
                <button name="do" value="place">Move the coat</button>
            </x-coat-form>
            @if ($count > 0 && $page->core?->hasParts())
                <x-coat-form :page="$page" :panel="$panel" class="mt-2 flex flex-wrap items-end gap-3">
                    <label class="small">
                        <span class="faint">Put the same coats on</span>
                        <select name="to">
                            @foreach ($page->otherParts() as $id => $name)
                                <option value="{{ $id }}">{{ $name }}</option>
                            @endforeach
                        </select>
                    </label>
                    <button class="quiet" name="do" value="copy">Copy them</button>
                    <x-refused name="to" class="warn" />
                </x-coat-form>
            @endif
            <x-why kind="workshop">
                {{ $panel->why() }} The verdicts follow from solvent, cure, wax and film. Your label replaces any
                figure: <a href="{{ route('shelf') }}">Shelf</a>. Food and water only when fully cured, and only as the
                product's own label and your local rule allow.
            </x-why>
        </div>
    </div>
</section>
