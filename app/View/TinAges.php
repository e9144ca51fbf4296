<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Tin;
use App\Models\Workshop;
use HonestGrain\Calibration\ShelfFigures;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Shelf\ShelfLife;
use HonestGrain\Shelf\TinState;

/** Which opened tins are to be tried on a test board before they go on a piece. */
final readonly class TinAges
{
    /** @param  array<string, Coating>  $coatings  by class */
    private function __construct(private array $coatings, private ShelfFigures $figures, private Show $show)
    {
    }

    public static function of(CoatingTable $coatings, ShelfFigures $figures, Show $show): self
    {
        $byClass = [];
        foreach ($coatings->coatings() as $coating) {
            $byClass[$coating->class] = $coating;
        }

        return new self($byClass, $figures, $show);
    }

    public function state(Tin $tin): TinState
    {
        $days = $tin->daysOpen();

        return $days === null || ! isset($this->coatings[$tin->product]) ? TinState::Good
            : $this->life($tin)->after($days);
    }

    /** @return list<array{name: string, product: string, open: string, isPast: bool, says: string}> the oldest first */
    public function doubtful(Workshop $workshop, ?string $product = null): array
    {
        $tins = $workshop->tins->filter(fn (Tin $tin): bool => ($product === null || $tin->product === $product)
            && $this->state($tin) !== TinState::Good)->sortBy(fn (Tin $tin): string => (string) $tin->opened_on);

        return array_values($tins->map(fn (Tin $tin): array => [
            'name' => $this->show->product($tin->product), 'product' => $tin->product,
            'open' => say('view.tin-ages.open-of', [
                'days' => (int) $tin->daysOpen(), 'months' => (float) $this->life($tin)->months,
            ]),
            'isPast' => $this->state($tin) === TinState::Past,
            'says' => $this->show->said($this->life($tin)->says()),
        ])->all());
    }

    private function life(Tin $tin): ShelfLife
    {
        return ShelfLife::of($this->coatings[$tin->product], $tin->good_months, $this->figures);
    }
}
