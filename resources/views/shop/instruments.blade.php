@use('App\Planning\Instruments')
<x-shop tab="instruments" title="Instruments" class="max-w-4xl">
    <h1 class="mt-1">Instruments <span class="faint">(simulated)</span></h1>
    <p class="faint mt-1">
        <x-termed
            >Simulated instruments, to try out a scale, a meter and a tachometer. Make one go wrong, and see what
            happens. The <a href="{{ route('climate') }}">climate station</a> has a page of its own.</x-termed
        >
    </p>
    @foreach (lines('planning.instruments') as $kind => $name)
        <section class="mt-5 border-t border-ink pt-3" aria-labelledby="{{ $kind }}">
            <h2 id="{{ $kind }}">{{ $name }}</h2>
            <div class="mt-2 flex flex-wrap items-end gap-x-8">
                <form
                    method="post"
                    action="{{ route('instruments.read', $kind) }}"
                    class="flex items-end gap-x-3"
                    data-live
                >
                    @csrf
                    @if ($kind === 'tachometer')
                        <x-field name="rpm" label="Lathe set to, rpm">
                            <input class="w-28" name="rpm" inputmode="numeric" value="{{ old('rpm', 600) }}" />
                        </x-field>
                    @else
                        <x-field name="number" label="Number of the blank on it">
                            <input class="w-28" name="number" inputmode="numeric" value="{{ old('number') }}" />
                        </x-field>
                    @endif
                    <button class="press mb-[0.8rem]">Read it</button>
                </form>
                @can('run-shop')
                    <form
                        method="post"
                        action="{{ route('instruments.update', $kind) }}"
                        class="flex items-end gap-x-3"
                        data-live
                    >
                        @csrf
                        @method('put')
                        <x-field name="fault" label="Set to">
                            <x-choose name="fault" :options="$faults" :chosen="$set[$kind]" />
                        </x-field>
                        <button class="press mb-[0.8rem]">Set</button>
                    </form>
                @endcan
            </div>
        </section>
    @endforeach
</x-shop>
