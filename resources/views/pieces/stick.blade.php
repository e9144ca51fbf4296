@php($piece = $page->piece)
<x-layout :title="say('pages.pieces-stick.title', ['piece' => $piece->name])" section="pieces">
    <div class="page max-w-[880px]">
        <p class="no-print mb-4 flex gap-6">
            <a href="{{ route('pieces.shape', $piece) }}">Back to the shape</a>
            <span class="faint">Print this page at 100 %: the strips are at true size.</span>
        </p>
        <div class="stick-head border-b-2 border-ink pb-3">
            <h1 class="text-[2.2rem]">{{ $piece->name }}</h1>
            <p class="text-[1.1rem]">Story stick · {{ $page->wood($show) }}</p>
        </div>
        @foreach ($stick->parts() as [$name, $strips, $lines, $weights, $rings])
            <section class="stick-part mt-5">
                @if ($page->core->hasParts())
                    <h2>{{ $name }}</h2>
                @endif
                <div class="mt-2 grid items-start gap-x-8 gap-y-6 sm:grid-cols-[110mm_1fr]">
                    <div class="space-y-6 text-ink">
                        @foreach ($strips as $strip)
                            <div class="break-inside-avoid">{!! $show->drawn($strip) !!}</div>
                        @endforeach
                    </div>
                    <div>
                        <table class="stick-lines text-[1.08rem]">
                            <thead>
                                <tr>
                                    <th class="n">Over the foot</th>
                                    <th class="n">Callipers</th>
                                    <th class="n">Wall</th>
                                    <th class="pl-4">What</th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($lines as [$height, $across, $wall, $what])
                                    <tr>
                                        <td class="n"><b>{{ $height }}</b></td>
                                        <td class="n">⌀ {{ $across }}</td>
                                        <td class="n">{{ $wall }}</td>
                                        <td class="pl-4">{{ $what }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                        @foreach ($rings as $ring)
                            <p class="mt-2">{{ $ring }}</p>
                        @endforeach
                        @if ($weights !== '')
                            <p class="mt-2">{{ $weights }}</p>
                        @endif
                    </div>
                </div>
            </section>
        @endforeach
        <x-why kind="exact">
            Heights, diameters and walls are measured on the drawn line, the wall level from outside to inside. A part
            with lids or wood of its own stands on its own foot.
        </x-why>
    </div>
</x-layout>
