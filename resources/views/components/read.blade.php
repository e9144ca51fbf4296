@props(['step'])
{{-- What the page shows the step to be: a press on a page out of date never logs another. --}}
<input type="hidden" name="read" value="{{ $step->mark() }}" />
