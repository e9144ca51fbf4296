@props(['words', 'flaw' => null])
<div class="grid grid-cols-2 gap-x-5 sm:grid-cols-3">
    <x-field name="flaw_kind" label="What">
        <x-choose name="flaw_kind" :options="$words->kinds()" :chosen="$flaw?->kind->value" />
    </x-field>
    <x-field name="flaw_on" label="On the">
        <x-choose name="flaw_on" :options="$words->places()" :chosen="$flaw?->on->value" x-ref="on" />
    </x-field>
    <x-field name="wish" label="Wish">
        <x-choose name="wish" :options="$words->wishes()" :chosen="$flaw?->wish->value ?? 'fill'" />
    </x-field>
    @foreach ($words->numbers($flaw) as $name => [$label, $value])
        <x-number :name="$name" :label="$label" :value="$value" class="w-full" x-ref="{{ $name }}" />
    @endforeach
    <x-field name="with" label="With">
        <x-choose name="with" :options="$words->means()" :chosen="$flaw?->with?->value" />
    </x-field>
    <x-field name="flaw_rgb" label="A fill's colour" for="flaw-rgb-{{ $flaw?->id }}">
        <span class="flex items-center gap-3">
            <input
                type="color"
                id="flaw-rgb-{{ $flaw?->id }}"
                name="flaw_rgb"
                value="{{ old('flaw_rgb', $flaw?->rgb?->toHex() ?? '#2e4d63') }}"
            />
            <label class="small">
                <input
                    type="checkbox"
                    name="flaw_coloured"
                    value="1"
                    @checked(old('flaw_coloured', $flaw?->rgb !== null))
                />
                coloured
            </label>
        </span>
    </x-field>
    <x-field name="flaw_glue" label="A patch's glue">
        <x-choose name="flaw_glue" :options="$words->glues()" :chosen="$flaw?->glue?->value ?? ''" />
    </x-field>
    <x-field name="flaw_offcut" label="A patch's offcut">
        <input class="w-full" name="flaw_offcut" maxlength="80" value="{{ old('flaw_offcut', $flaw?->offcut) }}" />
    </x-field>
    <label class="field col-span-2 self-end">
        <input type="checkbox" name="each_pass" value="1" @checked(old('each_pass', $flaw?->isEachPass)) />
        hardened again once the inside is cut
    </label>
</div>
