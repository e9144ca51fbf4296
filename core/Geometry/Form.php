<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Internal\EvenWall;
use HonestGrain\Words\Said;

/** The forms a piece can start from, each drawn from a few typed sizes by proportions of our own (workshop). */
enum Form: string
{
    case ShallowBowl = 'shallow-bowl';
    case DeepBowl = 'deep-bowl';
    case Platter = 'platter';
    case LiddedBox = 'lidded-box';
    case Vase = 'vase';
    case HollowForm = 'hollow-form';
    case Goblet = 'goblet';
    case Spindle = 'spindle';
    case Sphere = 'sphere';
    case Plate = 'plate';
    case Mill = 'mill';
    case Scoop = 'scoop';
    case ToolHandle = 'tool-handle';
    case BallAndCup = 'ball-and-cup';
    case NaturalEdge = 'natural-edge';

    /** What each size may be, mm: least and most. */
    public const SIZES_MM = [
        'diameter' => [5.0, 2000.0], 'height' => [5.0, 2000.0], 'foot' => [1.0, 2000.0], 'wall' => [0.5, 200.0],
        'bore' => [1.0, 1000.0],
    ];

    public function label(): Said
    {
        return new Said("geometry.forms.$this->value");
    }

    /** Whether it stands on its foot, which is then dished so that it cannot rock. */
    public function stands(): bool
    {
        return ! in_array($this, [
            self::Spindle, self::Sphere, self::Scoop, self::ToolHandle, self::BallAndCup,
        ], true);
    }

    /** Whether it is turned between centres, so that both ends come free last. */
    public function isSpindle(): bool
    {
        return in_array($this, [self::Spindle, self::Sphere, self::ToolHandle], true);
    }

    /** @return list<string> the sizes that make its first profile, of those in sizes() */
    public function asks(): array
    {
        return match ($this) {
            self::Spindle => ['diameter', 'height', 'foot'],
            self::Sphere => ['diameter'],
            self::Mill => ['diameter', 'height', 'foot', 'bore'],
            self::ToolHandle => ['diameter', 'height', 'foot', 'bore'],
            default => ['diameter', 'height', 'foot', 'wall'],
        };
    }

    /** What the size at the lower end is called: a handle has its ferrule where others have a foot. */
    public function footWord(): string
    {
        return $this === self::ToolHandle ? 'Ferrule' : 'Foot';
    }

    public function grain(): GrainDirection
    {
        return match ($this) {
            self::ShallowBowl, self::DeepBowl, self::Platter, self::Plate, self::NaturalEdge => GrainDirection::Side,
            default => GrainDirection::End,
        };
    }

    /**
     * Likely sizes to start from; a sphere is as high as it is wide.
     *
     * @return array{diameter_mm: float, height_mm: float, foot_mm: float, wall_mm: float, bore_mm: float}
     */
    public function sizes(): array
    {
        [$diameter, $height, $foot, $wall, $bore] = match ($this) {
            self::ShallowBowl => [260.0, 70.0, 90.0, 7.0, 0.0],
            self::DeepBowl => [220.0, 120.0, 80.0, 8.0, 0.0],
            self::Platter => [320.0, 32.0, 150.0, 8.0, 0.0],
            self::LiddedBox => [80.0, 90.0, 70.0, 6.0, 0.0],
            self::Vase => [110.0, 210.0, 70.0, 7.0, 0.0],
            self::HollowForm => [160.0, 150.0, 55.0, 6.0, 0.0],
            self::Goblet => [85.0, 190.0, 75.0, 4.0, 0.0],
            self::Spindle => [45.0, 260.0, 40.0, 0.0, 0.0],
            self::Sphere => [70.0, 70.0, 0.0, 0.0, 0.0],
            self::Plate => [260.0, 26.0, 140.0, 8.0, 0.0],
            self::Mill => [60.0, 200.0, 56.0, 0.0, 27.0],
            self::Scoop => [62.0, 70.0, 30.0, 5.0, 0.0],
            self::ToolHandle => [36.0, 260.0, 22.0, 0.0, 8.0],
            self::BallAndCup => [58.0, 170.0, 34.0, 4.0, 0.0],
            self::NaturalEdge => [200.0, 90.0, 70.0, 7.0, 0.0],
        };

        return [
            'diameter_mm' => $diameter, 'height_mm' => $height, 'foot_mm' => $foot, 'wall_mm' => $wall,
            'bore_mm' => $bore,
        ];
    }

