<x-layout title="Your own mixes" section="shelf">
    <div class="page grid gap-x-16 lg:grid-cols-[1fr_470px]">
        <section aria-labelledby="mixes" class="min-w-0">
            <h1 id="mixes">Your own mixes</h1>
            <p class="faint mt-1">
                <x-termed
                    >Each is a finish like any other: choose it under Coats. What you do not know is taken from its
                    slowest, strictest part. <a href="{{ route('shelf') }}">Back to the shelf</a></x-termed
                >
            </p>
            @forelse ($panel->mixes() as [$mix, $coating])
                <article class="mt-5 border-t border-rule pt-3">
                    <h2>{{ $mix->name }}</h2>
                    <p>{{ $panel->parts($coating) }}</p>
                    <p class="small">{{ $panel->waits($coating) }}</p>
                    <p class="small faint">{{ $panel->likeness($coating) }}</p>
                    @if ($mix->typed->has('note'))
                        <p class="small faint">{{ $mix->typed->value('note') }}</p>
                    @endif
                    <form
                        method="post"
                        action="{{ route('mixes.destroy', $mix) }}"
                        class="mt-1 flex items-baseline gap-5"
                        data-live
                    >
                        @csrf
                        @method('delete')
                        <a href="{{ route('mixes', ['change' => $mix->id]) }}#own">Change</a>
                        <a href="{{ route('tins.edit', ['product' => $mix->name]) }}">What is left of it</a>
                        <button class="quiet" aria-label="Take out {{ $mix->name }}">Take out</button>
                    </form>
                </article>
            @empty
                <p class="mt-4">
                    None yet. Oil thinned with spirit, varnish with oil, shellac with oil: type what goes in, and how
                    long it takes in your shop if you know.
                </p>
            @endforelse
        </section>
        <section aria-labelledby="own">
            <h1 id="own">
                @if ($panel->changed)
                    Change {{ $panel->changed->name }}
                @else
                    Another one
                @endif
            </h1>
            <form method="post" action="{{ route('mixes.store') }}" class="mt-3" data-live>
                @csrf
                <x-field name="mix_name" label="Name">
                    <input
                        class="w-full"
                        name="mix_name"
                        maxlength="80"
                        value="{{ old('mix_name', $panel->changed?->name) }}"
                        @readonly($panel->changed !== null)
                        required
                    />
                </x-field>
                <fieldset>
                    <legend class="faint small">What goes in, and how many parts by volume</legend>
                    @foreach ($panel->rows() as $i => [$product, $parts])
                        <div class="mt-1 grid grid-cols-[1fr_5rem] gap-x-3">
                            <input
                                class="w-full"
                                name="part_product[{{ $i }}]"
                                list="finishes"
                                maxlength="80"
                                value="{{ old("part_product.$i", $product) }}"
                                aria-label="What goes in, {{ $i + 1 }}"
                            />
                            <x-decimal
                                class="w-full text-right"
                                name="part_parts[{{ $i }}]"
                                :value="old('part_parts.'.$i, $parts)"
                                aria-label="Parts of it, {{ $i + 1 }}"
                            />
                            <x-refused :name="'part_parts.'.$i" class="col-span-2" />
                        </div>
                    @endforeach
                    <x-refused name="parts" />
                    <p class="faint small mt-1">
                        <x-termed>What is no finish of the list counts as a thinner.</x-termed>
                    </p>
                </fieldset>
                <datalist id="finishes">
                    @foreach ($known as $name)
                        <option value="{{ $name }}"></option>
                    @endforeach
                </datalist>
                <x-field name="like" label="It behaves like" class="mt-3">
                    <x-choose
                        name="like"
                        :options="['' => say('pages.mixes.what-there-most')] + $show->products($known)"
                        :chosen="$panel->changed?->typed->value('like') ?? ''"
                    />
                </x-field>
                <div class="grid grid-cols-2 gap-x-5">
                    @foreach (array_slice($panel->figures(), 0, 4) as $field)
                        <x-label-figure :$field />
                    @endforeach
                </div>
                <x-disclosure label="Its other figures" class="mb-3">
                    <div class="mt-2 grid grid-cols-2 gap-x-5">
                        @foreach (array_slice($panel->figures(), 4) as $field)
                            <x-label-figure :$field />
                        @endforeach
                    </div>
                </x-disclosure>
                <x-field name="note" label="Note">
                    <input
                        class="w-full"
                        name="note"
                        maxlength="200"
                        value="{{ old('note', $panel->changed?->typed->value('note') ?? '') }}"
                    />
                </x-field>
                <button class="press press-main">Keep it</button>
                @if ($panel->changed)
                    <a class="ml-4" href="{{ route('mixes') }}">Leave it as it is</a>
                @endif
            </form>
            <x-why kind="workshop">
                A mix is taken as no quicker and no safer than what is in it: the longest wait, the earliest end of a
                window, the strictest on food, every caution of its parts. Solids and coverage go by volume; a thinner
                has none. What you type comes before that, and a tin of it before both.
            </x-why>
        </section>
    </div>
</x-layout>
