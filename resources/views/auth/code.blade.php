<x-layout title="Second step">
    <div class="mx-auto max-w-md px-4 sm:px-[40px] pt-[9vh]">
        <h1>Second step</h1>
        <form method="post" action="{{ route('code') }}" data-unasked class="mt-4">
            @csrf
            <x-field name="code" label="Code" hint="Six digits from your app, or a code on paper."
                ><input class="w-full" name="code" required autocomplete="one-time-code" autofocus maxlength="40"
            /></x-field>
            <button class="press press-main w-full">Sign in</button>
        </form>
        <p class="mt-4"><a href="{{ route('login') }}">Begin again</a></p>
    </div>
</x-layout>
