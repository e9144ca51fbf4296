<?php

declare(strict_types=1);

namespace App\Planning;

use App\Figures\Colder;
use App\Models\Air;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Workshop;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Coating;
use HonestGrain\Route\StepKind;
use Illuminate\Support\Collection;

/** Airs that were just read and are colder than the plan counted on, while coats wait in them. */
final readonly class ColdAirs
{
    private const KEPT_SECONDS = 6 * 3600;

    public function __construct(private Airs $airs, private Catalogue $catalogue, private ShopMapper $mapper)
    {
    }

    /**
     * @param  Collection<int, PlannedStep>  $next  the next steps of the pieces in work
     * @return list<Colder>
     */
    public function of(Workshop $workshop, Collection $next): array
    {
        $waiting = $next->reject(fn (PlannedStep $step): bool => $step->isOpenNow());
        $cold = [];
        // With nothing that waits there is nobody to tell.
        foreach ($waiting->isEmpty() ? [] : $this->airs->lastRead($workshop, now()) as $id => $read) {
            $air = $workshop->airs->firstWhere('id', $id);
            if ($air === null) {
                continue;
            }
            $name = Airs::name($air);
            $planned = $this->plannedC($workshop, $air, $read->at);
            $apart = $planned - $read->tempC;
            $coats = $apart < $this->catalogue->calibration()->climate->colderK ? []
                : $this->waitingIn($workshop, $waiting, $name);
            if ($coats !== []) {
                $cold[] = new Colder(
                    $air->id, $air->name, $read->tempC, $planned, count($coats),
                    max(array_map(fn (Coating $coat): float => $coat->cure->slowerBy($apart), $coats)),
                );
            }
        }

        return $cold;
    }

    /** Worked out once for a reading: every page of the bench asks. */
    private function plannedC(Workshop $workshop, Air $air, int $at): float
    {
        $of = hash('xxh128', serialize([
            $air->id, $at, $air->setting, $air->warmed, $workshop->climate, $workshop->time_zone,
        ]));

        return (float) cache()->remember(
            "planned-air-$of", self::KEPT_SECONDS, fn (): float => $this->airs->plannedC($workshop, $air, $at),
        );
    }

    /**
     * @param  Collection<int, PlannedStep>  $waiting
     * @return list<Coating> those that were laid on, and that a step waits for
     */
    private function waitingIn(Workshop $workshop, Collection $waiting, string $air): array
    {
        $table = $this->mapper->coatings($workshop);
        $known = array_column(
            array_map(fn (Coating $one): array => [$one->class, $one], $table->coatings()), 1, 0,
        );
        $laid = $workshop->plannedSteps()->whereIn('piece_id', $waiting->pluck('piece_id')->unique())
            ->whereIn('kind', [StepKind::Coat->value, StepKind::WipeOff->value])
            ->where('state', '!=', StepState::Open)->orderBy('position')
            ->get(['piece_id', 'step', 'kind', 'product', 'details'])->groupBy('piece_id');

        return array_values(array_filter(array_map(function (PlannedStep $step) use ($laid, $known, $air): ?Coating {
            /** @var Collection<int, PlannedStep> $before */
            $before = $laid[$step->piece_id] ?? new Collection;
            $last = $before->last(fn (PlannedStep $one): bool => in_array($one->step, $step->follows, true));
            $coat = $before->last(fn (PlannedStep $one): bool => $one->product !== null);

            return $last === null || $coat === null || $last->details->air !== $air ? null
                : $known[$coat->product] ?? null;
        }, $waiting->all())));
    }
}
