<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use App\Models\PlannedStep;
use Carbon\CarbonInterface;
use HonestGrain\Rack\Keeping;
use HonestGrain\Rack\RoughOut;
use HonestGrain\Route\StepKind;

/** What a step at the bench does to the blank that its piece is made of, and what it does when that is taken back. */
final readonly class WoodAtBench
{
    public function __construct(private Rack $rack, private ShopMapper $mapper)
    {
    }

    /** Roughed out it dries as a rough-out; dry it leaves the rack. */
    public function done(PlannedStep $step, CarbonInterface $at): void
    {
        $blank = $step->piece->blank;
        if ($blank === null) {
            return;
        }
        if ($step->kind === StepKind::RoughOut->value && ! $blank->isRough()) {
            $this->rack->rough($blank, $step->piece->workshop, $this->roughed($step->piece, $at));
        }
        if ($step->kind === StepKind::Dry->value) {
            $blank->update(['gone_at' => $at]);
        }
    }

    public function undone(Piece $piece, string $step): void
    {
        $kind = $piece->plannedSteps()->where('step', $step)->value('kind');
        if ($piece->blank !== null && $kind === StepKind::RoughOut->value) {
            $this->rack->solidAgain($piece->blank, $piece->workshop);
        }
        if ($piece->blank !== null && $kind === StepKind::Dry->value) {
            $piece->blank->update(['gone_at' => null]);
        }
    }

    /** @return array<string, mixed> what changes of the blank's document */
    private function roughed(Piece $piece, CarbonInterface $at): array
    {
        $workshop = $piece->workshop;
        $bench = $this->mapper->bench($workshop);
        $part = $this->mapper->piece($workshop, $piece->document)->body();
        $size = RoughOut::of(
            $part->profile, $part->measure($bench->calibration->shape, $bench->minWallMm)->wall->minMm ?? 0.0,
            $part->wood, $part->moisturePercent, $bench->equilibriumPercent, $bench->calibration, $bench->equipment,
        );

        return [
            'form' => $size->form()->value,
            'grain' => $part->grain->value, 'diameter_mm' => $size->diameterMm, 'length_mm' => $size->heightMm,
            'wall_mm' => $size->wallMm(), 'tenon_mm' => $size->tenonMm, 'keeping' => Keeping::Wrapped->value,
            'roughed_on' => $at->copy()->setTimezone($workshop->time_zone)->toDateString(), 'flaws' => [],
        ];
    }
}
