{{-- Where a figure comes from: exact, published or a workshop's model; `first` is what else there is to say of it. --}}
@props(['kind', 'first' => null])
<details class="why">
    <summary>Why?</summary>
    <div>
        @if ($first)
            <x-termed folded>{{ $first }}</x-termed>
        @endif
        <b>{{ say('pages.why.'.$kind) }}.</b>
        <x-termed folded>{{ $slot }}</x-termed>
    </div>
</details>
