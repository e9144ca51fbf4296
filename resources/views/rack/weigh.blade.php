@use('HonestGrain\Words\Unit')
<x-layout title="Weigh the rack" section="rack">
    <div class="page hands grid gap-x-16 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(min-content,1fr)]">
        <section aria-labelledby="weigh">
            <p><a href="{{ route('rack') }}">Rack</a></p>
            <h1 id="weigh" class="mt-2">Weigh the rack</h1>
            <p class="faint mt-1"><x-termed>Number, weight, Enter; and the next one.</x-termed></p>
            <form
                method="post"
                action="{{ route('rack.weigh') }}"
                class="mt-4 flex flex-wrap items-end gap-x-3"
                data-live
                data-press="weight"
            >
                @csrf
                <x-field name="number" label="Number on the wood">
                    <input
                        class="h-14 w-32 text-[1.6rem]"
                        name="number"
                        inputmode="numeric"
                        autocomplete="off"
                        value="{{ $errors->any() ? old('number') : '' }}"
                        autofocus
                        required
                    />
                </x-field>
                <x-number
                    name="mass"
                    :label="say('pages.rack-weigh.weight', ['unit' => $show->unit(Unit::Mass)])"
                    :keeps="$errors->any()"
                    class="h-14 w-36 text-[1.6rem]"
                    required
                />
                <x-number name="meter" label="Meter, %" :keeps="$errors->any()" class="h-14 w-24 text-[1.6rem]" />
                <button class="press press-main mb-[0.8rem] h-14">Weighed</button>
                <button class="quiet mb-[0.8rem]" formaction="{{ route('rack.scale') }}" formnovalidate>
                    Read the scale (simulated)
                </button>
            </form>
            <h2 class="mt-5">Just weighed</h2>
            <table class="mt-1">
                <tbody>
                    @forelse ($recent as $one)
                        <tr>
                            <td>
                                <a href="{{ route('rack.show', $one->blank) }}"><b>{{ $one->blank->number }}</b></a>
                                {{ $show->wood($one->blank->wood) }}
                            </td>
                            <td class="n">{{ $show->weighed($one->mass_g) }}</td>
                            <td class="n small">{{ $shelf->says($one->blank) }}</td>
                            <td class="n">
                                <form method="post" action="{{ route('rack.weighings.destroy', $one) }}" data-live>
                                    @csrf
                                    @method('delete')
                                    <button
                                        class="quiet"
                                        aria-label="Strike out the weight of {{ $one->blank->number }}"
                                    >
                                        Strike out
                                    </button>
                                </form>
                            </td>
                        </tr>
                        <x-weight-doubt :weighing="$one" :doubts="$doubts" columns="4" />
                    @empty
                        <tr>
                            <td class="faint">Nothing has been weighed yet.</td>
                        </tr>
                    @endforelse
                </tbody>
            </table>
        </section>
        <section aria-labelledby="next">
            <h2 id="next">Waiting longest for the scale</h2>
            <table class="mt-1">
                <tbody>
                    @forelse ($next as $blank)
                        <tr>
                            <th scope="row">
                                <a href="{{ route('rack.show', $blank) }}"><b>{{ $blank->number }}</b></a>
                                {{ $show->wood($blank->wood) }}
                            </th>
                            <td class="faint small">{{ $blank->place }}</td>
                            <td class="n small">{{ $shelf->last($blank) }}</td>
                            <td class="n">{{ $show->mass($blank->last_mass_g) }}</td>
                        </tr>
                    @empty
                        <tr>
                            <td class="faint">
                                The rack is empty. <a href="{{ route('rack.create') }}">Put a blank on</a>
                            </td>
                        </tr>
                    @endforelse
                </tbody>
            </table>
        </section>
    </div>
</x-layout>
