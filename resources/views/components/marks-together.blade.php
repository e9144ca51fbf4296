@props(['page', 'others', 'classes'])
@use('HonestGrain\Words\Unit')
@php($ways = array_diff_key(lines('http.move-marks.ways'), $classes === [] ? ['class' => 0] : []))
<x-disclosure
    label="With the ticked ones"
    :open="$errors->hasAny(['by', 'marks', 'together', 'marks_to', 'mark_class'])"
    class="small mt-2"
>
    <form
        id="together"
        method="post"
        action="{{ route('pieces.marks.together', $page->piece) }}"
        class="mt-2 flex flex-wrap items-end gap-x-4"
        data-live
    >
        @csrf
        <x-at :page="$page" />
        <x-field name="together" label="Do this">
            <x-choose name="together" :options="$ways" />
        </x-field>
        <x-number
            name="by"
            :label="say('pages.marks-together.by', ['unit' => $show->unit(Unit::Length)])"
            class="w-24"
        />
        <x-field name="marks_to" label="Copy to">
            <x-choose name="marks_to" :options="['' => '–'] + $others" />
        </x-field>
        @if ($classes !== [])
            <x-field name="mark_class" label="Dye or stain">
                <x-choose name="mark_class" :options="['' => '–'] + $show->products($classes)" />
            </x-field>
        @endif
        <button class="press mb-[0.8rem]">Do it</button>
        <x-refused name="marks" class="warn mb-[0.8rem] block" />
    </form>
</x-disclosure>
