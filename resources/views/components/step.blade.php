@props(['step', 'words', 'piece', 'told'])
@php([$isOpen, $isNext, $canMove, $title] = [
    $step->isOpen(), (bool) $step->is_next, $told->canMove($step), $show->said($step->title),
])
@php([$wait, $window] = [$words->wait(), $words->window()])
@php($hazards = $isOpen && ! $isNext ? $words->hazardTitles() : '')
<li
    @class(['route-step', 'faint' => ! $isOpen])
    data-step="{{ $step->step }}"
    data-room="{{ $canMove ? $told->room($step) : '' }}"
    data-light="{{ implode(' ', $step->zones()) }}"
    data-light-part="{{ $step->part }}"
    @if ($isOpen && $piece->isInWork())
        data-follows="{{ implode(' ', $step->follows) }}"
        data-read="{{ $step->mark() }}"
        data-done="{{ route('steps.done', $step, absolute: false) }}"
        data-says="{{ $piece->name }}: {{ $title }}"
        data-piece="{{ $piece->id }}"
    @endif
    tabindex="-1"
>
    <p class="small">
        @if (! $isOpen)
            <b>{{ $words->past() }}</b>
        @elseif ($step->start_at)
            <span @class(['block', 'font-semibold' => $isNext])>{{ $words->when() }}</span>
        @else
            not planned
        @endif
        @if ($step->minutes > 0)
            <span class="faint block">{{ $show->minutes($step->minutes) }}</span>
            @if ($isOpen && $told->who($step) !== '')
                <span class="faint block">{{ $told->who($step) }}</span>
            @endif
        @endif
    </p>
    <div>
        <p class="text-[1.06rem]">
            @if ($canMove)
                <span
                    role="button"
                    tabindex="0"
                    class="route-grip no-print"
                    draggable="true"
                    title="Drag, or Alt with the arrow keys"
                    aria-label="Move “{{ $title }}”: Alt with arrow up or down"
                    >⠿</span
                >
            @endif
            <b>{{ $step->number() }}. {{ $title }}</b>
        </p>
        <p class="small">{{ $words->line() }}</p>
        <p class="faint small"><x-termed>{{ $show->said($step->details->because) }}</x-termed></p>
        @foreach ($isNext ? $step->details->hazards : [] as $hazard)
            <p class="small">
                <b class="warn">{{ $show->said($hazard->title()) }}.</b> {{ $show->said($hazard->says()) }}
            </p>
        @endforeach
        @if ($hazards !== '')
            <p class="small warn">{{ $hazards }}</p>
        @endif
        @if ($isNext && $piece->isInWork())
            <x-looks :$step :looks="$told->looks($step)" />
        @endif
        <x-why kind="workshop">
            <x-slot:first>
                @foreach ($told->reasons($step) as $reason)
                    <p>{{ $reason }}</p>
                @endforeach
                @foreach ($step->details->reckoning as $line)
                    <p>{{ $show->said($line) }}</p>
                @endforeach
            </x-slot:first>
            {{ $words->why() }}
        </x-why>
    </div>
    <div class="small">
        @if ($wait)
            <p>
                {{ $wait }}
                <span class="faint">{{ $words->atTheTin() }}</span>
            </p>
        @endif
        @if ($window)
            <p @class(['warn' => $words->isTooLate()])>{{ $window }}</p>
        @endif
        @if ($isNext && $piece->isInWork())
            <div class="no-print mt-1 flex flex-wrap gap-x-4">
                <x-done :step="$step" label="Done now" />
                <x-disclosure label="Other">
                    <x-step-form :$step to="done" press="Log it" class="mt-2" data-live>
                        <x-field name="at" label="Done at">
                            <input type="datetime-local" name="at" value="{{ $show->fieldTime(now()) }}" required />
                        </x-field>
                        @if ($step->isEarlyAt(now()) || $errors->has('found'))
                            <x-found :required="false" />
                        @endif
                    </x-step-form>
                    <x-step-form :$step to="skip" press="Skip it" class="mt-3" data-live>
                        <x-field name="reason" label="Skip, because">
                            <input name="reason" required maxlength="500" />
                        </x-field>
                    </x-step-form>
                </x-disclosure>
                <a class="py-1" href="{{ route('steps.wrong', $step) }}">Something is wrong</a>
            </div>
        @endif
        @if ($isOpen && $told->isOwn($step))
            <form method="post" action="{{ route('pieces.own-steps.destroy', [$piece, $step->step]) }}" data-live>
                @csrf
                @method('delete')
                <input type="hidden" name="version" value="{{ $piece->version }}" />
                <button class="quiet no-print">Remove this step</button>
            </form>
        @endif
    </div>
</li>
