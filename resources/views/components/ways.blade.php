{{-- Ways to go about what follows, each with its hands, its mounts and its date. --}}
@props(['offers', 'told', 'piece'])
@if ($offers !== [])
    <x-disclosure :label="$told->waysLabel($offers)" {{ $attributes->class('ways-more no-print') }}>
        <div class="ways">
            @foreach ($offers as $offer)
                <h3 class="mt-3">{{ $show->said($offer->label) }}</h3>
                @foreach ($offer->ways as $way)
                    @php($look = 'flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1')
                    @if ($way->isSo)
                        <div class="{{ $look }}">
                            <span class="grow font-semibold">{{ mb_ucfirst($show->said($way->words)) }}</span>
                            <span class="faint small">{{ $told->costs($way) }}</span>
                            <span class="faint small">{{ $told->readyNow() }}</span>
                            <span class="small">so now</span>
                        </div>
                    @else
                        <form method="post" action="{{ route('pieces.school', $piece) }}" class="{{ $look }}" data-live>
                            @csrf
                            @method('put')
                            <input type="hidden" name="version" value="{{ $piece->version }}" />
                            <input type="hidden" name="choice" value="{{ $offer->name }}" />
                            <input type="hidden" name="way" value="{{ $way->value }}" />
                            <span class="grow">{{ mb_ucfirst($show->said($way->words)) }}</span>
                            <span class="faint small">{{ $told->costs($way) }}</span>
                            @if ($piece->isInWork())
                                <a
                                    class="small"
                                    data-way="way-{{ $offer->name }}-{{ $way->value }}"
                                    href="{{ $told->dateOf($offer, $way) }}"
                                    >Its date</a
                                >
                            @endif
                            <button class="quiet">This way</button>
                            @can('run-shop')
                                <button class="quiet" name="for_shop" value="1">Always, in this shop</button>
                            @endcan
                        </form>
                    @endif
                @endforeach
            @endforeach
            <x-why kind="workshop">
                Where more than one way is sound and none is chosen, the route takes the fewest mounts, and among those
                what risks least: end grain is hollowed first, while there is mass outside it; in side grain the outside
                gets its line first; the underside is sanded before the part is turned round; what holds it comes off
                last, or early where one coat takes the foot with the rest or where it would go back on the lathe for
                nothing else; a liner goes in first; a sealer goes on after sanding. What another way would cost stands
                beside it. The order itself comes from what each step needs and what it would spoil.
            </x-why>
        </div>
    </x-disclosure>
@endif
