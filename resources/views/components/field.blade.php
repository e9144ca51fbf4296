@props(['name', 'label', 'hint' => null])
@inject('shown', 'App\View\ShownErrors')
@php($key = $shown::key($name))
<label {{ $attributes->class('field') }}>
    <span>{{ $label }}</span>
    {{ $slot }}
    @if ($hint)
        <small class="faint block">{{ $hint }}</small>
    @endif
    @error($key)
        @php($shown->add($name))
        <em>{{ $message }}</em>
    @enderror
</label>
