@use('App\Models\PieceState')
<x-shop tab="sheets" title="Sheets">
    <h1>Sheets</h1>
    <p class="faint mt-1"><x-termed>Sheets to hang up, or to go with a piece.</x-termed></p>
    <div class="mt-4 grid gap-x-14 gap-y-6 lg:grid-cols-[1fr_300px]">
        <section aria-labelledby="of-pieces">
            <h2 id="of-pieces">Of each piece</h2>
            @if ($pieces->isEmpty())
                <p class="mt-1">No piece yet. <a href="{{ route('pieces.create') }}">Draw a piece</a></p>
            @else
                <table class="mt-1">
                    <thead>
                        <tr>
                            <th>Piece</th>
                            <th>For the wall</th>
                            <th>For the lathe</th>
                            <th>For its owner</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($pieces as $piece)
                            <tr>
                                <td>
                                    <b>{{ $piece->name }}</b>
                                    @if ($piece->state === PieceState::Done)
                                        <span class="faint small">finished</span>
                                    @endif
                                </td>
                                <td><a href="{{ route('pieces.card', $piece) }}">Route card</a></td>
                                <td>
                                    <a href="{{ route('pieces.mark-out', $piece) }}">Mark-out</a> ·
                                    <a href="{{ route('pieces.stick', $piece) }}">Story stick</a>
                                </td>
                                <td><a href="{{ route('pieces.owner-card', $piece) }}">Owner’s card</a></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <section aria-labelledby="of-shop">
            <h2 id="of-shop">Of the shop</h2>
            <ul class="mt-1">
                <li class="border-b border-rule py-2">
                    <a href="{{ route('weeks.sheet') }}">The week, on one sheet</a>
                </li>
                <li class="border-b border-rule py-2">
                    <a href="{{ route('week.csv') }}">The week, as a table (CSV)</a>
                </li>
                <li class="border-b border-rule py-2"><a href="{{ route('rack.labels') }}">Labels for the rack</a></li>
                <li class="border-b border-rule py-2">
                    <a href="{{ route('gallery.pdf') }}">Finished pieces (PDF)</a> ·
                    <a href="{{ route('gallery.csv') }}">CSV</a>
                </li>
                <li class="border-b border-rule py-2"><a href="{{ route('calendar.file') }}">Calendar file</a></li>
            </ul>
        </section>
    </div>
</x-shop>
