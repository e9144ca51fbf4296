@use('App\View\MixKind')
@use('HonestGrain\Words\Unit')
@php($mix = $page->isRatioKnown() ? $page->mix() : null)
<x-layout title="Mix" section="bench">
    <div class="page hands grid gap-x-16 gap-y-6 lg:grid-cols-[1fr_1fr]">
        <section aria-labelledby="cup-title">
            <p><a href="{{ route('bench') }}">Bench</a></p>
            <h1 id="cup-title" class="mt-3 text-[2.4rem] leading-[1.1]">
                {{ $show->volume($page->ml()) }} of {{ mb_lcfirst($show->product($page->coating->class)) }}
            </h1>
            @if ($mix === null)
                <p class="note note-warn">
                    <strong>How much resin to how much hardener?</strong> Type it as the tin has it, beside.
                </p>
            @else
                @if ($page->kind !== MixKind::AsItIs)
                    <table class="mt-5 text-[1.6rem]">
                        <tbody>
                            @foreach ($mix->items as $item)
                                @if ($item['ml'] !== 0.0)
                                    <tr>
                                        <td>{{ mb_ucfirst($show->said($item['name'])) }}</td>
                                        <td class="n">
                                            <b>{{ $item['ml'] === null ? '' : $show->volume($item['ml']) }}</b>
                                        </td>
                                        <td class="n">
                                            {{ $item['g'] === null ? '' : $show->weighed(round($item['g'], 1)) }}
                                        </td>
                                    </tr>
                                @endif
                            @endforeach
                        </tbody>
                    </table>
                @endif
                @foreach ($show->step($step)->how() as $line)
                    <p class="mt-1 text-[1.18rem]">{{ $line }}</p>
                @endforeach
                @if ($page->kind === MixKind::Hastened)
                    @foreach (lines('pages.cup.mist') as $line)
                        <p class="mt-1 text-[1.18rem]">{{ $line }}</p>
                    @endforeach
                @endif
                @if ($mix->batches > 1)
                    <p class="note note-warn">
                        <strong>In {{ $mix->batches }} cups, one after the other.</strong> All at once would set before
                        it is used up.
                    </p>
                @endif
                @if ($page->potLife() !== null)
                    <p class="mt-4 text-[1.3rem]">
                        It can be worked for
                        <b>{{ $show->minutes($page->potLife()) }}</b>
                        at {{ $show->temperature(round($page->tempC, 1)) }}.
                    </p>
                @endif
                @if ($page->kind->isCupped() || $page->potLife() !== null)
                    <form
                        method="post"
                        action="{{ route('cup', $step) }}"
                        class="mt-3"
                        data-live
                        data-press="mixed"
                        data-says="{{ $show->pieceStep($step) }}"
                    >
                        @csrf
                        <x-once />
                        @foreach ($page->fields() as $field => $value)
                            @foreach ((array) $value as $one)
                                <input
                                    type="hidden"
                                    name="{{ is_array($value) ? "{$field}[]" : $field }}"
                                    value="{{ $one }}"
                                />
                            @endforeach
                        @endforeach
                        <button class="press press-main press-big">
                            @if ($page->potLife() !== null)
                                Mixed: start the pot’s clock
                            @else
                                Mixed: take it off the tin
                            @endif
                        </button>
                    </form>
                @endif
            @endif
            <x-why kind="workshop">{{ $show->said($page->why()) }}</x-why>
        </section>
        <form method="get" action="{{ route('cup', $step) }}">
            <h2>For</h2>
            @foreach ($page->steps as $one)
                <label class="check w-full border-b border-rule">
                    <input
                        type="checkbox"
                        name="steps[]"
                        value="{{ $one->id }}"
                        @checked(in_array($one->id, $page->chosen, true))
                    />
                    <span class="grow">
                        <b>{{ $one->piece->name }}</b>: {{ $show->said($one->title) }}
                        @if ($one->opens_at?->isFuture())
                            <span class="faint">from {{ $show->dayTime($one->opens_at) }}</span>
                        @endif
                    </span>
                    <b class="whitespace-nowrap">{{ $show->volume($one->details->amount->ml()) }}</b>
                </label>
            @endforeach
            <h2 class="mt-5">As the tin says</h2>
            <div class="mt-2 grid grid-cols-2 gap-x-6">
                <x-field name="by_kind" label="It is mixed"
                    ><select class="w-full" name="by_kind" data-autosend>
                        @foreach (MixKind::of($page->coating) as $kind)
                            <option value="{{ $kind->value }}" @selected($page->kind === $kind)>
                                {{ $kind->word() }}
                            </option>
                        @endforeach</select
                ></x-field>
                @if ($page->kind === MixKind::Thinned)
                    <x-number
                        name="thinner"
                        label="Its own thinner, %"
                        :value="$page->tin->thinnerPercent"
                        class="w-full"
                    />
                @elseif ($page->kind === MixKind::TwoPart)
                    <span></span>
                    <x-number name="resin" label="Resin, parts" :value="$page->tin->resin ?: null" class="w-full" />
                    <x-number name="hardener" label="Hardener, parts" :value="$page->tin->hardener" class="w-full" />
                    <x-field name="by" label="Parts by"
                        ><select class="w-full" name="by">
                            <option value="volume">volume</option>
                            <option value="mass" @selected($page->tin->byMass)>weight</option>
                        </select></x-field
                    ><span></span>
                    <x-number
                        name="resin_density"
                        label="Resin, g to the mL"
                        :value="$page->tin->densities[0] ?? null"
                        class="w-full"
                    />
                    <x-number
                        name="hardener_density"
                        label="Hardener, g to the mL"
                        :value="$page->tin->densities[1] ?? null"
                        class="w-full"
                    />
                    <x-number name="pot_life" label="Pot life, min" :value="$page->labelLife" class="w-full" />
                    <x-number
                        name="cup_temp"
                        :label="say('pages.cup.temp', ['unit' => $show->unit(Unit::Temperature)])"
                        :value="$show->field(Unit::Temperature, round($page->tempC, 1))"
                        class="w-full"
                    />
                @endif
            </div>
            <button class="press press-main">Work it out</button>
        </form>
    </div>
</x-layout>
