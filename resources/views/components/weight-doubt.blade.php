{{-- Asks about a weight that can hardly be that blank's; over so many columns where it stands in a table. --}}
@props(['weighing', 'doubts', 'columns' => null])
@php($doubt = $doubts->of($weighing))
@if ($doubt)
    @if ($columns)
        <tr>
            <td colspan="{{ $columns }}">
    @endif
    <div class="note note-warn" role="group" aria-label="A question about this weight">
        <p>{{ $doubts->asks($weighing, $doubt) }}</p>
        <div class="mt-1 flex flex-wrap gap-x-4 gap-y-2">
            @if ($doubt->meantG !== null)
                <form method="post" action="{{ route('rack.weighings.update', $weighing) }}" data-live>
                    @csrf
                    @method('put')
                    <input
                        type="hidden"
                        name="mass"
                        value="{{ $show->field(HonestGrain\Words\Unit::Mass, $doubt->meantG) }}"
                    />
                    <input type="hidden" name="meter" value="{{ $weighing->meter_percent }}" />
                    <button class="press">Yes: {{ $show->weighed($doubt->meantG) }}</button>
                </form>
            @endif
            <form method="post" action="{{ route('rack.weighings.sure', $weighing) }}" data-live>
                @csrf
                @method('put')
                <button class="press">It is {{ $show->weighed($weighing->mass_g) }}</button>
            </form>
        </div>
    </div>
    @if ($columns)
        </td>
        </tr>
    @endif
@endif
