{{-- One task of the help: what is done, on which page, and how. --}}
@props(['title', 'to' => null, 'label' => null])
<section class="task">
    <h2>{{ $title }}</h2>
    @if ($to !== null)
        <p class="small"><a href="{{ $to }}">{{ $label }}</a></p>
    @endif
    <ol>
        {{ $slot }}
    </ol>
</section>
