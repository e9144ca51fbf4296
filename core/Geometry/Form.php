<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Internal\EvenWall;

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

    public function label(): string
    {
        return ucfirst(str_replace('-', ' ', $this->value));
    }

    public function grain(): GrainDirection
    {
        return match ($this) {
            self::ShallowBowl, self::DeepBowl, self::Platter => GrainDirection::Side,
            default => GrainDirection::End,
        };
    }

    /** @return array{diameter_mm: float, height_mm: float, foot_mm: float, wall_mm: float} likely sizes to start from */
    public function sizes(): array
    {
        [$diameter, $height, $foot, $wall] = match ($this) {
            self::ShallowBowl => [260.0, 70.0, 90.0, 7.0],
            self::DeepBowl => [220.0, 120.0, 80.0, 8.0],
            self::Platter => [320.0, 32.0, 150.0, 8.0],
            self::LiddedBox => [80.0, 90.0, 70.0, 6.0],
            self::Vase => [110.0, 210.0, 70.0, 7.0],
            self::HollowForm => [160.0, 150.0, 55.0, 6.0],
            self::Goblet => [85.0, 190.0, 75.0, 4.0],
            self::Spindle => [45.0, 260.0, 40.0, 0.0],
        };

        return ['diameter_mm' => $diameter, 'height_mm' => $height, 'foot_mm' => $foot, 'wall_mm' => $wall];
    }

    /**
     * A first profile of these sizes, mm: the outside by proportion, the inside so that the wall is even.
     *
     * @throws InvalidProfile where the sizes leave nothing that can be turned
     * @throws NoRoom for a wall that the outside has no room for
     */
    public function profile(float $diameterMm, float $heightMm, float $footMm, float $wallMm): Profile
    {
        [$r, $f] = [$diameterMm / 2, $footMm / 2];
        $bowlFloor = max($wallMm * 1.35, $wallMm + 3);

        return match ($this) {
            self::ShallowBowl => self::hollowed(self::bowl($r, $heightMm, $f, [[0.12, 0.36], [0.34, 0.72], [0.66, 0.92]]), $wallMm, $bowlFloor),
            self::DeepBowl => self::hollowed(self::bowl($r, $heightMm, $f, [[0.10, 0.33], [0.30, 0.70], [0.62, 0.93]]), $wallMm, $bowlFloor),
            self::Platter => self::hollowed(self::bowl($r, $heightMm, $f, [[0.24, 0.30], [0.46, 0.62], [0.74, 0.86]]), $wallMm, $bowlFloor),
            self::LiddedBox => self::hollowed(self::curve(
                [[0, $f, true], [$heightMm * 0.5, ($f + $r) / 2 + ($r - $f) * 0.2], [$heightMm, $r, true]],
            ), $wallMm, $wallMm * 1.6),
            self::Vase => self::hollowed(self::swelling($r, $heightMm, $f, [[0.12, 0.42], [0.27, 0.84], [0.42, 1.0]], [[0.60, 0.88], [0.76, 0.62], [0.88, 0.47], [0.95, 0.48], [1.0, 0.57]]), $wallMm, $wallMm * 1.8),
            self::HollowForm => self::hollowed(self::swelling($r, $heightMm, $f, [[0.10, 0.42], [0.26, 0.80], [0.42, 0.97], [0.53, 1.0]], [[0.68, 0.95], [0.82, 0.80], [0.93, 0.56], [1.0, 0.34]]), $wallMm, $wallMm * 1.8),
            self::Goblet => self::hollowed(self::curve([
                [0, $f, true], [$heightMm * 0.03, $f * 0.96], [$heightMm * 0.09, $f * 0.30], [$heightMm * 0.30, $r * 0.15], [$heightMm * 0.48, $r * 0.24],
                [$heightMm * 0.58, $r * 0.72], [$heightMm * 0.78, $r], [$heightMm, $r * 0.94, true],
            ]), $wallMm, $heightMm * 0.52 + $wallMm),
            self::Spindle => Profile::of(self::curve([
                [0, $f, true], [$heightMm * 0.06, $f, true], [$heightMm * 0.09, $r * 0.62, true], [$heightMm * 0.32, $r], [$heightMm * 0.60, $r * 0.66],
                [$heightMm * 0.82, $r * 0.52], [$heightMm * 0.94, $r * 0.70], [$heightMm, $r * 0.36, true],
            ]), null),
        };
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
        return Curve::through(array_map(fn (array $n): Node => Node::at(round($n[0], 2), round($n[1], 2), $n[2] ?? false), $nodes));
    }
}
