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
            <x-revive :$piece />
            @if (! $piece->isPutAway())
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
    <x-ways :offers="$told->offersBefore()" :$told :$piece class="mb-3" id="ways" />
    @if ($told->offers() === [])
        <p class="faint mb-3"><x-termed>For this piece there is one way only.</x-termed></p>
    @endif
    @if ($told->hasOwnOrder())
        <form method="post" action="{{ route('pieces.order', $piece) }}" class="mt-3" data-live>
            @csrf
            @method('delete')
            <input type="hidden" name="version" value="{{ $piece->version }}" />
            <button class="quiet">Take back every step I moved</button>
        </form>
    @endif
    @if ($page->steps->isEmpty() && ! $piece->isWish())
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
                <ul class="route-notes small">
                    @foreach ($stage->notes($show) as $note)
                        <li @class(['warn' => $note->isCaution, 'faint' => ! $note->isCaution])>
                            @if ($note->steps)
                                <b>{{ $note->steps }}</b>
                            @endif
                            {{ $note->words }}
                        </li>
                    @endforeach
                </ul>
                <div class="route-steps">
                    <x-ways
                        :offers="$told->offersAt($stage)"
                        :$told
                        :$piece
                        class="pb-1"
                        id="ways-{{ $loop->iteration }}"
                    />
                    <ol>
                        @foreach ($stage->steps as $step)
                            <x-step :step="$step" :words="$show->step($step)" :piece="$piece" :told="$told" />
                        @endforeach
                    </ol>
                </div>
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
