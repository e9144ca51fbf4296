<x-layout title="Register a workshop">
    <div class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[6vh]">
        <h1>Register a workshop</h1>
        <form method="post" action="{{ route('register') }}" class="mt-4">
            @csrf
            <x-field name="workshop" label="The workshop's name"
                ><input class="w-full" name="workshop" value="{{ old('workshop') }}" required maxlength="120"
            /></x-field>
            <x-field name="time_zone" label="Its time zone"
                ><select class="w-full" name="time_zone" @if (old('time_zone') === null) data-own-zone @endif>
                    @foreach (timezone_identifiers_list() as $zone)
                        <option @selected(old('time_zone', 'UTC') === $zone)>{{ $zone }}</option>
                    @endforeach</select
            ></x-field>
            <x-field name="name" label="Your name"
                ><input
                    class="w-full"
                    name="name"
                    value="{{ old('name') }}"
                    required
                    maxlength="120"
                    autocomplete="name"
            /></x-field>
            <x-field name="email" label="E-mail"
                ><input
                    class="w-full"
                    type="email"
                    name="email"
                    value="{{ old('email') }}"
                    required
                    autocomplete="username"
            /></x-field>
            <x-new-password />
            <button class="press press-main">Register</button>
            <a class="ml-4" href="{{ route('login') }}">I have a workshop already</a>
        </form>
    </div>
</x-layout>
