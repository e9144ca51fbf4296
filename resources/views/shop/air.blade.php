@use('HonestGrain\Words\Unit')
@php($usual = $workshop->climate)
<x-shop tab="climate" title="Air" is-for-gloves>
    <div class="mt-1 flex flex-wrap items-baseline gap-x-6">
        <h1>Air</h1>
        <nav class="tabs" aria-label="Which air">
            @foreach ($airs as $one)
                <a href="{{ route('climate', ['air' => $one->id]) }}" @if ($one->is($air)) aria-current="page" @endif>
                    {{ $one->name }}
                </a>
            @endforeach
        </nav>
    </div>
    <p class="mt-3 text-[1.15rem] font-semibold">{{ $page->now() }}</p>
    @if ($page->warmed() !== '')
        <p class="mt-1">
            {{ $page->warmed() }}
            <button class="quiet" form="as-it-comes">Use its usual air</button>
        </p>
        <form method="post" action="{{ route('climate.warm', $air) }}" id="as-it-comes" data-live hidden>
            @csrf
            @method('delete')
        </form>
    @endif
    <div class="mt-3 text-ink">{!! $show->drawn($page->chart()) !!}</div>
    <x-why kind="workshop">
        A solid line was read; a dotted one is filled in for show, or still to come: for each hour of the day the mean
        of the last week, or the setting where an hour was never read. Waits count each reading until the next, and
        after the last one that course of a day. What wood settles at is the sorption equation of the Wood Handbook, ch.
        4 (published).
    </x-why>
    <div class="mt-5 grid gap-x-14 gap-y-6 lg:grid-cols-3">
        <section aria-labelledby="readings" class="lg:row-span-2">
            <h2 id="readings">Readings</h2>
            <form
                method="post"
                action="{{ route('climate.readings', $air) }}"
                class="mt-1"
                data-live
                data-press="air"
                data-says="{{ $air->name }}"
            >
                @csrf
                <div class="flex items-end gap-x-3">
                    <x-number name="temp" :label="$show->unit(Unit::Temperature)" class="w-20" required />
                    <x-number name="rh" label="% RH" class="w-20" required />
                    <button class="press mb-[0.8rem]">Read</button>
                </div>
                <x-field name="at" label="When, if not now">
                    <input type="datetime-local" name="at" value="{{ old('at') }}" />
                </x-field>
            </form>
            <table class="small mt-1">
                <tbody>
                    @forelse ($page->latest() as [$when, $temp, $rh, $source, $nonsense])
                        <tr>
                            <th scope="row">{{ $when }}</th>
                            <td class="n">{{ $temp }}</td>
                            <td class="n">{{ $rh }}</td>
                            <td class="n faint">{{ $source }}</td>
                        </tr>
                        @if ($nonsense !== '')
                            <tr>
                                <td colspan="4"><span class="warn">{{ $nonsense }} Not used.</span></td>
                            </tr>
                        @endif
                    @empty
                        <tr>
                            <td class="faint">None yet. Until then the setting stands.</td>
                        </tr>
                    @endforelse
                </tbody>
            </table>
            <details class="mt-3" id="readings-from-a-file" @if ($errors->has('rows')) open @endif>
                <summary class="inline-block py-2 text-act underline underline-offset-4">From a logger’s file</summary>
                <form
                    method="post"
                    action="{{ route('climate.import', $air) }}"
                    class="mt-2"
                    enctype="multipart/form-data"
                    data-live
                >
                    @csrf
                    <p class="faint small">
                        <x-termed
                            >One row for each reading: time; {{ $show->unit(Unit::Temperature) }}; % RH. If one row
                            cannot be read, none is imported.</x-termed
                        >
                    </p>
                    <x-field name="file" label="File (CSV)"
                        ><input type="file" name="file" accept=".csv,.txt"
                    /></x-field>
                    <x-field name="rows" label="or the rows">
                        <textarea class="w-full" name="rows" rows="3">{{ old('rows') }}</textarea>
                    </x-field>
                    <button class="press">Import them</button>
                </form>
            </details>
        </section>
        <section aria-labelledby="station">
            <h2 id="station">Station <span class="faint">(simulated)</span></h2>
            <p class="faint small mt-1">
                <x-termed>A simulated station, to try this out. It is read every hour.</x-termed>
            </p>
            @can('run-shop')
                <form
                    method="post"
                    action="{{ route('climate.station', $air) }}"
                    class="mt-2 flex items-end gap-x-3"
                    data-live
                >
                    @csrf
                    @method('put')
                    <x-field name="station" label="Set to">
                        <x-choose name="station" :options="$page->stations()" :chosen="$air->station" />
                    </x-field>
                    <button class="press mb-[0.8rem]">Set</button>
                </form>
            @endcan
            <form method="post" action="{{ route('climate.read', $air) }}" data-live>
                @csrf
                <button class="press" @disabled($air->station === 'none')>Read it now</button>
            </form>
            @can('run-shop')
                <h2 class="mt-5">A sensor of your own</h2>
                @if (session('sensorKey'))
                    <p class="mt-1">It sends to <b>{{ route('sensor') }}</b> with the key</p>
                    <input class="w-full" readonly aria-label="Key of the sensor" value="{{ session('sensorKey') }}" />
                @else
                    <p class="faint small mt-1">
                        It posts what it reads as JSON; docs/instruments.md says how.
                        @if ($air->sensor_key !== null)
                            It has a key.
                        @endif
                    </p>
                @endif
                <div class="hands-row mt-2">
                    <form method="post" action="{{ route('climate.sensor', $air) }}" data-live>
                        @csrf
                        <button class="press">
                            @if ($air->sensor_key === null)
                                Make a key
                            @else
                                A new key
                            @endif
                        </button>
                    </form>
                    @if ($air->sensor_key !== null)
                        <form method="post" action="{{ route('climate.sensor', $air) }}" data-live>
                            @csrf
                            @method('delete')
                            <button class="press">End it</button>
                        </form>
                    @endif
                </div>
            @endcan
            <h2 class="mt-5" id="warm-it">Warm it</h2>
            <form
                method="post"
                action="{{ route('climate.warm', $air) }}"
                class="mt-1 flex flex-wrap items-end gap-x-3"
                data-live
            >
                @csrf
                @method('put')
                <x-number
                    name="warm_to"
                    :label="say('pages.climate.to', ['unit' => $show->unit(Unit::Temperature)])"
                    class="w-20"
                    required
                />
                <x-field name="until" label="Until">
                    <input type="date" name="until" value="{{ old('until') }}" required />
                </x-field>
                <button class="press mb-[0.8rem]">Plan with it</button>
            </form>
        </section>
        @can('run-shop')
            <section aria-labelledby="airs">
                <h2 id="airs">Another air</h2>
                <p class="faint small mt-1">
                    <x-termed>A cupboard for coats, a cellar, a lean-to for logs.</x-termed>
                </p>
                <form
                    method="post"
                    action="{{ route('climate.store') }}"
                    class="mt-2 grid grid-cols-2 gap-x-5"
                    data-live
                >
                    @csrf
                    <x-field name="kind" label="What it is">
                        <x-choose name="kind" :options="$page->kinds()" />
                    </x-field>
                    <x-field name="air_name" label="Name">
                        <input class="w-full" name="air_name" maxlength="60" value="{{ old('air_name') }}" required />
                    </x-field>
                    <x-number
                        name="temp"
                        :label="say('pages.climate.rule', ['unit' => $show->unit(Unit::Temperature)])"
                        :keeps="false"
                        class="w-full"
                        required
                    />
                    <x-number name="rh" label="As a rule, % RH" :keeps="false" class="w-full" required />
                    <p><button class="press">Add it</button></p>
                </form>
                @if ($air->kind !== 'shop')
                    <form
                        method="post"
                        action="{{ route('climate.destroy', $air) }}"
                        class="mt-3"
                        data-ask="Take {{ $air->name }} away, with all that was read of it?"
                    >
                        @csrf
                        @method('delete')
                        <button class="quiet">Take {{ $air->name }} away</button>
                    </form>
                @endif
            </section>
        @endcan
        <section class="lg:col-span-2 lg:col-start-2" aria-labelledby="usual">
            <h2 id="usual">The shop’s usual air</h2>
            <p class="faint small mb-2"><x-termed>{{ $panel->air() }}</x-termed></p>
            @foreach (['day' => say('pages.shop.day-2'), 'night' => say('pages.shop.night-2')] as $part => $label)
                @if ($panel->blushes($part))
                    <p class="note note-warn">
                        <strong>{{ $label }} the air is close to its dew point.</strong> A coat put on then may blush.
                    </p>
                @endif
            @endforeach
            <form method="post" action="{{ route('shop.update') }}" data-live>
                @csrf
                @method('put')
                @cannot('run-shop')
                    <p class="note">Only an owner can change these.</p>
                @endcannot
                <fieldset @disabled(! $me->isOwner())>
                    <legend class="sr-only">The shop’s usual air</legend>
                    <div class="grid grid-cols-2 gap-x-8 sm:grid-cols-4">
                        <x-number
                            name="day_c"
                            :label="say('pages.shop.day', ['unit' => $show->unit(Unit::Temperature)])"
                            :value="$show->field(Unit::Temperature, $usual->dayC)"
                            class="w-full"
                        />
                        <x-number name="day_rh" label="By day, % RH" :value="$usual->dayRh" class="w-full" />
                        <x-field name="day_from" label="Day from, hour"
                            ><input
                                class="w-full"
                                name="day_from"
                                inputmode="numeric"
                                value="{{ old('day_from', $usual->dayFrom) }}"
                        /></x-field>
                        <x-field name="day_to" label="Day to, hour"
                            ><input
                                class="w-full"
                                name="day_to"
                                inputmode="numeric"
                                value="{{ old('day_to', $usual->dayTo) }}"
                        /></x-field>
                        <x-number
                            name="night_c"
                            :label="say('pages.shop.night', ['unit' => $show->unit(Unit::Temperature)])"
                            :value="$show->field(Unit::Temperature, $usual->nightC)"
                            class="w-full"
                        />
                        <x-number name="night_rh" label="By night, % RH" :value="$usual->nightRh" class="w-full" />
                        <x-field name="dries_apart" label="Coats dry"
                            ><select class="w-full" name="dries_apart">
                                <option value="0">in the shop's own air</option>
                                <option value="1" @selected(old('dries_apart', $workshop->dries_apart))>
                                    in a cupboard or a room apart
                                </option>
                            </select></x-field
                        >
                    </div>
                    <button class="press press-main">Save the air</button>
                </fieldset>
            </form>
            <div class="mt-4">
                <x-why kind="published"
                    >Moisture: Wood Handbook, chapter 4, sorption equation. Dew point: Magnus form (Alduchov and
                    Eskridge 1996). That coats slow with cold and damp is a workshop model: see any piece's
                    Coats.</x-why
                >
            </div>
        </section>
    </div>
</x-shop>
