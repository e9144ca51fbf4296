@php($piece = $page->piece)
<x-piece :page="$page" tab="route" title="route">
    <div class="no-print mb-3 flex flex-wrap gap-5"><a href="{{ route('pieces.card', $piece) }}">Route card to print</a><a href="{{ route('pieces.csv', $piece) }}">Route as CSV</a><a href="{{ route('calendar.file') }}">Calendar file</a>
        <span class="ml-auto flex gap-5"><form method="post" action="{{ route('pieces.copy', $piece) }}">@csrf<x-once /><button class="quiet">One more like it</button></form>
        @if ($piece->state === 'put-away')<form method="post" action="{{ route('pieces.revive', $piece) }}">@csrf<button class="quiet">Bring back into work</button></form>@else
        <form method="post" action="{{ route('pieces.destroy', $piece) }}" data-ask="Put “{{ $piece->name }}” away? It leaves the plan and keeps its record; it can come back.">@csrf @method('delete')<button class="quiet">Put it away</button></form>@endif</span></div>
    @if ($page->steps->isEmpty())
        <p class="note note-warn">No route could be worked out; the remarks below say why.</p>
    @endif
    @php($past = $page->steps->takeWhile(fn ($s) => $s->state !== 'open'))
    @if ($past->isNotEmpty())
        <details class="border-b border-rule pb-2"><summary class="text-act underline underline-offset-4">{{ $past->count() }} {{ Str::plural('step', $past->count()) }} behind you, the last {{ $show->dayTime($past->max('end_at') ?? now()) }}</summary>
            <ol class="mt-1">@foreach ($past as $step)<li class="small py-0.5"><b>{{ $step->position + 1 }}. {{ $step->title }}</b>: {{ $step->state }}{{ $step->state === 'done' ? ' '.$show->dayTime($step->end_at) : '' }}</li>@endforeach</ol>
        </details>
    @endif
    <ol>
        @foreach ($page->steps->slice($past->count()) as $step)
            @php($d = $step->details)
            <li @class(['grid gap-x-8 border-b border-rule py-2.5 md:grid-cols-[140px_1fr_330px]', 'faint' => $step->state !== 'open']) data-light="{{ implode(' ', $step->zones()) }}" tabindex="-1">
                <p class="small">@if ($step->state === 'done')<b>done</b> {{ $show->dayTime($step->end_at) }}@elseif ($step->state === 'skipped')<b>skipped</b>@elseif ($step->start_at)<span @class(['font-semibold' => $step->is_next])>{{ $show->day($step->start_at) }}<br>{{ $show->time($step->start_at) }}</span>@else not planned @endif
                    @if ($step->minutes > 0)<br><span class="faint">{{ $show->minutes($step->minutes) }}</span>@endif</p>
                <div>
                    <p class="text-[1.06rem]"><b>{{ $step->position + 1 }}. {{ $step->title }}</b></p>
                    <p class="small">{{ ucfirst($d['hold']) }}{{ $d['speed_rpm'] ? ", at most {$d['speed_rpm']} rpm" : '' }}.{{ $step->amount() ? ' '.ucfirst($show->stepAmount($step)).'.' : '' }} {{ $show->sentence(implode(' ', $d['how'])) }}</p>
                    <p class="faint small">{{ $d['because'] }}</p>
                    @if ($step->state === 'open')
                        @foreach ($step->hazards() as $hazard)<p class="small"><b class="warn">{{ $hazard->title() }}.</b> {{ $hazard->says() }}</p>@endforeach
                    @endif
                </div>
                <div class="small">
                    @if ($d['wait'])@php($here = $d['wait_here'] ?? $d['wait'])<p>Then wait {{ $show->hours($here['min_hours']) }}@if ($here['max_hours']), at most {{ $show->hours($here['max_hours']) }}@endif {{ $d['wait_for'] }}.@if (isset($d['wait_here'])) <span class="faint">In this shop's air; it would be {{ $show->hours($d['wait']['min_hours']) }}{{ $d['wait']['max_hours'] ? ' to '.$show->hours($d['wait']['max_hours']) : '' }} at 21 °C, 50 %.</span>@endif</p>@endif
                    @if ($step->is_next && $step->opens_at?->isFuture())<p>May start {{ $show->dayTime($step->opens_at) }}</p>@endif
                    @if ($step->is_next && $step->closes_at)<p @class(['warn' => $step->closes_at->isPast()])>{{ $step->closes_at->isPast() ? 'Its window closed' : 'Window closes' }} {{ $show->dayTime($step->closes_at) }}</p>@endif
                    @if ($step->is_next && $piece->state === 'working')
                        <div class="no-print mt-1 flex flex-wrap gap-x-4">
                            <x-done :step="$step" label="Done now" />
                            <details><summary class="text-act underline underline-offset-4 py-1">Other</summary>
                                <form method="post" action="{{ route('steps.done', $step) }}" class="mt-2" data-live>@csrf<x-read :step="$step" /><x-field name="at" label="Done at"><input type="datetime-local" name="at" value="{{ $show->fieldTime(now()) }}" required></x-field><button class="press">Log it</button></form>
                                <form method="post" action="{{ route('steps.skip', $step) }}" class="mt-3" data-live>@csrf<x-read :step="$step" /><x-field name="reason" label="Skip, because"><input name="reason" required maxlength="500"></x-field><button class="press">Skip it</button></form>
                            </details>
                        </div>
                    @endif
                    @if ($step->state === 'open')<x-why kind="workshop">{{ HonestGrain\Route\StepKind::from($step->kind)->why() }}</x-why>@endif
                </div>
            </li>
        @endforeach
    </ol>
</x-piece>
