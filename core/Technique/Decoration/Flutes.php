<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\FluteCutter;
use HonestGrain\Layout\Flutes as Fluting;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Indexed;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Level;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Relief;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\WallLeft;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Grooves along the wall, evenly divided. */
final readonly class Flutes implements Decoration, Relief
{
    public function key(): string
    {
        return 'flutes';
    }

    public function label(): Said
    {
        return new Said('technique.flutes.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): Said
    {
        return new Said('technique.flutes.action');
    }

    public function because(): Said
    {
        return new Said('technique.flutes.because');
    }

    public function settings(): array
    {
        return [
            Setting::Ribs, Setting::Count, Setting::Tool, Setting::RadiusMm, Setting::AngleDeg, Setting::DepthMm,
            Setting::LeadMm, Setting::FadeMm, Setting::Passes, Setting::FeedMmPerS, Setting::StartDeg,
        ];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        $depth = $ground->likelyDepthMm(2.0, $calibration);
        // So many as leave a land as wide as half of a flute where the band is narrowest.
        $width = FluteCutter::ball(4.0)->widthMm($depth);
        $most = 2 * M_PI * max(1.0, min($ground->radiiMm())) / ($width * 1.5);
        $count = 1;
        foreach ([4, 6, 8, 12, 16, 18, 24, 32, 36, 48, 60, 72] as $parts) {
            $count = $parts <= $most ? $parts : $count;
        }

        return Settings::of([
            'ribs' => 'flutes', 'count' => (float) $count, 'tool' => 'ball', 'radius_mm' => 4.0, 'angle_deg' => 90.0,
            'depth_mm' => $depth,
            'fade_mm' => 0.0, 'passes' => $calibration->marks->flutePasses,
            'feed_mm_s' => $calibration->marks->fluteFeedMmPerS, 'start_deg' => 0.0,
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $flutes = self::flutes($set, $ground);
        $depths = array_map(fn (Level $level): float => $flutes->depthAtMm($level->alongMm), $ground->levels);
        $left = WallLeft::under($ground, $depths, $calibration);
        $index = Indexed::of($ground, $flutes->count, $set->number(Setting::StartDeg));
        $isReeds = $set->choice(Setting::Ribs) === 'reeds';
        $lands = $flutes->landsMm();
        $reeds = array_map(fn (float $radius): float => 2 * M_PI * $radius / $flutes->count, $flutes->radiiMm);
        $helix = $flutes->helixDeg();
        $tool = self::cutter($set);
        $owned = $ground->tooling->cutterLike($tool);

        return (new Worked(
            // A reed is rounded over from both sides once its lines are cut.
            minutes: max(1.0, ($isReeds ? 3 : 1) * $flutes->minutes(
                $set->whole(Setting::Passes), $set->number(Setting::FeedMmPerS),
            ) + $flutes->count * $calibration->marks->indexSeconds / 60),
            figures: [
                ...$isReeds ? [] : [
                    Figure::of(new Said('technique.flutes.flute-wide'), Measure::Mm, $flutes->widthMm()),
                ],
                Figure::of(
                    $isReeds ? new Said('technique.flutes.reed-long') : new Said('technique.flutes.flute-long'),
                    Measure::Mm, $flutes->lengthMm(),
                ),
                $isReeds ? Figure::atLevels(
                    new Said('technique.flutes.reed-wide'), Measure::Mm, $ground->levels, $reeds,
                )
                    : Figure::atLevels(new Said('technique.flutes.land-left'), Measure::Mm, $ground->levels, $lands),
                ...$left->figures(),
                ...$helix === null ? [] : [
                    Figure::atLevels(new Said('technique.flutes.off-axis'), Measure::Degrees, $ground->levels, $helix),
                ],
            ],
            findings: [
                ...$left->findings(
                    new Said('technique.flutes.the-flutes'), new Said('technique.flutes.cut-them-less-deep'),
                    new Said('technique.flutes.leave-wall-thicker-there'),
                ),
                ...self::narrow($ground, $isReeds ? $reeds : $lands, $calibration->marks->leastLandMm),
                ...$index->findings,
                ...$ground->tooling->cutters !== [] && $owned === null ? [Finding::warn(
                    new Said(
                        'technique.flutes.none-your-cutters', ['named' => self::named($set)],
                    ), new Said('technique.flutes.choose-one-you-have'),
                    new Said('technique.flutes.enter-under-shop-lathe'),
                )] : [],
            ],
            says: [
                new Said($isReeds ? 'technique.flutes.reeds' : 'technique.flutes.cut', [
                    'count' => Quantity::count($flutes->count), 'deep' => Quantity::mm($flutes->depthMm),
                    'tool' => self::named($set),
                    'owned' => $owned === null ? '' : new Said('technique.flutes.owned', ['name' => $owned->name]),
                    'passes' => Quantity::count($set->whole(Setting::Passes)),
                ]), $index->says,
            ],
            plate: $index->plate, holes: $index->holes, parts: $flutes->count,
        ))->byHand($calibration->marks, $flutes->count)->smoothed(
            $flutes->count * $flutes->lengthMm() / 1000 * $calibration->marks->cordMinutesPerM,
            new Said('technique.flutes.smooth-them-along-their'),
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $flutes = self::flutes($set, $ground);
        $start = $set->number(Setting::StartDeg) / 360;
        $lines = [];
        $steps = $flutes->leadMm === null ? 4 : 24;
        $turned = self::turns($set, $ground, $steps);
        for ($i = 0; $i < $flutes->count; $i++) {
            $path = [];
            for ($k = 0; $k <= $steps; $k++) {
                $path[] = [$start + $i / $flutes->count + $turned[$k], $k / $steps * $ground->lengthMm()];
            }
            $lines[] = [$path, $flutes->widthMm(), Ink::Cut];
        }

        return new Pattern($lines);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(Said $mounted): Said
    {
        return new Said('technique.flutes.locked-index', ['mounted' => $mounted]);
    }

    public function isFilled(): bool
    {
        return false;
    }

    public function takesColour(): bool
    {
        return false;
    }

    public function ink(): string
    {
        return '#1c120a';
    }

    public function relief(Settings $set, Ground $ground): \Closure
    {
        $flutes = self::flutes($set, $ground);
        $start = $set->number(Setting::StartDeg) / 360;
        $isReeds = $set->choice(Setting::Ribs) === 'reeds';

        return function (float $turn, float $alongMm) use ($flutes, $ground, $start, $isReeds): float {
            $deep = $flutes->depthAtMm($alongMm);
            $half = $flutes->cutter->widthMm($deep) / 2;
            $spiral = $flutes->leadMm === null ? 0.0 : $alongMm / $flutes->leadMm;
            $part = ($turn - $start - $spiral) * $flutes->count;
            if ($isReeds) {
                // Round between its lines: highest in the middle of the reed.
                $x = 1 - 2 * abs($part - round($part));

                return $deep * (1 - sqrt(max(0.0, 1 - $x ** 2)));
            }
            $off = abs($part - round($part)) / $flutes->count * 2 * M_PI * $ground->radiusAtMm($alongMm);

            return $half <= 0 || $off >= $half ? 0.0 : $deep * (1 - ($off / $half) ** 2);
        };
    }

    private static function flutes(Settings $set, Ground $ground): Fluting
    {
        return new Fluting(
            count: $set->whole(Setting::Count), cutter: self::cutter($set), depthMm: $set->number(Setting::DepthMm),
            radiiMm: $ground->radiiMm(),
            slantMm: $ground->lengthMm(), leadMm: $set->numberOr(Setting::LeadMm, null),
            fadeMm: $set->number(Setting::FadeMm),
        );
    }

    private static function cutter(Settings $set): FluteCutter
    {
        return $set->choice(Setting::Tool) === 'ball'
            ? FluteCutter::ball($set->number(Setting::RadiusMm)) : FluteCutter::v($set->number(Setting::AngleDeg));
    }

    private static function named(Settings $set): Said
    {
        return $set->choice(Setting::Tool) === 'ball'
            ? new Said('technique.flutes.ball-radius', ['number' => Quantity::mm($set->number(Setting::RadiusMm))])
            : new Said('technique.flutes.v', ['angle' => Quantity::degrees($set->number(Setting::AngleDeg))]);
    }

    /** @return list<float> how far round a flute has gone at each step along it, turns */
    private static function turns(Settings $set, Ground $ground, int $steps): array
    {
        $lead = $set->numberOr(Setting::LeadMm, null);

        return array_map(
            fn (int $k): float => $lead === null ? 0.0 : $k / $steps * $ground->lengthMm() / $lead, range(0, $steps),
        );
    }

    /**
     * @param  list<float>  $lands
     * @return list<Finding>
     */
    private static function narrow(Ground $ground, array $lands, float $leastMm): array
    {
        $worst = 0;
        foreach ($lands as $i => $land) {
            $worst = $land < $lands[$worst] ? $i : $worst;
        }
        $land = $lands[$worst];
        $height = round($ground->levels[$worst]->heightMm);

        return match (true) {
            $land >= $leastMm => [],
            $land <= 0 => [Finding::refuse(
                new Said('technique.flutes.neighbouring-flutes-run-into', [
                    'height' => Quantity::mm($height),
                    'what' => Quantity::mm(-$land),
                ]),
                new Said('technique.flutes.cut-fewer'), new Said(
                    'technique.flutes.cut-them-less-deep',
                ), new Said('technique.flutes.let-them-fade-out'),
            )],
            default => [Finding::warn(
                new Said('technique.flutes.stands-between-two-flutes', [
                    'land' => Quantity::mm($land),
                    'height' => Quantity::mm($height),
                    'least' => Quantity::mm($leastMm),
                ]), new Said('technique.flutes.cut-fewer'), new Said('technique.flutes.cut-them-less-deep'),
            )],
        };
    }
}
