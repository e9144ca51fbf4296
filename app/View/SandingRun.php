<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepState;
use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Geometry\Face;
use HonestGrain\Route\SandedInOneGo;
use HonestGrain\Route\StepKind;

/** What is sanded while a piece is held in one way, grit by grit, so that each is taken up once for all faces. */
final readonly class SandingRun
{
    /** @return array<string, list<Face>> grit, coarse to fine => faces; empty where there is but one face */
    public static function of(PlannedStep $now, AbrasiveTable $table): array
    {
        $open = PlannedStep::query()
            ->where(['piece_id' => $now->piece_id, 'part' => $now->part, 'state' => StepState::Open])
            ->orderBy('position')->get()
            ->filter(fn (PlannedStep $step): bool => $step->details->stage === $now->details->stage);
        $groups = SandedInOneGo::of($open->map(fn (PlannedStep $step): array => [
            $step->part, $step->details->stage, StepKind::from($step->kind), $step->details->faces(),
        ]))[$now->part ?? ''] ?? [];
        $steps = $open->where('kind', StepKind::Sand->value)
            ->filter(fn (PlannedStep $step): bool => $step->details->abrading !== null
                && in_array(self::face($step), $groups[0] ?? [], true))
            // What is broken off to be wiped or sealed goes on after that.
            ->unique(fn (PlannedStep $step): ?string => self::face($step)?->value);
        $faces = [];
        foreach ($steps as $step) {
            foreach (array_keys($step->details->abrading->minutesAt ?? []) as $grit) {
                $faces[$grit] = [...$faces[$grit] ?? [], ...$step->details->faces()];
            }
        }
        uksort($faces, fn (string $a, string $b): int => $table->named($b, 'grit')->micron
            <=> $table->named($a, 'grit')->micron);

        return $steps->count() < 2 ? [] : $faces;
    }

    private static function face(PlannedStep $step): ?Face
    {
        return $step->details->faces()[0] ?? null;
    }
}
