<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\Piercing as Grid;
use HonestGrain\Layout\Tongue;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Indexed;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Openings cut right through the wall. */
final readonly class Piercing implements OpensWall
{
    /** How far a hook reaches sideways, of the height of its band. */
    private const HOOK_SHARE = 0.6;

    public function key(): string
    {
        return 'piercing';
    }

    public function label(): Said
    {
        return new Said('technique.piercing.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Lap)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): Said
    {
        return new Said('technique.piercing.action');
    }

    public function because(): Said
    {
        return new Said('technique.piercing.because');
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
            ? [Finding::warn(
                new Said('technique.piercing.there-no-wall-here'), new Said('technique.piercing.hollow-piece-first'),
                new Said('technique.piercing.place-wall'),
            )]
            : [];
        $worked = match ($set->choice(Setting::Opening)) {
            'hook' => $this->hook($set, $ground, $calibration), 'slots' => $this->slots($set, $ground, $calibration),
            default => $this->holes($set, $ground, $calibration),
        };

        return new Worked(
            minutes: $worked->minutes, figures: $worked->figures, findings: [
                ...$solid, ...$worked->findings,
            ], says: $worked->says, plate: $worked->plate,
            holes: $worked->holes, parts: $worked->parts,
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $size = $set->number(Setting::SizeMm);
        $start = $set->number(Setting::StartDeg) / 360;
        $middle = $ground->lengthMm() / 2;
        if ($set->choice(Setting::Opening) === 'hook') {
            return new Pattern([[self::hookLine($set, $ground), $size, Ink::Hole]]);
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

    public function isSawn(Settings $set): bool
    {
        return $set->choice(Setting::Opening) !== 'holes';
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
        return new Said('technique.piercing.hold');
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
        $apart = new Said('technique.piercing.space-them-apart', ['hole' => Quantity::mm($grid->holeMm + $least)]);
        $findings = match (true) {
            min($bridges) <= 0 => [Finding::refuse(
                new Said(
                    'technique.piercing.holes-run-into-each', ['hole' => Quantity::mm($grid->holeMm)],
                ), $apart, new Said('technique.piercing.make-them-smaller'),
            )],
            min($bridges) < $least - 1e-9 => [Finding::warn(new Said('technique.piercing.stands-between-two-holes', [
                'bridges' => Quantity::mm(min($bridges)),
                'least' => Quantity::mm(round($least, 1)),
            ]), $apart, new Said('technique.piercing.make-them-smaller'))],
            default => [],
        };

        return (new Worked(
            max(1.0, $count * $calibration->marks->holeMinutes), [
                Figure::of(new Said('technique.figures.holes'), Measure::Count, $count),
                Figure::atLevels(new Said('technique.figures.bridge'), Measure::Mm, $ground->levels, $bridges),
                Figure::of(new Said('technique.figures.open'), Measure::Share, $grid->openShare()),
            ], $findings, [new Said('technique.piercing.holes-rows-from-middle', [
                'count' => Quantity::count($count),
                'hole' => Quantity::mm($grid->holeMm),
                'rows' => Quantity::count($rows),
                'around' => Quantity::count($around),
                'pitch' => Quantity::mm($grid->pitchMm),
                'what' => $grid->isHexagonal ? new Said(
                    'technique.piercing.each-row-between-those',
                ) : new Said('technique.piercing.row-over-row'),
                'bridges' => Quantity::mm(min($bridges)),
            ])],
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
            minutes: max(1.0, $count * $ground->lengthMm() / $calibration->marks->slotMmPerMinute),
            figures: [Figure::atLevels(new Said('technique.figures.bridge'), Measure::Mm, $ground->levels, $bridges)],
            findings: [...match (true) {
                min($bridges) <= 0 => [
                    Finding::refuse(
                        new Said('technique.piercing.slots-run-into-each'), new Said('technique.piercing.cut-fewer'),
                        new Said('technique.piercing.cut-them-narrower'),
                    ),
                ],
                min($bridges) < $least => [Finding::warn(
                    new Said('technique.piercing.stands-between-two-slots', [
                        'bridges' => Quantity::mm(min($bridges)),
                        'least' => Quantity::mm($least),
                    ]),
                    new Said('technique.piercing.cut-fewer'), new Said('technique.piercing.cut-them-narrower'),
                )],
                default => [],
            }, ...$index->findings],
            says: [new Said('technique.piercing.slots-cleaned-twisted-strip', [
                'count' => Quantity::count($count),
                'width' => Quantity::mm($width),
            ]), $index->says],
            plate: $index->plate, holes: $index->holes, parts: $count,
        ))->byHand($calibration->marks, $count);
    }

    /**
     * As it is cut: in from the upper edge of the band, which is its mouth, down to the middle, then along its tongue
     * at the tilt that was typed, and a little back up.
     *
     * @return list<array{float, float}> turn and distance along
     */
    private static function hookLine(Settings $set, Ground $ground): array
    {
        $start = $set->number(Setting::StartDeg) / 360;
        $length = $ground->lengthMm();
        $round = max(1.0, 2 * M_PI * $ground->middle()->radiusMm);
        $levels = $ground->levels;
        // Along an outside the band climbs, along an inside it goes down.
        $up = $levels[count($levels) - 1]->heightMm >= $levels[0]->heightMm ? 1.0 : -1.0;
        $mouth = $up > 0 ? $length : 0.0;
        $run = min(self::HOOK_SHARE * $length, 0.2 * $round);
        $tilt = deg2rad($set->number(Setting::TiltDeg));
        $within = fn (float $along): float => max(0.0, min($length, $along));
        $end = $within($length / 2 + $up * $run * sin($tilt));
        $turns = $run * cos($tilt) / $round;

        return [
            [$start, $mouth], [$start, $length / 2], [$start + $turns, $end],
            [$start + $turns * 0.9, $within($end + $up * 0.15 * $length)],
        ];
    }

    /** A hook is refused where the grain would snap its tongue, and told where it may go. */
    private function hook(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $tongue = new Tongue(
            $calibration->layout, $set->number(Setting::StartDeg), $set->number(Setting::TiltDeg), $ground->grain,
        );
        $where = array_map(
            fn (array $span): Said => new Said('technique.piercing.put-between', [
                'from' => Quantity::degrees($span[0]), 'to' => Quantity::degrees($span[1]),
            ]),
            $tongue->betterAzimuthsDeg(),
        );
        $refused = $tongue->isAllowed() ? [] : [Finding::refuse(
            new Said('technique.piercing.tongue-hook-would-lie', [
                'grainAngle' => Quantity::degrees($tongue->grainAngleDeg()),
                'what' => Quantity::percent(100 * $tongue->strengthLeft()),
            ]), ...($where === [] ? [new Said('technique.piercing.tilt-towards-grain')] : $where),
        )];

        return new Worked(
            $calibration->marks->hookMinutes, [
                Figure::of(new Said('technique.piercing.tongue-grain'), Measure::Degrees, $tongue->grainAngleDeg()),
                Figure::of(new Said('technique.piercing.strength-left'), Measure::Share, $tongue->strengthLeft()),
            ], $refused, [new Said('technique.piercing.one-slot-hook-round', [
                'number' => Quantity::mm($set->number(Setting::SizeMm)),
                'number2' => Quantity::degrees($set->number(Setting::StartDeg)),
            ])],
        );
    }
}
