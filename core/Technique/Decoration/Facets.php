<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\Facets as FacetRow;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\CutsItsGround;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Indexed;
use HonestGrain\Technique\Ink;
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

/** Flats along the wall, evenly divided. */
final readonly class Facets implements CutsItsGround, Decoration, Relief
{
    public function key(): string
    {
        return 'facets';
    }

    public function label(): Said
    {
        return new Said('technique.facets.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): Said
    {
        return new Said('technique.facets.action');
    }

    public function because(): Said
    {
        return new Said('technique.facets.because');
    }

    public function settings(): array
    {
        return [Setting::Count, Setting::StartDeg];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        // The fewest whose flats leave the wall that a wall must have.
        $wall = $ground->wallMm();
        $radius = max($ground->radiiMm());
        $count = 6;
        foreach ([6, 8, 12, 16, 18, 24, 32, 36, 48, 60] as $tried) {
            $count = $tried;
            $deep = (new FacetRow($count, $radius))->depthMm();
            if ($wall === null ? $count >= 8 : $deep <= $ground->likelyDepthMm($deep, $calibration) + 1e-9) {
                break;
            }
        }

        return Settings::of(['count' => (float) $count, 'start_deg' => 0.0]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $count = $set->whole(Setting::Count);
        $rows = array_map(fn (float $radius): FacetRow => new FacetRow($count, max(0.1, $radius)), $ground->radiiMm());
        $left = WallLeft::under($ground, array_map(fn (FacetRow $row): float => $row->depthMm(), $rows), $calibration);
        $index = Indexed::of($ground, $count, $set->number(Setting::StartDeg));

        return (new Worked(
            minutes: max(1.0, $calibration->marks->flatMinutesPer100Cm2 * $ground->areaMm2 / 10_000
                + $count * $calibration->marks->indexSeconds / 60),
            figures: [
                Figure::atLevels(new Said('technique.facets.flat-wide'), Measure::Mm, $ground->levels, array_map(
                    fn (FacetRow $row): float => $row->widthMm(), $rows,
                )),
                Figure::atLevels(new Said('technique.facets.cut-middle'), Measure::Mm, $ground->levels, array_map(
                    fn (FacetRow $row): float => $row->depthMm(), $rows,
                )), ...$left->figures(),
            ],
            findings: [
                ...$count < 3 ? [Finding::refuse(
                    new Said('technique.facets.two-flats-do-not'), new Said('technique.facets.cut-three-or-more'),
                )] : [],
                ...$left->findings(
                    new Said('technique.facets.the-flats'), new Said('technique.facets.cut-more-them-each'), new Said(
                        'technique.facets.leave-wall-thicker-there',
                    ),
                ),
                ...$index->findings,
            ],
            says: [
                new Said('technique.facets.flats-until-they-just', ['count' => Quantity::count($count)]), $index->says,
            ], plate: $index->plate, holes: $index->holes, parts: $count,
        ))->byHand($calibration->marks, $count)->smoothed(
            $calibration->marks->blockMinutesPer100Cm2 * $ground->areaMm2 / 10_000,
            new Said('technique.facets.smooth-each-small-drum'),
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $count = $set->whole(Setting::Count);
        $start = $set->number(Setting::StartDeg) / 360;

        return new Pattern(array_map(fn (int $i): array => [
            [[$start + $i / $count, 0.0], [$start + $i / $count, $ground->lengthMm()]], 0.4, Ink::Edge,
        ], range(0, $count - 1)));
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
        return new Said('technique.facets.locked-index', ['mounted' => $mounted]);
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
        $count = max(3, $set->whole(Setting::Count));
        $start = $set->number(Setting::StartDeg) / 360;

        return function (float $turn, float $alongMm) use ($count, $ground, $start): float {
            $part = ($turn - $start) * $count;
            $off = ($part - floor($part) - 0.5) / $count * 2 * M_PI;

            return $ground->radiusAtMm($alongMm) * (1 - cos(M_PI / $count) / cos($off));
        };
    }
}
