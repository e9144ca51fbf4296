@use('HonestGrain\Words\Unit')
<x-shop tab="equipment" title="Lathe and holds" class="max-w-5xl">
    <form method="post" action="{{ route('equipment.update') }}" data-live>
        @csrf
        @method('put')
        <h1>Lathe and holds</h1>
        <p class="faint mt-1">
            <x-termed
                >An empty field sets no limit. What does not swing is refused. No step turns faster than this.</x-termed
            >
        </p>
        <fieldset @disabled(! $me->isOwner())>
            <legend class="sr-only">What the shop turns with</legend>
            <h2 class="mt-4">Lathe</h2>
            <div class="mt-2 grid gap-x-8 sm:grid-cols-3">
                @foreach ($form->lathe() as $name => [$label, $value])
                    <x-number :name="$name" :label="$label" :value="$value" class="w-full" />
                @endforeach
                <x-field name="spare_chucks" label="Spare chuck bodies"
                    ><input
                        class="w-full"
                        name="spare_chucks"
                        inputmode="numeric"
                        value="{{ old('spare_chucks', $workshop->spare_chucks) }}"
                /></x-field>
                <label class="field self-end">
                    <input type="checkbox" name="reverses" value="1" @checked($form->equipment->lathe?->reverses) />
                    it runs in reverse
                </label>
            </div>
            <h2 class="mt-3">Jaw sets</h2>
            <p class="faint small">
                <x-termed>In {{ $show->unit(Unit::Length) }}: what each grips from outside, and opens into.</x-termed>
            </p>
            <table class="mt-1">
                <thead>
                    <tr>
                        <th>Name</th>
                        <th>Tenon from</th>
                        <th>to</th>
                        <th>Recess from</th>
                        <th>to</th>
                        <th>Deep</th>
                        <th>Slope, °</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($form->jaws() as $i => [$name, $sizes])
                        <tr>
                            <td>
                                <input
                                    class="w-full"
                                    name="jaw_name[{{ $i }}]"
                                    maxlength="60"
                                    value="{{ old("jaw_name.$i", $name) }}"
                                    aria-label="Name of jaw set {{ $i + 1 }}"
                                />
                            </td>
                            @foreach ($sizes as [$field, $label, $value])
                                <td>
                                    <x-decimal
                                        class="w-20"
                                        name="{{ $field }}[{{ $i }}]"
                                        :value="old($field.'.'.$i, $value)"
                                        aria-label="Jaw set {{ $i + 1 }}, {{ $label }}"
                                    />
                                    <x-refused :name="$field.'.'.$i" class="warn small block" />
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <h2 class="mt-5">Cutters for flutes and lines</h2>
            <p class="faint small">
                <x-termed
                    >A ball by its radius in {{ $show->unit(Unit::Length) }}. A V by its angle in degrees. A mark says
                    so if none of them cuts its flute.</x-termed
                >
            </p>
            <table class="mt-1">
                <thead>
                    <tr>
                        <th>Name</th>
                        <th>Shape</th>
                        <th>Radius or angle</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($form->cutters() as $i => [$name, $kind, $size])
                        <tr>
                            <td>
                                <input
                                    class="w-full"
                                    name="cutter_name[{{ $i }}]"
                                    maxlength="60"
                                    value="{{ old("cutter_name.$i", $name) }}"
                                    aria-label="Name of cutter {{ $i + 1 }}"
                                />
                            </td>
                            <td>
                                <x-row-kind
                                    name="cutter_kind"
                                    :row="$i"
                                    :kinds="lines('pages.equipment.cutters')"
                                    :kind="$kind"
                                    label="Shape of cutter {{ $i + 1 }}"
                                />
                            </td>
                            <td>
                                <x-decimal
                                    class="w-24"
                                    name="cutter_size[{{ $i }}]"
                                    :value="old('cutter_size.'.$i, $size)"
                                    aria-label="Radius or angle of cutter {{ $i + 1 }}"
                                />
                                <x-refused :name="'cutter_size.'.$i" class="warn small block" />
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <h2 class="mt-5">Bits</h2>
            <p class="faint small">
                <x-termed
                    >In {{ $show->unit(Unit::Length) }}, one line for each reach. With none listed, any bit on sale
                    counts.</x-termed
                >
            </p>
            <table class="mt-1">
                <thead>
                    <tr>
                        <th>Kind</th>
                        <th>Across, parted by commas</th>
                        <th>Reaches</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($form->bits() as $i => [$kind, $sizes, $length])
                        <tr>
                            <td>
                                <x-row-kind
                                    name="bit_kind"
                                    :row="$i"
                                    :kinds="$form->bitKinds()"
                                    :kind="$kind->value"
                                    label="Kind of bits {{ $i + 1 }}"
                                />
                            </td>
                            <td>
                                <input
                                    class="w-full min-w-40"
                                    name="bit_sizes[{{ $i }}]"
                                    maxlength="300"
                                    value="{{ old("bit_sizes.$i", $sizes) }}"
                                    aria-label="Diameters of bits {{ $i + 1 }}"
                                />
                                <x-refused :name="'bit_sizes.'.$i" class="warn small block" />
                            </td>
                            <td>
                                <x-decimal
                                    class="w-24"
                                    name="bit_length[{{ $i }}]"
                                    :value="old('bit_length.'.$i, $length)"
                                    aria-label="Reach of bits {{ $i + 1 }}"
                                />
                                <x-refused :name="'bit_length.'.$i" class="warn small block" />
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <h2 class="mt-5">What you buy and fit</h2>
            <p class="faint small">
                <x-termed
                    >In {{ $show->unit(Unit::Length) }}: ferrules by the inside of the tube. Inserts and kits by their
                    hole. Every piece can then choose them by name.</x-termed
                >
            </p>
            <table class="mt-1">
                <thead>
                    <tr>
                        <th>Kind</th>
                        <th>Name</th>
                        <th>Across</th>
                        <th>Long or deep</th>
                        <th>Tube’s outside</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($form->bought() as $i => [$kind, $name, $sizes])
                        <tr>
                            <td>
                                <x-row-kind
                                    name="bought_kind"
                                    :row="$i"
                                    :kinds="$form->boughtKinds()"
                                    :kind="$kind->value"
                                    label="Kind of what you fit {{ $i + 1 }}"
                                />
                            </td>
                            <td>
                                <input
                                    class="w-full"
                                    name="bought_name[{{ $i }}]"
                                    maxlength="40"
                                    value="{{ old("bought_name.$i", $name) }}"
                                    aria-label="Name of what you fit {{ $i + 1 }}"
                                />
                            </td>
                            @foreach ($sizes as $field => $value)
                                <td>
                                    <x-decimal
                                        class="w-24"
                                        name="{{ $field }}[{{ $i }}]"
                                        :value="old($field.'.'.$i, $value)"
                                        :aria-label="$form->boughtLabel($i, $field)"
                                    />
                                    <x-refused :name="$field.'.'.$i" class="warn small block" />
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <h2 class="mt-5">Holds</h2>
            <p class="faint small">
                <x-termed
                    >Sizes in {{ $show->unit(Unit::Length) }}. Routes use the holds ticked here and the jaws above. Jam
                    chucks, mandrels, glued blocks and centres always count. With nothing ticked, every hold
                    counts.</x-termed
                >
            </p>
            <table class="mt-1">
                <thead>
                    <tr>
                        <th>Hold</th>
                        <th>Fastest, rpm</th>
                        <th>Widest work</th>
                        <th>Its size</th>
                        <th>What it needs of the piece</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($form->holds() as [$mount, $has, $rpm, $widest, $size])
                        <tr>
                            <td>
                                <label>
                                    <input type="checkbox" name="mounts[]" value="{{ $mount->value }}" @checked($has) />
                                    {{ mb_ucfirst($show->said($mount->label())) }}
                                </label>
                            </td>
                            <td>
                                <input
                                    class="w-24"
                                    name="hold_rpm[{{ $mount->value }}]"
                                    inputmode="numeric"
                                    value="{{ old("hold_rpm.$mount->value", $rpm) }}"
                                    aria-label="Fastest {{ $show->said($mount->label()) }}, rpm"
                                />
                            </td>
                            <td>
                                <x-decimal
                                    class="w-24"
                                    name="hold_widest[{{ $mount->value }}]"
                                    :value="old('hold_widest.'.$mount->value, $widest)"
                                    aria-label="Widest work {{ $show->said($mount->label()) }}"
                                />
                                <x-refused :name="'hold_widest.'.$mount->value" class="warn small block" />
                            </td>
                            <td class="small whitespace-nowrap">
                                @if ($mount->measures() !== null)
                                    <x-decimal
                                        class="w-24"
                                        name="hold_size[{{ $mount->value }}]"
                                        :value="old('hold_size.'.$mount->value, $size)"
                                        aria-label="Size of the hold {{ $show->said($mount->label()) }}"
                                    />
                                    {{ $show->said($mount->measures()) }}
                                    <x-refused :name="'hold_size.'.$mount->value" class="warn small block" />
                                @endif
                            </td>
                            <td class="faint small">{{ mb_ucfirst($show->said($mount->needs())) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @can('run-shop')
                <button class="press press-main mt-4">Save</button>
            @endcan
        </fieldset>
    </form>
</x-shop>
