<x-layout title="Promise one more" section="weeks">
    <div class="page max-w-3xl">
        <p><a href="{{ route('weeks') }}">Weeks</a></p>
        <h1 class="mt-1">Promise one more piece</h1>
        <form method="get" action="{{ route('promise') }}" class="mt-3 flex flex-wrap items-end gap-4">
            <x-field name="like" label="Like"
                ><select name="like">
                    @foreach ($pieces as $one)
                        <option value="{{ $one->id }}" @selected($one->id === $like?->id)>{{ $one->name }}</option>
                    @endforeach</select
            ></x-field>
            <button class="press mb-3">Work it out</button>
        </form>
        @if ($promise !== null)
            @if ($promise->nothingLate === null)
                <p class="note note-warn mt-4">
                    No date can be given.
                    @if ($promise->trouble !== null)
                        {{ $show->said($promise->trouble) }}
                    @endif
                </p>
            @else
                <dl class="mt-5 grid gap-x-8 gap-y-3 sm:grid-cols-[auto_1fr]">
                    <dt class="faint">With nothing else moved</dt>
                    <dd class="text-[1.5rem]">
                        {{ $show->dayTimeOr($promise->nothingMoved, say('view.tried.no-date')) }}
                    </dd>
                    <dt class="faint">With nothing else late</dt>
                    <dd class="text-[1.5rem]">{{ $show->dayTime($promise->nothingLate) }}</dd>
                </dl>
                @foreach ($promise->moved as $date)
                    <p class="border-b border-rule py-1">
                        <b>{{ $date->name }}</b> then {{ $show->dayTimeOr($date->after, '–') }},
                        <span class="faint">due {{ $show->dayTimeOr($date->due, '–') }}</span>
                    </p>
                @endforeach
                <p class="faint small mt-3">
                    <x-termed>Worked out with wood that is ready. Promise a day or two later than that.</x-termed>
                </p>
            @endif
        @endif
    </div>
</x-layout>
