@props(['words', 'glues', 'fitting' => null])
<div class="grid grid-cols-2 gap-x-5 sm:grid-cols-3">
    @if ($fitting === null && count($words->list()) > 1)
        <x-field name="fitting_like" label="From your list" class="col-span-2">
            <x-choose name="fitting_like" :options="$words->list()" />
        </x-field>
    @endif
    <x-field name="fitting_kind" label="Kind">
        <x-choose name="fitting_kind" :options="$words->kinds()" :chosen="$fitting?->size->kind->value" />
    </x-field>
    <x-field name="fitting_name" label="Name, if it has one">
        <input
            class="w-full"
            name="fitting_name"
            maxlength="40"
            value="{{ old('fitting_name', $fitting?->size->name) }}"
        />
    </x-field>
    <x-field name="fitting_from" label="At">
        <x-choose name="fitting_from" :options="$words->ends()" :chosen="$fitting?->from->value" />
    </x-field>
    @foreach ($words->numbers($fitting) as $name => [$label, $value])
        <x-number :name="$name" :label="$label" :value="$value" class="w-full" />
    @endforeach
    <x-field name="fitting_glue" label="Glue">
        <x-choose name="fitting_glue" :options="$glues" :chosen="$fitting?->glue?->value" />
    </x-field>
    <x-field name="fitting_order" label="A kit: its pieces, first in first" class="col-span-2">
        <input
            class="w-full"
            name="fitting_order"
            maxlength="600"
            value="{{ old('fitting_order', implode(', ', $fitting?->order ?? [])) }}"
        />
    </x-field>
    <label class="field col-span-2 self-end">
        <input type="checkbox" name="fitting_pinned" value="1" @checked(old('fitting_pinned', $fitting?->isPinned)) />
        a pin through the ferrule
    </label>
</div>
