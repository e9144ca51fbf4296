<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

use HonestGrain\Calibration\ShelfFigures;
use HonestGrain\Coating\Coating;
use HonestGrain\Words\Said;

/**
 * How long an opened tin is good for. Workshop model: months by family, in which an oxidising finish skins, shellac
 * hardens ever more slowly and solvents leave; the maker's own label replaces them. Nothing is proved by the calendar:
 * a test board is.
 */
final readonly class ShelfLife
{
    private const DAYS_PER_MONTH = 365.25 / 12;

    /** Non-drying oils and what never hardens do not skin. */
    private function __construct(private Coating $coating, public ?float $months, private float $oldFromShare)
    {
    }

    /** @param  float|null  $labelMonths  as the tin itself says */
    public static function of(Coating $coating, ?float $labelMonths, ShelfFigures $figures): self
    {
        $months = $coating->neverCures() ? null : $figures->goodMonths[$coating->family->value];

        return new self($coating, $labelMonths ?? $months, $figures->oldFromShare);
    }

    public function after(int $daysOpen): TinState
    {
        $share = $this->months === null ? 0.0 : $daysOpen / ($this->months * self::DAYS_PER_MONTH);

        return match (true) {
            $share >= 1.0 => TinState::Past,
            $share >= $this->oldFromShare => TinState::Old,
            default => TinState::Good,
        };
    }

    /** What goes wrong with such a finish in an opened tin, and what to do before it goes on a piece. */
    public function says(): Said
    {
        return new Said('shelf.ages.'.$this->coating->family->value);
    }
}
