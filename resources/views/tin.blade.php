<x-layout :title="$product->name()" section="shelf">
    <form method="post" action="{{ route('tins.update') }}" class="page max-w-3xl">@csrf @method('put')
        <input type="hidden" name="product" value="{{ $product->name() }}">
        <p><a href="/shelf">Shelf</a></p>
        <h1 class="mt-2">{{ $product->name() }}</h1>
        <p class="faint mt-1">{{ ucfirst($product->note) }}. Source: {{ lcfirst($product->source) }}.</p>
        @if ($fields !== [])
            <h2 class="mt-5">My tin says</h2>
            <p class="faint small">Leave a field empty to keep the typical figure. Hours at the label's own conditions.</p>
            @php($names = ['solids_percent' => ['Solids, %', $product->solidsPercent], 'coverage_m2_per_l' => ['Covers, m²/L', $product->coverageM2PerL], 'dust_free_h' => ['Dust-free, h', $product->dustFreeHours], 'recoat_from_h' => ['Recoat from, h', $product->recoatFromHours], 'recoat_until_h' => ['Recoat until, h', $product->recoatUntilHours], 'buffable_h' => ['May be buffed, h', $product->buffableHours], 'handle_h' => ['May be handled, h', $product->handleHours], 'full_cure_days' => ['Fully cured, days', $product->fullCureDays], 'min_c' => ['Not below, °C', $product->minC], 'max_rh' => ['Not above, % RH', $product->maxRhPercent], 'pot_life_minutes' => ['Pot life, min', $product->potLifeMinutes]])
            <div class="mt-3 grid grid-cols-2 gap-x-8 sm:grid-cols-3">
                @foreach ($fields as $field)
                    <x-field :name="'label.'.$field" :label="$names[$field][0]" :hint="$names[$field][1] === null ? 'typical: none' : 'typical: '.$show->plain($names[$field][1])"><input class="w-full" name="label[{{ $field }}]" inputmode="decimal" value="{{ old('label.'.$field, $tin->label[$field] ?? '') }}"></x-field>
                @endforeach
            </div>
        @endif
        <h2 class="mt-3">What is left</h2>
        <div class="mt-2 grid grid-cols-2 gap-x-8 sm:grid-cols-3">
            <x-field name="stock_ml" label="Left, mL"><input class="w-full" name="stock_ml" inputmode="decimal" value="{{ old('stock_ml', $tin?->stock_ml) }}"></x-field>
            <x-field name="opened_on" label="Opened on"><input type="date" name="opened_on" value="{{ old('opened_on', $tin?->opened_on?->format('Y-m-d')) }}"></x-field>
        </div>
        <x-field name="note" label="Note"><input class="w-full" name="note" maxlength="500" value="{{ old('note', $tin?->note) }}"></x-field>
        <button class="press press-main">Save</button>
    </form>
</x-layout>
