@props(['page', 'stock'])
@php($piece = $page->piece)
@php($blanks = $stock->blanks())
<section>
    @foreach ($stock->entered() as [$id, $blank, $places, $drawing, $problems])
        @if ($loop->first)
            <h2>Its blank</h2>
        @endif
        <x-laid-out :blank="$blank" :places="$places" />
        @foreach ($problems as $problem)
            <p class="warn mt-1" role="alert">{{ $problem }}</p>
        @endforeach
        <div class="mt-1">{!! $show->drawn($drawing) !!}</div>
        <form method="post" action="{{ route('pieces.stock.destroy', [$piece, $id]) }}" data-live>
            @csrf
            @method('delete')
            <x-at :page="$page" />
            <button class="quiet">Another blank</button>
        </form>
    @endforeach
    @foreach ($blanks as [$blank, $places, $drawing, $parts])
        @if ($loop->first)
            <h2>The smallest blank</h2>
        @endif
        <x-laid-out :blank="$blank" :places="$places" />
        @if ($drawing !== '')
            <div class="mt-1">{!! $show->drawn($drawing) !!}</div>
        @endif
        <x-disclosure label="Enter the blank you have" :open="$errors->has('stock_*')" class="mt-2">
            <form method="post" action="{{ route('pieces.stock.store', $piece) }}" class="mt-2" data-live>
                @csrf
                <x-at :page="$page" />
                <input type="hidden" name="stock_parts" value="{{ $parts }}" />
                <div class="grid grid-cols-2 gap-x-5 sm:grid-cols-4">
                    <x-field name="stock_form" label="Form">
                        <x-choose name="stock_form" :options="$stock->forms()" />
                    </x-field>
                    <x-number name="stock_length" label="Length" class="w-full" />
                    <x-number name="stock_width" label="Width" class="w-full" />
                    <x-number name="stock_height" label="Thickness" class="w-full" />
                    <x-number name="stock_trim" label="Checked ends" class="w-full" />
                </div>
                <p class="faint small mb-2">
                    <x-termed
                        >In {{ $show->unit(\HonestGrain\Words\Unit::Length) }}. Round, square and log lie along the
                        lathe. Slab and half log are turned through their thickness. Checked ends come off.</x-termed
                    >
                </p>
                <button class="press">Use this blank</button>
            </form>
        </x-disclosure>
    @endforeach
    <x-why kind="workshop">{{ $show->said(new \HonestGrain\Words\Said('figures.stock')) }}</x-why>
</section>
