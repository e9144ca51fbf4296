{{-- What is mixed and still in its cup. --}}
@props(['cups'])
@if ($cups !== [])
    <h2 class="faint font-sans text-base font-normal">In the cup</h2>
    <div id="cups" class="mb-6">
        @foreach ($cups as $one)
            <div class="clock-row">
                <p class="text-[1.15rem] leading-snug">
                    <b>{{ $one->says }}</b>
                    @if ($one->takers->isNotEmpty())
                        <span class="block"
                            >There is enough for
                            @foreach ($one->takers as $step)
                                <a
                                    class="text-ink"
                                    href="{{ route('pieces.route', $step->piece_id) }}"
                                    >{{ $step->piece->name }}</a
                                >{{ $loop->last ? '.' : ',' }}
                            @endforeach
                        </span>
                    @endif
                </p>
                <p class="clock-time small">
                    @if ($one->isOver())
                        <b class="warn">its pot life is over</b>
                    @elseif ($one->cup->good_until)
                        <span class="faint">good until</span>
                        <b>{{ $show->time($one->cup->good_until) }}</b>
                    @endif
                </p>
                <div class="hands-row">
                    <form class="hands-row" method="post" action="{{ route('cups.destroy', $one->cup) }}" data-live>
                        @csrf
                        @method('delete')
                        @if ($one->cup->isUntouched() && ! $one->isOver())
                            <button
                                class="press"
                                name="never"
                                value="1"
                                aria-label="It was not mixed: {{ $one->says }}"
                            >
                                It was not mixed
                            </button>
                        @endif
                        <button class="press" aria-label="The cup is empty: {{ $one->says }}">Empty</button>
                    </form>
                </div>
            </div>
        @endforeach
    </div>
@endif
