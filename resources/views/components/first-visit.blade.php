{{-- What a maker new to the app does next, with a piece of their own; left at any time. --}}
@php($visit = App\View\FirstVisit::of($me))
@if ($visit !== null)
    <aside class="no-print visit" aria-label="First steps">
        <p>
            <b>{{ say('view.first-visit.number', ['number' => $visit->number, 'of' => count($visit::STEPS)]) }}</b>
            {{ say('view.first-visit.says.'.$visit->step) }}
            <a href="{{ $visit->address }}">{{ say('view.first-visit.goes.'.$visit->step) }}</a>
        </p>
        <form method="post" action="{{ route('visit') }}">
            @csrf
            @if ($visit->step !== 'draw')
                <button class="quiet" name="visit" value="{{ $visit->next() }}">{{ $visit->press() }}</button>
            @endif
            <button class="quiet" name="visit" value="left">Leave the first steps</button>
        </form>
    </aside>
@endif
