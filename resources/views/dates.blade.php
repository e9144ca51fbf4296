<x-layout title="Dates" section="dates">
    <div class="page">
        <h1>{{ $me->workshop->name }}: what is ready when</h1>
        @if ($page->pieces->isEmpty())
            <p class="mt-3">Nothing is in work now.</p>
        @else
            <ul class="mt-6 grid grid-cols-[repeat(auto-fill,minmax(235px,1fr))] gap-x-8 gap-y-6">
                @foreach ($page->pieces as $piece)
                    <li class="row-span-2 grid grid-rows-subgrid gap-y-0">
                        <span class="shelf-art flex w-full items-end justify-center border-b border-ink">
                            {!! $show->drawn($page->drawing($piece)) !!}
                        </span>
                        <div class="flex flex-col">
                            <b class="mt-1.5 text-[1.08rem]">{{ $piece->name }}</b>
                            <span class="faint small">{{ mb_lcfirst($show->wood($piece->wood)) }}</span>
                            <span>{{ $page->date($piece) }}</span>
                        </div>
                    </li>
                @endforeach
            </ul>
            <x-pager :pages="$page->pieces" />
        @endif
    </div>
</x-layout>
