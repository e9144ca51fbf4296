<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

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

    /** What this form's sizes may be, so that the drawn profile is one that can be turned. */
    public function profile(float $diameterMm, float $heightMm, float $footMm, float $wallMm): Profile
    {
        $r = $diameterMm / 2;
        $f = $footMm / 2;
        [$outer, $inner] = match ($this) {
            self::ShallowBowl => self::bowl($r, $heightMm, $f, $wallMm, [[0.10, 0.42], [0.32, 0.74], [0.64, 0.92]]),
            self::DeepBowl => self::bowl($r, $heightMm, $f, $wallMm, [[0.10, 0.34], [0.34, 0.76], [0.66, 0.95]]),
            self::Platter => self::bowl($r, $heightMm, $f, $wallMm, [[0.30, 0.40], [0.55, 0.68], [0.80, 0.88]]),
            self::LiddedBox => [
                [[0, $f, true], [$heightMm * 0.5, ($f + $r) / 2 + ($r - $f) * 0.2], [$heightMm, $r, true]],
                [[$heightMm, $r - $wallMm, true], [$wallMm * 1.6 + 4, $f - $wallMm, true], [$wallMm * 1.6, $f - $wallMm - min(4, $f / 4), true], [$wallMm * 1.6, 0]],
            ],
            self::Vase => self::hollow($r, $heightMm, $f, $wallMm, [[0.18, 0.86], [0.42, 1.0], [0.68, 0.74], [0.88, 0.46], [1.0, 0.56]]),
            self::HollowForm => self::hollow($r, $heightMm, $f, $wallMm, [[0.16, 0.70], [0.42, 0.97], [0.62, 0.98], [0.84, 0.66], [1.0, 0.32]]),
            self::Goblet => [
                [[0, $f, true], [$heightMm * 0.03, $f * 0.96], [$heightMm * 0.09, $f * 0.30], [$heightMm * 0.30, $r * 0.15], [$heightMm * 0.48, $r * 0.24], [$heightMm * 0.58, $r * 0.72], [$heightMm * 0.78, $r], [$heightMm, $r * 0.93, true]],
                [[$heightMm, $r * 0.93 - $wallMm, true], [$heightMm * 0.78, $r - $wallMm], [$heightMm * 0.61, ($r - $wallMm) * 0.66], [$heightMm * 0.56, 0]],
            ],
            self::Spindle => [[[0, $f, true], [$heightMm * 0.06, $f, true], [$heightMm * 0.09, $r * 0.62, true], [$heightMm * 0.32, $r], [$heightMm * 0.60, $r * 0.66], [$heightMm * 0.82, $r * 0.52], [$heightMm * 0.94, $r * 0.70], [$heightMm, $r * 0.36, true]], null],
        };

        return Profile::of(self::curve($outer), $inner === null ? null : self::curve($inner));
    }

    /**
     * @param  list<array{float, float}>  $ladder  fractions of height, and of the way from foot to rim
     * @return array{list<array{0: float|int, 1: float, 2?: bool}>, list<array{0: float|int, 1: float, 2?: bool}>}
     */
    private static function bowl(float $r, float $h, float $f, float $wall, array $ladder): array
    {
        $outer = [[0.0, $f, true], [$h * 0.04 + 1, $f + 0.3, true]];
        $inner = [[$h, $r - $wall, true]];
        $floor = max($wall * 1.35, $wall + 3);
        foreach ($ladder as [$up, $out]) {
            $outer[] = [$h * $up + ($up < 0.2 ? 2.5 : 0), $f + ($r - $f) * $out];
        }
        $outer[] = [$h, $r, true];
        foreach (array_reverse($ladder) as [$up, $out]) {
            $z = $floor + ($h - $floor) * max(0.0, $up - 0.05);
            $inner[] = [$z, max(2.0, ($f + ($r - $f) * $out) - $wall * (1.15 + 0.9 * (1 - $up)))];
        }
        $inner[] = [$floor, 0.0];

        return [$outer, $inner];
    }

    /**
     * @param  list<array{float, float}>  $ladder  fractions of height and of the widest radius
     * @return array{list<array{0: float|int, 1: float, 2?: bool}>, list<array{0: float|int, 1: float, 2?: bool}>}
     */
    private static function hollow(float $r, float $h, float $f, float $wall, array $ladder): array
    {
        $outer = [[0.0, $f, true]];
        $inner = [];
        $floor = $wall * 1.8;
        $last = count($ladder) - 1;
        foreach ($ladder as $i => [$up, $out]) {
            $outer[] = [$h * $up, $r * $out, $i === $last];
        }
        foreach (array_reverse($ladder) as $i => [$up, $out]) {
            $inner[] = [$i === 0 ? $h : max($floor * 1.7, $h * $up * ($up < 0.2 ? 0.85 : 1)), max(2.0, $r * $out - $wall * ($up < 0.2 ? 1.5 : 1.05)), $i === 0];
        }
        $inner[] = [$floor * 1.12, max(1.0, $inner[count($inner) - 1][1] * 0.55)];
        $inner[] = [$floor, 0.0];

        return [$outer, $inner];
    }

    /** @param  list<array{0: float|int, 1: float, 2?: bool}>  $nodes */
    private static function curve(array $nodes): Curve
    {
        return Curve::through(array_map(fn (array $n): Node => Node::at(round($n[0], 2), round($n[1], 2), $n[2] ?? false), $nodes));
    }
}