    /**
     * A first profile of these sizes, mm: the outside by proportion, the inside so that the wall is even. Of a form of
     * several parts it is the body's.
     *
     * @throws InvalidProfile where the sizes leave nothing that can be turned
     * @throws NoRoom for a wall that the outside has no room for
     */
    public function profile(
        float $diameterMm,
        float $heightMm,
        float $footMm,
        float $wallMm,
        float $boreMm = 0.0,
    ): Profile {
        return $this->around($this->outer($diameterMm / 2, $heightMm, $footMm / 2), $wallMm, $boreMm);
    }

    /**
     * The same about an outside that is there, mm.
     *
     * @throws InvalidProfile where the sizes leave nothing that can be turned
     * @throws NoRoom for a wall that the outside has no room for
     */
    public function around(Curve $outer, float $wallMm, float $boreMm = 0.0): Profile
    {
        $h = $outer->last()->z;
        $floor = match ($this) {
            self::LiddedBox => $wallMm * 1.6,
            self::Vase, self::HollowForm => $wallMm * 1.8,
            self::Goblet => $h * 0.52 + $wallMm,
            self::BallAndCup => $h * 0.66 + $wallMm,
            self::Scoop => $wallMm * 1.5,
            default => max($wallMm * 1.35, $wallMm + 3),
        };

        return match ($this) {
            self::Spindle, self::Sphere => Profile::of($outer, null),
            self::Mill => Profile::of($outer, null, 'shape', Bore::of($boreMm, null)),
            self::ToolHandle => Profile::of($outer, null, 'shape', Bore::of($boreMm, $h * 0.3)),
            default => self::hollowed($outer, $wallMm, $floor),
        };
    }

