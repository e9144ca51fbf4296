<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** A hold that a shop has: the limits of its own stand in the place of the table's; null where it has said none. */
final readonly class OwnHold
{
    public const MOST_MM = 2000.0;

    private function __construct(public ?int $mostRpm, public ?float $sizeMm, public ?float $mostDiameterMm)
    {
    }

    /** @throws InvalidField */
    public static function read(Document $hold): self
    {
        $most = $hold->numberOr('most_rpm', null, ...Lathe::SPEEDS_RPM);

        return new self(
            $most === null ? null : (int) $most, $hold->numberOr('size_mm', null, 1, self::MOST_MM),
            $hold->numberOr('most_diameter_mm', null, 1, self::MOST_MM),
        );
    }
}
