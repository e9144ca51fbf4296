<x-shop tab="workers" title="What was done" class="max-w-5xl">
    <h1>What was done</h1>
    <p class="faint mt-1">
        Sign-ins and who may sign in; kept for two years. <a href="{{ route('workers') }}">People</a>
    </p>
    @if ($page->entries->isEmpty())
        <p class="mt-4">Nothing yet.</p>
    @else
        <table class="mt-4">
            <thead>
                <tr>
                    <th scope="col">When</th>
                    <th scope="col">Who</th>
                    <th scope="col">What</th>
                    <th scope="col">From</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($page->entries as $entry)
                    <tr>
                        <td class="whitespace-nowrap">{{ $page->when($entry) }}</td>
                        <td>{{ $entry->who }}</td>
                        <td>{{ $page->what($entry) }}</td>
                        <td class="faint small">{{ $page->address($entry) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-pager :pages="$page->entries" :earlier="say('view.pager.later')" :more="say('view.pager.earlier')" />
    @endif
</x-shop>
