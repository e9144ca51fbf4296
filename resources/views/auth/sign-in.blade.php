<x-layout title="Sign in">
    <div class="mx-auto grid max-w-5xl gap-16 px-4 sm:px-[40px] pt-[9vh] md:grid-cols-[1.2fr_1fr]">
        <div>
            <div class="font-slab text-[2.6rem] font-semibold leading-tight">Honest Grain</div>
            <p class="mt-3 max-w-[40ch] text-[1.15rem]">
                What to do to each piece next, with what, for how long, and when it is done: from the first grit to the
                last coat, in your own shop's air.
            </p>
            <div class="piece-art mt-8 max-w-md" aria-hidden="true">
                {!! $show->drawn(App\View\FormDrawings::greeting()) !!}
            </div>
        </div>
        <div>
            <h1>Sign in</h1>
            <form method="post" action="{{ route('login') }}" data-unasked class="mt-4">
                @csrf
                <x-field name="email" label="E-mail"
                    ><input
                        class="w-full"
                        type="email"
                        name="email"
                        value="{{ old('email') }}"
                        required
                        autocomplete="username"
                        autofocus
                /></x-field>
                <x-password name="password" label="Password" />
                <label class="mb-4 block"
                    ><input type="checkbox" name="remember" value="1" /> Stay signed in on this machine</label
                >
                <button class="press press-main w-full">Sign in</button>
            </form>
            <p class="mt-4"><a href="{{ route('forgotten') }}">Forgotten password?</a></p>
            <p class="mt-2"><a href="{{ route('register') }}">Register a workshop of your own</a></p>
            <form method="post" action="{{ route('demo') }}" class="mt-8 border-t border-rule pt-5">
                @csrf
                <p class="mb-2">
                    Look round first: a small harbour-side shop, two and a half weeks before its winter fair.
                </p>
                <button class="press w-full">Open a demo workshop</button>
            </form>
        </div>
    </div>
</x-layout>
