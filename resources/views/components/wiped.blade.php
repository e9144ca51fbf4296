@props(['panel', 'grit'])
@php($face = $panel->sanding->face->value)
<x-choose
    :name="'wiped['.$face.' '.$grit.']'"
    :options="$panel->wipings()"
    :chosen="($panel->plan->wiped[$grit] ?? null)?->value ?? ''"
    :id="'wiped-'.$face.'-'.Str::slug($grit)"
    :aria-label="say('pages.wiped.after', ['grit' => $grit, 'said' => $show->said($panel->sanding->face->said())])"
    class="quiet"
    data-autosend
/>
