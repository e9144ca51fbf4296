<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\BoardFactors;
use App\Models\Workshop;
use HonestGrain\Colour\DyeFactors;
use HonestGrain\Colour\DyeFactorTable;

/** Works out what a shop's test boards make of its dyes, whenever one of them is measured, left out or taken away. */
final readonly class BoardLearner
{
    public function __construct(private ShopMapper $mapper)
    {
    }

    public function derive(Workshop $workshop): void
    {
        $tables = $this->mapper->tables($workshop);
        $boards = [];
        foreach ($workshop->swatches()->where('counts', true)->get() as $swatch) {
            $board = $swatch->board($tables);
            if ($board !== null) {
                $boards[DyeFactorTable::key($swatch->wood, $swatch->layers[0]->product)][] = $board;
            }
        }
        $calibration = $tables->calibration;
        $workshop->update(['dye_factors' => new BoardFactors(array_map(
            fn (array $of): DyeFactors => DyeFactors::from($of, $calibration->colour, $calibration->learning), $boards,
        ))]);
    }
}
