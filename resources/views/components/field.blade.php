{{-- A field with its label, its hint and what was refused of it. Where more than one control stands in it, `for` names
the one that the label belongs to. --}}
@props(['name', 'label', 'hint' => null, 'for' => null])
@php($tag = $for === null ? 'label' : 'div')
<{{ $tag }} {{ $attributes->class('field') }}>
    @if ($for === null)
        <span><x-termed>{{ $label }}</x-termed></span>
    @else
        <label for="{{ $for }}"><x-termed>{{ $label }}</x-termed></label>
    @endif
    {{ $slot }}
    @if ($hint)
        <small class="faint block"><x-termed>{{ $hint }}</x-termed></small>
    @endif
    <x-refused :name="$name" />
</{{ $tag }}>
