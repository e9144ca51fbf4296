@use('App\View\Unit')
@php($piece = $page->piece)
@php($mm = $show->unit(Unit::Length))
<x-piece :page="$page" tab="marks" title="marks">
    <div
        class="grid gap-x-12 lg:grid-cols-[1fr_430px]"
        x-data="bandPlacer"
        data-panel="{{ json_encode($panel->toArray()) }}"
        data-factor="{{ $show->factor() }}"
    >
        <div class="min-w-0">
            <div class="relative">
                <div class="piece-art">{!! $panel->drawing !!}</div>
                <svg
                    x-ref="overlay"
                    class="absolute inset-0 h-full max-h-[430px] w-full cursor-crosshair touch-none"
                    aria-hidden="true"
                ></svg>
            </div>
            <p class="faint small">
                Drag along the outside, the section of the inside, or the rim to place a band; or type its distances.
            </p>
            @if ($part->marks !== [])
                <div class="overflow-x-auto">
                    <table class="mt-4">
                        <thead>
                            <tr>
                                <th>Mark</th>
                                <th>On</th>
                                <th class="n">From</th>
                                <th class="n">To</th>
                                <th class="n">Minutes</th>
                                <th class="n">Wait</th>
                                <th></th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($part->marks as $mark)
                                <x-mark-row :page="$page" :panel="$panel" :mark="$mark" />
                            @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
        </div>
        <div>
            <h2>Place a mark</h2>
            <form method="post" action="{{ route('pieces.marks', $piece) }}" class="mt-2" data-live>
                @csrf
                <x-at :page="$page" />
                <div class="grid grid-cols-2 gap-x-5">
                    <x-field name="technique" label="Mark">
                        <x-choose
                            name="technique"
                            :options="$panel->techniques()"
                            chosen="burnt-line"
                            x-ref="technique"
                            x-on:change="suit"
                        />
                    </x-field>
                    <x-field name="on" label="On the">
                        <x-choose name="on" :options="$panel->places($show)" x-ref="on" x-on:change="show" />
                    </x-field>
                    @foreach (['from' => 'From', 'to' => 'To'] as $name => $word)
                        <x-field :name="$name" :label="$word.', '.$mm">
                            <input
                                class="w-full"
                                name="{{ $name }}"
                                inputmode="decimal"
                                x-ref="{{ $name }}"
                                x-on:input="show"
                                value="{{ old($name) }}"
                                required
                            />
                        </x-field>
                    @endforeach
                    <x-field name="minutes" label="Minutes (empty: usual)">
                        <input class="w-full" name="minutes" inputmode="decimal" value="{{ old('minutes') }}" />
                    </x-field>
                    <x-field name="wait_hours" label="Wait, h (empty: usual)">
                        <input class="w-full" name="wait_hours" inputmode="decimal" value="{{ old('wait_hours') }}" />
                    </x-field>
                    <x-field name="product" label="Dye" x-show="takesDye">
                        <x-choose name="product" :options="array_combine($stains, $stains)" />
                    </x-field>
                    <x-field name="colour" label="Colour" x-show="takesColour">
                        <input type="color" name="colour" value="{{ old('colour', '#2e4d63') }}" />
                    </x-field>
                </div>
                <x-field name="note" label="Note">
                    <input class="w-full" name="note" value="{{ old('note') }}" maxlength="500" />
                </x-field>
                <button class="press press-main">Place it</button>
            </form>
            <p class="faint small mt-2">
                Distances run along the surface: outside from the foot, inside and rim from the outer edge.
            </p>
            <x-why kind="workshop">
                Distances are arc lengths on the sampled curve (physics). The usual minutes and waits are workshop
                figures for one band: {{ $panel->figures() }}; a dye waits as long as its class takes to dry, run
                through this shop's air. The order follows from what each mark needs: cut first, then flame, then pen,
                then colour, and every coat after them.
            </x-why>
            @if ($part->marks !== [])
                <h2 class="mt-6">In which order, and why</h2>
                <ol class="mt-2 list-decimal pl-5">
                    @foreach ($page->markSteps() as $step)
                        <li class="mb-2">
                            <b>{{ $step->title }}.</b> <span class="faint">{{ $step->details->because }}</span>
                        </li>
                    @endforeach
                </ol>
            @endif
        </div>
    </div>
</x-piece>
