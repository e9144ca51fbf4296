{{-- What is there for who asks: a line to press, and what stands behind it. --}}
@props(['label', 'open' => false, 'isFaint' => false, 'chip' => null])
<details {{ $attributes }} @if ($open) open @endif>
    <summary @class(['underline underline-offset-4', $isFaint ? 'faint' : 'text-act'])>{{ $chip }}{{ $label }}</summary>
    {{ $slot }}
</details>
