<x-layout title="Woods" section="shelf">
    <div class="page grid gap-x-16 lg:grid-cols-[1fr_360px]">
        <section aria-labelledby="woods" class="min-w-0">
            <h1 id="woods">Woods</h1>
            <p class="faint mt-1">
                <x-termed
                    >A star: borrowed from the wood named beside it, until you type yours. A dash: nobody published one,
                    and none is made up. <a href="{{ route('shelf') }}">Back to the shelf</a></x-termed
                >
            </p>
            <div class="overflow-x-auto">
                <table class="small mt-2">
                    <thead>
                        <tr>
                            <th class="w-[34%]">Wood</th>
                            <th class="n">Hardness</th>
                            <th class="n">Density at 12 %</th>
                            <th class="n">Shrinks</th>
                            @foreach (lines('view.woods-panel.ranked') as $by => $label)
                                <th class="n">
                                    <a
                                        href="{{ route('woods', ['by' => $by]) }}"
                                        @class(['font-semibold text-ink' => $panel->isBy($by)])
                                        @if ($panel->isBy($by)) aria-current="true" @endif
                                        >{{ $label }}</a
                                    >
                                </th>
                            @endforeach
                            <th><span class="sr-only">Change</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($panel->woods() as $wood)
                            @php($own = $panel->own($wood))
                            <tr>
                                <td>
                                    <svg
                                        class="mr-1 inline-block h-3.5 w-3.5"
                                        aria-hidden="true"
                                    >
                                        <rect
                                            width="14"
                                            height="14"
                                            fill="{{ $wood->nature->rgb }}"
                                        />
                                    </svg>
                                    <b>{{ $show->said($wood->said()) }}</b> <i class="faint">{{ $wood->botanical }}</i>
                                    <span class="faint block">{{ $panel->about($wood, $show) }}</span>
                                </td>
                                @foreach (['hardness', 'density', 'shrinkage'] as $which)
                                    <td class="n">{{ $panel->figure($wood, $which) }}</td>
                                @endforeach
                                @foreach ($panel->ranks($wood, $show) as $words)
                                    <td class="n">{{ $words }}</td>
                                @endforeach
                                <td class="n">
                                    @if ($own)
                                        <form method="post" action="{{ route('woods.destroy', $own) }}" data-live>
                                            @csrf
                                            @method('delete')
                                            <button
                                                class="quiet"
                                                aria-label="Yours: take out {{ $show->said($wood->said()) }}"
                                            >
                                                Yours: take out
                                            </button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            <x-why kind="workshop">
                The least wall follows from pores and hardness, how oval it goes from its shrinkage along the rings, the
                grip of a tenon from hardness, tearing from both. Press a heading to rank by it. The constants stand in
                the models.
            </x-why>
        </section>
        <section aria-labelledby="own">
            <h1 id="own">Your own</h1>
            <p class="faint mt-1"><x-termed>A missing wood, or better figures for one that is there.</x-termed></p>
            <form method="post" action="{{ route('woods.store') }}" class="mt-3" data-live>
                @csrf
                <x-field name="wood_name" label="Name">
                    <input
                        class="w-full"
                        name="wood_name"
                        list="known"
                        maxlength="80"
                        value="{{ old('wood_name') }}"
                        required
                    />
                </x-field>
                <datalist id="known">
                    @foreach ($known as $name)
                        <option value="{{ $name }}"></option>
                    @endforeach
                </datalist>
                <x-field name="like" label="Figures it lacks are borrowed from">
                    <x-choose name="like" :options="['' => say('pages.woods.none')] + $show->woods($known)" />
                </x-field>
                <div class="grid grid-cols-2 gap-x-5">
                    <x-number name="janka_n" label="Hardness (Janka), N" class="w-full" />
                    <x-number name="density_kg_m3" label="Density at 12 %, kg/m³" class="w-full" />
                    @foreach (['tangential', 'radial'] as $way)
                        <x-number :name="$way.'_shrinkage_percent'" :label="say('pages.woods.'.$way)" class="w-full" />
                    @endforeach
                    <x-field name="pore" label="Pores">
                        <x-choose name="pore" :options="$panel->pores()" chosen="fine" />
                    </x-field>
                    <x-field name="dust" label="Its dust">
                        <x-choose name="dust" :options="$panel->dusts()" />
                    </x-field>
                    <x-field name="rgb" label="Colour">
                        <input type="color" name="rgb" value="{{ old('rgb', HonestGrain\Wood\Wood::USUAL_RGB) }}" />
                    </x-field>
                </div>
                <p class="mb-3 flex gap-5">
                    <label><input type="checkbox" name="oily" value="1" @checked(old('oily')) /> oily</label>
                    <label
                        ><input type="checkbox" name="tannin" value="1" @checked(old('tannin')) /> holds tannin</label
                    >
                </p>
                <button class="press press-main">Keep it</button>
            </form>
            <x-why kind="published">
                Shrinkage, specific gravity and hardness: USDA Forest Products Laboratory, Wood Handbook, tables 4-3,
                4-4, 5-3 and 5-5. Tannin, oil, pores, dust and colour are workshop notes. Hardness sets sanding and pen,
                density the weight; a wood without a hardness has no price for its sanding and so no date.
            </x-why>
        </section>
    </div>
</x-layout>
