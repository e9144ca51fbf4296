<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Ladder;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\SandingRates;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Coating\Coating;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Zone;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Wood\RimSpeed;

/**
 * How one zone of a piece is sanded: what is asked of it, the least-minutes progression, and the maker's own. Zones
 * are sanded in one mount, so those without an own progression share one ladder and its changes of grit.
 */
final readonly class Sanding
{
    /** The faces that are sanded, in the order in which they are shown. */
    private const FACES = ['outside', 'rim', 'inside', 'top', 'bore', 'foot'];

    /**
     * @param  Progression|null  $best  the shortest for this zone alone, or as far as the shelf goes
     * @param  string|null  $missing  what the shelf lacks to reach what is asked
     * @param  Progression|null  $shared  its part of the ladder of the mount, priced as if it were sanded alone
     * @param  list<string>  $with  the zones that share its changes of grit
     */
    private function __construct(
        public Zone $zone,
        public AskedSurface $asked,
        public int $rpm,
        public float $speedMPerS,
        public SandingJob $job,
        public ?Progression $best,
        public ?string $missing,
        public ?Progression $own,
        public ?float $recutSavesMinutes,
        public ?Progression $shared,
        private ?Ladder $ladder,
        public array $with,
        public bool $borrowed,
        public bool $stopped = false,
        public ?string $unpriced = null,
    ) {
    }

    /**
     * Every face that is sanded.
     *
     * @return array<string, self> by zone
     */
    public static function all(Part $part, Bench $bench, Measurement $measured): array
    {
        $alone = [];
        foreach (self::FACES as $zone) {
            if (isset($measured->zones[$zone]) && ! $part->surface->leaves($zone)) {
                $alone[$zone] = self::of($part, $measured->zones[$zone], $bench);
            }
        }
        $shared = array_filter(
            $alone, fn (self $sanding): bool => $sanding->own === null
                && $sanding->missing === null
                && ! $sanding->isApart($part),
        );
        if (count($shared) < 2) {
            return $alone;
        }
        $jobs = array_map(fn (self $sanding): SandingJob => $sanding->job, $shared);
        $available = $part->surface->abrasives ?? $bench->abrasives;
        $ladder = Ladder::shared($jobs, $available, $bench->table);
        $apart = array_sum(array_map(fn (self $sanding): float => $sanding->best->totalMinutes ?? 0.0, $shared));
        if ($ladder->totalMinutes() >= $apart) {
            return $alone;
        }

        return array_map(
            fn (self $sanding): self => isset($shared[$sanding->zone->id])
                ? $sanding->on($ladder, $available, array_values(array_diff(array_keys($shared), [$sanding->zone->id])))
                : $sanding,
            $alone,
        );
    }

    /** One zone alone, with the abrasives that the piece's document names, or else the bench's. */
    public static function of(Part $part, Zone $zone, Bench $bench): self
    {
        $available = $part->surface->abrasives ?? $bench->abrasives;
        // With nothing on the shelf the minutes are those of the usual set, so that no step is free.
        $reckoned = $available === [] ? Bench::usualGrits($bench->table) : $available;
        // What only comes free in the end takes what the outside has.
        $plan = $part->coatPlanFor($zone->id)
            ?? ($part->holding->covers($zone->id) ? $part->coatPlanFor('outside') : null);
        $coats = array_map(fn (Coat $coat): Coating => $coat->coating, $plan->coats ?? []);
        $dyed = array_filter($part->marksOn($zone->id), fn (Mark $mark): bool => $mark->colours()) !== [];
        $figures = $bench->calibration->sanding;
        $asked = AskedSurface::by($coats, $dyed, $part->wood, $bench->calibration->asked);
        $stop = $part->surface->stopAt[$zone->id] ?? null;
        $asked = $stop === null ? $asked : $asked->stoppingAt($stop);
        $sound = $asked->contradictsItself() ? $asked->withoutFloor() : $asked;
        $stopped = $part->interrupts($zone->id);
        $cap = $part->mayFly()
            ? min($bench->sandingCapMPerS, $bench->calibration->repairs->flawedRimSpeedMPerS) : $bench->sandingCapMPerS;
        $rpm = RimSpeed::rpmFor($part->profile->diameterMm(), $cap);
        $speed = RimSpeed::metresPerSecond(2 * $zone->meanRadiusMm, $rpm);
        // A stick in a bore; a small disc in a drill on a broken edge: its cut against that by hand, and its pad.
        [$factor, $padMm2] = match (true) {
            $stopped => [$figures->smallDiscRemoval, $figures->smallDiscPadMm2],
            $zone->id === 'bore' => [$figures->stickRemoval, $figures->stickPadMm2],
            default => [1.0, null],
        };
        $model = ScratchModel::on(
            $figures, $part->wood->jankaN ?? $figures->referenceHardnessN,
            // A disc in a drill brings its own speed.
            $stopped ? $figures->referenceSpeedMPerS : max($figures->powerFloorMPerS, $speed),
            $factor * $figures->removalUmPerMin,
        );
        $job = SandingJob::of(
            $part->surface->toolMarkUm($zone->id), $model->valleyOf($sound->limitMicron),
            $sound->floorMicron === null ? null : $model->valleyOf($sound->floorMicron),
            max(1.0, $zone->areaMm2), $model,
            $padMm2 === null ? SandingRates::byHand($figures) : SandingRates::of($figures, $padMm2),
        );
        $missing = $saves = null;
        try {
            $best = Progression::shortest($job, $reckoned, $bench->table);
            $saves = $best->recutSavesMinutes($job, $reckoned, $bench->table);
            $missing = $available === [] ? 'There is no abrasive on the shelf.' : null;
        } catch (Unreachable $e) {
            $best = Progression::asFarAsItGoes($job, $reckoned);
            $missing = $e->getMessage();
        }
        $own = isset($part->surface->own[$zone->id])
            ? Progression::own($job, $part->surface->own[$zone->id], $available)
            : null;
        $unpriced = $part->wood->jankaN !== null
            ? null : "No hardness is known for {$part->wood->name}, so its sanding "
            .'cannot be priced: type it on the Shelf, or say which wood it is like.';

        return new self(
            $zone, $asked, $rpm, $speed, $job, $best, $missing, $own, $saves, null, null, [], $available === [],
            $stopped, $unpriced,
        );
    }

    /**
     * @param  list<Grit>  $available
     * @param  list<string>  $with
     */
    private function on(Ladder $ladder, array $available, array $with): self
    {
        return new self(
            $this->zone, $this->asked, $this->rpm, $this->speedMPerS, $this->job, $this->best, $this->missing,
            $this->own,
            $this->recutSavesMinutes, Progression::own(
                $this->job, $ladder->bySurface[$this->zone->id], $available,
            ), $ladder,
            $with, $this->borrowed, $this->stopped, $this->unpriced,
        );
    }

    /** What it is sanded with: the maker's own, else its part of the shared ladder, else as far as the shelf goes. */
    public function minutes(): float
    {
        return match (true) {
            $this->own !== null => $this->own->totalMinutes,
            $this->ladder !== null => $this->ladder->minutesWithChanges($this->zone->id),
            default => $this->best->totalMinutes ?? 0.0,
        };
    }

    /** @return list<string> */
    public function gritNames(): array
    {
        return $this->chosen()?->gritNames() ?? [];
    }

    /** How many discs the zone's grits take; those of a shared ladder serve all its zones. */
    public function discs(): int
    {
        if ($this->own !== null || $this->ladder === null) {
            return $this->chosen()?->discs() ?? 0;
        }

        return array_sum(array_map(
            fn (Grit $grit): int => $this->ladder->discsAt[$grit->name], $this->ladder->bySurface[$this->zone->id],
        ));
    }

    /** The grits it is sanded with, priced as if it were sanded alone. */
    public function chosen(): ?Progression
    {
        return $this->own ?? $this->shared ?? $this->best;
    }

    /** Whether it is sanded in a way of its own, and so shares no changes of grit. */
    private function isApart(Part $part): bool
    {
        return $this->stopped || $this->zone->id === 'bore' || $part->holding->covers($this->zone->id);
    }

    public function tooSlowForPower(): bool
    {
        return $this->speedMPerS < $this->job->model->figures->powerFloorMPerS;
    }
}
