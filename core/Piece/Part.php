<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\ColourFigures;
use HonestGrain\Calibration\ShapeFigures;
use HonestGrain\Colour\DyeFactors;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\RimState;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\Worked;
use HonestGrain\Wood\Figured;
use HonestGrain\Wood\Rings;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\FirstLetter;
use HonestGrain\Words\Said;

/** One turned body of wood: its shape, wood and grain, how it is held, its flaws, and what is done to its faces. */
final readonly class Part
{
    public const MAX_FLAWS = 24;

    public const MAX_HOLES = 24;

    private const MAX_FITTINGS = 12;

    public const MAX_MARKS = 24;

    public const MAX_PLANS = 6;

    public const MAX_NAME = 40;

    public const USUAL_MOISTURE_PERCENT = 10.0;

    public string $id;

    public string $name;

    public Wood $wood;

    public GrainDirection $grain;

    public float $moisturePercent;

    /** How its rings lie, of side grain; null where nobody looked. */
    public ?Rings $rings;

    /** What makes its grain run other than straight; null where nothing does. */
    public ?Figured $figured;

    public Holding $holding;

    /** What holds it besides, as its maker wants it. */
    public HoldWishes $holds;

    public Profile $profile;

    /** @var list<Flaw> */
    public array $flaws;

    /** @var list<PartHole> */
    public array $holes;

    /** @var list<WallReading> from the rim down */
    public array $wallReadings;

    /** @var list<Fitting> */
    public array $fittings;

    /** How far it is when its route begins, where that is not as the piece's. */
    public ?StartsAs $startsAs;

    public SurfacePlan $surface;

    /** @var list<Mark> */
    public array $marks;

    /** @var list<CoatPlan> */
    public array $coatPlans;

    /** With what its marks cut into it all round. */
    public Profile $turned;

    /** How far the middle of its wood is off its axis, mm; nought but where its rim is not level. */
    public float $offAxisMm;

    /** @var array<string, Ground> what each mark is made on, by its id */
    public array $grounds;

    private Tables $tables;

    private function __construct(Document $part, Tables $tables)
    {
        $id = Id::read($part);
        $name = $part->textOr('name', FirstLetter::large(str_replace('-', ' ', $id)), self::MAX_NAME) ?? $id;
        $marks = array_map(
            fn (Document $mark): Mark => Mark::read($mark, $tables),
            $part->has('marks') ? $part->children('marks', self::MAX_MARKS) : [],
        );
        $wood = $tables->woods->named($part->text('wood'), $part->at('wood'));
        $grain = GrainDirection::from($part->choice('grain', array_column(GrainDirection::cases(), 'value')));
        $moisture = $part->numberOr('moisture_percent', self::USUAL_MOISTURE_PERCENT, 0, 200);
        $holding = Holding::from(
            $part->choice('holding', array_column(Holding::cases(), 'value'), Holding::Tenon->value),
        );
        $profile = Profile::read($part->child('shape'));
        $grounds = BandGrounds::of($profile, $marks, $wood, $grain, $tables->tooling);
        $this->id = $id;
        $this->name = $name;
        $this->wood = $wood;
        $this->grain = $grain;
        $this->moisturePercent = $moisture;
        $this->figured = $part->has('figured')
            ? Figured::from($part->choice('figured', array_column(Figured::cases(), 'value'))) : null;
        $this->rings = $part->has('rings')
            ? Rings::from($part->choice('rings', array_column(Rings::cases(), 'value'))) : null;
        $this->holding = $holding;
        $this->holds = HoldWishes::read($part);
        $this->profile = $profile;
        $this->flaws = array_map(
            Flaw::read(...), $part->has('features') ? $part->children('features', self::MAX_FLAWS) : [],
        );
        $this->holes = array_map(
            PartHole::read(...), $part->has('holes') ? $part->children('holes', self::MAX_HOLES) : [],
        );
        $this->fittings = array_map(
            Fitting::read(...), $part->has('fittings') ? $part->children('fittings', self::MAX_FITTINGS) : [],
        );
        $this->wallReadings = array_map(
            WallReading::read(...),
            $part->has('wall_readings') ? $part->children('wall_readings', WallReading::MOST) : [],
        );
        $this->startsAs = $part->has('starts_as') ? StartsAs::from(
            $part->choice('starts_as', array_column(StartsAs::cases(), 'value')),
        ) : null;
        $this->surface = SurfacePlan::read($part->childOr('surface'), $tables->abrasives);
        $this->marks = $marks;
        $this->coatPlans = array_map(
            fn (Document $plan): CoatPlan => CoatPlan::read($plan, $tables->coatings),
            $part->has('coats') ? $part->children('coats', self::MAX_PLANS) : [],
        );
        $this->turned = Turned::of($profile, $marks, $grounds, $tables->calibration);
        $this->offAxisMm = Measurement::offAxisMm($profile);
        $this->grounds = $grounds;
        $this->tables = $tables;
    }

    public static function read(Document $part, Tables $tables): self
    {
        $read = new self($part, $tables);
        $read->check($part);

        return $read;
    }

    /** @return list<Face> the faces its shape has */
    public function faces(): array
    {
        return Measurement::faces($this->profile);
    }

    /** What it weighs once turned, at its moisture; null for a wood whose density is not known. */
    public function massG(): ?float
    {
        return Measurement::massG($this->turned, $this->wood, $this->moisturePercent);
    }

    public function measure(ShapeFigures $figures, ?float $minWallMm = null): Measurement
    {
        return Measurement::of(
            figures: $figures, profile: $this->profile, grain: $this->grain, bands: array_map(
                fn (Mark $mark) => $mark->band, $this->marks,
            ), wood: $this->wood,
            moisturePercent: $this->moisturePercent, minWallMm: $minWallMm, turned: $this->turned,
        );
    }

    /** @return list<CoatPlan> the one of the outside first, in whatever order they were written */
    public function coatPlansByFace(): array
    {
        $plans = $this->coatPlans;
        usort($plans, fn (CoatPlan $a, CoatPlan $b): int => $a->firstFace() <=> $b->firstFace());

        return $plans;
    }

    public function coatPlan(string $id): ?CoatPlan
    {
        foreach ($this->coatPlans as $plan) {
            if ($plan->id === $id) {
                return $plan;
            }
        }

        return null;
    }

    public function coatPlanFor(Face $face): ?CoatPlan
    {
        foreach ($this->coatPlans as $plan) {
            if (in_array($face, $plan->zones, true)) {
                return $plan;
            }
        }

        return null;
    }

    /**
     * In the order in which they are made: by technique, like ones as the maker wants them, otherwise by their places.
     *
     * @param  list<array{string, string}>  $order  ids of what comes first, and of what after it
     * @return list<Mark>
     */
    public function marksInOrder(array $order = []): array
    {
        $marks = $this->marks;
        usort($marks, fn (Mark $a, Mark $b): int => [
            $a->rank(), $a->band->on->value, $a->colours() ? $a->lightness() : 0.0, $a->band->fromMm, $a->id(),
        ] <=> [$b->rank(), $b->band->on->value, $b->colours() ? $b->lightness() : 0.0, $b->band->fromMm, $b->id()]);
        $sorted = [];
        while ($marks !== []) {
            $next = 0;
            foreach ($marks as $i => $mark) {
                if ($mark->rank() === $marks[0]->rank() && ! self::waits($mark, $marks, $order)) {
                    $next = $i;

                    break;
                }
            }
            $sorted = [...$sorted, ...array_splice($marks, $next, 1)];
        }

        return $sorted;
    }

    /**
     * @param  list<Mark>  $others
     * @param  list<array{string, string}>  $order
     */
    private static function waits(Mark $mark, array $others, array $order): bool
    {
        foreach ($others as $other) {
            if ($other->rank() === $mark->rank() && in_array([$other->id(), $mark->id()], $order, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, Worked> what follows from what is set for each mark, by its id */
    public function worked(): array
    {
        $back = $this->sandedBack();
        $worked = [];
        foreach ($this->marks as $mark) {
            $what = $mark->worked($this->grounds[$mark->id()], $this->tables->calibration);
            $worked[$mark->id()] = $back->isDone($mark) ? $what->sandedBack() : $what;
        }

        return $worked;
    }

    /** @return array<string, Settings> all that each mark needs, set or likely, by its id */
    public function settled(): array
    {
        $settled = [];
        foreach ($this->marks as $mark) {
            $settled[$mark->id()] = $mark->settled($this->grounds[$mark->id()], $this->tables->calibration);
        }

        return $settled;
    }

    /** @return array<string, Pattern> what each mark looks like on its band, by its id */
    public function patterns(): array
    {
        $patterns = [];
        foreach ($this->settled() as $id => $settings) {
            $patterns[$id] = $this->mark($id)->technique->pattern($settings, $this->grounds[$id]);
        }

        return $patterns;
    }

    public function hasMark(string $id): bool
    {
        return in_array($id, array_map(fn (Mark $mark): string => $mark->id(), $this->marks), true);
    }

    /** How long the line is that bands of a surface lie on, mm; nought where the part has no such surface. */
    public function lineMm(Surface $on): float
    {
        return $on->lengthMm($this->profile);
    }

    /**
     * The same, drawn or made otherwise: what its marks are made on and cut follows.
     *
     * @param  non-empty-array<string, mixed>  $changed  by name of a property
     */
    private function with(array $changed): self
    {
        $drawn = Copy::with($this, $changed);
        $grounds = BandGrounds::of($drawn->profile, $drawn->marks, $drawn->wood, $drawn->grain, $this->tables->tooling);

        return Copy::with($drawn, [
            'grounds' => $grounds,
            'turned' => Turned::of($drawn->profile, $drawn->marks, $grounds, $this->tables->calibration),
            'offAxisMm' => Measurement::offAxisMm($drawn->profile),
        ]);
    }

    /** The same with one more mark, or with another in place of the one of that id. */
    public function withMark(Mark $mark): self
    {
        $marks = $this->marks;
        $marks[$this->placeOfMark($mark->id())] = $mark;

        return $this->with(['marks' => array_values($marks)]);
    }

    /** Where a mark stands among the part's; that of the next one where it has none of that id. */
    public function placeOfMark(string $mark): int
    {
        $place = array_search($mark, array_map(fn (Mark $one): string => $one->id(), $this->marks), true);

        return $place === false ? count($this->marks) : $place;
    }

    public function withoutMark(string ...$ids): self
    {
        return $this->with(['marks' => array_values(array_filter(
            $this->marks, fn (Mark $mark): bool => ! in_array($mark->id(), $ids, true),
        ))]);
    }

    /**
     * The same with some of its marks moved by so many mm along their lines.
     *
     * @param  list<string>  $ids
     *
     * @throws OffItsLine where one would begin before its line does
     */
    public function withMoved(array $ids, float $byMm): self
    {
        return $this->with(['marks' => array_map(
            fn (Mark $mark): Mark => in_array($mark->id(), $ids, true) ? $mark->moved($byMm) : $mark, $this->marks,
        )]);
    }

    /**
     * The same with copies of some of its marks, so many mm further along.
     *
     * @param  list<string>  $ids
     *
     * @throws OffItsLine where one would begin before its line does
     */
    public function withCopied(array $ids, float $byMm): self
    {
        return $this->with(['marks' => [...$this->marks, ...array_map(
            fn (Mark $mark): Mark => $mark->another()->moved($byMm), $this->marksNamed($ids),
        )]]);
    }

    /**
     * The same with copies of some of its marks, mirrored about the middle of their lines.
     *
     * @param  list<string>  $ids
     */
    public function withMirrored(array $ids): self
    {
        return $this->with(['marks' => [...$this->marks, ...array_map(
            fn (Mark $mark): Mark => $mark->another()->placed(
                max(0.0, $this->lineMm($mark->band->on) - $mark->band->toMm),
                $this->lineMm($mark->band->on) - $mark->band->fromMm,
            ), $this->marksNamed($ids),
        )]]);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Mark>
     */
    private function marksNamed(array $ids): array
    {
        return array_values(array_filter(
            $this->marks, fn (Mark $mark): bool => in_array($mark->id(), $ids, true),
        ));
    }

    /** The same with one more flaw, or with another in place of the one of that id. */
    public function withFlaw(Flaw $flaw): self
    {
        return Copy::with($this, ['flaws' => ById::with($this->flaws, $flaw)]);
    }

    public function hasFlaw(string $id): bool
    {
        return $this->placeOfFlaw($id) < count($this->flaws);
    }

    /** Where a flaw stands among the part's; that of the next one where it has none of that id. */
    public function placeOfFlaw(string $id): int
    {
        return ById::placeOf($this->flaws, $id);
    }

    public function withoutFlaw(string $id): self
    {
        return Copy::with($this, ['flaws' => ById::without($this->flaws, $id)]);
    }

    /** The same with one more hole, or with another in place of the one of that id. */
    public function withHole(PartHole $hole): self
    {
        return Copy::with($this, ['holes' => ById::with($this->holes, $hole)]);
    }

    /** Where a hole stands among the part's; that of the next one where it has none of that id. */
    public function placeOfHole(string $hole): int
    {
        return ById::placeOf($this->holes, $hole);
    }

    public function hasHole(string $id): bool
    {
        return $this->placeOfHole($id) < count($this->holes);
    }

    public function withoutHole(string $id): self
    {
        return Copy::with($this, ['holes' => ById::without($this->holes, $id)]);
    }

    /** The same with one more fitting, or with another in place of the one of that id. */
    public function withFitting(Fitting $fitting): self
    {
        return Copy::with($this, ['fittings' => ById::with($this->fittings, $fitting)]);
    }

    /** Where a fitting stands among the part's; that of the next one where it has none of that id. */
    public function placeOfFitting(string $fitting): int
    {
        return ById::placeOf($this->fittings, $fitting);
    }

    public function hasFitting(string $id): bool
    {
        return $this->placeOfFitting($id) < count($this->fittings);
    }

    public function withoutFitting(string $id): self
    {
        return Copy::with($this, ['fittings' => ById::without($this->fittings, $id)]);
    }

    /** @return list<PartHole> all besides the bore, with those that fittings go into */
    public function allHoles(): array
    {
        return [...$this->holes, ...array_values(array_filter(array_map(
            fn (Fitting $fitting): ?PartHole => $fitting->hole(), $this->fittings,
        )))];
    }

    public function withSurface(SurfacePlan $surface): self
    {
        return Copy::with($this, ['surface' => $surface]);
    }

    /** The same in another shape. */
    public function shaped(Profile $profile): self
    {
        return $this->with(['profile' => $profile]);
    }

    /**
     * The same with one more reading of its wall, in the place of one at that height.
     *
     * @throws InvalidField where there is no wall at that height
     */
    public function withWallReading(WallReading $reading): self
    {
        $reading->check($this->profile);
        $readings = [...$this->withoutWallReading($reading->heightMm)->wallReadings, $reading];
        usort($readings, fn (WallReading $a, WallReading $b): int => $b->heightMm <=> $a->heightMm);

        return Copy::with($this, ['wallReadings' => $readings]);
    }

    /** The same without the reading at a height, or without any. */
    public function withoutWallReading(?float $heightMm = null): self
    {
        return Copy::with($this, ['wallReadings' => array_values(array_filter(
            $this->wallReadings, fn (WallReading $one): bool => $heightMm !== null
                && abs($one->heightMm - $heightMm) > WallReading::SAME_MM,
        ))]);
    }

    /** The same from another blank, without the flaws of the one it was begun from. */
    public function begunAnew(): self
    {
        return Copy::with($this, ['flaws' => [], 'wallReadings' => [], 'startsAs' => StartsAs::Blank]);
    }

    /** The same, held otherwise. */
    public function heldBy(Holding $holding): self
    {
        return Copy::with($this, ['holding' => $holding]);
    }

    /** Whether it is hollowed between centres, round a core that the tail centre bears on. */
    public function keepsCore(): bool
    {
        return $this->holding === Holding::BetweenCentres && $this->profile->inner !== null;
    }

    /** Workshop model: how much deeper marks are in its grain than in straight grain, times. */
    public function tearsDeeper(Calibration $calibration): float
    {
        return match ($this->figured) {
            Figured::Curl => $calibration->woods->curlDeeper,
            Figured::Interlocked => $calibration->woods->interlockedDeeper,
            Figured::Burl => $calibration->woods->burlDeeper,
            null => 1.0,
        };
    }

    /** The same, its rings lying so, and its grain figured or straight. */
    public function grown(?Rings $rings, ?Figured $figured): self
    {
        return Copy::with($this, ['rings' => $rings, 'figured' => $figured]);
    }

    /** The same with other wishes of how it is held besides. */
    public function wishing(HoldWishes $holds): self
    {
        return Copy::with($this, ['holds' => $holds]);
    }

    /** The same by another name, of other wood, held otherwise. */
    public function made(
        string $name,
        Wood $wood,
        GrainDirection $grain,
        float $moisturePercent,
        Holding $holding,
    ): self {
        return $this->with([
            'name' => $name, 'wood' => $wood, 'grain' => $grain, 'moisturePercent' => $moisturePercent,
            'holding' => $holding,
        ]);
    }

    /** The same with these coats on the faces of the plan; a face wears one, so that others leave it. */
    public function coatedBy(CoatPlan $plan): self
    {
        $others = array_map(fn (CoatPlan $one): ?CoatPlan => $one->without($plan->zones), $this->coatPlans);

        return Copy::with($this, ['coatPlans' => [...array_values(array_filter($others)), $plan]]);
    }

    /** The same with a plan of coats in place of the one of that id. */
    public function withCoats(CoatPlan $plan): self
    {
        return Copy::with($this, ['coatPlans' => array_map(
            fn (CoatPlan $one): CoatPlan => $one->id === $plan->id ? $plan : $one, $this->coatPlans,
        )]);
    }

    public function withoutCoats(string $plan): self
    {
        return Copy::with($this, ['coatPlans' => array_values(array_filter(
            $this->coatPlans, fn (CoatPlan $one): bool => $one->id !== $plan,
        ))]);
    }

    public function mark(string $id): Mark
    {
        foreach ($this->marks as $mark) {
            if ($mark->id() === $id) {
                return $mark;
            }
        }

        throw new \LogicException("The part has no mark $id.");
    }

    /**
     * What is sanded back of the colours on it.
     *
     * @param  list<array{string, string}>  $order  ids of what the maker wants first, and of what after it
     */
    public function sandedBack(array $order = []): SandedBack
    {
        return new SandedBack($this, $order, $this->tables);
    }

    /** What test boards make of a colour on this wood. */
    public function dyeFactors(Mark $mark): DyeFactors
    {
        return $this->tables->dyes->of($this->wood->name, $mark->stain?->class);
    }

    /** What colours come of. */
    public function colourFigures(): ColourFigures
    {
        return $this->tables->calibration->colour;
    }

    /** What a face is for: as the maker said, else what the piece is for where its contents would touch it. */
    public function useOf(Face $face, Purpose $purpose): FaceUse
    {
        $holds = in_array(Face::Inside, $this->faces(), true) ? [Face::Inside] : [Face::Outside, Face::Top];

        return $this->surface->of($face)->use ?? match (true) {
            $purpose->holds() && in_array($face, $holds, true) => FaceUse::from($purpose->value),
            $purpose === Purpose::Display => FaceUse::Display,
            default => FaceUse::Handled,
        };
    }

    /** @return list<Face> the faces that it has for a use */
    public function facesFor(FaceUse $use, Purpose $purpose): array
    {
        return array_values(array_filter(
            $this->faces(), fn (Face $face): bool => $this->useOf($face, $purpose) === $use,
        ));
    }

    /** Whether no hand gets into its inside, which nobody sees either. */
    public function hasClosedInside(): bool
    {
        $inner = $this->profile->inner;
        if ($inner === null) {
            return false;
        }
        $mouth = $inner->first()->r;
        $widest = max(array_map(fn (Point $point): float => $point->r, $inner->between(0.0, $inner->lengthMm())));
        $shape = $this->tables->calibration->shape;

        return 2 * $mouth < $shape->closedMouthMm && $mouth < $shape->closedMouthShare * $widest;
    }

    /** @return list<Mark> those that lie on a face */
    public function marksOn(Face $face): array
    {
        return array_values(array_filter($this->marks, fn (Mark $mark): bool => $mark->band->on->face() === $face));
    }

    /** Whether something is mended on its outside before the wall behind it is thinned. */
    public function isMendedFirst(): bool
    {
        return array_filter($this->flaws, fn (Flaw $flaw): bool => $flaw->kind->mayFly()
            && in_array($flaw->on, [Surface::Outer, Surface::Top], true)
            && in_array($flaw->wish, [Wish::Fill, Wish::Stabilise], true)) !== [];
    }

    /** Whether it may come apart while it spins, so that it turns slowly. */
    public function mayFly(): bool
    {
        return array_filter($this->flaws, fn (Flaw $flaw): bool => $flaw->kind->mayFly()) !== [];
    }

    /** Whether bark stands on it that is not cut away. */
    public function wearsBark(): bool
    {
        return array_filter($this->flaws, fn (Flaw $flaw): bool => $flaw->isBarkThatStays()) !== [];
    }

    /** Whether its rim stands so much higher here than there that it is not seated level. */
    public function isEdged(): bool
    {
        return ($this->profile->edge->dropMm ?? 0.0) > $this->tables->calibration->holds->roundMm;
    }

    /**
     * What says how fast its rim may go.
     *
     * @param  bool  $isMended  once all that is mended is, and has set
     */
    public function rim(bool $isMended = false): RimState
    {
        $figures = $this->tables->calibration->speed;
        $flies = array_filter($this->flaws, fn (Flaw $flaw): bool => $flaw->kind->mayFly() && ! $flaw->isTightBark());
        $isOff = $this->offAxisMm > $figures->unbalancedShare * $this->profile->diameterMm();

        return match (true) {
            $flies !== [] && ! $isMended => RimState::Flawed,
            $this->wearsBark() => RimState::Bark,
            $isOff => RimState::Unbalanced,
            default => RimState::Sound,
        };
    }

    /** Whether an edge of this face is broken all round: it is sanded with the lathe stopped. */
    public function interrupts(Face $face): bool
    {
        return $face === Face::Rim && $this->isEdged() || array_filter(
            $this->flaws, fn (Flaw $flaw): bool => $flaw->kind->interrupts() && $flaw->on->face() === $face,
        ) !== [];
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'wood' => $this->wood->name, 'grain' => $this->grain->value,
            'moisture_percent' => $this->moisturePercent, 'holding' => $this->holding->value,
            ...$this->figured === null ? [] : ['figured' => $this->figured->value],
            ...$this->rings === null ? [] : ['rings' => $this->rings->value],
            ...$this->holds->toArray() === [] ? [] : ['holds' => $this->holds->toArray()],
            'shape' => $this->profile->toArray(),
            'features' => array_map(fn (Flaw $flaw): array => $flaw->toArray(), $this->flaws),
            'holes' => array_map(fn (PartHole $hole): array => $hole->toArray(), $this->holes),
            ...$this->fittings === [] ? [] : ['fittings' => array_map(
                fn (Fitting $fitting): array => $fitting->toArray(), $this->fittings,
            )],
            ...$this->startsAs === null ? [] : ['starts_as' => $this->startsAs->value],
            ...$this->wallReadings === [] ? [] : ['wall_readings' => array_map(
                fn (WallReading $reading): array => $reading->toArray(), $this->wallReadings,
            )],
            'surface' => $this->surface->toArray(),
            'marks' => array_map(fn (Mark $mark): array => $mark->toArray(), $this->marks),
            'coats' => array_map(fn (CoatPlan $plan): array => $plan->toArray(), $this->coatPlans),
        ];
    }

    /** @return array<string, string> where each id stands => the id */
    public function ids(string $path): array
    {
        $at = "$path.";
        $ids = ["{$at}id" => $this->id];
        foreach ($this->flaws as $i => $flaw) {
            $ids["{$at}features.$i.id"] = $flaw->id;
        }
        foreach ($this->holes as $i => $hole) {
            $ids["{$at}holes.$i.id"] = $hole->id;
        }
        foreach ($this->fittings as $i => $fitting) {
            $ids["{$at}fittings.$i.id"] = $fitting->id;
        }
        foreach ($this->marks as $i => $mark) {
            $ids["{$at}marks.$i.id"] = $mark->id();
        }
        foreach ($this->coatPlans as $i => $plan) {
            $ids["{$at}coats.$i.id"] = $plan->id;
            foreach ($plan->coats as $k => $coat) {
                $ids["{$at}coats.$i.layers.$k.id"] = $coat->id;
            }
        }

        return $ids;
    }

    private function check(Document $part): void
    {
        foreach ($this->marks as $mark) {
            Measurement::strip($this->profile, $mark->band);
        }
        foreach ($this->flaws as $i => $flaw) {
            $flaw->check($this->profile, $part->at("features.$i"));
        }
        foreach ($this->holes as $i => $hole) {
            $hole->check($this->profile, $part->at("holes.$i"));
        }
        $seen = [];
        foreach ($this->coatPlans as $i => $plan) {
            foreach ($plan->zones as $k => $face) {
                if (in_array($face, $seen, true)) {
                    throw InvalidField::because(
                        $part->at("coats.$i.zones.$k"), $face->value, new Said('piece.part.one-plan-a-zone'),
                    );
                }
                $seen[] = $face;
            }
        }
    }
}
