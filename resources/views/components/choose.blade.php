@props(['name', 'options', 'chosen' => '', 'isWide' => true])
@php($now = (string) old(\App\View\ShownErrors::key($name), $chosen))
<select {{ $attributes->class(['w-full' => $isWide])->merge(['name' => $name]) }}>
    @foreach ($options as $value => $words)
        <option value="{{ $value }}" @selected($now === (string) $value)>{{ $show->said($words) }}</option>
    @endforeach
</select>
