<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Calibration\LayoutFigures;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Layout\CurvedBand;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;

/** The template of a mark: its band flat at true size, with what is cut, burnt or pierced there. */
final class MarkTemplate
{
    private const AROUND_A_DOT = 16;

    /** @param  int|null  $parts  centre lines, where the mark itself is not divided */
    public static function of(Part $part, Mark $mark, ?int $parts, LayoutFigures $figures): string
    {
        $strip = Measurement::strip($part->profile, $mark->band);
        $rises = $strip[0]->z <= $strip[count($strip) - 1]->z;
        $worked = $part->worked()[$mark->id()];
        $count = $worked->parts > 0 ? $worked->parts : ($parts ?? 12);

        $pattern = $part->patterns()[$mark->id()];
        // What is cut stands on the centre line of its part, as a drawn repeat does, and not on the edge of two.
        $onEdges = $worked->parts > 0 && $mark->technique->nature() === Nature::Cuts;

        return Template::ofCurved(CurvedBand::along($strip), $count, $figures, self::runs(
            $onEdges ? $pattern->turned(0.5 / $worked->parts) : $pattern,
            $strip[count($strip) - 1]->arcMm - $strip[0]->arcMm, $rises,
            $part->grounds[$mark->id()]->middle()->radiusMm,
        ));
    }

    /** @return list<list<array{float, float}>> turn and height */
    private static function runs(Pattern $pattern, float $longMm, bool $rises, float $radiusMm): array
    {
        $height = fn (float $along): float => max(0.0, min(1.0, $rises ? $along / $longMm : 1 - $along / $longMm));
        $runs = array_map(fn (array $run): array => array_map(
            fn (array $at): array => [$at[0], $height($at[1])], $run[0],
        ), $pattern->runs());
        foreach ($pattern->dots as [$turn, $along, $radius]) {
            $ring = [];
            for ($i = 0; $i <= self::AROUND_A_DOT; $i++) {
                $angle = 2 * M_PI * $i / self::AROUND_A_DOT;
                $ring[] = [
                    max(0.0, min(1.0, $turn - floor($turn) + $radius * cos($angle) / (2 * M_PI * max(1.0, $radiusMm)))),
                    $height($along + $radius * sin($angle)),
                ];
            }
            $runs[] = $ring;
        }

        return $runs;
    }
}
