<x-shop tab="workers" title="People" class="max-w-5xl">
    <h1>People</h1>
    <h2 class="mt-4">Who works here</h2>
    @if ($page->workers->isEmpty())
        <p class="mt-2 max-w-[60ch]">
            One pair of hands does everything, in the shop's hours. Name a second person, and the plan shares the steps
            out by hours and by what each may do.
        </p>
    @else
        <p class="faint mt-1">
            <x-termed>A step goes to the first free person who can do it. One lathe stays one lathe.</x-termed>
        </p>
    @endif
    @if ($page->missing() !== '')
        <p class="note">{{ $page->missing() }}</p>
    @endif
    @foreach ($page->workers as $worker)
        <section class="mt-5 border-t border-rule pt-3" aria-label="{{ $worker->name }}">
            <x-disclosure :label="$page->line($worker)" :open="$page->isAsked($worker)">
                <form method="post" action="{{ route('workers.update', $worker) }}" class="mt-2">
                    @csrf
                    @method('put')
                    <fieldset @disabled(! $me->isOwner())>
                        <legend class="sr-only">{{ $worker->name }}</legend>
                        <x-worker-fields :$page :$worker />
                        <button class="press">Save</button>
                    </fieldset>
                </form>
                @can('run-shop')
                    <form
                        method="post"
                        action="{{ route('workers.destroy', $worker) }}"
                        class="mt-2"
                        data-ask="Plan without {{ $worker->name }}?"
                    >
                        @csrf
                        @method('delete')
                        <button class="quiet">No longer works here</button>
                    </form>
                @endcan
            </x-disclosure>
        </section>
    @endforeach
    @can('run-shop')
        <x-disclosure label="Add a person" :open="$page->isAsked(null)" class="mt-5 border-t border-rule pt-3">
            <form method="post" action="{{ route('workers.store') }}" class="mt-3">
                @csrf
                <x-worker-fields :$page />
                <button class="press press-main">Add</button>
            </form>
        </x-disclosure>
    @else
        <p class="note mt-4">Only an owner can change these.</p>
    @endcan
    <h2 class="mt-8">Who may sign in</h2>
    <table class="mt-1">
        <tbody>
            @foreach ($page->users as $person)
                <tr>
                    <td><b>{{ $person->name }}</b><br /><span class="faint small">{{ $person->email }}</span></td>
                    <td>
                        @can('change-people')
                            @if ($person->is($me))
                                {{ say("models.role.{$person->role->value}") }}
                            @else
                                <form
                                    method="post"
                                    action="{{ route('people.update', $person) }}"
                                    class="flex items-baseline gap-3"
                                >
                                    @csrf
                                    @method('put')
                                    <x-choose
                                        name="role"
                                        aria-label="May: {{ $person->name }}"
                                        :options="lines('models.role')"
                                        :chosen="$person->role->value"
                                        :is-wide="false"
                                    />
                                    <button class="quiet" aria-label="Save: {{ $person->name }}">Save</button>
                                </form>
                            @endif
                        @else
                            {{ say("models.role.{$person->role->value}") }}
                        @endcan
                    </td>
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
                                    <button class="quiet" aria-label="Take out: {{ $person->name }}">Take out</button>
                                </form>
                            @endif
                        @endcan
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if (session('link'))
        <div class="note mt-2">
            <p>They can also be handed this link. It is shown once.</p>
            <input class="mt-1 w-full" readonly aria-label="Link to join" value="{{ session('link') }}" />
        </div>
    @endif
    @can('change-people')
        @if ($page->invitations->isNotEmpty())
            <h3 class="mt-4">Invited</h3>
            <table class="mt-1">
                <tbody>
                    @foreach ($page->invitations as $invitation)
                        <tr>
                            <td>
                                <b>{{ $invitation->name }}</b><br /><span
                                    class="faint small"
                                    >{{ $invitation->email }}</span
                                >
                            </td>
                            <td>{{ say("models.role.{$invitation->role->value}") }}</td>
                            <td>{{ $page->until($invitation, $show) }}</td>
                            <td class="n">
                                <form method="post" action="{{ route('invitations.destroy', $invitation) }}">
                                    @csrf
                                    @method('delete')
                                    <button class="quiet" aria-label="Withdraw: {{ $invitation->name }}">
                                        Withdraw
                                    </button>
                                </form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        <x-disclosure
            label="Invite somebody"
            :open="$errors->hasAny(['person_name', 'person_email', 'person_role'])"
            class="mt-2"
        >
            <form method="post" action="{{ route('people.store') }}" class="mt-2 grid grid-cols-2 gap-x-8">
                @csrf
                <x-field name="person_name" label="Name"
                    ><input class="w-full" name="person_name" value="{{ old('person_name') }}" required
                /></x-field>
                <x-field name="person_email" label="E-mail"
                    ><input class="w-full" type="email" name="person_email" value="{{ old('person_email') }}" required
                /></x-field>
                <x-field name="person_role" label="May"
                    ><x-choose name="person_role" :options="lines('view.workers-page.may')" chosen="maker"
                /></x-field>
                <p class="self-center"><button class="press">Invite</button></p>
            </form>
        </x-disclosure>
    @endcan
    @can('run-shop')
        <p class="mt-4"><a href="{{ route('audit') }}">What was done with sign-ins</a></p>
    @endcan
</x-shop>
