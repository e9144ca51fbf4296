{{-- The day that is chosen in Weeks. --}}
@props(['day', 'asked'])
<p class="faint">Chosen · <a href="{{ $asked->address(day: null) }}">let go</a></p>
<h2 class="text-[1.4rem]">{{ $show->day($day->day) }}</h2>
<p class="mt-1">
    @if ($day->steps->isEmpty())
        No work is planned.
    @else
        {{ $show->hours($day->minutes() / 60) }} of hands.
    @endif
</p>
@foreach ($day->steps as $step)
    <p class="border-b border-rule py-1">
        <span class="faint">{{ $show->time($step->start_at) }}</span>
        <a class="text-ink" href="{{ $asked->address(piece: $step->piece_id, day: null) }}"
            ><b>{{ $step->piece->name }}</b></a
        >
        {{ $show->said($step->title) }}
        @if ($day->who($step) !== '')
            <span class="faint">{{ $day->who($step) }}</span>
        @endif
        @if ($day->isFixed($step))
            <span class="faint">(pinned)</span>
        @endif
    </p>
@endforeach
@if ($day->steps->isNotEmpty())
    <div class="mt-2 flex gap-5">
        <form method="post" action="{{ route('pins.store') }}">
            @csrf
            <input type="hidden" name="day" value="{{ $day->day->toDateString() }}" />
            <button class="quiet">Pin this day</button>
        </form>
        <form method="post" action="{{ route('pins.destroy') }}">
            @csrf
            @method('delete')
            <input type="hidden" name="day" value="{{ $day->day->toDateString() }}" />
            <button class="quiet">Unpin it</button>
        </form>
    </div>
@endif
