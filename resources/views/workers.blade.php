<x-layout title="Who works here" section="shop">
    <div class="page max-w-5xl">
        <p><a href="{{ route('shop') }}">Shop</a></p>
        <h1 class="mt-1">Who works here</h1>
        @if ($page->workers->isEmpty())
            <p class="mt-2 max-w-[60ch]">
                One pair of hands does everything, in the shop's hours. Name a second person, and the plan shares the
                steps out by hours and by what each may do.
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
    </div>
</x-layout>
