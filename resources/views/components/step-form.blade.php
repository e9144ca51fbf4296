{{-- What is said of a step: done, skipped, noted. It names the step that was read, so that it goes to no other. --}}
@props(['step', 'to', 'press', 'isBig' => false, 'look' => null, 'key' => null, 'label' => null])
<form
    method="post"
    action="{{ route("steps.$to", $step) }}"
    data-press="{{ $to }}"
    data-says="{{ $show->pieceStep($step) }}"
    data-piece="{{ $step->piece_id }}"
    {{ $attributes }}
>
    @csrf
    <x-read :step="$step" />
    {{ $slot }}
    <button
        @class([$look ?? 'press', 'min-h-[48px]' => $isBig])
        @if ($key) data-key="{{ $key }}" @endif
        @if ($label) aria-label="{{ $label }}" @endif
    >
        {{ $press }}
    </button>
</form>
