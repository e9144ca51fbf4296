<x-shop tab="you" title="Your sign-in" class="max-w-5xl">
    <h1>Your sign-in</h1>
    <p class="faint mt-1"><a href="{{ route('you') }}">Units, clock and calendar</a></p>
    @cannot('change-password')
        <p class="note mt-3">
            The demo's sign-in is known to everybody, so its people and passwords stay as they are. Register a workshop
            of your own to choose yours.
        </p>
    @else
        <form method="post" action="{{ route('account.name') }}" class="mt-4 grid grid-cols-2 items-end gap-x-8">
            @csrf
            @method('put')
            <x-field name="own_name" label="Your name"
                ><input
                    class="w-full"
                    name="own_name"
                    value="{{ old('own_name', $me->name) }}"
                    required
                    maxlength="120"
                    autocomplete="name"
            /></x-field>
            <p class="mb-4"><button class="press">Save the name</button></p>
        </form>
        <h2 class="mt-5">Address</h2>
        <p class="mt-1">
            {{ $me->email }}
            @if ($me->email_verified_at === null)
                <b class="warn">not confirmed</b>
            @else
                <span class="faint">confirmed</span>
            @endif
        </p>
        @if ($me->email_verified_at === null && ! $sends)
            <p class="faint">This installation sends no letters, so none can confirm it.</p>
        @elseif ($me->email_verified_at === null)
            <form method="post" action="{{ route('confirm.again') }}" class="mt-1">
                @csrf
                <button class="quiet">Send a letter to confirm it</button>
            </form>
        @endif
        <x-disclosure
            label="Change the address"
            :open="$errors->hasAny(['new_email', 'address_password'])"
            class="mt-2"
        >
            <form method="post" action="{{ route('account.address') }}" class="mt-2 grid grid-cols-2 gap-x-8">
                @csrf
                @method('put')
                <x-field name="new_email" label="New address"
                    ><input
                        class="w-full"
                        type="email"
                        name="new_email"
                        value="{{ old('new_email') }}"
                        required
                        autocomplete="email"
                /></x-field>
                <x-password name="address_password" label="Your password" />
                <p><button class="press">Change the address</button></p>
            </form>
        </x-disclosure>
        <h2 class="mt-5">Password</h2>
        <form method="post" action="{{ route('password') }}" class="mt-2 grid grid-cols-2 gap-x-8">
            @csrf
            @method('put')
            <x-password name="current_password" label="Now" />
            <span></span>
            <x-password name="password" label="New, ten characters or more" kind="new" />
            <x-password name="password_confirmation" label="New, again" kind="new" />
            <p><button class="press">Change the password</button></p>
        </form>
        <h2 class="mt-5" id="second-step">Second step</h2>
        @if (session('codes'))
            <div class="note mt-2">
                <p>Write these codes down, or print them. Each signs you in once, without the app.</p>
                <ol class="codes mt-2">
                    @foreach (session('codes') as $code)
                        <li><code>{{ $code }}</code></li>
                    @endforeach
                </ol>
            </div>
        @endif
        @if ($me->hasSecondStep())
            <p class="mt-1">{{ $page->hasSecond() }}</p>
            <x-disclosure label="Change the second step" :open="$errors->has('confirm_password')" class="mt-2">
                <form method="post" action="{{ route('second-step.renew') }}" class="mt-2 grid grid-cols-2 gap-x-8">
                    @csrf
                    @method('put')
                    <x-password name="confirm_password" label="Your password" />
                    <p class="flex gap-5 self-center">
                        <button class="press">Make new codes</button>
                        <button
                            class="quiet"
                            formaction="{{ route('second-step.destroy') }}"
                            name="_method"
                            value="delete"
                        >
                            Do without it
                        </button>
                    </p>
                </form>
            </x-disclosure>
        @elseif ($page->isBegun())
            <p class="mt-1">Read this square with an authenticator app, or type the key. Then enter its code.</p>
            <div class="mt-2 flex flex-wrap gap-x-8">
                <div class="qr" data-qr="{{ $page->secretAddress }}"></div>
                <div>
                    <p><code>{{ $page->secret() }}</code></p>
                    <form method="post" action="{{ route('second-step.confirm') }}" class="mt-2">
                        @csrf
                        @method('put')
                        <x-field name="code" label="Six digits"
                            ><input
                                class="w-full"
                                name="code"
                                inputmode="numeric"
                                autocomplete="one-time-code"
                                required
                        /></x-field>
                        <button class="press press-main">Turn it on</button>
                    </form>
                </div>
            </div>
        @else
            <p class="mt-1">After the password, a code from an app on your phone.</p>
            <form
                method="post"
                action="{{ route('second-step.store') }}"
                class="mt-2 grid grid-cols-2 items-end gap-x-8"
            >
                @csrf
                <x-password name="confirm_password" label="Your password" />
                <p class="mb-4"><button class="press">Set it up</button></p>
            </form>
        @endif
    @endcannot
    <h2 class="mt-5">Where you are signed in</h2>
    @if ($page->signIns->isEmpty())
        <p class="mt-1">Here, since before this list was kept.</p>
    @else
        <table class="mt-1">
            <tbody>
                @foreach ($page->signIns as $signIn)
                    <tr>
                        <td>
                            <b>{{ $page->browser($signIn) }}</b>
                            @if ($page->isCurrent($signIn))
                                (this one)
                            @endif
                            <br /><span class="faint small">{{ $page->since($signIn) }}</span>
                        </td>
                        <td class="n">
                            @if (! $page->isCurrent($signIn))
                                <form method="post" action="{{ route('sign-ins.destroy', $signIn) }}">
                                    @csrf
                                    @method('delete')
                                    <button class="quiet" aria-label="Sign out: {{ $page->since($signIn) }}">
                                        Sign out
                                    </button>
                                </form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($page->signIns->count() > 1)
            <form method="post" action="{{ route('sign-ins.others') }}" class="mt-2">
                @csrf
                @method('delete')
                <button class="press">Sign out everywhere else</button>
            </form>
        @endif
    @endif
    @can('change-password')
        <h2 class="mt-5">Leave</h2>
        <x-disclosure label="Delete your account" :open="$errors->has('leave_password')" class="mt-1">
            <p class="mt-2">It is deleted in two weeks; until then you can keep it. What you logged stays.</p>
            <form method="post" action="{{ route('leaving.leave') }}" class="mt-2 grid grid-cols-2 items-end gap-x-8">
                @csrf
                <x-password name="leave_password" label="Your password" />
                <p class="mb-4"><button class="quiet">Delete the account in two weeks</button></p>
            </form>
        </x-disclosure>
        @can('change-people')
            <x-disclosure
                label="Delete the workshop"
                :open="$errors->hasAny(['workshop_name', 'close_password'])"
                class="mt-2"
            >
                <p class="mt-2">
                    Every piece, log entry and photograph is deleted in two weeks. Until then any owner can keep it.
                </p>
                <form method="post" action="{{ route('leaving.close') }}" class="mt-2 grid grid-cols-2 gap-x-8">
                    @csrf
                    <x-field name="workshop_name" label="Its name, as it is written"
                        ><input class="w-full" name="workshop_name" value="{{ old('workshop_name') }}" required
                    /></x-field>
                    <x-password name="close_password" label="Your password" />
                    <p><button class="quiet">Delete the workshop in two weeks</button></p>
                </form>
            </x-disclosure>
        @endcan
    @endcan
</x-shop>
