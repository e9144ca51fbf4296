@props(['step', 'words', 'piece'])
@php($isOpen = $step->state === 'open')
<li
    @class(['grid gap-x-8 border-b border-rule py-2.5 md:grid-cols-[140px_1fr_330px]', 'faint' => ! $isOpen])
    data-light="{{ implode(' ', $step->zones()) }}"
    data-light-part="{{ $step->part }}"
    tabindex="-1"
>
    <p class="small">
        @if (! $isOpen)
            <b>{{ $words->past() }}</b>
        @elseif ($step->start_at)
            <span @class(['block', 'font-semibold' => $step->is_next])>{{ $words->when() }}</span>
        @else
            not planned
        @endif
        @if ($step->minutes > 0)
            <span class="faint block">{{ $show->minutes($step->minutes) }}</span>
        @endif
    </p>
    <div>
        <p class="text-[1.06rem]"><b>{{ $step->number() }}. {{ $step->title }}</b></p>
        <p class="small">{{ $words->line() }}</p>
        <p class="faint small">{{ $step->details->because }}</p>
        @foreach ($isOpen ? $step->details->hazards : [] as $hazard)
            <p class="small"><b class="warn">{{ $hazard->title() }}.</b> {{ $hazard->says() }}</p>
        @endforeach
    </div>
    <div class="small">
        @if ($words->wait())
            <p>
                {{ $words->wait() }}
                <span class="faint">{{ $words->atTheTin() }}</span>
            </p>
        @endif
        @if ($words->window())
            <p @class(['warn' => $words->isTooLate()])>{{ $words->window() }}</p>
        @endif
        @if ($step->is_next && $piece->state === 'working')
            <div class="no-print mt-1 flex flex-wrap gap-x-4">
                <x-done :step="$step" label="Done now" />
                <details>
                    <summary class="text-act py-1 underline underline-offset-4">Other</summary>
                    <form method="post" action="{{ route('steps.done', $step) }}" class="mt-2" data-live>
                        @csrf
                        <x-read :step="$step" />
                        <x-field name="at" label="Done at">
                            <input type="datetime-local" name="at" value="{{ $show->fieldTime(now()) }}" required />
                        </x-field>
                        <button class="press">Log it</button>
                    </form>
                    <form method="post" action="{{ route('steps.skip', $step) }}" class="mt-3" data-live>
                        @csrf
                        <x-read :step="$step" />
                        <x-field name="reason" label="Skip, because">
                            <input name="reason" required maxlength="500" />
                        </x-field>
                        <button class="press">Skip it</button>
                    </form>
                </details>
            </div>
        @endif
        @if ($isOpen)
            <x-why kind="workshop">{{ $words->why() }}</x-why>
        @endif
    </div>
</li>
