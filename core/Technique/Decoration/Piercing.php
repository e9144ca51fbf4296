<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\Piercing as Grid;
use HonestGrain\Layout\Tongue;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Indexed;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Measure;

/** Openings cut right through the wall. */
final readonly class Piercing implements Decoration
{
    public function key(): string
    {
        return 'piercing';
    }

    public function label(): string
    {
        return 'Pierced';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Lap)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): string
    {
        return 'Pierce the openings';
    }

    public function because(): string
    {
        return 'After sanding, since paper tears at every opening; each is cleaned with a twisted strip of cloth, the '
            .'work at rest.';
    }

    public function settings(): array
    {
        return [
            Setting::Opening, Setting::SizeMm, Setting::PitchMm, Setting::Grid, Setting::Count, Setting::StartDeg,
            Setting::TiltDeg,
        ];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        $size = 4.0;

        return Settings::of([
            'opening' => 'holes', 'size_mm' => $size, 'pitch_mm' => $size + max(3.0, ceil($ground->wallMm() ?? 3.0)),
            'grid' => 'hexagonal', 'count' => 8.0, 'start_deg' => 90.0, 'tilt_deg' => 0.0,
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $solid = $ground->wallMm() === null
            ? [Finding::warn('There is no wall here to go through.', 'Hollow the piece first', 'Place it on the wall')]
            : [];
        $worked = match ($set->choice(Setting::Opening)) {
            'hook' => $this->hook($set, $ground, $calibration), 'slots' => $this->slots($set, $ground, $calibration),
            default => $this->holes($set, $ground, $calibration),
        };

        return new Worked(
            $worked->minutes, $worked->figures, [...$solid, ...$worked->findings], $worked->says, $worked->plate,
            $worked->holes, $worked->parts,
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $size = $set->number(Setting::SizeMm);
        $start = $set->number(Setting::StartDeg) / 360;
        $middle = $ground->lengthMm() / 2;
        if ($set->choice(Setting::Opening) === 'hook') {
            $round = max(1.0, 2 * M_PI * $ground->middle()->radiusMm);
            $long = min(0.2, $ground->lengthMm() / $round);
            $turn = fn (float $across): float => $start + $across * $long;

            return new Pattern([[[
                [$turn(-0.5), $middle], [$turn(0.2), $middle], [$turn(0.35), $middle + 0.15 * $ground->lengthMm()],
                [$turn(0.1), $middle + 0.3 * $ground->lengthMm()],
            ], $size, Ink::Hole]]);
        }
        if ($set->choice(Setting::Opening) === 'slots') {
            $count = $set->whole(Setting::Count);

            return new Pattern(array_map(fn (int $i): array => [
                [[$start + $i / $count, 0.0], [$start + $i / $count, $ground->lengthMm()]], $size, Ink::Hole,
            ], range(0, $count - 1)));
        }
        [$rows, $around, $rise] = self::rows($set, $ground);
        $isHexagonal = $set->choice(Setting::Grid) === 'hexagonal';
        $dots = [];
        for ($row = 0; $row < $rows; $row++) {
            $along = $middle + ($row - ($rows - 1) / 2) * $rise;
            for ($i = 0; $i < $around && count($dots) < Pattern::MOST; $i++) {
                $turn = $start + ($i + ($isHexagonal && $row % 2 === 1 ? 0.5 : 0.0)) / $around;
                $dots[] = [$turn, $along, $size / 2, Ink::Hole];
            }
        }

        return new Pattern([], $dots);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(string $mounted): string
    {
        return 'in a padded cradle, a light behind it';
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

    private function holes(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $grid = new Grid(
            $set->number(Setting::SizeMm), $set->number(Setting::PitchMm),
            $set->choice(Setting::Grid) === 'hexagonal',
        );
        $least = max($calibration->marks->leastLandMm, $ground->wallMm() ?? 0.0);
        [$rows, $around] = self::rows($set, $ground);
        $count = $rows * $around;
        $bridges = array_map(
            fn (float $radius): float => min($grid->bridgeMm(), 2 * M_PI * $radius / $around - $grid->holeMm),
            $ground->radiiMm(),
        );
        $apart = sprintf('Space them %.1f mm apart', $grid->holeMm + $least);
        $findings = match (true) {
            min($bridges) <= 0 => [Finding::refuse(
                sprintf('Holes of %s mm run into each other.', $grid->holeMm), $apart, 'Make them smaller',
            )],
            min($bridges) < $least - 1e-9 => [Finding::warn(sprintf(
                '%.2f mm stands between two holes where the band is narrowest, less than the %s mm it takes: it breaks '
                    .'out.',
                min($bridges), round($least, 1),
            ), $apart, 'Make them smaller')],
            default => [],
        };

        return (new Worked(
            max(1.0, $count * $calibration->marks->holeMinutes), [
                Figure::of('Holes', Measure::Count, $count),
                Figure::atLevels('Bridge', Measure::Mm, $ground->levels, $bridges),
                Figure::of('Open', Measure::Share, $grid->openShare()),
            ], $findings, [sprintf(
                '%d holes of %s mm in %d rows of %d, %s mm from middle to middle, %s; %.1f mm stay between.', $count,
                $grid->holeMm, $rows, $around, $grid->pitchMm,
                $grid->isHexagonal ? 'each row between those of the last' : 'row over row',
                min($bridges),
            )],
        ))->byHand($calibration->marks, $count);
    }

    /**
     * @return array{int, int, float} rows, holes in each, and mm from row to row; the middle of the band has the pitch
     */
    private static function rows(Settings $set, Ground $ground): array
    {
        $pitch = $set->number(Setting::PitchMm);
        $rise = $pitch * ($set->choice(Setting::Grid) === 'hexagonal' ? sqrt(3) / 2 : 1);
        $room = $ground->lengthMm() - $set->number(Setting::SizeMm);

        return [
            max(1, (int) floor($room / $rise + 1e-9) + 1),
            max(1, (int) floor(2 * M_PI * $ground->middle()->radiusMm / $pitch + 1e-9)), $rise,
        ];
    }

    private function slots(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $count = $set->whole(Setting::Count);
        $width = $set->number(Setting::SizeMm);
        $bridges = array_map(fn (float $radius): float => 2 * M_PI * $radius / $count - $width, $ground->radiiMm());
        $least = max($calibration->marks->leastLandMm, $ground->wallMm() ?? 0.0);
        $index = Indexed::of($ground, $count, $set->number(Setting::StartDeg));

        return (new Worked(
            max(1.0, $count * $ground->lengthMm() / $calibration->marks->slotMmPerMinute),
            [Figure::atLevels('Bridge', Measure::Mm, $ground->levels, $bridges)],
            [...match (true) {
                min($bridges) <= 0 => [
                    Finding::refuse('The slots run into each other.', 'Cut fewer', 'Cut them narrower'),
                ],
                min($bridges) < $least => [Finding::warn(
                    sprintf('%.1f mm stands between two slots, less than the %s mm it takes.', min($bridges), $least),
                    'Cut fewer', 'Cut them narrower',
                )],
                default => [],
            }, ...$index->findings],
            [sprintf('%d slots of %s mm, cleaned with a twisted strip of cloth.', $count, $width), $index->says],
            $index->plate, $index->holes, $count,
        ))->byHand($calibration->marks, $count);
    }

    /** A hook is refused where the grain would snap its tongue, and told where it may go. */
    private function hook(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $tongue = new Tongue(
            $calibration->layout, $set->number(Setting::StartDeg), $set->number(Setting::TiltDeg), $ground->grain,
        );
        $where = array_map(
            fn (array $span): string => sprintf(
                'Put it between %.0f° and %.0f° from where the grain comes out', ...$span,
            ),
            $tongue->betterAzimuthsDeg(),
        );
        $refused = $tongue->isAllowed() ? [] : [Finding::refuse(
            sprintf(
                'The tongue of the hook would lie %.0f° across the grain and keep %.0f %% of its strength: it snaps.',
                $tongue->grainAngleDeg(), 100 * $tongue->strengthLeft(),
            ), ...($where === [] ? ['Tilt it towards the grain'] : $where),
        )];

        return new Worked(
            $calibration->marks->hookMinutes, [
                Figure::of('Tongue to the grain', Measure::Degrees, $tongue->grainAngleDeg()),
                Figure::of('Strength left', Measure::Share, $tongue->strengthLeft()),
            ], $refused, [sprintf(
                'One slot of %s mm with its hook %.0f° round from where the grain comes out: drilled, sawn, filed, '
                    .'and its faces sanded with a twisted strip.',
                $set->number(Setting::SizeMm), $set->number(Setting::StartDeg),
            )],
        );
    }
}
