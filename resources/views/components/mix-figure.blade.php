@props(['field'])
<x-field :name="'label.'.$field['name']" :label="$field['label']" :hint="$field['hint']">
    <input
        class="w-full"
        name="label[{{ $field['name'] }}]"
        inputmode="decimal"
        value="{{ old('label.'.$field['name'], $field['value']) }}"
    />
</x-field>
