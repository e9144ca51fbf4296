@php($piece = $page->piece)
<x-piece :page="$page" tab="recipes" title="recipes">
    <div class="flex flex-wrap items-baseline gap-x-6">
        <h2>A whole surface at once</h2>
        <a class="small" href="{{ route('recipes.index') }}">All recipes</a>
    </div>
    <p class="faint mt-1 max-w-[72ch]">
        <x-termed
            >It replaces the planned sanding, marks, coats and ways. Marks are scaled; what does not fit is said. Undo
            takes it back.</x-termed
        >
    </p>
    @if ($keeps !== null)
        <p class="note note-warn mt-3">{{ $keeps }}</p>
    @else
        <div class="mt-4 overflow-x-auto">
            <table class="compare" data-rows>
                <thead>
                    <tr>
                        <th scope="col" class="text-left">Recipe</th>
                        <th scope="col" class="n">Ready</th>
                        <th scope="col" class="n">Hands</th>
                        <th scope="col" class="n">Used up</th>
                        <th scope="col" class="text-left">Shine</th>
                        <th scope="col" class="text-left">Food</th>
                        <th scope="col" class="text-left">Water</th>
                        <th scope="col" class="text-left">Mind</th>
                        <th scope="col"><span class="sr-only">Take it</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr id="recipe-as-{{ $piece->id }}">
                        <th scope="row" class="text-left font-semibold">As it is now</th>
                        <td colspan="8" class="faint">
                            <a data-row href="{{ route('pieces.recipes.price', [$piece, "as-$piece->id"]) }}"
                                >Work it out</a
                            >
                        </td>
                    </tr>
                    @foreach ($recipes as $key => $one)
                        <tr id="recipe-{{ $key }}">
                            <th scope="row" class="text-left font-semibold">{{ $show->said($one->name) }}</th>
                            <td colspan="8" class="faint">
                                {{ $one->suits === null ? '' : $show->said($one->suits) }}
                                <a data-row href="{{ route('pieces.recipes.price', [$piece, $key]) }}">Work it out</a>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @if ($others !== [])
            <form
                method="post"
                action="{{ route('recipes.use') }}"
                class="mt-5 flex flex-wrap items-end gap-4"
                data-live
            >
                @csrf
                <input type="hidden" name="pieces[]" value="{{ $piece->id }}" />
                <x-field name="recipe" label="Or as on another piece"
                    ><select name="recipe">
                        @foreach ($others as $key => $name)
                            <option value="{{ $key }}">{{ $name }}</option>
                        @endforeach</select
                ></x-field>
                <button class="press mb-3">Put it on</button>
            </form>
        @endif
    @endif
    <h2 class="mt-6">Save this surface</h2>
    <form method="post" action="{{ route('recipes.store') }}" class="mt-2 flex flex-wrap items-end gap-x-4" data-live>
        @csrf
        <x-once />
        <input type="hidden" name="of" value="as-{{ $piece->id }}" />
        <x-field name="name" label="Name of the recipe"
            ><input name="name" required maxlength="80" value="{{ old('name') }}"
        /></x-field>
        <x-field name="note" label="Good for" class="grow"
            ><input class="w-full" name="note" maxlength="500" value="{{ old('note') }}"
        /></x-field>
        <button class="press mb-3">Keep it</button>
    </form>
</x-piece>
