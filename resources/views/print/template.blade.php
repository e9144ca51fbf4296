@use('HonestGrain\Drawing\Tiling')
@php([$left, $top, $wide, $high] = $tiling->window())
<!DOCTYPE html>
<html lang="en">
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
        .lap {
            background: #b4b4b4;
        }
    </style>
</head>
<body>
    @foreach ($tiling->tiles() as $n => [$column, $row, $x, $y])
        <div @class(['sheet', 'next' => $n > 0])>
            <div
                class="window"
                style="left: {{ $left }}mm; top: {{ $top }}mm; width: {{ $wide }}mm; height: {{ $high }}mm"
            >
                <img
                    src="{{ $drawing($x, $y) }}"
                    alt=""
                    style="left: {{ -$x }}mm; top: {{ -$y }}mm; width: {{ $tiling->widthMm }}mm; height: {{ $tiling->heightMm }}mm"
                />
            </div>
            @foreach ($tiling->crosses() as [$cx, $cy, $cw, $ch])
                <div
                    class="cross"
                    style="left: {{ $cx }}mm; top: {{ $cy }}mm; width: {{ $cw }}mm; height: {{ $ch }}mm"
                ></div>
            @endforeach
            @foreach ($tiling->laps($column, $row) as [$cx, $cy, $cw, $ch])
                <div
                    class="lap"
                    style="left: {{ $cx }}mm; top: {{ $cy }}mm; width: {{ $cw }}mm; height: {{ $ch }}mm"
                ></div>
            @endforeach
            <div
                style="left: {{ $left }}mm; top: {{ $top + $high + 3 }}mm; width: {{ $wide - Tiling::CHECK_MM - 36 }}mm"
            >
                {{ $title }}. Page {{ $n + 1 }} of {{ count($tiling->tiles()) }}: column {{ $column + 1 }}, row {{ $row + 1 }}.
                Print at 100 %.
            </div>
            @foreach ($tiling->check() as [$cx, $cy, $cw, $ch])
                <div
                    class="check"
                    style="left: {{ $cx }}mm; top: {{ $cy }}mm; width: {{ $cw }}mm; height: {{ $ch }}mm"
                ></div>
            @endforeach
            <div
                style="left: {{ $left + $wide - Tiling::CHECK_MM - 36 }}mm; top: {{ $top + $high + 6.5 }}mm; width: 35mm; text-align: right"
            >
                This line is 50 mm long
            </div>
        </div>
    @endforeach
</body>
</html>
