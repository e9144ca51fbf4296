{{-- One press to say a step is done; where it can burn, one deliberate press before that, once a session. --}}
@props(['step', 'look' => 'press', 'label' => null, 'id' => null, 'key' => null])
@php([$caution, $label] = [$step->unheeded(session('cautioned', [])), $label ?? say('pages.done.done')])
@php($title = $show->said($step->title))
@if ($caution)
    <form
        method="post"
        action="{{ route('cautions') }}"
        data-live
        data-press="caution"
        data-done="{{ route('steps.done', $step, absolute: false) }}"
        data-read="{{ $step->mark() }}"
        data-says="{{ $show->pieceStep($step) }}"
        data-piece="{{ $step->piece_id }}"
    >
        @csrf
        <input type="hidden" name="hazard" value="{{ $caution->value }}" /><button
            @class([$look, 'press-warn' => str_contains($look, 'press'), 'warn' => ! str_contains($look, 'press')])
            aria-label="{{ $show->said($caution->title()) }}: I have seen to it, for {{ $step->piece->name }}"
        >
            @if (str_contains($look, 'press'))
                {{ $show->said($caution->title()) }}: I have seen to it
            @else
                Caution
            @endif
        </button>
    </form>
@else
    <form
        method="post"
        action="{{ route('steps.done', $step) }}"
        data-live
        data-press="done"
        data-says="{{ $show->pieceStep($step) }}"
        data-piece="{{ $step->piece_id }}"
    >
        @csrf
        @if ($step->isTooWet())
            <label class="check"
                ><input type="checkbox" name="sure" value="1" required /> Not dry by its weights: I go on all the
                same</label
            >
            <x-refused name="sure" class="warn" />
        @endif

        @if ($step->isEarlyAt(now()))
            <x-found />
        @endif

        <x-read :step="$step" /><button
            class="{{ $look }}"
            @if ($id) id="{{ $id }}" @endif
            @if ($key) data-key="{{ $key }}" @endif
            @if ($id === null) aria-label="{{ $label }}: {{ $step->piece->name }}, {{ $title }}" @endif
        >
            {{ $label }}
        </button>
    </form>
@endif
