{{-- The way to the pages before and after this one, where there are any. --}}
@props(['pages', 'earlier' => say('view.pager.earlier'), 'more' => say('view.pager.more')])
@if ($pages->hasPages())
    <nav class="mt-6 flex gap-6" aria-label="{{ say('view.pager.pages') }}">
        @if ($pages->previousPageUrl())
            <a href="{{ $pages->previousPageUrl() }}">{{ $earlier }}</a>
        @endif
        @if ($pages->nextPageUrl())
            <a href="{{ $pages->nextPageUrl() }}">{{ $more }}</a>
        @endif
    </nav>
@endif
