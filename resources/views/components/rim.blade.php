@props(['page', 'words'])
@php($piece = $page->piece)
@php($labels = $words->labels())
@if ($words->isHollow())
    <section id="rim">
        <h2>Rim</h2>
        @if ($words->isUneven())
            <p class="mt-1">{{ $words->sentence() }}</p>
        @else
            <p class="faint mt-1">
                <x-termed>Level all round. A natural edge rises and drops: type it here.</x-termed>
            </p>
        @endif
        <x-refused name="shape.rim" class="warn small block" />
        <x-disclosure
            :label="say($words->isUneven() ? 'view.rim-words.its-heights' : 'view.rim-words.not-level')"
            :open="$errors->has('rim_*') || $errors->has('shape.rim')"
            class="mt-2"
        >
            <form method="post" action="{{ route('pieces.rim.log', $piece) }}" class="mt-2" data-live>
                @csrf
                @method('put')
                <x-at :page="$page" />
                <div class="grid grid-cols-2 items-start gap-x-5 sm:grid-cols-[1fr_1fr_auto]">
                    <x-number name="rim_log" :label="$labels['rim_log']" class="w-full" />
                    <p class="sm:mt-6"><button class="press">Take its bark</button></p>
                </div>
            </form>
            <form method="post" action="{{ route('pieces.rim.update', $piece) }}" class="mt-3" data-live>
                @csrf
                @method('put')
                <x-at :page="$page" />
                <p class="faint small">
                    <x-termed
                        >Angle, {{ $labels['rim_below'] }}, and how high that is over the foot. 0° is where the grain
                        comes out.</x-termed
                    >
                </p>
                <p class="faint small">
                    <x-termed>The highest place is 0 below. Leave all empty for a level rim.</x-termed>
                </p>
                <div class="gap-x-8 sm:columns-2">
                    @foreach ($words->rows() as $i => [$angle, $below, $over])
                        <div class="flex break-inside-avoid items-baseline gap-2 py-1">
                            <x-decimal
                                class="w-16"
                                name="rim_angle[{{ $i }}]"
                                :value="old('rim_angle.'.$i, $angle)"
                                aria-label="Angle {{ $i + 1 }}"
                            />
                            <span class="faint">°</span>
                            <x-decimal
                                class="w-20"
                                name="rim_below[{{ $i }}]"
                                :value="old('rim_below.'.$i, $below)"
                                aria-label="{{ $labels['rim_below'] }} {{ $i + 1 }}"
                            />
                            <span class="faint small">{{ $over }}</span>
                        </div>
                        <x-refused :name="'rim_angle.'.$i" class="warn small block" />
                        <x-refused :name="'rim_below.'.$i" class="warn small block" />
                    @endforeach
                </div>
                <button class="press press-main mt-2">Keep this rim</button>
            </form>
        </x-disclosure>
        @if ($words->isUneven())
            <x-why kind="workshop">
                From angle to angle the rim runs smoothly and never past either, level across its wall. Areas, weight,
                what it holds and balance follow from that line; of a round log its bark lies at R − √(R² − x²) below
                its crown.
            </x-why>
        @endif
    </section>
@endif
