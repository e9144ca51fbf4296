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
    <td class="n">{{ $show->length($mark->band->fromMm, 1) }}</td>
    <td class="n">{{ $show->length($mark->band->toMm, 1) }}</td>
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
        <details class="small">
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
                    <input class="w-20" name="minutes" inputmode="decimal" value="{{ $show->bare($mark->minutes) }}" />
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
    </td>
</tr>
