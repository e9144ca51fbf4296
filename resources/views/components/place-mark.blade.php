@props(['page', 'panel', 'stains', 'laid'])
@use('HonestGrain\Words\Unit')
@php($piece = $page->piece)
@php($mm = $show->unit(Unit::Length))
<h2>Place a mark</h2>
<form method="post" action="{{ route('pieces.marks', $piece) }}" class="mt-2" data-live>
    @csrf
    <x-at :page="$page" />
    <div class="grid grid-cols-2 gap-x-5">
        <x-field name="technique" label="Mark">
            <x-choose
                name="technique"
                :options="$panel->techniques()"
                chosen="burnt-line"
                x-ref="technique"
                x-on:change="suit"
            />
        </x-field>
        <x-field name="on" label="On the">
            <x-choose
                name="on"
                :options="$panel->places($show)"
                :chosen="$laid['on'] ?? ''"
                x-ref="on"
                x-on:change="show"
            />
        </x-field>
        @foreach (lines('pages.place-mark.range') as $name => $word)
            <x-number
                :name="$name"
                :label="$word.', '.$mm"
                :value="$laid[$name] ?? ''"
                class="w-full"
                x-ref="{{ $name }}"
                x-on:input="show"
                required
            />
        @endforeach
        <x-field name="product" label="Dye" x-show="takesDye">
            <x-choose name="product" :options="$show->products($stains['dye'])" />
        </x-field>
        <x-field name="colour" label="Colour" x-show="takesColour">
            <input type="color" name="colour" value="{{ old('colour', '#2e4d63') }}" />
        </x-field>
    </div>
    <x-field name="name" label="Name (optional)">
        <input class="w-full" name="name" value="{{ old('name') }}" maxlength="40" />
    </x-field>
    <button class="press press-main">Place it</button>
</form>
<p class="faint small mt-2">
    <x-termed
        >Outside is measured from the foot, all else from the outer edge. Its settings stand here once it is
        placed.</x-termed
    >
</p>
<x-disclosure label="Lay it out by proportion, or between two marks" :open="$laid" class="small mt-3">
    <form method="get" action="{{ route('pieces.marks', $piece) }}" class="mt-2 grid grid-cols-2 gap-x-5">
        @if ($page->part !== $page->core?->body())
            <input type="hidden" name="part" value="{{ $page->part?->id }}" />
        @endif
        <x-field name="lay" label="Rule">
            <select class="w-full" name="lay">
                @foreach ($panel->rules() as $value => $word)
                    <option value="{{ $value }}" @selected(request('lay') === $value)>{{ $word }}</option>
                @endforeach
            </select>
        </x-field>
        <x-field name="lay_on" label="Of the">
            <select class="w-full" name="lay_on">
                @foreach ($panel->places($show) as $value => $word)
                    <option value="{{ $value }}" @selected(request('lay_on') === $value)>{{ $word }}</option>
                @endforeach
            </select>
        </x-field>
        <x-field name="nth" label="Which part, from its start">
            <input class="w-full" type="number" name="nth" min="1" max="24" value="{{ request('nth', 1) }}" />
        </x-field>
        <x-field name="parts" label="Of how many equal ones">
            <input class="w-full" type="number" name="parts" min="2" max="24" value="{{ request('parts', 4) }}" />
        </x-field>
        <x-field name="ratios" label="Own ratio, such as 2 : 1 : 3">
            <input class="w-full" name="ratios" value="{{ request('ratios') }}" maxlength="60" />
        </x-field>
        @if (count($panel->names($show)) > 1)
            @foreach (lines('pages.place-mark.ends') as $name => $word)
                <x-field :name="$name" :label="$word">
                    <select class="w-full" name="{{ $name }}">
                        @foreach ($panel->names($show) as $id => $label)
                            <option value="{{ $id }}" @selected(request($name) === $id)>{{ $label }}</option>
                        @endforeach
                    </select>
                </x-field>
            @endforeach
        @endif
        <div class="col-span-2"><button class="press">Show where it comes</button></div>
    </form>
</x-disclosure>
<x-why kind="workshop">
    Distances are arc lengths on the sampled curve, and widths, lands and walls are geometry (physics). The usual
    minutes follow from length, area and count at these rates of the workshop: {{ $panel->rates($show) }}. A dye waits
    as long as its class takes to dry, run through this shop's air.
</x-why>
