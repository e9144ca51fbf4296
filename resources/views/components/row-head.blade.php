{{-- What a row of a table is about, as large as what stands in it. --}}
<th scope="row" {{ $attributes->class('text-[1rem] text-ink') }}>{{ $slot }}</th>
