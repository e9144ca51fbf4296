@php($blank = $page->blank)
<x-layout :title="say('view.forms-page.title', ['number' => $blank->number])" section="rack">
    <div class="page">
        <p>
            <a href="{{ route('rack.show', $blank) }}">{{ $blank->number }} {{ $show->wood($blank->wood) }}</a>
        </p>
        <h1 class="mt-1">What could be made of it</h1>
        <p class="faint mt-1">
            <x-termed
                >Each form as large as this blank allows, with its usual finish. The one that wastes least stands
                first.</x-termed
            >
        </p>
        @if (! $page->isAny())
            <p class="mt-6 font-semibold">No form fits it: it is roughed out already, or too small.</p>
        @else
            <table class="mid mt-4">
                <thead>
                    <tr>
                        <th class="w-[120px]"><span class="sr-only">Drawing</span></th>
                        <th>Form</th>
                        <th class="n">Becomes shavings</th>
                        @if ($page->price() !== null)
                            <th class="n">of its price</th>
                        @endif
                        <th class="n">Weighs dry</th>
                        @if ($page->showsHeart())
                            <th class="n">Heartwood</th>
                        @endif
                        <th class="n">Hands</th>
                        <th><span class="sr-only">Draw it</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->rows() as $row)
                        <tr>
                            <td class="text-ink">{!! $show->drawn($row->drawing) !!}</td>
                            <td>
                                <b>{{ $row->form }}</b>
                                <span class="small block">{{ $row->sizes }}</span>
                                @if ($row->note !== '')
                                    <span class="warn small block">{{ $row->note }}</span>
                                @endif
                            </td>
                            <td class="n">{{ $row->lost }}</td>
                            @if ($page->price() !== null)
                                <td class="n">{{ $row->cost }}</td>
                            @endif
                            <td class="n">{{ $row->weighs }}</td>
                            @if ($page->showsHeart())
                                <td class="n">{{ $row->heart }}</td>
                            @endif
                            <td class="n">{{ $row->hands }}</td>
                            <td class="n"><a href="{{ $row->draw }}">Draw it</a></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <x-why kind="workshop">
                Volumes are summed over the drawn lines; grey is what becomes shavings, hatched is sapwood. Hands are
                the minutes of the whole route in this shop, from the blank to the last look. Heartwood is shown where
                the width of the sapwood was typed and the pith is in the middle.
            </x-why>
        @endif
    </div>
</x-layout>
