<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Internal\Meeting;
use HonestGrain\Coating\Internal\PairRule;
use HonestGrain\Coating\Internal\Ruling;
use HonestGrain\Coating\Internal\Traits;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/**
 * Whether one product may go over another, from their properties and from what happened between them: the first row of
 * `catalogue/pairs.csv` that speaks of the pair says so.
 */
final class Compatibility
{
    /** @var list<PairRule>|null */
    private ?array $rules = null;

    /** @param  list<Row>  $rows */
    public function __construct(private readonly array $rows, public readonly CoatFigures $figures)
    {
    }

    /** @throws \LogicException for a pair that no row speaks of, a fault of the release */
    public function of(Product $under, Product $over, ?Between $between = null): PairVerdict
    {
        $meeting = new Meeting($under, $over, $between ?? new Between, $this->figures);
        $ruling = $this->judged($meeting);
        if ($ruling->verdict === Verdict::ScuffFirst && $meeting->between->isScuffed()) {
            $ruling = Ruling::of(Verdict::Fine, new Said('coating.compatibility.was-scuffed-which-gives'));
        }

        return new PairVerdict($under->name(), $over->name(), $ruling->verdict, $ruling->reason, $ruling->mend);
    }

    private function judged(Meeting $meeting): Ruling
    {
        $below = Traits::of($meeting->under, $this->figures);
        $above = Traits::of($meeting->over, $this->figures);
        foreach ($this->rules ??= array_map(fn (Row $row): PairRule => new PairRule($row), $this->rows) as $rule) {
            $ruling = $rule->ruling($below, $above, $meeting);
            if ($ruling !== null) {
                return $ruling;
            }
        }

        throw new \LogicException("Nothing is said of {$meeting->over->class()} over {$meeting->under->class()}.");
    }
}
