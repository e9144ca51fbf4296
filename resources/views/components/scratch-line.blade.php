@props(['panel', 'ladder'])
@php($s = $panel->sanding)
@php($line = $panel->line($ladder))
<svg viewBox="0 0 {{ $line['width'] }} {{ $line['height'] }}" class="mt-2 w-full" role="img"
    aria-label="Scratch depth over the minutes of sanding, falling to the limit">
    <path d="M{{ $line['left'] }} 14V{{ $line['bottom'] }}H{{ $line['width'] }}" stroke="currentColor" fill="none" stroke-width="0.8"/>
    <path d="M{{ $line['left'] }} {{ $line['limitY'] }}H{{ $line['width'] }}" stroke="var(--warn)" stroke-dasharray="5 4"/>
    <text x="{{ $line['left'] + 6 }}" y="{{ $line['limitY'] - 5 }}" font-size="12" fill="var(--warn)">{{ $show->plain($s->job->limitUm) }} µm asked</text>
    @if ($line['floorY'])
        <path d="M{{ $line['left'] }} {{ $line['floorY'] }}H{{ $line['width'] }}" stroke="var(--warn)" stroke-dasharray="2 4"/>
        <text x="{{ $line['left'] + 6 }}" y="{{ $line['floorY'] + 13 }}" font-size="12" fill="var(--warn)">not below {{ $show->plain($s->job->floorUm) }}</text>
    @endif
    @if ($s->own)
        <path d="{{ $panel->line($s->own)['path'] }}" stroke="currentColor" stroke-dasharray="4 3" stroke-width="1.6" fill="none" stroke-opacity="0.65"/>
    @endif
    <path d="{{ $line['path'] }}" stroke="currentColor" stroke-width="2.2" fill="none"/>
    @foreach ($line['labels'] as $label)
        <circle cx="{{ $label['x'] }}" cy="{{ $label['y'] }}" r="3.4" fill="currentColor"/>
        <text x="{{ $label['x'] + 5 }}" y="{{ $label['y'] - 7 }}" font-size="13" fill="currentColor">{{ $label['grit'] }}</text>
    @endforeach
    <text x="4" y="24" font-size="12" fill="currentColor">{{ $show->plain($line['top']) }}</text>
    <text x="4" y="{{ $line['bottom'] }}" font-size="12" fill="currentColor">0 µm</text>
    <text x="{{ $line['left'] }}" y="{{ $line['height'] - 3 }}" font-size="12" fill="currentColor">0 min</text>
    <text x="{{ $line['endX'] }}" y="{{ $line['height'] - 3 }}" font-size="12" text-anchor="middle" fill="currentColor">{{ $show->plain($line['minutes']) }} min</text>
</svg>
