@use('App\View\Unit')
@php($piece = $page->piece)
<x-piece :page="$page" tab="marks" title="marks">
    <div class="grid gap-x-12 lg:grid-cols-[1fr_430px]" x-data="bandPlacer" data-panel="{{ json_encode($panel->toArray()) }}" data-factor="{{ $show->unit(Unit::Length) === 'in' ? 25.4 : 1 }}">
        <div class="min-w-0">
            <div class="relative">
                <div class="piece-art">{!! $panel->drawing !!}</div>
                <svg x-ref="overlay" class="absolute inset-0 h-full max-h-[430px] w-full cursor-crosshair touch-none" aria-hidden="true"></svg>
            </div>
            <p class="faint small">Drag along the outside, the section of the inside, or the rim to place a band; or type its distances.</p>
            @if ($core->marks !== [])
                <div class="overflow-x-auto"><table class="mt-4"><thead><tr><th>Mark</th><th>On</th><th class="n">From</th><th class="n">To</th><th class="n">Minutes</th><th class="n">Wait</th><th></th></tr></thead><tbody>
                    @foreach ($core->marks as $mark)
                        <tr class="[&>td]:border-b-0"><td>@if ($mark->colour)<svg class="mr-1 inline-block h-3.5 w-3.5" aria-hidden="true"><rect width="14" height="14" fill="{{ $mark->colour }}"/></svg>@endif<b>{{ $mark->kind->label() }}</b>@if ($mark->stain)<span class="faint small">, {{ lcfirst($mark->stain->class) }}</span>@endif</td><td>{{ $mark->band->on->zone() }}</td><td class="n">{{ $show->length($mark->band->fromMm, 1) }}</td><td class="n">{{ $show->length($mark->band->toMm, 1) }}</td><td class="n">{{ $show->minutes($core->minutesOf($mark, $panel->measured)) }}@if ($mark->minutes === null)<span class="faint small block">usual</span>@endif</td><td class="n">{{ $mark->waitHours > 0 ? $show->hours($mark->waitHours) : '–' }}</td>
                            <td class="n whitespace-nowrap"><form method="post" class="inline" action="{{ route('pieces.marks.destroy', [$piece, $mark->band->id]) }}" data-live>@csrf @method('delete')<input type="hidden" name="version" value="{{ $piece->version }}"><button class="quiet" aria-label="Remove {{ $mark->kind->label() }}">Remove</button></form></td></tr>
                        <tr><td colspan="7" class="!pt-0"><details class="small"><summary class="text-act underline underline-offset-4">Change it</summary>
                            <form method="post" action="{{ route('pieces.marks.update', [$piece, $mark->band->id]) }}" class="mt-2 flex flex-wrap items-end gap-x-4" data-live>@csrf @method('put')
                                <input type="hidden" name="version" value="{{ $piece->version }}"><input type="hidden" name="kind" value="{{ $mark->kind->value }}"><input type="hidden" name="on" value="{{ $mark->band->on->value }}"><input type="hidden" name="product" value="{{ $mark->stain?->class }}"><input type="hidden" name="note" value="{{ $mark->note }}">
                                <x-field name="from" :label="'From, '.$show->unit(Unit::Length)"><input class="w-24" name="from" inputmode="decimal" value="{{ $show->field(Unit::Length, $mark->band->fromMm) }}" aria-label="From, {{ $mark->kind->label() }}"></x-field>
                                <x-field name="to" :label="'To, '.$show->unit(Unit::Length)"><input class="w-24" name="to" inputmode="decimal" value="{{ $show->field(Unit::Length, $mark->band->toMm) }}" aria-label="To, {{ $mark->kind->label() }}"></x-field>
                                <x-field name="minutes" label="Minutes"><input class="w-20" name="minutes" inputmode="decimal" value="{{ $show->bare($mark->minutes) }}"></x-field>
                                <x-field name="wait_hours" label="Wait, h"><input class="w-20" name="wait_hours" inputmode="decimal" value="{{ $show->bare($mark->waitHours) }}"></x-field>
                                @if ($mark->colour)<x-field name="colour" label="Colour"><input type="color" name="colour" value="{{ $mark->colour }}"></x-field>@endif
                                <button class="press mb-[0.8rem]">Change it</button>
                            </form></details></td></tr>
                    @endforeach
                </tbody></table></div>
            @endif
        </div>
        <div>
            <h2>Place a mark</h2>
            <form method="post" action="{{ route('pieces.marks', $piece) }}" class="mt-2" data-live>@csrf
                <input type="hidden" name="version" value="{{ $piece->version }}">
                <div class="grid grid-cols-2 gap-x-5">
                    <x-field name="kind" label="Mark"><select class="w-full" name="kind" x-ref="kind" x-on:change="suit">@foreach (HonestGrain\Technique\MarkKind::cases() as $kind)<option value="{{ $kind->value }}" @selected(old('kind') === $kind->value)>{{ $kind->label() }}</option>@endforeach</select></x-field>
                    <x-field name="on" label="On the"><select class="w-full" name="on" x-ref="on" x-on:change="show">@foreach ($panel->lengths() as $on => $length)<option value="{{ $on }}" @selected(old('on') === $on)>{{ HonestGrain\Geometry\Surface::from($on)->zone() }} ({{ $show->length($length) }})</option>@endforeach</select></x-field>
                    <x-field name="from" :label="'From, '.$show->unit(Unit::Length)"><input class="w-full" name="from" inputmode="decimal" x-ref="from" x-on:input="show" value="{{ old('from') }}" required></x-field>
                    <x-field name="to" :label="'To, '.$show->unit(Unit::Length)"><input class="w-full" name="to" inputmode="decimal" x-ref="to" x-on:input="show" value="{{ old('to') }}" required></x-field>
                    <x-field name="minutes" label="Minutes (empty: usual)"><input class="w-full" name="minutes" inputmode="decimal" value="{{ old('minutes') }}"></x-field>
                    <x-field name="wait_hours" label="Wait, h (empty: usual)"><input class="w-full" name="wait_hours" inputmode="decimal" value="{{ old('wait_hours') }}"></x-field>
                    <x-field name="product" label="Dye" x-show="takesDye"><select class="w-full" name="product">@foreach ($stains as $stain)<option @selected(old('product') === $stain)>{{ $stain }}</option>@endforeach</select></x-field>
                    <x-field name="colour" label="Colour" x-show="takesColour"><input type="color" name="colour" value="{{ old('colour', '#2e4d63') }}"></x-field>
                </div>
                <x-field name="note" label="Note"><input class="w-full" name="note" value="{{ old('note') }}" maxlength="500"></x-field>
                <button class="press press-main">Place it</button>
            </form>
            <p class="faint small mt-2">Distances run along the surface: outside from the foot, inside and rim from the outer edge.</p>
            <x-why kind="workshop">Distances are arc lengths on the sampled curve (physics). The usual minutes and waits are workshop figures for one band; a dye waits as long as its class takes to dry, run through this shop's air. The order follows from what each mark needs: cut first, then flame, then pen, then colour, and every coat after them.</x-why>
            @if ($core->marks !== [])
                <h2 class="mt-6">In which order, and why</h2>
                <ol class="mt-2 list-decimal pl-5">
                    @foreach ($page->steps->where('kind', 'mark') as $step)<li class="mb-2"><b>{{ $step->title }}</b>. <span class="faint">{{ $step->details['because'] }}</span></li>@endforeach
                </ol>
            @endif
        </div>
    </div>
</x-piece>
