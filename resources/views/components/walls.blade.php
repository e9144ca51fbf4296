@props(['page', 'words'])
@php($piece = $page->piece)
@php($labels = $words->labels())
@if ($words->isHollow())
    <section>
        <h2>Measured walls</h2>
        @if ($words->readings() === [])
            <p class="faint mt-1">
                <x-termed>Nothing measured yet. Type what callipers say, and thick spots are marked.</x-termed>
            </p>
        @else
            <table class="mt-2">
                <thead>
                    <tr>
                        <th class="n">Over the foot</th>
                        <th class="n">Measured</th>
                        <th class="n">Drawn</th>
                        <th class="pl-4">Against the drawing</th>
                        <th><span class="sr-only">Take it away</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($words->readings() as $wall)
                        <tr>
                            <td class="n">{{ $wall->height }}</td>
                            <td class="n"><b>{{ $wall->measured }}</b></td>
                            <td class="n">{{ $wall->drawn }}</td>
                            <td @class(['pl-4', 'warn' => $wall->matters])>{{ $wall->verdict }}</td>
                            <td class="n">
                                <form method="post" action="{{ route('pieces.walls.destroy', $piece) }}" data-live>
                                    @csrf
                                    @method('delete')
                                    <x-at :page="$page" />
                                    <input type="hidden" name="height_mm" value="{{ $wall->heightMm }}" />
                                    <button class="quiet" aria-label="Remove the reading at {{ $wall->height }}">
                                        Remove
                                    </button>
                                </form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <form method="post" action="{{ route('pieces.walls.destroy', $piece) }}" data-live>
                @csrf
                @method('delete')
                <x-at :page="$page" />
                <button class="quiet">Clear them all</button>
            </form>
        @endif
        <form
            method="post"
            action="{{ route('pieces.walls.store', $piece) }}"
            class="mt-2 grid grid-cols-2 items-start gap-x-5 sm:grid-cols-[1fr_1fr_auto]"
            data-live
        >
            @csrf
            <x-at :page="$page" />
            <x-number name="wall_height" :label="$labels['wall_height']" class="w-full" />
            <x-number name="wall_thick" :label="$labels['wall_thick']" class="w-full" />
            <p class="sm:mt-6"><button class="press">Note it</button></p>
        </form>
        <x-disclosure label="Cut a stretch of the inside deeper" :open="$errors->has('deepen_*')" class="mt-2">
            <form method="post" action="{{ route('pieces.walls.deepen', $piece) }}" class="mt-2" data-live>
                @csrf
                <x-at :page="$page" />
                <div class="grid grid-cols-2 gap-x-5 sm:grid-cols-3">
                    @foreach (['deepen_from', 'deepen_to', 'deepen_by'] as $name)
                        <x-number :name="$name" :label="$labels[$name]" class="w-full" />
                    @endforeach
                </div>
                <p class="faint small mb-2">
                    <x-termed>Full depth over the middle half, fading to both ends. Undo puts the wall back.</x-termed>
                </p>
                <button class="press">Cut it deeper</button>
            </form>
        </x-disclosure>
    </section>
@endif
