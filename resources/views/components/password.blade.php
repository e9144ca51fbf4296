{{-- A password: the one that counts now, or a new one. --}}
@props(['name', 'label', 'hint' => null, 'kind' => 'current'])
<x-field :$name :$label :$hint
    ><input class="w-full" type="password" name="{{ $name }}" autocomplete="{{ $kind }}-password" required
/></x-field>
