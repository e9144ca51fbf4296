<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\EntryKind;
use App\Models\Piece;

/** What a piece has cost so far: its wood, and the discs that were logged, at what the shelf says they cost. */
final readonly class PieceCost
{
    /** @param  bool  $isWhole  whether every disc that was used has a price */
    private function __construct(public ?float $wood, public float $discs, public int $discCount, public bool $isWhole)
    {
    }

    public static function of(Piece $piece): self
    {
        $prices = $piece->workshop->discPrices();
        $cost = 0.0;
        $count = 0;
        $isWhole = true;
        $undone = $piece->logEntries()->whereNotNull('undoes_id')->pluck('undoes_id')->all();
        $sanded = $piece->logEntries()->where('kind', EntryKind::Done)->where('is_sanding', true)
            ->whereNotIn('id', $undone)->get(['id', 'facts']);
        foreach ($sanded as $entry) {
            foreach ($entry->facts->abraded->used ?? [] as $grit => $discs) {
                $count += $discs;
                $cost += ($prices[$grit] ?? 0.0) * $discs;
                $isWhole = $isWhole && ($discs === 0 || isset($prices[$grit]));
            }
        }

        return new self($piece->blank?->core()->price, $cost, $count, $isWhole);
    }
}
