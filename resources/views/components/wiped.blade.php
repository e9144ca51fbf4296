@props(['panel', 'grit'])
@php($face = $panel->sanding->zone->id)
<x-choose
    :name="'wiped['.$face.' '.$grit.']'"
    :options="$panel->wipings()"
    :chosen="($panel->plan->wiped[$grit] ?? null)?->value ?? ''"
    :id="'wiped-'.$face.'-'.Str::slug($grit)"
    :aria-label="'After '.$grit.' on the '.$face"
    class="quiet"
    data-autosend
/>
