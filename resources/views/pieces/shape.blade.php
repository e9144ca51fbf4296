@use('App\View\Unit')
@php($piece = $page->piece)
<x-piece :page="$page" tab="shape" title="shape">
    <div x-data="shapeEditor" data-panel="{{ json_encode($panel->toArray()) }}" data-factor="{{ $show->unit(Unit::Length) === 'in' ? 25.4 : 1 }}" data-preview="{{ route('pieces.shape.preview', $piece) }}">
        <div class="grid gap-x-12 lg:grid-cols-[1fr_400px]">
            <div class="relative self-start">
                <div x-ref="drawing" data-drawing class="piece-art">{!! $panel->drawing() !!}</div>
                <svg x-ref="overlay" class="nodes absolute inset-0 h-full max-h-[430px] w-full touch-none" aria-label="Nodes of the profile" role="group"></svg>
            </div>
            <div>
                <table>
                    <thead><tr><th>Surface</th><th class="n">Area</th><th class="n">End grain</th><th class="n">Last grit</th><th class="n">Coats</th></tr></thead>
                    <tbody><template x-for="zone in zones" :key="zone.id"><tr :data-light="zone.id"><td :class="zone.band ? 'pl-3' : ''"><span x-show="!zone.band" x-text="zone.name"></span><a x-show="zone.band" href="{{ route('pieces.marks', $piece) }}" x-text="zone.name"></a></td><td class="n" x-text="zone.area"></td><td class="n" x-text="zone.end"></td><td class="n"><a x-show="zone.grit" :href="zone.surface" :aria-label="zone.name + ', sanding'" x-text="zone.grit"></a></td><td class="n"><a x-show="zone.coats" :href="zone.coated" :aria-label="zone.name + ', coats'" x-text="zone.coats"></a></td></tr></template></tbody>
                </table>
                <p class="mt-3" aria-live="polite" x-text="sentence"></p>
                <x-why kind="physics">Areas and volume are summed over frusta of the sampled curve (chord error at most 0.05 mm); the wall is the shortest distance between the two lines; end grain is the mean of |n·g| round the piece. Mass is volume times density at this moisture: {{ $core->wood->name }}, specific gravity {{ $core->wood->gravity12 }} at 12 % ({{ $core->wood->source }}).</x-why>
                <template x-for="warning in warnings" :key="warning.code"><p class="note note-warn" x-text="warning.message"></p></template>
                <p class="note note-warn" role="alert" x-show="problem || refused" x-cloak><strong>Not saved.</strong> <span x-text="refused || problem"></span></p>
                <p class="faint small mt-3">Drag a node; double-click the line to add one, a node to make it a corner or smooth. With the keys: arrows move it (with Shift ten times as far), C makes a corner, N adds a node, Delete takes it out. Squares are corners.</p>
            </div>
        </div>
        <form x-ref="form" method="post" action="{{ route('pieces.shape', $piece) }}" hidden>@csrf @method('put')<input type="hidden" name="version" value="{{ $piece->version }}"><input type="hidden" name="shape" x-ref="shape"></form>
        <div class="mt-4 flex flex-wrap gap-x-14 gap-y-3">
            <details><summary class="text-act underline underline-offset-4">Type the nodes</summary>
                <div class="mt-2 flex flex-wrap gap-x-12">
                    @foreach (['outer' => 'Outside, foot to rim', 'inner' => 'Inside, rim to bottom'] as $curve => $label)
                        @continue($curve === 'inner' && $core->profile->inner === null)
                        <table class="!w-auto"><caption class="pb-1 text-left font-semibold">{{ $label }}</caption>
                            <thead><tr><th>Height, {{ $show->unit(Unit::Length) }}</th><th>Radius, {{ $show->unit(Unit::Length) }}</th><th>Corner</th><th></th></tr></thead>
                            <tbody><template x-for="row in {{ $curve }}Rows" :key="row.key"><tr>
                                <td><input class="w-24" inputmode="decimal" :value="row.z" :data-curve="row.curve" :data-i="row.i" data-axis="z" :aria-label="row.label + ', height'" x-on:change="type"></td>
                                <td><input class="w-24" inputmode="decimal" :value="row.r" :data-curve="row.curve" :data-i="row.i" data-axis="r" :aria-label="row.label + ', radius'" x-on:change="type"></td>
                                <td><input type="checkbox" :checked="row.corner" :data-curve="row.curve" :data-i="row.i" :aria-label="row.label + ', corner'" x-on:change="toggle"></td>
                                <td><button type="button" class="quiet" :data-curve="row.curve" :data-i="row.i" :aria-label="'Add a node after ' + row.label" x-on:click="addAfter">Add after</button> <button type="button" class="quiet" :data-curve="row.curve" :data-i="row.i" :aria-label="'Take out ' + row.label" x-on:click="takeOut">Take out</button></td>
                            </tr></template></tbody></table>
                    @endforeach
                </div>
            </details>
            <details @if ($errors->any()) open @endif><summary class="text-act underline underline-offset-4">Name, wood, date</summary>
                <form method="post" action="{{ route('pieces.update', $piece) }}" class="mt-3 grid gap-x-8 sm:grid-cols-2" data-live>@csrf @method('put')
                    <input type="hidden" name="version" value="{{ $piece->version }}">
                    <x-field name="name" label="Name"><input class="w-full" name="name" value="{{ old('name', $piece->name) }}" maxlength="80" required></x-field>
                    <x-field name="wood" label="Wood"><select class="w-full" name="wood">@foreach ($woods as $wood)<option @selected(old('wood', $piece->wood) === $wood)>{{ $wood }}</option>@endforeach</select></x-field>
                    <x-field name="grain" label="Grain"><select name="grain"><option value="side" @selected($core->grain->value === 'side')>side grain</option><option value="end" @selected($core->grain->value === 'end')>end grain</option></select></x-field>
                    <x-field name="moisture" label="Moisture now, %"><input name="moisture" inputmode="decimal" value="{{ old('moisture', $show->bare($core->moisturePercent)) }}"></x-field>
                    <x-field name="due" label="Due"><input type="date" name="due" value="{{ old('due', $show->date($piece->due_at)) }}"></x-field>
                    <x-field name="purpose" label="What for"><select name="purpose">@foreach (HonestGrain\Piece\Purpose::cases() as $purpose)<option value="{{ $purpose->value }}" @selected($core->purpose === $purpose)>{{ $purpose->label() }}</option>@endforeach</select></x-field>
                    <x-field name="holding" label="Held by"><select name="holding">@foreach (HonestGrain\Holding\Holding::cases() as $holding)<option value="{{ $holding->value }}" @selected($core->holding === $holding)>{{ str_replace('Mount by the ', '', str_replace('Mount ', '', $holding->mount())) }}</option>@endforeach</select></x-field>
                    <x-field name="note" label="Note"><input class="w-full" name="note" value="{{ old('note', $core->note) }}" maxlength="2000"></x-field>
                    <p><button class="press press-main">Save</button></p>
                </form>
            </details>
            <p class="ml-auto flex gap-5 self-start"><a href="{{ route('pieces.svg', $piece) }}">Drawing at true size (SVG)</a><a href="{{ route('pieces.json', $piece) }}">Piece document (JSON)</a></p>
        </div>
    </div>
</x-piece>
