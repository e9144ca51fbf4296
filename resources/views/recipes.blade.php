@php($ticked = array_map('intval', (array) old('pieces', [])))
<x-layout title="Recipes" section="pieces">
    <div class="page">
        <div class="flex flex-wrap items-baseline gap-x-6">
            <h1>Recipes</h1>
            <a href="{{ route('pieces.index') }}">Pieces</a>
        </div>
        <p class="faint mt-1 max-w-[72ch]">
            <x-termed
                >A recipe is a whole surface, from first grit to last coat. Use it on any piece not yet decorated or
                coated. Marks are scaled to each piece.</x-termed
            >
        </p>
        @if (session('recipeBack'))
            <form method="post" action="{{ route('recipes.back', session('recipeBack')) }}" data-live class="mt-2">
                @csrf
                <button class="quiet">Restore it</button>
            </form>
        @endif
        <x-narrowed
            :$asked
            class="mt-4"
            label="Find by name, or what it is good for"
            placeholder="Name, good for"
            :sorts="lines('pages.recipes.sorts')"
            :all="route('recipes.index')"
        >
            <x-choose
                name="finish"
                aria-label="Finish"
                :options="['' => say('pages.recipes.any-finish')] + $finishes"
                :chosen="$asked->asked('finish')"
                :is-wide="false"
            />
        </x-narrowed>
        <div class="mt-4 grid gap-x-14 lg:grid-cols-[1.5fr_1fr]">
            <form method="post" action="{{ route('recipes.use') }}" id="use-recipe" data-live>
                @csrf
                <fieldset>
                    <legend class="sr-only">Recipe</legend>
                    @forelse ($recipes as $key => $one)
                        <div class="recipe-row">
                            <label class="flex grow items-start gap-3">
                                <input
                                    type="radio"
                                    name="recipe"
                                    value="{{ $key }}"
                                    class="mt-1.5"
                                    required
                                    @checked(old('recipe') === $key)
                                />
                                <span>
                                    <b class="text-[1.08rem]">{{ $show->said($one->name) }}</b>
                                    @if ($one->suits !== null)
                                        <span class="faint small block">{{ $show->said($one->suits) }}</span>
                                    @endif
                                </span>
                            </label>
                            @if ($one->own !== null)
                                <a
                                    class="small"
                                    href="{{ route('recipes.edit', $one->own) }}"
                                    aria-label="Change it: {{ $show->said($one->name) }}"
                                    >Change it</a
                                >
                            @endif
                            <a
                                class="small"
                                href="{{ route('recipes.json', $key) }}"
                                aria-label="File: {{ $show->said($one->name) }}"
                                >File</a
                            >
                        </div>
                    @empty
                        <p class="py-6">No recipe here is like that.</p>
                    @endforelse
                    <x-refused name="recipe" class="warn" />
                </fieldset>
            </form>
            <div>
                <fieldset>
                    <legend class="font-slab text-[1.15rem] font-semibold">On these pieces</legend>
                    <div class="mt-2 grid gap-x-6 sm:grid-cols-2">
                        @forelse ($pieces as $piece)
                            <label class="check"
                                ><input
                                    type="checkbox"
                                    form="use-recipe"
                                    name="pieces[]"
                                    value="{{ $piece->id }}"
                                    @checked(in_array($piece->id, $ticked, true))
                                />
                                {{ $piece->name }}</label
                            >
                        @empty
                            <p class="faint">
                                <x-termed
                                    >No piece is in work. <a href="{{ route('pieces.create') }}">Draw one.</a></x-termed
                                >
                            </p>
                        @endforelse
                    </div>
                    <x-refused name="pieces" class="warn" />
                </fieldset>
                @if ($pieces->isNotEmpty())
                    <p class="mt-3"><button class="press press-main" form="use-recipe">Put it on</button></p>
                @endif
                <h2 class="mt-8">Keep a recipe of your own</h2>
                <form method="post" action="{{ route('recipes.store') }}" class="mt-2" data-live>
                    @csrf
                    <x-once />
                    <x-field name="of" label="As on"
                        ><select class="w-full" name="of" required>
                            <optgroup label="Your pieces">
                                @foreach ($sources as $key => $name)
                                    <option value="{{ $key }}" @selected(old('of') === $key)>{{ $name }}</option>
                                @endforeach
                            </optgroup>
                            <optgroup label="Recipes">
                                @foreach ($all as $key => $one)
                                    <option value="{{ $key }}" @selected(old('of') === $key)>
                                        {{ $show->said($one->name) }}
                                    </option>
                                @endforeach
                            </optgroup></select
                    ></x-field>
                    <x-field name="name" label="Called"
                        ><input class="w-full" name="name" required maxlength="80" value="{{ old('name') }}"
                    /></x-field>
                    <x-field name="note" label="Good for"
                        ><input class="w-full" name="note" maxlength="500" value="{{ old('note') }}"
                    /></x-field>
                    <button class="press">Keep it</button>
                </form>
                <h2 class="mt-6">Import a recipe</h2>
                <form
                    method="post"
                    action="{{ route('recipes.import') }}"
                    enctype="multipart/form-data"
                    class="mt-2"
                    data-live
                >
                    @csrf
                    <x-once />
                    <x-field name="file" label="A recipe as a file"
                        ><input type="file" name="file" accept="application/json,.json" required
                    /></x-field>
                    <button class="press">Import it</button>
                </form>
            </div>
        </div>
    </div>
</x-layout>
