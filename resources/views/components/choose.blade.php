@props(['name', 'options', 'chosen' => ''])
<select {{ $attributes->merge(['class' => 'w-full', 'name' => $name]) }}>
    @foreach ($options as $value => $words)
        <option value="{{ $value }}" @selected((string) old($name, $chosen) === (string) $value)>
            {{ $show->said($words) }}
        </option>
    @endforeach
</select>
