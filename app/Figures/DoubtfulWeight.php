<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Weighing;

/** A weight that can hardly be that blank's next to the one before it, and what may have been meant. */
final readonly class DoubtfulWeight
{
    /** A blank does not lose or gain more than this share of its weight between two weighings. */
    public const MOST_CHANGE = 0.6;

    /** What was meant lies so near the weight before. */
    private const NEAR = 0.35;

    /** What makes grams of a figure in another unit. */
    private const UNITS = [
        'kilograms' => 1000.0, 'ounces' => 28.349523125, 'pounds' => 453.59237, 'thousandths' => 0.001,
    ];

    /**
     * @param  float  $beforeG  the weight before
     * @param  string|null  $unit  that it may have been read in
     * @param  float|null  $meantG  what it would be then
     */
    private function __construct(public float $beforeG, public ?string $unit, public ?float $meantG)
    {
    }

    /** Whether a weight can hardly be that blank's, next to the one before it; null where it can. */
    public static function at(Weighing $weighing): ?self
    {
        if ($weighing->struck_at !== null || $weighing->sure_at !== null) {
            return null;
        }
        $before = Weighing::query()->where('blank_id', $weighing->blank_id)->standing()
            ->where('at', '<', $weighing->at)->where('mass_g', '>', 0)->latest('at')->value('mass_g');

        return $before === null ? null : self::of((float) $before, $weighing->mass_g);
    }

    public static function of(float $beforeG, float $massG): ?self
    {
        if (! self::isFar($beforeG, $massG, self::MOST_CHANGE)) {
            return null;
        }
        foreach (self::UNITS as $unit => $grams) {
            if (! self::isFar($beforeG, $massG * $grams, self::NEAR)) {
                return new self($beforeG, $unit, round($massG * $grams, 2));
            }
        }

        return new self($beforeG, null, null);
    }

    public static function isFar(float $beforeG, float $massG, float $share): bool
    {
        return abs($massG / $beforeG - 1) > $share;
    }
}
