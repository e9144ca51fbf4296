{{-- The grits of one mount, with what each of its faces takes. --}}
@props(['ladder'])
<div class="mb-3">
    <p>{{ $ladder->told() }}</p>
    @if ($ladder->isShared())
        <table class="small mt-1 w-auto">
            <thead>
                <tr>
                    <th>Grit</th>
                    @foreach ($ladder->faces() as $face)
                        <th class="n">
                            <a href="#zone-{{ $face->value }}">{{ mb_ucfirst($show->said($face->said())) }}</a>, min
                        </th>
                    @endforeach
                    <th class="n">Discs</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($ladder->rows() as [$grit, $minutes, $discs])
                    <tr>
                        <td>
                            <b>{{ $grit }}</b>
                        </td>
                        @foreach ($minutes as $one)
                            <td class="n">{{ $one }}</td>
                        @endforeach
                        <td class="n">{{ $discs }}</td>
                    </tr>
                @endforeach
                @if ($ladder->alongGrain() !== [])
                    <tr>
                        <td>along the grain</td>
                        @foreach ($ladder->alongGrain() as $one)
                            <td class="n">{{ $one }}</td>
                        @endforeach
                        <td></td>
                    </tr>
                @endif
            </tbody>
        </table>
    @endif
</div>
