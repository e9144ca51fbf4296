<x-layout title="Grit lab" section="shelf">
    <form method="get" action="{{ route('lab') }}" class="page" id="lab" x-data="gritLab" data-rgb="{{ $rgb }}">
        <input type="hidden" name="u" value="{{ $show->system() }}" />
        <input type="hidden" name="seed" value="{{ $question->seed }}" />
        <header class="flex flex-wrap items-baseline gap-x-6">
            <h1>Grit lab</h1>
            <p class="faint"><x-termed>Try sheets on wood that nobody has to spend. {{ $told }}</x-termed></p>
        </header>
        <div class="mt-4 grid gap-x-5 md:grid-cols-5">
            <x-field name="wood" label="Wood" :hint="$hardness">
                <x-choose name="wood" :options="$show->woods($woods)" :chosen="$question->wood" id="lab-wood" />
            </x-field>
            <x-field
                name="cut"
                label="The tool left it"
                :hint="say('pages.lab.deep', ['um' => $show->plain($job->deepestUm())])"
            >
                <select class="w-full" name="cut" id="lab-cut">
                    @foreach ($cuts as $cut)
                        <option value="{{ $cut->value }}" @selected($cut === $question->cut)>
                            {{ $show->said($cut->label()) }}
                        </option>
                    @endforeach
                </select>
            </x-field>
            <x-field name="asked" label="Then comes">
                <select class="w-full" name="asked" id="lab-asked">
                    @foreach ($finishes as $finish)
                        <option value="{{ $finish->value }}" @selected($finish === $question->finish)>
                            {{ $show->said($finish->label()) }}
                        </option>
                    @endforeach
                </select>
            </x-field>
            <x-number
                name="area"
                :label="say('pages.lab.area', ['unit' => $show->unit(HonestGrain\Words\Unit::Area)])"
                :value="$show->field(HonestGrain\Words\Unit::Area, $question->areaCm2)"
                class="w-full"
                id="lab-area"
            />
            <x-number
                name="speed"
                :label="say('pages.lab.surface-speed', ['unit' => $show->unit(HonestGrain\Words\Unit::Speed)])"
                :value="$show->field(HonestGrain\Words\Unit::Speed, $question->speedMPerS)"
                class="w-full"
                id="lab-speed"
            />
        </div>
        <div class="mt-1 grid items-start gap-x-10 lg:grid-cols-[1fr_200px_240px]">
            <div>
                <section class="mt-1 flex flex-wrap items-center gap-2" aria-label="Sheets to drag in">
                    <span class="faint mr-1">Your sheets:</span>
                    @foreach ($shelf as $grit)
                        <button
                            type="button"
                            class="sheet"
                            draggable="true"
                            data-sheet="{{ $grit->name }}"
                            title="{{ $show->plain($grit->micron) }} µm"
                            aria-label="{{ $show->grit($grit->name) }}, into the plan chosen last"
                        >
                            {{ $show->grit($grit->name) }}
                        </button>
                    @endforeach
                    @if ($shelf === [])
                        <span>none; <a href="{{ route('shelf') }}">put some on the shelf</a>, or type them below.</span>
                    @endif
                </section>
                @if ($least !== [])
                    <p class="faint mt-2">
                        Least from your shelf:
                        <b class="text-ink">{{ implode(', ', array_map($show->grit(...), $least)) }}</b>
                    </p>
                @endif
            </div>
            <x-field name="pass" label="Looked at after">
                <select class="w-full" name="pass" id="lab-pass">
                    <option value="" @selected($question->pass === null)>the last of each</option>
                    @for ($i = 0; $i < max(array_map(fn ($plan) => count($plan->passes()), $plans)); $i++)
                        <option value="{{ $i }}" @selected($question->pass === $i)>
                            {{ $i === 0 ? say('pages.lab.tool') : say('pages.lab.sheet', ['i' => $i]) }}
                        </option>
                    @endfor
                </select>
            </x-field>
            <x-field name="light" label="Raking light, degrees over the wood">
                <input
                    class="w-full"
                    type="range"
                    min="2"
                    max="45"
                    step="1"
                    name="light"
                    id="lab-light"
                    value="{{ old('light', $question->lightDeg) }}"
                />
            </x-field>
        </div>
        <div class="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-2">
            @foreach ($plans as $plan)
                <section class="min-w-0 border-t border-ink pt-3" data-plan="{{ $plan->key }}">
                    <div class="flex items-baseline gap-4">
                        <h2>Plan {{ strtoupper($plan->key) }}</h2>
                        <b class="text-[1.12rem]">{{ $plan->takes() }}</b>
                    </div>
                    <p @class(['mt-1 lg:min-h-[3.2rem]', 'warn' => ! $plan->isClean()]) data-verdict>
                        {{ $plan->verdict() }}
                    </p>
                    <div class="sheets mt-2" data-drop="{{ $plan->key }}">
                        @foreach ($plan->grits as $i => $grit)
                            <button
                                type="button"
                                class="sheet"
                                draggable="true"
                                data-at="{{ $i }}"
                                data-sheet="{{ $grit->name }}"
                                aria-label="{{ $show->grit($grit->name) }} ×, out of plan {{ strtoupper($plan->key) }}"
                            >
                                {{ $show->grit($grit->name) }} <span aria-hidden="true">×</span>
                            </button>
                        @endforeach
                    </div>
                    <x-field
                        :name="$plan->key"
                        label="Sheets in order, with their scale"
                        class="mt-2"
                        :for="'plan-'.$plan->key"
                    >
                        <span class="flex gap-2">
                            <input
                                class="w-full"
                                name="{{ $plan->key }}"
                                id="plan-{{ $plan->key }}"
                                value="{{ old($plan->key, $plan->line()) }}"
                            />
                            <button class="press">Look</button>
                        </span>
                    </x-field>
                    <canvas
                        class="raking"
                        width="1120"
                        height="240"
                        data-heights="{{ $plan->heights() }}"
                        role="img"
                        aria-label="Plan {{ strtoupper($plan->key) }} under a low light: {{ $plan->verdict() }}"
                    ></canvas>
                    {!! $show->drawn($plan->section()) !!}
                    <table class="small mt-2">
                        <thead>
                            <tr>
                                <th>After</th>
                                <th class="n">Its scratch</th>
                                <th class="n">Minutes</th>
                                <th class="n">Ghost below</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($plan->rows() as $i => [$grit, $scratch, $minutes, $ghost, $isGhost])
                                <tr @class(['font-semibold' => $plan->at() === $i + 1])>
                                    <td>{{ $grit }}</td>
                                    <td class="n">{{ $scratch }}</td>
                                    <td class="n">{{ $minutes }}</td>
                                    <td @class(['n', 'warn' => $isGhost])>{{ $ghost }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    @foreach ($plan->faults as $fault)
                        <p class="small note note-warn">{{ $show->said($fault->message) }}</p>
                    @endforeach
                </section>
            @endforeach
        </div>
        <p class="faint small mt-4">
            This page’s address holds it all. Send it to somebody, or keep it.
            <button class="quiet" name="seed" value="{{ ($question->seed + 1) % 1000000 }}">
                Another piece of wood
            </button>
        </p>
        <x-why kind="workshop"
            >Each pass lowers the wood until the valleys below are gone, where it can: in the time of a sound step a
            grit takes out what a grit of 1.8 times its size left, and the first one what is no deeper than its own
            grain. What lies deeper stays as a ghost. Grooves lie at random (the same for the same address), grains are
            spread about the size of their grade (FEPA 43 / ISO 6344, ANSI B74), and the deepest groove is as deep as
            the scratch model says. The light shades by slope; heights are drawn larger than lengths.</x-why
        >
    </form>
</x-layout>
