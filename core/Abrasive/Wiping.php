<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** What dust is taken off the work with, between two grits or before a coat. */
enum Wiping: string
{
    case Cloth = 'cloth';
    case Air = 'air';
    case Alcohol = 'alcohol';

    public function label(): string
    {
        return match ($this) {
            self::Cloth => 'a dry cloth',
            self::Air => 'dry air',
            self::Alcohol => 'alcohol',
        };
    }

    /** As it is done between grits, in one clause. */
    public function between(): string
    {
        return match ($this) {
            self::Cloth => 'wipe off',
            self::Air => 'blow it off with dry air',
            self::Alcohol => 'wipe off with alcohol and let it flash',
        };
    }

    /** As it is done as a step of its own. */
    public function how(): string
    {
        return match ($this) {
            self::Cloth => 'A clean dry cloth, turned often.',
            self::Air => 'Blow it off with dry air, then a clean dry cloth.',
            self::Alcohol => 'Wipe with alcohol: it lifts the dust, shows what scratches are left, flashes off.',
        };
    }
}
