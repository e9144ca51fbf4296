{{-- A field that takes one number, with its label, its hint and what was refused of it. `name` is that of the rule,
with points; `keeps` is false where several forms of a page have a field of that name. --}}
@props(['name', 'label', 'value' => null, 'hint' => null, 'keeps' => true])
<x-field :$name :$label :$hint>
    <x-decimal
        :name="preg_replace('/\.([^.]+)/', '[$1]', $name)"
        :value="$keeps ? old($name, $value) : $value"
        :$attributes
    />
</x-field>
