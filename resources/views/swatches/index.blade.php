@use('HonestGrain\Words\Unit')
<x-layout title="Swatches" section="swatches">
    <div class="page">
        <div class="grid gap-x-14 lg:grid-cols-[430px_1fr]">
            <section aria-labelledby="wheel">
                <h1 id="wheel">Your dyes</h1>
                @if ($wheel->isEmpty())
                    <p class="mt-2">
                        No dye yet. Enter those you own below, each with the colour that it has at strength 1: the wheel
                        shows what they mix to on a wood, what stands across from it and beside it, and how to mix it.
                    </p>
                @else
                    <p class="faint mt-1">
                        <x-termed
                            >What they mix to on {{ mb_lcfirst($show->said($wheel->wood->said())) }}. Large ones are
                            dyes, small ones mixtures.</x-termed
                        >
                    </p>
                    {!! $show->drawn($wheel->drawn($show)) !!}
                    <form method="get" class="mt-1 grid grid-cols-[1fr_5rem_6rem] items-end gap-x-3">
                        <input type="hidden" name="pick" value="{{ $wheel->picked }}" />
                        <label class="field">
                            <span>On</span>
                            <select class="w-full" name="wood">
                                @foreach ($wheel->woods as $name)
                                    <option value="{{ $name }}" @selected($name === $wheel->wood->name)>
                                        {{ $show->wood($name) }}
                                    </option>
                                @endforeach
                            </select>
                        </label>
                        <label class="field">
                            <span>Strength</span>
                            <x-decimal class="w-full" name="strength" value="{{ $wheel->strength }}" />
                        </label>
                        <label class="field">
                            <span>Area, cm²</span>
                            <x-decimal class="w-full" name="area" value="{{ $wheel->areaCm2 }}" />
                        </label>
                        <button class="press mb-2 justify-self-start">Show</button>
                    </form>
                @endif
            </section>
            <section aria-label="The chosen mixture">
                @if (! $wheel->isEmpty())
                    <h2 class="mt-1">{{ mb_ucfirst($wheel->named($wheel->chosen(), $show)) }}</h2>
                    <x-swatch-strip :chips="$wheel->chips()" class="mt-3" />
                    <table class="mt-3">
                        <tbody>
                            <tr>
                                <x-row-head>Off the bare wood</x-row-head>
                                <td class="n">ΔE {{ round($wheel->contrast()) }}</td>
                            </tr>
                            @foreach ($wheel->company($show) as $word => [$name, $link])
                                <tr>
                                    <x-row-head>{{ $word }}</x-row-head>
                                    <td class="n whitespace-normal"><a href="{{ $link }}">{{ $name }}</a></td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    @php($recipe = $wheel->recipe())
                    <h3 class="mt-4">To mix for one layer: {{ $show->volume($recipe->whole->ml) }}</h3>
                    <table>
                        <thead>
                            <tr>
                                <th>Dye</th>
                                <th class="n">As powder</th>
                                <th class="n">or concentrate</th>
                                <th class="n">Cost</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($recipe->doses as $name => $dose)
                                <tr>
                                    <td>{{ $name }}</td>
                                    <td class="n">{{ number_format($dose->grams, 2) }} g</td>
                                    <td class="n">{{ number_format($dose->drops, 1) }} drops</td>
                                    <td class="n">
                                        {{ ($cost = $recipe->costs[$name]) === null ? '–' : number_format($cost, 2) }}
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    @if ($recipe->cost() !== null && count($recipe->doses) > 1)
                        <p class="small">{{ number_format($recipe->cost(), 2) }} in all.</p>
                    @endif
                    @if ($bands !== [])
                        <form
                            method="post"
                            action="{{ route('dye-recipes.store') }}"
                            class="mt-3 flex flex-wrap items-end gap-x-4"
                        >
                            @csrf
                            <input type="hidden" name="product" value="{{ $wheel->product() }}" />
                            <input type="hidden" name="rgb" value="{{ $wheel->chosen()->colour->toHex() }}" />
                            <input type="hidden" name="strength" value="{{ $wheel->strength }}" />
                            <input
                                type="hidden"
                                name="mix_name"
                                value="{{ mb_ucfirst($wheel->named($wheel->chosen(), $show)) }}"
                            />
                            <x-field name="band" label="Use it on this band">
                                <x-choose name="band" :options="$bands" />
                            </x-field>
                            <button class="press mb-[0.8rem]">Use it</button>
                        </form>
                    @endif
                    <x-why kind="workshop">
                        Dyes stirred together add up by their absorptions (Kubelka and Munk); hue and distance are CIE
                        1976 under D65. Uptake by early wood, late wood and figure, the volume and the powder for a
                        strength are workshop figures, corrected by your test boards. The test board decides.
                    </x-why>
                @endif
                <x-disclosure
                    label="The dyes themselves"
                    :open="$errors->hasAny(['dye_name', 'rgb', 'stock', 'price']) || $wheel->isEmpty()"
                    class="mt-5"
                >
                    <table class="mt-2">
                        <tbody>
                            @foreach ($dyes as $dye)
                                <tr>
                                    <td>
                                        <x-colour-chip :colour="$dye->rgb" />
                                        <b>{{ $dye->name }}</b>
                                        <span class="faint small">{{ mb_lcfirst($show->product($dye->product)) }}</span>
                                    </td>
                                    <td class="n">
                                        @if ($dye->stock !== null)
                                            {{ $show->plain($dye->stock) }} left
                                        @endif
                                    </td>
                                    <td class="n">
                                        <form method="post" action="{{ route('dyes.destroy', $dye) }}" data-live>
                                            @csrf
                                            @method('delete')
                                            <button class="quiet" aria-label="Take off: {{ $dye->name }}">
                                                Take off
                                            </button>
                                        </form>
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <form
                        method="post"
                        action="{{ route('dyes.store') }}"
                        class="mt-3 grid grid-cols-2 gap-x-5 sm:grid-cols-3"
                        data-live
                    >
                        @csrf
                        <x-field name="dye_name" label="Name">
                            <input
                                class="w-full"
                                name="dye_name"
                                value="{{ old('dye_name') }}"
                                maxlength="40"
                                required
                            />
                        </x-field>
                        <x-field name="product" label="Class">
                            <x-choose name="product" :options="$show->products($classes)" />
                        </x-field>
                        <x-field name="rgb" label="Its colour">
                            <input type="color" name="rgb" value="{{ old('rgb', '#2e4d63') }}" />
                        </x-field>
                        <x-number name="stock" label="Left, g or mL" class="w-full" />
                        <x-number name="price" label="Costs, a g or mL" class="w-full" />
                        <div class="self-center"><button class="press">Put it on the wheel</button></div>
                    </form>
                </x-disclosure>
            </section>
        </div>
        <section aria-labelledby="boards" class="mt-8 border-t border-ink pt-5">
            <div class="flex flex-wrap items-baseline gap-x-6">
                <h2 id="boards">Test boards</h2>
                <a href="{{ route('swatches.create') }}">Add a test board</a>
            </div>
            @if ($book->woods !== [])
                <form method="get" class="mt-2 flex flex-wrap items-end gap-x-5">
                    <label class="field">
                        <span>Wood</span>
                        <select name="of">
                            <option value="">any</option>
                            @foreach ($book->woods as $name)
                                <option value="{{ $name }}" @selected($name === $book->wood)>
                                    {{ $show->wood($name) }}
                                </option>
                            @endforeach
                        </select>
                    </label>
                    <label class="field">
                        <span>Like this colour</span>
                        <input
                            type="color"
                            name="like"
                            value="{{ $book->colour === '' ? '#3a6a70' : $book->colour }}"
                        />
                    </label>
                    <label class="field">
                        <span>Order</span>
                        <select name="by">
                            @foreach (lines('pages.swatches.sorts') as $value => $words)
                                <option value="{{ $value }}" @selected($value === $book->order)>{{ $words }}</option>
                            @endforeach
                        </select>
                    </label>
                    <button class="press mb-[0.8rem]">Show</button>
                    @if ($book->wood !== '' || $book->order !== 'new')
                        <a class="mb-[1.1rem]" href="{{ route('swatches') }}">Show all</a>
                    @endif
                </form>
            @endif
            <div class="mt-2 grid gap-x-12 md:grid-cols-2">
                @forelse ($book->pages as $one)
                    <article class="border-t border-rule py-4">
                        <div class="flex items-baseline gap-x-4">
                            <h3><a href="{{ route('swatches.show', $one->swatch) }}">{{ $one->swatch->name }}</a></h3>
                            <span class="faint small">{{ mb_lcfirst($show->wood($one->swatch->wood)) }}</span>
                            @if ($one->swatch->measured)
                                <span class="small ml-auto"
                                    >measured
                                    @if (!$one->swatch->counts)
                                        (left out)
                                    @endif
                                </span>
                            @endif
                        </div>
                        <x-swatch-stages :page="$one" class="mt-2" />
                        @foreach ($one->recipe($show) as [$rgb, $words])
                            <p class="small"><x-colour-chip :colour="$rgb" /> {{ $words }}</p>
                        @endforeach
                    </article>
                @empty
                    <p>
                        None yet. A test board is wood, grit, layers and coat as you made them; measured from a
                        photograph beside a grey card, it corrects that dye on that wood.
                    </p>
                @endforelse
            </div>
        </section>
    </div>
</x-layout>
