<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PlannedStep;
use App\View\Show;
use HonestGrain\Geometry\Surface;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** What went wrong at a step, and where. */
class SayWrong extends AtStep
{
    private const FARTHEST_MM = 6000.0;

    public function rules(Show $show): array
    {
        $along = ['nullable', 'numeric', $show->between(Unit::Length, 0, self::FARTHEST_MM)];

        return parent::rules($show) + [
            'fault_kind' => ['required', Rule::enum(FaultKind::class)],
            'fault_on' => ['required', Rule::enum(Surface::class)],
            'fault_from' => $along, 'fault_to' => [...$along, 'gte:fault_from'],
            'body' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, mixed> as the core reads it */
    public function fault(Show $show, PlannedStep $step): array
    {
        $mm = fn (string $field): ?float => $this->validated($field) === null
            ? null : $show->typed(Unit::Length, (float) $this->validated($field));

        return [
            'kind' => $this->validated('fault_kind'), 'part' => $step->part, 'on' => $this->validated('fault_on'),
            'from_mm' => $mm('fault_from'), 'to_mm' => $mm('fault_to'),
        ];
    }
}
