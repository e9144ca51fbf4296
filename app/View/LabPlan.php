<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\ScratchLab;
use HonestGrain\Drawing\CrossSection;
use HonestGrain\Words\Quantity;

/** One plan in the grit lab: what each pass leaves, what it takes, and what stays to be seen. */
final readonly class LabPlan
{
    /** @var non-empty-list<ScratchLab> */
    private array $passes;

    /** @var list<ProgressionFault> */
    public array $faults;

    /** @param  list<Grit>  $grits */
    public function __construct(
        public string $key,
        public array $grits,
        private SandingJob $job,
        int $seed,
        private ?int $pass,
        private Show $show,
    ) {
        $this->passes = ScratchLab::passes($job, $grits, $seed);
        $this->faults = Progression::own($job, $grits)->faults;
    }

    public function line(): string
    {
        return implode(', ', array_map(fn (Grit $grit): string => $grit->name, $this->grits));
    }

    /** The pass that is looked at. */
    public function at(): int
    {
        return min($this->pass ?? PHP_INT_MAX, count($this->passes) - 1);
    }

    /** @return list<string> what each pass is called, the tool first */
    public function passes(): array
    {
        return array_map(
            fn (ScratchLab $pass): string => $pass->step === null ? say('view.lab-plan.off-tool')
                : $this->show->grit($pass->step->grit->name), $this->passes,
        );
    }

    /** "18.2 min, 5 discs" */
    public function takes(): string
    {
        $minutes = array_sum(array_column($this->passes, 'minutes'))
            + ($this->grits === [] ? 0.0 : $this->job->alongGrainMinutes());
        $discs = array_sum(array_column($this->passes, 'discs'));

        return say('view.lab-plan.min', [
            'minutes' => number_format($minutes, 1),
            'discs' => Quantity::count($discs),
        ]);
    }

    /** What one would see under the light after the last pass. */
    public function verdict(): string
    {
        $last = $this->passes[count($this->passes) - 1];
        if ($last->step === null) {
            return say('view.lab-plan.no-sheet-yet-drag');
        }
        if ($last->ghostUm > 0) {
            $grit = $last->step->grit;
            $more = $this->job->part(1.0, $last->step->scratchUm + $last->ghostUm)->step($grit, null)->minutes;

            return say('view.lab-plan.ghosts-below-own-scratches', [
                'ghostUm' => number_format($last->ghostUm, 1),
                'grit' => $grit->name,
                'minutes' => number_format($more, 1),
            ]);
        }

        return $this->job->isWithinLimit($last->step->grit) ? say('view.lab-plan.clean-fine-enough-what')
            : say('view.lab-plan.clean-but-scratches-still', [
                'scratchUm' => number_format($last->step->scratchUm, 1),
                'limitUm' => number_format($this->job->limitUm, 1),
            ]);
    }

    public function isClean(): bool
    {
        $last = $this->passes[count($this->passes) - 1];

        return $last->step !== null && $last->ghostUm <= 0 && $this->job->isWithinLimit($last->step->grit);
    }

    /** @return list<array{string, string, string, string, bool}> a row for each pass: grit, scratch, minutes, ghost */
    public function rows(): array
    {
        return array_values(array_filter(array_map(
            fn (ScratchLab $pass): ?array => $pass->step === null ? null : [
                $this->show->grit($pass->step->grit->name), number_format($pass->step->scratchUm, 1).' µm',
                number_format($pass->minutes, 1), $pass->ghostUm > 0 ? number_format($pass->ghostUm, 1).' µm' : '–',
                $pass->ghostUm > 0,
            ], $this->passes,
        )));
    }

    public function section(): string
    {
        return (new CrossSection(
            $this->passes[$this->at()]->profile, $this->passes[max(0, $this->at() - 1)]->profile,
            ScratchLab::LONG_UM, $this->job->deepestUm(),
        ))->svg(
            say('view.lab-plan.cross-section-after', ['passes' => $this->passes()[$this->at()]]),
            $this->show->length(CrossSection::BAR_UM / 1000, $this->show->fine()),
        );
    }

    /** Heights of the pass that is looked at, tenths of a µm, for the raking light. */
    public function heights(): string
    {
        return json_encode(array_map(
            fn (float $um): int => (int) round(10 * $um), $this->passes[$this->at()]->profile,
        ), JSON_THROW_ON_ERROR);
    }
}
