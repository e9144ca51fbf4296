<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** A turn divided for a mark: by a plate of the shop, or by a paper strip. */
final readonly class Indexed
{
    /**
     * @param  list<int>  $holes
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public int $parts,
        public ?int $plate,
        public array $holes,
        public array $findings,
        public string $says,
    ) {
    }

    public static function of(Ground $ground, int $parts, float $startDeg): self
    {
        $tooling = $ground->tooling;
        $plate = $tooling->plateFor($parts);
        $strip = sprintf(
            'a paper strip round it, marked every %.2f mm from one end, up to %.1f mm',
            2 * M_PI * $ground->levels[0]->radiusMm / $parts, 2 * M_PI * $ground->levels[0]->radiusMm,
        );
        $start = $startDeg > 0 ? sprintf(' Begin %s° round from where the grain comes out.', round($startDeg, 1)) : '';
        if ($plate !== null) {
            $step = intdiv($plate, $parts);
            $holes = array_map(fn (int $i): int => 1 + $i * $step, range(0, $parts - 1));

            return new self($parts, $plate, $holes, [], sprintf(
                'Index plate of %d: every %s hole, from the first.%s', $plate,
                $step === 1 ? '' : ['', '', '2nd', '3rd'][$step] ?? "{$step}th", $start,
            ));
        }
        $findings = $tooling->plates === [] ? [] : [Finding::warn(
            sprintf('None of your index plates (%s) gives %d parts.', implode(', ', $tooling->plates), $parts),
            ...array_map(fn (int $near): string => "Take $near parts", $tooling->nearestParts($parts)),
            ...["Divide it by $strip"],
        )];

        return new self($parts, null, [], $findings, ucfirst($strip).'.'.$start);
    }
}
