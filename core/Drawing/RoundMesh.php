<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Colour\Rgb;
use HonestGrain\Colour\Rings;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Relief;

/**
 * A part in the round, as numbers: a grid over its outline (from the foot up the outside, over the rim and down the
 * inside) and the turn, with how deep it is cut there, its colour, and the lines drawn on it.
 *
 * Physics: geometry of the turned profile and of flutes and flats; end grain |n·g|. Workshop: colours and rings.
 */
final readonly class RoundMesh
{
    public const ROWS = 128;

    public const COLUMNS = 256;

    private const EXPOSURES = 16;

    private const STEPS_A_RING = 4;

    /** Rows of a flat end that is decorated; its middle and its edge are enough for a plain one. */
    private const FLAT_ROWS = 24;

    /** Light that leaves linear values so finely divided is told apart on a screen. */
    private const SHADES = 1023;

    /** @var array<string, array{int, int}> first and last row of each surface */
    private array $ends;

    /** @param  list<array{Surface, float, float, float, float, float}>  $rows  surface, mm along it, z, r, dz, dr */
    private function __construct(private Part $part, private array $rows)
    {
        $this->ends = self::ends($rows);
    }

    public static function of(Part $part): self
    {
        return new self($part, self::rows($part));
    }

    /**
     * @return array{rows: int, columns: int, z: list<float>, r: list<float>, depth: string, colours: string,
     *     lines: list<array{string, float, list<array{float, float}>}>, dots: list<array{string, float, float, float}>,
     *     diameter_mm: float, height_mm: float, rim: list<float>|null} rim: how high it is by column, where it is not
     *     level; depth: base64 of little-endian 16-bit hundredths of a mm, by row and
     *     column; colours: base64 of red, green and blue bytes; lines and dots in turns and rows of the grid, widths
     *     and radii in mm
     */
    public function toArray(): array
    {
        [$lines, $dots] = $this->drawn();

        return [
            'rows' => count($this->rows), 'columns' => self::COLUMNS,
            'z' => array_map(fn (array $row): float => round($row[2], 3), $this->rows),
            'r' => array_map(fn (array $row): float => round($row[3], 3), $this->rows),
            'depth' => base64_encode($this->depths()), 'colours' => base64_encode($this->colours()),
            'lines' => $lines, 'dots' => $dots,
            'diameter_mm' => round($this->part->profile->diameterMm(), 2),
            'height_mm' => round($this->part->profile->heightMm(), 2), 'rim' => $this->rim(),
        ];
    }

    /** @return list<float>|null over z = 0, mm; null where it is level */
    private function rim(): ?array
    {
        $edge = $this->part->profile->edge;

        return $edge === null ? null : array_map(fn (int $column): float => round(
            $this->part->profile->topMm() - $edge->belowAt(2 * M_PI * $column / self::COLUMNS), 2,
        ), range(0, self::COLUMNS - 1));
    }

    /** @return list<array{Surface, float, float, float, float, float}> */
    private static function rows(Part $part): array
    {
        $drawn = ['outer' => $part->profile->outer, 'inner' => $part->profile->inner];
        $stretches = [[Surface::Outer, $part->turned->outer]];
        if ($part->turned->inner !== null) {
            $stretches[] = [Surface::Inner, $part->turned->inner];
        }
        $first = $part->turned->outer->first();
        $last = $part->turned->outer->last();
        // An edge stands twice, so that it is drawn sharp: once with each of the faces that meet there.
        $rows = $first->r > 0.01 ? array_reverse(self::flat($part, Surface::Foot, $first)) : [];
        $closing = $part->turned->inner === null && $last->r > 0.01 ? self::flat($part, Surface::Top, $last) : [];
        $open = self::ROWS - count($rows) - count($closing);
        $whole = array_sum(array_map(fn (array $one): float => $one[1]->lengthMm(), $stretches));
        $taken = 0;
        foreach ($stretches as $i => [$on, $curve]) {
            $share = $i === count($stretches) - 1 ? $open - $taken
                : (int) max(2, min($open - 4, round($open * $curve->lengthMm() / $whole)));
            $taken += $share;
            // Bands are told along the line as it was drawn; a cut line is a little longer.
            $longer = $curve->lengthMm() / max(1e-9, ($drawn[$on->value] ?? $curve)->lengthMm());
            foreach (self::along($curve, $share) as [$point, $dz, $dr]) {
                $rows[] = [$on, $point->arcMm / $longer, $point->z, $point->r, $dz, $dr];
            }
        }

        return [...$rows, ...$closing];
    }

    /**
     * A flat end from its edge to the middle.
     *
     * @return non-empty-list<array{Surface, float, float, float, float, float}>
     */
    private static function flat(Part $part, Surface $on, Point $edge): array
    {
        $count = $part->marksOn($on->face()) === [] ? 2 : self::FLAT_ROWS;

        return array_map(function (int $i) use ($on, $edge, $count): array {
            $in = $edge->r * $i / ($count - 1);

            return [$on, $in, $edge->z, $edge->r - $in, 0.0, 1.0];
        }, range(0, $count - 1));
    }

    /** @return list<array{Point, float, float}> places evenly along a curve, and the way it runs there */
    private static function along(Curve $curve, int $count): array
    {
        $points = $curve->points;
        $places = [];
        $k = 1;
        for ($i = 0; $i < $count; $i++) {
            $arc = $curve->lengthMm() * $i / ($count - 1);
            while ($k < count($points) - 1 && $points[$k]->arcMm < $arc) {
                $k++;
            }
            [$a, $b] = [$points[$k - 1], $points[$k]];
            $span = max(1e-9, $b->arcMm - $a->arcMm);
            $t = max(0.0, min(1.0, ($arc - $a->arcMm) / $span));
            $places[] = [
                new Point($a->z + $t * ($b->z - $a->z), $a->r + $t * ($b->r - $a->r), $arc),
                ($b->z - $a->z) / $span, ($b->r - $a->r) / $span,
            ];
        }

        return $places;
    }

    /** How deep the wood is cut, in hundredths of a mm. */
    private function depths(): string
    {
        $relief = CutRelief::of($this->part);
        $packed = '';
        foreach ($this->rows as [$on, $arc]) {
            $deep = $relief->around($on, $arc, self::COLUMNS);
            $packed .= $deep === null ? str_repeat("\0\0", self::COLUMNS) : pack('v*', ...array_map(
                fn (float $mm): int => (int) min(32_000, round(100 * $mm)), $deep,
            ));
        }

        return $packed;
    }

    /** Red, green and blue of every place. */
    private function colours(): string
    {
        $look = Appearance::of($this->part);
        // Rings closer than the grid can show would run into false ones.
        $step = M_PI * $this->part->profile->diameterMm() / self::COLUMNS;
        $rings = Rings::in(
            $this->part->grain, $this->part->profile->diameterMm(),
            max($this->part->colourFigures()->ringMm, self::STEPS_A_RING * $step),
        );
        $shades = [];
        for ($i = 0; $i <= self::SHADES; $i++) {
            $shades[] = Rgb::linear([$i / self::SHADES])->toBytes();
        }
        $cosines = $sines = [];
        for ($column = 0; $column < self::COLUMNS; $column++) {
            $cosines[] = cos(2 * M_PI * $column / self::COLUMNS);
            $sines[] = sin(2 * M_PI * $column / self::COLUMNS);
        }
        $packed = '';
        foreach ($this->rows as [$on, $arc, $z, $r, $dz, $dr]) {
            $tissues = [];
            $lates = $rings->lateAround($z, $r, $cosines, $sines);
            $most = min(1.0, $this->part->grain->exposureAt($dz, $dr, 0.0));
            $isSide = $this->part->grain === GrainDirection::Side;
            foreach ($cosines as $column => $cos) {
                $exposure = $isSide ? $most * abs($cos) : $most;
                $step = (int) ($exposure * self::EXPOSURES + 0.5);
                $tissues[$step] ??= array_map(
                    fn (Rgb $tissue): array => $tissue->reflectance,
                    $look->tissuesAt($on, $arc, $step / self::EXPOSURES),
                );
                [$early, $dense, $figure] = $tissues[$step];
                $late = $lates[$column] * (1 - $exposure);
                $soft = 1 - $exposure - $late;
                $red = $soft * $early[0] + $late * $dense[0] + $exposure * $figure[0];
                $packed .= $shades[(int) (self::SHADES * $red)]
                    .$shades[(int) (self::SHADES * ($soft * $early[1] + $late * $dense[1] + $exposure * $figure[1]))]
                    .$shades[(int) (self::SHADES * ($soft * $early[2] + $late * $dense[2] + $exposure * $figure[2]))];
            }
        }

        return $packed;
    }

    /**
     * @return array{list<array{string, float, list<array{float, float}>}>, list<array{string, float, float, float}>}
     */
    private function drawn(): array
    {
        $lines = $dots = [];
        foreach ($this->part->patterns() as $id => $pattern) {
            $band = $this->part->mark($id)->band;
            if ($band->on === Surface::Rim || $this->part->mark($id)->technique instanceof Relief) {
                continue;
            }
            foreach ($pattern->runs() as [$run, $width, $ink]) {
                $lines[] = [$ink->rgbOr(
                    $this->part->mark($id)->colour,
                ), round($width, 2), array_map(fn (array $at): array => [
                    round($at[0], 4), $this->rowAt($band->on, $band->fromMm + $at[1]),
                ], $run)];
            }
            foreach ($pattern->dots as [$turn, $along, $radius, $ink]) {
                $dots[] = [
                    self::inked($ink, null), round($turn - floor($turn), 4),
                    $this->rowAt($band->on, $band->fromMm + $along),
                    round($radius, 2),
                ];
            }
        }

        return [$lines, $dots];
    }

    /** As #rrggbb, or as #rrggbbaa where the wood shows through. */
    private static function inked(Ink $ink, ?string $chosen): string
    {
        $rgb = $ink->rgbOr($chosen);

        return $ink->opacity() < 1 ? $rgb.sprintf('%02x', (int) round(255 * $ink->opacity())) : $rgb;
    }

    /** Where a place of a line lies in the grid, rows: those of a surface are evenly apart. */
    private function rowAt(Surface $on, float $arcMm): float
    {
        [$first, $last] = $this->ends[$on->value] ?? [0, 0];
        // The foot runs from its middle to its edge, against the way it is told.
        [$from, $to] = [$this->rows[$first][1], $this->rows[$last][1]];
        $share = abs($to - $from) > 0 ? ($arcMm - $from) / ($to - $from) : 0.0;

        return round($first + max(0.0, min(1.0, $share)) * ($last - $first), 3);
    }

    /**
     * @param  list<array{Surface, float, float, float, float, float}>  $rows
     * @return array<string, array{int, int}> first and last row of each surface
     */
    private static function ends(array $rows): array
    {
        $ends = [];
        foreach ($rows as $i => [$on]) {
            $ends[$on->value] = [$ends[$on->value][0] ?? $i, $i];
        }

        return $ends;
    }
}
