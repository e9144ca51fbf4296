<x-shop tab="you" title="You" class="max-w-5xl">
    <h1>For you</h1>
    <p class="faint mt-1">Name, address, password, second step: <a href="{{ route('account') }}">your sign-in</a></p>
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
        @if ($me->prefers('letters') !== 'none' && $me->email_verified_at === null)
            <p class="note col-span-2">
                No letter comes until your address is confirmed: <a href="{{ route('account') }}">your sign-in</a>
            </p>
        @endif
        <p class="flex flex-wrap items-center gap-4 self-center">
            <button class="press">Save for me</button>
            <button type="button" class="quiet" data-tone>Try the tone</button>
        </p>
    </form>
    @if (! $me->isReader())
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
    @endif
</x-shop>
