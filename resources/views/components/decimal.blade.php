{{-- One number, typed as a maker writes one: with a fraction, a point or a unit of length. --}}
<input {{ $attributes->merge(['inputmode' => 'decimal', 'autocomplete' => 'off']) }} />
