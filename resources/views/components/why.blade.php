@props(['kind'])
<details class="why">
    <summary>Why?</summary>
    <div>
        <b>{{ ['physics' => 'Physics', 'published' => 'Published figure', 'workshop' => 'Workshop model'][$kind] }}.</b>
        {{ $slot }}
    </div>
</details>
