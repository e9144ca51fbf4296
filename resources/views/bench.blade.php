@use('HonestGrain\Words\Unit')
@php($step = $board->now)
<x-layout title="Bench" section="bench">
    <div
        class="hands mx-auto grid max-w-[1440px] lg:min-h-[calc(100vh-60px)] lg:grid-cols-[1.28fr_1fr]"
        data-stamp="{{ $stamp }}"
        data-changes="{{ $board->changesAt() }}"
        data-keep="{{ json_encode($keep) }}"
    >
        <section
            id="bench-now"
            class="px-4 pt-4 pb-10 sm:px-[40px] sm:pt-6 lg:border-r lg:border-ink"
            aria-labelledby="now-title"
        >
            <x-plan-news />
            @if ($board->trouble)
                <div class="note note-warn">
                    <strong>No dates can be worked out.</strong> {{ $show->said($board->trouble) }}
                    <a href="{{ route('shop') }}">Look at the hours under Shop.</a>
                </div>
            @endif
            @if ($step === null)
                <h1 id="now-title" class="text-[2.2rem]">
                    @if ($board->empty)
                        Nothing on the bench yet
                    @else
                        Nothing to do right now
                    @endif
                </h1>
                <p class="mt-3 max-w-[50ch] text-[1.15rem]">{{ $board->whyNothing() }}</p>
                <a href="{{ route('pieces.create') }}" class="press press-main press-big mt-6">Draw a piece</a>
            @else
                @php($words = $show->step($step))
                <p class="faint" data-read-aloud>
                    {{ $board->whenNow($show) }}
                    @if ($board->clock?->countsFrom() !== null)
                        · clock at
                        <b
                            class="text-ink"
                            data-since="{{ $board->clock->countsFrom() }}"
                            data-signals="{{ $board->signals($show) }}"
                        ></b>
                        <span id="clock-says" class="warn" role="status"></span>
                    @endif
                </p>
                <h1 id="now-title" class="mt-1 text-[2.4rem] leading-[1.1]" data-read-aloud>
                    <a href="{{ route('pieces.route', $step->piece_id) }}" class="text-ink no-underline hover:underline"
                        >{{ $step->piece->name }}:</a
                    >
                    {{ $show->said($step->title) }}
                </h1>
                @if ($first = $board->first)
                    <p class="warn mt-2 text-[1.3rem]" data-read-aloud>
                        <b>{{ $first->piece->name }}</b> is still mounted. First: {{ $show->said($first->title) }}
                    </p>
                @endif
                @if ($board->until() !== null)
                    <div class="text-[2.4rem] leading-[1.15]" data-read-aloud>
                        <span class="faint">begin by</span>
                        {{ $show->dayTime($board->until()) }}
                        @if ($board->until()->lt(now()->addDay()))
                            <span data-until="{{ $board->until()->timestamp }}" data-tells="closes"></span>
                        @endif
                    </div>
                @endif
                <div class="hands-row mt-4">
                    <x-done :step="$step" look="press press-main press-big" id="done" key="d" />
                    @if ($board->clock?->countsFrom() !== null)
                        <x-step-form :$step to="stop" press="Stop the clock" look="press press-big" key="s" data-live>
                            <x-once />
                        </x-step-form>
                    @else
                        <x-step-form :$step to="start" press="Start the clock" look="press press-big" key="s" data-live>
                            <x-once />
                        </x-step-form>
                    @endif
                    @if ($step->isMixed())
                        <a class="press press-big" data-key="m" href="{{ route('cup', $step) }}">Mix it</a>
                    @endif
                    @if ($board->readyCount > 1)
                        <a class="press press-big" data-key="n" href="{{ $next }}">Next piece</a>
                    @endif
                    @if ($step->details->abrading)
                        <a
                            class="press press-warn press-big"
                            data-key="g"
                            href="{{ route('steps.wrong', [$step, 'kind' => 'scratches']) }}"
                            >Scratches still show</a
                        >
                    @endif
                    <a class="press press-warn press-big" data-key="w" href="{{ route('steps.wrong', $step) }}"
                        >Something is wrong</a
                    >
                </div>
                <div class="mt-5 grid items-center gap-8 sm:grid-cols-[1fr_1.15fr]">
                    <div class="piece-art bench-art max-w-[330px]">{!! $show->drawn($board->drawing()) !!}</div>
                    <div class="text-[1.18rem] leading-snug">
                        <div data-read-aloud>
                            <p>{{ $words->hold() }}</p>
                            @foreach (array_filter([$words->taking(), ...$words->how()]) as $line)
                                <p class="mt-1">{{ $line }}</p>
                            @endforeach
                        </div>
                        <p class="faint small mt-2">{{ $show->said($step->details->because) }}</p>
                        <x-why kind="workshop">
                            <x-slot:first>
                                @foreach ($step->details->reckoning as $line)
                                    <p>{{ $show->said($line) }}</p>
                                @endforeach
                            </x-slot:first>
                            {{ $words->why() }}
                        </x-why>
                    </div>
                </div>
                <x-looks :$step :$looks />
                <details class="mt-4" id="otherwise" data-key="o" @if ($step->asksForWeight()) open @endif>
                    <summary class="inline-block py-2 text-act underline underline-offset-4">
                        Done at another time, skip, or note
                    </summary>
                    <div class="mt-2 flex flex-wrap gap-8">
                        <x-step-form :$step to="done" press="Log it" is-big data-live enctype="multipart/form-data">
                            <x-field name="at" label="Done at"
                                ><input
                                    type="datetime-local"
                                    name="at"
                                    value="{{ old('at', $show->fieldTime(now())) }}"
                                    required
                            /></x-field>
                            <x-field name="minutes" label="Minutes it took (if you know)"
                                ><input
                                    type="number"
                                    name="minutes"
                                    min="0"
                                    max="2400"
                                    step="1"
                                    value="{{ old('minutes') }}"
                            /></x-field>
                            @error('found')
                                <x-found />
                            @enderror
                            @if ($step->details->amount)
                                <x-number
                                    name="amount"
                                    :label="say('pages.bench.used', ['unit' => $step->details->amount->unit->value])"
                                />
                            @endif
                            @if ($step->details->abrading)
                                <x-field name="discs_used" :label="$board->discsAsked()"
                                    ><input
                                        type="number"
                                        name="discs_used"
                                        min="0"
                                        max="999"
                                        step="1"
                                        value="{{ old('discs_used') }}"
                                /></x-field>
                            @endif
                            @if ($step->asksForWeight())
                                <x-number
                                    name="weight"
                                    :label="say('pages.bench.weighs', ['unit' => $show->unit(Unit::Mass)])"
                                />
                                <x-photograph label="Photograph" />
                            @endif
                        </x-step-form>
                        <x-step-form :$step to="skip" press="Skip it" is-big data-live>
                            <x-field name="reason" label="Skip, because"
                                ><input name="reason" required maxlength="500" value="{{ old('reason') }}"
                            /></x-field>
                        </x-step-form>
                        <x-step-form :$step to="note" press="Note it" is-big data-live
                            ><x-once />
                            <x-field name="body" label="Note"><input name="body" required maxlength="1000" /></x-field>
                        </x-step-form>
                    </div>
                </details>
                @if ($byGrit !== [])
                    <div class="note" id="grit-by-grit">
                        <strong>In one go, grit by grit.</strong>
                        @foreach ($byGrit as $grit => $faces)
                            <span class="whitespace-nowrap"
                                ><b>{{ $show->grit($grit) }}</b>
                                {{ $show->faces($faces) }}{{ $loop->last ? '.' : ';' }}</span
                            >
                        @endforeach
                    </div>
                @endif
                @foreach ($oldTins as $old)
                    <p class="note note-warn" data-read-aloud>
                        <strong>{{ $old['name'] }}: {{ $old['open'] }}.</strong> {{ $old['says'] }}
                    </p>
                @endforeach
                @foreach ($step->details->hazards as $hazard)
                    <p class="note note-warn" data-read-aloud>
                        <strong>{{ $show->said($hazard->title()) }}.</strong> {{ $show->said($hazard->says()) }}
                    </p>
                @endforeach
                <x-together :$step :others="$board->together" />
                <h2 class="faint mt-6 font-sans text-base font-normal">Then</h2>
                <div class="overflow-x-auto">
                    <table class="text-[1.08rem]">
                        <tbody>
                            @forelse ($board->ready as $next)
                                <tr>
                                    <th scope="row">
                                        <a
                                            class="text-ink no-underline hover:underline"
                                            href="{{ route('pieces.route', $next->piece_id) }}"
                                            ><b>{{ $next->piece->name }}</b>: {{ $show->said($next->title) }}</a
                                        >
                                    </th>
                                    <td class="n faint">
                                        {{ $next->start_at ? $show->dayTime($next->start_at) : '' }}
                                    </td>
                                    <td class="n">{{ $show->minutes($next->minutes) }}</td>
                                    <td class="n"><x-done :step="$next" look="press" /></td>
                                </tr>
                            @empty
                                <tr>
                                    <td class="faint">Nothing else is ready for hands.</td>
                                </tr>
                            @endforelse
                        </tbody>
                    </table>
                </div>
            @endif
        </section>
        <section id="bench-side" class="px-4 pt-6 pb-10 sm:px-[40px]" aria-label="Waiting">
            @if ($scuffed !== [])
                <p class="note mb-6" data-read-aloud>{{ say('pages.bench.scuffed-first', ['pieces' => $scuffed]) }}</p>
            @endif
            @foreach ($colder as $one)
                <div class="note note-warn mb-6" data-read-aloud>
                    <strong>{{ $one->air }}: {{ say('pages.bench.colder-than', $show->apart($one)) }}</strong>
                    {{ say('pages.bench.colder', ['coats' => $one->coats, 'times' => $one->times]) }}
                    <a class="inline-block py-1" href="{{ route('climate', ['air' => $one->airId]) }}#warm-it"
                        >Warm it</a
                    >
                </div>
            @endforeach
            <x-cups :$cups />
            <x-clocks :$clocks :$pieces :piece="$step?->piece_id" />
            @if ($workers->count() > 1)
                <nav class="tabs no-print mb-4" aria-label="Whose bench">
                    @foreach ($workers as $worker)
                        <a
                            href="{{ route('bench', ['hands' => $worker->id]) }}"
                            @if ($worker->id === $board->worker?->id) aria-current="page" @endif
                            >{{ $worker->name }}</a
                        >
                    @endforeach
                    <a
                        href="{{ route('bench', ['hands' => 'all']) }}"
                        @if ($board->worker === null) aria-current="page" @endif
                        >Everybody</a
                    >
                </nav>
            @endif
            <h2 class="faint font-sans text-base font-normal">Today, or something is late</h2>
            <div class="hands-lines mt-3">
                @forelse ($board->musts as $must)
                    <p class="text-[1.25rem] leading-snug">
                        <a class="text-ink" href="{{ route('pieces.route', $must->step->piece_id) }}"
                            ><b>{{ $must->step->piece->name }}</b></a
                        >: {{ $show->said($must->step->title) }}, {{ $must->says() }}
                        @if ($must->by !== null)
                            <b @class(['warn' => $must->isPast()])>{{ $show->time($must->by) }}</b>
                        @endif
                        @if ($must->counts() !== null)
                            <span data-until="{{ $must->counts() }}" data-tells="closes"></span>
                        @endif
                    </p>
                @empty
                    <p class="text-[1.1rem]">Nothing has to be done today.</p>
                @endforelse
            </div>
            @if ($board->putOff->isNotEmpty())
                <h2 class="faint mt-6 font-sans text-base font-normal">No longer today</h2>
                <div id="put-off">
                    @foreach ($board->putOff->take($board::PUT_OFF) as $later)
                        <p class="text-[1.1rem]">
                            <a class="text-ink" href="{{ route('pieces.route', $later->piece_id) }}"
                                ><b>{{ $later->piece->name }}</b></a
                            >: {{ $show->said($later->title) }}, now
                            <b>{{ $show->dayTime($later->start_at) }}</b>
                        </p>
                    @endforeach
                </div>
                @if ($board->putOff->count() > $board::PUT_OFF)
                    <p class="small mt-1">
                        <a href="{{ route('weeks') }}"
                            >and {{ $board->putOff->count() - $board::PUT_OFF }} more on Weeks</a
                        >
                    </p>
                @endif
            @endif
            @if ($board->held->isNotEmpty())
                <h2 class="faint mt-6 font-sans text-base font-normal">Held back</h2>
                @foreach ($board->held as $held)
                    <p class="text-[1.1rem]">
                        <b>{{ $held->name }}</b>: something is wrong.
                        <a href="{{ route('pieces.mend', $held) }}">Choose what to do</a>
                    </p>
                @endforeach
            @endif
            <h2 class="faint mt-6 font-sans text-base font-normal">Waiting</h2>
            <table class="waiting">
                <tbody>
                    @forelse ($board->waiting as $wait)
                        <tr>
                            <th scope="row" class="w-[44%]">
                                <a
                                    class="text-ink no-underline hover:underline"
                                    href="{{ route('pieces.route', $wait->piece_id) }}"
                                    ><b>{{ $wait->piece->name }}</b></a
                                ><br /><span class="faint small">then: {{ $show->said($wait->title) }}</span>
                            </th>
                            <td class="hidden w-[110px] sm:table-cell">{!! $show->drawn($board->bar($wait)) !!}</td>
                            <td class="n">
                                from {{ $show->dayTime($wait->opens_at) }}<br /><span
                                    class="faint small"
                                    data-until="{{ $wait->opens_at->timestamp }}"
                                ></span>
                            </td>
                        </tr>
                    @empty
                        <tr>
                            <td class="faint">Nothing is drying.</td>
                        </tr>
                    @endforelse
                </tbody>
            </table>
            @if ($board->waitElsewhere() > 0)
                <p class="small mt-1">
                    <a href="{{ route('weeks') }}">and {{ $board->waitElsewhere() }} more on Weeks</a>
                </p>
            @endif
            @if ($board->lately->isNotEmpty())
                <h2 class="faint mt-6 font-sans text-base font-normal">
                    Lately <a class="ml-2" href="{{ route('log') }}">the whole log</a>
                </h2>
                @foreach ($board->lately as $entry)
                    <p class="small border-b border-rule py-1.5">
                        <span class="faint">{{ $show->dayTime($entry->happened_at) }}</span>
                        <b>{{ $entry->piece?->name }}</b> {{ $board->says($entry, $show) }}
                    </p>
                @endforeach
            @endif
        </section>
    </div>
    <x-keys />
</x-layout>
