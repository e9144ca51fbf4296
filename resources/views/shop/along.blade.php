<x-shop tab="shop" title="Take everything along" class="max-w-5xl">
    <h1>Take everything along</h1>
    <p class="mt-2 max-w-[60ch]">
        One file with everything: pieces with their history, the log, rack, weights, air, shelf, test boards, recipes,
        photographs and settings. Each part is text that other programs can read.
    </p>
    <p class="mt-4"><a class="press press-main" href="{{ route('along.pack') }}" download>Take everything along</a></p>
    @can('change-people')
        <h2 class="mt-8">Bring a workshop</h2>
        @if ($isEmpty)
            <form
                method="post"
                action="{{ route('along.bring') }}"
                enctype="multipart/form-data"
                class="mt-2 max-w-[40rem]"
            >
                @csrf
                <x-field name="archive" label="Its file" hint="Up to 12 MB; larger ones by bin/admin bring."
                    ><input class="w-full" type="file" name="archive" accept=".zip,application/zip" required
                /></x-field>
                <button class="press">Bring it here</button>
            </form>
        @else
            <p class="mt-1">There is work in this workshop. Register an empty one to bring another there.</p>
        @endif
    @endcan
</x-shop>
