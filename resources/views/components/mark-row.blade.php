@props(['page', 'panel', 'mark'])
@use('App\View\Unit')
@php($piece = $page->piece)
@php($label = $mark->technique->label())
@php($mm = $show->unit(Unit::Length))
<tr class="[&>td]:border-b-0">
    <td>
        @if ($mark->colour)
            <svg
                class="mr-1 inline-block h-3.5 w-3.5"
                aria-hidden="true"
            >
                <rect
                    width="14"
                    height="14"
                    fill="{{ $mark->colour }}"
                />
            </svg>
        @endif
        <b>{{ $label }}</b>
        @if ($mark->stain)
            <span class="faint small block">{{ lcfirst($mark->stain->class) }}</span>
        @endif
    </td>
    <td>{{ $mark->band->on->zone() }}</td>
    @foreach ($panel->edges($mark) as [$word, $at])
        <td class="n">
            {{ $show->length($at, 1) }}
            @if ($stands = $panel->standsAt($mark, $at))
                <span class="faint small block">⌀ {{ $show->length($stands[0], 1) }}</span>
                <span class="faint small block">{{ $show->length($stands[1], 1) }} up</span>
            @endif
        </td>
    @endforeach
    <td class="n">
        {{ $show->minutes($panel->minutes($mark)) }}
        @if ($mark->minutes === null)
            <span class="faint small block">usual</span>
        @endif
    </td>
    <td class="n">{{ $mark->waitHours > 0 ? $show->hours($mark->waitHours) : '–' }}</td>
    <td class="n whitespace-nowrap">
        <form
            method="post"
            class="inline"
            action="{{ route('pieces.marks.destroy', [$piece, $mark->id()]) }}"
            data-live
        >
            @csrf
            @method('delete')
            <x-at :page="$page" />
            <button class="quiet" aria-label="Remove {{ $label }}">Remove</button>
        </form>
    </td>
</tr>
<tr>
    <td colspan="7" class="!pt-0">
        <div class="flex flex-wrap gap-x-6">
            <details class="small open:basis-full">
                <summary class="text-act underline underline-offset-4">Change it</summary>
                <form
                    method="post"
                    action="{{ route('pieces.marks.update', [$piece, $mark->id()]) }}"
                    class="mt-2 flex flex-wrap items-end gap-x-4"
                    data-live
                >
                    @csrf
                    @method('put')
                    <x-at :page="$page" />
                    <input type="hidden" name="technique" value="{{ $mark->technique->key() }}" />
                    <input type="hidden" name="on" value="{{ $mark->band->on->value }}" />
                    <input type="hidden" name="product" value="{{ $mark->stain?->class }}" />
                    <input type="hidden" name="note" value="{{ $mark->note }}" />
                    @foreach ($panel->edges($mark) as $name => [$word, $at])
                        <x-field :name="$name" :label="$word.', '.$mm">
                            <input
                                class="w-24"
                                name="{{ $name }}"
                                inputmode="decimal"
                                value="{{ $show->field(Unit::Length, $at) }}"
                                aria-label="{{ $word }}, {{ $label }}"
                            />
                        </x-field>
                    @endforeach
                    <x-field name="minutes" label="Minutes">
                        <input
                            class="w-20"
                            name="minutes"
                            inputmode="decimal"
                            value="{{ $show->bare($mark->minutes) }}"
                        />
                    </x-field>
                    <x-field name="wait_hours" label="Wait, h">
                        <input
                            class="w-20"
                            name="wait_hours"
                            inputmode="decimal"
                            value="{{ $show->bare($mark->typedWaitHours) }}"
                        />
                    </x-field>
                    @if ($mark->colour)
                        <x-field name="colour" label="Colour">
                            <input type="color" name="colour" value="{{ $mark->colour }}" />
                        </x-field>
                    @endif
                    <button class="press mb-[0.8rem]">Change it</button>
                </form>
            </details>
            <details class="small open:basis-full" @if ($errors->has('template.'.$mark->id())) open @endif>
                <summary class="text-act underline underline-offset-4">Lay it flat</summary>
                <form
                    method="get"
                    action="{{ route('pieces.marks.template', [$piece, $mark->id()]) }}"
                    class="mt-2 flex flex-wrap items-end gap-x-4"
                >
                    <x-field :name="'template.'.$mark->id()" label="Parts round it, 3 to 96">
                        <input
                            class="w-20"
                            type="number"
                            name="repeats"
                            min="3"
                            max="96"
                            value="12"
                            required
                            aria-label="Parts round it, {{ $label }}"
                        />
                    </x-field>
                    <button class="press mb-[0.8rem]">Template at true size</button>
                    <p class="faint small mb-[0.8rem]">
                        An SVG of the band laid flat, with a centre line for each part and a line to check the printer
                        by.
                    </p>
                </form>
            </details>
        </div>
    </td>
</tr>
