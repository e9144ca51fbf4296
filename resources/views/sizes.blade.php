<x-layout title="Sizes of grain" section="shelf">
    <div class="page">
        <h1>Sizes of grain</h1>
        <p class="faint mt-1">
            <x-termed
                >The same number is another size on another scale. Here grits, pads and wools stand by size.
                <a href="{{ route('shelf') }}">Shelf</a> · <a href="{{ route('lab') }}">Grit lab</a></x-termed
            >
        </p>
        <form method="get" action="{{ route('sizes') }}" class="mt-4 flex flex-wrap items-end gap-3">
            <x-field name="of" label="Grade, pad, wool, paste, compound, or a size in µm">
                <input
                    class="w-80"
                    name="of"
                    value="{{ $table->of }}"
                    list="all-sizes"
                    placeholder="CAMI 320, grey, 0000"
                />
            </x-field>
            <button class="press mb-[0.8rem]">What size is it?</button>
            <datalist id="all-sizes">
                @foreach ($table->rows as $row)
                    <option value="{{ $row->name }}"></option>
                @endforeach
            </datalist>
        </form>
        @if ($table->verdict() !== '')
            <p @class(['text-[1.12rem]', 'warn' => $table->asked === null]) role="status">{{ $table->verdict() }}</p>
        @endif
        <table class="mt-4 max-w-[900px]">
            <thead>
                <tr>
                    <th>Name</th>
                    <th>What it is</th>
                    <th class="n">Grain</th>
                    <th class="pl-8">Where the size comes from</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($table->rows as $row)
                    <tr @class(['bg-tint' => $table->isAsked($row)])>
                        <td>
                            @if ($row->isOwned)
                                <b>{{ $row->name }}</b>
                                <span class="faint small">yours</span>
                            @else
                                {{ $row->name }}
                            @endif
                        </td>
                        <td>{{ $row->kind }}</td>
                        <td class="n">{{ $show->plain($row->micron) }} µm</td>
                        <td class="faint small pl-8">{{ $row->source }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
