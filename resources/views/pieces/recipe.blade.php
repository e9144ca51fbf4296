{{-- What one recipe would come to on a piece: a row of the comparison. --}}
<table>
    <tbody>
        <tr id="recipe-{{ $key }}">
            <th scope="row" class="text-left font-semibold">{{ $isSame ? say('pages.recipes.as-now') : $name }}</th>
            <td @class(['n', 'warn' => $words->isLate()])>
                {{ $words->day() }}
                @if ($words->leavesOut() !== '')
                    <span class="faint small block">by itself</span>
                @endif
            </td>
            <td class="n">{{ $words->hands() }}</td>
            <td class="n">{{ $words->cost() === '' ? '–' : $words->cost() }}</td>
            <td>{{ $words->sheen() }}</td>
            <td>{{ $words->food() }}</td>
            <td>{{ $words->water() }}</td>
            <td>
                @foreach (array_slice($words->remarks(), 0, 2) as $remark)
                    <p class="warn small">{{ $remark }}</p>
                @endforeach
            </td>
            <td class="n">
                @if (! $isSame)
                    <form method="post" action="{{ route('recipes.use') }}" data-live>
                        @csrf
                        <input type="hidden" name="recipe" value="{{ $key }}" />
                        <input type="hidden" name="pieces[]" value="{{ $piece->id }}" />
                        <button class="press" aria-label="Put it on: {{ $name }}">Put it on</button>
                    </form>
                @endif
            </td>
        </tr>
    </tbody>
</table>
