<x-shop tab="learnt" title="Learnt at the bench">
    <h1>Learnt at the bench</h1>
    <p class="faint mt-1">
        <x-termed
            >What your own sanding took, against the model. It counts in this shop only. You can leave it out
            again.</x-termed
        >
    </p>
    @forelse ($page->rows() as $row)
        <section class="mt-5 grid gap-x-12 border-t border-rule pt-4 lg:grid-cols-[1fr_1fr]">
            <div>
                <h2>{{ $row->name($show) }}</h2>
                <p class="mt-1"><b>Minutes:</b> {{ $row->told($row->minutes) }}.</p>
                <p><b>Discs:</b> {{ $row->told($row->discs) }}.</p>
                <form method="post" action="{{ route('learnt') }}" class="mt-2" data-live>
                    @csrf
                    @method('put')
                    <input type="hidden" name="how" value="{{ $row->method->value }}" />
                    <input type="hidden" name="family" value="{{ $row->family->value }}" />
                    <x-counts name="use" :counts="$row->isUsed" label="Counted in every plan." />
                </form>
            </div>
            <table class="small">
                <thead>
                    <tr>
                        <th>Logged</th>
                        <th>What</th>
                        <th class="n">Minutes</th>
                        <th class="n">Discs</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($row->records as [$day, $what, $minutes, $discs])
                        <tr>
                            <td class="whitespace-nowrap">{{ $day }}</td>
                            <td>{{ $what }}</td>
                            <td class="n">{{ $minutes }}</td>
                            <td class="n">{{ $discs }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @empty
        <p class="mt-6">
            Nothing yet. Start the clock on a surface at the <a href="{{ route('bench') }}">Bench</a> before you sand
            it, or type the minutes and the discs when you log it.
        </p>
    @endforelse
    <x-why kind="workshop">{{ $page->why() }}</x-why>
</x-shop>
