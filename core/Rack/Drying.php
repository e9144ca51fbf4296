<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Rack\Internal\CurveFit;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/**
 * How far a blank has dried, by its weighings: the curve, the moisture now, and when it will be ready with the interval
 * that the weighings leave.
 *
 * Workshop model: the plateau is where wood is in equilibrium with its air (Wood Handbook ch. 4), so that
 * dry weight = plateau/(1 + EMC/100) and moisture = (weight − dry)/dry. Ready within a point of the equilibrium and
 * losing less than 0.1 % of its weight a week. Where a dry weight is known, from a meter reading, it ties the plateau.
 */
final readonly class Drying
{
    public const MOST_WEIGHINGS = 2000;

    private const WEEK_DAYS = 7;

    /** Two readings of a scale may differ by so many of its errors and mean the same. */
    private const SCALE_ERRORS = 4;

    /**
     * @param  float|null  $moisturePercent  at the last weighing
     * @param  int|null  $readyAt  second (UTC); in the past where it is ready
     * @param  DryingRange|null  $range  how far that is from sure
     * @param  Weighing|null  $rise  the last weighing that rose
     */
    private function __construct(
        public DryingState $state,
        public ?float $emcPercent = null,
        public ?float $moisturePercent = null,
        public ?float $plateauG = null,
        public ?DryingCurve $curve = null,
        public ?int $readyAt = null,
        public ?DryingRange $range = null,
        public ?Weighing $rise = null,
    ) {
    }

    /**
     * @param  list<Weighing>  $weighings  in order of time
     * @param  float|null  $emcPercent  of the air it dries in; null where that is not known
     * @param  float|null  $dryG  its dry weight, where a meter has been read beside a weighing
     *
     * @throws InvalidField where two are at one time or out of order
     */
    public static function of(
        DryingFigures $figures,
        array $weighings,
        ?float $emcPercent,
        ?float $dryG = null,
    ): self {
        foreach ($weighings as $i => $one) {
            if ($i > 0 && $one->at <= $weighings[$i - 1]->at) {
                throw InvalidField::because(
                    "readings.$i.at", gmdate('Y-m-d\TH:i:s\Z', $one->at),
                    new Said('rack.drying.readings-must-order-time'),
                );
            }
        }
        if ($emcPercent === null) {
            return new self(DryingState::NoClimate);
        }
        if ($weighings === [] || count($weighings) < $figures->leastReadings) {
            return new self(DryingState::TooFew, $emcPercent);
        }
        $rise = self::rise($figures, $weighings);
        if ($rise !== null) {
            return new self(DryingState::Rising, $emcPercent, rise: $rise);
        }

        return self::isSteady($figures, $weighings)
            ? self::steady($figures, $weighings, $emcPercent) : self::fitted($figures, $weighings, $emcPercent, $dryG);
    }

    /** The dry weight of wood that weighs so much at a moisture. */
    public static function dryG(float $massG, float $moisturePercent): float
    {
        return $massG / (1 + $moisturePercent / 100);
    }

    /** Percent of its first weight that it has lost, as makers say it; null before the second weighing. */
    public static function lostPercent(Weighing ...$weighings): ?float
    {
        $first = array_shift($weighings);
        $last = array_pop($weighings);

        return $first === null || $last === null ? null : 100 * ($first->massG - $last->massG) / $first->massG;
    }

    /**
     * Percent of its weight that it lost a week up to the last weighing, since the last one that is long enough ago to
     * tell; null where there is none.
     */
    public static function weeklyLossPercent(DryingFigures $figures, Weighing ...$weighings): ?float
    {
        $last = array_pop($weighings);
        do {
            $before = array_pop($weighings);
            if ($last === null || $before === null) {
                return null;
            }
        } while ($last->at - $before->at < 3600 * $figures->lossLeastHours);
        $weeks = ($last->at - $before->at) / 86_400 / self::WEEK_DAYS;

        return 100 * ($before->massG - $last->massG) / $before->massG / $weeks;
    }

    public function isReady(): bool
    {
        return $this->state === DryingState::Ready;
    }

    /** @param  non-empty-list<Weighing>  $weighings */
    private static function fitted(DryingFigures $figures, array $weighings, float $emc, ?float $dryG): self
    {
        [$curve, $agreeing] = self::curves(new CurveFit($weighings, $figures));
        if ($agreeing === null && $dryG !== null) {
            [$curve, $agreeing] = self::curves(new CurveFit($weighings, $figures, $dryG * (1 + $emc / 100)));
        }
        if ($curve === null || $agreeing === null) {
            return new self(DryingState::NoPlateau, $emc, curve: $curve);
        }
        $last = $weighings[count($weighings) - 1];
        $moisture = 100 * ($last->massG * (1 + $emc / 100) / $curve->plateauG - 1);
        if ($emc > $figures->wetAirEmcPercent) {
            return new self(DryingState::WetAir, $emc, $moisture, $curve->plateauG, $curve);
        }
        $passed = $curve->days($last->at);
        $days = $curve->readyAfterDays($emc, $figures->readyPoints, $figures->readyLossPercentAWeek);
        $ends = [];
        foreach ($agreeing as [$one, $off]) {
            $at = $one->readyAfterDays($emc, $figures->readyPoints, $figures->readyLossPercentAWeek);
            $ends[] = [$at - $off / $one->ratePerDay, $one];
            $ends[] = [$at + $off / $one->ratePerDay, $one];
        }
        usort($ends, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$first, $final] = [$ends[0], $ends[count($ends) - 1]];

        return new self(
            state: $days <= $passed ? DryingState::Ready : DryingState::Drying, emcPercent: $emc,
            moisturePercent: $moisture, plateauG: $curve->plateauG, curve: $curve,
            readyAt: $curve->second($days),
            range: new DryingRange(
                [max(0.0, min($first[0], $days) - $passed), max(0.0, max($final[0], $days) - $passed)],
                [$first[1], $final[1]],
            ),
        );
    }

    /** @return array{DryingCurve|null, non-empty-list<array{DryingCurve, float}>|null} the best and all that agree */
    private static function curves(CurveFit $fit): array
    {
        $best = $fit->best();

        return [$best, $best === null ? null : $fit->agreeing($best)];
    }

    /**
     * Weighings that agree: dry, where they span long enough to tell.
     *
     * @param  non-empty-list<Weighing>  $weighings
     */
    private static function steady(DryingFigures $figures, array $weighings, float $emc): self
    {
        $last = $weighings[count($weighings) - 1];
        if ($last->at - $weighings[0]->at < $figures->steadyDays * 86_400) {
            return new self(DryingState::TooShort, $emc);
        }
        $plateau = array_sum(array_column($weighings, 'massG')) / count($weighings);
        if ($emc > $figures->wetAirEmcPercent) {
            return new self(DryingState::WetAir, $emc, $emc, $plateau);
        }

        return new self(
            state: DryingState::Ready, emcPercent: $emc,
            moisturePercent: 100 * ($last->massG * (1 + $emc / 100) / $plateau - 1), plateauG: $plateau, curve: null,
            readyAt: $weighings[0]->at, range: new DryingRange([0.0, 0.0]),
        );
    }

    /** @param  non-empty-list<Weighing>  $weighings */
    private static function isSteady(DryingFigures $figures, array $weighings): bool
    {
        $masses = array_column($weighings, 'massG');
        $weeks = ($weighings[count($weighings) - 1]->at - $weighings[0]->at) / 86_400 / self::WEEK_DAYS;
        $still = max(
            2 * $figures->scaleG, $masses[0] * $figures->readyLossPercentAWeek / 100 * max(1.0, $weeks),
        );

        return max($masses) - min($masses) <= $still;
    }

    /** @param  list<Weighing>  $weighings */
    private static function rise(DryingFigures $figures, array $weighings): ?Weighing
    {
        $rise = null;
        foreach ($weighings as $i => $one) {
            $before = $weighings[$i - 1]->massG ?? INF;
            $least = max(self::SCALE_ERRORS * $figures->scaleG, $before * $figures->risePercent / 100);
            if ($one->massG - $before > $least) {
                $rise = $one;
            }
        }

        return $rise;
    }
}
