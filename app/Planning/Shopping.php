<?php

declare(strict_types=1);

namespace App\Planning;

use App\Figures\Shortage;
use App\Models\Abrasive;
use App\Models\PieceState;
use App\Models\StepState;
use App\Models\StockSort;
use App\Models\StoredGood;
use App\Models\Tin;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What the plan takes off the shelf, against what is there: what runs out, at which piece, and when. */
final readonly class Shopping
{
    private const KEPT_SECONDS = 86_400;

    /** @return list<Shortage> the soonest first; worked out once for a plan and what is on the shelf */
    public function shortages(Workshop $workshop): array
    {
        $left = $workshop->abrasives->mapWithKeys(
            fn (Abrasive $row): array => [$row->grit => (float) $row->discs],
        )->all() + $workshop->tins->whereNotNull('stock_ml')->mapWithKeys(
            fn (Tin $tin): array => [$tin->product => (float) $tin->stock_ml],
        )->all() + $workshop->goods->whereNotNull('stock')->mapWithKeys(
            fn (StoredGood $row): array => [$row->good->value => (float) $row->stock],
        )->all();
        $key = hash('xxh128', serialize([$workshop->id, $workshop->version, $workshop->planned_version, $left]));

        return cache()->remember("shortage-$key", self::KEPT_SECONDS, fn (): array => $this->against($workshop, $left));
    }

    /**
     * @param  array<string, float>  $left
     * @return list<Shortage>
     */
    private function against(Workshop $workshop, array $left): array
    {
        $needed = $short = [];
        foreach ($this->taken($workshop) as $take) {
            $needed[$take->what] = ($needed[$take->what] ?? 0.0) + $take->amount;
            if (isset($left[$take->what]) && $needed[$take->what] > $left[$take->what] + 1e-9) {
                $short[$take->what] ??= $take;
            }
        }

        return array_values(array_map(fn (Take $take): Shortage => new Shortage(
            $take->what, $take->sort, $needed[$take->what], $left[$take->what], $take->piece, $take->pieceId,
            $take->at,
        ), $short));
    }

    /** @return list<Take> in the order in which it is taken, what has no date last */
    private function taken(Workshop $workshop): array
    {
        $takes = [];
        foreach (DB::table('planned_steps')->join('pieces', 'pieces.id', '=', 'planned_steps.piece_id')
            ->where('planned_steps.workshop_id', $workshop->id)->where('pieces.state', PieceState::Working)
            ->where('planned_steps.state', StepState::Open)->whereNotNull('planned_steps.takes')
            ->orderByRaw('planned_steps.start_at is null')->orderBy('planned_steps.start_at')
            ->orderBy('planned_steps.piece_id')->orderBy('planned_steps.position')->get([
                'planned_steps.product', 'planned_steps.takes', 'planned_steps.start_at', 'planned_steps.piece_id',
                'pieces.name',
            ]) as $row) {
            $of = (array) json_decode((string) $row->takes, true);
            $at = $row->start_at === null ? null : Carbon::parse("$row->start_at UTC");
            $take = fn (string $what, StockSort $sort, float $amount): Take => new Take(
                $what, $sort, $amount, (string) $row->name, (int) $row->piece_id, $at,
            );
            foreach ((array) ($of['discs'] ?? []) as $grit => $discs) {
                $takes[] = $take((string) $grit, StockSort::Discs, (float) $discs);
            }
            if (isset($of['ml']) && $row->product !== null) {
                $takes[] = $take((string) $row->product, StockSort::Volume, (float) $of['ml']);
            }
            foreach ((array) ($of['goods'] ?? []) as $good => $count) {
                $takes[] = $take((string) $good, StockSort::Goods, (float) $count);
            }
        }

        return $takes;
    }
}
