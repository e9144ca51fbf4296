{{-- When a piece would be ready if it were made another way: a line of its route. --}}
<p><span id="way-{{ $choice }}-{{ $way }}" class="faint small">{{ $words }}</span></p>
