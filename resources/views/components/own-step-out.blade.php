{{-- Takes a step of the maker's own out of the route. --}}
@props(['piece', 'step'])
<form method="post" action="{{ route('pieces.own-steps.destroy', [$piece, $step->step]) }}" data-live>
    @csrf
    @method('delete')
    <input type="hidden" name="version" value="{{ $piece->version }}" />
    <button class="quiet no-print">Remove this step</button>
</form>
