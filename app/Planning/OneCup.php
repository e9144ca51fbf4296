<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\PlannedStep;

/** What was used on several pieces out of one cup, by what each was planned to take. */
final readonly class OneCup
{
    /** @param  array<int, float>  $planned  by the number of the step; in one unit */
    private function __construct(private array $planned, private ?float $used)
    {
    }

    /**
     * @param  iterable<PlannedStep>  $steps  the first says in which unit it was measured
     * @param  float|null  $used  on all of them; null where nobody knows
     */
    public static function of(iterable $steps, ?float $used): self
    {
        $unit = null;
        $planned = [];
        foreach ($steps as $step) {
            $amount = $step->details->amount;
            $unit ??= $amount?->unit;
            if ($amount !== null && $amount->unit === $unit) {
                $planned[$step->id] = $amount->value;
            }
        }

        return new self($planned, $used);
    }

    /** What a step had of it; null where it took nothing out of that cup, or nobody knows. */
    public function share(PlannedStep $step): ?float
    {
        $all = array_sum($this->planned);

        return $this->used === null || $all <= 0 || ! isset($this->planned[$step->id])
            ? null : round($this->used * $this->planned[$step->id] / $all, 3);
    }
}
