<x-layout title="Put a blank on the rack" section="rack">
    <form method="post" action="{{ route('rack.store') }}" class="page max-w-4xl">
        @csrf
        <p><a href="{{ route('rack') }}">Rack</a></p>
        <h1 class="mt-2">Put a blank on the rack</h1>
        <p class="faint mt-1"><x-termed>Write the number on the wood. Leave empty what you do not know.</x-termed></p>
        <div class="mt-4">
            <x-field name="number" label="Number">
                <input class="w-32" name="number" inputmode="numeric" value="{{ old('number', $number) }}" />
            </x-field>
            <x-blank-fields :woods="$woods" :airs="$airs" />
        </div>
        <button class="press press-main mt-2">Put it on</button>
    </form>
</x-layout>
