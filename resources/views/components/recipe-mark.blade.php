{{-- A mark of a recipe: one line, and behind it where it lies and what is set for it. --}}
@props(['page', 'mark', 'part', 'at'])
@php($form = "mark-$part-$at")
@php($isTyped = old('form') === $form)
@php($line = $page->markLine($mark))
<x-disclosure :label="$line" id="{{ $form }}" class="border-b border-rule py-1" :open="$isTyped">
    <x-slot:chip>
        <x-colour-chip :colour="$mark->settings['colour'] ?? null" />
    </x-slot:chip>
    <x-recipe-form :$page :action="route('recipes.marks', $page->own)" :$form :$part :$at class="mt-2 max-w-[34rem]">
        @foreach (lines('pages.place-mark.range') as $name => $word)
            @php($share = $name === 'from' ? $mark->fromShare : $mark->toShare)
            <label class="set-row is-said">
                <span>{{ $word }}, % of the line</span>
                <x-decimal :$name :value="$isTyped ? old($name) : $page->percent($share)" required />
                @if ($isTyped)
                    <x-refused :$name />
                @endif
            </label>
        @endforeach
        @foreach ($page->settings($mark) as [$setting, $label, $set])
            @php($key = $setting->value)
            @php($now = (string) ($isTyped ? old("set.$key") : $set))
            <label class="set-row">
                <span>{{ $label }}</span>
                @if ($setting->choices() !== [])
                    <select name="set[{{ $key }}]">
                        <option value="">as usual</option>
                        @foreach ($setting->choices() as $value => $words)
                            <option value="{{ $value }}" @selected($now === $value)>{{ $show->said($words) }}</option>
                        @endforeach
                    </select>
                @else
                    <x-decimal name="set[{{ $key }}]" :value="$now" placeholder="as usual" />
                @endif
                @if ($isTyped)
                    <x-refused :name="'set.'.$key" />
                @endif
            </label>
        @endforeach
        @if ($classes = $page->stains($mark))
            <label class="set-row is-said">
                <span>Class</span>
                <select name="product">
                    <option value="">as usual</option>
                    @foreach ($classes as $class => $words)
                        <option
                            value="{{ $class }}"
                            @selected(($isTyped ? old('product') : ($mark->settings['product'] ?? '')) === $class)
                        >
                            {{ $words }}
                        </option>
                    @endforeach
                </select>
            </label>
        @endif
        @if ($page->takesColour($mark))
            <label class="set-row is-said">
                <span>Colour</span>
                <input
                    type="color"
                    name="colour"
                    value="{{ ($isTyped ? old('colour') : null) ?? ($mark->settings['colour'] ?? '#101010') }}"
                />
            </label>
        @endif
        <label class="set-row is-said">
            <span>Name</span>
            <input name="mark_name" maxlength="40" value="{{ $isTyped ? old('mark_name') : $mark->name }}" />
        </label>
        <p class="mt-2 flex gap-4">
            <button class="press" name="do" value="save" aria-label="Save it: {{ $line }}">Save it</button>
            <button class="quiet" name="do" value="leave" aria-label="Leave it out: {{ $line }}">Leave it out</button>
        </p>
    </x-recipe-form>
</x-disclosure>
