{{-- What was refused, at its own field; the top of the page links here. --}}
@props(['name'])
@inject('shown', 'App\View\ShownErrors')
@php($key = $shown::key($name))
@error($key)
    @if ($shown->add($name))
        <em {{ $attributes }} id="{{ $shown::anchor($key) }}">{{ $message }}</em>
    @else
        <em {{ $attributes }}>{{ $message }}</em>
    @endif
@enderror
