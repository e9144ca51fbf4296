@props(['page', 'panel', 'chosen', 'stains'])
@use('HonestGrain\Words\Unit')
@php($piece = $page->piece)
@php($mark = $chosen->mark)
@php($mm = $show->unit(Unit::Length))
<div class="flex items-baseline gap-x-4">
    <h2 class="grow">{{ $show->said($mark->label()) }}</h2>
    <a class="small" href="{{ $page->tab('marks') }}">Place another</a>
</div>
@foreach ($chosen->findings() as $finding)
    <div @class(['note', 'note-warn' => $finding->isRefused])>
        <strong>{{ $finding->isRefused ? say('pages.mark-panel.will-not-do') : say('pages.mark-panel.look') }}</strong>
        {{ $show->said($finding->message) }}
        @if ($finding->choices !== [])
            <span class="faint"
                >{{ implode(say('pages.mark-panel.or'), array_map($show->said(...), $finding->choices)) }}.</span
            >
        @endif
    </div>
@endforeach
@if ($chosen->chips() !== [])
    <x-swatch-strip :chips="$chosen->chips()" class="mt-1 mb-2 [&_figure]:min-w-[3.5rem] [&_figure]:flex-1" />
@endif
@if ($chosen->bleeds($show) !== '')
    <div class="note">{{ $chosen->bleeds($show) }}</div>
@endif
<table class="mt-1">
    <tbody>
        @foreach ($chosen->figures($show) as [$label, $value])
            <tr>
                <x-row-head>{{ $label }}</x-row-head>
                <td class="n">{{ $value }}</td>
            </tr>
        @endforeach
        @if ($back = $chosen->sandedBack())
            <tr>
                <x-row-head>Left of it, early, late, end grain</x-row-head>
                <td class="n">{{ implode(', ', array_map($show->share(...), $back[0])) }}</td>
            </tr>
            <tr>
                <x-row-head>Early against late wood</x-row-head>
                <td class="n">ΔE {{ round($chosen->contrast(), 1) }}</td>
            </tr>
            <tr>
                <x-row-head>Most contrast, sanded back by</x-row-head>
                <td class="n">{{ $back[1] }} µm: ΔE {{ round($back[2], 1) }}</td>
            </tr>
        @endif
        <tr>
            <x-row-head>Hands</x-row-head>
            <td class="n"><b>{{ $show->minutes($panel->minutes($mark)) }}</b></td>
        </tr>
        @if ($chosen->holes() !== '')
            <tr>
                <x-row-head>Holes of plate {{ $chosen->worked->plate }}</x-row-head>
                <td class="n whitespace-normal">{{ $chosen->holes() }}</td>
            </tr>
        @endif
    </tbody>
</table>
@php([$heads, $rows] = $chosen->byHeight($show))
@if ($rows !== [])
    <table class="small mt-3">
        <thead>
            <tr>
                @foreach ($heads as $head)
                    <th class="n first:pl-0 first:text-left">{{ $head }}</th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach ($rows as $row)
                <tr>
                    @foreach ($row as $cell)
                        <td class="n first:pl-0 first:text-left">{{ $cell }}</td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<x-disclosure label="Settings" open class="mt-4">
    <form
        id="mark-settings"
        method="post"
        action="{{ route('pieces.marks.update', [$piece, $mark->id()]) }}"
        class="mt-2"
        data-live
    >
        @csrf
        @method('put')
        <x-at :page="$page" />
        <input type="hidden" name="technique" value="{{ $mark->technique->key() }}" />
        <input type="hidden" name="on" value="{{ $mark->band->on->value }}" x-ref="on" />
        @foreach ($panel->edges($mark) as $name => [$word, $at])
            <x-set-row :name="$name" :label="$word.', '.$mm">
                <x-decimal
                    name="{{ $name }}"
                    value="{{ old($name, $show->field(Unit::Length, $at)) }}"
                    x-ref="{{ $name }}"
                    x-on:input="show"
                    required
                />
            </x-set-row>
        @endforeach
        @foreach ($chosen->fields($show) as [$setting, $label, $value, $usual])
            <x-set-row :name="'set.'.$setting->value" :label="$label">
                @if ($setting->choices() !== [])
                    <select name="set[{{ $setting->value }}]">
                        @foreach ($setting->choices() as $key => $word)
                            <option
                                value="{{ $key }}"
                                @selected(old("set.$setting->value", $value === '' ? $usual : $value) === $key)
                            >
                                {{ $show->said($word) }}
                            </option>
                        @endforeach
                    </select>
                @else
                    <x-decimal
                        name="set[{{ $setting->value }}]"
                        :value="old('set.'.$setting->value, $value)"
                        placeholder="{{ $usual }}"
                    />
                @endif
            </x-set-row>
        @endforeach
        @if ($classes = $stains[$mark->technique->key()] ?? [])
            <x-set-row name="product" label="Class">
                <x-choose
                    name="product"
                    :options="['' => $chosen->unchosen($show)] + $show->products($classes)"
                    :chosen="$mark->isClassTaken ? '' : $mark->productClass()"
                />
            </x-set-row>
        @endif
        @if ($mark->technique->takesColour())
            <x-set-row name="colour" label="Colour">
                <input
                    type="color"
                    name="colour"
                    value="{{ old('colour', $mark->colour ?? $mark->technique->ink()) }}"
                />
            </x-set-row>
        @endif
        <x-set-row name="minutes" label="Minutes">
            <x-decimal
                name="minutes"
                value="{{ old('minutes', $show->bare($mark->minutes)) }}"
                placeholder="{{ round($chosen->worked->minutes) }}"
            />
        </x-set-row>
        <x-set-row name="wait_hours" label="Then wait, h">
            <x-decimal
                name="wait_hours"
                value="{{ old('wait_hours', $show->bare($mark->typedWaitHours)) }}"
                placeholder="{{ $show->bare($mark->waitHours) }}"
            />
        </x-set-row>
        <x-set-row name="name" label="Name">
            <input name="name" value="{{ old('name', $mark->name) }}" maxlength="40" />
        </x-set-row>
        <x-set-row name="note" label="Note">
            <input name="note" value="{{ old('note', $mark->note) }}" maxlength="500" />
        </x-set-row>
        <div class="mt-3 flex flex-wrap items-baseline gap-x-4">
            <button class="press press-main">Set it</button>
            <button class="quiet" form="mark-remove" aria-label="Remove it: {{ $show->said($mark->label()) }}">
                Remove it
            </button>
        </div>
        @if ($mark->technique->key() === 'dye')
            <p class="mt-2">
                <a href="{{ $chosen->wheel() }}">Choose a colour on your wheel</a>
            </p>
        @endif
        @if ($mark->technique->key() === 'pen-pattern')
            <p class="mt-2">
                <a href="{{ route('pieces.marks.unit', [$piece, $mark->id()]) }}">Draw your own repeat</a>
                @if ($mark->set->own)
                    <span class="faint small">This one is drawn by you.</span>
                @endif
            </p>
        @endif
        <p class="faint small mt-1"><x-termed>Leave a field empty to use the grey figure.</x-termed></p>
    </form>
    <form id="mark-remove" method="post" action="{{ route('pieces.marks.destroy', [$piece, $mark->id()]) }}" data-live>
        @csrf
        @method('delete')
        <x-at :page="$page" />
    </form>
</x-disclosure>
<x-why kind="workshop">
    Widths, lands, walls, divisions and lengths are geometry (physics). The minutes come from them at these rates of the
    workshop: {{ $panel->rates($show) }}.
</x-why>
