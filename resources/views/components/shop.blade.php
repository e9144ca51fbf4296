{{-- One subject of the shop, with the way to the others. --}}
@props(['tab', 'title', 'isForGloves' => false])
<x-layout :$title section="shop">
    <div @class(['page', 'hands' => $isForGloves])>
        <nav aria-label="Shop" class="tabs no-print mb-5">
            @php($subjects = $me->isReader() ? lines('pages.shop.subjects-reader') : lines('pages.shop.subjects'))
            @foreach ($subjects as $route => $label)
                <a href="{{ route($route) }}" @if ($tab === $route) aria-current="page" @endif>{{ $label }}</a>
            @endforeach
        </nav>
        <div {{ $attributes }}>{{ $slot }}</div>
    </div>
</x-layout>
