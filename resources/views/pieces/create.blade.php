@use('HonestGrain\Words\Unit')
<x-layout title="Draw a piece" section="pieces">
    <form
        method="post"
        action="{{ route('pieces.store') }}"
        class="page"
        x-data="newPiece"
        @if ($from) data-kept @endif
    >
        @csrf
        <x-once />
        <h1>Draw a piece</h1>
        <p class="faint mt-1">Choose the nearest form and three or four sizes. You shape it afterwards.</p>
        @if ($from)
            <input type="hidden" name="blank" value="{{ $from->blank->id }}" />
            <p class="note mt-2"><strong>{{ $from->what() }}</strong> {{ $from->most() }}</p>
        @endif
        <fieldset class="mt-5">
            <legend class="sr-only">Form</legend>
            <div class="grid grid-cols-4 gap-x-6 gap-y-4 lg:grid-cols-8">
                @foreach ($forms as $one)
                    <label class="form-choice">
                        <span class="form-art"> {!! $show->drawn($drawings[$one->value]) !!} </span>
                        <span class="mt-1 text-center">
                            <input
                                type="radio"
                                name="form"
                                value="{{ $one->value }}"
                                class="sr-only"
                                @checked(old('form', $form->value) === $one->value)
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
        @if (! $from)
            <p class="mt-4 flex flex-wrap items-baseline gap-x-4" x-cloak x-show="true">
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
                <span class="small basis-full" aria-live="polite" x-text="because"></span>
            </p>
        @endif
        @php($sizes = $from?->sizes() ?? $show->usualSizes($form))
        @php($grain = $from?->grain() ?? $form->grain()->value)
        <div class="mt-6 grid gap-x-12 md:grid-cols-3">
            <div>
                <h2 class="mb-2">Size</h2>
                @foreach ($show->sizeWords() as $name => $label)
                    <div data-size="{{ $name }}">
                        <x-number
                            :name="$name"
                            :label="$label.', '.$show->unit(Unit::Length)"
                            :value="$sizes[$name]"
                            class="w-40"
                            x-on:input="typed"
                        />
                    </div>
                @endforeach
            </div>
            <div>
                <h2 class="mb-2">Wood</h2>
                <x-field name="wood" label="Wood">
                    <x-choose
                        name="wood"
                        :options="$show->woods($woods)"
                        :chosen="$from?->blank->wood ?? 'Ash (white)'"
                    />
                </x-field>
                <fieldset class="field">
                    <legend class="faint small">Grain</legend>
                    <label class="block"
                        ><input type="radio" name="grain" value="side" @checked(old('grain', $grain) === 'side') /> side
                        grain, across the lathe</label
                    >
                    <label class="mt-1 block"
                        ><input type="radio" name="grain" value="end" @checked(old('grain', $grain) === 'end') /> end
                        grain, along it</label
                    >
                </fieldset>
                @if (! $from)
                    <x-field name="starts_as" label="It begins as">
                        <x-choose name="starts_as" :options="$begins" chosen="blank" />
                    </x-field>
                @endif
                <x-number name="moisture" label="Moisture now, %" :value="$from?->moisture() ?? '10'" class="w-40" />
            </div>
            <div>
                <h2 class="mb-2">Name and date</h2>
                <x-field name="name" label="What you call it"
                    ><input
                        class="w-full"
                        name="name"
                        value="{{ old('name') }}"
                        required
                        maxlength="80"
                        placeholder="Ebb bowl"
                /></x-field>
                <x-field name="due" label="Due (end of that day's work)"
                    ><input type="date" name="due" value="{{ old('due') }}"
                /></x-field>
                <x-field name="purpose" label="What for">
                    <select name="purpose">
                        @foreach (HonestGrain\Piece\Purpose::cases() as $purpose)
                            <option
                                value="{{ $purpose->value }}"
                                @selected(old('purpose', 'handled') === $purpose->value)
                            >
                                {{ $show->said($purpose->label()) }}
                            </option>
                        @endforeach
                    </select>
                </x-field>
                <button class="press press-main mt-2">Draw it</button>
            </div>
        </div>
    </form>
</x-layout>
