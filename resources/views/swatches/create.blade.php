<x-layout title="A test board" section="swatches">
    <form method="post" action="{{ route('swatches.store') }}" class="page max-w-4xl">
        @csrf
        <p><a href="{{ route('swatches') }}">Swatches</a></p>
        <h1 class="mt-1">A test board</h1>
        <div class="mt-3 grid gap-x-6 sm:grid-cols-3">
            <x-field name="swatch_name" label="Name">
                <input class="w-full" name="swatch_name" value="{{ old('swatch_name') }}" maxlength="60" required />
            </x-field>
            <x-field name="wood" label="Wood">
                <x-choose name="wood" :options="$show->woods($woods)" />
            </x-field>
            <x-field name="made_on" label="Made on">
                <input
                    class="w-full"
                    type="date"
                    name="made_on"
                    value="{{ old('made_on', now($me->timeZone())->toDateString()) }}"
                    required
                />
            </x-field>
            <x-field name="grit" label="Last grit (may be empty)">
                <input class="w-full" name="grit" value="{{ old('grit') }}" maxlength="20" />
            </x-field>
            <x-field name="coat" label="Coat over it">
                <x-choose name="coat" :options="['' => say('pages.swatches-create.none')] + $show->products($coats)" />
            </x-field>
        </div>
        <h2 class="mt-2">Layers, first on the wood first</h2>
        <table class="mt-1">
            <thead>
                <tr>
                    <th>Dye</th>
                    <th>Colour</th>
                    <th>Strength</th>
                    <th>Sanded back, µm</th>
                </tr>
            </thead>
            <tbody>
                @for ($i = 0; $i < App\Models\Swatch::MOST_LAYERS; $i++)
                    <tr>
                        <td>
                            <select
                                class="w-full"
                                name="layer_product[{{ $i }}]"
                                aria-label="Dye of layer {{ $i + 1 }}"
                            >
                                <option value="">none</option>
                                @foreach ($classes as $class)
                                    <option
                                        value="{{ $class }}"
                                        @selected(old("layer_product.$i", $i === 0 ? $classes[0] : '') === $class)
                                    >
                                        {{ $show->product($class) }}
                                    </option>
                                @endforeach
                            </select>
                            <x-refused :name="'layer_product.'.$i" class="warn small block" />
                        </td>
                        <td>
                            <input
                                type="color"
                                name="layer_rgb[{{ $i }}]"
                                value="{{ old("layer_rgb.$i", $dyes->values()[$i]->rgb ?? '#2e4d63') }}"
                                aria-label="Colour of layer {{ $i + 1 }}"
                            />
                        </td>
                        @foreach (App\Models\Swatch::LAYER_FIELDS as $name => $usual)
                            <td>
                                <x-decimal
                                    class="w-24"
                                    name="layer_{{ $name }}[{{ $i }}]"
                                    :value="old('layer_'.$name.'.'.$i, $usual)"
                                    aria-label="{{ say('models.swatch.layer.'.$name) }} of layer {{ $i + 1 }}"
                                />
                                <x-refused :name="'layer_'.$name.'.'.$i" class="warn small block" />
                            </td>
                        @endforeach
                    </tr>
                @endfor
            </tbody>
        </table>
        <x-field name="note" label="Note" class="mt-4">
            <input class="w-full" name="note" value="{{ old('note') }}" maxlength="500" />
        </x-field>
        <button class="press press-main">Keep it</button>
    </form>
</x-layout>
