@use('HonestGrain\Words\Unit')
@php($air = $workshop->climate)
<x-layout title="Shop" section="shop">
    <div class="page grid gap-x-16 lg:grid-cols-[1.15fr_1fr]">
        <form method="post" action="{{ route('shop.update') }}" data-live>
            @csrf
            @method('put')
            <h1>The shop</h1>
            @cannot('run-shop')
                <p class="note">Only an owner can change these.</p>
            @endcannot
            <fieldset @disabled(! $me->isOwner())>
                <legend class="sr-only">The shop</legend>
                <div class="mt-3 grid grid-cols-2 gap-x-8">
                    <x-field name="name" label="Name"
                        ><input
                            class="w-full"
                            name="name"
                            value="{{ old('name', $workshop->name) }}"
                            required
                            maxlength="120"
                    /></x-field>
                    <x-field name="time_zone" label="Time zone"
                        ><select class="w-full" name="time_zone">
                            @foreach (timezone_identifiers_list() as $zone)
                                <option @selected(old('time_zone', $workshop->time_zone) === $zone)>{{ $zone }}</option>
                            @endforeach</select
                    ></x-field>
                </div>
                <h2 class="mt-3">Hours</h2>
                <p class="faint small mb-2">
                    <x-termed
                        >Work is planned in these hours. Coats dry day and night.
                        <a href="{{ route('workers') }}">Who works here</a></x-termed
                    >
                </p>
                <div class="grid grid-cols-2 gap-x-8">
                    @foreach (lines('view.field-words.days') as $day => $label)
                        <x-field :name="'hours.'.$day" :label="$label"
                            ><input
                                class="w-full"
                                name="hours[{{ $day }}]"
                                value="{{ old('hours.'.$day, $panel->hours($day)) }}"
                                placeholder="closed"
                        /></x-field>
                    @endforeach
                    <x-field name="closed" label="Closed on (dates)"
                        ><input
                            class="w-full"
                            name="closed"
                            value="{{ old('closed', implode(', ', $workshop->closed)) }}"
                            placeholder="2026-12-25"
                    /></x-field>
                    <x-field name="also" label="Also open"
                        ><input
                            class="w-full"
                            name="also"
                            value="{{ old('also', $panel->also()) }}"
                            placeholder="2026-12-06 09:00-13:00"
                    /></x-field>
                </div>
                <h2 class="mt-3">Air</h2>
                <p class="faint small mb-2">
                    <x-termed
                        >{{ $panel->air() }} <a href="{{ route('climate') }}">What was read of it</a> ·
                        <a href="{{ route('instruments') }}">Instruments</a> ·
                        <a href="{{ route('learnt') }}">Learnt at the bench</a> ·
                        <a href="{{ route('equipment') }}">Lathe and holds</a></x-termed
                    >
                </p>
                @foreach (['day' => say('pages.shop.day-2'), 'night' => say('pages.shop.night-2')] as $part => $label)
                    @if ($panel->blushes($part))
                        <p class="note note-warn">
                            <strong>{{ $label }} the air is close to its dew point.</strong> A coat put on then may
                            blush.
                        </p>
                    @endif
                @endforeach
                <div class="grid grid-cols-3 gap-x-8">
                    <x-number
                        name="day_c"
                        :label="say('pages.shop.day', ['unit' => $show->unit(Unit::Temperature)])"
                        :value="$show->field(Unit::Temperature, $air->dayC)"
                        class="w-full"
                    />
                    <x-number name="day_rh" label="By day, % RH" :value="$air->dayRh" class="w-full" />
                    <x-field name="day_from" label="Day from, hour"
                        ><input
                            class="w-full"
                            name="day_from"
                            inputmode="numeric"
                            value="{{ old('day_from', $air->dayFrom) }}"
                    /></x-field>
                    <x-number
                        name="night_c"
                        :label="say('pages.shop.night', ['unit' => $show->unit(Unit::Temperature)])"
                        :value="$show->field(Unit::Temperature, $air->nightC)"
                        class="w-full"
                    />
                    <x-number name="night_rh" label="By night, % RH" :value="$air->nightRh" class="w-full" />
                    <x-field name="day_to" label="Day to, hour"
                        ><input
                            class="w-full"
                            name="day_to"
                            inputmode="numeric"
                            value="{{ old('day_to', $air->dayTo) }}"
                    /></x-field>
                </div>
                <x-why kind="published"
                    >Moisture: Wood Handbook, chapter 4, sorption equation. Dew point: Magnus form (Alduchov and
                    Eskridge 1996). That coats slow with cold and damp is a workshop model: see any piece's
                    Coats.</x-why
                >
                <h2 class="mt-3">Limits</h2>
                <div class="mt-2 grid grid-cols-3 gap-x-8">
                    <x-number
                        name="sanding_cap_m_s"
                        :label="say('pages.shop.rim-speed-sanding', ['unit' => $show->unit(Unit::Speed)])"
                        :value="$panel->limit('sanding_cap_m_s')"
                        class="w-full"
                    />
                    <x-number
                        name="min_wall_mm"
                        :label="say('pages.shop.least-wall', ['unit' => $show->unit(Unit::Length)])"
                        :value="$panel->limit('min_wall_mm')"
                        class="w-full"
                    />
                    <x-field name="spare_chucks" label="Spare chuck bodies"
                        ><input
                            class="w-full"
                            name="spare_chucks"
                            inputmode="numeric"
                            value="{{ old('spare_chucks', $workshop->spare_chucks) }}"
                    /></x-field>
                    <x-field name="dries_apart" label="Coats dry"
                        ><select class="w-full" name="dries_apart">
                            <option value="0">in the shop's own air</option>
                            <option value="1" @selected(old('dries_apart', $workshop->dries_apart))>
                                in a cupboard or a room apart
                            </option>
                        </select></x-field
                    >
                </div>
                <button class="press press-main">Save the shop</button>
            </fieldset>
        </form>
        <div>
            <h1>For you</h1>
            <form method="post" action="{{ route('preferences') }}" class="mt-3 grid grid-cols-2 gap-x-8">
                @csrf
                @method('put')
                @foreach ($panel->preferences() as $key => [$label, $options])
                    <x-field :name="$key" :label="$label"
                        ><select class="w-full" name="{{ $key }}">
                            @foreach ($options as $value => $word)
                                <option value="{{ $value }}" @selected($me->prefers($key) === (string) $value)>
                                    {{ $word }}
                                </option>
                            @endforeach</select
                    ></x-field>
                @endforeach
                <x-field name="own_time_zone" label="Your time zone"
                    ><select class="w-full" name="own_time_zone">
                        <option value="">the shop's</option>
                        @foreach (timezone_identifiers_list() as $zone)
                            <option @selected($me->preferences->of('time_zone') === $zone)>{{ $zone }}</option>
                        @endforeach</select
                ></x-field>
                <div class="grid grid-cols-2 gap-x-4">
                    <x-field name="quiet_from" label="Quiet from"
                        ><input
                            class="w-full"
                            type="time"
                            name="quiet_from"
                            value="{{ old('quiet_from', strtok($me->quietHours(), '-') ?: '') }}"
                    /></x-field>
                    <x-field name="quiet_until" label="until"
                        ><input
                            class="w-full"
                            type="time"
                            name="quiet_until"
                            value="{{ old('quiet_until', substr($me->quietHours(), 6)) }}"
                    /></x-field>
                </div>
                <p class="flex flex-wrap items-center gap-4 self-center">
                    <button class="press">Save for me</button>
                    <button type="button" class="quiet" data-tone>Try the tone</button>
                </p>
            </form>
            @can('run-shop')
                <h2 class="mt-5" id="rates">What an hour costs</h2>
                <form
                    method="post"
                    action="{{ route('rates') }}"
                    class="mt-2 grid grid-cols-3 items-end gap-x-6"
                    data-live
                >
                    @csrf
                    @method('put')
                    <x-number
                        name="hour_rate"
                        label="An hour of hands"
                        :value="$show->bare($workshop->hour_rate)"
                        class="w-full"
                    />
                    <x-number
                        name="lathe_kw"
                        label="Lathe draws, kW"
                        :value="$show->bare($workshop->lathe_kw)"
                        class="w-full"
                    />
                    <x-number
                        name="kwh_price"
                        label="A kilowatt-hour"
                        :value="$show->bare($workshop->kwh_price)"
                        class="w-full"
                    />
                    <p><button class="press">Save the costs</button></p>
                </form>
            @endcan
            <h2 class="mt-5">Password</h2>
            @cannot('change-password')
                <p class="note">
                    The demo's sign-in is known to everybody, so its people and passwords stay as they are. Register a
                    workshop of your own to choose yours.
                </p>
            @else
                <form method="post" action="{{ route('password') }}" class="mt-2 grid grid-cols-2 gap-x-8">
                    @csrf
                    @method('put')
                    <x-field name="current_password" label="Now"
                        ><input
                            class="w-full"
                            type="password"
                            name="current_password"
                            autocomplete="current-password"
                            required /></x-field
                    ><span></span>
                    <x-field name="password" label="New, ten characters or more"
                        ><input class="w-full" type="password" name="password" autocomplete="new-password" required
                    /></x-field>
                    <x-field name="password_confirmation" label="New, again"
                        ><input
                            class="w-full"
                            type="password"
                            name="password_confirmation"
                            autocomplete="new-password"
                            required
                    /></x-field>
                    <p><button class="press">Change it</button></p>
                </form>
            @endcannot
            <h2 class="mt-5">Calendar</h2>
            <p class="mt-1 small">
                Your calendar program can follow this private address of yours; windows that close ring an hour before.
                Whoever has the address can read the plan; it ends when you leave the workshop.
            </p>
            <p class="mt-2">
                <input
                    class="w-full"
                    readonly
                    aria-label="Private calendar address"
                    value="{{ route('calendar.subscription', $me->calendar_token) }}"
                />
            </p>
            <div class="mt-2 flex items-baseline gap-5">
                <a href="{{ route('calendar.file') }}">Calendar file</a>
                <form
                    method="post"
                    action="{{ route('calendar.renew') }}"
                    data-ask="Make a new address? The old one stops answering at once."
                >
                    @csrf
                    <button class="quiet">Make a new address</button>
                </form>
            </div>
            <h2 class="mt-5">People</h2>
            <table class="mt-1">
                <tbody>
                    @foreach ($people as $person)
                        <tr>
                            <td>
                                <b>{{ $person->name }}</b><br /><span class="faint small">{{ $person->email }}</span>
                            </td>
                            <td>{{ say("models.role.{$person->role->value}") }}</td>
                            <td class="n">
                                @can('change-people')
                                    @if (! $person->is($me))
                                        <form
                                            method="post"
                                            action="{{ route('people.destroy', $person) }}"
                                            data-ask="Take {{ $person->name }} out of this workshop?"
                                        >
                                            @csrf
                                            @method('delete')
                                            <button class="quiet" aria-label="Take {{ $person->name }} out">
                                                Take out
                                            </button>
                                        </form>
                                    @endif
                                @endcan
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @can('change-people')
                <x-disclosure label="Add a person" :open="$errors->has('person_email')" class="mt-2">
                    <form method="post" action="{{ route('people.store') }}" class="mt-2 grid grid-cols-2 gap-x-8">
                        @csrf
                        <x-field name="person_name" label="Name"
                            ><input class="w-full" name="person_name" value="{{ old('person_name') }}" required
                        /></x-field>
                        <x-field name="person_email" label="E-mail"
                            ><input
                                class="w-full"
                                type="email"
                                name="person_email"
                                value="{{ old('person_email') }}"
                                required
                        /></x-field>
                        <x-field name="person_password" label="First password"
                            ><input
                                class="w-full"
                                type="password"
                                name="person_password"
                                autocomplete="new-password"
                                required
                        /></x-field>
                        <x-field name="person_role" label="May"
                            ><select class="w-full" name="person_role">
                                <option value="maker">plan and log work</option>
                                <option value="owner">do that, and change the shop</option>
                            </select></x-field
                        >
                        <p><button class="press">Add</button></p>
                    </form>
                </x-disclosure>
            @endcan
        </div>
    </div>
</x-layout>
