{{-- What was refused, at its own field; the top of the page links here. --}}
@props(['name'])
@php($key = \App\View\ShownErrors::key($name))
@error($key)
    @inject('shown', 'App\View\ShownErrors')
    @if ($shown->add($name))
        <em {{ $attributes }} id="{{ $shown::anchor($key) }}">{{ $message }}</em>
    @else
        <em {{ $attributes }}>{{ $message }}</em>
    @endif
@enderror
