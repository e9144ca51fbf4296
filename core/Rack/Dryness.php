<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What a blank's own history says of how dry it is, where its weights do not: a meter on a fresh face, the kiln it came
 * from, what its maker takes it for, or how long it has lain.
 *
 * Workshop model: constants `dry_*`. A range by a date is a rule of thumb, marked so until the blank is weighed.
 */
final readonly class Dryness
{
    private const DAY = 86_400;

    private const YEAR_DAYS = 365.25;

    /**
     * @param  int|null  $readyAt  second (UTC); null where nothing but the rule of thumb speaks
     * @param  array{int, int}|null  $range  from when to when it dries by the rule of thumb
     */
    private function __construct(
        public bool $isReady,
        public Said $said,
        public ?int $readyAt = null,
        public ?array $range = null,
        public ?float $moisturePercent = null,
    ) {
    }

    /**
     * @param  float|null  $emcPercent  of the air that it lies in
     * @param  int  $now  second (UTC)
     * @return self|null null where nothing was said of it
     */
    public static function of(Blank $blank, ?float $emcPercent, int $now, DryingFigures $figures): ?self
    {
        return match (true) {
            $blank->isTakenAsDry => new self(true, new Said('rack.dryness.taken'), $now),
            $blank->meterPercent !== null && $emcPercent !== null => self::byMeter(
                $blank->meterPercent, $emcPercent, $now, $figures,
            ),
            $blank->kilnOn !== null => self::byKiln(self::second($blank->kilnOn), $now, $figures),
            $blank->cutOn !== null => self::byDate($blank, self::second($blank->cutOn), $now, $figures),
            $blank->felledOn !== null => self::byDate($blank, self::second($blank->felledOn), $now, $figures),
            default => null,
        };
    }

    private static function byMeter(float $percent, float $emc, int $now, DryingFigures $figures): self
    {
        $isReady = $percent <= $emc + $figures->meterPoints;
        $said = [
            'moisture' => Quantity::percent($percent), 'emc' => Quantity::percent(round($emc, 1)),
            'most' => Quantity::percent(round($emc + $figures->meterPoints, 1)),
            'fits' => Quantity::percent(round($emc + $figures->meterFitPoints, 1)),
        ];

        return new self(
            $isReady, new Said(match (true) {
                ! $isReady => 'rack.dryness.meter-wet',
                $percent > $emc + $figures->meterFitPoints => 'rack.dryness.meter-but-for-fits',
                default => 'rack.dryness.meter',
            }, $said), $isReady ? $now : null, moisturePercent: $percent,
        );
    }

    private static function byKiln(int $on, int $now, DryingFigures $figures): self
    {
        $ready = $on + (int) ($figures->kilnRestDays * self::DAY);

        return new self($ready <= $now, new Said($ready <= $now ? 'rack.dryness.kiln' : 'rack.dryness.kiln-rests', [
            'days' => Quantity::count($figures->kilnRestDays), 'left' => Quantity::count(ceil(
                max(0, $ready - $now) / self::DAY,
            )),
        ]), $ready);
    }

    /** Half of the rule to all of it; squares and rounds, which dry from all sides, the lower half of that. */
    private static function byDate(Blank $blank, int $on, int $now, DryingFigures $figures): self
    {
        $years = ($blank->thicknessMm() / $figures->airInchMm) ** $figures->airPower;
        $isAllRound = in_array($blank->form, [BlankForm::Round, BlankForm::SpindleStock, BlankForm::PlugStock], true);
        $day = fn (float $share): int => $on + (int) round($years * $share * self::YEAR_DAYS * self::DAY);
        $range = [$day($figures->airLeastShare), $day($isAllRound ? ($figures->airLeastShare + 1) / 2 : 1.0)];

        return new self(false, new Said('rack.dryness.air', [
            'from' => self::months($range[0] - $on), 'to' => self::months($range[1] - $on),
            'since' => self::months($now - $on),
            'thick' => Quantity::mm($blank->thicknessMm()),
        ]), range: $range);
    }

    private static function months(int $seconds): Quantity
    {
        return Quantity::count(max(0.0, round($seconds / self::DAY / self::YEAR_DAYS * 12)));
    }

    private static function second(string $date): int
    {
        return (new \DateTimeImmutable($date, new \DateTimeZone('UTC')))->getTimestamp();
    }
}
