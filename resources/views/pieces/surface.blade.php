@php($piece = $page->piece)
<x-piece :page="$page" tab="surface" title="surface">
    <form method="post" action="{{ route('pieces.surface', $piece) }}" data-live>
        @csrf
        @method('put')
        <x-at :page="$page" />
        @if ($panels !== [])
            <p class="mb-3 text-[1.06rem]">
                @if ($panels[0]->sanding->with !== [])
                    In one mount, grit by grit:
                    <b>{{ $show->minutes($together) }}</b>
                    for all that is sanded together. Each grit is changed once for all of it.
                @endif
                <span class="faint">
                    Lathe at most
                    <b class="text-ink">{{ $panels[0]->sanding->rpm }} rpm</b>{{ $page->whySoSlow($show) }}. Rest away,
                    sleeves tight, respirator on.
                </span>
            </p>
        @endif
        @foreach ($panels as $panel)
            <x-sanding :panel="$panel" :part="$part" />
        @endforeach
        @foreach ($left as $face)
            <section class="flex flex-wrap items-baseline gap-x-6 border-t border-rule py-4" id="zone-{{ $face }}">
                <h2>{{ ucfirst($face) }}</h2>
                <p class="faint">Left as the tool left it.</p>
                <input type="hidden" name="shown[]" value="{{ $face }}" />
                <label class="small">
                    <input type="checkbox" name="sanded[]" value="{{ $face }}" data-autosend /> sand it after all
                </label>
            </section>
        @endforeach
    </form>
</x-piece>
