@php($own = $page->own)
@php($recipe = $page->recipe)
<x-layout :title="$recipe->name" section="pieces">
    <div class="page recipe-print">
        <p class="no-print"><a href="{{ route('recipes.index') }}">Recipes</a></p>
        <div class="flex flex-wrap items-baseline gap-x-6">
            <h1>{{ $recipe->name }}</h1>
            <a class="no-print small" href="{{ route('recipes.json', "own-$own->id") }}">File</a>
            <form method="post" action="{{ route('recipes.undo', $own) }}" id="undo" class="ml-auto" data-live>
                @csrf
                <input type="hidden" name="version" value="{{ $own->version }}" />
                <button class="quiet" @disabled($own->was === null)>Take back the last change</button>
            </form>
        </div>
        <p class="faint no-print mt-1 max-w-[72ch]">
            <x-termed
                >Changes here hold for the next piece it is put on. Pieces that have it stay as they are.</x-termed
            >
        </p>
        <x-refused name="version" class="warn" />
        <x-recipe-form :$page :action="route('recipes.update', $own)" form="name" class="recipe-grid mt-4">
            <x-field name="called" label="Called" class="no-print"
                ><input
                    class="w-full"
                    name="called"
                    required
                    maxlength="80"
                    value="{{ old('form') === 'name' ? old('called') : $recipe->name }}"
            /></x-field>
            <x-field name="good_for" label="Good for"
                ><input
                    class="w-full"
                    name="good_for"
                    maxlength="500"
                    value="{{ old('form') === 'name' ? old('good_for') : $recipe->note }}"
            /></x-field>
            <p><button class="press" aria-label="Save it: its name">Save it</button></p>
        </x-recipe-form>
        @foreach ($recipe->parts as $p => $part)
            @if (count($recipe->parts) > 1)
                <h2 class="mt-8 text-[1.4rem]">{{ $part->name }}</h2>
            @endif
            <div class="recipe-sides">
                <div>
                    <section class="recipe-part">
                        <x-recipe-sanding :$page :of="$part" :part="$p" />
                    </section>
                    <section class="recipe-part">
                        <h2>Marks<span class="sr-only"> of {{ $part->name }}</span></h2>
                        @forelse ($part->marks as $at => $mark)
                            <x-recipe-mark :$page :$mark :part="$p" :$at />
                        @empty
                            <p class="faint">
                                <x-termed>None. Place one on a piece, then keep its surface as a recipe.</x-termed>
                            </p>
                        @endforelse
                    </section>
                </div>
                <section class="recipe-part">
                    <h2>Coats<span class="sr-only"> of {{ $part->name }}</span></h2>
                    @foreach ($part->coats as $at => $coats)
                        <x-recipe-coats :$page :$coats :of="$part" :part="$p" :$at />
                    @endforeach
                    <x-disclosure
                        label="Coats for other faces"
                        id="coats-more-{{ $p }}"
                        class="recipe-more mt-3"
                        :open="old('form') === 'coats-'.$p.'-'.count($part->coats)"
                    >
                        <x-recipe-coats :$page :coats="null" :of="$part" :part="$p" :at="count($part->coats)" />
                    </x-disclosure>
                </section>
            </div>
        @endforeach
        <section class="recipe-part recipe-ways">
            <h2>Ways</h2>
            <x-recipe-form :$page :action="route('recipes.ways', $own)" form="ways" class="recipe-grid">
                @foreach ($page->ways() as [$name, $label, $words, $chosen])
                    <x-field :name="$name" :label="$label">
                        <x-choose :$name :options="$words" :$chosen />
                    </x-field>
                @endforeach
                <p><button class="press" aria-label="Save it: ways">Save it</button></p>
            </x-recipe-form>
        </section>
        <form method="post" action="{{ route('recipes.destroy', $own) }}" class="no-print mt-8">
            @csrf
            @method('delete')
            <button class="quiet">Throw this recipe away</button>
        </form>
    </div>
</x-layout>
