{{-- A piece that has no place in the plan gets one. --}}
@props(['piece'])
@if ($piece->isPutAway() || $piece->isWish())
    <form method="post" action="{{ route('pieces.revive', $piece) }}">
        @csrf
        <button class="quiet">
            @if ($piece->isWish())
                Take it on
            @else
                Bring back into work
            @endif
        </button>
    </form>
@endif
