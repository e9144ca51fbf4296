{{-- What will be deleted, for as long as it can be kept. --}}
@auth
    @if ($me->workshop->closes_at !== null)
        <form method="post" action="{{ route('leaving.keep') }}" class="warn page flex items-baseline gap-4 py-2">
            @csrf
            @method('delete')
            <span>{{ say('view.leaving.closes', ['day' => $show->day($me->workshop->closes_at)]) }}</span>
            @can('change-people')
                <button class="press">Keep it</button>
            @endcan
        </form>
    @endif
    @if ($me->leaves_at !== null)
        <form method="post" action="{{ route('leaving.stay') }}" class="warn page flex items-baseline gap-4 py-2">
            @csrf
            @method('delete')
            <span>{{ say('view.leaving.leaves', ['day' => $show->day($me->leaves_at)]) }}</span>
            <button class="press">Keep it</button>
        </form>
    @endif
@endauth
