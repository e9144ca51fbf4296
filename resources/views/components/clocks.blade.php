{{-- All clocks that run, and one more to set. --}}
@use('App\Models\TimerKind')
@props(['clocks', 'pieces', 'piece' => null])
<h2 @class(['faint font-sans text-base font-normal', 'sr-only' => $clocks === []])>Clocks</h2>
<div id="clocks">
    @foreach ($clocks as $clock)
        <div class="clock-row">
            <p class="text-[1.15rem] leading-snug">
                @if ($clock->step)
                    <a
                        class="text-ink"
                        href="{{ route('pieces.route', $clock->step->piece_id) }}"
                        >{{ $clock->says }}</a
                    >
                @else
                    <b>{{ $clock->says }}</b>
                @endif
                @if ($clock->isEarly())
                    <span class="faint">from {{ $show->time($clock->from) }}</span>
                @elseif ($clock->until)
                    <span class="faint">by {{ $show->time($clock->until) }}</span>
                @endif
            </p>
            <p class="clock-time">
                @if ($clock->isStopped())
                    <span class="faint">stopped</span>
                @elseif ($clock->isEarly())
                    <b data-until="{{ $clock->from->timestamp }}"></b>
                @elseif ($clock->since)
                    <b data-since="{{ $clock->since }}"></b>
                @elseif ($clock->until)
                    <b
                        data-until="{{ $clock->until->timestamp }}"
                        data-tells="{{ $clock->timer ? 'rings' : 'closes' }}"
                    ></b>
                @endif
            </p>
            <div class="hands-row">
                @if ($clock->timer)
                    @if ($clock->timer->rings_at)
                        <form method="post" action="{{ route('timers.update', $clock->timer) }}" data-live>
                            @csrf
                            @method('put')
                            <button
                                class="press"
                                name="more_minutes"
                                value="5"
                                aria-label="+ 5 min: {{ $clock->says }}"
                            >
                                + 5 min
                            </button>
                        </form>
                    @endif
                    @if ($clock->isStopped())
                        @if ($clock->timer->rings_at === null)
                            <form method="post" action="{{ route('timers.update', $clock->timer) }}" data-live>
                                @csrf
                                @method('put')
                                <button class="press" aria-label="Go on: {{ $clock->says }}">Go on</button>
                            </form>
                        @endif
                    @else
                        <form
                            method="post"
                            action="{{ route('timers.destroy', $clock->timer) }}"
                            data-live
                            data-press="stop"
                            data-says="{{ $clock->says }}"
                        >
                            @csrf
                            @method('delete')
                            <button class="press" aria-label="Stop: {{ $clock->says }}">Stop</button>
                        </form>
                    @endif
                @elseif ($clock->since)
                    <x-step-form
                        :step="$clock->step"
                        to="stop"
                        press="Stop"
                        :label="say('pages.bench.stop-of', ['what' => $clock->says])"
                        data-live
                        ><x-once
                    /></x-step-form>
                @elseif (! $clock->isEarly())
                    <x-done :step="$clock->step" look="press press-main" />
                @endif
            </div>
        </div>
    @endforeach
</div>
<details
    id="set-a-clock"
    class="mb-6"
    data-key="t"
    @if ($errors->hasAny('timed', 'called', 'for_minutes', 'at_piece')) open @endif
>
    <summary class="inline-block py-2 text-act underline underline-offset-4">Set a clock</summary>
    <form
        method="post"
        action="{{ route('timers.store') }}"
        class="mt-2 grid grid-cols-2 gap-x-4"
        data-live
        data-press="timer"
    >
        @csrf
        <x-once />
        <x-field name="timed" label="It times"
            ><select class="w-full" name="timed">
                @foreach (TimerKind::cases() as $kind)
                    <option value="{{ $kind->value }}" @selected(old('timed') === $kind->value)>
                        {{ $kind->word() }}
                    </option>
                @endforeach</select
        ></x-field>
        <x-number name="for_minutes" label="Rings after, min" hint="Leave empty to count up." class="w-full" />
        <x-field name="at_piece" label="At"
            ><select class="w-full" name="at_piece">
                <option value="">no piece</option>
                @foreach ($pieces as $id => $name)
                    <option value="{{ $id }}" @selected((int) old('at_piece', $piece) === $id)>{{ $name }}</option>
                @endforeach</select
        ></x-field>
        <x-field name="called" label="Name (optional)"
            ><input class="w-full" name="called" maxlength="80" value="{{ old('called') }}"
        /></x-field>
        <p><button class="press press-main">Start it</button></p>
    </form>
</details>
