<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\EntryKind;
use App\Models\Piece;
use App\Models\PlannedStep;
use HonestGrain\Shelf\MakingCost;

/** What a piece takes from the blank to the last coat: what was logged, and what is planned for the rest. */
final readonly class PieceEffort
{
    /**
     * @param  float  $doneMinutes  of hands, as logged, or as planned where none were
     * @param  float  $openMinutes  of hands, still to come
     * @param  bool  $isWhole  whether all that is used up has a price
     */
    private function __construct(
        public float $doneMinutes,
        public float $openMinutes,
        public float $latheMinutes,
        public float $usedUp,
        public bool $isWhole,
        public MakingCost $cost,
    ) {
    }

    public static function of(Piece $piece): self
    {
        $shop = $piece->workshop;
        $sofar = PieceCost::of($piece);
        $undone = $piece->logEntries()->whereNotNull('undoes_id')->pluck('undoes_id')->all();
        $logged = $piece->logEntries()->where('kind', EntryKind::Done)->whereNotIn('id', $undone)
            ->whereNotNull('minutes')->pluck('minutes', 'step')->all();
        $prices = PieceCost::prices($shop);
        [$done, $open, $lathe, $toCome, $isWhole] = [0.0, 0.0, 0.0, 0.0, $sofar->isWhole];
        foreach ($piece->plannedSteps as $step) {
            $minutes = max(0.0, $step->isOpen() ? $step->minutes : (float) ($logged[$step->step] ?? $step->minutes));
            $step->isOpen() ? $open += $minutes : $done += $minutes;
            $lathe += $step->details->speedRpm === null ? 0.0 : $minutes;
            foreach ($step->isOpen() ? self::takes($step) : [] as [$sort, $what, $amount]) {
                $toCome += $amount * ($prices[$sort][$what] ?? 0.0);
                $isWhole = $isWhole && isset($prices[$sort][$what]);
            }
        }
        $usedUp = $sofar->discs + $sofar->finish + $sofar->goods + $toCome;

        return new self($done, $open, $lathe, $usedUp, $isWhole, MakingCost::of(
            $done + $open, $shop->hour_rate, $sofar->wood, $usedUp, $lathe, $shop->lathe_kw, $shop->kwh_price,
        ));
    }

    /** @return list<array{string, string, float}> sort, what and how much a step takes off the shelf */
    private static function takes(PlannedStep $step): array
    {
        $of = $step->takes === null ? [] : (array) json_decode($step->takes, true);
        $takes = [];
        foreach (['discs', 'goods'] as $sort) {
            foreach ((array) ($of[$sort] ?? []) as $what => $amount) {
                $takes[] = [$sort, (string) $what, (float) $amount];
            }
        }

        return isset($of['ml']) && $step->product !== null
            ? [...$takes, ['ml', $step->product, (float) $of['ml']]] : $takes;
    }
}
