@use('HonestGrain\Drawing\TickBox')
<x-layout title="The week" section="weeks">
    <div class="page page-wide week-print">
        <p class="no-print mb-3 flex gap-6">
            <a href="{{ route('weeks') }}">Back to Weeks</a>
            <span class="faint">Print this page on A4, landscape.</span>
            <a class="ml-auto" href="{{ route('week.csv') }}">As a table (CSV)</a>
            <a href="{{ route('plan.json') }}">The whole plan (JSON)</a>
        </p>
        <div class="week-days">
            @foreach ($week as $day)
                <section aria-label="{{ $show->day($day->day) }}">
                    <h2>
                        {{ $show->day($day->day) }}
                        <span
                            class="faint"
                            >{{ $day->steps->isEmpty() ? '' : $show->hours($day->minutes() / 60) }}</span
                        >
                    </h2>
                    @foreach ($day->steps as $step)
                        <p>
                            {!! TickBox::svg(false, say('pages.pieces-card.open')) !!}
                            <b>{{ $show->time($step->start_at) }}</b>
                            <b>{{ $step->piece->name }}</b> {{ $show->said($step->title) }}
                            @if ($day->who($step) !== '')
                                <i>{{ $day->who($step) }}</i>
                            @endif
                            @if ($step->given_up_at === null && $step->closes_at !== null)
                                <u>by {{ $show->time($step->closes_at) }}</u>
                            @endif
                        </p>
                    @endforeach
                </section>
            @endforeach
        </div>
    </div>
</x-layout>
