{{-- What is there for who asks: a line to press, and what stands behind it. --}}
@props(['label', 'open' => false, 'isFaint' => false])
<details {{ $attributes }} @if ($open) open @endif>
    <summary @class(['underline underline-offset-4', $isFaint ? 'faint' : 'text-act'])>{{ $label }}</summary>
    {{ $slot }}
</details>
