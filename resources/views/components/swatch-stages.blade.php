@props(['page'])
<div {{ $attributes->class('flex gap-x-1') }}>
    @foreach ($page->stages() as $word => [$early, $late, $figure])
        <figure class="grow">
            <svg
                class="block h-12 w-full"
                preserveAspectRatio="none"
                viewBox="0 0 60 24"
                role="img"
                aria-label="{{ $word }}: early wood {{ $early }}, late wood {{ $late }}, end grain {{ $figure }}"
            >
                <rect
                    width="60"
                    height="24"
                    fill="{{ $early }}"
                />
                @foreach ([4, 10, 16, 22, 28, 34, 40] as $x)
                    <rect x="{{ $x }}" width="2" height="24" fill="{{ $late }}" />
                @endforeach
                <rect
                    x="48"
                    width="12"
                    height="24"
                    fill="{{ $figure }}"
                />
            </svg>
            <figcaption class="small">{{ $word }}</figcaption>
        </figure>
    @endforeach
    @if ($page->swatch->measured)
        <figure class="grow">
            <svg
                class="block h-12 w-full"
                preserveAspectRatio="none"
                viewBox="0 0 {{ count($page->swatch->measured->hex) * 20 }} 24"
                role="img"
                aria-label="as measured"
            >
                @foreach (array_values($page->swatch->measured->hex) as $i => $hex)
                    <rect x="{{ $i * 20 }}" width="20" height="24" fill="{{ $hex }}" />
                @endforeach
            </svg>
            <figcaption class="small"><b>measured</b></figcaption>
        </figure>
    @endif
</div>
