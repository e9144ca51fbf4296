<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Workshop;
use HonestGrain\Piece\Tables;
use HonestGrain\Safety\Hazard;

/** What can hurt in one shop: by the finishes and dyes on its shelf, its woods, and the steps that are to come. */
final readonly class SafetyPage
{
    private const MOST_NAMED = 6;

    public function __construct(private Workshop $workshop, private Tables $tables, private Show $show)
    {
    }

    /** @return list<array{Hazard, string}> each with what brings it, in the order of the hazards */
    public function hazards(): array
    {
        $because = array_merge_recursive($this->ofShelf(), $this->ofWoods(), $this->ofSteps());
        $rows = [];
        foreach (Hazard::cases() as $hazard) {
            $names = array_values(array_unique($because[$hazard->value] ?? []));
            if ($names !== []) {
                $rows[] = [$hazard, $this->told($names)];
            }
        }

        return $rows;
    }

    /** @return array<string, list<string>> names of products by hazard */
    private function ofShelf(): array
    {
        $because = [];
        $products = $this->tables->coatings->coatings() + $this->tables->coatings->stains();
        foreach ($this->workshop->tins()->orderBy('product')->pluck('product') as $class) {
            foreach (Hazard::ofProduct(isset($products[$class]) ? $products[$class]->hazards() : []) as $hazard) {
                $because[$hazard->value][] = $this->show->product($class);
            }
        }

        return $because;
    }

    /** @return array<string, list<string>> names of woods by hazard */
    private function ofWoods(): array
    {
        $woods = $this->workshop->blanks()->distinct()->pluck('wood')
            ->merge($this->workshop->pieces()->working()->distinct()->pluck('wood'))->unique()
            ->intersect($this->tables->woods->names())->sort();
        $because = [];
        foreach ($woods as $name) {
            foreach (Hazard::allOfDust($this->tables->woods->named($name)) as $hazard) {
                $because[$hazard->value][] = $this->show->wood($name);
            }
        }

        return $because;
    }

    /** @return array<string, list<string>> how many steps to come have it, by hazard */
    private function ofSteps(): array
    {
        $counts = [];
        $this->workshop->plannedSteps()->where('state', StepState::Open)->select(['id', 'details'])
            ->each(function (PlannedStep $step) use (&$counts): void {
                foreach ($step->details->hazards as $hazard) {
                    $counts[$hazard->value] = ($counts[$hazard->value] ?? 0) + 1;
                }
            }, 500);

        return array_map(fn (int $n): array => [say('view.safety-page.steps', ['n' => $n])], $counts);
    }

    /** @param  non-empty-list<string>  $names */
    private function told(array $names): string
    {
        $more = count($names) - self::MOST_NAMED;
        $told = implode(', ', $more > 0 ? array_slice($names, 0, self::MOST_NAMED) : $names);

        return $more > 0 ? say('view.safety-page.more', ['names' => $told, 'more' => $more]) : $told;
    }
}
