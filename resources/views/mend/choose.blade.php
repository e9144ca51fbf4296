<x-piece :page="$page" tab="route" title="something is wrong">
    <h2>{{ $mend->what }}: what will you do?</h2>
    <p class="faint"><x-termed>The piece is held back until you choose. Its record keeps what was done.</x-termed></p>
    <x-refused name="remedy" class="note note-warn block" />
    @if ($doubt !== null)
        <p class="note note-warn"><strong>Is it that?</strong> {{ $show->said($doubt) }}</p>
    @endif
    <div class="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-3">
        @foreach ($mend->remedies as $remedy)
            <section class="flex flex-col border-t border-ink pt-2">
                <h3>{{ $show->said($remedy['title']) }}</h3>
                <p class="faint small mt-1">{{ $show->said($remedy['because']) }}</p>
                <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-4">
                    <dt class="faint">More work</dt>
                    <dd class="text-right">{{ $remedy['minutes'] }}</dd>
                    <dt class="faint">More waiting</dt>
                    <dd class="text-right">{{ $remedy['wait'] }}</dd>
                    <dt class="faint">Then ready</dt>
                    <dd class="text-right"><b>{{ $remedy['ready'] }}</b></dd>
                </dl>
                <ol class="small mt-2 grow list-decimal pl-5">
                    @forelse ($remedy['shown'] as $step)
                        <li>
                            {{ $show->said($step['title']) }} <span class="faint">{{ $step['minutes'] }}</span>
                            @if ($step['again'])
                                <span class="faint">(again)</span>
                            @endif
                        </li>
                    @empty
                        <li class="list-none">Nothing to do.</li>
                    @endforelse
                    @if ($remedy['more'] !== [])
                        <li class="list-none">
                            <x-disclosure
                                :label="say('pages.mend-choose.and-more', ['count' => count($remedy['more'])])"
                            >
                                <ol class="list-decimal pl-5" start="{{ count($remedy['shown']) + 1 }}">
                                    @foreach ($remedy['more'] as $step)
                                        <li>
                                            {{ $show->said($step['title']) }}
                                            <span class="faint">{{ $step['minutes'] }}</span>
                                        </li>
                                    @endforeach
                                </ol>
                            </x-disclosure>
                        </li>
                    @endif
                    @foreach ($remedy['spared'] as $step)
                        <li class="list-none">
                            Spares: {{ $show->said($step['title']) }}
                            <span class="faint">{{ $step['minutes'] }}</span>
                        </li>
                    @endforeach
                </ol>
                <form method="post" action="{{ route('pieces.mend', $piece) }}" class="mt-3" data-live>
                    @csrf
                    <input type="hidden" name="version" value="{{ $piece->version }}" />
                    <input type="hidden" name="remedy" value="{{ $remedy['id'] }}" />
                    <button class="press">This one</button>
                </form>
            </section>
        @endforeach
    </div>
    <form method="post" action="{{ route('pieces.mend', $piece) }}" class="mt-6" data-live>
        @csrf
        @method('delete')
        <button class="quiet">None of these: go on as it is</button>
    </form>
    @if ($causes !== [])
        <section class="mt-8 border-t border-rule pt-3" aria-labelledby="causes">
            <h2 id="causes">Where it may come from</h2>
            <p class="faint small">
                <x-termed>The likeliest on this piece stand first. Look closely: each shows in its own way.</x-termed>
            </p>
            <dl class="mt-2 grid gap-x-10 lg:grid-cols-2">
                @foreach ($causes as $cause)
                    <div class="border-b border-rule py-2">
                        <dt>
                            <b>{{ $show->said($cause->title) }}</b>
                            @if ($cause->fact !== null)
                                <span class="small">{{ $show->said($cause->fact) }}</span>
                            @endif
                        </dt>
                        <dd class="small">{{ $show->said($cause->shows) }}</dd>
                        <dd class="small faint">Next time: {{ mb_lcfirst($show->said($cause->instead)) }}</dd>
                    </div>
                @endforeach
            </dl>
        </section>
    @endif
    <x-why kind="workshop">
        Causes are what workshops know (workshop); nothing of them is proved. Minutes and waits of remedies are workshop
        figures (catalogue/constants.csv); what must be done again is what was done on that face since the step the
        remedy goes back to. The date is a whole plan of the shop with the remedy in.
    </x-why>
</x-piece>
