@php($piece = $page->piece)
<x-layout :title="say('pages.pieces-mark-out.mark-out-list', ['piece' => $piece->name])" section="pieces">
    <div class="page max-w-[880px]">
        <p class="no-print mb-4 flex gap-6">
            <a href="{{ route('pieces.marks', $piece) }}">Back to the marks</a>
            <span class="faint">Print this page; it fits A4 and Letter.</span>
        </p>
        <div class="flex items-end gap-8 border-b-2 border-ink pb-3">
            <div class="grow">
                <h1 class="text-[2.2rem]">{{ $piece->name }}</h1>
                <p class="text-[1.1rem]">Mark-out list · {{ $page->wood($show) }}</p>
            </div>
            <div class="piece-art card-art">{!! $show->drawn($piece->drawing) !!}</div>
        </div>
        <p class="small faint mt-2">
            <x-termed
                >Set each distance from the same edge, along the surface. Then no error builds up. Callipers are for the
                diameter at the line.</x-termed
            >
        </p>
        @if ($out->sphere() !== [])
            <h2 class="mt-5">The sphere on its blank</h2>
            <table class="mark-out text-[1.15rem]">
                <thead>
                    <tr>
                        <th>From one end of it</th>
                        <th class="n">Callipers</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($out->sphere() as [$from, $across])
                        <tr>
                            <td>{{ $from }}</td>
                            <td class="n"><b>⌀ {{ $across }}</b></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        @foreach ($out->core->parts as $part)
            @foreach ($out->faces($part) as [$face, $ends, $edges])
                <h2 class="mt-5">
                    {{ mb_ucfirst(($page->core->hasParts() ? $part->name.', ' : '').$show->faces([$face])) }}
                </h2>
                <table class="mark-out text-[1.15rem]">
                    <thead>
                        <tr>
                            <th class="w-full">Line</th>
                            <th class="n">From the {{ $ends[0] }}</th>
                            <th class="n">From the {{ $ends[1] }}</th>
                            <th class="n">Callipers</th>
                            <th class="n">Up from the table</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($edges as [$line, $rim, $foot, $across, $up])
                            <tr class="break-inside-avoid">
                                <td>{{ $line }}</td>
                                <td class="n"><b>{{ $rim }}</b></td>
                                <td class="n">{{ $foot }}</td>
                                <td class="n"><b>⌀ {{ $across }}</b></td>
                                <td class="n">{{ $up }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endforeach
            @if ($out->divisions($part) !== [])
                <h2 class="mt-5">Divided</h2>
                <table class="text-[1.05rem]">
                    <tbody>
                        @foreach ($out->divisions($part) as [$label, $parts, $how])
                            <tr>
                                <td><b>{{ $label }}</b></td>
                                <td class="n">{{ $parts }} parts</td>
                                <td class="pl-6">{{ $how }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            @if ($part->marks === [])
                <p class="mt-4 faint">{{ $part->name }}: nothing is marked.</p>
            @endif
        @endforeach
    </div>
</x-layout>
