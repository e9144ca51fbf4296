{{-- What can be pressed by a key at the bench, and what the screen does by itself. --}}
<div class="hands-row hands mx-auto max-w-[1440px] px-4 pb-8 sm:px-[40px]">
    <button type="button" class="press" data-aloud data-key="r" hidden>Read aloud</button>
    <button type="button" class="press" data-awake data-key="l" hidden>Keep the screen on</button>
    <button type="button" class="press" data-notices hidden>Notices from behind other windows</button>
    <button type="button" class="press" data-keys>Keys</button>
    <p class="faint small" data-no-pages hidden></p>
</div>
<dialog id="keys" aria-labelledby="keys-title">
    <form method="dialog">
        <h2 id="keys-title">Keys at the bench</h2>
        <dl class="keys">
            @foreach (lines('pages.keys') as $key => $does)
                <dt><kbd>{{ $key === 'help' ? '?' : mb_strtoupper((string) $key) }}</kbd></dt>
                <dd>{{ $does }}</dd>
            @endforeach
        </dl>
        <p class="mt-4"><button class="press press-main">Close</button></p>
    </form>
</dialog>
