{{-- One figure of a label: what the maker's own says, with the typical one as its hint. --}}
@props(['field'])
<x-number
    :name="'label.'.$field['name']"
    :label="$field['label']"
    :hint="$field['hint']"
    :value="$field['value']"
    class="w-full"
/>
