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

    private const SHEETS_MM = ['a4' => [210.0, 297.0], 'letter' => [215.9, 279.4]];

    private function __construct(
        public float $widthMm,
        public float $heightMm,
        private float $sheetWideMm,
        private float $sheetHighMm,
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

    private static function on(float $wide, float $high, float $sheetWide, float $sheetHigh): self
    {
        $count = fn (float $long, float $window): int => $long <= $window
            ? 1 : (int) ceil(($long - self::LAP_MM) / ($window - self::LAP_MM));

        return new self(
            $wide, $high, $sheetWide, $sheetHigh, $count($wide, self::open($sheetWide)),
            $count($high, self::open($sheetHigh) - self::FOOT_MM),
        );
    }

    private static function open(float $sheetMm): float
    {
        return $sheetMm - 2 * self::MARGIN_MM;
    }
}
