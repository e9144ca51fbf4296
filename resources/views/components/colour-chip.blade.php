@props(['colour' => null, 'size' => 14])
@if ($colour)
    <svg
        {{ $attributes->class('mr-1 inline-block align-[-2px]') }}
        width="{{ $size }}"
        height="{{ $size }}"
        aria-hidden="true"
    >
        <rect
            width="{{ $size }}"
            height="{{ $size }}"
            fill="{{ $colour }}"
            stroke="currentColor"
        />
    </svg>
@endif
