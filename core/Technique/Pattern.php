<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** What a mark looks like on its band laid flat: lines and dots in turns round the piece and mm along the band. */
final readonly class Pattern
{
    /** More than these no drawing shows. */
    public const MOST = 4000;

    /** Nor more points in its lines, altogether. */
    public const MOST_POINTS = 100_000;

    /** No step of a run goes further round, turns. */
    private const FINE = 0.0125;

    /** A line that goes further round may pass a place without a point there, turns. */
    private const LONG = 0.1;

    /**
     * @param  list<array{list<array{float, float}>, float, Ink}>  $lines  turn and mm along; width, mm
     * @param  list<array{float, float, float, Ink}>  $dots  turn, mm along, radius in mm
     */
    public function __construct(public array $lines = [], public array $dots = [])
    {
    }

    /** @param  list<float>  $alongsMm */
    public static function rings(array $alongsMm, float $widthMm, Ink $ink): self
    {
        return new self(array_map(
            fn (float $along): array => [[[0.0, $along], [1.0, $along]], $widthMm, $ink], $alongsMm,
        ));
    }

    /**
     * @param  list<list<array{float, float}>>  $strokes  on a unit square
     */
    public static function repeated(array $strokes, int $repeats, float $lengthMm, float $widthMm, Ink $ink): self
    {
        $lines = [];
        $points = max(1, array_sum(array_map(count(...), $strokes)));
        // Half a row would be worse than none: the technique says that it is too intricate.
        $repeats = $repeats * $points > self::MOST_POINTS ? 0 : $repeats;
        for ($i = 0; $i < $repeats; $i++) {
            foreach ($strokes as $stroke) {
                $lines[] = [array_map(
                    fn (array $at): array => [($i + $at[0]) / $repeats, $at[1] * $lengthMm], $stroke,
                ), $widthMm, $ink];
            }
        }

        return new self($lines);
    }

    /** The same, begun that much of a turn further round. */
    public function turned(float $by): self
    {
        return $by === 0.0 ? $this : new self(
            array_map(fn (array $line): array => [
                array_map(fn (array $at): array => [$at[0] + $by, $at[1]], $line[0]), $line[1], $line[2],
            ], $this->lines),
            array_map(fn (array $dot): array => [$dot[0] + $by, $dot[1], $dot[2], $dot[3]], $this->dots),
        );
    }

    /** At most so many of its lines and dots, evenly left out. */
    public function few(int $most): self
    {
        $every = fn (int $count): \Closure => fn (int $i): bool => $i % (int) max(1, ceil($count / $most)) === 0;

        return new self(
            array_values(array_filter($this->lines, $every(count($this->lines)), ARRAY_FILTER_USE_KEY)),
            array_values(array_filter($this->dots, $every(count($this->dots)), ARRAY_FILTER_USE_KEY)),
        );
    }

    /** What of it may show between two turns: lines that come there, and dots. */
    public function between(float $from, float $to): self
    {
        $isThere = function (float $turn) use ($from, $to): bool {
            $turn -= floor($turn);

            return $turn >= $from - self::FINE && $turn <= $to + self::FINE;
        };

        return new self(array_values(array_filter($this->lines, function (array $line) use ($isThere): bool {
            $turns = array_column($line[0], 0);

            return max([0.0, ...$turns]) - min([INF, ...$turns]) > self::LONG || array_filter($turns, $isThere) !== [];
        })), array_values(array_filter($this->dots, fn (array $dot): bool => $isThere($dot[0]))));
    }

    /**
     * Its lines cut where they come round to the beginning, and bent finely enough to follow the turn.
     *
     * @return list<array{list<array{float, float}>, float, Ink}> every turn from 0 to 1
     */
    public function runs(): array
    {
        $runs = [];
        foreach ($this->lines as [$path, $width, $ink]) {
            foreach (self::cut($path) as $run) {
                $runs[] = [$run, $width, $ink];
            }
        }

        return $runs;
    }

    /**
     * @param  list<array{float, float}>  $path
     * @return list<list<array{float, float}>>
     */
    private static function cut(array $path): array
    {
        $runs = [];
        $run = [];
        $round = null;
        foreach ($path as $i => [$turn, $along]) {
            [$fromTurn, $fromAlong] = $path[max(0, $i - 1)];
            $steps = $i === 0 ? 1 : max(1, (int) ceil(abs($turn - $fromTurn) / self::FINE));
            for ($k = 1; $k <= $steps; $k++) {
                $share = $k / $steps;
                $at = $i === 0 ? $turn : $fromTurn + $share * ($turn - $fromTurn);
                $up = $i === 0 ? $along : $fromAlong + $share * ($along - $fromAlong);
                $round ??= floor($at + 1e-9);
                if ($at > $round + 1 + 1e-9 || $at < $round - 1e-9) {
                    $edge = $at > $round ? 1.0 : 0.0;
                    $run[] = [$edge, $up];
                    $runs[] = $run;
                    $run = [[1.0 - $edge, $up]];
                    $round = floor($at + 1e-9);
                }
                $run[] = [max(0.0, min(1.0, $at - $round)), $up];
            }
        }

        return array_values(array_filter([...$runs, $run], fn (array $one): bool => count($one) > 1));
    }
}
