<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;

/**
 * What is left of a turned body where its rim stands higher here and lower there: its wood, where that weighs, and how
 * much of each face stays.
 *
 * Physics: ∫ over the outline of r² dz, z r² dz and r³ dz, each slice times what stands of its turn.
 *
 * @internal
 */
final readonly class EdgedBody
{
    /** The wall is told at so many heights of a rim. */
    private const WALLS = 24;

    public function __construct(private Profile $profile, private NaturalEdge $edge, private float $topMm)
    {
    }

    /** @return array{float, float, float, float} mm³, and its moments over z = 0, towards 0° and towards 90°, mm⁴ */
    public function solid(float $withinMm = INF): array
    {
        $sum = [0.0, 0.0, 0.0, 0.0];
        $line = $this->edge->finely($this->profile->outline(), $this->topMm);
        foreach (array_slice($line, 1) as $i => $to) {
            $from = $line[$i];
            $slice = $this->edge->at($this->topMm - ($from->z + $to->z) / 2);
            [$a, $b] = [min($from->r, $withinMm), min($to->r, $withinMm)];
            $high = $to->z - $from->z;
            $turn = M_PI * $slice->share;
            $sum[0] += $turn * $high * ($a ** 2 + $a * $b + $b ** 2) / 3;
            $sum[1] += $turn * ($from->z * $high * ($a ** 2 + $a * $b + $b ** 2) / 3
                + $high ** 2 * ($a ** 2 + 2 * $a * $b + 3 * $b ** 2) / 12);
            foreach ([$slice->towards0, $slice->towards90] as $k => $towards) {
                $sum[2 + $k] += 2 * M_PI * $towards * $high * ($a + $b) * ($a ** 2 + $b ** 2) / 12;
            }
        }

        return $sum[0] < 0 ? [-$sum[0], -$sum[1], -$sum[2], -$sum[3]] : $sum;
    }

    /**
     * @param  non-empty-list<Point>  $line  of a face
     * @return array{float, float} mm² that stay, and how much end grain shows on them, mean, 0 to 1
     */
    public function face(array $line, GrainDirection $grain): array
    {
        [$area, $exposed] = [0.0, 0.0];
        $line = $this->edge->finely($line, $this->topMm);
        foreach (array_slice($line, 1) as $i => $to) {
            $from = $line[$i];
            [$dz, $dr] = [$to->z - $from->z, $to->r - $from->r];
            $slice = $this->edge->at($this->topMm - ($from->z + $to->z) / 2);
            $strip = M_PI * ($from->r + $to->r) * hypot($dz, $dr) * $slice->share;
            $area += $strip;
            $exposed += $strip * $grain->exposure($dz, $dr)
                * ($grain === GrainDirection::Side ? $slice->moreEndGrain() : 1.0);
        }

        return [$area, $area > 0 ? $exposed / $area : 0.0];
    }

    /** @return array{float, float} the same of the rim, which runs up and down, level across its wall */
    public function rim(GrainDirection $grain): array
    {
        [$area, $exposed] = [0.0, 0.0];
        $walls = array_map(fn (int $i): array => $this->wallAt(
            $this->topMm - $this->edge->dropMm * $i / self::WALLS,
        ), range(0, self::WALLS));
        foreach ($this->edge->chords() as [$from, $to, $a, $b]) {
            [$out, $in] = $walls[(int) round(($a + $b) / 2 / max(1e-9, $this->edge->dropMm) * self::WALLS)];
            $r = ($out + $in) / 2;
            $rise = ($a - $b) / ($to - $from);
            $slope = hypot($r, $rise);
            $piece = ($out - $in) * $slope * ($to - $from);
            $area += $piece;
            $exposed += $piece * match ($grain) {
                GrainDirection::Side => abs(sin(($from + $to) / 2) * $rise) / max(1e-9, $slope),
                GrainDirection::End => $r / max(1e-9, $slope),
            };
        }

        return [$area, $area > 0 ? $exposed / $area : 0.0];
    }

    /** @return array{float, float} how far out its wall reaches at a height, and from where, mm */
    private function wallAt(float $z): array
    {
        $inner = $this->profile->inner;
        $out = $this->profile->outer->radiusAtMm(min($z, $this->profile->outer->last()->z))
            ?? $this->profile->outer->last()->r;
        $in = $inner?->radiusAtMm(min($z, $inner->first()->z)) ?? $inner?->first()->r ?? 0.0;

        return [$out, min($in, $out)];
    }

    /** Which faces it cuts into. */
    public static function cuts(Face $face): bool
    {
        return in_array($face, [Face::Outside, Face::Inside, Face::Rim], true);
    }
}
