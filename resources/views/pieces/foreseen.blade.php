{{-- What a piece would come to that is being thought of: its drawing and days, and its date. --}}
<div id="foreseen-drawing">
    @if ($words)
        <div class="piece-art foreseen-art" data-drawing>{!! $show->drawn($words->drawing()) !!}</div>
        <table class="foreseen-days small">
            <caption class="sr-only">
                Its days
            </caption>
            <tbody>
                @foreach ($words->days() as $day)
                    <tr>
                        <td class="faint whitespace-nowrap">{{ $day['day'] }}</td>
                        <td>
                            @if ($day['waits'] > 0)
                                <svg
                                    class="foreseen-wait"
                                    width="{{ 14 * $day['waits'] }}"
                                    height="10"
                                    role="img"
                                    aria-label="{{ say('pages.foreseen.waits', ['days' => $day['waits']]) }}"
                                >
                                    <rect
                                        width="100%"
                                        height="10"
                                        fill="url(#foreseen-hatch)"
                                    />
                                </svg>
                            @endif
                            {{ $day['does'] }}, <b>{{ $day['minutes'] }}</b>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($words->moreDays() > 0)
            <p class="faint small">{{ say('pages.foreseen.more', ['days' => $words->moreDays()]) }}</p>
        @endif
        <svg
            width="0"
            height="0"
            class="absolute"
            aria-hidden="true"
        >
            <defs>
                <pattern
                    id="foreseen-hatch"
                    width="6"
                    height="6"
                    patternUnits="userSpaceOnUse"
                >
                    <path
                        d="M0 6 L6 0"
                        stroke="currentColor"
                        stroke-width="0.8"
                    />
                </pattern>
            </defs>
        </svg>
    @endif
</div>
<div id="foreseen-verdict" aria-live="polite">
    @if ($words)
        <p class="faint">
            @if ($words->leavesOut() !== '')
                {{ $words->leavesOut() }}
            @else
                <x-termed>As things stand, with nothing else moved</x-termed>
            @endif
        </p>
        <div @class(['font-slab text-[1.7rem] leading-tight font-semibold', 'warn' => $words->isLate()])>
            {{ $words->verdict() }}
        </div>
        <p class="mt-1">
            {{ $words->uses() }}
            @if ($words->cost() !== '')
                {{ say('pages.foreseen.cost', ['sum' => $words->cost()]) }}
            @endif
        </p>
        <p class="faint small">{{ $words->serves() }}</p>
        @foreach ($words->remarks() as $remark)
            <p class="note note-warn small mt-1">{{ $remark }}</p>
        @endforeach
        <x-why kind="workshop">
            Every step of its route, placed into the hours that the plan leaves: the same steps as on the Route page of
            a piece that is saved. Food and water are the products’ own columns; their labels come first.
        </x-why>
    @elseif ($problem !== '')
        <p class="note note-warn">{{ $problem }}</p>
    @else
        <p class="faint"><x-termed>Its date appears here once it has sizes.</x-termed></p>
    @endif
</div>
