@props(['words', 'hole' => null])
<div class="grid grid-cols-2 gap-x-5 sm:grid-cols-3">
    <x-field name="hole_from" label="Starts">
        <x-choose name="hole_from" :options="$words->starts()" :chosen="$hole?->from->value" />
    </x-field>
    @foreach ($words->numbers($hole) as $name => [$label, $value])
        <x-number :name="$name" :label="$label" :value="$value" class="w-full" />
    @endforeach
    <x-field name="hole_bit" label="Bit">
        <x-choose name="hole_bit" :options="$words->bits()" :chosen="$hole?->bit?->value" />
    </x-field>
</div>
