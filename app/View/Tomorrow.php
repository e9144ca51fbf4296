<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\User;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** What of a shop cannot wait: tomorrow, for a letter in the evening, and within the hour. */
final readonly class Tomorrow
{
    private const MOST = 30;

    public function __construct(private Workshop $workshop, private User $reader, private Show $show)
    {
    }

    /** @return list<string> by the hour; then what is due */
    public function lines(): array
    {
        $begins = now($this->reader->timeZone())->addDay()->startOfDay();
        [$from, $until] = [$begins->copy()->utc(), $begins->copy()->endOfDay()->utc()];
        $steps = $this->steps(fn (Builder $steps) => $steps->whereBetween('pressing_at', [$from, $until]));
        $due = $this->workshop->pieces()->working()->whereBetween('due_at', [$from, $until])->orderBy('name')
            ->limit(self::MOST)->pluck('name')->all();

        return [
            ...array_values($steps->map($this->line(...))->all()),
            ...array_map(
                fn (string $piece): string => say('letters.evening.due', ['piece' => $piece]), array_values($due),
            ),
        ];
    }

    /** @return array<string, string> what closes until then, by a mark that tells one closing from another */
    public function closing(CarbonInterface $until): array
    {
        $lines = [];
        foreach ($this->steps(fn (Builder $steps) => $steps->whereBetween('closes_at', [now(), $until])) as $step) {
            $closes = $step->closes_at ?? $until;
            $lines["window $step->id $closes->timestamp"] = say('letters.window.line', [
                'piece' => $step->piece->name, 'title' => $this->show->said($step->title),
                'time' => $this->show->time($closes),
            ]);
        }

        return $lines;
    }

    private function line(PlannedStep $step): string
    {
        $isWindow = $step->closes_at !== null && ($step->must_at === null || $step->closes_at->lte($step->must_at));
        $by = $isWindow ? $step->closes_at : $step->must_at;

        return say($isWindow ? 'letters.evening.closes' : 'letters.evening.begins', [
            'time' => $by === null ? '' : $this->show->time($by), 'piece' => $step->piece->name,
            'title' => $this->show->said($step->title),
        ]);
    }

    /**
     * @param  \Closure(Builder<PlannedStep>): mixed  $which
     * @return Collection<int, PlannedStep>
     */
    private function steps(\Closure $which): Collection
    {
        return $this->workshop->plannedSteps()->with('piece:id,workshop_id,name')->where('state', StepState::Open)
            ->whereNull('given_up_at')->of($this->workshop->workerOf($this->reader))->tap($which)
            ->orderBy('pressing_at')->orderBy('id')->limit(self::MOST)->get([
                'id', 'workshop_id', 'piece_id', 'step', 'title', 'must_at', 'closes_at',
            ]);
    }
}
