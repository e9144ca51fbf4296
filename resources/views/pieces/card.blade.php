@use('HonestGrain\Drawing\TickBox')
<x-layout :title="say('pages.pieces-card.route-card', ['piece' => $piece->name])" section="pieces">
    <div class="page max-w-[820px]">
        <p class="no-print mb-4 flex gap-6">
            <a href="{{ route('pieces.route', $piece) }}">Back to the route</a>
            <span class="faint">Print this page; it fits A4 and Letter.</span>
        </p>
        <div class="flex items-end gap-8 border-b-2 border-ink pb-3">
            <div class="grow">
                <h1 class="text-[2.2rem]">{{ $piece->name }}</h1>
                <p class="text-[1.1rem]">
                    {{ $page->wood($show) }} · {{ $page->due($show) }} · {{ mb_lcfirst($page->verdict($show)) }}
                </p>
            </div>
            <div class="piece-art card-art">{!! $show->drawn($piece->drawing) !!}</div>
        </div>
        <table class="card-steps text-[1.08rem]">
            <thead>
                <tr>
                    <th class="w-8"><span class="sr-only">Tick</span></th>
                    <th>Step</th>
                    <th class="n">Hands</th>
                    <th class="n">Planned</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($page->stepsInTime() as $step)
                    @php($words = $show->step($step))
                    <tr class="break-inside-avoid">
                        <td>{!! TickBox::svg($step->isDone(), say('pages.pieces-card.'.$step->state->value)) !!}</td>
                        <td>
                            <b>{{ $show->said($step->title) }}</b>
                            {{ $words->beside() }}
                            @foreach ($words->onCard() as $line)
                                <span class="small block">{{ $line }}</span>
                            @endforeach
                        </td>
                        <td class="n">{{ $step->minutes > 0 ? $show->minutes($step->minutes) : '' }}</td>
                        <td class="n">{{ $words->when() }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <div class="mt-4 grid break-inside-avoid gap-x-10 sm:grid-cols-2">
            <div>
                <h2>The piece</h2>
                @if ($page->blankStory() !== '')
                    <p class="small">{{ $page->blankStory() }}</p>
                @endif
                <p class="small">{{ $weight }}</p>
                @foreach ($page->finishes($show) as $where => $finish)
                    <p class="small"><b>{{ $where }}:</b> {{ $show->said($finish) }}</p>
                @endforeach
            </div>
            <div>
                <h2>For its owner</h2>
                @foreach ($care as $line)
                    <p class="small">{{ $show->said($line) }}</p>
                @endforeach
            </div>
        </div>
        <p class="small mt-3">
            Cautions are reminders: the product's label, its safety data sheet and your local rules come first.
        </p>
    </div>
</x-layout>
