{{-- One of the forms of a recipe: it carries the version, and which form it is, so that what was typed and what was
refused come back to it alone. --}}
@props(['page', 'action', 'form', 'part' => null, 'at' => null])
<form method="post" action="{{ $action }}" {{ $attributes }} data-live>
    @csrf
    @method('put')
    <input type="hidden" name="version" value="{{ $page->own->version }}" />
    <input type="hidden" name="form" value="{{ $form }}" />
    @if ($part !== null)
        <input type="hidden" name="part" value="{{ $part }}" />
    @endif
    @if ($at !== null)
        <input type="hidden" name="at" value="{{ $at }}" />
    @endif
    {{ $slot }}
</form>
