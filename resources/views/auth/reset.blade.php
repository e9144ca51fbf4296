<x-layout title="New password">
    <div class="mx-auto max-w-md px-4 sm:px-[40px] pt-[9vh]">
        <h1>New password</h1>
        <form method="post" action="{{ route('password.update') }}" class="mt-4">
            @csrf
            @method('put')
            <input type="hidden" name="token" value="{{ $token }}" />
            <x-field name="email" label="E-mail"
                ><input
                    class="w-full"
                    type="email"
                    name="email"
                    value="{{ old('email', $email) }}"
                    required
                    autocomplete="username"
            /></x-field>
            <x-new-password label="New password" />
            <button class="press press-main">Save it</button>
        </form>
    </div>
</x-layout>
