{{-- One form makes one thing: the key goes along, and a second sending finds what the first has made. --}}
<input type="hidden" name="once" value="{{ Str::random(32) }}" />