    private function outer(float $r, float $h, float $f): Curve
    {
        return match ($this) {
            self::ShallowBowl => self::bowl($r, $h, $f, [[0.12, 0.36], [0.34, 0.72], [0.66, 0.92]]),
            self::DeepBowl => self::bowl($r, $h, $f, [[0.10, 0.33], [0.30, 0.70], [0.62, 0.93]]),
            self::NaturalEdge => self::bowl($r, $h, $f, [[0.11, 0.36], [0.34, 0.72], [0.66, 0.93]]),
            self::Platter => self::bowl($r, $h, $f, [[0.24, 0.30], [0.46, 0.62], [0.74, 0.86]]),
            self::Plate => self::bowl($r, $h, $f, [[0.30, 0.34], [0.62, 0.50], [0.84, 0.72]]),
            self::LiddedBox => self::curve(
                [[0, $f, true], [$h * 0.5, ($f + $r) / 2 + ($r - $f) * 0.2], [$h, $r, true]],
            ),
            self::Vase => self::swelling(
                $r, $h, $f, [[0.12, 0.42], [0.27, 0.84], [0.42, 1.0]],
                [[0.60, 0.88], [0.76, 0.62], [0.88, 0.47], [0.95, 0.48], [1.0, 0.57]],
            ),
            self::HollowForm => self::swelling(
                $r, $h, $f, [[0.10, 0.42], [0.26, 0.80], [0.42, 0.97], [0.53, 1.0]],
                [[0.68, 0.95], [0.82, 0.80], [0.93, 0.56], [1.0, 0.34]],
            ),
            self::Goblet => self::curve([
                [0, $f, true], [$h * 0.03, $f * 0.96], [$h * 0.09, $f * 0.30], [$h * 0.30, $r * 0.15],
                [$h * 0.48, $r * 0.24], [$h * 0.58, $r * 0.72], [$h * 0.78, $r], [$h, $r * 0.94, true],
            ]),
            self::BallAndCup => self::curve([
                [0, $f * 0.8, true], [$h * 0.06, $f], [$h * 0.22, $f * 0.72], [$h * 0.42, $f * 0.5],
                [$h * 0.56, $f * 0.42], [$h * 0.66, $r * 0.55], [$h * 0.80, $r * 0.94], [$h, $r, true],
            ]),
            self::Scoop => self::curve([
                [0, $f, true], [$h * 0.12, $f + ($r - $f) * 0.42], [$h * 0.38, $r * 0.93], [$h * 0.7, $r], [
                    $h, $r, true,
                ],
            ]),
            self::Spindle => self::curve([
                [0, $f, true], [$h * 0.06, $f, true], [$h * 0.09, $r * 0.62, true], [$h * 0.32, $r],
                [$h * 0.60, $r * 0.66], [$h * 0.82, $r * 0.52], [$h * 0.94, $r * 0.70], [$h, $r * 0.36, true],
            ]),
            self::Sphere => self::sphere($r),
            self::Mill => self::curve([
                [0, $f, true], [$h * 0.10, $f, true], [$h * 0.14, $r * 0.86], [$h * 0.45, $r * 0.78],
                [$h * 0.80, $r * 0.94], [$h * 0.92, $r, true], [$h, $r, true],
            ]),
            self::ToolHandle => self::curve([
                [0, $r * 0.6, true], [$h * 0.04, $r * 0.86], [$h * 0.16, $r], [$h * 0.45, $r * 0.78],
                [$h * 0.75, $r * 0.92], [$h * 0.92, $f + 2, true], [$h * 0.92, $f, true], [$h, $f, true],
            ]),
        };
    }

    /** From pole to pole, a node every 15°. */
    private static function sphere(float $r): Curve
    {
        return self::curve(array_map(
            fn (int $i): array => [$r * (1 - cos($i * M_PI / 12)), max(0.0, $r * sin($i * M_PI / 12))], range(0, 12),
        ));
    }

    private static function hollowed(Curve $outer, float $wallMm, float $floorMm): Profile
    {
        return Profile::of($outer, EvenWall::inside($outer, $wallMm, $floorMm));
    }

    /** @param  list<array{float, float}>  $ladder  fractions of height, and of the way from foot to rim */
    private static function bowl(float $r, float $h, float $f, array $ladder): Curve
    {
        $outer = [[0.0, $f, true], [$h * 0.04 + 1, min($r, $f + 0.3), true]];
        foreach ($ladder as [$up, $out]) {
            $outer[] = [$h * $up + ($up < 0.2 ? 2.5 : 0), $f + ($r - $f) * $out];
        }
        $outer[] = [$h, $r, true];

        return self::curve($outer);
    }

    /**
     * @param  list<array{float, float}>  $below  fractions of height, and of the way from the foot to the widest
     * @param  list<array{float, float}>  $above  fractions of height and of the widest radius
     */
    private static function swelling(float $r, float $h, float $f, array $below, array $above): Curve
    {
        $outer = [[0.0, $f, true]];
        foreach ($below as [$up, $out]) {
            $outer[] = [$h * $up, $f + ($r - $f) * $out];
        }
        foreach ($above as $i => [$up, $out]) {
            $outer[] = [$h * $up, $r * $out, $i === count($above) - 1];
        }

        return self::curve($outer);
    }

    /** @param  list<array{0: float|int, 1: float, 2?: bool}>  $nodes */
    private static function curve(array $nodes): Curve
    {
        return Curve::through(
            array_map(fn (array $n): Node => Node::at(round($n[0], 2), round($n[1], 2), $n[2] ?? false), $nodes),
        );
    }
}
