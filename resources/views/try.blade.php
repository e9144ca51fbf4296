<x-layout title="Try something" section="weeks">
    <div class="page max-w-5xl">
        <p><a href="{{ route('weeks') }}">Weeks</a></p>
        <h1 class="mt-1">{{ $page->changes === [] ? say('pages.try.nothing-yet') : $page->headline() }}</h1>
        <p class="faint mt-1">
            <x-termed>Nothing of this is saved. This page’s address holds it all, to hand on in the workshop.</x-termed>
        </p>
        @if ($page->tried->trouble !== null)
            <p class="note note-warn">{{ $show->said($page->tried->trouble) }}</p>
        @endif
        @foreach ($page->changes as $n => $change)
            <p class="flex items-baseline gap-4 border-b border-rule py-1.5">
                <span class="grow">
                    @if ($change['piece'] !== null)
                        <b>{{ $page->names[$change['piece']] ?? '' }}</b
                        >:
                    @endif
                    {{ $show->said($change['said']) }}</span
                >
                <a href="{{ route('try', ['do' => $page->without($n)]) }}">Without it</a>
            </p>
        @endforeach
        @if ($page->changes !== [])
            <form method="post" action="{{ route('try') }}" class="mt-3 flex gap-5">
                @csrf
                @foreach ($page->written() as $written)
                    <input type="hidden" name="do[]" value="{{ $written }}" />
                @endforeach
                <button class="press press-main">Take it</button>
                <a class="self-center" href="{{ route('weeks') }}">Throw it away</a>
            </form>
            <table class="mt-5">
                <thead>
                    <tr>
                        <th>Piece</th>
                        <th>Due</th>
                        <th>Ready now</th>
                        <th>Ready then</th>
                        <th>Then</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->tried->pieces as $date)
                        <tr @class(['faint' => ! $date->isMoved()])>
                            <td><b>{{ $date->name }}</b></td>
                            <td>{{ $date->due ? $show->day($date->due) : '–' }}</td>
                            <td>{{ $date->before ? $show->dayTime($date->before) : '–' }}</td>
                            <td>{{ $date->after ? $show->dayTime($date->after) : '–' }}</td>
                            <td @class(['warn' => $date->isHarmed()])>
                                {{ $date->isMoved() ? $page->verdict($date, $show) : say('view.tried.as-it-is') }}
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        <form method="post" action="{{ route('try.add') }}" class="mt-6 border-t border-ink pt-3">
            @csrf
            @foreach ($page->written() as $written)
                <input type="hidden" name="do[]" value="{{ $written }}" />
            @endforeach
            <h2>One more thing</h2>
            <div class="mt-2 grid gap-x-6 sm:grid-cols-5">
                <x-field name="kind" label="What"
                    ><select class="w-full" name="kind">
                        @foreach (lines('pages.try.kinds') as $kind => $label)
                            <option value="{{ $kind }}" @selected(old('kind') === $kind)>{{ $label }}</option>
                        @endforeach</select
                ></x-field>
                <x-field name="date" label="On, from, or due"
                    ><input class="w-full" type="date" name="date" value="{{ old('date') }}"
                /></x-field>
                <x-field name="days" label="For days"
                    ><input class="w-full" name="days" inputmode="numeric" value="{{ old('days', 1) }}"
                /></x-field>
                <x-field name="piece" label="Piece"
                    ><select class="w-full" name="piece">
                        <option value="">the shop</option>
                        @foreach ($page->names as $id => $name)
                            <option value="{{ $id }}" @selected((int) old('piece') === $id)>{{ $name }}</option>
                        @endforeach</select
                ></x-field>
                <x-field name="other" label="Before"
                    ><select class="w-full" name="other">
                        <option value="">nothing</option>
                        @foreach ($page->names as $id => $name)
                            <option value="{{ $id }}" @selected((int) old('other') === $id)>{{ $name }}</option>
                        @endforeach</select
                ></x-field>
            </div>
            <button class="press">Try it</button>
        </form>
    </div>
</x-layout>
