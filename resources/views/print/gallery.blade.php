<!DOCTYPE html>
<html lang="{{ config('app.locale') }}">
<head>
    <meta charset="utf-8" />
    <title>{{ $workshop->name }}</title>
    <style>
        body {
            font:
                10pt "DejaVu Sans",
                sans-serif;
        }
        h1 {
            font-size: 18pt;
        }
        table {
            width: 100%;
            border-collapse: collapse;
        }
        th,
        td {
            text-align: left;
            vertical-align: top;
            padding: 2mm 3mm 2mm 0;
            border-bottom: 0.2mm solid #999;
        }
        tr {
            page-break-inside: avoid;
        }
        .n {
            text-align: right;
            padding-right: 0;
            white-space: nowrap;
        }
        small {
            font-size: 8pt;
        }
    </style>
</head>
<body>
    <h1>{{ $workshop->name }}</h1>
    <table>
        <thead>
            <tr>
                <th>Piece</th>
                <th>Wood</th>
                <th>Size</th>
                <th class="n">Price</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($pieces as [$piece, $card])
                <tr>
                    <td><b>{{ $piece->name }}</b><br /><small>{{ $card->finishes() }}</small></td>
                    <td>{{ $card->woods() }}</td>
                    <td>{{ $card->size() }}</td>
                    <td class="n">{{ $piece->sale?->price === null ? '' : number_format($piece->sale->price, 2) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</body>
</html>
