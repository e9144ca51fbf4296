@use('HonestGrain\Words\Unit')
@php($typed = fn (string $name, mixed $usual): mixed => old($name, request()->query($name, $usual)))
@php($sizes = $from?->sizes() ?? $show->usualSizes($form))
@php($grain = $typed('grain', $from?->grain() ?? $form->grain()->value))
<x-layout title="Draw a piece" section="pieces">
    <form
        method="post"
        action="{{ route('pieces.store') }}"
        class="page new-piece"
        x-data="newPiece"
        x-on:input="ask"
        x-on:change="ask"
        data-foreseen="{{ route('pieces.foreseen') }}"
        @if ($from) data-kept @endif
    >
        @csrf
        <x-once />
        <div>
            <h1>Draw a piece</h1>
            @if ($from)
                <p class="note mt-2"><strong>{{ $from->what() }}</strong> {{ $from->most() }}</p>
            @endif
            <fieldset class="mt-2">
                <legend class="sr-only">Form</legend>
                <div class="form-choices">
                    @foreach ($forms as $one)
                        <label class="form-choice">
                            <span class="form-art">{!! $show->drawn($drawings[$one->value]) !!}</span>
                            <span class="small mt-1 text-center leading-tight">
                                <input
                                    type="radio"
                                    name="form"
                                    value="{{ $one->value }}"
                                    class="sr-only"
                                    @checked($typed('form', $form->value) === $one->value)
                                    data-sizes="{{ json_encode($show->usualSizes($one)) }}"
                                    data-asks="{{ implode(' ', $one->asks()) }}"
                                    data-grain="{{ $one->grain()->value }}"
                                    x-on:change="choose"
                                />
                                {{ $show->said($one->label()) }}
                            </span>
                        </label>
                    @endforeach
                </div>
                <x-refused name="form" class="warn" />
            </fieldset>
            <x-tracer :typed="$typed" />
            @if (! $from)
                <p class="small mt-2 flex flex-wrap items-baseline gap-x-4" x-cloak x-show="true">
                    <span class="faint">Sized for</span>
                    @foreach (HonestGrain\Geometry\FormUse::cases() as $use)
                        <button
                            type="button"
                            class="quiet"
                            data-form="{{ $use->form()->value }}"
                            data-sizes="{{ json_encode($show->usualSizes($use)) }}"
                            data-because="{{ $show->said($use->because()) }}"
                            x-on:click="use"
                        >
                            {{ $show->said($use->label()) }}
                        </button>
                    @endforeach
                    <span class="basis-full" aria-live="polite" x-text="because"></span>
                </p>
            @endif
        </div>
        @include('pieces.foreseen')
        <div class="new-piece-fields">
            <x-field name="name" label="Name" class="col-span-full"
                ><input
                    class="w-full"
                    name="name"
                    value="{{ $typed('name', '') }}"
                    required
                    maxlength="80"
                    placeholder="Ebb bowl"
            /></x-field>
            @foreach ($show->sizeWords() as $name => $label)
                <div data-size="{{ $name }}">
                    <x-number
                        :name="$name"
                        :label="$label.', '.$show->unit(Unit::Length)"
                        :value="$typed($name, $sizes[$name])"
                        class="w-full"
                        x-on:input="typed"
                    />
                </div>
            @endforeach
            <x-field name="wood" label="Wood" class="col-span-2">
                <x-choose
                    name="wood"
                    :options="$show->woods($woods)"
                    :chosen="$typed('wood', $from?->blank->wood ?? 'Ash (white)')"
                />
            </x-field>
            @if (count($blanks) > 1)
                <x-field name="blank" label="Cut from" class="col-span-2">
                    <select class="w-full" name="blank" x-on:change="cut" data-leaves="{{ route('pieces.create') }}">
                        @foreach ($blanks as $id => $words)
                            <option
                                value="{{ $id }}"
                                @selected((string) $typed('blank', $from?->blank->id) === (string) $id)
                            >
                                {{ $words }}
                            </option>
                        @endforeach
                    </select>
                </x-field>
            @endif
            <x-field name="due" label="Due (end of that day)" class="col-span-2"
                ><input class="w-full" type="date" name="due" value="{{ $typed('due', '') }}"
            /></x-field>
            <x-field name="recipe" label="Surface" class="col-span-full">
                <select class="w-full" name="recipe">
                    <option value="">as usual for this form</option>
                    @foreach ($surfaces as $label => $group)
                        <optgroup label="{{ $label }}">
                            @foreach ($group as $key => $name)
                                <option value="{{ $key }}" @selected($typed('recipe', '') === $key)>{{ $name }}</option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select>
            </x-field>
            <details
                id="taken-as-usual"
                class="col-span-full"
                @if ($errors->hasAny('grain', 'starts_as', 'moisture', 'purpose')) open @endif
            >
                <summary class="small inline-block py-1 text-act underline underline-offset-4">
                    Taken as usual: <span x-text="usual">grain, moisture, what it begins as, what it is for</span>
                </summary>

                <div class="mt-2 grid grid-cols-2 gap-x-4">
                    <fieldset class="field col-span-2">
                        <legend class="faint small">Grain</legend>
                        <label class="mr-4 inline-block"
                            ><input type="radio" name="grain" value="side" @checked($grain === 'side') /> side grain,
                            across the lathe</label
                        >
                        <label class="inline-block"
                            ><input type="radio" name="grain" value="end" @checked($grain === 'end') /> end grain, along
                            it</label
                        >
                    </fieldset>
                    @if (! $from)
                        <x-field name="starts_as" label="It begins as">
                            <x-choose name="starts_as" :options="$begins" :chosen="$typed('starts_as', 'blank')" />
                        </x-field>
                    @endif
                    <x-number
                        name="moisture"
                        label="Moisture now, %"
                        :value="$typed('moisture', $from?->moisture() ?? '10')"
                        class="w-full"
                    />
                    <x-field name="purpose" label="What for" class="col-span-2">
                        <select class="w-full" name="purpose">
                            @foreach (HonestGrain\Piece\Purpose::cases() as $purpose)
                                <option
                                    value="{{ $purpose->value }}"
                                    @selected($typed('purpose', 'handled') === $purpose->value)
                                >
                                    {{ $show->said($purpose->label()) }}
                                </option>
                            @endforeach
                        </select>
                    </x-field>
                </div>
            </details>
            <p class="col-span-full mt-1 flex flex-wrap gap-3">
                <button class="press press-main" name="then" value="route">Plan it</button>
                <button class="press" name="then" value="shape">Draw it</button>
                <button class="press" name="then" value="wish">Keep it as a wish</button>
                <button
                    class="press"
                    formmethod="get"
                    formaction="{{ route('pieces.create') }}"
                    formnovalidate
                    x-show="false"
                >
                    Work it out
                </button>
            </p>
            @if (! $from)
                <p class="small col-span-full">
                    <a class="inline-block py-1" href="{{ route('rack.for') }}">Which blank suits it best</a>
                </p>
            @endif
        </div>
    </form>
</x-layout>
