<x-layout :title="$piece->name" section="made" :is-found="false">
    <div class="page max-w-3xl">
        <div class="flex flex-wrap items-end gap-8 border-b border-ink pb-3">
            <h1 class="grow text-[2.2rem]">{{ $piece->name }}</h1>
            <div class="piece-art card-art">{!! $show->drawn($piece->drawing) !!}</div>
        </div>
        @foreach ($sale->photos as $number)
            <img
                src="{{ route('public-piece.photo', [$sale->token, $number]) }}"
                alt="{{ say('pages.owner-card.photograph', ['piece' => $piece->name]) }}"
                class="mt-4 w-full"
            />
        @endforeach
        <div class="mt-4"><x-owner-lines :$card :$care /></div>
    </div>
</x-layout>
