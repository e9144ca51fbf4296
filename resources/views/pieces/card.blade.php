<x-layout :title="$piece->name.', route card'" section="pieces">
    <div class="page max-w-[820px]">
        <p class="no-print mb-4 flex gap-6"><a href="{{ route('pieces.route', $piece) }}">Back to the route</a><span class="faint">Print this page; it fits A4 and Letter.</span></p>
        <div class="flex items-end gap-8 border-b-2 border-ink pb-3">
            <div class="grow"><h1 class="!text-[2.2rem]">{{ $piece->name }}</h1><p class="text-[1.1rem]">{{ lcfirst($piece->wood) }}, {{ $piece->document['grain'] }} grain · {{ $piece->due_at ? 'due '.$show->day($piece->due_at) : 'no due date' }} · {{ lcfirst($page->verdict($show)) }}</p></div>
            <div class="piece-art card-art">{!! $piece->drawing !!}</div>
        </div>
        <table class="text-[1.08rem]"><thead><tr><th class="w-8"></th><th>Step</th><th class="n">Hands</th><th class="n">Planned</th></tr></thead><tbody>
            @foreach ($page->stepsInTime() as $step)
                <tr class="break-inside-avoid"><td><svg viewBox="0 0 20 20" class="h-5 w-5" role="img" aria-label="{{ $step->state }}"><rect x="1" y="1" width="18" height="18" fill="none" stroke="currentColor" stroke-width="1.6"/>@if ($step->state === 'done')<path d="M4 10l4 5 8-11" fill="none" stroke="currentColor" stroke-width="2.4"/>@endif</svg></td>
                    <td><b>{{ $step->title }}</b> @if ($step->amount())· {{ $show->stepAmount($step) }}@endif @if ($step->details['speed_rpm'])· at most {{ $step->details['speed_rpm'] }} rpm @endif
                        @if ($step->details['wait'])@php($wait = $step->details['wait_here'] ?? $step->details['wait'])<br><span class="small">then wait {{ $show->hours($wait['min_hours']) }}@if ($wait['max_hours']), at most {{ $show->hours($wait['max_hours']) }}@endif {{ $step->details['wait_for'] }}</span>@endif
                        @php($titles = array_map(fn ($hazard) => $hazard->title(), $step->hazards()))
                        @if ($titles !== [])<br><span class="small">{{ implode(' · ', $titles) }}</span>@endif</td>
                    <td class="n">{{ $step->minutes > 0 ? $show->minutes($step->minutes) : '' }}</td><td class="n">{{ ($step->start_at ?? $step->end_at) ? $show->day($step->start_at ?? $step->end_at).' '.$show->time($step->start_at ?? $step->end_at) : '' }}</td></tr>
            @endforeach
        </tbody></table>
        <div class="mt-4 grid gap-x-10 break-inside-avoid sm:grid-cols-2">
            <div><h2>The piece</h2>
                <p class="small">{{ $weight }}</p>
                @forelse ($core->coatPlans as $plan)
                    <p class="small"><b>{{ ucfirst(implode(', ', $plan->zones)) }}:</b> {{ $plan->inWords() }}</p>
                @empty
                    <p class="small">Bare wood.</p>
                @endforelse
            </div>
            <div><h2>For its owner</h2>
                @foreach ($care as $line)<p class="small">{{ $line }}</p>@endforeach
            </div>
        </div>
        <p class="small mt-3">Cautions are reminders: the product's label, its safety data sheet and your local rules come first.</p>
    </div>
</x-layout>
