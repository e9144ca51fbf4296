<x-layout title="Weeks" section="weeks">
    <div class="page page-wide">
        <div class="flex flex-wrap items-baseline gap-x-6">
            <h1>{{ $chart->headline() }}</h1>
            @if ($summary->gap() !== '')
                <p class="faint">{{ $summary->gap() }}</p>
            @endif
            <nav class="tabs no-print ml-auto" aria-label="How far">
                @foreach (lines('pages.weeks.spans') as $n => $label)
                    <a
                        href="{{ $asked->address(days: (int) $n) }}"
                        @if ($asked->days === (int) $n) aria-current="page" @endif
                        >{{ $label }}</a
                    >
                @endforeach
            </nav>
        </div>
        <div class="no-print mt-1 flex flex-wrap items-center gap-x-8 gap-y-2">
            <nav class="tabs" aria-label="Rows by">
                @foreach (lines('pages.weeks.by') as $by => $label)
                    <a
                        href="{{ $asked->address(by: $by, page: 0) }}"
                        @if ($asked->by === $by) aria-current="page" @endif
                        >{{ $label }}</a
                    >
                @endforeach
            </nav>
            <form method="get" action="{{ route('weeks') }}" class="flex flex-wrap items-center gap-3" role="search">
                <input type="hidden" name="days" value="{{ $asked->days }}" />
                <input
                    name="find"
                    type="search"
                    maxlength="60"
                    value="{{ $asked->find }}"
                    placeholder="piece or wood"
                    aria-label="Piece or wood"
                    class="w-44"
                />
                <label class="inline-flex items-center gap-2"
                    ><input type="checkbox" name="late" value="1" @checked($asked->isLateOnly) /> late only</label
                >
                <button class="quiet">Find</button>
            </form>
        </div>
        <x-plan-news />
        @if ($summary->trouble !== null)
            <p class="note note-warn">{{ $show->said($summary->trouble) }}</p>
        @endif
        @if ($chart->total === 0)
            <p class="mt-6">
                Weeks shows every piece over the coming days against its date.
                <a href="{{ route('pieces.create') }}">Draw the first piece</a>
            </p>
        @else
            <div class="grid gap-x-10 lg:grid-cols-[minmax(0,1fr)_290px]">
                <div x-data="weekDates">
                    @if ($chart->rows === [])
                        <p class="mt-6">No piece in work is like that. <a href="{{ route('weeks') }}">Show all</a></p>
                    @else
                        <div class="week-chart">{!! $show->drawn($chart->drawing) !!}</div>
                    @endif
                    <form
                        method="post"
                        action="{{ route('weeks.move', 0) }}"
                        data-action="{{ route('weeks.move', 0) }}"
                        class="hidden"
                        x-ref="move"
                    >
                        @csrf
                        @method('put')
                        <input type="hidden" name="by_days" value="0" />
                        <button>Move it</button>
                        <input type="hidden" name="back" value="{{ $asked->address() }}" />
                    </form>
                    <div class="small mt-2 flex flex-wrap gap-x-6 gap-y-1">
                        <span class="faint"
                            ><b class="text-ink">▮</b> hands · ▨ waits · ○ ready · ┄ to spare ·
                            <span class="warn">▼</span> due<span class="no-print">; drag it, or arrow keys</span></span
                        >
                        <a class="no-print ml-auto" href="{{ route('weeks.sheet') }}">The week to print</a>
                    </div>
                    @if (count($chart->pages()) > 1)
                        <p class="mt-3 flex gap-5">
                            @foreach ($chart->pages() as $n)
                                <a
                                    href="{{ $asked->address(page: $n - 1) }}"
                                    @if ($chart->isPage($n)) aria-current="page" class="font-semibold text-ink" @endif
                                    >{{ $n }}</a
                                >
                            @endforeach
                        </p>
                    @endif
                    <p class="faint small mt-2">{{ $planned }}</p>
                    @if ($summary->moved !== [] && $summary->movedAt !== null)
                        <div class="no-print mt-4">
                            <p class="faint">Moved by the last change, {{ $show->dayTime($summary->movedAt) }}</p>
                            <ul class="mt-1 columns-1 gap-x-12 lg:columns-2">
                                @foreach ($summary->moved as $move)
                                    <li>
                                        <a href="{{ route('pieces.route', $move->pieceId) }}">{{ $move->piece }}</a>
                                        {{ \App\View\Moved::dates($move, $show) }}
                                    </li>
                                @endforeach
                            </ul>
                            <form method="post" action="{{ route('pins.as-it-was') }}" class="no-print mt-1">
                                @csrf
                                <input type="hidden" name="moved" value="{{ $summary->movedAt->getTimestamp() }}" />
                                <button class="quiet">Pin them as they were</button>
                            </form>
                        </div>
                    @endif
                    <div class="week-late grid gap-x-12 lg:grid-cols-2">
                        @foreach ($chart->late() as $piece)
                            <div class="note note-warn">
                                <strong
                                    >{{ $piece->name }} will be late by {{ $show->about($piece->late->hours) }}.</strong
                                >
                                {{ $show->chain($piece->late->because) }}
                                <a class="no-print" href="{{ $asked->address(piece: $piece->id, day: null) }}"
                                    >What would help</a
                                >
                            </div>
                        @endforeach
                        @foreach ($summary->broken as $window)
                            <div class="note note-warn">
                                <strong>A window cannot be kept.</strong>
                                <a href="{{ route('pieces.route', $window->pieceId) }}">{{ $window->piece }}</a>
                                <span>{{ $chart->broken($window, $show) }}</span>
                            </div>
                        @endforeach
                    </div>
                    <x-disclosure
                        label="The same as a table"
                        :class="$asked->isTable ? 'mt-5' : 'no-print mt-5'"
                        id="as-table"
                        :open="$asked->isTable"
                    >
                        @if ($asked->isTable)
                            <table class="mt-2" data-later>
                                <thead>
                                    <tr>
                                        <th>Piece</th>
                                        <th>Due</th>
                                        <th>Ready</th>
                                        <th>Next hands-on</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach ($chart->rows as ['piece' => $piece, 'next' => $next])
                                        <tr>
                                            <td>
                                                <a href="{{ route('pieces.route', $piece) }}">{{ $piece->name }}</a>
                                            </td>
                                            <td>{{ $piece->due_at ? $show->day($piece->due_at) : '–' }}</td>
                                            <td>{{ $piece->ready_at ? $show->dayTime($piece->ready_at) : '–' }}</td>
                                            <td>
                                                @if ($next)
                                                    {{ $show->dayTime($next['at']) }}, {{ $show->said($next['title']) }}
                                                @endif
                                            </td>
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        @else
                            <a href="{{ $asked->address(table: 1) }}" data-later>Show it</a>
                        @endif
                    </x-disclosure>
                    <x-why kind="workshop">
                        A search places task after task: in the hours of whoever may do it, one lathe, no least wait cut
                        short, each window kept that can be. It looks for fewest lost windows, then least lateness by
                        weight. What the plan had in the next two days moves only for a window, or for more than an hour
                        of lateness. {{ $summary->chances() }}
                    </x-why>
                </div>
                <aside class="no-print border-ink pt-3 lg:border-l lg:pl-6" aria-label="Chosen">
                    @if ($chosen !== null)
                        <x-week-piece :$chosen :$asked />
                    @elseif ($day !== null)
                        <x-week-day :$day :$asked />
                    @else
                        <h2 class="text-[1.15rem]">Today, or something is late</h2>
                        @forelse ($musts as $must)
                            <p class="mt-1">
                                <a class="text-ink" href="{{ $asked->address(piece: $must->step->piece_id) }}"
                                    ><b>{{ $must->step->piece->name }}</b></a
                                >: {{ $show->said($must->step->title) }}, {{ $must->says() }}
                                @if ($must->by !== null)
                                    <b @class(['warn' => $must->isPast()])>{{ $show->time($must->by) }}</b>
                                @endif
                            </p>
                        @empty
                            <p class="mt-1">Nothing has to be done today.</p>
                        @endforelse
                        <p class="faint small mt-4">
                            <x-termed>Choose a piece for its dates and remedies. Choose a day for its steps.</x-termed>
                        </p>
                    @endif
                    <h2 class="mt-6 text-[1.15rem]">Without changing the plan</h2>
                    <p class="mt-1"><a href="{{ route('try') }}">Try something else</a></p>
                    <p><a href="{{ route('promise') }}">Promise one more piece</a></p>
                    @if ($wishes->isNotEmpty())
                        <h2 class="mt-6 text-[1.15rem]">Wishes</h2>
                        @foreach ($wishes as $wish)
                            <p class="small mt-1">
                                <a class="text-ink" href="{{ route('pieces.sale', $wish) }}"
                                    ><b>{{ $wish->name }}</b></a
                                >
                                @if ($wish->sale?->for_whom)
                                    for {{ $wish->sale->for_whom }}
                                @endif
                                <span class="faint">
                                    @if ($wish->due_at)
                                        promised for {{ $show->day($wish->due_at) }}
                                    @else
                                        no date promised
                                    @endif
                                </span>
                            </p>
                        @endforeach
                    @endif
                    @if ($pins->isNotEmpty())
                        <h2 class="mt-6 text-[1.15rem]">Pinned by you</h2>
                        @foreach ($pins as $ofPiece)
                            <form method="post" action="{{ route('pins.destroy') }}" class="flex items-baseline gap-2">
                                @csrf
                                @method('delete')
                                @if ($ofPiece->count() > 1)
                                    <input type="hidden" name="piece" value="{{ $ofPiece[0]->piece_id }}" />
                                @else
                                    <input type="hidden" name="pin" value="{{ $ofPiece[0]->id }}" />
                                @endif
                                <span class="small grow"
                                    >{{ $ofPiece[0]->piece->name }},
                                    @if ($ofPiece->count() > 1)
                                        {{ $ofPiece->count() }} steps from
                                    @endif
                                    {{ $show->dayTime($ofPiece[0]->start_at) }}
                                    @if ($ofPiece[0]->start_at->isPast())
                                        <span class="faint">(past)</span>
                                    @endif
                                </span>
                                <button
                                    class="quiet small whitespace-nowrap"
                                    aria-label="Let go: {{ $ofPiece[0]->piece->name }}"
                                >
                                    Let go
                                </button>
                            </form>
                        @endforeach
                    @endif
                </aside>
            </div>
        @endif
    </div>
</x-layout>
