<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

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
        public Said $says,
    ) {
    }

    public static function of(Ground $ground, int $parts, float $startDeg): self
    {
        $tooling = $ground->tooling;
        $plate = $tooling->plateFor($parts);
        $strip = new Said('technique.indexed.paper-strip-round-marked', [
            'what' => Quantity::mm(2 * M_PI * $ground->levels[0]->radiusMm / $parts),
            'what2' => Quantity::mm(2 * M_PI * $ground->levels[0]->radiusMm),
        ]);
        $start = $startDeg > 0 ? new Said('technique.indexed.begin-round-from-where', [
            'start' => Quantity::degrees(round($startDeg, 1)),
        ]) : null;
        if ($plate !== null) {
            $step = intdiv($plate, $parts);
            $holes = array_map(fn (int $i): int => 1 + $i * $step, range(0, $parts - 1));

            return new self($parts, $plate, $holes, [], new Said('technique.indexed.index-plate-every-hole', [
                'plate' => Quantity::count($plate),
                'what' => $step === 1 ? null : ['', '', '2nd', '3rd'][$step] ?? "{$step}th",
                'start' => $start,
            ]));
        }
        $findings = $tooling->plates === [] ? [] : [Finding::warn(
            new Said('technique.indexed.none-your-index-plates', [
                'plates' => array_map(fn (int $holes): Quantity => Quantity::count($holes), $tooling->plates),
                'parts' => Quantity::count($parts),
            ]),
            ...array_map(fn (int $near): Said => new Said(
                'technique.indexed.take-parts', ['near' => Quantity::count($near)],
            ), $tooling->nearestParts($parts)),
            ...[new Said('technique.indexed.divide-it-by', ['strip' => $strip])],
        )];

        return new self(
            $parts, null, [], $findings, new Said('technique.indexed.strip', ['strip' => $strip, 'start' => $start]),
        );
    }
}
