<x-layout title="Find" section="find">
    <div class="page max-w-4xl">
        <h1>Find</h1>
        <form method="get" action="{{ route('find') }}" role="search" class="mt-3 flex gap-3">
            <input
                class="grow"
                type="search"
                name="q"
                value="{{ $sought }}"
                maxlength="120"
                aria-label="What to find"
                autofocus
            />
            <button class="press press-main">Find</button>
        </form>
        <div id="found" class="found">
            @if ($sought === '')
                <p class="faint mt-4">A name, a wood, a form, a blank’s number, a word.</p>
            @elseif ($found === [])
                <p class="mt-4">Nothing here for “{{ $sought }}”. Try fewer words, or part of one.</p>
            @endif
            @foreach ($found as $kind => $lines)
                <section aria-label="{{ $kind }}">
                    <h2>{{ $kind }}</h2>
                    <ul>
                        @foreach ($lines as $line)
                            <li>
                                <a href="{{ $line->address }}">{{ $line->name }}</a>
                                <span class="faint small">{{ $line->beside }}</span>
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endforeach
        </div>
    </div>
</x-layout>
