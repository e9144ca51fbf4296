@use('App\Models\StockSort')
@use('HonestGrain\Words\Unit')
<x-layout title="Count the shelf" section="shelf">
    <div class="page hands grid gap-x-16 gap-y-8 lg:grid-cols-[1.3fr_1fr]">
        <section aria-labelledby="count-title">
            <p><a href="{{ route('shelf') }}">Shelf</a></p>
            <h1 id="count-title" class="mt-2">Count the shelf</h1>
            <p class="faint mt-1">
                <x-termed>Number, Enter, the next one. What is left empty stays as it stands.</x-termed>
            </p>
            <form method="post" action="{{ route('shelf.count') }}" class="mt-3" data-live>
                @csrf
                <x-refused name="count" class="note note-warn block" />
                <table class="counted">
                    <thead>
                        <tr>
                            <th>On the shelf</th>
                            <th class="n">Should be</th>
                            <th class="n">Counted</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($held as $row => $item)
                            <tr>
                                <td>
                                    <label for="count-{{ $row }}">{{ $words->name($item) }}</label>
                                    <span class="faint small">{{ $words->price($item) }}</span>
                                </td>
                                <td class="n">{{ $words->amount($item, $item->stock) }}</td>
                                <td class="n">
                                    <input type="hidden" name="key[{{ $row }}]" value="{{ $item->key() }}" />
                                    <x-decimal
                                        class="w-28 text-right"
                                        name="count[{{ $row }}]"
                                        id="count-{{ $row }}"
                                        value="{{ old('count.'.$row) }}"
                                        data-enter-next
                                        :autofocus="$loop->first"
                                    />
                                    <x-refused name="count.{{ $row }}" class="warn small block" />
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="faint small mt-1">
                    <x-termed
                        >Discs, pieces and pairs by number, tins in {{ $show->unit(Unit::Volume) }}. Or weigh a tin:
                        press “my tin” on the Shelf.</x-termed
                    >
                </p>
                <button class="press press-main mt-3">Counted</button>
            </form>
        </section>
        <div>
            <section aria-labelledby="bought">
                <h2 id="bought">Bought</h2>
                <x-receipt />
            </section>
            <section class="mt-8" aria-labelledby="moves">
                <h2 id="moves">Lately</h2>
                @forelse ($lately as $move)
                    <div @class(['border-b border-rule py-2', 'faint line-through' => $move->isBack])>
                        <p class="faint small">{{ $move->when }} {{ $move->who }}</p>
                        <p>{{ $move->what }}</p>
                        @if (! $move->isBack)
                            <form method="post" action="{{ route('shelf.moves.destroy', $move->batch) }}" data-live>
                                @csrf
                                @method('delete')
                                <button class="quiet" aria-label="Take back: {{ $move->what }}">Take back</button>
                            </form>
                        @endif
                    </div>
                @empty
                    <p class="faint mt-1">Nothing was bought or counted yet.</p>
                @endforelse
            </section>
        </div>
    </div>
</x-layout>
