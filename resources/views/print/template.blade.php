@use('HonestGrain\Drawing\Tiling')
@php([$left, $top, $wide, $high] = $tiling->window())
<!DOCTYPE html>
<html lang="{{ config('app.locale') }}">
<head>
    <meta charset="utf-8" />
    <title>{{ $title }}</title>
    <style>
        @page {
            margin: 0;
        }
        body {
            margin: 0;
            font:
                8pt "DejaVu Sans",
                sans-serif;
        }
        div,
        img {
            position: absolute;
        }
        .sheet {
            position: relative;
            width: {{ $tiling->sheetWideMm }}mm;
            height: {{ $tiling->sheetHighMm - 0.2 }}mm;
        }
        .next {
            page-break-before: always;
        }
        .window {
            overflow: hidden;
        }
        .cross,
        .check {
            background: #000;
        }
        .right {
            text-align: right;
        }
        .lap {
            background: #b4b4b4;
        }
    </style>
</head>
<body>
    @foreach ($tiling->tiles() as $n => [$column, $row, $x, $y])
        <div @class(['sheet', 'next' => $n > 0])>
            <div class="window" style="{{ $box($left, $top, $wide, $high) }}">
                <img
                    src="{{ $drawing($x, $y) }}"
                    alt=""
                    style="{{ $box(-$x, -$y, $tiling->widthMm, $tiling->heightMm) }}"
                />
            </div>
            @foreach ($tiling->crosses() as [$cx, $cy, $cw, $ch])
                <div class="cross" style="{{ $box($cx, $cy, $cw, $ch) }}"></div>
            @endforeach
            @foreach ($tiling->laps($column, $row) as [$cx, $cy, $cw, $ch])
                <div class="lap" style="{{ $box($cx, $cy, $cw, $ch) }}"></div>
            @endforeach
            <div style="{{ $box($left, $top + $high + 3, $wide - Tiling::CHECK_MM - 36, 9) }}">
                {{ $title }}. {{ $where($n, $column, $row) }} Print at 100 %.
            </div>
            @foreach ($tiling->check() as [$cx, $cy, $cw, $ch])
                <div class="check" style="{{ $box($cx, $cy, $cw, $ch) }}"></div>
            @endforeach
            <div class="right" style="{{ $box($left + $wide - Tiling::CHECK_MM - 36, $top + $high + 6.5, 35, 5) }}">
                This line is 50 mm long
            </div>
        </div>
    @endforeach
</body>
</html>
