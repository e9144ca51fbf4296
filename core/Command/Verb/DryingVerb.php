<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Rack\Drying;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Weighing;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Emc;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** How far a blank has dried and when it will be ready, by its weighings. */
final readonly class DryingVerb implements Verb
{
    private const MOST_G = 1_000_000.0;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'drying';
    }

    public function example(): string
    {
        return '{"readings":[{"at":"2026-01-05T10:00:00Z","mass_g":1000},'
            .'{"at":"2026-02-05T10:00:00Z","mass_g":870},{"at":"2026-03-05T10:00:00Z","mass_g":800}],'
            .'"temp_c":18,"rh_percent":60}';
    }

    public function answer(Document $question): array
    {
        $weighings = [];
        $dryG = null;
        foreach ($question->children('readings', Drying::MOST_WEIGHINGS) as $reading) {
            $one = new Weighing(
                $reading->time('at')->getTimestamp(), $reading->number('mass_g', 0.1, self::MOST_G),
            );
            $meter = $reading->numberOr('meter_percent', null, 0, 100);
            $dryG = $meter === null ? $dryG : Drying::dryG($one->massG, $meter);
            $weighings[] = $one;
        }
        $emc = Emc::at($question->number('temp_c', Emc::MIN_C, Emc::MAX_C), $question->number('rh_percent', 0, 100));
        $calibration = $this->catalogue->calibration();
        $drying = Drying::of($calibration->drying, $weighings, $emc->percent, $dryG);

        return [
            'state' => $drying->state->value,
            'moisture_percent' => self::rounded($drying->moisturePercent, 2),
            'emc_percent' => round($emc->percent, 2),
            'plateau_g' => self::rounded($drying->plateauG, 2),
            'rate_per_day' => self::rounded($drying->curve?->ratePerDay, 6),
            'ready_at' => $drying->readyAt === null ? null : gmdate('Y-m-d\TH:i:s\Z', $drying->readyAt),
            'ready' => $drying->isReady(),
            'reason' => self::reason($drying, $calibration->drying),
            'interval_days' => $drying->range === null ? null : array_map(
                fn (float $days): float => round($days, 2), $drying->range->days,
            ),
            'lost_percent' => self::rounded(Drying::lostPercent(...$weighings), 2),
        ];
    }

    private static function rounded(?float $value, int $places): ?float
    {
        return $value === null ? null : round($value, $places);
    }

    private static function reason(Drying $drying, DryingFigures $figures): Said
    {
        return new Said("verbs.drying.{$drying->state->value}", match ($drying->state) {
            DryingState::Ready => [
                'points' => Quantity::count($figures->readyPoints),
                'loss' => Quantity::percent($figures->readyLossPercentAWeek),
            ],
            DryingState::Drying => ['points' => Quantity::count($figures->readyPoints)],
            DryingState::TooFew => ['least' => Quantity::count($figures->leastReadings)],
            DryingState::Rising => ['day' => gmdate('Y-m-d', $drying->rise->at ?? 0)],
            DryingState::WetAir => [
                'emc' => Quantity::percent($drying->emcPercent ?? 0.0),
                'most' => Quantity::percent($figures->wetAirEmcPercent),
            ],
            DryingState::TooShort => ['days' => Quantity::count($figures->steadyDays)],
            DryingState::NoPlateau, DryingState::NoClimate => [],
        });
    }
}
