@php($piece = $page->piece)
<x-piece :page="$page" tab="surface" title="surface">
    <form method="post" action="{{ route('pieces.surface', $piece) }}" data-live>
        @csrf
        @method('put')
        <x-at :page="$page" />
        <div class="mb-4 grid items-start gap-x-10 lg:grid-cols-[1fr_250px_290px]">
            <div class="text-[1.06rem]">
                @foreach ($ladders as $ladder)
                    <x-mount-ladder :$ladder />
                @endforeach
                @if ($short !== [])
                    <p class="note note-warn">
                        <strong>The shelf has not enough</strong> for all that is planned:
                        @foreach ($short as $one)
                            {{ $one->line() }}
                        @endforeach
                    </p>
                @endif
                @if ($panels !== [])
                    <p class="faint">
                        <x-termed
                            >Lathe at most
                            <b class="text-ink">{{ $panels[0]->sanding->way->rpm }} rpm</b
                            >{{ $page->whySoSlow($show) }}. Rest away, sleeves tight, respirator on.
                            <a href="{{ route('lab') }}">Try it in the grit lab</a></x-termed
                        >
                    </p>
                @endif
            </div>
            <figure>
                {!! $show->drawn($elevation) !!}
                <figcaption class="faint small text-center">the darker, the more end grain</figcaption>
            </figure>
            <figure>{!! $show->drawn($plan) !!}</figure>
        </div>
        @foreach ($panels as $panel)
            @php($face = $panel->sanding->face)
            <x-sanding :panel="$panel" :ways="$page->waysTab($face)" :is-priced="$priced === $face" />
        @endforeach
        @foreach ($left as $face)
            <section
                class="flex flex-wrap items-baseline gap-x-6 border-t border-rule py-4"
                id="zone-{{ $face->value }}"
            >
                <h2>{{ mb_ucfirst($show->said($face->said())) }}</h2>
                <p class="faint">Left as the tool left it.</p>
                <input type="hidden" name="shown[]" value="{{ $face->value }}" />
                <label class="small">
                    <input type="checkbox" name="sanded[]" value="{{ $face->value }}" data-autosend /> sand it after all
                </label>
            </section>
        @endforeach
    </form>
</x-piece>
