@use('HonestGrain\Words\Unit')
<x-layout :title="say('pages.rack-show.number', ['number' => $blank->number])" section="rack">
    <div class="page">
        <p><a href="{{ route('rack') }}">Rack</a></p>
        <div class="mt-1 flex flex-wrap items-baseline gap-x-6">
            <h1>{{ $blank->number }} <span class="faint">{{ $show->wood($blank->wood) }}</span></h1>
            @if ($blank->gone_at)
                <span class="warn">Off the rack since {{ $show->calendarDay($blank->gone_at) }}</span>
            @endif
            @if ($blank->piece)
                <a href="{{ route('pieces.shape', $blank->piece) }}">{{ $page->becomes() }}</a>
            @endif
            @if (! $blank->gone_at && ! $blank->piece)
                <a class="ml-auto" href="{{ route('rack.forms', $blank) }}">What could be made of it</a>
                <a class="press press-main" href="{{ route('pieces.create', ['blank' => $blank->id]) }}"
                    >Make a piece of it</a
                >
            @endif
        </div>
        @if ($page->isSomeones())
            <p class="faint">{{ $page::story($blank) }}</p>
        @endif
        <div class="mt-3 grid gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,300px)_minmax(0,1fr)]">
            <div class="text-ink">
                <div class="blank-art">{!! $show->drawn($blank->drawing) !!}</div>
                @if ($page->plan() !== '')
                    <div class="mt-4">{!! $show->drawn($page->plan()) !!}</div>
                    <p class="faint small">
                        <x-termed
                            >From above, as it will be when ready. Its grain runs across the page. The broken line is
                            the largest true circle{{ $page->within() }}.</x-termed
                        >
                    </p>
                @endif
                @if ($blank->photo)
                    <img
                        class="mt-4 w-full"
                        src="{{ route('rack.photo', $blank) }}"
                        alt="Photograph of number {{ $blank->number }}"
                    />
                @endif
                <h2 class="mt-5">On the lathe</h2>
                @if ($page->swing() !== '')
                    <p class="note note-warn">{{ $page->swing() }}</p>
                @endif
                <table class="small mt-1">
                    <thead>
                        <tr>
                            <th><span class="sr-only">What</span></th>
                            <th class="n">Start at</th>
                            <th class="n">At most</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($page->speeds() as [$hold, $start, $most, $because])
                            <tr>
                                <td>{{ $hold }} <span class="faint block">held down by {{ $because }}</span></td>
                                <td class="n">{{ $start }}</td>
                                <td class="n">{{ $most }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @foreach ($page->notHeldBy() as [$hold, $why])
                    <p class="faint small">Not {{ $hold }}: {{ $why }}</p>
                @endforeach
                <p class="small mt-1">
                    Turn it by hand first, all the way round; stand out of its line when it starts. Face shield.
                </p>
                <h2 class="mt-5">Flaws in the wood</h2>
                @forelse ($page->core->flaws as $flaw)
                    <form
                        method="post"
                        action="{{ route('rack.flaws.destroy', [$blank, $flaw->id]) }}"
                        class="small border-b border-rule py-1"
                        data-live
                    >
                        @csrf
                        @method('delete')
                        <input type="hidden" name="version" value="{{ $blank->version }}" />
                        <b>{{ $show->said($flaw->kind->label()) }}</b>, {{ $flaws->at($flaw) }}
                        <button class="quiet" aria-label="Remove {{ $show->said($flaw->kind->label()) }}">
                            Remove
                        </button>
                    </form>
                @empty
                    <p class="faint small mt-1">No flaw is marked.</p>
                @endforelse
                <x-disclosure label="Mark a flaw" :open="$errors->has('flaw_*')" class="mt-2">
                    <form method="post" action="{{ route('rack.flaws', $blank) }}" class="mt-2" data-live>
                        @csrf
                        <input type="hidden" name="version" value="{{ $blank->version }}" />
                        <x-flaw-fields :words="$flaws" />
                        <button class="press">Mark it</button>
                    </form>
                </x-disclosure>
                <x-disclosure label="Keep a photograph" :open="$errors->has('photo')" class="mt-4">
                    <form
                        method="post"
                        action="{{ route('rack.photo', $blank) }}"
                        enctype="multipart/form-data"
                        class="mt-4"
                    >
                        @csrf
                        <x-photograph
                            :label="say('pages.rack-show.'.($blank->photo ? 'another' : 'a').'-photograph')"
                            required
                        />
                        <button class="quiet">Keep it</button>
                    </form>
                </x-disclosure>
            </div>
            <div class="min-w-0">
                <p class="text-[1.25rem] font-semibold">{{ $page->verdict() }}</p>
                <x-why kind="workshop">
                    The curve is m∞ + A·e<sup>−kt</sup>, fitted to the weighings by least squares; the interval holds
                    all curves that agree with them within what the scale scatters by (95 %). The plateau is where wood
                    is in equilibrium with its air (Wood Handbook, ch. 4). {{ $page->readyRule() }}
                </x-why>
                @if ($page->besides() !== '')
                    <p class="mt-1">{{ $page->besides() }}</p>
                @endif
                @if ($page->checks() !== '')
                    <p class="mt-1">{{ $page->checks() }}</p>
                @endif
                @if ($page->crack() !== '')
                    <p class="note note-warn mt-2">{{ $page->crack() }}</p>
                @endif
                <div class="mt-3 text-ink">{!! $show->drawn($page->chart()) !!}</div>
                <div class="mt-3 grid gap-x-12 gap-y-5 xl:grid-cols-2">
                    <section aria-labelledby="weights" class="min-w-0">
                        <h2 id="weights">Weighings</h2>
                        <form
                            method="post"
                            action="{{ route('rack.weigh') }}"
                            class="mt-1 flex flex-wrap items-end gap-x-3"
                            data-live
                        >
                            @csrf
                            <input type="hidden" name="number" value="{{ $blank->number }}" />
                            <x-number
                                name="mass"
                                :label="say('pages.rack-show.weight', ['unit' => $show->unit(Unit::Mass)])"
                                class="w-28"
                                required
                            />
                            <x-number name="meter" label="Meter, %" class="w-20" />
                            <x-field name="at" label="When, if not now">
                                <input type="datetime-local" name="at" value="{{ old('at') }}" />
                            </x-field>
                            <button class="press mb-[0.8rem]" @disabled($blank->gone_at !== null)>Weighed</button>
                        </form>
                        @if ($page->newest())
                            <x-weight-doubt :weighing="$page->newest()" :doubts="$doubts" />
                        @endif
                        <div class="overflow-x-auto">
                            <table class="small">
                                <tbody>
                                    @forelse ($page->weighings as $one)
                                        <tr @class(['line-through faint' => $one->struck_at])>
                                            <th scope="row">
                                                {{ $show->calendarDay($one->at) }}, {{ $show->time($one->at) }}
                                            </th>
                                            <td class="n">{{ $show->weighed($one->mass_g) }}</td>
                                            <td class="n">{{ $page->meter($one) }} {{ $page->aside($one) }}</td>
                                            <td class="n">
                                                @if ($one->struck_at)
                                                    <span class="sr-only">struck out</span>
                                                @else
                                                    <x-disclosure label="Correct" class="inline-block">
                                                        <form
                                                            method="post"
                                                            action="{{ route('rack.weighings.update', $one) }}"
                                                            class="flex gap-2"
                                                            data-live
                                                        >
                                                            @csrf
                                                            @method('put')
                                                            <x-decimal
                                                                class="w-24"
                                                                name="mass"
                                                                aria-label="Right weight, {{ $show->unit(Unit::Mass) }}"
                                                                value="{{ $show->field(Unit::Mass, $one->mass_g) }}"
                                                            />
                                                            <input
                                                                type="hidden"
                                                                name="meter"
                                                                value="{{ $one->meter_percent }}"
                                                            />
                                                            <button class="quiet">Put right</button>
                                                        </form>
                                                        <form
                                                            method="post"
                                                            action="{{ route('rack.weighings.destroy', $one) }}"
                                                            data-live
                                                        >
                                                            @csrf
                                                            @method('delete')
                                                            <button class="quiet">Strike it out</button>
                                                        </form>
                                                    </x-disclosure>
                                                @endif
                                            </td>
                                        </tr>
                                    @empty
                                        <tr>
                                            <td class="faint" colspan="4">
                                                Not weighed yet. Weigh it soon: the first weights tell most.
                                            </td>
                                        </tr>
                                    @endforelse
                                </tbody>
                            </table>
                        </div>
                    </section>
                    <section aria-labelledby="figures" class="min-w-0">
                        <h2 id="figures">Figures</h2>
                        <div class="overflow-x-auto">
                            <table class="small mt-1">
                                <tbody>
                                    @foreach ($page->figures() as [$label, $figure])
                                        <tr>
                                            <td class="faint">{{ $label }}</td>
                                            <td class="n">{{ $figure }}</td>
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                        @if ($page->truing() !== [])
                            <h2 class="mt-4">What can be turned out of it</h2>
                            <div class="overflow-x-auto">
                                <table class="small mt-1">
                                    <thead>
                                        <tr>
                                            <th><span class="sr-only">What</span></th>
                                            <th class="n">Now</th>
                                            <th class="n">When ready</th>
                                        </tr>
                                    </thead>
                                    <tbody>
                                        @foreach ($page->truing() as [$label, $now, $then])
                                            <tr>
                                                <td class="faint">{{ $label }}</td>
                                                <td class="n">{{ $now }}</td>
                                                <td class="n">{{ $then }}</td>
                                            </tr>
                                        @endforeach
                                    </tbody>
                                </table>
                            </div>
                            <p class="small mt-2">{{ $page->jaws() }}</p>
                            <x-why kind="published">
                                Shrinkage from green to oven dry of this wood (Wood Handbook, table 4-3), linear from 30
                                % to nothing. Across the grain the bowl shrinks by that much, along it hardly at all;
                                the wall is thinned on both sides, and a millimetre comes off to be clean.
                                <span>{{ $page->borrowed() }}</span>
                            </x-why>
                        @endif
                        @if ($page->roughWalls() !== '')
                            <p class="small mt-2">{{ $page->roughWalls() }}</p>
                        @endif
                        @if ($page->canBeRoughed())
                            <x-disclosure label="Rough it out" :open="$errors->has('rough_*')" class="mt-2">
                                <form
                                    method="post"
                                    action="{{ route('rack.rough', $blank) }}"
                                    class="mt-2 grid grid-cols-2 gap-x-5"
                                    data-live
                                >
                                    @csrf
                                    @method('put')
                                    <input type="hidden" name="version" value="{{ $blank->version }}" />
                                    <x-field name="rough_form" label="To a">
                                        <x-choose name="rough_form" :options="$page->roughForms()" />
                                    </x-field>
                                    @foreach ($page->roughSizes() as $name => [$label, $value])
                                        <x-number :name="$name" :label="$label" :value="$value" class="w-full" />
                                    @endforeach
                                    <p><button class="press">It is roughed out</button></p>
                                </form>
                            </x-disclosure>
                        @endif
                    </section>
                </div>
            </div>
        </div>
        <x-disclosure
            label="What it is and how it is kept"
            :open="$errors->hasAny(App\View\BlankFields::NAMES)"
            class="mt-6"
        >
            <form method="post" action="{{ route('rack.update', $blank) }}" class="mt-3 max-w-4xl" data-live>
                @csrf
                @method('put')
                <input type="hidden" name="version" value="{{ $blank->version }}" />
                <x-blank-fields :woods="$woods" :airs="$airs" :core="$page->core" :air="$blank->air_id" />
                <button class="press press-main">Save</button>
            </form>
        </x-disclosure>
        <div class="mt-5 flex flex-wrap gap-x-6">
            <a href="{{ route('rack.labels', ['numbers' => $blank->number]) }}">Its label</a>
            <form method="post" action="{{ route('rack.destroy', $blank) }}" data-live>
                @csrf
                @method('delete')
                <button class="quiet">
                    @if ($blank->gone_at)
                        Put it back on the rack
                    @else
                        Take it off the rack
                    @endif
                </button>
            </form>
        </div>
    </div>
</x-layout>
