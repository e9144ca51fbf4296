@props(['name', 'options', 'chosen' => '', 'isWide' => true])
<select {{ $attributes->class(['w-full' => $isWide])->merge(['name' => $name]) }}>
    @foreach ($options as $value => $words)
        <option value="{{ $value }}" @selected((string) old($name, $chosen) === (string) $value)>
            {{ $show->said($words) }}
        </option>
    @endforeach
</select>
