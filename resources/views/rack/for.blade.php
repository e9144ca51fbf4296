@use('HonestGrain\Words\Unit')
<x-layout title="What is ready for it" section="rack">
    <div class="page">
        <p><a href="{{ route('rack') }}">Rack</a></p>
        <h1 class="mt-2">What is ready for it</h1>
        <p class="faint mt-1">
            <x-termed
                >Type the form and sizes of the order, with its foot. Sound blanks stand first, then the least
                waste.</x-termed
            >
        </p>
        <form method="get" class="mt-4 flex flex-wrap items-end gap-x-4">
            <x-field name="form" label="Form">
                <select name="form">
                    @foreach ($forms as $one)
                        <option value="{{ $one->value }}" @selected($one === $form)>
                            {{ $show->said($one->label()) }}
                        </option>
                    @endforeach
                </select>
            </x-field>
            @foreach (lines('pages.rack-for.sizes') as $name => $label)
                <x-number
                    :name="$name"
                    :label="$label.', '.$show->unit(Unit::Length)"
                    :value="request()->query($name)"
                    class="w-28"
                />
            @endforeach
            <button class="press press-main mb-[0.8rem]">Look</button>
        </form>
        @if ($wanted && $found === [])
            <p class="mt-6 font-semibold">
                Nothing that is ready is big enough. Try a smaller size, or see what still dries on the rack.
            </p>
        @elseif ($wanted)
            <table class="mt-4">
                <thead>
                    <tr>
                        <th><span class="sr-only">Drawing</span></th>
                        <th>Blank</th>
                        <th class="n">At most across</th>
                        <th class="n">high</th>
                        <th class="n">wall</th>
                        <th class="n">Becomes shavings</th>
                        <th><span class="sr-only">Take it</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($found as [$blank, $largest, $wasted, $brings])
                        <tr>
                            <td class="text-ink">{!! $show->drawn($shelf->drawing($blank)) !!}</td>
                            <td>
                                <a href="{{ route('rack.show', $blank) }}"><b>{{ $blank->number }}</b></a>
                                {{ $show->wood($blank->wood) }}
                                <span class="faint small block">{{ $shelf->what($blank) }}</span>
                                @if ($brings !== [])
                                    <span class="warn small block">{{ $shelf->brings($brings) }}</span>
                                @endif
                            </td>
                            <td class="n">{{ $show->atMost($largest->diameterMm) }}</td>
                            <td class="n">{{ $show->atMost($largest->heightMm) }}</td>
                            <td class="n">{{ $show->atMost($largest->wallMm) }}</td>
                            <td class="n">{{ $show->share($wasted) }}</td>
                            <td class="n">
                                <a href="{{ route('pieces.create', ['blank' => $blank->id]) }}">Make it of this</a>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </div>
</x-layout>
