<x-help title="Words" tab="words">
    <div class="flex flex-wrap items-end gap-x-8 gap-y-2">
        <h1>What the words mean</h1>
        <form method="get" action="{{ route('words') }}" role="search" class="ml-auto flex items-end gap-3">
            <label>
                <span class="faint small block">Find a word</span>
                <input name="q" type="search" value="{{ $search }}" maxlength="60" />
            </label>
            <button class="press">Find</button>
        </form>
    </div>
    @if ($groups === [])
        <p class="mt-6">No word here for “{{ $search }}”. <a href="{{ route('words') }}">See all words</a></p>
    @endif
    @foreach ($groups as $label => $terms)
        <section class="mt-6" aria-label="{{ $label }}">
            <h2 class="border-b border-ink pb-1">{{ $label }}</h2>
            <dl class="terms">
                @foreach ($terms as $term)
                    <div id="{{ $term->id }}">
                        {!! $glossary->drawing($term) !!}
                        <dt>
                            <a href="{{ route('words.show', $term->id) }}">{{ $show->said($term->name()) }}</a>
                        </dt>
                        <dd class="small">{{ $show->said($term->meaning()) }}</dd>
                    </div>
                @endforeach
            </dl>
        </section>
    @endforeach
</x-help>
