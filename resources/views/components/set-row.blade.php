@props(['name', 'label'])
<label class="set-row">
    <span>{{ $label }}</span>
    {{ $slot }}
    <x-refused :name="$name" />
</label>
