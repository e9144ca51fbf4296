@props(['page', 'chosen'])
@php($mark = $chosen->mark)
@php($piece = $page->piece)
<section aria-label="The band laid flat" class="mt-6 border-t border-ink pt-4">
    {!! $show->drawn($chosen->strip()) !!}
    @if ($chosen->isPartOfStrip())
        <p class="small faint"><x-termed>A fifth of it, round the end grain. The template has it all.</x-termed></p>
    @endif
    <form
        method="get"
        action="{{ route('pieces.marks.template', [$piece, $mark->id(), 'svg']) }}"
        class="mt-1 flex flex-wrap items-end gap-x-5"
    >
        @if ($chosen->worked->parts === 0)
            <x-field :name="'template.'.$mark->id()" label="Centre lines, 3 to 96">
                <input
                    class="w-20"
                    type="number"
                    name="repeats"
                    min="3"
                    max="96"
                    value="{{ request('repeats', 12) }}"
                    required
                    aria-label="Centre lines, {{ $show->said($mark->label()) }}"
                />
            </x-field>
        @endif
        <p class="small mb-[0.8rem] grow">
            <b>Template at true size, to print, cut out and wrap round it:</b>
            @foreach (lines('pages.mark-strip.as') as $as => $word)
                <button class="quiet" formaction="{{ route('pieces.marks.template', [$piece, $mark->id(), $as]) }}">
                    {{ $word }}
                </button>
            @endforeach
            <span class="faint">Large ones take several pages. A line on each checks the printer.</span>
        </p>
    </form>
</section>
