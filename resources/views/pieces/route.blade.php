@php($piece = $page->piece)
@php($past = $page->past())
<x-piece :page="$page" tab="route" title="route">
    <div class="no-print mb-3 flex flex-wrap gap-5">
        <a href="{{ route('pieces.card', $piece) }}">Route card to print</a>
        <a href="{{ route('pieces.csv', $piece) }}">Route as CSV</a>
        <a href="{{ route('calendar.file') }}">Calendar file</a>
        <span class="ml-auto flex gap-5">
            <form method="post" action="{{ route('pieces.copy', $piece) }}">
                @csrf
                <x-once />
                <button class="quiet">One more like it</button>
            </form>
            @if ($piece->state === 'put-away')
                <form method="post" action="{{ route('pieces.revive', $piece) }}">
                    @csrf
                    <button class="quiet">Bring back into work</button>
                </form>
            @else
                <form
                    method="post"
                    action="{{ route('pieces.destroy', $piece) }}"
                    data-ask="Put “{{ $piece->name }}” away? It leaves the plan and keeps its record; it can come back."
                >
                    @csrf
                    @method('delete')
                    <button class="quiet">Put it away</button>
                </form>
            @endif
        </span>
    </div>
    @if ($page->steps->isEmpty())
        <p class="note note-warn">No route could be worked out; the remarks below say why.</p>
    @endif
    @if ($past->isNotEmpty())
        <details class="border-b border-rule pb-2">
            <summary class="text-act underline underline-offset-4">{{ $page->behind($show) }}</summary>
            <ol class="mt-1">
                @foreach ($past as $step)
                    <li class="small py-0.5">
                        <b>{{ $step->number() }}. {{ $step->title }}:</b> {{ $show->step($step)->past() }}
                    </li>
                @endforeach
            </ol>
        </details>
    @endif
    <ol>
        @foreach ($page->steps->slice($past->count()) as $step)
            <x-step :step="$step" :words="$show->step($step)" :piece="$piece" />
        @endforeach
    </ol>
</x-piece>
