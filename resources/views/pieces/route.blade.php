@php($piece = $page->piece)
@php([$past, $open] = [$page->past(), $told->open()])
<x-piece :page="$page" tab="route" title="route">
    <div class="no-print mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <a href="{{ route('pieces.card', $piece) }}">Route card to print</a>
        <a href="{{ route('pieces.csv', $piece) }}">Route as CSV</a>
        <a href="{{ route('calendar.file') }}">Calendar file</a>
        <button type="button" class="quiet" data-open-all=".route-more" hidden></button>
        <div class="ml-auto flex items-baseline gap-5">
            <form method="post" action="{{ route('pieces.copy', $piece) }}">
                @csrf
                <x-once />
                <label
                    >More like it:
                    <input class="w-14" name="copies" type="number" min="1" max="12" value="{{ old('copies', 1) }}"
                /></label>
                <button class="quiet">Make them</button>
            </form>
            @if ($piece->isPutAway())
                <form method="post" action="{{ route('pieces.revive', $piece) }}">
                    @csrf
                    <button class="quiet">Bring back into work</button>
                </form>
            @else
                <form
                    method="post"
                    action="{{ route('pieces.destroy', $piece) }}"
                    data-ask="Put “{{ $piece->name }}” away? It leaves the plan and keeps its record; it can come back."
                >
                    @csrf
                    @method('delete')
                    <button class="quiet">Put it away</button>
                </form>
            @endif
        </div>
    </div>
    <x-disclosure :label="$told->waysLabel()" class="no-print mb-4" id="ways">
        <div class="ways">
            @forelse ($told->offers() as $offer)
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
            @empty
                <p class="faint mt-1"><x-termed>For this piece there is one way only.</x-termed></p>
            @endforelse
            @if ($told->hasOwnOrder())
                <form method="post" action="{{ route('pieces.order', $piece) }}" class="mt-3" data-live>
                    @csrf
                    @method('delete')
                    <input type="hidden" name="version" value="{{ $piece->version }}" />
                    <button class="quiet">Take back every step I moved</button>
                </form>
            @endif
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
    @if ($page->steps->isEmpty())
        <p class="note note-warn">No route could be worked out; the remarks below say why.</p>
    @endif
    @if ($past->isNotEmpty())
        <x-disclosure :label="$page->behind($show)" class="border-b border-rule pb-2">
            <ol class="mt-1">
                @foreach ($past as $step)
                    <li class="small py-0.5">
                        <b>{{ $step->number() }}. {{ $show->said($step->title) }}:</b>
                        {{ $show->step($step)->past() }}
                    </li>
                @endforeach
            </ol>
        </x-disclosure>
    @endif
    @if ($told->takenAsTurned() !== '')
        <p class="note my-3">{{ $told->takenAsTurned() }}</p>
    @endif
    @if ($told->drying() !== '')
        <p class="note my-3">{{ $told->drying() }} <a href="{{ route('rack.show', $piece->blank) }}">On the rack</a></p>
    @endif
    @if ($told->warped($emc) !== '')
        <div class="my-3 flex flex-wrap items-center gap-6">
            <div class="w-[150px] text-ink">{!! $show->drawn($told->warped($emc)) !!}</div>
            <p class="note">
                <strong>Turned once, from wet wood.</strong> From above, as its wood's shrinkage has it dry: the broken
                line is round, the piece will not be. It may warp otherwise too; never promise it as round.
            </p>
        </div>
    @endif
    @if ($piece->fault)
        <p class="note note-warn no-print">
            <strong>Something is wrong, and the piece is held back.</strong>
            <a href="{{ route('pieces.mend', $piece) }}">Choose what to do</a>
        </p>
    @endif
    <div
        x-data="routeOrder"
        data-order="{{ route('pieces.order', $piece) }}"
        x-on:keydown="key"
        x-on:dragstart="lift"
        x-on:dragover="over"
        x-on:dragend="drop"
    >
        <form x-ref="move" method="post" action="{{ route('pieces.order', $piece) }}" hidden>
            @csrf
            @method('put')
            <input type="hidden" name="version" value="{{ $piece->version }}" />
            <input type="hidden" name="step" /><input type="hidden" name="target" />
            <input type="hidden" name="place" />
            <button>Move the step</button>
        </form>
        <p x-ref="says" class="note route-says no-print" role="status" hidden></p>
        @foreach ($told->stages as $stage)
            @if ($stage->gap)
                <p class="route-gap small faint">waits {{ $stage->gap }}</p>
            @endif
            <section
                class="route-stage"
                aria-label="{{ $loop->iteration }}. {{ trim($stage->part.' '.mb_lcfirst($stage->mount)) }}"
            >
                <div class="route-held">
                    {!! $show->drawn($stage->drawing) !!}
                    <p class="small">
                        @if ($stage->part)
                            <b>{{ $stage->part }}</b
                            ><br />
                        @endif
                        {{ $stage->mount }}
                    </p>
                </div>
                <ol>
                    @foreach ($stage->steps as $step)
                        <x-step
                            :step="$step"
                            :words="$show->step($step)"
                            :piece="$piece"
                            :told="$told"
                            :cautions="$stage->cautions($loop->index, $show)"
                        />
                    @endforeach
                </ol>
            </section>
        @endforeach
    </div>
    <div class="no-print mt-8">
        <section aria-labelledby="own" class="max-w-2xl">
            <h2 id="own">A step of your own</h2>
            <form method="post" action="{{ route('pieces.own-steps', $piece) }}" class="mt-2" data-live>
                @csrf
                <input type="hidden" name="version" value="{{ $piece->version }}" />
                <x-field name="step_title" label="What"
                    ><input class="w-full" name="step_title" maxlength="160" required value="{{ old('step_title') }}"
                /></x-field>
                <div class="grid grid-cols-2 gap-x-6">
                    <x-field name="step_minutes" label="Minutes"
                        ><input name="step_minutes" inputmode="numeric" required value="{{ old('step_minutes', 10) }}"
                    /></x-field>
                    <x-number name="step_wait" label="Then wait, hours" />
                    @if (count($told->parts()) > 1)
                        <x-field name="part" label="Part"><x-choose name="part" :options="$told->parts()" /></x-field>
                    @endif
                    <x-field name="step_mount" label="Held"
                        ><x-choose name="step_mount" :options="$told->mounts()"
                    /></x-field>
                    <x-field name="step_after" label="After"><x-choose name="step_after" :options="$open" /></x-field>
                    <x-field name="step_before" label="Before"
                        ><x-choose name="step_before" :options="$open"
                    /></x-field>
                </div>
                <button class="press">Add the step</button>
            </form>
        </section>
    </div>
</x-piece>
