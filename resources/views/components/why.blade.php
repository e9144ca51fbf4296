{{-- Where a figure comes from: exact, published or a workshop's model; `first` is what else there is to say of it. --}}
@props(['kind', 'first' => null])
<details class="why">
    <summary>Why?</summary>
    <div>
        {{ $first }}
        <b>{{ say('pages.why.'.$kind) }}.</b>
        {{ $slot }}
    </div>
</details>
