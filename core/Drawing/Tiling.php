<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** How a drawing at true size is cut into sheets, each lapping over the next so that they can be glued. */
final readonly class Tiling
{
    public const LAP_MM = 10.0;

    public const CHECK_MM = 50.0;

    private const MARGIN_MM = 10.0;

    /** Under the window stand the page's name and its check line. */
    private const FOOT_MM = 12.0;

    private const CROSS_MM = 4.0;

    private const THIN_MM = 0.2;

    private const TICK_MM = 3.0;

    private const CHECK_BELOW_MM = 8.0;

    private const SHEETS_MM = ['a4' => [210.0, 297.0], 'letter' => [215.9, 279.4]];

    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $sheetWideMm,
        public float $sheetHighMm,
        public int $columns,
        public int $rows,
    ) {
    }

    /** The fewest sheets, upright or lengthwise. */
    public static function ofSvg(string $svg, string $paper): self
    {
        preg_match('/width="([\d.]+)mm" height="([\d.]+)mm"/', $svg, $size);
        [$wide, $high] = [(float) ($size[1] ?? 1), (float) ($size[2] ?? 1)];
        [$a, $b] = self::SHEETS_MM[$paper];
        $upright = self::on($wide, $high, $a, $b);
        $lengthwise = self::on($wide, $high, $b, $a);

        return $lengthwise->columns * $lengthwise->rows < $upright->columns * $upright->rows ? $lengthwise : $upright;
    }

    public function orientation(): string
    {
        return $this->sheetWideMm > $this->sheetHighMm ? 'L' : 'P';
    }

    /** @return array{float, float, float, float} where on a sheet the drawing shows: left, top, width, height, mm */
    public function window(): array
    {
        return [
            self::MARGIN_MM, self::MARGIN_MM, self::open($this->sheetWideMm),
            self::open($this->sheetHighMm) - self::FOOT_MM,
        ];
    }

    /** @return list<array{int, int, float, float}> column, row, and the place of the drawing at its upper left, mm */
    public function tiles(): array
    {
        [, , $wide, $high] = $this->window();
        $tiles = [];
        for ($row = 0; $row < $this->rows; $row++) {
            for ($column = 0; $column < $this->columns; $column++) {
                $tiles[] = [$column, $row, $column * ($wide - self::LAP_MM), $row * ($high - self::LAP_MM)];
            }
        }

        return $tiles;
    }

    /**
     * The drawing with only those of its strokes that show on a sheet: what a pierced band holds is worked out once for
     * each hole and not once for each sheet.
     */
    public function onSheet(string $svg, float $x, float $y): string
    {
        [, , $wide, $high] = $this->window();
        preg_match('/viewBox="(\S+) (\S+) /', $svg, $frame);
        [$left, $top] = [(float) ($frame[1] ?? 0) + $x, (float) ($frame[2] ?? 0) + $y];

        return (string) preg_replace_callback(
            '/<path class="stroke" d="([^"A]*)"[^>]*\/>/',
            function (array $path) use ($left, $top, $wide, $high): string {
                preg_match_all('/([-\d.]+) ([-\d.]+)/', $path[1], $at);
                [$xs, $ys] = [array_map(floatval(...), $at[1]), array_map(floatval(...), $at[2])];
                $shows = $xs === [] || $ys === [] || (max($xs) >= $left - 1 && min($xs) <= $left + $wide + 1
                    && max($ys) >= $top - 1 && min($ys) <= $top + $high + 1);

                return $shows ? $path[0] : '';
            }, $svg,
        );
    }

    /**
     * Thin bars that make a cross at each corner of the window.
     *
     * @return list<array{float, float, float, float}> left, top, width, height, mm
     */
    public function crosses(): array
    {
        [$left, $top, $wide, $high] = $this->window();
        $bars = [];
        foreach ([$left, $left + $wide] as $x) {
            foreach ([$top, $top + $high] as $y) {
                $bars[] = [$x - self::CROSS_MM / 2, $y - self::THIN_MM / 2, self::CROSS_MM, self::THIN_MM];
                $bars[] = [$x - self::THIN_MM / 2, $y - self::CROSS_MM / 2, self::THIN_MM, self::CROSS_MM];
            }
        }

        return $bars;
    }

    /**
     * Lines where the next sheet laps over one.
     *
     * @return list<array{float, float, float, float}> left, top, width, height, mm
     */
    public function laps(int $column, int $row): array
    {
        [$left, $top, $wide, $high] = $this->window();

        return [
            ...$column < $this->columns - 1 ? [[$left + $wide - self::LAP_MM, $top, self::THIN_MM, $high]] : [],
            ...$row < $this->rows - 1 ? [[$left, $top + $high - self::LAP_MM, $wide, self::THIN_MM]] : [],
        ];
    }

    /**
     * The line to lay a rule on: its length is CHECK_MM between the middles of its ends.
     *
     * @return list<array{float, float, float, float}> left, top, width, height, mm
     */
    public function check(): array
    {
        [$left, $top, $wide, $high] = $this->window();
        [$x, $y, $thin] = [$left + $wide - self::CHECK_MM, $top + $high + self::CHECK_BELOW_MM, self::THIN_MM];

        return [
            [$x, $y - $thin / 2, self::CHECK_MM, $thin],
            [$x - $thin / 2, $y - self::TICK_MM / 2, $thin, self::TICK_MM],
            [$x + self::CHECK_MM - $thin / 2, $y - self::TICK_MM / 2, $thin, self::TICK_MM],
        ];
    }

    private static function on(float $wide, float $high, float $sheetWide, float $sheetHigh): self
    {
        $count = fn (float $long, float $window): int => $long <= $window
            ? 1 : (int) ceil(($long - self::LAP_MM) / ($window - self::LAP_MM));

        return new self(
            widthMm: $wide, heightMm: $high, sheetWideMm: $sheetWide, sheetHighMm: $sheetHigh, columns: $count(
                $wide, self::open($sheetWide),
            ),
            rows: $count($high, self::open($sheetHigh) - self::FOOT_MM),
        );
    }

    private static function open(float $sheetMm): float
    {
        return $sheetMm - 2 * self::MARGIN_MM;
    }
}
