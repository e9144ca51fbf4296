<x-layout title="Forgotten password">
    <div class="mx-auto max-w-md px-4 sm:px-[40px] pt-[9vh]">
        <h1>Forgotten password</h1>
        @if (! $sends)
            <p class="note mt-4">
                This installation sends no letters. Whoever runs it gives you a new password: bin/admin password, and
                your address.
            </p>
            <p class="mt-4"><a href="{{ route('login') }}">Sign in</a></p>
        @else
            <form method="post" action="{{ route('forgotten') }}" class="mt-4">
                @csrf
                <x-field name="email" label="E-mail" hint="A letter with a link goes there. It counts for an hour."
                    ><input
                        class="w-full"
                        type="email"
                        name="email"
                        value="{{ old('email') }}"
                        required
                        autocomplete="username"
                        autofocus
                /></x-field>
                <button class="press press-main">Send the letter</button>
                <a class="ml-4" href="{{ route('login') }}">Sign in</a>
            </form>
            <p class="faint mt-6">No letter comes? Ask whoever runs this installation for a new password.</p>
        @endif
    </div>
</x-layout>
