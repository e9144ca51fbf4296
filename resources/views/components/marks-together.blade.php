@props(['page'])
@use('App\Http\Requests\MoveMarks')
@use('HonestGrain\Words\Unit')
<details class="small mt-2" @if ($errors->hasAny(['by', 'marks', 'together'])) open @endif>
    <summary class="text-act underline underline-offset-4">With the ticked ones</summary>
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
            <x-choose name="together" :options="MoveMarks::WAYS" />
        </x-field>
        <x-field name="by" :label="'By, '.$show->unit(Unit::Length)">
            <input class="w-24" name="by" inputmode="decimal" value="{{ old('by') }}" />
        </x-field>
        <button class="press mb-[0.8rem]">Do it</button>
        <x-refused name="marks" class="warn mb-[0.8rem] block" />
    </form>
</details>
