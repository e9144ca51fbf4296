@use('HonestGrain\Words\Unit')
<x-layout :title="say('pages.mend-what.something-wrong-with', ['piece' => $step->piece->name])" section="bench">
    <div class="page hands">
        <h1>What is wrong with {{ $step->piece->name }}?</h1>
        <p class="faint">
            <x-termed
                >At “{{ $show->said($step->title) }}”. Nothing is ticked off. The piece waits until you choose what to
                do.</x-termed
            >
        </p>
        <form
            method="post"
            action="{{ route('steps.wrong', $step) }}"
            class="mt-4"
            data-live
            data-press="fault"
            data-says="{{ $show->pieceStep($step) }}"
            data-piece="{{ $step->piece_id }}"
        >
            @csrf
            <x-read :step="$step" /><x-once />
            <fieldset>
                <legend class="small faint">What happened</legend>
                <div class="mt-1 grid grid-cols-2 gap-x-6 sm:grid-cols-3 lg:grid-cols-5">
                    @foreach ($page->faults as $kind => $fault)
                        <label class="fault-choice">
                            <input
                                type="radio"
                                name="fault_kind"
                                value="{{ $kind }}"
                                required
                                @checked(old('fault_kind', request('kind')) === $kind)
                            />
                            {!! $show->drawn($fault['picture']) !!}
                            <span>{{ $fault['label'] }}</span>
                        </label>
                    @endforeach
                </div>
                <x-refused name="fault_kind" class="block" />
            </fieldset>
            <div class="mt-4 grid gap-x-8 sm:grid-cols-4">
                <x-field name="fault_on" label="Where"
                    ><x-choose name="fault_on" :options="$page->places" :chosen="$page->what"
                /></x-field>
                <x-number
                    name="fault_from"
                    :label="say('pages.mend-what.from-empty-not-measured', ['unit' => $show->unit(Unit::Length)])"
                    class="w-full"
                />
                <x-number
                    name="fault_to"
                    :label="say('pages.mend-what.to', ['unit' => $show->unit(Unit::Length)])"
                    class="w-full"
                />
                <x-field name="body" label="In your words (if you like)"
                    ><input class="w-full" name="body" maxlength="1000" value="{{ old('body') }}"
                /></x-field>
            </div>
            <div class="hands-row mt-2">
                <button class="press press-main">What can I do?</button>
                <a class="press" href="{{ route('bench') }}">Nothing is wrong</a>
            </div>
        </form>
    </div>
</x-layout>
