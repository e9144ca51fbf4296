{{-- What a list shows, and in which order: words to find, more choices in the slot, the order, and all again. --}}
@props(['asked', 'label', 'placeholder', 'sorts', 'all'])
<form method="get" role="search" {{ $attributes->class('flex flex-wrap items-center gap-2') }}>
    <input
        type="search"
        name="q"
        value="{{ $asked->asked('q') }}"
        aria-label="{{ $label }}"
        placeholder="{{ $placeholder }}"
    />
    {{ $slot }}
    <x-choose name="sort" aria-label="Order" :options="$sorts" :chosen="$asked->order()" :is-wide="false" />
    <button class="press">Show</button>
    @if ($asked->isNarrowed())
        <a href="{{ $all }}">Show all</a>
    @endif
</form>
