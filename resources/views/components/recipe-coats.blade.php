{{-- The coats of some faces of a recipe, or, where there are none yet, those of others. --}}
@props(['page', 'coats', 'of', 'part', 'at'])
@use('HonestGrain\Coating\Denib')
@use('HonestGrain\Geometry\Face')
@use('HonestGrain\Piece\BuffWith')
@use('HonestGrain\Piece\Sheen')
@php($form = "coats-$part-$at")
@php($isTyped = old('form') === $form)
@php($zones = $isTyped ? (array) old('zones') : Face::names($coats?->zones ?? []))
@php($rows = $isTyped ? $page->typedRows() : ($coats?->layers ?? []))
@php($besides = $coats?->besides ?? [])
@php($buff = $coats === null ? '' : $page->buff($coats))
@php($faces = $coats === null ? $page->otherFaces($of) : $page->faces($of))
@php($what = $coats === null ? say('pages.recipe.others') : $show->faces($coats->zones))
<x-recipe-form :$page :action="route('recipes.coats', $page->own)" :$form :$part :$at class="mt-2">
    <fieldset class="flex flex-wrap gap-x-5">
        <legend class="faint small float-left mr-3">On the</legend>
        @foreach ($faces as $face)
            <label
                ><input
                    type="checkbox"
                    name="zones[]"
                    value="{{ $face->value }}"
                    @checked(in_array($face->value, $zones, true))
                />
                {{ $show->said($face->said()) }}</label
            >
        @endforeach
    </fieldset>
    @if ($isTyped)
        <x-refused name="zones" class="warn" />
    @endif
    <ol class="recipe-coats mt-2" x-data="coatRows">
        @foreach ($page->rows($rows) as $row => $layer)
            <li @if ($row > count($rows)) hidden @endif>
                <select name="product[]" aria-label="Coat {{ $loop->iteration }}">
                    <option value="">{{ say('pages.recipe.no-coat') }}</option>
                    @foreach ($page->products() as $class => $words)
                        <option value="{{ $class }}" @selected($layer['product'] === $class)>{{ $words }}</option>
                    @endforeach
                    @if (($layer['product'] ?? '') !== '' && ! isset($page->products()[$layer['product']]))
                        <option value="{{ $layer['product'] }}" selected>{{ $layer['product'] }}</option>
                    @endif
                </select>
                <select name="denib[]" aria-label="Below coat {{ $loop->iteration }} rub with">
                    <option value="">{{ say('pages.recipe.no-rub') }}</option>
                    @foreach (Denib::cases() as $denib)
                        <option value="{{ $denib->value }}" @selected(($layer['denib'] ?? '') === $denib->value)>
                            {{ say('pages.recipe.rub', ['with' => $show->said($denib->words())]) }}
                        </option>
                    @endforeach
                </select>
                <button type="button" class="quiet" x-on:click="up" aria-label="Earlier">↑</button>
                <button type="button" class="quiet" x-on:click="down" aria-label="Later">↓</button>
                @if ($isTyped)
                    <x-refused :name="'product.'.$row" />
                @endif
            </li>
        @endforeach
        <li class="recipe-coats-more">
            <button type="button" class="quiet" x-on:click="more">One more coat</button>
        </li>
    </ol>
    <div class="flex flex-wrap gap-x-6">
        <label class="small">
            <span class="faint">Buff or rub at the end</span>
            <select name="buff" class="max-w-full">
                <option value="">no</option>
                @foreach (BuffWith::cases() as $with)
                    <option value="{{ $with->value }}" @selected(($isTyped ? old('buff') : $buff) === $with->value)>
                        {{ $show->said($with->label()) }}
                    </option>
                @endforeach
            </select>
        </label>
        <label class="small">
            <span class="faint">Sheen</span>
            <select name="sheen">
                <option value="">as it comes</option>
                @foreach (Sheen::cases() as $sheen)
                    <option
                        value="{{ $sheen->value }}"
                        @selected(($isTyped ? old('sheen') : ($besides['sheen'] ?? '')) === $sheen->value)
                    >
                        {{ $show->said($sheen->label()) }}
                    </option>
                @endforeach
            </select>
        </label>
    </div>
    <p class="mt-2 flex gap-4">
        <button class="press" name="do" value="save" aria-label="Save it: coats, {{ $what }}">Save it</button>
        @if ($coats !== null)
            <button class="quiet" name="do" value="leave" aria-label="Leave bare: {{ $what }}">Leave bare</button>
        @endif
    </p>
</x-recipe-form>
