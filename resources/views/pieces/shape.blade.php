@use('HonestGrain\Words\Unit')
@php($piece = $page->piece)
@php([$sanding, $coats] = [say('pages.pieces-shape.sanding'), say('pages.pieces-shape.coats')])
<x-piece :page="$page" tab="shape" title="shape">
    <div
        x-data="shapeEditor"
        data-panel="{{ json_encode($panel->toArray()) }}"
        data-factor="{{ $show->factor() }}"
        data-preview="{{ route('pieces.shape.preview', $piece) }}"
    >
        <div class="grid gap-x-12 lg:grid-cols-[minmax(0,1fr)_minmax(400px,min-content)]">
            <div class="relative self-start">
                <div x-ref="drawing" data-drawing class="piece-art">{!! $show->drawn($panel->drawing()) !!}</div>
                <svg
                    x-ref="overlay"
                    class="nodes absolute inset-0 h-full max-h-[430px] w-full touch-none"
                    aria-label="Nodes of the profile"
                    role="group"
                ></svg>
            </div>
            <div>
                <table>
                    <thead>
                        <tr>
                            <th>Surface</th>
                            <th class="n">Area</th>
                            <th class="n">End grain</th>
                            <th class="n">Last grit</th>
                            <th class="n">Coats</th>
                        </tr>
                    </thead>
                    <tbody>
                        <template x-for="zone in zones" :key="zone.id">
                            <tr :data-light="zone.id">
                                <td :class="zone.band ? 'pl-3' : ''">
                                    <span x-show="!zone.band" x-text="zone.name"></span>
                                    <a
                                        x-show="zone.band"
                                        href="{{ $page->tab('marks') }}"
                                        aria-label="To the marks"
                                        :aria-label="zone.name"
                                        x-text="zone.name"
                                    ></a>
                                </td>
                                <td class="n" x-text="zone.area"></td>
                                <td class="n" x-text="zone.end"></td>
                                <td class="n">
                                    <a
                                        x-show="zone.grit"
                                        :href="zone.surface"
                                        :aria-label="zone.grit + ': ' + zone.name + ', {{ $sanding }}'"
                                        x-text="zone.grit"
                                    ></a>
                                </td>
                                <td class="n">
                                    <a
                                        x-show="zone.coats"
                                        :href="zone.coated"
                                        :aria-label="zone.coats + ': ' + zone.name + ', {{ $coats }}'"
                                        x-text="zone.coats"
                                    ></a>
                                </td>
                            </tr>
                        </template>
                    </tbody>
                </table>
                <p class="mt-3" aria-live="polite" x-text="sentence"></p>
                <x-why kind="physics">
                    Areas and volume are summed over frusta of the sampled curve (chord error at most
                    <span>{{ $page->chordError($show) }}</span>); the wall is the shortest distance between the two
                    lines, or from the outside to the bore; end grain is the mean of |n·g| round the piece. It falls
                    once its centre of gravity, by itself and empty, is past the edge that it stands on.
                    <span>{{ $page->aboutMass($show) }}</span>
                </x-why>
                <template x-for="warning in warnings" :key="warning.code">
                    <p class="note note-warn" x-text="warning.message"></p>
                </template>
                <p class="note note-warn" role="alert" x-show="problem || refused" x-cloak>
                    <strong>Not saved.</strong> <span x-text="refused || problem"></span>
                </p>
                <p class="faint small mt-3">
                    <x-termed>Drag a node. Double-click the line to add one, a node for a corner.</x-termed>
                </p>
                <p class="faint small">
                    <x-termed
                        >Arrow keys move it, with Shift ten times as far. C makes a corner, N adds a node, Delete
                        removes it.</x-termed
                    >
                </p>
            </div>
        </div>
        <form x-ref="form" method="post" action="{{ route('pieces.shape', $piece) }}" hidden>
            @csrf
            @method('put')
            <x-at :page="$page" />
            <input type="hidden" name="shape" x-ref="shape" />
            <button>Save the shape</button>
        </form>
        <div class="mt-4 flex flex-wrap gap-x-14 gap-y-3">
            <x-disclosure label="Type the nodes">
                <div class="mt-2 flex flex-wrap gap-x-12">
                    <x-nodes rows="outerRows" label="Outside, foot to rim" />
                    @if ($part->profile->inner !== null)
                        <x-nodes rows="innerRows" label="Inside, rim to bottom" />
                    @endif
                </div>
            </x-disclosure>
            <x-disclosure label="Redraw a line by rule" :open="$errors->hasAny('way', 'redraw_wall')">
                <form
                    method="post"
                    action="{{ route('pieces.shape.redraw', $piece) }}"
                    class="mt-2 flex flex-wrap items-start gap-x-5"
                    data-live
                >
                    @csrf
                    <x-at :page="$page" />
                    <x-field name="way" label="How">
                        <x-choose name="way" :options="$panel->redraws()" />
                    </x-field>
                    @if ($part->profile->inner !== null)
                        <x-number
                            name="redraw_wall"
                            :label="say('pages.pieces-shape.redraw-wall', ['unit' => $show->unit(Unit::Length)])"
                            :value="$panel->thinnestWall()"
                        />
                    @endif
                    <p class="sm:mt-6"><button class="press">Redraw it</button></p>
                </form>
            </x-disclosure>
            <p class="ml-auto flex gap-5 self-start">
                <a href="{{ route('pieces.stick', $piece) }}">Story stick</a>
                <a href="{{ $page->tab('svg') }}">Drawing at true size (SVG)</a>
                <a href="{{ route('pieces.json', $piece) }}">Piece document (JSON)</a>
            </p>
        </div>
    </div>
    <div class="mt-7 grid gap-x-12 border-t border-rule pt-6 lg:grid-cols-2">
        <div class="space-y-8">
            <x-flaws :page="$page" :part="$part" :words="$flaws" />
            <x-holes :page="$page" :part="$part" :words="$holes" />
            <x-rim :page="$page" :words="$rim" />
            <x-walls :page="$page" :words="$walls" />
            <x-fittings :page="$page" :part="$part" :words="$fittings" :glues="$parts->glues()" />
            <section>
                <h2>
                    @if ($core->hasParts())
                        {{ $part->name }}: wood and hold
                    @else
                        Wood and hold
                    @endif
                </h2>
                <form
                    method="post"
                    action="{{ route('pieces.parts.update', $piece) }}"
                    class="mt-3 grid gap-x-8 sm:grid-cols-2"
                    data-live
                >
                    @csrf
                    @method('put')
                    <x-at :page="$page" />
                    @if ($core->hasParts())
                        <x-field name="part_name" label="Name of the part">
                            <input
                                class="w-full"
                                name="part_name"
                                maxlength="40"
                                value="{{ old('part_name', $part->name) }}"
                            />
                        </x-field>
                    @else
                        <input type="hidden" name="part_name" value="{{ $part->name }}" />
                    @endif
                    <x-field name="wood" label="Wood">
                        <x-choose name="wood" :options="$show->woods($woods)" :chosen="$part->wood->name" />
                    </x-field>
                    <x-field name="grain" label="Grain">
                        <x-choose
                            name="grain"
                            :options="lines('pages.pieces-shape.grain')"
                            :chosen="$part->grain->value"
                        />
                    </x-field>
                    <x-field name="figured" label="Figure">
                        <x-choose name="figured" :options="$page->figures()" :chosen="$part->figured?->value ?? ''" />
                    </x-field>
                    @if ($part->grain === HonestGrain\Geometry\GrainDirection::Side)
                        <x-field name="rings" label="How its rings lie">
                            <x-choose
                                name="rings"
                                :options="App\View\BlankFields::rings()"
                                :chosen="$part->rings?->value ?? ''"
                            />
                        </x-field>
                    @endif
                    <x-number name="moisture" label="Moisture now, %" :value="$show->bare($part->moisturePercent)" />
                    <x-field name="holding" label="Held by">
                        <x-choose name="holding" :options="$page->holdings()" :chosen="$part->holding->value" />
                    </x-field>
                    @foreach ($holds->wished() as $stage)
                        <x-field :name="'hold_'.$stage->value" :label="say('view.hold-choices.asked.'.$stage->value)">
                            <x-choose
                                :name="'hold_'.$stage->value"
                                :options="$holds->options($stage)"
                                :chosen="$holds->chosen($stage)"
                            />
                        </x-field>
                    @endforeach
                    <x-number
                        name="bore"
                        :label="say('pages.pieces-shape.bore', ['unit' => $show->unit(Unit::Length)])"
                        :value="$page->bore($show)"
                    />
                    <x-number
                        name="bore_depth"
                        :label="say('pages.pieces-shape.bore-depth-empty-right', ['unit' => $show->unit(Unit::Length)])"
                        :value="$page->boreDepth($show)"
                    />
                    <x-field name="bore_from" label="Bored from">
                        <x-choose
                            name="bore_from"
                            :options="lines('pages.pieces-shape.ends')"
                            :chosen="$part->profile->bore?->fromFoot ? 'foot' : 'top'"
                        />
                    </x-field>
                    <p><button class="press press-main">Save the part</button></p>
                </form>
                <x-disclosure label="What holds it at each stage, and what does not" is-faint class="small mt-3">
                    @foreach ($holds->table() as [$stage, $rows])
                        <h3 class="mt-3">{{ $stage }}</h3>
                        <dl class="mt-1 grid grid-cols-[11rem_1fr] gap-x-4 gap-y-1">
                            @foreach ($rows as [$hold, $serves, $why])
                                <dt @class(['faint' => ! $serves])>{{ $serves ? '✓' : '–' }} {{ $hold }}</dt>
                                <dd @class(['faint' => ! $serves])>{{ $why }}</dd>
                            @endforeach
                        </dl>
                    @endforeach
                </x-disclosure>
            </section>
        </div>
        <div class="space-y-8">
            <x-parts :page="$page" :panel="$parts" />
            <section>
                <h2>Name and date</h2>
                @if ($page->blankStory() !== '')
                    <p class="faint mt-1">
                        <a href="{{ route('rack.show', $piece->blank) }}">{{ $page->blankStory() }}</a>
                    </p>
                @endif
                <form
                    method="post"
                    action="{{ route('pieces.update', $piece) }}"
                    class="mt-3 grid gap-x-8 sm:grid-cols-2"
                    data-live
                >
                    @csrf
                    @method('put')
                    <x-at :page="$page" />
                    <x-field name="name" label="Name">
                        <input
                            class="w-full"
                            name="name"
                            value="{{ old('name', $piece->name) }}"
                            maxlength="80"
                            required
                        />
                    </x-field>
                    <x-field name="due" label="Due">
                        <input type="date" name="due" value="{{ old('due', $show->date($piece->due_at)) }}" />
                    </x-field>
                    <x-field name="purpose" label="What for">
                        <x-choose name="purpose" :options="$page->purposes()" :chosen="$core->purpose->value" />
                    </x-field>
                    @if ($piece->isBegun())
                        <p class="field faint small">
                            Begun as: {{ mb_lcfirst($show->said($core->startsAs->label())) }}.
                        </p>
                    @else
                        <x-field name="starts_as" label="It begins as">
                            <x-choose name="starts_as" :options="$page::begins()" :chosen="$core->startsAs->value" />
                        </x-field>
                    @endif
                    <x-field name="note" label="Note">
                        <input class="w-full" name="note" value="{{ old('note', $core->note) }}" maxlength="2000" />
                    </x-field>
                    <p><button class="press press-main">Save</button></p>
                </form>
            </section>
            @if ($stock->isTurned())
                <x-stock :page="$page" :stock="$stock" />
            @endif
        </div>
    </div>
</x-piece>
