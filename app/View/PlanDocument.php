<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Kept\DateMove;
use App\Models\Kept\PlanSummary;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Worker;
use App\Models\Workshop;
use Illuminate\Support\Carbon;

/** The plan that stands as a document of its own (`docs/formats/plan.schema.json`); all times UTC. */
final readonly class PlanDocument
{
    public const FORMAT = 'honest-grain/plan';

    public const VERSION = 1;

    /** @return array<string, mixed> */
    public static function of(Workshop $workshop, Show $show): array
    {
        $summary = $workshop->plan_summary ?? PlanSummary::none();
        $time = fn (?Carbon $at): ?string => $at?->toIso8601ZuluString();
        $pieces = $workshop->pieces()->working()->orderBy('id')
            ->get(['id', 'workshop_id', 'name', 'due_at', 'weight', 'behind_id', 'ready_at', 'late', 'chance']);
        $steps = $workshop->plannedSteps()->whereIn('piece_id', $pieces->modelKeys())->where('state', StepState::Open)
            ->whereNotNull('start_at')->orderBy('start_at')->orderBy('id')->get();

        return [
            'format' => self::FORMAT, 'version' => self::VERSION, 'workshop' => $workshop->name,
            'time_zone' => $workshop->time_zone, 'made_at' => $time($workshop->planned_at),
            'state' => $workshop->planned_version, 'finish' => $summary->finish?->toIso8601ZuluString(),
            'proved' => $summary->isProved,
            'people' => $workshop->workers->map(fn (Worker $one): array => [
                'id' => $one->id, 'name' => $one->name, 'can' => $one->skills,
            ])->values()->all(),
            'pieces' => $pieces->map(fn (Piece $piece): array => [
                'id' => $piece->id, 'name' => $piece->name, 'due' => $time($piece->due_at),
                'weight' => $piece->weight, 'behind' => $piece->behind_id, 'ready' => $time($piece->ready_at),
                'late_hours' => $piece->late === null ? 0 : round($piece->late->hours, 2), 'chance' => $piece->chance,
            ])->values()->all(),
            'steps' => $steps->map(fn (PlannedStep $step): array => [
                'piece' => $step->piece_id, 'id' => $step->step, 'kind' => $step->kind,
                'title' => $show->said($step->title), 'minutes' => $step->minutes, 'start' => $time($step->start_at),
                'end' => $time($step->end_at), 'opens' => $time($step->opens_at), 'closes' => $time($step->closes_at),
                'must_start' => $time($step->must_at), 'given_up' => $time($step->given_up_at),
                'who' => array_map(intval(...), array_filter(explode(',', (string) $step->who))),
            ])->values()->all(),
            'moved' => array_map(fn (DateMove $move): array => [
                'piece' => $move->pieceId, 'from' => gmdate('Y-m-d\TH:i:s\Z', $move->before),
                'to' => gmdate('Y-m-d\TH:i:s\Z', $move->after),
            ], $summary->moved),
        ];
    }
}
