@props(['rows', 'label'])
@use('HonestGrain\Words\Unit')
<table class="w-auto">
    <caption class="pb-1 text-left font-semibold">
        {{ $label }}
    </caption>
    <thead>
        <tr>
            <th>Height, {{ $show->unit(Unit::Length) }}</th>
            <th>Radius, {{ $show->unit(Unit::Length) }}</th>
            <th>Corner</th>
            <th><span class="sr-only">Add or remove</span></th>
        </tr>
    </thead>
    <tbody>
        <template x-for="row in {{ $rows }}" :key="row.key">
            <tr>
                @foreach (lines('pages.nodes.axes') as $axis => $word)
                    <td>
                        <x-decimal
                            class="w-24"
                            ::value="row.{{ $axis }}"
                            ::data-curve="row.curve"
                            ::data-i="row.i"
                            data-axis="{{ $axis }}"
                            ::aria-label="row.label + ', {{ $word }}'"
                            x-on:change="type"
                            x-on:blur="type"
                            x-on:paste="paste"
                        />
                    </td>
                @endforeach
                <td>
                    <input
                        type="checkbox"
                        :checked="row.corner"
                        :data-curve="row.curve"
                        :data-i="row.i"
                        :aria-label="row.label + ', {{ say('pages.nodes.corner') }}'"
                        x-on:change="toggle"
                    />
                </td>
                <td>
                    <button
                        type="button"
                        class="quiet"
                        :data-curve="row.curve"
                        :data-i="row.i"
                        :aria-label="'{{ say('pages.nodes.add-after') }} ' + row.label"
                        x-on:click="addAfter"
                    >
                        Add after
                    </button>
                    <button
                        type="button"
                        class="quiet"
                        :data-curve="row.curve"
                        :data-i="row.i"
                        :aria-label="'{{ say('pages.nodes.take-out') }} ' + row.label"
                        x-on:click="takeOut"
                    >
                        Remove
                    </button>
                </td>
            </tr>
        </template>
    </tbody>
</table>
