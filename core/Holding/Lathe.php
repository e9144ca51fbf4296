<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A lathe: what swings over its bed, how long work it takes, how fast it turns, and how its index divides a turn. */
final readonly class Lathe
{
    public const SIZES_MM = [50.0, 5000.0];

    public const SPEEDS_RPM = [1.0, 10_000.0];

    private const MOST_PLATES = 20;

    /** @param  list<int>  $indexHoles  of each plate */
    private function __construct(
        public float $swingMm,
        public float $bedMm,
        public float $leastRpm,
        public float $mostRpm,
        public bool $reverses,
        public array $indexHoles,
    ) {
    }

    /** @throws InvalidField */
    public static function read(Document $lathe): self
    {
        $least = $lathe->number('least_rpm', ...self::SPEEDS_RPM);
        $most = $lathe->number('most_rpm', ...self::SPEEDS_RPM);
        if ($most < $least) {
            throw InvalidField::because($lathe->at('most_rpm'), $most,
                new Said('holding.lathe.must-not-below-slowest', [
                    'least' => Quantity::number($least),
                ]));
        }
        $holes = [];
        foreach ($lathe->listOr('index_holes', self::MOST_PLATES) as $i => $count) {
            if (! is_int($count) || $count < 2 || $count > 1000) {
                throw InvalidField::type(
                    $lathe->at("index_holes.$i"), $count, new Said('holding.lathe.number-holes-from-2'),
                );
            }
            $holes[] = $count;
        }

        return new self(
            swingMm: $lathe->number(
                'swing_mm', ...self::SIZES_MM,
            ), bedMm: $lathe->number('bed_mm', ...self::SIZES_MM), leastRpm: $least, mostRpm: $most,
            reverses: $lathe->flag('reverses', false), indexHoles: $holes,
        );
    }
}
