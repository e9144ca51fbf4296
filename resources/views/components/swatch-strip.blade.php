@props(['chips'])
<div {{ $attributes->class('flex flex-wrap') }}>
    @foreach ($chips as $word => $hex)
        <figure class="min-w-[5.2rem] grow">
            <svg
                class="block h-14 w-full"
                preserveAspectRatio="none"
                viewBox="0 0 10 10"
                role="img"
                aria-label="{{ $word }}: {{ $hex }}"
            >
                <rect
                    width="10"
                    height="10"
                    fill="{{ $hex }}"
                />
            </svg>
            <figcaption class="small mt-1">{{ $word }}</figcaption>
        </figure>
    @endforeach
</div>
