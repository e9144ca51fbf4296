@props(['page', 'panel', 'mark', 'chosen'])
@php($piece = $page->piece)
<tr @class(['bg-tint' => $chosen?->mark->id() === $mark->id()])>
    <td>
        <input
            type="checkbox"
            form="together"
            name="marks[]"
            value="{{ $mark->id() }}"
            aria-label="Tick {{ $show->said($mark->label()) }}"
        />
    </td>
    <td class="min-w-[9rem]">
        <x-colour-chip :colour="$mark->colour" />
        <a
            href="{{ $page->markTab($mark->id()) }}"
            @if ($chosen?->mark->id() === $mark->id()) aria-current="true" @endif
            ><b>{{ $show->said($mark->label()) }}</b></a
        >
        <span class="faint small">{{ $panel->count($mark) }}</span>
        @if ($panel->isRefused($mark))
            <span class="warn small">will not do</span>
        @endif
        @if ($mark->name || $mark->stain)
            <span class="faint small block"> {{ $panel->kind($mark, $show) }} </span>
        @endif
    </td>
    <td>{{ $show->said($mark->band->on->said()) }}</td>
    @foreach ($panel->edges($mark) as [$word, $at])
        <td class="n">
            {{ $show->length($at, 1) }}
            @if ($chosen?->mark->id() === $mark->id() && ($stands = $panel->standsAt($mark, $at)))
                <span class="faint small block"
                    >⌀ {{ $show->length($stands[0], 1) }}, {{ $show->length($stands[1], 1) }} up</span
                >
            @endif
        </td>
    @endforeach
    <td class="n">{{ $show->minutes($panel->minutes($mark)) }}</td>
    <td class="n faint">{{ $panel->held($mark) }}</td>
</tr>
