<x-shop tab="shop" title="Hours" class="max-w-5xl">
    <h1>Hours</h1>
    <p class="faint mt-1">
        <x-termed
            >Work is planned in these hours. Coats dry day and night.
            <a href="{{ route('workers') }}">Who works here</a></x-termed
        >
    </p>
    <form method="post" action="{{ route('shop.update') }}" data-live>
        @csrf
        @method('put')
        @cannot('run-shop')
            <p class="note">Only an owner can change these.</p>
        @endcannot
        <fieldset @disabled(! $me->isOwner())>
            <legend class="sr-only">Hours</legend>
            <div class="mt-4 grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
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
            <h2 class="mt-3">The shop itself</h2>
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
            <button class="press press-main">Save the shop</button>
        </fieldset>
    </form>
    @can('run-shop')
        <h2 class="mt-5" id="rates">What an hour costs</h2>
        <form method="post" action="{{ route('rates') }}" class="mt-2 grid grid-cols-3 items-end gap-x-6" data-live>
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
        <h2 class="mt-5">Everything in one file</h2>
        <p class="mt-1"><a href="{{ route('along') }}">Take everything along</a></p>
    @endcan
</x-shop>
