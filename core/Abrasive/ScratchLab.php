<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Reading\InvalidField;

/**
 * A cross-section of wood under the tool and under every grit after it: grooves cut by grains of that size into what
 * the grit before left.
 *
 * Workshop model: a pass lowers the surface until the valleys before it are gone, where it can. A grit can take out
 * what a grit of at most the greatest ratio before it left, in the time that such a step takes; the first one what is
 * no deeper than its own grain. What is left below stays as a ghost. Grains are spread about their size, grooves lie at
 * random by a seed; the deepest groove of a grit is as deep as the scratch model says.
 */
final readonly class ScratchLab
{
    /** How much of the wood is looked at, µm, and at how many places. */
    public const LONG_UM = 2400.0;

    public const POINTS = 1200;

    public const MOST_GRITS = 20;

    /** Spread of the grain sizes of one grade, as a share of its size. */
    private const SPREAD = 0.22;

    /** No grain of a grade is smaller than this share of its size. */
    private const SMALLEST = 0.2;

    /** Grooves for each grain's width along the section: they overlap. */
    private const DENSITY = 3.0;

    /** Half a groove's width, in grains. */
    private const HALF_WIDTH = 0.35;

    /** The least deep groove, as a share of the deepest. */
    private const SHALLOWEST = 0.35;

    /** Less than this share of its depth left over is no ghost. */
    private const GHOST_SHARE = 0.04;

    /** How far one ridge off the tool is from the next, in depths. */
    private const RIDGE_DEPTHS = 6.0;

    /**
     * @param  list<float>  $profile  height, µm, below the highest place off the tool, 0 or less
     * @param  float  $ghostUm  how much deeper than its own scratches the deepest place is
     */
    private function __construct(
        public ?SandingStep $step,
        public array $profile,
        public float $ghostUm,
        public float $minutes,
        public int $discs,
    ) {
    }

    /**
     * What the tool left, and each pass after it.
     *
     * @param  list<Grit>  $grits  in the order in which they are used
     * @return non-empty-list<self>
     *
     * @throws InvalidField for more grits than anybody uses
     */
    public static function passes(SandingJob $job, array $grits, int $seed): array
    {
        if (count($grits) > self::MOST_GRITS) {
            throw InvalidField::range('grits', count($grits), 0, self::MOST_GRITS);
        }
        $dice = new Dice($seed);
        $profile = self::offTheTool($job->deepestUm(), $dice);
        $passes = [new self(null, $profile, 0.0, 0.0, 0)];
        $before = null;
        $landUm = 0.0;
        $deepestUm = $job->deepestUm();
        foreach ($grits as $grit) {
            $valley = $job->model->valleyUm($grit);
            $wanted = max(0.0, $deepestUm - $valley);
            $able = $before === null ? $grit->startsAtMicron : $job->model->valleyOf(min(
                $before->micron, $job->rates->maxRatio * $grit->startsAtMicron,
            ));
            $taken = min($wanted, max(0.0, $able - $valley));
            $landUm -= $taken;
            $profile = self::cut($profile, $landUm, $valley, $grit->micron, $dice);
            $ghost = $wanted - $taken;
            $step = $job->part(1.0, $valley + $taken)->step($grit, null);
            $passes[] = new self(
                $step, $profile, $ghost > self::GHOST_SHARE * $valley ? $ghost : 0.0, $step->minutes, $step->discs,
            );
            $deepestUm = $valley + $ghost;
            $before = $grit;
        }

        return $passes;
    }

    /**
     * Ridges as the tool left them, no two alike.
     *
     * @return list<float>
     */
    private static function offTheTool(float $depthUm, Dice $dice): array
    {
        $step = self::LONG_UM / self::POINTS;
        $wave = max(160.0, min(1200.0, self::RIDGE_DEPTHS * $depthUm));
        $phase = $dice->between(0.0, 2 * M_PI);
        $profile = [];
        for ($i = 0; $i < self::POINTS; $i++) {
            $x = $i * $step;
            $ridge = 0.5 + 0.5 * cos(2 * M_PI * $x / $wave + $phase);
            $rough = 0.18 * sin(2 * M_PI * $x / ($wave / 5.3)) + 0.12 * $dice->between(-1.0, 1.0);
            $profile[] = -$depthUm * max(0.0, min(1.0, 1 - $ridge + $rough * (1 - $ridge)));
        }
        [$low, $high] = [min([0.0, ...$profile]), max([-$depthUm, ...$profile])];

        // The highest ridge at nothing, the lowest place as deep as the marks are.
        return array_map(fn (float $z): float => -$depthUm * ($high - $z) / max(1e-9, $high - $low), $profile);
    }

    /**
     * @param  list<float>  $profile
     * @param  float  $landUm  height of what stands between the grooves of this pass
     * @return list<float> with the grooves of a pass; places that lay lower stay
     */
    private static function cut(
        array $profile,
        float $landUm,
        float $valleyUm,
        float $micron,
        Dice $dice,
    ): array {
        $step = self::LONG_UM / self::POINTS;
        $grooves = array_fill(0, self::POINTS, 0.0);
        $count = (int) max(1, round(self::DENSITY * self::LONG_UM / $micron));
        for ($i = 0; $i < $count; $i++) {
            $size = max(self::SMALLEST, 1 + self::SPREAD * self::normal($dice));
            $middle = $dice->between(0.0, self::LONG_UM);
            $half = max($step, self::HALF_WIDTH * $micron * $size);
            $depth = $dice->between(self::SHALLOWEST, 1.0) * $size;
            $from = max(0, (int) ceil(($middle - $half) / $step));
            $to = min(self::POINTS - 1, (int) floor(($middle + $half) / $step));
            for ($k = $from; $k <= $to; $k++) {
                $grooves[$k] = max($grooves[$k], $depth * (1 - (($k * $step - $middle) / $half) ** 2));
            }
        }
        $deepest = max(1e-9, ...$grooves);

        return array_map(
            fn (float $z, float $groove): float => min($z, $landUm - $valleyUm * $groove / $deepest),
            $profile, $grooves,
        );
    }

    /** A draw from the standard normal distribution (Box and Muller). */
    private static function normal(Dice $dice): float
    {
        return sqrt(-2 * log(max(1e-12, $dice->between(0.0, 1.0)))) * cos(2 * M_PI * $dice->between(0.0, 1.0));
    }
}
