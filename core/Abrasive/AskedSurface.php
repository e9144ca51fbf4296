<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\FilmKind;

/**
 * How fine a surface must be for what comes next on it, and how fine it may be, µm of scratch depth.
 *
 * Workshop limits, with the sentence that says which one applied.
 */
final readonly class AskedSurface
{
    public const PENETRATING_UM = 15.0;

    public const HARD_WAX_UM = 17.0;

    public const HARD_WAX_FLOOR_UM = 12.0;

    public const FILM_UM = 12.0;

    public const POLISH_UM = 6.6;

    public const DYE_UM = 15.0;

    public const DYE_FLOOR_UM = 8.0;

    private function __construct(public float $limitUm, public ?float $floorUm, public string $because)
    {
    }

    /**
     * @param  Coating|null  $first  the first coat on the zone; null for bare wood
     * @param  bool  $dyed  whether any of the zone is coloured before it
     */
    public static function by(?Coating $first, bool $dyed): self
    {
        [$limit, $floor, $because] = match (true) {
            $first === null => [self::POLISH_UM, null, 'bare wood shows every scratch'],
            str_starts_with($first->class, 'Hard-wax oil') => [self::HARD_WAX_UM, self::HARD_WAX_FLOOR_UM, 'hard-wax oil needs some tooth to hold'],
            $first->film === FilmKind::Penetrating => [self::PENETRATING_UM, null, 'oil soaks in and hides fine scratches'],
            $first->isPolish(), $first->isWax() => [self::POLISH_UM, null, 'polish and wax hide nothing'],
            default => [self::FILM_UM, null, 'a film hides what is finer'],
        };
        if (! $dyed) {
            return new self($limit, $floor, $because);
        }

        return new self(min($limit, self::DYE_UM), max($floor ?? 0.0, self::DYE_FLOOR_UM), "$because; a dyed ground must not be burnished");
    }

    /** Whether what comes next asks for two things at once. */
    public function contradictsItself(): bool
    {
        return $this->floorUm !== null && $this->floorUm > $this->limitUm;
    }

    /** The same without its floor, where the two contradict. */
    public function withoutFloor(): self
    {
        return new self($this->limitUm, null, $this->because);
    }
}
