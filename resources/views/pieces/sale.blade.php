@php([$piece, $kept] = [$page->piece, $sale->sale])
<x-piece :page="$page" tab="sale" title="sale">
    <div class="grid gap-x-16 gap-y-8 lg:grid-cols-[1fr_1fr]">
        <section aria-labelledby="price">
            <h2 id="price">For whom, and for how much</h2>
            <form
                method="post"
                action="{{ route('pieces.sale', $piece) }}"
                class="mt-2 grid items-end gap-x-6 sm:grid-cols-[1fr_8rem_auto]"
                data-live
            >
                @csrf
                @method('put')
                <input type="hidden" name="sale_version" value="{{ $kept->version }}" />
                <x-field name="for_whom" label="For">
                    <input
                        class="w-full"
                        name="for_whom"
                        maxlength="120"
                        value="{{ old('for_whom', $kept->for_whom) }}"
                    />
                </x-field>
                <x-number name="price" label="Price asked" :value="$show->bare($kept->price)" class="w-full" />
                <p class="pb-[0.8rem]"><button class="press press-main">Save</button></p>
            </form>
            <h2 class="mt-4">What it costs to make</h2>
            @if ($piece->isWish())
                <p class="mt-1">Its cost follows from its steps, once it is taken on.</p>
            @else
                <table class="mt-1">
                    <tbody>
                        @foreach ($sale->costs() as [$what, $sum, $how])
                            <tr>
                                <td>{{ $what }} <span class="faint small block">{{ $how }}</span></td>
                                <td class="n">{{ $sum }}</td>
                            </tr>
                        @endforeach
                        <tr>
                            <td><b>{{ $sale->totalLabel() }}</b></td>
                            <td class="n"><b>{{ $sale->total() }}</b></td>
                        </tr>
                    </tbody>
                </table>
                @if ($sale->leaves() !== '')
                    <p class="mt-2 text-[1.15rem]"><b>{{ $sale->leaves() }}</b></p>
                @endif
            @endif
            <p class="small mt-2"><a href="{{ route('shop') }}#rates">What an hour costs</a></p>
            <x-why kind="workshop">
                Minutes as logged, or as planned where none were; what is used up at the prices on the Shelf; the blank
                at its price on the Rack; the lathe’s minutes by what it draws and what a kilowatt-hour costs. Nothing
                else is counted: no rent, no tools, no way to the fair.
            </x-why>
        </section>
        <section aria-labelledby="owner">
            <h2 id="owner">For its owner</h2>
            <p class="mt-2"><a href="{{ route('pieces.owner-card', $piece) }}">Card to go with it, to print</a></p>
            <form method="post" action="{{ route('pieces.sale.page', $piece) }}" class="mt-4" data-live>
                @csrf
                @method('put')
                <input type="hidden" name="sale_version" value="{{ $kept->version }}" />
                <label class="check">
                    <input type="checkbox" name="is_public" value="1" @checked($kept->is_public) />
                    Whoever has the address may see its page
                </label>
                <p class="faint small mt-1">It shows the card and the ticked photographs. No name, no price.</p>
                @if ($sale->photographs()->isNotEmpty())
                    <fieldset class="mt-3 flex flex-wrap gap-4">
                        <legend class="small faint">Photographs on it</legend>
                        @foreach ($sale->photographs() as $entry)
                            <label class="small">
                                <img
                                    src="{{ route('log.photo', $entry) }}"
                                    alt="{{ $show->calendarDay($entry->happened_at) }}"
                                    class="h-24 w-24 object-cover"
                                />
                                <input
                                    type="checkbox"
                                    name="photos[]"
                                    value="{{ $entry->id }}"
                                    @checked(in_array($entry->id, $kept->photos, true))
                                />
                                {{ $show->calendarDay($entry->happened_at) }}
                            </label>
                        @endforeach
                    </fieldset>
                @else
                    <p class="small mt-2">No photograph yet: add one with a note, or when a step is done.</p>
                @endif
                <x-refused name="photos" class="warn" />
                <p class="mt-3"><button class="press">Save its page</button></p>
            </form>
            @if ($kept->is_public)
                <p class="mt-4">
                    <a href="{{ $sale->address() }}">{{ $sale->address() }}</a>
                </p>
                <div class="qr mt-2" data-qr="{{ $sale->address() }}"></div>
            @endif
        </section>
    </div>
</x-piece>
