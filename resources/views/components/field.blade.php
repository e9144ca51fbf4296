@props(['name', 'label', 'hint' => null])
<label {{ $attributes->class('field') }}>
    <span>{{ $label }}</span>
    {{ $slot }}
    @if ($hint)
        <small class="faint block">{{ $hint }}</small>
    @endif
    <x-refused :name="$name" />
</label>
