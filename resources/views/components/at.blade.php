@props(['page'])
<input type="hidden" name="version" value="{{ $page->piece->version }}" />
@if ($page->part !== null)
    <input type="hidden" name="part" value="{{ $page->part->id }}" />
@endif
