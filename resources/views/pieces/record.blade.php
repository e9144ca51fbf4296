@php($piece = $page->piece)
<x-piece :page="$page" tab="record" title="record">
    <div class="grid gap-x-14 lg:grid-cols-[1.6fr_1fr]">
        <div>
            <h2>What happened</h2>
            @forelse ($entries as $entry)
                <div class="flex gap-5 border-b border-rule py-2">
                    <p class="faint small w-32 shrink-0">{{ $show->day($entry->happened_at) }} {{ $show->time($entry->happened_at) }}<br>{{ $entry->user?->name }}</p>
                    <div @class(['line-through faint' => $undone->has($entry->id)])>
                        <b>{{ ['done' => 'Done', 'skip' => 'Skipped', 'note' => 'Note', 'wrong' => 'Something is wrong', 'start' => 'Clock started', 'undo' => 'Taken back'][$entry->kind] ?? $entry->kind }}</b>@if ($entry->title): {{ $entry->title }}@endif
                        @if ($entry->body)<br>{{ $entry->body }}@endif
                        <span class="faint small block">
                            @if ($entry->minutes !== null)took {{ $show->minutes($entry->minutes) }}@if (isset($entry->facts['planned_minutes'])), planned {{ $show->minutes($entry->facts['planned_minutes']) }}@endif. @endif
                            @if ($entry->facts['early_hours'] ?? null){{ $entry->facts['early_hours'] }} h before the wait was over. @endif
                            @if ($entry->facts['late_hours'] ?? null){{ $entry->facts['late_hours'] }} h after the window closed. @endif
                            @if ($entry->facts['climate'] ?? null)Shop set at {{ $show->temperature($entry->facts['climate']['day_c']) }}, {{ $show->plain($entry->facts['climate']['day_rh']) }} % by day.@endif
                        </span>
                    </div>
                    @if (in_array($entry->kind, ['done', 'skip'], true) && ! $undone->has($entry->id))
                        <form method="post" action="{{ route('log.undo', $entry) }}" class="ml-auto" data-live>@csrf<button class="quiet whitespace-nowrap" aria-label="Take back: {{ $entry->title }}">Take back</button></form>
                    @endif
                </div>
            @empty
                <p class="faint mt-2">Nothing yet. Every “done”, note and mishap is written here with its time and the shop's air.</p>
            @endforelse
            @if ($entries->hasMorePages())<p class="mt-2"><a href="{{ $entries->nextPageUrl() }}">Earlier</a></p>@endif
        </div>
        <div>
            <h2>Changes to the plan</h2>
            <table class="small mt-1"><tbody>@foreach ($revisions as $revision)<tr><td>{{ $revision->number }}. {{ $revision->what }}@if ($revision->number === $piece->revision) <b>(as it is)</b>@endif</td><td class="n faint">{{ $show->dayTime($revision->created_at) }}</td></tr>@endforeach</tbody></table>
        </div>
    </div>
</x-piece>
