@props(['field'])
<x-number
    :name="'label.'.$field['name']"
    :label="$field['label']"
    :hint="$field['hint']"
    :value="$field['value']"
    class="w-full"
/>
