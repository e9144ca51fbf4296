<x-layout title="Log" section="bench">
    <div class="page max-w-[960px]">
        <h1>Log</h1>
        <form method="post" action="{{ route('log') }}" class="mt-3 flex flex-wrap items-end gap-3" data-live>
            @csrf
            <x-once />
            <x-field name="body" label="A note about the shop" class="max-w-[34rem] grow"
                ><input class="w-full" name="body" required maxlength="1000" /></x-field
            ><button class="press mb-[0.8rem]">Note it</button>
        </form>
        @forelse ($entries as $entry)
            <x-entry :entry="$entry" :undone="$undone" named />
        @empty
            <p class="faint">
                <x-termed>Nothing yet. What you do, skip, note or take back stands here for good.</x-termed>
            </p>
        @endforelse
        <p class="mt-3 flex gap-6">
            @if ($entries->previousPageUrl())
                <a href="{{ $entries->previousPageUrl() }}">Later</a>
            @endif
            @if ($entries->hasMorePages())
                <a href="{{ $entries->nextPageUrl() }}">Earlier</a>
            @endif
        </p>
    </div>
</x-layout>
