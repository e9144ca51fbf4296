<x-layout title="Rack labels" section="rack">
    <div class="page">
        <div class="no-print">
            <p><a href="{{ route('rack') }}">Rack</a></p>
            <h1 class="mt-2">Labels</h1>
            <form method="get" class="mt-3 flex flex-wrap items-end gap-x-4">
                <x-field name="numbers" label="Numbers (empty: the first forty)">
                    <input class="w-72" name="numbers" value="{{ $numbers }}" placeholder="3, 7, 12" />
                </x-field>
                <x-field name="paper" label="Paper">
                    <x-choose
                        name="paper"
                        :options="['A4' => 'A4', 'letter' => say('pages.rack-labels.letter')]"
                        :chosen="$paper"
                    />
                </x-field>
                <button class="press mb-[0.8rem]">Show</button>
                <span class="faint mb-[0.8rem] pb-2">Then print this page: eight labels to a sheet.</span>
            </form>
        </div>
        <div class="labels labels-{{ $paper }} max-w-full overflow-x-auto print:overflow-visible">
            @forelse ($blanks as $blank)
                <article class="label">
                    <div class="flex items-start justify-between gap-3">
                        <div>
                            <div class="font-slab text-[2.2rem] leading-none font-semibold">{{ $blank->number }}</div>
                            <p class="mt-1 font-semibold">{{ $show->wood($blank->wood) }}</p>
                        </div>
                        <span class="text-ink">{!! $show->drawn($shelf->drawing($blank)) !!}</span>
                    </div>
                    <p class="small">{{ $shelf->what($blank) }}</p>
                    <p class="small">{{ $shelf->dates($blank) }}</p>
                    <table class="mt-1">
                        <thead>
                            <tr>
                                <th>Date</th>
                                <th>{{ $show->unit(HonestGrain\Words\Unit::Mass) }}</th>
                                <th>Date</th>
                                <th>{{ $show->unit(HonestGrain\Words\Unit::Mass) }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @for ($i = 0; $i < 4; $i++)
                                <tr>
                                    <td>&nbsp;</td>
                                    <td></td>
                                    <td></td>
                                    <td></td>
                                </tr>
                            @endfor
                        </tbody>
                    </table>
                </article>
            @empty
                <p class="faint mt-6"><x-termed>No blank on the rack has such a number.</x-termed></p>
            @endforelse
        </div>
    </div>
</x-layout>
