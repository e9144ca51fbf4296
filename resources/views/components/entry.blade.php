@props(['entry', 'undone', 'named' => false])
<div class="flex gap-5 border-b border-rule py-2">
    <p class="faint small w-32 shrink-0">{{ $show->day($entry->happened_at) }} {{ $show->time($entry->happened_at) }}<br>{{ $entry->user?->name }}</p>
    <div @class(['line-through faint' => $undone->has($entry->id)])>
        @if ($named && $entry->piece)<a href="{{ route('pieces.record', $entry->piece_id) }}">{{ $entry->piece->name }}</a> · @endif
        <b>{{ ['done' => 'Done', 'skip' => 'Skipped', 'note' => 'Note', 'wrong' => 'Something is wrong', 'start' => 'Clock started', 'undo' => 'Taken back'][$entry->kind] ?? $entry->kind }}</b>{{ $entry->title ? ": {$entry->title}" : '' }}
        @if ($entry->body)<br>{{ $entry->body }}@endif
        <span class="faint small block">
            @if ($entry->minutes !== null)took {{ $show->minutes($entry->minutes) }}{{ isset($entry->facts['planned_minutes']) ? ', planned '.$show->minutes($entry->facts['planned_minutes']) : '' }}. @endif
            @if ($entry->facts['early_hours'] ?? null){{ $entry->facts['early_hours'] }} h before the wait was over. @endif
            @if ($entry->facts['late_hours'] ?? null){{ $entry->facts['late_hours'] }} h after the window closed. @endif
            @if ($entry->facts['climate'] ?? null)Shop set at {{ $show->temperature($entry->facts['climate']['day_c']) }}, {{ $show->plain($entry->facts['climate']['day_rh']) }} % by day.@endif
        </span>
    </div>
    @if (in_array($entry->kind, ['done', 'skip'], true) && ! $undone->has($entry->id))
        <form method="post" action="{{ route('log.undo', $entry) }}" class="ml-auto" data-live>@csrf<button class="quiet whitespace-nowrap" aria-label="Take back: {{ $entry->title }}">Take back</button></form>
    @endif
</div>
