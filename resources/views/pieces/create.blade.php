@use('App\View\Unit')
<x-layout title="Draw a piece" section="pieces">
    <form method="post" action="/pieces" class="page" x-data="newPiece">
        @csrf
        <x-once />
        <h1>Draw a piece</h1>
        <p class="faint mt-1">Choose the nearest form and three or four sizes. You shape it afterwards.</p>
        <fieldset class="mt-5">
            <legend class="sr-only">Form</legend>
            <div class="grid grid-cols-4 gap-x-6 gap-y-4 lg:grid-cols-8">
                @foreach ($forms as $one)
                    @php($sizes = $one->sizes())
                    <label class="flex cursor-pointer flex-col items-center border-b-[3px] border-transparent pb-1 has-checked:border-act has-focus-visible:outline-3 has-focus-visible:outline-act">
                        <span class="flex h-[110px] w-full items-end justify-center [&_svg]:max-h-[110px] [&_svg]:max-w-full">{!! $drawings[$one->value] !!}</span>
                        <span class="mt-1"><input type="radio" name="form" value="{{ $one->value }}" class="sr-only" @checked(old('form', $form->value) === $one->value)
                            data-sizes="{{ json_encode(array_combine(
                                ['diameter', 'height', 'foot', 'wall'], array_map($show->usualSize(...), array_values($sizes)),
                            )) }}" data-grain="{{ $one->grain()->value }}" x-on:change="choose">{{ $one->label() }}</span>
                    </label>
                @endforeach
            </div>
            @error('form')<em class="warn">{{ $message }}</em>@enderror
        </fieldset>
        @php($sizes = $form->sizes())
        <div class="mt-6 grid gap-x-12 md:grid-cols-3">
            <div>
                <h2 class="mb-2">Size</h2>
                @foreach (['diameter' => 'Widest diameter', 'height' => 'Height', 'foot' => 'Foot diameter', 'wall' => 'Wall'] as $name => $label)
                    <x-field :name="$name" :label="$label.', '.$show->unit(Unit::Length).($name === 'wall' ? ' (not for a spindle)' : '')"><input class="w-40" name="{{ $name }}" inputmode="decimal" value="{{ old($name, $show->usualSize($sizes[$name.'_mm'])) }}" x-on:input="typed"></x-field>
                @endforeach
            </div>
            <div>
                <h2 class="mb-2">Wood</h2>
                <x-field name="wood" label="Wood"><select class="w-full" name="wood">@foreach ($woods as $wood)<option @selected(old('wood', 'Ash (white)') === $wood)>{{ $wood }}</option>@endforeach</select></x-field>
                <fieldset class="field"><legend class="faint small">Grain</legend>
                    <label class="block"><input type="radio" name="grain" value="side" @checked(old('grain', $form->grain()->value) === 'side')> side grain, across the lathe</label>
                    <label class="mt-1 block"><input type="radio" name="grain" value="end" @checked(old('grain', $form->grain()->value) === 'end')> end grain, along it</label>
                </fieldset>
                <x-field name="moisture" label="Moisture now, %"><input class="w-40" name="moisture" inputmode="decimal" value="{{ old('moisture', '10') }}"></x-field>
            </div>
            <div>
                <h2 class="mb-2">Name and date</h2>
                <x-field name="name" label="What you call it"><input class="w-full" name="name" value="{{ old('name') }}" required maxlength="80" placeholder="Ebb bowl"></x-field>
                <x-field name="due" label="Due (end of that day's work)"><input type="date" name="due" value="{{ old('due') }}"></x-field>
                <x-field name="purpose" label="What for"><select name="purpose">@foreach (HonestGrain\Piece\Purpose::cases() as $purpose)<option value="{{ $purpose->value }}" @selected(old('purpose', 'handled') === $purpose->value)>{{ $purpose->label() }}</option>@endforeach</select></x-field>
                <button class="press press-main mt-2">Draw it</button>
            </div>
        </div>
    </form>
</x-layout>
