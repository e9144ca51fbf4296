{{-- What whoever gets a piece is told of it, line by line, and how it is cared for. --}}
@props(['card', 'care'])
<dl class="owner-lines">
    @foreach ($card->lines() as $label => $words)
        <dt>{{ $label }}</dt>
        <dd>{{ $words }}</dd>
    @endforeach
</dl>
<h2 class="mt-4">Care</h2>
@foreach ($care as $line)
    <p>{{ $show->said($line) }}</p>
@endforeach
