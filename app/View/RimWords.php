<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Piece\Part;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;

/** A rim that is not level, in the reader's units: by angle, and what follows from it. */
final readonly class RimWords
{
    /** So many rows stand open for places that are still to be measured. */
    private const OPEN_ROWS = 4;

    public function __construct(private Part $part, private Show $show)
    {
    }

    public function isHollow(): bool
    {
        return $this->part->profile->inner !== null;
    }

    public function isUneven(): bool
    {
        return $this->part->profile->edge !== null;
    }

    /** @return list<array{string|null, string|null, string}> angle, how far below, and how high over the foot */
    public function rows(): array
    {
        $profile = $this->part->profile;
        $rows = array_map(fn (array $place): array => [
            rtrim(rtrim(number_format($place[0], 1, '.', ''), '0'), '.'),
            $this->show->field(Unit::Length, $place[1]),
            $this->show->length($profile->heightMm() - $place[1], $this->show->fine()),
        ], $profile->edge?->toArray() ?? []);
        $open = max(0, min(NaturalEdge::MOST_PLACES - count($rows), self::OPEN_ROWS));

        return [...$rows, ...array_fill(0, $open, [null, null, ''])];
    }

    /** What follows from it: how much of a turn is air, how it is balanced, and how fast it goes. */
    public function sentence(): string
    {
        $edge = $this->part->profile->edge;

        return $edge === null ? '' : $this->show->said(new Said(
            $this->part->offAxisMm < 0.05 ? 'view.rim-words.balanced' : 'view.rim-words.off', [
                'drop' => Quantity::mm($edge->dropMm), 'middle' => Quantity::mm($edge->dropMm / 2),
                'air' => Quantity::share(1 - $edge->share($edge->dropMm / 2)),
                'off' => Quantity::mm($this->part->offAxisMm),
            ],
        ));
    }

    /** @return array<string, string> label by field */
    public function labels(): array
    {
        $mm = ['unit' => $this->show->unit(Unit::Length)];

        return array_map(fn (string $line): string => say($line, $mm), [
            'rim_below' => 'view.rim-words.below', 'rim_log' => 'view.rim-words.log',
        ]);
    }
}
