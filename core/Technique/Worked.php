<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Reading\Copy;
use HonestGrain\Safety\Hazard;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What follows from a mark's settings on its band. */
final readonly class Worked
{
    /** @var list<Said> */
    public array $says;

    /**
     * @param  float  $minutes  hands-on
     * @param  list<Figure>  $figures
     * @param  list<Finding>  $findings
     * @param  list<?Said>  $says  how it is done, for the step; null where there is nothing to say
     * @param  list<int>  $holes  that the index pin goes into, and of which plate
     * @param  list<Hazard>  $hazards  of what it is worked with, besides those of the technique
     */
    public function __construct(
        public float $minutes,
        public array $figures = [],
        public array $findings = [],
        array $says = [],
        public ?int $plate = null,
        public array $holes = [],
        public int $parts = 0,
        public array $hazards = [],
    ) {
        $this->says = array_values(array_filter($says));
    }

    /** The same with a tool in the hand: taken up and tried, and what it follows marked out first. */
    public function byHand(MarkRates $rates, int $markedOut = 0): self
    {
        return $this->with($this->minutes + $rates->beginMinutes + $rates->markOutMinutes * $markedOut, $this->says);
    }

    /** The same and smoothed as it says, since no sheet comes there again. */
    public function smoothed(float $minutes, Said $says): self
    {
        return $this->with(
            $this->minutes + $minutes,
            [...$this->says, $says->with(['minutes' => Quantity::minutes(max(1.0, $minutes))])],
        );
    }

    /** @param  list<Said>  $says */
    private function with(float $minutes, array $says): self
    {
        return Copy::with($this, ['minutes' => $minutes, 'says' => $says]);
    }

    /** The same of a layer that is sanded back: no line of a lost edge is left of it. */
    public function sandedBack(): self
    {
        return Copy::with($this, ['findings' => array_values(array_filter(
            $this->findings, fn (Finding $finding): bool => ! $finding->goesWithSandingBack,
        ))]);
    }
}
