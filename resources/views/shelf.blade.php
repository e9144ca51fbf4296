<x-layout title="Shelf" section="shelf">
    <div class="page grid gap-x-16 lg:grid-cols-[470px_1fr]">
        <section aria-labelledby="abrasives">
            <h1 id="abrasives">Abrasives</h1>
            <p class="faint mt-1">
                <x-termed
                    >In order of grain size, whatever the number says. <a href="{{ route('sizes') }}">All sizes</a> ·
                    <a href="{{ route('lab') }}">Grit lab</a> · <a href="{{ route('woods') }}">Woods</a> ·
                    <a href="{{ route('shelf.count') }}">Count the shelf</a></x-termed
                >
            </p>
            @if ($shortages !== [])
                <div class="note note-warn" id="to-buy">
                    <strong>To buy.</strong> The plan needs more than is here:
                    <ul class="mt-1">
                        @foreach ($shortages as $shortage)
                            <li>
                                <b>{{ $shortage->what }}</b>: {{ $shortage->amount }}, for
                                <a href="{{ $shortage->link }}">{{ $shortage->piece }}</a>{{ $shortage->by }}
                            </li>
                        @endforeach
                    </ul>
                </div>
            @endif
            <x-receipt />
            <table class="mt-2">
                <thead>
                    <tr>
                        <th>Grit</th>
                        <th class="n">Grain</th>
                        <th class="n">Discs</th>
                        <th class="n">A disc costs</th>
                        <th><span class="sr-only">Change</span></th>
                    </tr>
                </thead>
                <tbody>
                    @forelse ($owned as $one)
                        <tr>
                            <td>
                                <b>{{ $one['grit']->name }}</b>
                                <span class="faint small">{{ $show->said($one['grit']->scale->label()) }}</span>
                            </td>
                            <td class="n">{{ $show->plain($one['grit']->micron) }} µm</td>
                            <td class="n">
                                <form
                                    method="post"
                                    action="{{ route('abrasives.update', $one['row']) }}"
                                    id="sheet-{{ $one['row']->id }}"
                                    data-live
                                >
                                    @csrf
                                    @method('put')
                                    <input
                                        class="w-16 text-right"
                                        type="number"
                                        min="0"
                                        max="9999"
                                        name="discs"
                                        value="{{ $one['row']->discs }}"
                                        aria-label="Discs of {{ $one['grit']->name }}"
                                        data-autosend
                                        id="discs-{{ $one['row']->id }}"
                                    />
                                    <noscript><button>Save</button></noscript>
                                </form>
                            </td>
                            <td class="n">
                                <x-decimal
                                    class="w-16 text-right"
                                    name="price"
                                    form="sheet-{{ $one['row']->id }}"
                                    value="{{ $one['price'] }}"
                                    aria-label="What a disc of {{ $one['grit']->name }} costs"
                                    data-autosend
                                    id="price-{{ $one['row']->id }}"
                                />
                            </td>
                            <td class="n">
                                <form method="post" action="{{ route('abrasives.destroy', $one['row']) }}" data-live>
                                    @csrf
                                    @method('delete')
                                    <button class="quiet" aria-label="Take off: {{ $one['grit']->name }}">
                                        Take off
                                    </button>
                                </form>
                            </td>
                        </tr>
                    @empty
                        <tr>
                            <td colspan="5" class="faint">
                                None. Without abrasives no sanding can be worked out; add what you own.
                            </td>
                        </tr>
                    @endforelse
                </tbody>
            </table>
            <form
                method="post"
                action="{{ route('abrasives.store') }}"
                class="mt-4 flex flex-wrap items-end gap-3"
                data-live
            >
                @csrf
                <x-field name="grit" label="Grit, with its scale"
                    ><input
                        class="w-44"
                        name="grit"
                        list="grits"
                        value="{{ old('grit') }}"
                        placeholder="P220 or CAMI 220"
                        required
                /></x-field>
                <x-field name="discs" label="Discs"
                    ><input class="w-20" type="number" min="0" max="9999" name="discs" value="{{ old('discs', 10) }}"
                /></x-field>
                <button class="press mb-[0.8rem]">Put on the shelf</button>
                <datalist id="grits">
                    @foreach ($scales as $scale)
                        @foreach ($table->onScale($scale) as $grit)
                            <option value="{{ $grit->name }}">{{ $grit->micron }} µm</option>
                        @endforeach
                    @endforeach
                </datalist>
            </form>
            <h2 class="mt-5">Cloths, gloves, cups, pads</h2>
            <table class="mt-1">
                <tbody>
                    @foreach ($goods as $good)
                        <tr>
                            <th scope="row">{{ $words->name($good) }}</th>
                            <td class="n">{{ $words->amount($good, $good->stock) }}</td>
                            <td class="n faint small">{{ $words->price($good) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="faint small mt-1">
                <x-termed
                    >Done steps take off what they use: gloves, a cloth, a pad. What was never counted is left
                    alone.</x-termed
                >
            </p>
            <x-why kind="published"
                >Grain sizes are those of FEPA 43 / ISO 6344 (P scale) and ANSI B74 (US scale). The same number is a
                different size on each: P320 is 46.2 µm, CAMI 320 is 36.0 µm.</x-why
            >
        </section>
        <section aria-labelledby="finishes" class="min-w-0">
            <h1 id="finishes">Finishes and colours</h1>
            <p class="faint mt-1">
                <x-termed
                    >Typical figures, until you type what your tin says. Hours at
                    <span>{{ $show->airOfLabels() }}</span> RH.
                    <a href="{{ route('mixes') }}">Your own mixes</a></x-termed
                >
            </p>
            @if ($doubtful !== [])
                <div class="note note-warn" id="old-tins">
                    <strong>Try these on a test board first.</strong>
                    <ul class="mt-1">
                        @foreach ($doubtful as $old)
                            <li><b>{{ $old['name'] }}</b>, {{ $old['open'] }}. {{ $old['says'] }}</li>
                        @endforeach
                    </ul>
                </div>
            @endif
            <div class="overflow-x-auto">
                <table class="small mt-2">
                    <thead>
                        <tr>
                            <th>Class</th>
                            <th>Figures</th>
                            <th class="n">Recoat</th>
                            <th class="n">Until</th>
                            <th class="n">Cured</th>
                            <th class="n">Covers</th>
                            <th class="n">Left</th>
                            <th><span class="sr-only">Change</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach (collect($coatings)->sortByDesc(fn ($c) => $tins->has($c->class)) as $coating)
                            @php($tin = $tins[$coating->class] ?? null)
                            <tr>
                                <td class="min-w-[8.5rem]">
                                    @if ($tin)
                                        <b>{{ $show->said($coating->name()) }}</b>
                                    @else
                                        {{ $show->said($coating->name()) }}
                                    @endif
                                </td>
                                <td class="faint whitespace-nowrap">
                                    @if ($coating->fromLabel !== [])
                                        your label
                                    @else
                                        typical
                                    @endif
                                </td>
                                <td class="n">{{ $show->hours($coating->recoatFromHours) }}</td>
                                <td class="n">{{ $show->hours($coating->recoatUntilHours) }}</td>
                                <td class="n">
                                    @if ($coating->neverCures())
                                        never
                                    @else
                                        {{ $show->days($coating->fullCureDays) }}
                                    @endif
                                </td>
                                <td class="n">{{ $show->coverage($coating->coverageM2PerL) }}</td>
                                <td class="n">{{ $show->left($tin) }}</td>
                                <td class="n">
                                    <a
                                        href="{{ route('tins.edit', ['product' => $coating->class]) }}"
                                        aria-label="My tin of {{ $show->said($coating->name()) }}"
                                        >my tin</a
                                    >
                                </td>
                            </tr>
                        @endforeach
                        @foreach ($stains as $stain)
                            @php($tin = $tins[$stain->class] ?? null)
                            <tr>
                                <td class="min-w-[8.5rem]">
                                    @if ($tin)
                                        <b>{{ $show->said($stain->name()) }}</b>
                                    @else
                                        {{ $show->said($stain->name()) }}
                                    @endif
                                </td>
                                <td class="faint">typical</td>
                                <td class="n">{{ $show->hours($stain->dryHours) }}</td>
                                <td class="n">–</td>
                                <td class="n">–</td>
                                <td class="n">–</td>
                                <td class="n">{{ $show->left($tin) }}</td>
                                <td class="n">
                                    <a
                                        href="{{ route('tins.edit', ['product' => $stain->class]) }}"
                                        aria-label="My tin of {{ $show->said($stain->name()) }}"
                                        >my tin</a
                                    >
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        </section>
    </div>
</x-layout>
