@use('App\Models\Swatch')
@php($swatch = $page->swatch)
<x-layout :title="$swatch->name" section="swatches">
    <div class="page">
        <p class="no-print"><a href="{{ route('swatches') }}">Swatches</a></p>
        <div class="mt-1 flex flex-wrap items-baseline gap-x-5">
            <h1>{{ $swatch->name }}</h1>
            <p class="faint">{{ $page->about($show) }}</p>
        </div>
        <div class="mt-4 grid gap-x-12 lg:grid-cols-[1fr_420px]">
            <div>
                <x-swatch-stages :page="$page" class="[&_svg]:h-24" />
                @foreach ($page->recipe($show) as $i => [$rgb, $words])
                    <p class="mt-1">{{ $i + 1 }}. <x-colour-chip :colour="$rgb" size="18" /> {{ $words }}</p>
                @endforeach
                @if ($swatch->coat)
                    <p>Over it: {{ mb_lcfirst($show->product($swatch->coat)) }}.</p>
                @endif
                @if ($swatch->note)
                    <p class="mt-2">{{ $swatch->note }}</p>
                @endif
                @if ($page->against() !== [])
                    <h2 class="mt-5">The model against the board</h2>
                    <table class="mt-1">
                        <thead>
                            <tr>
                                <th>Tissue</th>
                                <th>Model</th>
                                <th>Measured</th>
                                <th class="n">ΔE</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($page->against() as $tissue => [$told, $measured, $apart])
                                <tr>
                                    <td>{{ say("models.swatch.tissues.$tissue") }}</td>
                                    <td><x-colour-chip :colour="$told" size="20" /> {{ $told }}</td>
                                    <td><x-colour-chip :colour="$measured" size="20" /> {{ $measured }}</td>
                                    <td class="n">{{ round($apart, 1) }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    @if (count($swatch->layers) > 1)
                        <p class="small mt-2">More than one dye lies on it, so it corrects none of them.</p>
                    @else
                        <p class="small mt-2">{{ $page->corrected() }}</p>
                        <form method="post" action="{{ route('swatches.counts', $swatch) }}" data-live>
                            @csrf
                            @method('put')
                            <x-counts name="counts" :counts="$swatch->counts" label="It counts." />
                        </form>
                    @endif
                    <x-why kind="workshop">
                        The factor with which the model comes nearest to what was measured (ΔE 1976), of boards that
                        were not sanded back for the uptake, of those that were for the depth; then the median of all
                        such boards, shrunk towards 1 as if one board said 1.
                    </x-why>
                @endif
                @if ($page->bands() !== [])
                    <form
                        method="post"
                        action="{{ route('dye-recipes.store') }}"
                        class="mt-5 flex flex-wrap items-end gap-x-4"
                    >
                        @csrf
                        <input type="hidden" name="swatch" value="{{ $swatch->id }}" />
                        <x-field name="band" label="Use this recipe on that band">
                            <x-choose name="band" :options="$page->bands()" />
                        </x-field>
                        <button class="press mb-[0.8rem]">Use it</button>
                    </form>
                @endif
            </div>
            <div>
                @if ($swatch->photo)
                    <div x-data="colourPicker">
                        <h2>Measure it</h2>
                        <p class="small">
                            Choose what you pick, then press the photograph there: the grey card first, then the wood.
                        </p>
                        <div class="mt-2 flex flex-wrap gap-x-4">
                            @foreach ($page->spots() as $spot => $word)
                                <label>
                                    <input type="radio" name="spot" value="{{ $spot }}" x-model="spot" /> {{ $word }}
                                </label>
                            @endforeach
                        </div>
                        <div class="relative mt-2 cursor-crosshair" x-ref="photo" x-on:click="pick">
                            <img
                                class="block w-full"
                                src="{{ route('swatches.photo', $swatch) }}"
                                alt="The test board beside a grey card"
                            />
                            <svg
                                x-ref="marks"
                                class="absolute inset-0 h-full w-full"
                                aria-hidden="true"
                            ></svg>
                        </div>
                        <form method="post" action="{{ route('swatches.measure', $swatch) }}" class="mt-2" data-live>
                            @csrf
                            @method('put')
                            <table class="small">
                                <tbody>
                                    @foreach ($page->spots() as $spot => $word)
                                        <tr>
                                            <th scope="row">{{ $word }}</th>
                                            @foreach ([0 => 'x', 1 => 'y'] as $k => $axis)
                                                <td>
                                                    <x-decimal
                                                        class="w-20"
                                                        name="{{ $axis }}_{{ $spot }}"
                                                        value="{{ $swatch->points->at[$spot][$k] ?? '' }}"
                                                        aria-label="{{ $word }}, {{ $axis }}"
                                                    />
                                                </td>
                                            @endforeach
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                            <x-refused name="x_grey" class="warn small block" />
                            <button class="press press-main mt-2">Measure</button>
                        </form>
                    </div>
                @endif
                <h2 class="mt-5">Photograph</h2>
                <form
                    method="post"
                    action="{{ route('swatches.photo', $swatch) }}"
                    enctype="multipart/form-data"
                    class="mt-1"
                >
                    @csrf
                    <x-photograph label="The board beside a grey card, in even daylight" required />
                    <button class="press">Keep the photograph</button>
                </form>
                <form
                    method="post"
                    action="{{ route('swatches.destroy', $swatch) }}"
                    class="mt-5"
                    data-ask="Take this board out of the book? What it taught goes with it."
                >
                    @csrf
                    @method('delete')
                    <button class="quiet">Delete this board</button>
                </form>
            </div>
        </div>
    </div>
</x-layout>
