<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\PlannedStep;
use HonestGrain\Route\Step;
use Illuminate\Support\Facades\DB;

/** What must be written so that the rows that stand become those of a new plan, or of a press: then it is written. */
final class PlanWrites
{
    private const CHUNK = 200;

    /** @var list<array<string, mixed>> whole rows, of routes that are new or changed */
    private array $rows = [];

    /** @var list<array<string, mixed>> numbers and times, of steps that only moved */
    private array $times = [];

    /** @var list<int> numbers of steps that are no longer in their route */
    private array $gone = [];

    /**
     * @param  array<string, mixed>|null  $stands  the row that stands
     * @param  bool  $isSameRoute  whether it came of the same route
     * @param  array<string, mixed>  $row  as it shall be
     */
    public function add(?array $stands, bool $isSameRoute, array $row): void
    {
        if ($stands === null || ! $isSameRoute) {
            $this->rows[] = $row;

            return;
        }
        foreach (StepTimes::COLUMNS as $column) {
            $new = $row[$column];
            $old = $stands[$column];
            $isEqual = is_float($new) || is_int($new)
                ? $old !== null && abs((float) $old - $new) < 1e-6 : $old === $new;
            if (! $isEqual) {
                $this->times[] = ['id' => $stands['id']] + $row;

                return;
            }
        }
    }

    /**
     * @param  array<string, array<string, mixed>>  $stand  rows of one piece, by step
     * @param  list<Step>  $steps
     */
    public function gone(array $stand, array $steps): void
    {
        foreach (array_diff_key($stand, array_flip(array_map(fn (Step $step): string => $step->id, $steps))) as $row) {
            $this->gone[] = (int) $row['id'];
        }
    }

    public function carryOut(): void
    {
        if ($this->gone !== []) {
            PlannedStep::query()->whereKey($this->gone)->delete();
        }
        foreach (array_chunk($this->rows, self::CHUNK) as $chunk) {
            PlannedStep::query()->upsert($chunk, ['piece_id', 'step']);
        }
        $this->move();
    }

    /** Narrow updates, many rows in one statement. */
    private function move(): void
    {
        $columns = StepTimes::COLUMNS;
        $select = 'select ? as id, '.implode(', ', array_map(fn (string $column): string => "? as $column", $columns));
        $set = implode(
            ', ', array_map(fn (string $column): string => "planned_steps.$column = fresh.$column", $columns),
        );
        foreach (array_chunk($this->times, self::CHUNK) as $chunk) {
            $union = implode(' union all ', array_fill(0, count($chunk), $select));
            $values = array_merge(...array_map(
                fn (array $row): array => [
                    $row['id'], ...array_map(fn (string $column) => $row[$column], $columns),
                ], $chunk,
            ));
            DB::update("update planned_steps join ($union) as fresh on fresh.id = planned_steps.id set $set", $values);
        }
    }
}
