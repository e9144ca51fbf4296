<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\DrawnRepeat;
use HonestGrain\Layout\PenWork;
use HonestGrain\Layout\Repeat;
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
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A pattern drawn with a hot pen. */
final readonly class PenPattern implements Decoration
{
    public function key(): string
    {
        return 'pen-pattern';
    }

    public function label(): Said
    {
        return new Said('technique.pen-pattern.label');
    }

    public function character(): Character
    {
        return Grounds::burnt(Work::Lap)->hurts(Hazard::BurntFumes);
    }

    public function action(): Said
    {
        return new Said('technique.pen-pattern.action');
    }

    public function because(): Said
    {
        return new Said('technique.pen-pattern.because');
    }

    public function settings(): array
    {
        return [Setting::Unit, Setting::Count, Setting::ShadedShare, Setting::Tone, Setting::SizeMm, Setting::StartDeg];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        $radius = max(1.0, $ground->middle()->radiusMm);

        return Settings::of([
            'unit' => 'free', 'tone' => 0.5, 'shaded_share' => 0.0, 'size_mm' => 10.0, 'start_deg' => 0.0,
            // As many as make a unit about as wide as it is high.
            'count' => max(3.0, min(96.0, round(2 * M_PI * $radius / max(1.0, $ground->lengthMm())))),
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $rates = $calibration->marks;
        $hardness = $ground->hardnessN ?? $rates->referenceHardnessN;
        $count = $set->whole(Setting::Count);
        $index = Indexed::of($ground, $count, $set->number(Setting::StartDeg));
        if ($this->unit($set) === null && $set->choice(Setting::Unit) === 'brand') {
            return new Worked(
                minutes: max(1.0, $count * $rates->brandMinutes), figures: [
                    Figure::of(new Said('technique.figures.brands'), Measure::Count, $count),
                ],
                findings: $index->findings,
                says: [
                    new Said('technique.pen-pattern.brands-try-heat-scrap', ['count' => Quantity::count($count)]),
                    $index->says,
                ], plate: $index->plate, holes: $index->holes,
                parts: $count,
            );
        }
        $isFree = $this->unit($set) === null;
        $stroke = $isFree ? $ground->areaMm2 / $rates->penStrokesApartMm
            : $ground->strokesMm($this->unit($set)->strokes(), $count);
        $lifts = $isFree ? $stroke / $rates->penFreeStrokeMm : $count * count($this->unit($set)->strokes());
        $work = new PenWork(
            $stroke, $set->number(Setting::ShadedShare) * $ground->areaMm2, $set->number(Setting::Tone),
        );
        $minutes = $work->minutes($hardness, $rates, $calibration->layout)
            + $lifts * $rates->penLiftSeconds / 60;
        $pitches = array_map(fn (float $radius): float => 2 * M_PI * $radius / $count, $ground->radiiMm());

        return (new Worked(
            minutes: max(1.0, $minutes * (1 + $rates->penRestShare)),
            figures: [
                Figure::of(new Said('technique.figures.strokes'), Measure::Metres, $stroke / 1000),
                Figure::of(new Said('technique.pen-pattern.pen-down'), Measure::Minutes, $minutes),
                ...$isFree ? [] : [Figure::atLevels(
                    new Said('technique.pen-pattern.repeat-wide'), Measure::Mm, $ground->levels, $pitches,
                )],
            ],
            findings: $isFree ? [] : [...$index->findings, ...$this->loose($set), ...$this->intricate($set, $count)],
            says: [
                $isFree ? new Said('technique.pen-pattern.free-lines-laid-out')
                    : new Said('technique.pen-pattern.repeats-round-band-each', ['count' => Quantity::count($count)]),
                $isFree ? null : $index->says,
                new Said('technique.pen-pattern.rest-hand-time', [
                    'minutes' => Quantity::minutes($minutes * $rates->penRestShare),
                ]),
            ], plate: $isFree ? null : $index->plate, holes: $isFree ? [] : $index->holes, parts: $isFree ? 0 : $count,
        ))->byHand($rates, $isFree ? 0 : $count);
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $unit = $this->unit($set);
        $count = $set->whole(Setting::Count);
        if ($unit === null && $set->choice(Setting::Unit) === 'brand') {
            return new Pattern([], array_map(fn (int $i): array => [
                ($i + 0.5) / $count, $ground->lengthMm() / 2, $set->number(Setting::SizeMm) / 2, Ink::Burnt,
            ], range(0, $count - 1)));
        }

        return Pattern::repeated(
            ($unit ?? DrawnRepeat::TideLine)->strokes(), $count, $ground->lengthMm(), 0.6, Ink::Burnt,
        )
            ->turned($set->number(Setting::StartDeg) / 360);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Burns;
    }

    public function hold(Said $mounted): Said
    {
        return new Said('technique.pen-pattern.hold');
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

    /** The repeat that is drawn: the maker's own, or one of ours; null for free lines and brands. */
    private function unit(Settings $set): ?Repeat
    {
        return $set->own ?? DrawnRepeat::tryFrom($set->choice(Setting::Unit));
    }

    /** @return list<Finding> */
    private function intricate(Settings $set, int $count): array
    {
        $points = $count * array_sum(array_map(count(...), $set->own->strokes ?? []));

        return $points <= Pattern::MOST_POINTS ? [] : [Finding::refuse(
            new Said('technique.pen-pattern.repeats-have-points-more', [
                'count' => Quantity::count($count),
                'points' => Quantity::count($points),
            ]), new Said('technique.pen-pattern.take-fewer-repeats'),
            new Said('technique.pen-pattern.draw-fewer-points'),
        )];
    }

    /** @return list<Finding> */
    private function loose(Settings $set): array
    {
        return $set->own === null || $set->own->looseEnds() === [] ? [] : [Finding::warn(
            new Said('technique.pen-pattern.line-your-repeat-ends'),
            new Said('technique.pen-pattern.draw-same-height-other'),
        )];
    }
}
