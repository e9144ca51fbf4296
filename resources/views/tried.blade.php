{{-- One remedy with its price, for the row that asked for it. --}}
<div class="border-b border-rule py-1.5">
    @foreach ($page->changes as $change)
        @php($date = $piece === null ? null : $page->tried->of($piece))
        @php($helps = $page->helps($date))
        <div class="flex items-baseline justify-between gap-3">
            <span @class(['faint' => ! $helps])>{{ $show->said($change['said']) }}</span>
            <span
                @class(['shrink-0 text-right', 'font-semibold' => $helps, 'faint small' => ! $helps])
                >{{
                $helps ? $page->verdict($date, $show) : say('view.tried.no-help')
            }}</span
            >
        </div>
        @if ($helps)
            <p class="faint small">{{ $page->others((int) $piece, $show) }}</p>
            <div class="flex items-baseline justify-end gap-4 whitespace-nowrap">
                <a class="small" href="{{ route('try', ['do' => $page->written()]) }}">Compare all</a>
                <form method="post" action="{{ route('try') }}">
                    @csrf
                    <input type="hidden" name="do[]" value="{{ $change['written'] }}" />
                    <button class="quiet whitespace-nowrap" aria-label="Take it: {{ $show->said($change['said']) }}">
                        Take it
                    </button>
                </form>
            </div>
        @endif
    @endforeach
</div>
