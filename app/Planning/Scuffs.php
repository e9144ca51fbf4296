<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Change;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\Workshop;
use HonestGrain\Coating\Denib;
use HonestGrain\Piece\Part;
use HonestGrain\Route\StepKind;
use Illuminate\Database\Eloquent\Collection;

/**
 * A coat whose window has closed does not hold on the one below by itself: that one is scuffed first. The step is put
 * into the route as the rub below that coat, once; a maker who takes it out again is not asked a second time.
 */
final readonly class Scuffs
{
    public function __construct(private PieceEditor $editor, private RouteStore $routes, private ShopMapper $mapper)
    {
    }

    /**
     * @param  Collection<int, PlannedStep>  $next  the next steps of the pieces in work
     * @return list<string> names of the pieces that are scuffed first from now on
     */
    public function putIn(Workshop $workshop, Collection $next): array
    {
        $late = $next->filter(fn (PlannedStep $step): bool => $step->kind === StepKind::Coat->value
            && $step->piece->fault === null
            && ($step->closes_at?->isPast() === true || $step->given_up_at?->isPast() === true));
        $names = [];
        $whole = $late->isEmpty() ? $late : PlannedStep::query()->with('piece')->find($late->modelKeys());
        foreach ($whole as $step) {
            if ($this->wasPutIn($step)) {
                continue;
            }
            try {
                if ($this->before($workshop, $step)) {
                    $names[] = $step->piece->name;
                }
            } catch (VersionConflict) {
                // Somebody is at that piece: it is looked at again when the page is asked for next.
            }
        }

        return $names;
    }

    private function wasPutIn(PlannedStep $step): bool
    {
        $closed = $step->closes_at ?? $step->given_up_at;

        return $step->piece->revisions()->where('what', Change::WindowMissed)->where('created_at', '>=', $closed)
            ->exists();
    }

    private function before(Workshop $workshop, PlannedStep $step): bool
    {
        $piece = $step->piece;
        // Looked at before anything is changed: a change, even of nothing, makes the whole plan anew.
        $part = $this->mapper->piece($workshop, $piece->document, $piece)->partOrBody($step->part);
        $coat = self::unrubbed($part, $this->idsOf($workshop, $piece, $step));
        if ($coat === null) {
            return false;
        }
        $this->editor->changePart(
            $piece, new Edit($piece->version, Change::WindowMissed, null), $step->part,
            function (Part $part) use ($coat): Part {
                foreach ($part->coatPlans as $plan) {
                    if ($plan->coat($coat) !== null) {
                        return $part->withCoats($plan->withRubbedBelow($coat, Denib::Pad));
                    }
                }

                return $part;
            },
        );

        return true;
    }

    /**
     * The coat among these ids that has no rub before it yet.
     *
     * @param  list<string>  $ids
     */
    private static function unrubbed(Part $part, array $ids): ?string
    {
        foreach ($part->coatPlans as $plan) {
            foreach ($plan->coats as $coat) {
                if ($coat->denib === null && in_array($coat->id, $ids, true)) {
                    return $coat->id;
                }
            }
        }

        return null;
    }

    /** @return list<string> what of the document the step goes with: the coat that it lays on is among it */
    private function idsOf(Workshop $workshop, Piece $piece, PlannedStep $step): array
    {
        [, $route] = $this->routes->of(
            $workshop, $piece, $this->mapper->bench($workshop, $piece), History::of($piece),
        );
        foreach ($route->steps as $one) {
            if ($one->id === $step->step) {
                return $one->work->of;
            }
        }

        return [];
    }
}
