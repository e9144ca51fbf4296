<?php

declare(strict_types=1);

namespace HonestGrain\Rack\Internal;

use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Rack\DryingCurve;
use HonestGrain\Rack\Weighing;

/**
 * The curve through weighings by least squares, and every curve that agrees with them as well as the scale allows.
 *
 * For a rate k the best plateau and excess are those of a straight line over e^(−kt), so only k is searched for. The
 * interval of a figure is its range over all curves whose squares stay within s²·t² of the least (the profile of the
 * likelihood, linear in plateau and excess); s is what the weighings scatter by, and not less than the scale's own.
 *
 * @internal
 */
final class CurveFit
{
    private const SLOWEST_PER_DAY = 1e-5;

    private const FASTEST_PER_DAY = 3.0;

    private const RATES = 160;

    /** Between one look for the end of the interval and the next. */
    private const STEP = 1.25;

    private const CLOSE = 0.001;

    private const LOOKS = 16;

    /** Student's t at 97.5 %, by degrees of freedom from 3 on; with fewer the scale's own error leads. */
    private const T = [
        3 => 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.160, 2.145, 2.131, 2.120, 2.110,
        2.101, 2.093, 2.086, 2.080, 2.074, 2.069, 2.064, 2.060, 2.056, 2.052, 2.048, 2.045, 2.042,
    ];

    private const T_OF_MANY = 1.96;

    /** @var list<float> */
    private array $days = [];

    /** @var list<float> */
    private array $masses = [];

    private float $leastPlateauG;

    /**
     * @param  non-empty-list<Weighing>  $weighings
     * @param  float|null  $plateauG  where it is known from elsewhere
     */
    public function __construct(
        private readonly array $weighings,
        private readonly DryingFigures $figures,
        private readonly ?float $plateauG = null,
    ) {
        foreach ($weighings as $one) {
            $this->days[] = ($one->at - $weighings[0]->at) / 86_400;
            $this->masses[] = $one->massG;
        }
        $this->leastPlateauG = max(array_column($weighings, 'massG')) / (1 + $figures->mostMoisturePercent / 100);
    }

    /** The best curve; null where none of them falls towards a plateau. */
    public function best(): ?DryingCurve
    {
        $best = null;
        $rates = self::rates();
        foreach ($rates as $i => $rate) {
            $line = $this->line($rate);
            if ($line !== null && ($best === null || $line[2] < $best[1])) {
                $best = [$i, $line[2]];
            }
        }

        return $best === null ? null : $this->curve($this->refined($rates, $best[0]));
    }

    /**
     * Curves that agree with the weighings, from the slowest to the fastest, each with how far ln(excess/plateau) of
     * it may be off.
     *
     * @return non-empty-list<array{DryingCurve, float}>|null null where nothing tells the slow end from no plateau
     */
    public function agreeing(DryingCurve $best): ?array
    {
        $count = count($this->masses);
        $least = $this->squares($best);
        $own = max($this->figures->scaleG, $this->figures->scalePercent / 100 * $this->masses[0]);
        $variance = max($least / max(1, $count - 3), $own ** 2);
        $t = self::T[max(3, $count - 3)] ?? self::T_OF_MANY;
        $limit = $least + $variance * $t ** 2;
        $slow = $this->end($best->ratePerDay, $limit, 1 / self::STEP);
        $fast = $this->end($best->ratePerDay, $limit, self::STEP);
        if ($this->line($slow / (1 + self::CLOSE)) === null) {
            return null;
        }
        $agreeing = [];
        for ($i = 0; $i <= self::LOOKS; $i++) {
            $line = $this->line($slow * ($fast / $slow) ** ($i / self::LOOKS));
            if ($line !== null) {
                $curve = new DryingCurve(
                    $this->weighings[0]->at, $line[0], $line[1], $slow * ($fast / $slow) ** ($i / self::LOOKS),
                );
                $agreeing[] = [$curve, $this->spread($curve, $limit - $line[2])];
            }
        }

        return $agreeing === [] ? null : $agreeing;
    }

