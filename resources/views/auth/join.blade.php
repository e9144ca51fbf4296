<x-layout title="Join a workshop">
    <div class="mx-auto max-w-md px-4 sm:px-[40px] pt-[9vh]">
        <h1>Join {{ $invitation->workshop->name }}</h1>
        <p class="mt-2">You sign in as {{ $invitation->email }}.</p>
        <form method="post" action="{{ route('join', $token) }}" class="mt-4">
            @csrf
            <x-field name="name" label="Your name"
                ><input
                    class="w-full"
                    name="name"
                    value="{{ old('name', $invitation->name) }}"
                    required
                    maxlength="120"
                    autocomplete="name"
            /></x-field>
            <x-new-password />
            <button class="press press-main">Join</button>
        </form>
    </div>
</x-layout>
