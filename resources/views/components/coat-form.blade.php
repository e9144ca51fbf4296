@props(['page', 'panel', 'coat' => null])
<form method="post" action="{{ route('pieces.coats', $page->piece) }}" {{ $attributes }} data-live>
    @csrf
    @method('put')
    <x-at :page="$page" />
    <input type="hidden" name="plan" value="{{ $panel->plan->id }}" />
    @if ($coat !== null)
        <input type="hidden" name="coat" value="{{ $coat }}" />
    @endif
    {{ $slot }}
</form>
