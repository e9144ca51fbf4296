{{-- A page of the help, under its tabs. --}}
@props(['title', 'tab'])
<x-layout :title="$title" section="help">
    <div class="page">
        <nav aria-label="Help" class="tabs mb-4 border-b border-rule">
            @foreach (lines('pages.help.tabs') as $name => $label)
                <a href="{{ route($name) }}" @if ($tab === $name) aria-current="page" @endif>{{ $label }}</a>
            @endforeach
        </nav>
        {{ $slot }}
    </div>
</x-layout>