    /** The last rate, going by steps from the best, at which the squares stay within the limit. */
    private function end(float $rate, float $limit, float $step): float
    {
        $isIn = fn (float $rate): bool => ($this->line($rate)[2] ?? INF) <= $limit
            && $rate >= self::SLOWEST_PER_DAY && $rate <= self::FASTEST_PER_DAY;
        while ($isIn($rate * $step)) {
            $rate *= $step;
        }
        while (abs($step - 1) > self::CLOSE / 8) {
            $step = sqrt($step);
            $rate = $isIn($rate * $step) ? $rate * $step : $rate;
        }

        return $rate;
    }

    /** @return list<float> per day, evenly by ratio */
    private static function rates(): array
    {
        $step = log(self::FASTEST_PER_DAY / self::SLOWEST_PER_DAY) / self::RATES;

        return array_map(fn (int $i): float => self::SLOWEST_PER_DAY * exp($step * $i), range(0, self::RATES));
    }

    /** @param  list<float>  $rates */
    private function refined(array $rates, int $at): float
    {
        [$low, $high] = [$rates[max(0, $at - 1)], $rates[min(count($rates) - 1, $at + 1)]];
        $of = fn (float $rate): float => $this->line($rate)[2] ?? INF;
        $golden = (sqrt(5) - 1) / 2;
        for ($i = 0; $i < 60; $i++) {
            $a = $high - $golden * ($high - $low);
            $b = $low + $golden * ($high - $low);
            [$low, $high] = $of($a) <= $of($b) ? [$low, $b] : [$a, $high];
        }
        $middle = ($low + $high) / 2;

        return $of($middle) <= $of($rates[$at]) ? $middle : $rates[$at];
    }

    private function curve(float $rate): DryingCurve
    {
        [$plateau, $excess] = $this->line($rate) ?? throw new \LogicException('The best rate has a curve.');

        return new DryingCurve($this->weighings[0]->at, $plateau, $excess, $rate);
    }

    /**
     * @return array{float, float, float}|null plateau, excess, sum of squares; null where wood cannot dry so
     */
    private function line(float $rate): ?array
    {
        [$n, $sx, $sxx, $sy, $sxy] = $this->sums($rate);
        $det = $n * $sxx - $sx ** 2;
        if ($det < 1e-9 * $n * max($sxx, 1e-12)) {
            return null;
        }
        $excess = $this->plateauG === null ? ($n * $sxy - $sx * $sy) / $det : ($sxy - $this->plateauG * $sx) / $sxx;
        $plateau = $this->plateauG ?? ($sy - $excess * $sx) / $n;
        if ($excess <= 0 || $plateau < $this->leastPlateauG) {
            return null;
        }

        return [$plateau, $excess, $this->squares(
            new DryingCurve($this->weighings[0]->at, $plateau, $excess, $rate),
        )];
    }

    /** @return array{int, float, float, float, float} count, Σx, Σx², Σy, Σxy with x = e^(−kt) */
    private function sums(float $rate): array
    {
        $sx = $sxx = $sy = $sxy = 0.0;
        foreach ($this->days as $i => $day) {
            $x = exp(-$rate * $day);
            $sx += $x;
            $sxx += $x * $x;
            $sy += $this->masses[$i];
            $sxy += $x * $this->masses[$i];
        }

        return [count($this->days), $sx, $sxx, $sy, $sxy];
    }

    private function squares(DryingCurve $curve): float
    {
        $sum = 0.0;
        foreach ($this->days as $i => $day) {
            $sum += ($this->masses[$i] - $curve->plateauG - $curve->excessG * exp(-$curve->ratePerDay * $day)) ** 2;
        }

        return $sum;
    }

    /** How far ln(excess/plateau) may lie from this curve's while the squares grow by no more than $more. */
    private function spread(DryingCurve $curve, float $more): float
    {
        [$n, $sx, $sxx] = $this->sums($curve->ratePerDay);
        if ($this->plateauG !== null) {
            return sqrt(max(0.0, $more) / $sxx) / $curve->excessG;
        }
        $det = $n * $sxx - $sx ** 2;
        [$p, $e] = [-1 / $curve->plateauG, 1 / $curve->excessG];

        return sqrt(max(0.0, $more) * ($p ** 2 * $sxx - 2 * $p * $e * $sx + $e ** 2 * $n) / $det);
    }
}
