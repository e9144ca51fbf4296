{{-- A step of the route: what is next stands open; each other is one line, and the rest of it opens. --}}
@props(['step', 'words', 'piece', 'told'])
@php([$isOpen, $isNext, $canMove, $title] = [
    $step->isOpen(), (bool) $step->is_next, $told->canMove($step), $show->said($step->title),
])
@php([$isLine, $wait, $window] = [! $isNext, $words->wait(), $words->window()])
<li
    @class(['route-step', 'route-line' => $isLine, 'faint' => ! $isOpen])
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
        @if (! $isLine && $step->minutes > 0)
            <span class="faint block">{{ $show->minutes($step->minutes) }}</span>
            @if ($told->who($step) !== '')
                <span class="faint block">{{ $told->who($step) }}</span>
            @endif
        @endif
    </p>
    <div class="flex items-baseline">
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
        <div class="grow">
            @if ($isLine)
                <details class="route-more" id="told-{{ $words->anchor() }}">
                    <summary><b class="route-title">{{ $step->number() }}. {{ $title }}</b></summary>
                    <x-step-told :$step :$words :$told />
                    @if ($wait)
                        <p class="small">{{ $wait }} <span class="faint">{{ $words->atTheTin() }}</span></p>
                    @endif
                    @if ($isOpen && $told->isOwn($step))
                        <x-own-step-out :$piece :$step />
                    @endif
                </details>
            @else
                <p class="text-[1.06rem]">
                    <b class="route-title">{{ $step->number() }}. {{ $title }}</b>
                </p>
                <x-step-told :$step :$words :$told />
                @if ($piece->isInWork())
                    <x-looks :$step :looks="$told->looks($step)" />
                @endif
            @endif
        </div>
    </div>
    @if ($isLine)
        <p class="small">
            {{ $step->minutes > 0 ? $show->minutes($step->minutes) : '' }}
            <span class="faint">{{ $isOpen ? $told->who($step) : '' }}</span>
        </p>
        <p class="small faint">
            @if ($isOpen)
                {!! $words->waitBar() !!} {{ $words->waits() }}
            @endif
        </p>
    @else
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
            @if ($piece->isInWork())
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
            @if ($told->isOwn($step))
                <x-own-step-out :$piece :$step />
            @endif
        </div>
    @endif
</li>
