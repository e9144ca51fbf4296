{{-- What kind a row of a list is of. --}}
@props(['name', 'row', 'kinds', 'kind', 'label'])
<select name="{{ $name }}[{{ $row }}]" aria-label="{{ $label }}">
    @foreach ($kinds as $value => $word)
        <option value="{{ $value }}" @selected(old("$name.$row", $kind) === $value)>{{ $show->said($word) }}</option>
    @endforeach
</select>
