@use('HonestGrain\Words\Unit')
@php($piece = $page->piece)
@php($mm = $show->unit(Unit::Length))
<x-piece :page="$page" tab="marks" title="marks">
    <div
        x-data="bandPlacer"
        data-panel="{{ json_encode($panel->toArray()) }}"
        data-factor="{{ $show->factor() }}"
        data-ask="{{ route('pieces.marks.band', [$piece, 'part' => $part->id]) }}"
        data-chosen="{{ $chosen?->mark->id() }}"
    >
        <p class="no-print -mt-3 mb-2 flex justify-end gap-x-5">
            <a href="{{ route('pieces.mark-out', $piece) }}">Mark-out list</a>
            <a href="{{ $page->turned() }}">Turn it round</a>
        </p>
        <div class="grid gap-x-10 lg:grid-cols-[minmax(0,1fr)_minmax(400px,min-content)]">
            <div class="min-w-0">
                <div class="grid gap-x-4 sm:grid-cols-[1fr_230px]">
                    <div class="relative self-start">
                        <div class="piece-art">{!! $show->drawn($panel->drawing) !!}</div>
                        <svg
                            x-ref="overlay"
                            class="absolute inset-0 h-full max-h-[430px] w-full cursor-crosshair touch-none"
                            aria-hidden="true"
                        ></svg>
                    </div>
                    <div class="self-center">{!! $show->drawn($panel->plan($chosen)) !!}</div>
                </div>
                <p class="faint small min-h-[1.4em]" x-text="says" role="status">
                    <x-termed>Drag along any face of the drawing to place a band.</x-termed>
                </p>
                @if ($part->marks !== [])
                    <div class="overflow-x-auto">
                        <table class="mt-2">
                            <thead>
                                <tr>
                                    <th class="w-7"><span class="sr-only">Ticked</span></th>
                                    <th>Mark</th>
                                    <th>On</th>
                                    <th class="n">From</th>
                                    <th class="n">To</th>
                                    <th class="n">Hands</th>
                                    <th class="n">Held</th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($part->marks as $mark)
                                    <x-mark-row :page="$page" :panel="$panel" :mark="$mark" :chosen="$chosen" />
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                    <x-marks-together :page="$page" :others="$others" :classes="$panel->classes($stains)" />
                    @if ($chosen)
                        <x-mark-strip :page="$page" :chosen="$chosen" />
                    @endif
                @else
                    <p class="mt-3">
                        Nothing is marked yet. Drag a band on the drawing, or lay one out by proportion; its widths,
                        walls, minutes and colours follow from this piece.
                    </p>
                @endif
            </div>
            <div class="min-w-0">
                @if ($chosen)
                    <x-mark-panel :page="$page" :panel="$panel" :chosen="$chosen" :stains="$stains" />
                @else
                    <x-place-mark :page="$page" :panel="$panel" :stains="$stains" :laid="$laid" />
                @endif
            </div>
        </div>
        @if ($part->marks !== [])
            <x-disclosure label="In which order, and why" class="mt-5">
                <ol class="mt-2 list-decimal pl-5">
                    @foreach ($page->markSteps() as $step)
                        <li class="mb-2">
                            <b>{{ $show->said($step->title) }}.</b>
                            <span class="faint">{{ $show->said($step->details->because) }}</span>
                        </li>
                    @endforeach
                </ol>
            </x-disclosure>
        @endif
    </div>
</x-piece>
