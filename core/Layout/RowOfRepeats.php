<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/** A drawn repeat round a band, as its lines lie on the template. */
final readonly class RowOfRepeats
{
    /** A line that is straight on the band bends on the flat: no piece of it turns further, radians. */
    private const BEND = M_PI / 180;

    public function __construct(public Repeat $repeat, public UnrolledBand $band, public int $count)
    {
    }

    /** @return list<list<array{float, float}>> on the flat, mm, as `UnrolledBand::flat` has it */
    public function lines(): array
    {
        $lines = [];
        $strokes = array_map($this->cut(...), $this->repeat->strokes());
        for ($i = 0; $i < $this->count; $i++) {
            foreach ($strokes as $stroke) {
                $lines[] = array_map(
                    fn (array $at): array => $this->band->flat(($i + $at[0]) / $this->count, $at[1]), $stroke,
                );
            }
        }

        return $lines;
    }

    /** All strokes at true size. */
    public function lengthMm(): float
    {
        $sum = 0.0;
        foreach ($this->lines() as $line) {
            foreach ($line as $i => [$x, $y]) {
                $sum += $i === 0 ? 0.0 : hypot($x - $line[$i - 1][0], $y - $line[$i - 1][1]);
            }
        }

        return $sum;
    }

    /**
     * @param  list<array{float, float}>  $stroke
     * @return list<array{float, float}>
     */
    private function cut(array $stroke): array
    {
        $points = [];
        foreach ($stroke as $i => [$u, $v]) {
            if ($i > 0) {
                [$fromU, $fromV] = $stroke[$i - 1];
                $pieces = max(1, (int) ceil(abs($u - $fromU) / $this->count * $this->band->angle() / self::BEND));
                for ($piece = 1; $piece < $pieces; $piece++) {
                    $t = $piece / $pieces;
                    $points[] = [$fromU + $t * ($u - $fromU), $fromV + $t * ($v - $fromV)];
                }
            }
            $points[] = [$u, $v];
        }

        return $points;
    }
}
