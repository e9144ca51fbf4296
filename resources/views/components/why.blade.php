@props(['kind'])
<details class="why">
    <summary>Why?</summary>
    <div>
        <b>{{ ['physics' => 'Physics', 'published' => 'Published figure', 'workshop' => 'Workshop model'][$kind] }}.</b>
        {!! $show->sentence((string) $slot) !!}
    </div>
</details>
