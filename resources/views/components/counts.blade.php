{{-- Whether a record counts in the model, and the press that changes it, within the form that sends it. --}}
@props(['name', 'counts', 'label'])
<input type="hidden" name="{{ $name }}" value="{{ $counts ? 0 : 1 }}" />
<p>
    @if ($counts)
        {{ $label }}
    @else
        Left out: plans use the model alone.
    @endif
    <button class="quiet">
        @if ($counts)
            Leave it out
        @else
            Count it again
        @endif
    </button>
</p>
