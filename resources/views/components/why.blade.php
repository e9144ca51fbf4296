@props(['kind'])
<details class="why">
    <summary>Why?</summary>
    <div>
        <b>{{ say('pages.why.'.$kind) }}.</b>
        {{ $slot }}
    </div>
</details>
