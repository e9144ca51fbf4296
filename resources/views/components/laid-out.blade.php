{{-- A blank in words, and where each part lies on it. --}}
@props(['blank', 'places'])
<p class="mt-2">
    {{ $blank }}
    @if ($places !== '')
        <span class="faint">{{ $places }}</span>
    @endif
</p>
