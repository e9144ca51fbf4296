{{-- What was bought, typed in one line. --}}
<form method="post" action="{{ route('shelf.receipt') }}" class="mt-2 flex flex-wrap items-end gap-x-3" data-live>
    @csrf
    <x-field
        name="receipt"
        label="Bought: a price is of all of it, after “at” of one disc or litre"
        class="min-w-[14rem] grow"
        ><input
            class="w-full"
            name="receipt"
            maxlength="2000"
            required
            autocomplete="off"
            value="{{ old('receipt') }}"
            placeholder="25 P240 12.50; 100 gloves at 0.09"
    /></x-field>
    <button class="press mb-[0.8rem]">Take it in</button>
</form>
