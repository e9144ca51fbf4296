<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Abrasive\Wiping;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Geometry\Zone;
use HonestGrain\Holding\Grasp;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Holds;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Positions;
use HonestGrain\Holding\Stance;
use HonestGrain\Holding\StartingSpeed;
use HonestGrain\Lathework\Bit;
use HonestGrain\Lathework\BitKind;
use HonestGrain\Lathework\Boring;
use HonestGrain\Lathework\CutWood;
use HonestGrain\Lathework\Exception\NoBit;
use HonestGrain\Lathework\Hole;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatedWhen;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\PartBlank;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\Bore;
use HonestGrain\Piece\School\Fills;
use HonestGrain\Piece\School\LastCut;
use HonestGrain\Piece\School\Lid;
use HonestGrain\Piece\School\Underside;
use HonestGrain\Piece\School\Wet;
use HonestGrain\Piece\School\WetFinish;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Piece\Tables;
use HonestGrain\Piece\Wish;
use HonestGrain\Rack\RoughOut;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Place;
use HonestGrain\Route\PartHolds;
use HonestGrain\Route\Sanding;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * One part of a piece as its operations are made: its measures, how it is held, and what is looked up for it.
 *
 * @internal
 */
final readonly class PartContext
{
    /** What is longer or wider than this is no ball. */
    private const BALL_SHARE = 0.8;

    public Positions $positions;

    /** How its blank is held until the hold for all that follows is cut; null for what is no blank. */
    public ?Grasp $firstHold;

    /** How it is held while most of it is worked, in what size; null where that is cut already. */
    public ?Grasp $mainHold;

    /** How it is held while its foot is finished. */
    public ?Grasp $footHold;

    public Calibration $calibration;

    /** How far it is when its route begins. */
    public StartsAs $startsAs;

    private bool $isWhole;

    /** Whether a tenon is cut at each end, so that a long bore comes from both on the lathe. */
    public bool $isHeldAtBothEnds;

    /** @var list<string> the fills of the outside that are cut through with the wood about them */
    public array $cutThrough;

    /** @var list<string>|null */
    private ?array $soundAfter;

    /** @var array<string, Worked> what follows from each mark, by its id */
    public array $worked;

    /**
     * @param  array<string, Sanding>  $sandings  by name of the face
     * @param  Said|null  $instead  why it is not held as was wished
     */
    public function __construct(
        public Piece $piece,
        public Part $part,
        public Measurement $measured,
        public array $sandings,
        public Tables $tables,
        public Bench $bench,
        public School $school,
        public ?Said $instead = null,
    ) {
        $this->calibration = $tables->calibration;
        $this->startsAs = $piece->begins($part);
        $this->worked = $part->worked();
        $this->isWhole = $this->partsWhole();
        $this->cutThrough = $this->cutThrough();
        $this->soundAfter = $this->soundAfter();
        $isBlank = $this->startsAs === StartsAs::Blank;
        $this->firstHold = $isBlank ? $this->holds(HoldStage::Outside)->wished($part->holds->outside) : null;
        $this->mainHold = $isBlank ? $this->holds(HoldStage::Inside)->by($part->holding->on()) : null;
        $foot = $part->holds->foot === Mount::Lap && ! $this->isFootByHand() ? null : $part->holds->foot;
        $this->footHold = $this->holds(HoldStage::Foot)->wished($foot ?? $this->usualFootHold());
        $this->isHeldAtBothEnds = $this->holdsAtBothEnds();
        $this->positions = Positions::of(
            holding: $part->holding,
            first: $isBlank && $this->isInPartner() ? Mount::Tenon : $this->firstHold?->mount,
            truing: $this->isTrued() ? Mount::Jam : null, foot: $this->footHold?->mount,
            reverses: ! $this->isWhole, isBall: $this->hasPoles(),
            isHeldAtBothEnds: $this->isHeldAtBothEnds,
        );
    }

    /** An operation of this part, or of one of its faces. */
    public function id(string $what, ?Face $face = null): string
    {
        return $face === null ? "{$this->part->id}/$what" : "{$this->part->id}.$face->value/$what";
    }

    public function technique(string $key): Technique
    {
        return $this->tables->techniques->named($key);
    }

    public function title(Said $title): Said
    {
        return $this->piece->hasParts() ? Said::of($this->part->name, $title) : $title;
    }

    public function has(Face $face): bool
    {
        return $this->measured->face($face) !== null;
    }

    /** @return list<Face> the faces its shape has */
    public function faces(): array
    {
        return $this->part->faces();
    }

    /**
     * @param  list<Face>  $faces
     * @return list<Place>
     */
    public function places(array $faces): array
    {
        return array_map(fn (Face $face): Place => Place::face($this->part->id, $face), $faces);
    }

    /**
     * Something done by a technique over whole faces.
     *
     * @param  list<Face>  $faces
     * @param  list<string>  $of  ids of the document that it goes with
     */
    public function over(string $technique, array $faces, array $of, bool $stiffens = false): Doing
    {
        return new Doing(
            $this->technique($technique), $this->places($faces), of: $of, on: $faces,
            stiffens: $stiffens,
        );
    }

    /**
     * @param  list<Face>  $faces
     * @return list<Zone>
     */
    public function zones(array $faces): array
    {
        return array_values(array_intersect_key($this->measured->zones, array_flip(Face::names($faces))));
    }

    /** @param  list<Face>  $faces */
    public function areaMm2(array $faces): float
    {
        return array_sum(array_map(fn (Zone $zone): float => $zone->areaMm2, $this->zones($faces)));
    }

    /** The wood within its outside, as if it were not hollow. */
    public function solidMm3(): float
    {
        return Measurement::volumeOf($this->part->profile->solid());
    }

    /** Its wood as a tool meets it; of the reference hardness where nobody knows how hard it is. */
    public function cutWood(): CutWood
    {
        return new CutWood(
            $this->part->grain, $this->part->wood->figures->jankaN ?? $this->calibration->marks->referenceHardnessN,
            $this->isWet(),
        );
    }

    /** What its rim may do, at its own diameter or another. */
    public function rimSpeed(?float $diameterMm = null): Speed
    {
        return $this->part->rim()->speed(
            $this->calibration->speed, $diameterMm ?? $this->part->profile->diameterMm(),
        );
    }

    /** The same once its flaws are mended and have set; null for what has none that flies. */
    public function soundRimSpeed(): ?Speed
    {
        return $this->part->mayFly() ? $this->part->rim(true)->speed(
            $this->calibration->speed, $this->part->profile->diameterMm(),
        ) : null;
    }

    /** The same; null where none of them bores it. */
    public function boringIfAny(Hole $hole, ?BitKind $with = null): ?Boring
    {
        try {
            return $this->boring($hole, $with);
        } catch (NoBit) {
            return null;
        }
    }

    /** The widest hole of those that tell how deep it is hollowed; null where no bit reaches, or none goes in. */
    public function depthHole(float $deepMm): ?Boring
    {
        $figures = $this->calibration->bores;
        $own = array_filter($this->bench->equipment->bits, fn (Bit $bit): bool => $bit->kind->isSlender());
        $across = $this->bench->equipment->bits === [] ? [$figures->depthHoleMm]
            : array_map(fn (Bit $bit): float => $bit->diameterMm, $own);
        rsort($across);
        foreach ($deepMm < $figures->depthHoleFromMm ? [] : $across as $mm) {
            if ($mm <= $figures->depthHoleMostMm && $mm < ($this->part->profile->inner?->first()->r ?? 0.0)) {
                $boring = $this->boringIfAny($this->hole($mm, $deepMm));
                if ($boring !== null) {
                    return $boring;
                }
            }
        }

        return null;
    }

    /** What holds it as it sits so; null off the lathe, for a pad that it is trued on, and for what is cut already. */
    public function holdAt(Stance $stance): ?Grasp
    {
        return match ($stance) {
            Stance::First => $this->firstHold,
            Stance::Main, Stance::Far => $this->mainHold,
            Stance::Foot => $this->footHold,
            Stance::Truing, Stance::Off => null,
        };
    }

    /**
     * How what held it comes off while its foot is out, and what keeps the finished end from marking: a rim that is
     * broken bears on nothing, and into a closed inside no pad goes.
     *
     * @return list<Said>
     */
    public function padded(): array
    {
        $by = $this->footHold->mount ?? $this->part->holding->reversed();
        $mouth = ['across' => Quantity::mm(2 * ($this->part->profile->inner?->first()->r ?? 0.0))];
        $isCut = $by === Mount::Jam && $this->part->holding->isCut();

        return match (true) {
            $isCut && ($this->part->wearsBark() || $this->part->isEdged()) => [new Said('holding.hold.jam-cup')],
            $isCut && $this->part->hasClosedInside() => [new Said('holding.hold.jam-cone', $mouth)],
            default => $this->part->holding->releaseHow($this->has(Face::Inside), $by),
        };
    }

    /** Why it is not held at a stage as its maker wished; null where it is, or nothing was wished. */
    public function insteadAt(HoldStage $stage): ?Said
    {
        $wish = $this->part->holds->at($stage);
        $held = $stage === HoldStage::Foot ? $this->footHold : $this->firstHold;
        if ($wish === null || $held === null || $held->mount === $wish) {
            return null;
        }

        return new Said('route.holdings.instead-of', [
            'mount' => $wish->label(),
            'because' => $wish === Mount::Lap ? [new Said('holding.hold.not-by-hand')]
                : $this->holds($stage)->by($wish)->because ?? [new Said('holding.hold.not-known')],
        ]);
    }

    /** @return list<Said> how most of it is held once it is dry and its hold is trued; how that is cut is said there */
    public function heldDry(): array
    {
        $grasp = PartHolds::at(
            stage: HoldStage::Inside, piece: $this->piece, part: $this->part, bench: $this->bench,
            tables: $this->tables, isDried: true,
        )->by($this->part->holding->on());

        return $this->mainHold === null ? [] : array_slice($grasp->how ?? [], (int) $this->part->holding->isCut());
    }

    /** What it is turned from. */
    public function blank(): PartBlank
    {
        $stock = $this->piece->stockOf($this->part);
        $blank = PartBlank::of($this->part, $stock, $this->calibration);

        // One that was entered is as long as it is.
        return $stock === null && $this->isHeldAtBothEnds ? $blank->longer($this->calibration->stock->tenonMm) : $blank;
    }

    /** What holds it at a stage. */
    private function holds(HoldStage $stage): Holds
    {
        return PartHolds::at($stage, $this->piece, $this->part, $this->bench, $this->tables);
    }

    /** What a round blank of it weighs; null where nobody knows how heavy its wood is. */
    private function blankG(float $diameterMm, float $heightMm): ?float
    {
        $massG = $this->part->massG();

        return $massG === null ? null
            : $massG * M_PI / 4 * $diameterMm ** 2 * $heightMm / $this->measured->volumeMm3;
    }

    /** How fast a round blank of it is started that does not run true yet. */
    public function startingSpeed(Stance $stance, float $diameterMm, float $heightMm): StartingSpeed
    {
        return StartingSpeed::of(
            figures: $this->calibration->speed, equipment: $this->bench->equipment,
            mount: $this->positions->at($stance)->mount, diameterMm: $diameterMm,
            massG: $this->blankG($diameterMm, $heightMm), isTrue: false,
            rim: $this->part->rim(),
        );
    }

    /** A hole on its axis, bored while it turns or at the press. */
    public function hole(float $diameterMm, float $depthMm, bool $isThrough = false, bool $isStill = false): Hole
    {
        return new Hole(
            diameterMm: $diameterMm, depthMm: $depthMm, wood: $this->cutWood(), isThrough: $isThrough,
            mostRpm: $isStill ? null : $this->rimSpeed()->rpm,
        );
    }

    /**
     * How a hole is bored with a bit, of the shop's own where it has said which it has.
     *
     * @param  BitKind|null  $with  the kind that its maker wants
     *
     * @throws NoBit where none of them bores it
     */
    public function boring(Hole $hole, ?BitKind $with = null): Boring
    {
        $own = $this->bench->equipment->bits;
        $bits = $own === [] ? $this->tables->lathe->bits->sold($hole->diameterMm) : $own;

        return Boring::of(
            $this->calibration->bores, $this->tables->lathe->bits, $with === null ? $bits
                : array_values(array_filter($bits, fn (Bit $bit): bool => $bit->kind === $with)), $hole,
        );
    }

    /**
     * What it takes over some faces, min.
     *
     * @param  list<Face>  $faces
     */
    public function minutesOver(float $per100Cm2, array $faces): float
    {
        return $per100Cm2 * $this->areaMm2($faces) / 10_000;
    }

    /** Whether a face only comes free once what holds the part is off, or it is turned round for it. */
    public function isCovered(Face $face): bool
    {
        // The floor of a recess is finished from the side that the recess is cut from.
        $isFree = $this->part->holding->leavesFoot()
            && ($this->positions->has(Stance::First) || $this->positions->has(Stance::Truing));

        return ! $isFree && $this->part->holding->covers($face);
    }

    /** Whether it is turned to close a hole in another part, where nothing of it is seen but its end. */
    public function isPlug(): bool
    {
        return array_filter($this->piece->joints, fn (Joint $joint): bool => $joint->kind === JointKind::Plug
            && $joint->spigot === $this->part->id) !== [];
    }

    /** Whether its wood is wetter than may be finished in this shop. */
    public function isWet(): bool
    {
        return $this->bench->isWet($this->part->moisturePercent);
    }

    /** Whether it is wet wood that the maker lets dry before it is finished. */
    public function driesFirst(): bool
    {
        return $this->startsAs !== StartsAs::Turned && $this->isWet()
            && $this->school->wet === Wet::DriedFirst;
    }

    /** Whether it is roughed out wet: what is hollow dries as a rough-out, what is solid or shallow as it lies. */
    public function isRoughedOut(): bool
    {
        return $this->driesFirst() && $this->startsAs === StartsAs::Blank && $this->has(Face::Inside)
            && $this->roughOut()->leavesHollow();
    }

    /** The size that it is roughed to while it is wet. */
    public function roughOut(): RoughOut
    {
        return RoughOut::of(
            piece: $this->part->profile, wallMm: $this->measured->wall->minMm ?? 0.0, wood: $this->part->wood,
            moisturePercent: $this->part->moisturePercent, emcPercent: $this->bench->equilibriumPercent,
            calibration: $this->calibration,
            equipment: $this->bench->equipment,
        );
    }

    /** Whether it is finished pressed into the part that it is fitted to. */
    public function isInPartner(): bool
    {
        return $this->part->holding === Holding::JamPartner;
    }

    /** By what its foot is usually finished: of a hollow lid in the box that it closes, as one with it. */
    private function usualFootHold(): Mount
    {
        return $this->isHollowLid() ? Mount::JamPartner : $this->part->holding->reversed();
    }

    /** Whether it is a hollow lid whose upper side is finished on its box, mouth to mouth. */
    private function isHollowLid(): bool
    {
        $box = $this->startsAs === StartsAs::Blank && $this->part->startsAs === null
            ? $this->piece->boxUnder($this->part) : null;

        return $box !== null && $this->school->lid === Lid::Together && $this->part->holding === Holding::Tenon
            && $box->holding === Holding::Tenon && ! $this->isWet();
    }

    /** Whether its foot is finished pressed into the part that it is fitted to. */
    public function isFootInPartner(): bool
    {
        return $this->footHold?->mount === Mount::JamPartner && $this->positions->has(Stance::Foot);
    }

    /** Whether the route begins before it has its shape. */
    public function isTurned(): bool
    {
        return $this->startsAs !== StartsAs::Turned;
    }

    /**
     * Whether nothing of it can fly any more: what may is mended or cut away, and set.
     *
     * @param  list<string>  $mended  repairs that are done
     */
    public function isSoundBy(array $mended): bool
    {
        return $this->soundAfter !== null && array_diff($this->soundAfter, $mended) === [];
    }

    /** @return list<string>|null the repairs after which nothing of it can fly; null where something always may */
    private function soundAfter(): ?array
    {
        $last = [];
        foreach ($this->part->flaws as $flaw) {
            if ($flaw->kind->mayFly() && ! $flaw->isTightBark()) {
                $repairs = array_values(array_filter(
                    Repair::of($flaw, $this->part, $this->tables),
                    fn (Repair $one): bool => $one->goesWith !== Repair::AGAIN,
                ));
                if ($repairs === []) {
                    return null;
                }
                $with = in_array($flaw->id, $this->cutThrough, true) ? null : end($repairs)->goesWith;
                $last[] = $with === null ? $flaw->id : "$flaw->id/$with";
            }
        }

        return $last;
    }

    /** Whether the outside gets its last cut by itself: through what was filled, or once it is turned round. */
    public function hasLastCut(): bool
    {
        return $this->isCutAfterRemount() || $this->cutThrough !== [];
    }

    /** Whether that is on another hold than its shape. */
    public function isCutAfterRemount(): bool
    {
        return $this->startsAs === StartsAs::Blank && $this->school->lastCut === LastCut::AfterRemount
            && $this->positions->has(Stance::First) && $this->part->holding->isCut()
            && ! $this->school->isInsideFirst($this->part);
    }

    /** @return list<string> the fills of the outside that are cut through with the wood about them */
    private function cutThrough(): array
    {
        $isThick = ($this->measured->wall->minMm ?? INF) >= $this->calibration->cuts->thinWallMm;
        if (! $this->isTurned() || ! $isThick || $this->school->fills !== Fills::ThenCut) {
            return [];
        }
        $ids = [];
        foreach ($this->part->flaws as $flaw) {
            $fill = $flaw->on === Surface::Outer && $flaw->wish === Wish::Fill
                ? Repair::of($flaw, $this->part, $this->tables)[0] ?? null : null;
            $ids = $fill?->fill?->standsProud === true ? [...$ids, $flaw->id] : $ids;
        }

        return $ids;
    }

    /** Whether it dried oval and is brought round again. */
    public function isTrued(): bool
    {
        return $this->startsAs === StartsAs::Roughed || $this->isRoughedOut();
    }

    /** Whether it is turned from wet wood to its last cut and left to warp. */
    public function isTurnedOnce(): bool
    {
        return $this->isWet() && $this->school->wet === Wet::TurnedOnce;
    }

    /** Whether all that is done to it is done while it is wet: its coats go on at once, or it has none. */
    public function isFinishedWet(): bool
    {
        $films = array_filter($this->part->coatPlans, fn (CoatPlan $plan): bool => array_filter(
            $plan->coats, fn (Coat $coat): bool => $coat->coating->buildsFilm(),
        ) !== []);
        $way = $this->school->wetFinish ?? ($films === [] ? WetFinish::AtOnce : WetFinish::Dried);

        return $this->isTurnedOnce() && ($way === WetFinish::AtOnce || ! $this->hasCoats());
    }

    /** Whether it is off its hold while it is wet and coated once it is dry, so that nothing is spun on. */
    public function isCoatedFreed(): bool
    {
        return $this->isTurnedOnce() && ! $this->isFinishedWet() && $this->isPartedOff();
    }

    public function hasCoats(): bool
    {
        return array_filter($this->part->coatPlans, fn (CoatPlan $plan): bool => $plan->coats !== []) !== [];
    }

    /** How it is held while what held it is parted off. */
    public function partingStance(): Stance
    {
        return $this->part->holding === Holding::BetweenCentres || $this->isPlug() || $this->isPartedWhole()
            ? Stance::Main : Stance::Foot;
    }

    /** Whether wood that holds it comes off in the end, and with it the hold. */
    public function isPartedOff(): bool
    {
        return $this->part->holding->isPartedOff() && ! $this->hasPoles();
    }

    /** Whether it is a ball, of which the centres hold two poles until it is round. */
    public function hasPoles(): bool
    {
        $profile = $this->part->profile;
        $share = $profile->heightMm() / max(1.0, $profile->diameterMm());

        return $this->startsAs === StartsAs::Blank && $this->part->holding === Holding::BetweenCentres
            && $this->part->faces() === [Face::Outside] && $share > self::BALL_SHARE && $share < 1 / self::BALL_SHARE;
    }

    /**
     * Whether it is parted off as it stands, and its foot is finished by hand: small work along the grain, or on a stem
     * that would break between a pad and a centre.
     */
    public function isPartedWhole(): bool
    {
        return $this->isWhole;
    }

    /** Whether its maker saws it free and finishes its foot by hand. */
    public function isFootByHand(): bool
    {
        return $this->part->holds->foot === Mount::Lap && $this->part->holding->isPartedOff()
            && $this->part->holding->isReversed() && ! $this->isPlug() && ! $this->isHollowLid()
            && $this->part->marksOn(Face::Foot) === [];
    }

    private function partsWhole(): bool
    {
        $profile = $this->part->profile;
        if ($this->isFootByHand()) {
            return true;
        }

        return $this->part->holding === Holding::Tenon && $this->part->grain === GrainDirection::End
            && $this->part->marksOn(Face::Foot) === [] && ! $this->isPlug() && ! $this->isHollowLid()
            && $this->has(Face::Foot) && ($this->isStemmed() || ($this->part->holds->foot === null
                && 2 * $profile->standsOn()->r <= $this->calibration->holds->neckMm));
    }

    private function holdsAtBothEnds(): bool
    {
        $bore = $this->part->profile->bore;
        if ($this->school->bore !== Bore::BothHolds || $bore?->isThrough() !== true
            || $this->startsAs !== StartsAs::Blank || $this->part->holding !== Holding::Tenon
            || $this->firstHold?->mount !== Mount::BetweenCentres) {
            return false;
        }

        return $this->boringIfAny($this->hole(
            $bore->diameterMm, $this->part->profile->heightMm(), true,
        ))?->isFromBothEnds === true;
    }

    /** Whether a stem carries it, longer than it is thick, that would break between a pad and a centre. */
    public function isStemmed(): bool
    {
        $profile = $this->part->profile;
        $floor = $profile->inner?->last()->z;
        if ($floor === null || $this->part->grain !== GrainDirection::End) {
            return false;
        }
        $stand = $profile->standsOn();
        $below = array_filter(
            $profile->outer->points, fn (Point $point): bool => $point->arcMm >= $stand->arcMm && $point->z <= $floor,
        );
        $stem = 2 * min([INF, ...array_map(fn (Point $point): float => $point->r, $below)]);

        return $stem < $this->calibration->holds->stemShare * $profile->diameterMm() && $floor - $stand->z > $stem;
    }

    /** Whether it goes into another part by the end that it is held by, so that it comes off its hold to be fitted. */
    public function entersByFoot(): bool
    {
        return $this->isCovered(Face::Foot) && array_filter(
            $this->piece->joints, fn (Joint $joint): bool => $joint->spigot === $this->part->id
                && $joint->entersByFoot($this->part),
        ) !== [];
    }

    /** @return list<Joint> those that are glued on a tenon, in which this part is the one or the other */
    public function gluedTenons(): array
    {
        return array_values(array_filter(
            $this->piece->joints, fn (Joint $joint): bool => $joint->kind === JointKind::GluedTenon
                && in_array($this->part->id, [$joint->socket, $joint->spigot], true),
        ));
    }

    /** Whether glue comes on that end of it, so that it stays as it was cut. */
    public function isGlued(Face $face): bool
    {
        return array_filter($this->gluedTenons(), fn (Joint $joint): bool => $joint->spigot === $this->part->id
            && $face === ($joint->entersByFoot($this->part) ? Face::Foot : Face::Top)) !== [];
    }

    /** @return list<Said> what is masked before a coat, since glue holds on bare wood only */
    public function masks(): array
    {
        return array_map(fn (Joint $joint): Said => $joint->spigot === $this->part->id
            ? new Said('route.part-context.tape-tenon-over-leave', [
                'what' => $joint->depthMm > 0 ? new Said('route.part-context.line', [
                    'depth' => Quantity::mm($joint->depthMm),
                ]) : new Said('route.part-context.whole-length'),
            ]) : new Said('route.part-context.plug-socket-keep-edge'), $this->gluedTenons());
    }

    /**
     * What a plan coats before the part is turned round to be hollowed: its outside, and a foot that is free then.
     *
     * @return list<Face>
     */
    public function coatedEarly(CoatPlan $plan): array
    {
        $isWished = $plan->when === null ? $this->school->underside === Underside::CoatedBeforeReversing
            : $plan->when === CoatedWhen::BeforeReversing;
        $mayBe = $this->startsAs !== StartsAs::Turned && $this->has(Face::Inside) && $plan->coats !== [];

        return $mayBe && ($isWished || $this->isSpunApart($plan)) ? array_values(array_filter(
            Face::among($plan->zones, [Face::Outside, Face::Foot]),
            fn (Face $face): bool => $this->has($face) && ! $this->isGlued($face) && ! $this->isCovered($face),
        )) : [];
    }

    /** Whether something of it goes on while it turns, on faces that no one mount leaves free. */
    private function isSpunApart(CoatPlan $plan): bool
    {
        $spun = array_filter($plan->coats, fn (Coat $coat): bool => $coat->coating->isSpunOn());
        $main = $this->positions->at(Stance::Main);

        return $spun !== [] && $this->positions->has(Stance::First) && in_array(Face::Outside, $plan->zones, true)
            && ! in_array(Face::Outside, $main->reaches, true);
    }

    /** @return list<Face> all that is coated before the part is turned round */
    public function allCoatedEarly(): array
    {
        return array_merge(...array_map($this->coatedEarly(...), $this->part->coatPlans));
    }

    /** Whether the piece stands on the foot of this part. */
    public function stands(): bool
    {
        return $this->piece->standsOn($this->part);
    }

    public function isMain(): bool
    {
        return $this->part === $this->piece->body();
    }

    /** What the maker takes dust off with. */
    public function wiping(): Wiping
    {
        return $this->school->clean->wiping();
    }

    /** @return list<Hazard> what spinning this part puts at risk besides the lathe itself */
    public function spinning(): array
    {
        return $this->part->mayFly() ? [Hazard::FlawedWork] : [];
    }

    /**
     * Without the empty ones.
     *
     * @return list<Said>
     */
    public static function said(?Said ...$lines): array
    {
        return array_values(array_filter($lines, fn (?Said $line): bool => $line !== null));
    }
}
