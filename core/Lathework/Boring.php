<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Calibration\BoreFigures;
use HonestGrain\Lathework\Exception\NoBit;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * How a hole is bored: with what, how fast, for how long.
 *
 * Workshop model on physics: n = 60 000 v/(πd) with v by the kind of bit (`catalogue/bits.csv`), slower in hard wood
 * for bits that cut with their flutes, half as fast deep in end grain and in gum; it is fed in proportion to its turns.
 */
final readonly class Boring
{
    private const STEP_RPM = 10;

    /**
     * @param  int|null  $rpmDeep  further in, where chips no longer clear by themselves; null where it stays as it is
     * @param  list<Said>  $how
     * @param  list<Said>  $reckoning
     */
    private function __construct(
        public Bit $bit,
        public bool $isFromBothEnds,
        public int $rpm,
        public ?int $rpmDeep,
        public float $minutes,
        public array $how,
        public array $reckoning,
    ) {
    }

    /**
     * @param  list<Bit>  $bits
     *
     * @throws NoBit where none of the bits bores it
     */
    public static function of(BoreFigures $figures, BitTable $table, array $bits, Hole $hole): self
    {
        $bit = $table->bitFor($hole, $bits);
        $kind = $table->figures($bit->kind);
        $harder = $figures->referenceHardnessN / $hole->wood->hardnessN;
        $fast = min(
            $kind->mostRpm, $hole->mostRpm ?? INF,
            60_000 * $kind->speedMPerS / (M_PI * $bit->diameterMm) * $harder ** $kind->hardnessPower,
        );
        $isFromBothEnds = $bit->lengthMm < $hole->depthMm;
        $fromMm = min($figures->deepDiameters * $bit->diameterMm, $hole->fromOneEnd($isFromBothEnds));
        $deepMm = $hole->fromOneEnd($isFromBothEnds) - $fromMm;
        $rpm = self::rounded($fast);
        $isSlower = $deepMm > 0 && ($hole->wood->isEndGrain() || $hole->isGummy);
        $rpmDeep = $isSlower ? self::rounded($fast * $figures->deepTimes) : null;
        $feed = fn (int $rpm): float => min(
            $kind->mostFeedMmPerMinute, $figures->feedMmATurn * $rpm * sqrt($harder),
        );
        $boring = ($fromMm / $feed($rpm) + $deepMm / $feed($rpmDeep ?? $rpm)) * ($isFromBothEnds ? 2 : 1);
        $fit = $figures->fitBitMinutes;

        return new self(
            bit: $bit, isFromBothEnds: $isFromBothEnds, rpm: $rpm, rpmDeep: $rpmDeep, minutes: $fit + $boring,
            how: self::how(
                kind: $kind, bit: $bit, deepMm: $hole->fromOneEnd($isFromBothEnds), isFromBothEnds: $isFromBothEnds,
                rpm: $rpm, rpmDeep: $rpmDeep, fromMm: $fromMm,
            ),
            reckoning: [new Said('lathework.boring.reckoned', [
                'total' => Quantity::minutes($fit + $boring), 'fit' => Quantity::minutes($fit),
                'boring' => Quantity::minutes($boring), 'depth' => Quantity::mm($hole->depthMm),
                'feed' => Quantity::mmPerMinute($feed($rpm)),
                'deep' => $rpmDeep === null ? '' : new Said('lathework.boring.reckoned-deep', [
                    'feed' => Quantity::mmPerMinute($feed($rpmDeep)), 'from' => Quantity::mm($fromMm),
                ]),
                'speed' => Quantity::mPerS(M_PI * $bit->diameterMm * $rpm / 60_000),
            ])],
        );
    }

    private static function rounded(float $rpm): int
    {
        return max(self::STEP_RPM, (int) (round($rpm / self::STEP_RPM) * self::STEP_RPM));
    }

    /** @return list<Said> */
    private static function how(
        BitFigures $kind,
        Bit $bit,
        float $deepMm,
        bool $isFromBothEnds,
        int $rpm,
        ?int $rpmDeep,
        float $fromMm,
    ): array {
        $clears = Quantity::mm($kind->clearsEveryMm($bit->diameterMm));

        return [
            $rpmDeep === null ? new Said('lathework.boring.at', ['rpm' => Quantity::rpm($rpm)])
                : new Said('lathework.boring.at-and-slower', [
                    'rpm' => Quantity::rpm($rpm), 'deep' => Quantity::rpm($rpmDeep), 'from' => Quantity::mm($fromMm),
                ]),
            ...$deepMm <= max($kind->backsOutFromDiameters ?? 0.0, 1.0) * $bit->diameterMm ? []
                : [$kind->backsOutFromDiameters === null
                ? new Said('lathework.boring.clear-every', ['every' => $clears])
                : new Said('lathework.boring.clear-every-once-deep', [
                    'every' => $clears, 'from' => Quantity::mm($kind->backsOutFromDiameters * $bit->diameterMm),
                ])],
            ...$rpmDeep === null ? [] : [new Said('lathework.boring.smoke-stops')],
            ...$isFromBothEnds ? [new Said('lathework.boring.from-both-ends')] : [],
        ];
    }
}
