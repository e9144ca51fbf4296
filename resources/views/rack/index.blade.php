<x-layout title="Rack" section="rack">
    <div class="page">
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
            <h1>Rack</h1>
            <nav class="tabs" aria-label="Which blanks">
                <a href="{{ route('rack') }}" @if (! $isGone) aria-current="page" @endif>On the rack</a>
                <a href="{{ route('rack', ['state' => 'gone']) }}" @if ($isGone) aria-current="page" @endif>
                    Used or gone
                </a>
            </nav>
            <x-narrowed
                :$asked
                class="order-last basis-full"
                label="Find by number, wood or place"
                placeholder="Number, wood, place"
                :sorts="lines('view.rack-shelf.sorts')"
                :all="route('rack', $isGone ? ['state' => 'gone'] : [])"
            >
                @if ($isGone)
                    <input type="hidden" name="state" value="gone" />
                @endif
                <x-choose
                    name="wood"
                    aria-label="Wood"
                    :options="['' => say('view.rack-shelf.every-wood')] + $woods"
                    :chosen="$asked->asked('wood')"
                    :is-wide="false"
                />
                @if (! $isGone)
                    <x-choose
                        name="dry"
                        aria-label="Dry or not"
                        :options="lines('view.rack-shelf.dryness')"
                        :chosen="$asked->dryness()"
                        :is-wide="false"
                    />
                @endif
            </x-narrowed>
            <a href="{{ route('rack.weigh') }}" class="press press-main ml-auto">Weigh the rack</a>
        </div>
        <p class="mt-2 flex flex-wrap gap-x-6">
            <a href="{{ route('rack.create') }}">Put a blank on</a>
            <a href="{{ route('rack.for') }}">What is ready for an order</a>
            <a href="{{ route('rack.labels') }}">Labels to print</a>
            <a href="{{ route('rack.import') }}">Weights from a file</a>
            @if (session('batch'))
                <button class="quiet" form="take-back">Take those weights back</button>
            @endif
        </p>
        @if (session('batch'))
            <form method="post" action="{{ route('rack.import.undo', session('batch')) }}" id="take-back" hidden>
                @csrf
                @method('delete')
            </form>
        @endif
        @if ($blanks->isEmpty())
            <div class="py-16 text-center">
                <h2 class="font-slab text-[1.4rem] font-semibold">
                    @if ($q !== '')
                        No blank here answers to “{{ $q }}”
                    @elseif ($asked->isNarrowed())
                        No blank here is like that
                    @elseif ($isGone)
                        None yet
                    @else
                        The rack is empty
                    @endif
                </h2>
                <p class="faint mt-2">
                    <x-termed>Add what is drying: number, wood and size. Three weighings give a date.</x-termed>
                </p>
            </div>
        @else
            <ul class="mt-6 grid grid-cols-[repeat(auto-fill,minmax(250px,1fr))] gap-x-8 gap-y-6">
                @foreach ($blanks as $blank)
                    <li class="row-span-2 grid grid-rows-subgrid gap-y-0">
                        <a
                            href="{{ route('rack.show', $blank) }}"
                            class="flex items-end"
                            tabindex="-1"
                            aria-hidden="true"
                        >
                            <span class="shelf-art flex w-full items-end justify-center border-b border-ink text-ink">
                                {!! $show->drawn($shelf->drawing($blank)) !!}
                            </span>
                        </a>
                        <div class="flex flex-col">
                            <a
                                class="mt-1.5 text-[1.08rem] text-ink no-underline hover:underline"
                                href="{{ route('rack.show', $blank) }}"
                                ><b>{{ $blank->number }}</b> {{ $show->wood($blank->wood) }}</a
                            >
                            <span class="small font-semibold">{{ $shelf->says($blank) }}</span>
                            <span class="small">{{ $shelf->between($blank) }}</span>
                            <span class="faint small">{{ $shelf->what($blank) }}</span>
                            <span class="faint small">{{ $shelf->lost($blank) }}</span>
                            @if ($blank->place !== '')
                                <span class="faint small">{{ $blank->place }}</span>
                            @endif
                            @if ($blank->may_crack && ! $isGone)
                                <span class="warn small">Loses too fast: it may crack.</span>
                            @endif
                            @if ($shelf->isForgotten($blank))
                                <span class="warn small">Ready long ago, and forgotten.</span>
                            @endif
                            @if ($shelf->isOverdue($blank))
                                <span class="warn small">Not weighed for a while.</span>
                            @endif
                        </div>
                    </li>
                @endforeach
            </ul>
            <p class="faint small mt-5">
                <x-termed
                    >All to one scale: right half from outside, left half cut open. A heavy line is sealer or wax, a
                    broken one the pith.</x-termed
                >
            </p>
            <x-pager :pages="$blanks" />
        @endif
    </div>
</x-layout>
