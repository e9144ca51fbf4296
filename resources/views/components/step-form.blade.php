{{-- What is said of a step: done, skipped, noted. It names the step that was read, so that it goes to no other. --}}
@props(['step', 'to', 'press', 'isBig' => false])
<form method="post" action="{{ route("steps.$to", $step) }}" {{ $attributes }}>
    @csrf
    <x-read :step="$step" />
    {{ $slot }}
    <button @class(['press', 'min-h-[44px]' => $isBig])>{{ $press }}</button>
</form>
