@php($isPublic = $piece->sale?->is_public === true)
<x-layout :title="say('pages.owner-card.title', ['piece' => $piece->name])" section="pieces">
    <div class="page max-w-[820px]">
        <p class="no-print mb-4 flex gap-6">
            <a href="{{ route('pieces.sale', $piece) }}">Back to the sale</a>
            <span class="faint">Print this page; it fits half a sheet.</span>
        </p>
        <div class="flex items-end gap-8 border-b-2 border-ink pb-3">
            <h1 class="grow text-[2.2rem]">{{ $piece->name }}</h1>
            <div class="piece-art card-art">{!! $show->drawn($piece->drawing) !!}</div>
        </div>
        <div class="mt-3 flex flex-wrap gap-x-10 gap-y-4">
            <div class="grow basis-[24rem]"><x-owner-lines :$card :$care /></div>
            @if ($isPublic)
                <figure>
                    <div class="qr" data-qr="{{ route('public-piece', $piece->sale->token) }}"></div>
                    <figcaption class="small max-w-[11rem] break-all">
                        More about it: {{ route('public-piece', $piece->sale->token) }}
                    </figcaption>
                </figure>
            @endif
        </div>
    </div>
</x-layout>
