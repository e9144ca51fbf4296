<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

/**
 * What making a piece costs, in whatever coin its parts are typed: hands by the hour, wood, what is used up, and the
 * current of the lathe. A part that nobody has typed a price for is null, and counts as nothing.
 */
final readonly class MakingCost
{
    private const MINUTES = 60.0;

    /**
     * @param  float|null  $hands  for the minutes of hands
     * @param  float|null  $current  for the minutes in which the lathe runs
     */
    private function __construct(
        public ?float $hands,
        public ?float $wood,
        public float $usedUp,
        public ?float $current,
    ) {
    }

    /**
     * @param  float  $handsMinutes  all of them, done and still to come
     * @param  float  $latheMinutes  those of them in which the lathe runs
     * @param  float|null  $kilowatts  that the lathe draws
     */
    public static function of(
        float $handsMinutes,
        ?float $perHour,
        ?float $wood,
        float $usedUp,
        float $latheMinutes,
        ?float $kilowatts,
        ?float $perKilowattHour,
    ): self {
        return new self(
            $perHour === null ? null : $handsMinutes / self::MINUTES * $perHour, $wood, $usedUp,
            $kilowatts === null || $perKilowattHour === null ? null
                : $latheMinutes / self::MINUTES * $kilowatts * $perKilowattHour,
        );
    }

    public function total(): float
    {
        return ($this->hands ?? 0.0) + ($this->wood ?? 0.0) + $this->usedUp + ($this->current ?? 0.0);
    }

    /** What is left of a price once it is made; less than nothing where it costs more. */
    public function leaves(float $price): float
    {
        return $price - $this->total();
    }
}
