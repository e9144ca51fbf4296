<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;

/** What is done to one part in one mount, or between two. */
final readonly class RouteStage
{
    /**
     * @param  string  $drawing  the part as it sits
     * @param  list<PlannedStep>  $steps
     * @param  string|null  $gap  how long it rests before, where that is worth telling
     */
    public function __construct(
        public string $part,
        public string $mount,
        public string $drawing,
        public array $steps,
        public ?string $gap,
    ) {
    }

    /**
     * What to mind here and why it is done so, each once with the steps that have it; a step that stands open says its
     * own.
     *
     * @return list<RouteNote> cautions before reasons, in the order of the steps
     */
    public function notes(Show $show): array
    {
        $cautions = $reasons = [];
        foreach ($this->lines() as $at => $step) {
            foreach ($step->details->hazards as $hazard) {
                $cautions[$show->said($hazard->title())][] = $at;
            }
            $reasons[$show->said($step->details->because)][] = $at;
        }
        $together = [];
        foreach ($cautions as $title => $at) {
            $together[implode(' ', $at)][] = $title;
        }
        $notes = [];
        foreach ($together as $titles) {
            $notes[] = new RouteNote(implode(' · ', $titles), $this->steps($cautions[$titles[0]]), true);
        }
        foreach ($reasons as $words => $at) {
            $notes[] = new RouteNote($words, $this->steps($at), false);
        }

        return $notes;
    }

    /** @return array<int, PlannedStep> those that are one line, by their place */
    private function lines(): array
    {
        return array_filter($this->steps, fn (PlannedStep $step): bool => $step->isOpen() && ! $step->is_next);
    }

    /**
     * "19–21, 23"
     *
     * @param  non-empty-list<int>  $at  places of steps, rising
     */
    private function steps(array $at): string
    {
        if (count($at) === count($this->steps)) {
            return '';
        }
        $runs = [];
        foreach ($at as $one) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][1] === $one - 1) {
                $runs[$last][1] = $one;
            } else {
                $runs[] = [$one, $one];
            }
        }
        $number = fn (int $one): int => $this->steps[$one]->number();

        return implode(', ', array_map(fn (array $run): string => $run[0] === $run[1]
            ? (string) $number($run[0]) : $number($run[0]).'–'.$number($run[1]), $runs));
    }
}
