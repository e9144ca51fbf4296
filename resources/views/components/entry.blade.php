@props(['entry', 'undone', 'named' => false])
@php($words = $show->entry($entry))
<div class="flex gap-5 border-b border-rule py-2">
    <p class="faint small w-32 shrink-0">
        {{ $show->day($entry->happened_at) }} {{ $show->time($entry->happened_at) }}<br />{{ $entry->user?->name }}
    </p>
    <div @class(['line-through faint' => $undone->has($entry->id)])>
        @if ($named && $entry->piece)
            <a href="{{ route('pieces.record', $entry->piece_id) }}">{{ $entry->piece->name }}</a>
            ·
        @endif
        <b>{{ $words->kind() }}</b> {{ $show->said($entry->title) }}
        <span class="block">{{ $entry->body }}</span>
        <span class="faint small block">{{ $words->facts() }}</span>
        @if ($entry->facts->measured->photo !== null)
            <a href="{{ route('log.photo', $entry) }}"
                ><img
                    class="mt-1 max-h-40"
                    loading="lazy"
                    src="{{ route('log.photo', $entry) }}"
                    alt="Photograph: {{ $show->said($entry->title) }}"
            /></a>
        @endif
    </div>
    @if ($entry->kind->settles() && ! $undone->has($entry->id))
        <form method="post" action="{{ route('log.undo', $entry) }}" class="ml-auto" data-live>
            @csrf
            <button class="quiet whitespace-nowrap" aria-label="Take back: {{ $show->said($entry->title) }}">
                Take back
            </button>
        </form>
    @endif
</div>
