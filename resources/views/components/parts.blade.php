@props(['page', 'panel'])
@use('HonestGrain\Words\Unit')
@php($piece = $page->piece)
@php($core = $page->core)
<section>
    <h2>{{ $core->hasParts() ? say('pages.parts.all-parts') : say('pages.parts.parts') }}</h2>
    @if ($core->hasParts())
        <div class="mt-2 grid gap-6 sm:grid-cols-2">
            @foreach ([
                say('pages.parts.assembled') => $panel->assembled(), say('pages.parts.apart') => $panel->apart(),
            ] as $label => $drawing)
                <figure>
                    <div class="parts-art">{!! $show->drawn($drawing) !!}</div>
                    <figcaption class="faint small">{{ $label }}</figcaption>
                </figure>
            @endforeach
        </div>
        <table class="mt-3">
            <thead>
                <tr>
                    <th>Joint</th>
                    <th>Meets at</th>
                    <th>As drawn</th>
                    <th><span class="sr-only">Change</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($core->joints as $joint)
                    <tr>
                        <td>{{ $panel->name($joint) }}</td>
                        <td>{{ $show->length($joint->diameterMm, $show->fine()) }}</td>
                        <td @class(['warn' => $panel->isBad($joint)])>{{ $panel->fit($joint) }}</td>
                        <td class="n">
                            <x-disclosure label="Change it">
                                <form
                                    method="post"
                                    action="{{ route('pieces.joints.update', [$piece, $joint->id]) }}"
                                    class="mt-2 grid grid-cols-2 gap-x-4 text-left whitespace-normal"
                                    data-live
                                >
                                    @csrf
                                    @method('put')
                                    <x-at :page="$page" />
                                    <x-field name="joint_kind" label="Kind">
                                        <x-choose
                                            name="joint_kind"
                                            :options="$panel->kinds()"
                                            :chosen="$joint->kind->value"
                                        />
                                    </x-field>
                                    <x-field name="joint_at" label="At">
                                        <x-choose
                                            name="joint_at"
                                            :options="lines('pages.parts.at')"
                                            :chosen="$joint->place->value"
                                        />
                                    </x-field>
                                    <x-number
                                        name="joint_diameter"
                                        :label="say('pages.parts.diameter', ['unit' => $show->unit(Unit::Length)])"
                                        :value="$show->field(Unit::Length, $joint->diameterMm)"
                                        :keeps="false"
                                        class="w-full"
                                    />
                                    <x-number
                                        name="joint_depth"
                                        :label="say('pages.parts.depth', ['unit' => $show->unit(Unit::Length)])"
                                        :value="$show->field(Unit::Length, $joint->depthMm)"
                                        :keeps="false"
                                        class="w-full"
                                    />
                                    @if ($joint->kind->isGlued())
                                        <x-field name="joint_glue" label="Glue">
                                            <x-choose
                                                name="joint_glue"
                                                :options="$panel->glues()"
                                                :chosen="$joint->glue?->value"
                                            />
                                        </x-field>
                                    @endif
                                    @if ($joint->place === HonestGrain\Piece\JointPlace::Side)
                                        <x-number
                                            name="joint_height"
                                            :label="say('view.hole-words.height', ['mm' => $show->unit(Unit::Length)])"
                                            :value="$show->field(Unit::Length, $joint->at?->heightMm)"
                                            :keeps="false"
                                            class="w-full"
                                        />
                                        <x-number
                                            name="joint_azimuth"
                                            :label="say('view.hole-words.azimuth')"
                                            :value="$show->bare($joint->at?->azimuthDeg ?? 0.0)"
                                            :keeps="false"
                                            class="w-full"
                                        />
                                        <x-number
                                            name="joint_angle"
                                            :label="say('view.hole-words.angle')"
                                            :value="$show->bare($joint->at?->angleDeg ?? 0.0)"
                                            :keeps="false"
                                            class="w-full"
                                        />
                                    @endif
                                    <p><button class="press">Save the joint</button></p>
                                </form>
                            </x-disclosure>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-why kind="workshop"> {{ $panel->aboutPlay() }} </x-why>
    @else
        <p class="faint mt-1"><x-termed>One part. Draw a lid, a plug, a handle or a finial from it.</x-termed></p>
    @endif
    <form method="post" action="{{ route('pieces.parts.store', $piece) }}" class="mt-3 flex flex-wrap items-end gap-3">
        @csrf
        <x-at :page="$page" />
        <label class="small">
            <span class="faint">Add</span>
            <select name="kind">
                @foreach (HonestGrain\Piece\PartKind::cases() as $kind)
                    <option value="{{ $kind->value }}">{{ mb_lcfirst($show->said($kind->label())) }}</option>
                @endforeach
            </select>
        </label>
        <button class="press">Draw it</button>
    </form>
    @if ($piece->isBegun())
        <x-disclosure
            :label="say('pages.parts.again', ['part' => mb_lcfirst($page->part->name)])"
            :open="$errors->has('part')"
            class="mt-2"
        >
            <form method="post" action="{{ route('pieces.parts.again', $piece) }}" class="mt-1">
                @csrf
                <x-at :page="$page" />
                <p class="faint small">
                    <x-termed
                        >Everything done to it must be done again, on a sound blank. The record stays. Undo does not
                        tick the steps off again.</x-termed
                    >
                </p>
                <button class="press mt-1">Make it again</button>
                <x-refused name="part" class="block" />
            </form>
        </x-disclosure>
    @endif
    @if ($page->part !== $core->body())
        <form method="post" action="{{ route('pieces.parts.destroy', $piece) }}" class="mt-2">
            @csrf
            @method('delete')
            <x-at :page="$page" />
            <button class="quiet">Take {{ mb_lcfirst($page->part->name) }} away</button>
        </form>
    @endif
</section>
