@props(['name', 'label'])
@inject('shown', 'App\View\ShownErrors')
@php($key = $shown::key($name))
<label class="set-row">
    <span>{{ $label }}</span>
    {{ $slot }}
    @error($key)
        @php($shown->add($name))
        <em>{{ $message }}</em>
    @enderror
</label>
