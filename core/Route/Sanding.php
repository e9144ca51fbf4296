<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\Abrading;
use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Abrasive\ColourGround;
use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Ladder;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\SandingStep;
use HonestGrain\Coating\Coating;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainMap;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Zone;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\OilyWood;
use HonestGrain\Reading\Copy;
use HonestGrain\Technique\CutsItsGround;
use HonestGrain\Wood\Pore;
use HonestGrain\Words\Said;

/**
 * How one face of a part is sanded: what is asked of it, the least-minutes progression, and the maker's own. Faces that
 * are sanded in one mount in one way share one ladder and its changes of grit; where end grain is torn, its quarters
 * join that ladder earlier than the rest of their face.
 */
final readonly class Sanding
{
    /** The faces that are sanded, in the order in which they are shown. */
    private const FACES = [Face::Outside, Face::Rim, Face::Inside, Face::Top, Face::Bore, Face::Foot];

    /** Torn quarters as a surface of their own. */
    private const TORN = ' torn';

    /** Less of a face than this is not worth a word. */
    private const LEAST_TORN = 0.02;

    public Face $face;

    public Zone $zone;

    public AskedSurface $asked;

    public SandingWay $way;

    public SandingJob $job;

    /** The shortest for this face alone, all of it alike, or as far as the shelf goes. */
    public ?Progression $best;

    /** What the shelf lacks to reach what is asked. */
    public ?Said $missing;

    public ?Progression $own;

    public ?float $recutSavesMinutes;

    public ?float $stiffenSavesMinutes;

    /** Of its area. */
    public float $tornShare;

    private ?float $tornUm;

    public SharedLadder $shared;

    public bool $borrowed;

    public ?Said $unpriced;

    /** @param  float  $share  of it that is sanded at all */
    private function __construct(
        Part $part,
        Zone $zone,
        Bench $bench,
        ?float $wallMm,
        float $share,
        bool $isWet,
    ) {
        $face = $zone->wholeFace();
        $available = self::graded($part, $bench);
        // With nothing on the shelf the minutes are those of the usual set, so that no step is free.
        $reckoned = $available === [] ? Bench::usualGrits($bench->table) : $available;
        $figures = $bench->calibration->sanding;
        $plan = $part->surface->of($face);
        $asked = self::asked($part, $face, $bench, $isWet);
        $sound = $asked->contradictsItself() ? $asked->withoutFloor() : $asked;
        $way = SandingWay::of($part, $zone, $bench, $wallMm);
        $model = $way->model($part, $bench);
        $tornUm = $plan->cut->tornUm($figures);
        $areaMm2 = $zone->areaMm2 * $share;
        $share = $tornUm === null ? 0.0 : GrainMap::tornShare(
            Measurement::line($part->profile, $face), $part->grain, $figures->tearExposure,
        );
        $share = $share < self::LEAST_TORN ? 0.0 : $share;
        $job = SandingJob::of(
            toolMarkUm: $plan->cut->toolMarkUm($figures, $part->tearsDeeper($bench->calibration)),
            limitUm: $model->valleyOf($sound->limitMicron),
            floorUm: $sound->floorMicron === null ? null : $model->valleyOf($sound->floorMicron),
            areaMm2: max(1.0, $areaMm2), model: $model, rates: $way->rates($bench),
        );
        $job = $tornUm === null || $share <= 0 ? $job : $job->torn($tornUm, $share);
        $missing = $recut = $stiffen = null;
        try {
            $best = Progression::shortest($job, $reckoned, $bench->table);
            $recut = $best->recutSavesMinutes($job, $reckoned, $bench->table);
            $stiffen = $best->stiffenSavesMinutes($job, $reckoned, $bench->table);
            $missing = $available === [] ? new Said('route.sanding.there-no-abrasive-shelf') : null;
        } catch (Unreachable $e) {
            $best = Progression::asFarAsItGoes($job, $reckoned);
            $missing = $e->said;
        }
        $this->face = $face;
        $this->zone = $zone;
        $this->asked = $asked;
        $this->way = $way;
        $this->job = $job;
        $this->best = $best;
        $this->missing = $missing;
        $this->own = $plan->own === [] ? null : Progression::own($job, $plan->own, $available);
        $this->recutSavesMinutes = $recut;
        $this->stiffenSavesMinutes = $part->wood->figures->jankaN < $figures->referenceHardnessN ? $stiffen : null;
        $this->tornShare = $share;
        $this->tornUm = $share > 0 ? $tornUm : null;
        $this->shared = new SharedLadder;
        $this->borrowed = $available === [];
        $this->unpriced = $part->wood->figures->jankaN !== null ? null
                : new Said('route.sanding.no-hardness-known-so', ['wood' => $part->wood->said()]);
    }

    /**
     * Every face that is sanded.
     *
     * @param  list<list<Face>>|null  $mounts  the faces that are sanded in one mount each; null for all in one, but
     *     for what is covered
     * @param  bool  $isWet  whether it is sanded wet, as it is turned once
     * @param  list<Face>  $without  faces that are left, whatever the part says
     * @return array<string, self> by name of the face
     */
    public static function all(
        Part $part,
        Bench $bench,
        Measurement $measured,
        ?array $mounts = null,
        bool $isWet = false,
        array $without = [],
    ): array {
        $alone = [];
        foreach (self::FACES as $face) {
            $isLeft = in_array($face, $without, true) || $part->surface->leaves($face)
                || ($face === Face::Inside && $part->hasClosedInside()
                && ! $part->surface->asksFor($face));
            $zone = $isLeft ? null : $measured->face($face);
            $share = $zone === null ? 0.0 : 1.0 - self::cutAwayShare($part, $measured, $zone);
            if ($zone !== null && $share > self::LEAST_TORN) {
                $alone[$face->value] = self::of(
                    part: $part, zone: $zone, bench: $bench, wallMm: $measured->wall?->minMm,
                    share: $share, isWet: $isWet,
                );
            }
        }
        $mounts ??= [array_values(array_filter(
            self::facesOf($alone), fn (Face $face): bool => ! $part->holding->covers($face),
        ))];
        $available = self::graded($part, $bench);
        foreach (self::groups($alone, $mounts) as $group) {
            $these = array_intersect_key($alone, array_flip(Face::names($group)));
            $alone = array_replace($alone, self::shared($these, $available, $bench));
        }

        return $alone;
    }

    /**
     * One face alone, with the abrasives that the piece's document names, or else the bench's.
     *
     * @param  float  $share  of it that is sanded at all
     */
    public static function of(
        Part $part,
        Zone $zone,
        Bench $bench,
        ?float $wallMm = null,
        float $share = 1.0,
        bool $isWet = false,
    ): self {
        return new self(part: $part, zone: $zone, bench: $bench, wallMm: $wallMm, share: $share, isWet: $isWet);
    }

    /** The share of a face that is cut away after it: nobody sands round what becomes flats. */
    private static function cutAwayShare(Part $part, Measurement $measured, Zone $zone): float
    {
        $area = 0.0;
        foreach ($part->marksOn($zone->wholeFace()) as $mark) {
            $area += $mark->technique instanceof CutsItsGround ? $measured->zones[$mark->id()]->areaMm2 ?? 0.0 : 0.0;
        }

        return min(1.0, $area / max(1.0, $zone->areaMm2));
    }

    /**
     * The graded sheets at hand: pads, wool, paste and compound only ever stand in a ladder that the maker writes.
     *
     * @return list<Grit>
     */
    public static function graded(Part $part, Bench $bench): array
    {
        return array_values(array_filter(
            $part->surface->abrasives ?? $bench->abrasives, fn (Grit $grit): bool => $grit->kind === null,
        ));
    }

    /** What is asked of the last grit there: by what comes next, or by the maker. */
    private static function asked(Part $part, Face $face, Bench $bench, bool $isWet): AskedSurface
    {
        // What only comes free in the end takes what the outside has.
        $plan = $part->coatPlanFor($face)
            ?? ($part->holding->covers($face) ? $part->coatPlanFor(Face::Outside) : null);
        $coats = array_map(fn (Coat $coat): Coating => $coat->coating, $plan->coats ?? []);
        $colours = array_map(fn (Mark $mark): ColourGround => match (true) {
            $mark->paint !== null => ColourGround::Paint,
            $mark->binder !== null => ColourGround::Leaf,
            default => ColourGround::Dye,
        }, array_values(array_filter($part->marksOn($face), fn (Mark $mark): bool => $mark->colours())));
        $surface = $part->surface->of($face);
        $asked = AskedSurface::by(
            $coats, $colours, $part->wood, $bench->calibration->asked, $surface->isForUse,
        )->withSheet($bench->table);
        $isStopped = School::of($bench->school)->oilyWood === OilyWood::Stops;
        $asked = $isStopped && AskedSurface::isDenseAndOily($part->wood, $bench->calibration->asked)
            ? $asked->onOilyWood($bench->calibration->asked) : $asked;
        $asked = $isWet ? $asked->wet($bench->calibration->asked) : $asked;

        return $surface->stopAt === null ? $asked : $asked->stoppingAt($surface->stopAt);
    }

    /**
     * The faces that can take each sheet one after the other: sanded in one mount, in one way, not in a maker's own.
     *
     * @param  array<string, self>  $alone
     * @param  list<list<Face>>  $mounts
     * @return list<list<Face>>
     */
    private static function groups(array $alone, array $mounts): array
    {
        $groups = [];
        $placed = array_merge([], ...$mounts);
        foreach ([...$mounts, ...array_map(
            fn (Face $face): array => [$face], Face::except(self::facesOf($alone), $placed),
        )] as $mount) {
            $like = [];
            foreach ($mount as $face) {
                $one = $alone[$face->value] ?? null;
                if ($one === null || $one->own !== null || $one->missing !== null) {
                    continue;
                }
                foreach ($like as $i => $faces) {
                    if ($alone[$faces[0]->value]->way->isLike($one->way)) {
                        $like[$i][] = $face;

                        continue 2;
                    }
                }
                $like[] = [$face];
            }
            $groups = [...$groups, ...$like];
        }

        return $groups;
    }

    /**
     * @param  array<string, self>  $group
     * @param  list<Grit>  $available
     * @return array<string, self>
     */
    private static function shared(array $group, array $available, Bench $bench): array
    {
        $jobs = [];
        foreach ($group as $face => $one) {
            foreach ($one->jobs() as $what => $job) {
                $jobs["$face$what"] = $job;
            }
        }
        if (count($jobs) < 2) {
            return $group;
        }
        $ladder = Ladder::shared($jobs, $available, $bench->table);
        $apart = array_sum(array_map(fn (self $one): float => $one->best->totalMinutes ?? 0.0, $group));
        if ($ladder->totalMinutes() >= $apart) {
            return $group;
        }

        return array_map(fn (self $one): self => $one->on(
            $ladder, Face::except(self::facesOf($group), [$one->face]),
        ), $group);
    }

    /**
     * @param  array<string, self>  $sandings
     * @return list<Face>
     */
    private static function facesOf(array $sandings): array
    {
        return array_map(fn (self $one): Face => $one->face, array_values($sandings));
    }

    /** @return array<string, SandingJob> the face, or what is whole of it and its torn quarters, each by itself */
    private function jobs(): array
    {
        return $this->tornUm === null ? ['' => $this->job] : array_filter([
            '' => $this->tornShare < 1 - self::LEAST_TORN ? $this->job->part(1 - $this->tornShare) : null,
            self::TORN => $this->job->part($this->tornShare, $this->tornUm),
        ]);
    }

    /** @param  list<Face>  $with */
    private function on(Ladder $ladder, array $with): self
    {
        return Copy::with($this, ['shared' => new SharedLadder($ladder, $with)]);
    }

    /** @return list<string> the surfaces of the ladder that are this face */
    private function surfaces(): array
    {
        return array_values(array_filter(
            [$this->face->value.self::TORN, $this->face->value],
            fn (string $surface): bool => isset($this->shared->ladder->bySurface[$surface]),
        ));
    }

    /** Whether it takes part of a ladder, and not a progression of its own. */
    public function isOnLadder(): bool
    {
        return $this->own === null && $this->shared->ladder !== null;
    }

    /** What it is sanded with: the maker's own, else its part of the shared ladder, else as far as the shelf goes. */
    public function minutes(): float
    {
        return $this->own !== null ? $this->own->totalMinutes : $this->leastMinutes();
    }

    /** The same whatever the maker's own way is. */
    public function leastMinutes(): float
    {
        return $this->shared->ladder === null ? $this->best->totalMinutes ?? 0.0 : array_sum(array_map(
            fn (string $surface): float => $this->shared->ladder->minutesWithChanges($surface), $this->surfaces(),
        ));
    }

    /** @return list<Rung> of the least there is, or with the maker's own */
    public function rungs(bool $own = true): array
    {
        if ($this->shared->ladder === null || ($own && $this->own !== null)) {
            return array_map(fn (SandingStep $step): Rung => new Rung(
                $step->grit, $step->scratchUm, $step->minutes, $step->discs, false,
            ), ($own ? $this->own ?? $this->best : $this->best)->steps ?? []);
        }
        $grits = array_merge(...array_map(
            fn (string $surface): array => $this->shared->ladder->bySurface[$surface], $this->surfaces(),
        ));
        $whole = $this->shared->ladder->bySurface[$this->face->value] ?? [];

        return array_map(fn (Grit $grit): Rung => new Rung(
            $grit, $this->job->model->valleyUm($grit), array_sum(array_map(
                fn (string $surface): float => $this->shared->ladder->minutesAt($surface, $grit), $this->surfaces(),
            )), $this->shared->ladder->discsAt[$grit->name], $whole !== [] && ! in_array($grit, $whole, true),
        ), array_values(
            array_filter($this->shared->ladder->grits, fn (Grit $grit): bool => in_array($grit, $grits, true)),
        ));
    }

    /** @return list<string> */
    public function gritNames(): array
    {
        return array_map(fn (Rung $rung): string => $rung->grit->name, $this->rungs());
    }

    /** How many discs the face's grits take; those of a shared ladder serve all its faces. */
    public function discs(): int
    {
        return array_sum(array_map(fn (Rung $rung): int => $rung->discs, $this->rungs()));
    }

    /**
     * What it takes off the shelf: discs that serve several faces are counted with the first of them.
     *
     * @param  list<Face>  $order  faces in the order in which they are sanded
     */
    public function abrading(Pore $family, array $order): Abrading
    {
        $sheets = [];
        foreach ($this->rungs() as $rung) {
            $takers = $this->isOnLadder() ? array_values(array_filter($order, fn (Face $face): bool => in_array(
                $rung->grit, [
                    ...$this->shared->ladder->bySurface[$face->value] ?? [],
                    ...$this->shared->ladder->bySurface[$face->value.self::TORN] ?? [],
                ], true,
            ))) : [];
            if ($takers === [] || $takers[0] === $this->face) {
                $sheets[$rung->grit->name] = $rung->discs;
            }
        }

        return new Abrading(
            method: $this->way->method, family: $family, sheets: $sheets, minutesAt: array_column(array_map(
                fn (Rung $rung): array => [$rung->grit->name, round($rung->minutes, 1)], $this->rungs(),
            ), 1, 0), minutesFactor: $this->way->minutesFactor, discsFactor: $this->way->discsFactor,
        );
    }

    /** Where the lathe stands still while it is sanded. */
    public function stopped(): bool
    {
        return ! $this->way->method->spins();
    }

    public function tooSlowForPower(): bool
    {
        return $this->way->speedMPerS < $this->job->model->figures->powerFloorMPerS;
    }
}
