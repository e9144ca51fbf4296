<x-layout title="Pieces" section="pieces">
    <div class="page">
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
            <h1>Pieces</h1>
            <nav class="tabs" aria-label="Which pieces">
                @foreach ($state::cases() as $one)
                    <a
                        href="{{ route('pieces.index', ['state' => $one->value]) }}"
                        @if ($state === $one) aria-current="page" @endif
                        >{{ $show->said($one->label()) }}</a
                    >
                @endforeach
            </nav>
            <a href="{{ route('recipes.index') }}" class="ml-auto">Recipes</a>
            <a href="{{ route('pieces.create') }}" class="press press-main">Draw a piece</a>
        </div>
        <x-narrowed
            :$asked
            class="mt-3"
            label="Find a piece by name"
            placeholder="Find by name"
            :sorts="lines('view.piece-shelf.sorts')"
            :all="route('pieces.index', ['state' => $state->value])"
        >
            <input type="hidden" name="state" value="{{ $state->value }}" />
            <x-choose
                name="wood"
                aria-label="Wood"
                :options="['' => say('view.piece-shelf.every-wood')] + $woods"
                :chosen="$asked->asked('wood')"
                :is-wide="false"
            />
            <x-choose
                name="form"
                aria-label="Form"
                :options="['' => say('view.piece-shelf.every-form')] + $forms"
                :chosen="$asked->form()?->value ?? ''"
                :is-wide="false"
            />
            @if ($customers !== [])
                <x-choose
                    name="for"
                    aria-label="For whom"
                    :options="['' => say('view.piece-shelf.for-everybody')] + $customers"
                    :chosen="$asked->asked('for')"
                    :is-wide="false"
                />
            @endif
        </x-narrowed>
        @if ($pieces->isEmpty())
            <div class="py-16 text-center">
                <h2 class="font-slab text-[1.4rem] font-semibold">{{ $empty[0] }}</h2>
                <p class="faint mt-2">{{ $empty[1] }}</p>
            </div>
        @else
            <ul class="mt-6 grid grid-cols-[repeat(auto-fill,minmax(235px,1fr))] gap-x-8 gap-y-6">
                @foreach ($pieces as $piece)
                    <li class="row-span-2 grid grid-rows-subgrid gap-y-0">
                        <a
                            href="{{ route('pieces.shape', $piece) }}"
                            class="flex items-end"
                            tabindex="-1"
                            aria-hidden="true"
                        >
                            <span class="shelf-art flex w-full items-end justify-center border-b border-ink">
                                {!! $show->drawn($shelf->drawing($piece)) !!}
                            </span>
                        </a>
                        <div class="flex flex-col">
                            <a
                                class="mt-1.5 text-[1.08rem] font-semibold text-ink no-underline hover:underline"
                                href="{{ route('pieces.shape', $piece) }}"
                                >{{ $piece->name }}</a
                            >
                            <span class="faint small">
                                {{ mb_lcfirst($show->wood($piece->wood)) }} · {{ $show->length($piece->diameter_mm) }}
                            </span>
                            <span class="small">
                                <b class="warn">{{ $shelf->late($piece) }}</b> {{ $shelf->ready($piece) }}
                                <span class="faint">{{ $shelf->due($piece) }}</span>
                            </span>
                            <span class="faint small">{{ $shelf->next($piece) }}</span>
                            @if ($shelf->isForbidden($piece))
                                <span class="warn small">Its plan has a conflict.</span>
                            @endif
                            <x-revive :$piece />
                        </div>
                    </li>
                @endforeach
            </ul>
            @if ($state === $state::Done)
                <p class="mt-5 flex gap-6">
                    <a href="{{ route('gallery.pdf') }}">List for a gallery (PDF)</a>
                    <a href="{{ route('gallery.csv') }}">As a table (CSV)</a>
                </p>
            @endif
            <p class="faint small mt-5">
                <x-termed>All to one scale: right half from outside, left half cut open.</x-termed>
            </p>
            <x-pager :pages="$pieces" />
        @endif
        <x-disclosure label="Import a piece" :open="$errors->has('file') || $errors->has('document')" class="mt-8">
            <form method="post" action="{{ route('pieces.import') }}" enctype="multipart/form-data" class="mt-3">
                @csrf
                <x-once />
                <x-field name="file" label="A piece file (JSON)"
                    ><input type="file" name="file" accept="application/json,.json" required
                /></x-field>
                <button class="press">Import it</button>
            </form>
        </x-disclosure>
    </div>
</x-layout>
