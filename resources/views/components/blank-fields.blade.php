@props(['woods', 'airs', 'core' => null, 'air' => null])
@inject('fields', 'App\View\BlankFields')
<div class="grid gap-x-8 sm:grid-cols-3">
    <x-field name="form" label="What it is">
        <x-choose name="form" :options="$fields->forms()" :chosen="$core?->form->value ?? 'rough-bowl'" />
    </x-field>
    <x-field name="wood" label="Wood">
        <x-choose name="wood" :options="$show->woods($woods)" :chosen="$core?->wood ?? 'Ash (white)'" />
    </x-field>
    <x-field name="grain" label="Grain">
        <x-choose name="grain" :options="lines('pages.blank-fields.grain')" :chosen="$core?->grain->value ?? 'side'" />
    </x-field>
    <x-field name="rings" label="How its rings lie">
        <x-choose name="rings" :options="$fields->rings()" :chosen="$core?->rings?->value ?? ''" />
    </x-field>
    @foreach ($fields->sizes($core) as $name => [$label, $value])
        <x-number :name="$name" :label="$label" :value="$value" class="w-full" />
    @endforeach
    <x-field name="pith" label="Pith">
        <x-choose name="pith" :options="$fields->piths()" :chosen="$core?->pith->value" />
    </x-field>
    <x-field name="keeping" label="Kept from drying too fast">
        <x-choose name="keeping" :options="$fields->keepings()" :chosen="$core?->keeping->value" />
    </x-field>
    <x-field name="place" label="Place on the rack">
        <input class="w-full" name="place" maxlength="60" value="{{ old('place', $core?->place) }}" />
    </x-field>
    <x-field name="air" label="Which air it dries in">
        <x-choose name="air" :options="['' => say('pages.blank-fields.shop')] + $airs" :chosen="$air" />
    </x-field>
    <x-field name="source" label="Where it is from">
        <input class="w-full" name="source" maxlength="120" value="{{ old('source', $core?->source) }}" />
    </x-field>
    <x-field name="given_by" label="Who gave it">
        <input class="w-full" name="given_by" maxlength="120" value="{{ old('given_by', $core?->givenBy) }}" />
    </x-field>
    <x-field name="promised_for" label="Promised for">
        <input
            class="w-full"
            name="promised_for"
            maxlength="120"
            value="{{ old('promised_for', $core?->promisedFor) }}"
        />
    </x-field>
    <x-number name="price" label="Price" :value="$core?->price" class="w-full" />
    @foreach ($fields->dates($core) as $name => [$label, $value])
        <x-field :name="$name" :label="$label">
            <input type="date" name="{{ $name }}" value="{{ old($name, $value) }}" />
        </x-field>
    @endforeach
    <x-number name="meter_percent" label="Meter on a fresh face, %" :value="$core?->meterPercent" class="w-full" />
    <p class="field self-end">
        <label>
            <input type="checkbox" name="taken_as_dry" value="1" @checked(old('taken_as_dry', $core?->isTakenAsDry)) />
            Count it as dry
        </label>
    </p>
</div>
<x-field name="note" label="Note">
    <input class="w-full" name="note" maxlength="500" value="{{ old('note', $core?->note) }}" />
</x-field>
