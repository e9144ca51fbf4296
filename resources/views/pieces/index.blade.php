<x-layout title="Pieces" section="pieces">
    <div class="page">
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
            <h1>Pieces</h1>
            <nav class="tabs" aria-label="Which pieces">
                @foreach (['working' => 'In work', 'done' => 'Finished', 'put-away' => 'Put away'] as $key => $label)
                    <a href="/pieces?state={{ $key }}" @if ($state === $key) aria-current="page" @endif>{{ $label }}</a>
                @endforeach
            </nav>
            <form method="get" class="ml-auto flex gap-2"><input type="hidden" name="state" value="{{ $state }}"><input type="search" name="q" value="{{ $q }}" aria-label="Find a piece by name" placeholder="Find by name"><button class="press">Find</button></form>
            <a href="/pieces/create" class="press press-main">Draw a piece</a>
        </div>
        @if ($pieces->isEmpty())
            <div class="py-16 text-center">
                <p class="font-slab text-[1.4rem] font-semibold">{{ $q !== '' ? "No piece here is called “{$q}”" : ($state === 'working' ? 'No pieces in work yet' : 'None yet') }}</p>
                <p class="faint mt-2">{{ $state === 'working' ? 'Every piece starts from a form and three or four sizes.' : 'Pieces come here when they are done, or put away.' }}</p>
            </div>
        @else
            @php($scale = 215 / max(1, min(340, $pieces->max('diameter_mm'))))
            <ul class="mt-6 grid grid-cols-[repeat(auto-fill,minmax(235px,1fr))] gap-x-8 gap-y-6">
                @foreach ($pieces as $piece)
                    <li class="row-span-2 grid grid-rows-subgrid gap-y-0">
                        <a href="{{ route('pieces.shape', $piece) }}" class="flex items-end" tabindex="-1" aria-hidden="true">
                            <span class="shelf-art flex w-full items-end justify-center border-b border-ink">
                                <svg width="{{ round($piece->diameter_mm * $scale * 1.04) }}" height="{{ round($piece->height_mm * $scale * 1.04) }}" aria-hidden="true">{!! preg_replace('/^<svg /', '<svg width="100%" height="100%" ', $piece->drawing) !!}</svg>
                            </span>
                        </a>
                        <div class="flex flex-col">
                        <a class="mt-1.5 text-[1.08rem] font-semibold text-ink no-underline hover:underline" href="{{ route('pieces.shape', $piece) }}">{{ $piece->name }}</a>
                        <span class="faint small">{{ lcfirst($piece->wood) }} · {{ $show->length($piece->diameter_mm) }}</span>
                        <span class="small">
                            @if ($piece->state === 'working')
                                @if ($piece->late)<b class="warn">late by {{ $show->hours($piece->late['hours']) }}</b>@elseif ($piece->ready_at) ready {{ $show->day($piece->ready_at) }}@else not planned @endif
                                @if ($piece->due_at)<span class="faint">· due {{ $show->day($piece->due_at) }}</span>@endif
                            @elseif ($piece->ready_at) finished {{ $show->day($piece->ready_at) }} @endif
                        </span>
                        @if ($next->has($piece->id))<span class="faint small">next: {{ Str::limit($next[$piece->id]->title, 58) }}</span>@endif
                        @if (collect($piece->conflicts)->contains('severity', 'forbid'))<span class="warn small">Its plan does not go together.</span>@endif
                        @if ($piece->state === 'put-away')<form method="post" action="{{ route('pieces.revive', $piece) }}">@csrf<button class="quiet">Bring back into work</button></form>@endif
                        </div>
                    </li>
                @endforeach
            </ul>
            <p class="faint small mt-5">All drawn to one scale: right half from outside, left half cut open.</p>
            <div class="mt-4 flex gap-6">
                @if ($pieces->previousPageUrl())<a href="{{ $pieces->previousPageUrl() }}">Earlier pieces</a>@endif
                @if ($pieces->nextPageUrl())<a href="{{ $pieces->nextPageUrl() }}">More pieces</a>@endif
            </div>
        @endif
        <details class="mt-8" @if ($errors->has('file') || $errors->has('document')) open @endif><summary class="text-act underline underline-offset-4">Bring a piece in from a file</summary>
            <form method="post" action="{{ route('pieces.import') }}" enctype="multipart/form-data" class="mt-3">@csrf<x-once />
                <x-field name="file" label="A piece document (JSON), as this program exports it"><input type="file" name="file" accept="application/json,.json" required></x-field>
                <button class="press">Bring it in</button>
            </form>
        </details>
    </div>
</x-layout>
