@props(['page'])
@use('HonestGrain\Words\Unit')
<x-disclosure label="With the ticked ones" :open="$errors->hasAny(['by', 'marks', 'together'])" class="small mt-2">
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
            <x-choose name="together" :options="lines('http.move-marks.ways')" />
        </x-field>
        <x-number
            name="by"
            :label="say('pages.marks-together.by', ['unit' => $show->unit(Unit::Length)])"
            class="w-24"
        />
        <button class="press mb-[0.8rem]">Do it</button>
        <x-refused name="marks" class="warn mb-[0.8rem] block" />
    </form>
</x-disclosure>
