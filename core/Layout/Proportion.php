<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/** Rules by which makers split a height or a band. */
enum Proportion: string
{
    case Thirds = 'thirds';
    case Golden = 'golden';
    case Equal = 'equal';
    case Ratio = 'ratio';

    /**
     * Where the marks come, from the foot, mm.
     *
     * @param  int  $parts  of equal parts
     * @param  list<float>  $ratios  of parts as they follow from the foot
     * @return list<float>
     */
    public function marksMm(float $lengthMm, int $parts, array $ratios): array
    {
        $shares = match ($this) {
            self::Thirds => [1, 1, 1],
            // The larger part at the foot.
            self::Golden => [(1 + sqrt(5)) / 2, 1],
            self::Equal => array_fill(0, $parts, 1),
            self::Ratio => $ratios,
        };
        $whole = array_sum($shares);
        $marks = [];
        $so = 0.0;
        foreach (array_slice($shares, 0, -1) as $share) {
            $so += $share;
            $marks[] = $lengthMm * $so / $whole;
        }

        return $marks;
    }
}
