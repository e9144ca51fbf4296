<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/**
 * Repeats for the pen, drawn here: strokes on a unit square, u round the piece and v up the band. Whatever leaves a
 * square on its right comes into the next one at the same height, so that a row of them closes round any band.
 */
enum DrawnRepeat: string implements Repeat
{
    case Braid = 'braid';
    case Scale = 'scale';
    case Nettle = 'nettle';
    case TideLine = 'tide-line';
    case Ladder = 'ladder';
    case Seed = 'seed';
    case Hurdle = 'hurdle';
    case Thorn = 'thorn';
    case Reed = 'reed';
    case Ripple = 'ripple';
    case Lantern = 'lantern';
    case Furrow = 'furrow';

    /** How many straight pieces a curve is drawn with. */
    private const PIECES = 32;

    /** @return list<list<array{float, float}>> strokes as they are drawn, each of points (u, v) */
    public function strokes(): array
    {
        return match ($this) {
            self::Braid => array_map(
                fn (int $strand): array => self::wave(0.5, 0.38, $strand / 3), [0, 1, 2],
            ),
            self::Scale => [
                self::bow(0.0, 1.0, 0.06, 0.5), self::bow(0.25, 0.75, 0.06, 0.26),
                self::bow(0.0, 0.5, 0.94, -0.44), self::bow(0.5, 1.0, 0.94, -0.44),
            ],
            self::Nettle => [
                [[0.0, 0.5], [1.0, 0.5]],
                ...array_map(fn (int $way): array => [
                    [0.1, 0.5], [0.2, 0.5 + $way * 0.3], [0.28, 0.5 + $way * 0.22], [0.4, 0.5 + $way * 0.4],
                    [0.48, 0.5 + $way * 0.27], [0.6, 0.5 + $way * 0.38], [0.68, 0.5 + $way * 0.2],
                    [0.78, 0.5 + $way * 0.22], [0.95, 0.5],
                ], [1, -1]),
            ],
            self::TideLine => [
                self::wave(0.2, 0.1, 0.0), self::wave(0.5, 0.14, 0.15), self::wave(0.8, 0.1, 0.3),
            ],
            self::Ladder => [[[0.0, 0.1], [1.0, 0.1]], [[0.0, 0.9], [1.0, 0.9]], [[0.5, 0.1], [0.5, 0.9]]],
            self::Seed => [
                [...self::bow(0.15, 0.85, 0.5, 0.3), ...array_slice(array_reverse(
                    self::bow(0.15, 0.85, 0.5, -0.3),
                ), 1)],
                [[0.28, 0.5], [0.72, 0.5]],
            ],
            self::Hurdle => [
                self::wave(0.25, 0.12, 0.0), self::wave(0.5, 0.12, 0.5), self::wave(0.75, 0.12, 0.0),
                [[0.25, 0.05], [0.25, 0.95]], [[0.75, 0.05], [0.75, 0.95]],
            ],
            self::Thorn => [
                [[0.0, 0.35], [0.5, 0.65], [1.0, 0.35]], [[0.25, 0.5], [0.2, 0.85]], [[0.75, 0.5], [0.8, 0.15]],
            ],
            self::Reed => [
                [[0.2, 0.0], [0.2, 0.55]], [[0.5, 0.0], [0.5, 0.75]], [[0.8, 0.0], [0.8, 0.6]],
                [[0.46, 0.75], [0.5, 0.98], [0.54, 0.75], [0.46, 0.75]], [[0.2, 0.2], [0.32, 0.45]],
                [[0.8, 0.25], [0.7, 0.5]],
            ],
            self::Ripple => [
                self::bow(0.0, 1.0, 0.0, 0.9), self::bow(0.15, 0.85, 0.0, 0.65), self::bow(0.3, 0.7, 0.0, 0.4),
            ],
            self::Lantern => [
                [[0.0, 0.5], [0.5, 0.9], [1.0, 0.5]], [[0.0, 0.5], [0.5, 0.1], [1.0, 0.5]],
                [[0.5, 0.3], [0.65, 0.5], [0.5, 0.7], [0.35, 0.5], [0.5, 0.3]],
            ],
            self::Furrow => [
                [[0.0, 0.0], [0.5, 1.0]], [[0.5, 0.0], [1.0, 1.0]], [[0.0, 1.0], [0.25, 0.5]],
                [[0.75, 0.5], [1.0, 0.0]],
            ],
        };
    }

    /** @return list<array{float, float}> one whole wave from edge to edge */
    private static function wave(float $middle, float $high, float $turn): array
    {
        return array_map(fn (int $i): array => [
            $i / self::PIECES, $middle + $high * sin(2 * M_PI * (($i % self::PIECES) / self::PIECES + $turn)),
        ], range(0, self::PIECES));
    }

    /** @return list<array{float, float}> half an ellipse over (or, below nought, under) a level */
    private static function bow(float $from, float $to, float $level, float $high): array
    {
        return array_map(fn (int $i): array => [
            $i === self::PIECES ? $to : ($from + $to) / 2 - ($to - $from) / 2 * cos(M_PI * $i / self::PIECES),
            $level + ($i % self::PIECES === 0 ? 0.0 : $high * sin(M_PI * $i / self::PIECES)),
        ], range(0, self::PIECES));
    }
}
