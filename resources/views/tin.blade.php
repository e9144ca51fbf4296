@use('HonestGrain\Words\Unit')
@php([$product, $tin] = [$form->product, $form->tin])
<x-layout :title="$show->said($product->name())" section="shelf">
    <form method="post" action="{{ route('tins.update') }}" class="page max-w-3xl">
        @csrf
        @method('put')
        <input type="hidden" name="product" value="{{ $product->class() }}" />
        <p><a href="{{ route('shelf') }}">Shelf</a></p>
        <h1 class="mt-2">{{ $show->said($product->name()) }}</h1>
        <p class="faint mt-1">
            {{ mb_ucfirst($show->said($product->note())) }}. Source: {{ mb_lcfirst($show->said($product->source())) }}.
        </p>
        @if ($form->fields !== [])
            <h2 class="mt-5">My tin says</h2>
            <p class="faint small">
                <x-termed
                    >Leave a field empty to keep the typical figure. Hours at the label's own conditions.</x-termed
                >
            </p>
            <div class="mt-3 grid grid-cols-2 gap-x-8 sm:grid-cols-3">
                @foreach ($form->fields as $field)
                    <x-label-figure :$field />
                @endforeach
            </div>
        @endif
        <h2 class="mt-3">What is left</h2>
        <div class="mt-2 grid grid-cols-2 gap-x-8 sm:grid-cols-3">
            <x-number
                name="stock_ml"
                :label="say('pages.tin.left', ['unit' => $show->unit(Unit::Volume)])"
                :value="$show->field(Unit::Volume, $tin?->stock_ml)"
                class="w-full"
            />
            <x-field name="opened_on" label="Opened on"
                ><input type="date" name="opened_on" value="{{ old('opened_on', $tin?->opened_on?->format('Y-m-d')) }}"
            /></x-field>
            <x-number
                name="price_per_l"
                label="A litre costs"
                :value="$show->bare($tin?->price_per_l)"
                class="w-full"
            />
            @if ($life?->months)
                <x-number
                    name="good_months"
                    label="Good for, months after opening"
                    :hint="say('pages.tin.typical', ['typical' => $show->bare($life->months)])"
                    :value="$show->bare($tin?->good_months)"
                    class="w-full"
                />
            @endif
        </div>
        @if ($weight)
            <h2 class="mt-3">On the scale</h2>
            <p class="faint small">
                <x-termed
                    >Weigh the tin, and know what is left in it. Type what the empty tin weighs. Or type what is left
                    now, once, and weigh it.</x-termed
                >
            </p>
            <div class="mt-2 grid grid-cols-2 gap-x-8 sm:grid-cols-3">
                <x-number
                    name="weighs"
                    :label="say('pages.tin.weighs', ['unit' => $show->unit(Unit::Mass)])"
                    class="w-full"
                />
                <x-number
                    name="empty_g"
                    :label="say('pages.tin.empty', ['unit' => $show->unit(Unit::Mass)])"
                    :value="$show->field(Unit::Mass, $tin?->empty_g)"
                    class="w-full"
                />
                <x-number
                    name="g_per_ml"
                    label="Density, g to the mL"
                    :hint="say('pages.tin.typical', ['typical' => $show->bare($weight->gPerMl)])"
                    :value="$show->bare($tin?->g_per_ml)"
                    class="w-full"
                />
            </div>
        @endif
        <x-field name="note" label="Note"
            ><input class="w-full" name="note" maxlength="500" value="{{ old('note', $tin?->note) }}"
        /></x-field>
        <button class="press press-main">Save</button>
    </form>
</x-layout>
