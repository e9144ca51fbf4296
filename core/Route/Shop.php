<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What steps use of a shop, by the names that its resources have in a plan. */
final class Shop
{
    /** The maker. */
    public const TURNER = 'turner';

    /** The lathe while it is worked on, or while a part stands on it that comes off it with no chuck body. */
    public const LATHE = 'lathe';

    /** A place for a mounted part: the lathe, or a spare chuck body that it stays in beside it. */
    public const MOUNTS = 'mounts';

    public const SPRAY = 'spray-corner';

    /** The air: wet coats share it with each other, never with dusty work, which takes all of it. */
    public const AIR = 'air';

    public const ALL_AIR = 100;

    /**
     * @param  int  $spareChucks  chuck bodies besides the one on the lathe
     * @return array<string, int> what there is of each
     */
    public static function resources(int $spareChucks): array
    {
        return [
            self::TURNER => 1, self::LATHE => 1, self::MOUNTS => 1 + $spareChucks, self::SPRAY => 1,
            self::AIR => self::ALL_AIR,
        ];
    }
}
