@use('HonestGrain\Drawing\TickBox')
<x-layout title="The week" section="weeks">
    <div class="page page-wide week-print">
        <p class="no-print mb-3 flex gap-6">
            <a href="{{ route('weeks') }}">Back to Weeks</a>
            <span class="faint">Print this page on A4, landscape.</span>
            <a class="ml-auto" href="{{ route('week.csv') }}">As a table (CSV)</a>
            <a href="{{ route('plan.json') }}">The whole plan (JSON)</a>
        </p>
        <h1>The week from {{ $show->day($week[0]->day) }}</h1>
        <div class="week-days {{ App\View\WeekDay::size($week, $show) }}">
            @foreach ($week as $day)
                <section class="{{ $day->width() }}" aria-label="{{ $show->day($day->day) }}">
                    <h2>
                        {{ $show->day($day->day) }}
                        <span
                            class="faint"
                            >{{ $day->steps->isEmpty() ? '' : $show->hours($day->minutes() / 60) }}</span
                        >
                    </h2>
                    @foreach ($day->runs($show) as $run)
                        <p>
                            {!! TickBox::svg(false, say('pages.pieces-card.open')) !!}
                            <b>{{ $show->time($run[0]->start_at) }} {{ $run[0]->piece->name }}</b>
                            @if ($day->who($run[0]) !== '')
                                <i>{{ $day->who($run[0]) }}</i>
                            @endif
                            {{ $day->titles($run, $show) }}
                            @if ($day->closes($run) !== null)
                                <u>by {{ $show->time($day->closes($run)) }}</u>
                            @endif
                        </p>
                    @endforeach
                    @if ($day->more($show) > 0)
                        <p>and {{ $day->more($show) }} more</p>
                    @endif
                </section>
            @endforeach
        </div>
    </div>
</x-layout>
