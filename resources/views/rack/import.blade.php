<x-layout title="Weights from a file" section="rack">
    <div class="page max-w-4xl">
        <p><a href="{{ route('rack') }}">Rack</a></p>
        <h1 class="mt-2">Weights from a file</h1>
        <p class="faint mt-1">
            <x-termed
                >One row for each: number, date, grams, and percent by meter. Commas, semicolons or tabs between; a
                heading row is skipped. You look at it before anything is kept.</x-termed
            >
        </p>
        <form method="post" action="{{ route('rack.import') }}" enctype="multipart/form-data" class="mt-4">
            @csrf
            <x-field name="file" label="A file (CSV)">
                <input type="file" name="file" accept=".csv,.txt,text/csv,text/plain" />
            </x-field>
            <x-field name="rows" label="Or the rows themselves">
                <textarea
                    class="w-full font-sans"
                    name="rows"
                    rows="5"
                    placeholder="12,2026-03-01,1840"
                    >{{ old('rows', $text) }}</textarea
                >
            </x-field>
            <button class="press">Look at them</button>
        </form>
        @if ($list)
            <h2 class="mt-6">{{ count($list->good()) }} to import, {{ count($list->bad()) }} left out</h2>
            @if ($list->isCutShort)
                <p class="note note-warn mt-1">The file is longer than one reading takes; the rest is left out.</p>
            @endif
            <table class="small mt-2">
                <tbody>
                    @foreach ($list->rows as $row)
                        <tr>
                            <td class="faint">row {{ $row['line'] }}</td>
                            @if ($row['fault'])
                                <td colspan="4"><span class="warn">{{ $row['fault'] }}</span></td>
                            @else
                                <td><b>{{ $row['number'] }}</b></td>
                                <td class="n">{{ $show->date($row['at']) }} {{ $show->time($row['at']) }}</td>
                                <td class="n">{{ $show->mass($row['mass_g']) }}</td>
                                <td class="n">
                                    @if ($row['meter'] !== null)
                                        {{ $show->plain($row['meter']) }} % by meter
                                    @endif
                                </td>
                            @endif
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($list->good() !== [])
                <form method="post" action="{{ route('rack.import') }}" class="mt-3">
                    @csrf
                    @method('put')
                    <textarea name="rows" hidden aria-hidden="true">{{ $text }}</textarea>
                    <button class="press press-main">Bring in {{ count($list->good()) }}</button>
                </form>
            @endif
        @endif
    </div>
</x-layout>
