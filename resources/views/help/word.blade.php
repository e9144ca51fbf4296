@php($name = $show->said($term->name()))
<x-help :title="$name" tab="words">
    <article id="term" class="term-page">
        <h1>{{ $name }}</h1>
        {!! $glossary->drawing($term) !!}
        <p class="text-[1.15rem]">{{ $show->said($term->meaning()) }}</p>
        @if ($term->see !== [])
            <p class="small mt-3">
                See also
                @foreach ($glossary->beside($term) as $other)
                    <a data-term href="{{ route('words.show', $other->id) }}">{{ $show->said($other->name()) }}</a>
                    @unless ($loop->last)
                        <span aria-hidden="true">·</span>
                    @endunless
                @endforeach
            </p>
        @endif
        <p class="small mt-3"><a href="{{ route('words') }}">All words</a></p>
    </article>
</x-help>
