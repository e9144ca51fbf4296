<x-layout title="Weeks" section="weeks">
    <div class="page page-wide">
        <div class="flex flex-wrap items-baseline gap-x-6">
            <h1>{{ $chart->headline() }}</h1>
            <nav class="tabs no-print ml-auto" aria-label="How far">
                @foreach (lines('pages.weeks.spans') as $n => $label)
                    <a
                        href="{{ route('weeks', ['days' => $n]) }}"
                        @if ($days === $n) aria-current="page" @endif
                        >{{ $label }}</a
                    >
                @endforeach
            </nav>
        </div>
        <p class="faint mt-1">
            Hands-on solid, waiting hatched, due date as a tall line, ready as a ring. {{ $planned }}
        </p>
        <x-plan-news />
        @if ($summary->trouble !== null)
            <p class="note note-warn">{{ $show->said($summary->trouble) }}</p>
        @endif
        @if ($chart->rows !== [])
            {!! $show->drawn($chart->drawing) !!}
            @if (count($chart->pages()) > 1)
                <p class="mt-3 flex gap-5">
                    @foreach ($chart->pages() as $n)
                        <a
                            href="{{ route('weeks', ['days' => $days, 'page' => $n]) }}"
                            @if ($chart->isPage($n)) aria-current="page" class="font-semibold text-ink" @endif
                            >{{ $n }}</a
                        >
                    @endforeach
                </p>
            @endif
            @if ($summary->moved !== [] && $summary->movedAt !== null)
                <div class="mt-4">
                    <p class="faint">Moved by the last change, {{ $show->dayTime($summary->movedAt) }}</p>
                    <ul class="mt-1 columns-1 gap-x-12 lg:columns-2">
                        @foreach ($summary->moved as $move)
                            <li>
                                <a href="{{ route('pieces.route', $move->pieceId) }}">{{ $move->piece }}</a>
                                {{ \App\View\Moved::dates($move, $show) }}
                            </li>
                        @endforeach
                    </ul>
                </div>
            @endif
            <div class="grid gap-x-12 lg:grid-cols-2">
                @foreach ($chart->late() as $piece)
                    <div class="note note-warn">
                        <strong>{{ $piece->name }} will be late by {{ $show->hours($piece->late->hours) }}.</strong>
                        {{ $show->chain($piece->late->because) }}
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
            <x-disclosure label="The same as a table" class="mt-5">
                <table class="mt-2">
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
                                <td><a href="{{ route('pieces.route', $piece) }}">{{ $piece->name }}</a></td>
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
            </x-disclosure>
            <x-why kind="workshop">
                Pieces are placed one after another, those with a window already open first. Several orders are tried
                (by due date, slack, weight for an hour of work) and the best is improved by moving pieces, as far as a
                moment allows: fewest broken windows, then least lateness. Hands-on work only in the shop's hours, one
                maker and one lathe; no least wait is ever cut short. Where a window would close outside hours, the coat
                before it is moved later. It may not be the best there is: the bound says how far off it can be.
            </x-why>
        @else
            <p class="mt-6">
                Weeks shows every piece over the coming days against its date.
                <a href="{{ route('pieces.create') }}">Draw the first piece</a>
            </p>
        @endif
    </div>
</x-layout>
