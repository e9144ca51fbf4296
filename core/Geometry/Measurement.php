<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Calibration\ShapeFigures;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Internal\EdgedBody;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Shown;
use HonestGrain\Wood\Wood;

/** Everything that can be measured on a profile: zones, volume, mass, wall, floor and what looks wrong. */
final readonly class Measurement
{
    /**
     * @param  array<string, Zone>  $zones  by id
     * @param  list<Warning>  $warnings
     */
    private function __construct(
        public array $zones,
        public float $volumeMm3,
        public ?float $massG,
        public ?Wall $wall,
        public ?float $floorMm,
        public array $warnings,
    ) {
    }

    /**
     * @param  list<Band>  $bands
     * @param  Profile|null  $turned  the profile with what is cut into it all round; null where nothing is
     *
     * @throws InvalidProfile when a band runs off its curve
     */
    public static function of(
        ShapeFigures $figures,
        Profile $profile,
        GrainDirection $grain,
        array $bands = [],
        ?Wood $wood = null,
        float $moisturePercent = 12.0,
        ?float $minWallMm = null,
        ?Profile $turned = null,
    ): self {
        $turned ??= $profile;
        $lines = self::lines($turned);
        $zones = [];
        foreach ($lines as $id => $points) {
            $zones[$id] = self::underRim(
                $turned, Zone::along($id, $points, $grain, Face::from($id)), $points, $grain,
            );
        }
        foreach ($bands as $band) {
            $zones[$band->id] = Zone::along($band->id, self::strip($profile, $band), $grain);
        }
        $wall = self::wall($turned);

        return new self(
            zones: $zones,
            volumeMm3: self::volume($turned),
            massG: self::massG($turned, $wood, $moisturePercent),
            wall: $wall,
            floorMm: $profile->floorMm(),
            warnings: Lint::of($figures, $profile, $wall, $minWallMm ?? $figures->leastWallMm),
        );
    }

    /** The same of what stands on nothing: how its lower end would stand is no question. */
    public function ofWhatDoesNotStand(): self
    {
        $stays = fn (Warning $one): bool => ! $one->code->isOfStanding();

        return Copy::with($this, ['warnings' => array_values(array_filter($this->warnings, $stays))]);
    }

    /**
     * The sampled line of a band, on the curve it lies on.
     *
     * @return non-empty-list<Point>
     *
     * @throws InvalidProfile
     */
    public static function strip(Profile $profile, Band $band): array
    {
        $curve = $band->on->curve($profile);
        $arcMm = $curve === null ? 0.0 : $curve->lengthMm();
        if ($curve === null || ! Shown::isWithin($band->toMm, $arcMm)) {
            throw InvalidProfile::band("bands.$band->id", $band->fromMm, $band->toMm, $arcMm);
        }

        return $curve->between($band->fromMm, min($band->toMm, $arcMm));
    }

    /** The flat or sloping line between the two curves; null where they meet or the piece is solid. */
    public static function rim(Profile $profile): ?Curve
    {
        if ($profile->inner === null) {
            return null;
        }
        $from = $profile->outer->last();
        $to = $profile->inner->first();

        return hypot($from->z - $to->z, $from->r - $to->r) < 0.01
            ? null : Curve::through([Node::at($from->z, $from->r), Node::at($to->z, $to->r)]);
    }

    /** @return list<Face> those that a profile has */
    public static function faces(Profile $profile): array
    {
        return Face::all(array_keys(self::lines($profile)));
    }

    /** What a face measures; null where the profile has no such face. */
    public function face(Face $face): ?Zone
    {
        return $this->zones[$face->value] ?? null;
    }

    /** @return list<Point> the sampled line of a face; none where the profile has no such face */
    public static function line(Profile $profile, Face $face): array
    {
        return self::lines($profile)[$face->value] ?? [];
    }

    /** What it weighs; null without a wood, or for one whose density is not known. */
    public static function massG(Profile $profile, ?Wood $wood, float $moisturePercent): ?float
    {
        $densityGPerCm3 = $wood?->densityGPerCm3($moisturePercent);

        return $densityGPerCm3 === null ? null : self::volume($profile) * $densityGPerCm3 / 1000;
    }

    /** How much wood it is, mm³. */
    public static function volumeOf(Profile $profile): float
    {
        return self::volume($profile);
    }

    /** How far the middle of its wood is off its axis, mm; nought but where its rim is not level. */
    public static function offAxisMm(Profile $profile): float
    {
        if ($profile->edge === null) {
            return 0.0;
        }
        [$mm3, , $x, $y] = (new EdgedBody($profile, $profile->edge, $profile->topMm()))->solid();

        return $mm3 > 0 ? hypot($x, $y) / $mm3 : 0.0;
    }

    /** How much of that lies within a distance from the axis, mm³. */
    public static function volumeWithin(Profile $profile, float $radiusMm): float
    {
        return self::volume($profile, $radiusMm);
    }

    /** The thinnest wood between the outside and the inside or the bore; null for a solid piece. */
    private static function wall(Profile $profile): ?Wall
    {
        $walls = [];
        if ($profile->inner !== null) {
            $walls[] = Wall::thinnest($profile->outer, $profile->inner);
        }
        if ($profile->bore !== null) {
            $walls[] = Wall::thinnest(...$profile->bore->wallLines($profile->outer, $profile->inner));
        }
        usort($walls, fn (Wall $a, Wall $b): int => $a->minMm <=> $b->minMm);

        return $walls[0] ?? null;
    }

    /**
     * A face without what a rim that is not level cuts off it.
     *
     * @param  non-empty-list<Point>  $line
     */
    private static function underRim(Profile $profile, Zone $whole, array $line, GrainDirection $grain): Zone
    {
        $face = $whole->wholeFace();
        if ($profile->edge === null || ! EdgedBody::cuts($face)) {
            return $whole;
        }
        $body = new EdgedBody($profile, $profile->edge, $profile->topMm());

        return $whole->left(...$face === Face::Rim ? $body->rim($grain) : $body->face($line, $grain));
    }

    /** @return array<string, non-empty-list<Point>> by name of a face */
    private static function lines(Profile $profile): array
    {
        $foot = $profile->outer->first();
        $top = $profile->outer->last();
        $bore = $profile->bore;
        $lines = [Face::Outside->value => $profile->outer->points];
        if ($profile->inner !== null) {
            $lines[Face::Inside->value] = $profile->downTo($profile->inner);
            $rim = self::rim($profile);
            if ($rim !== null) {
                $lines[Face::Rim->value] = $rim->points;
            }
        } elseif ($top->r > 0.01 + ($hole = $bore?->opensAtTop() === true ? $bore->radiusMm() : 0.0)) {
            $lines[Face::Top->value] = [$top, new Point($top->z, $hole, $top->arcMm + $top->r - $hole)];
        }
        if ($foot->r > 0.01 + ($hole = $bore?->opensAtFoot() === true ? $bore->radiusMm() : 0.0)) {
            $lines[Face::Foot->value] = [new Point($foot->z, $hole, 0.0), $foot];
        }
        if ($bore !== null) {
            $lines[Face::Bore->value] = self::bored($bore, $profile);
        }

        return $lines;
    }

    /** @return non-empty-list<Point> the wall of a bore from its mouth, and its end where it has one */
    private static function bored(Bore $bore, Profile $profile): array
    {
        [$low, $high] = $bore->span($profile->outer, $profile->inner);
        [$from, $to] = $bore->fromFoot ? [$low, $high] : [$high, $low];
        $r = $bore->radiusMm();
        $line = [new Point($from, $r, 0.0), new Point($to, $r, $high - $low)];

        return $bore->isThrough() ? $line : [...$line, new Point($to, 0.0, $high - $low + $r)];
    }

    private static function volume(Profile $profile, float $withinMm = INF): float
    {
        $bore = $profile->bore;
        $volume = 0.0;
        $outline = $profile->edge === null ? $profile->outline() : [];
        if ($profile->edge !== null) {
            [$volume] = (new EdgedBody($profile, $profile->edge, $profile->topMm()))->solid($withinMm);
        }
        for ($i = 1, $count = count($outline); $i < $count; $i++) {
            [$a, $b] = [$outline[$i - 1], $outline[$i]];
            [$from, $to] = [min($a->r, $withinMm), min($b->r, $withinMm)];
            $volume += M_PI * ($b->z - $a->z) * ($from ** 2 + $from * $to + $to ** 2) / 3;
        }
        $volume = abs($volume);
        if ($bore !== null) {
            [$low, $high] = $bore->span($profile->outer, $profile->inner);
            $volume -= M_PI * min($bore->radiusMm(), $withinMm) ** 2 * ($high - $low);
        }

        return $volume;
    }

    /** @return array<string, mixed> the answer of `bin/grain measure` */
    public function toArray(): array
    {
        return [
            'zones' => array_values(array_map(fn (Zone $zone): array => $zone->toArray(), $this->zones)),
            'volume_mm3' => round($this->volumeMm3, 2),
            'mass_g' => $this->massG === null ? null : round($this->massG, 2),
            'wall' => $this->wall === null ? null : [
                'min_mm' => round($this->wall->minMm, 3), 'at' => [round($this->wall->z, 3), round($this->wall->r, 3)],
            ],
            'floor_mm' => $this->floorMm === null ? null : round($this->floorMm, 3),
            'warnings' => array_map(fn (Warning $warning): array => $warning->toArray(), $this->warnings),
        ];
    }
}
