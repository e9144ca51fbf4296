{{-- Something placed on a part: a line that opens onto its fields, and a way to take it away. --}}
@props(['page', 'update', 'destroy', 'remove'])
<details {{ $attributes->class('border-b border-rule py-1.5') }}>
    <summary>{{ $line }}</summary>
    <form method="post" action="{{ $update }}" class="mt-2" data-live>
        @csrf
        @method('put')
        <x-at :page="$page" />
        {{ $slot }}
        <button class="press">Change it</button>
    </form>
    <form method="post" action="{{ $destroy }}" data-live>
        @csrf
        @method('delete')
        <x-at :page="$page" />
        <button class="quiet" aria-label="{{ $remove }}">Remove</button>
    </form>
</details>
