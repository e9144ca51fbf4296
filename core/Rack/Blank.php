<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\Holds;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\RimState;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Holding\WorkSize;
use HonestGrain\Holding\WorkWood;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\PieceStock;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Wood\Rings;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Said;

/**
 * A piece of wood on the rack, as it is kept:
 * `{"form","wood","grain","diameter_mm","length_mm","wall_mm","tenon_mm","recess_mm","long_mm","short_mm","rings",
 * "pith","sapwood_mm","keeping","place","source","given_by","promised_for","price","felled_on","cut_on",
 * "roughed_on","kiln_on","meter_percent","taken_as_dry","flaws":[…as in a piece…],"note"}`.
 */
final readonly class Blank
{
    public const MOST_WALL_MM = 200.0;

    private const THICKNESS_OF_RULE_MM = 25.0;

    private const MOST_FLAWS = 40;

    /** Where the wall is told: at the rim, half-way and near the foot. */
    private const HEIGHTS = [1.0, 0.5, 0.2];

    private const NEAR_SHARE = 0.05;

    public BlankForm $form;

    public string $wood;

    public GrainDirection $grain;

    public float $diameterMm;

    public float $lengthMm;

    public ?float $wallMm;

    public ?float $tenonMm;

    public ?float $recessMm;

    /** How its rings lie; null where nobody looked. */
    public ?Rings $rings;

    /** Its long and short axis at the rim as measured now, mm; null where nobody measured. */
    public ?float $longMm;

    public ?float $shortMm;

    public Pith $pith;

    /** How wide the pale wood under the bark is; null where nobody measured. */
    public ?float $sapwoodMm;

    public Keeping $keeping;

    public string $place;

    public string $source;

    /** Who gave it, or sold it. */
    public string $givenBy;

    /** For whom or for which piece it is kept. */
    public string $promisedFor;

    public ?float $price;

    public ?string $felledOn;

    public ?string $cutOn;

    public ?string $roughedOn;

    /** The day it came from the kiln. */
    public ?string $kilnOn;

    /** By a meter on a fresh face, %. */
    public ?float $meterPercent;

    /** Whether its maker takes it as dry, whatever else speaks. */
    public bool $isTakenAsDry;

    /** @var list<Flaw> */
    public array $flaws;

    public string $note;

    private function __construct(Document $blank)
    {
        $form = BlankForm::from($blank->choice('form', array_column(BlankForm::cases(), 'value')));
        $diameter = $blank->number('diameter_mm', 1, Node::MAX_MM);
        $length = $blank->number('length_mm', 1, Node::MAX_MM);
        $wall = $form->isRough() ? $blank->number('wall_mm', 1, self::MOST_WALL_MM) : null;
        $flaws = array_map(Flaw::read(...), $blank->has('flaws') ? $blank->children('flaws', self::MOST_FLAWS) : []);
        $this->form = $form;
        $this->wood = $blank->text('wood', 80);
        $this->grain = GrainDirection::from(
            $blank->choice('grain', array_column(GrainDirection::cases(), 'value'), $form->grain()->value),
        );
        $this->diameterMm = $diameter;
        $this->lengthMm = $length;
        $this->wallMm = $wall;
        $this->tenonMm = $blank->numberOr('tenon_mm', null, 1, $diameter);
        $this->recessMm = $blank->numberOr('recess_mm', null, 1, $diameter);
        $this->rings = $blank->has('rings')
            ? Rings::from($blank->choice('rings', array_column(Rings::cases(), 'value'))) : null;
        $this->longMm = $form->isRough() ? $blank->numberOr('long_mm', null, 1, Node::MAX_MM) : null;
        $this->shortMm = $this->longMm === null ? null : $blank->numberOr('short_mm', null, 1, $this->longMm);
        $this->pith = Pith::from($blank->choice('pith', array_column(Pith::cases(), 'value'), Pith::Out->value));
        $this->sapwoodMm = $blank->numberOr('sapwood_mm', null, 0, $diameter / 2);
        $this->keeping = Keeping::from(
            $blank->choice('keeping', array_column(Keeping::cases(), 'value'), Keeping::Open->value),
        );
        $this->place = $blank->textOr('place', '', 60) ?? '';
        $this->source = $blank->textOr('source', '', 120) ?? '';
        $this->givenBy = $blank->textOr('given_by', '', 120) ?? '';
        $this->promisedFor = $blank->textOr('promised_for', '', 120) ?? '';
        $this->price = $blank->numberOr('price', null, 0, 1_000_000);
        $this->felledOn = self::date($blank, 'felled_on');
        $this->cutOn = self::date($blank, 'cut_on');
        $this->roughedOn = self::date($blank, 'roughed_on');
        $this->kilnOn = self::date($blank, 'kiln_on');
        $this->meterPercent = $blank->numberOr('meter_percent', null, 0, 200);
        $this->isTakenAsDry = $blank->flag('taken_as_dry', false);
        $this->flaws = $flaws;
        $this->note = $blank->textOr('note', '', 500, true) ?? '';
    }

    /** @throws InvalidField */
    public static function read(Document $blank): self
    {
        return new self($blank);
    }

    /**
     * Its outline, once it is sure that the wall leaves a hollow and that no flaw lies off the wood.
     *
     * @throws InvalidField
     */
    public function checked(): Profile
    {
        try {
            $profile = $this->profile();
        } catch (BadInput) {
            throw InvalidField::because('wall_mm', $this->wallMm, new Said('rack.blank.leaves-no-hollow-inside'));
        }
        foreach ($this->flaws as $i => $flaw) {
            $flaw->check($profile, "flaws.$i");
        }

        return $profile;
    }

    /** Its outline, as it is measured and drawn. */
    public function profile(): Profile
    {
        return $this->form->profile($this->diameterMm, $this->lengthMm, $this->wallMm);
    }

    /** What holds it on the lathe before anything is cut of it, whatever is made of it. */
    public function holds(Wood $wood, Equipment $equipment, Tables $tables, float $moisturePercent): Holds
    {
        $mayFly = $this->rim() === RimState::Flawed;

        return Holds::of(new Workpiece(
            stage: HoldStage::Outside, profile: $this->profile(), grain: $this->grain,
            size: new WorkSize($this->diameterMm, $this->lengthMm, $this->massG($wood, $moisturePercent)),
            wood: new WorkWood(
                mayFly: $mayFly, hasBrokenRim: $this->hasBark(), isTrue: ! $this->form->isRough(),
                hardnessN: $wood->figures->jankaN, rim: $this->rim(),
            ),
        ), $equipment, $tables->lathe->holds, $tables->calibration);
    }

    /** @return list<Mount> by what it can be held as it is: a rough one by what was cut for it, and all pressed on */
    public function mounts(Holds $holds): array
    {
        return $this->form->isRough() ? array_values(array_filter([
            $this->tenonMm === null ? null : Mount::Tenon, $this->recessMm === null ? null : Mount::Recess, Mount::Jam,
        ])) : $holds->known();
    }

    /** How fast its flaws let it go; nobody has looked yet whether its bark is tight. */
    public function rim(): RimState
    {
        return array_filter($this->flaws, fn (Flaw $flaw): bool => $flaw->kind->mayFly()) === []
            ? RimState::Sound : RimState::Flawed;
    }

    public function hasBark(): bool
    {
        return array_filter($this->flaws, fn (Flaw $flaw): bool => $flaw->kind === FlawKind::BarkEdge) !== [];
    }

    /** How far its heartwood reaches from the middle; null where nobody measured its sapwood. */
    public function heartRadiusMm(): ?float
    {
        return $this->sapwoodMm === null ? null : $this->diameterMm / 2 - $this->sapwoodMm;
    }

    /**
     * Itself as what parts of a piece are cut from; null for what is roughed out already.
     *
     * @param  int|null  $number  on the rack
     * @param  list<string>  $parts  by their ids, in the order they lie on it
     */
    public function stockOf(string $id, ?int $number, array $parts): ?PieceStock
    {
        $form = $this->form->stock();
        $isAcross = $form?->isTurnedAcross() === true;

        return $form === null ? null : PieceStock::read(Document::of([
            'id' => $id, 'blank' => $number, 'form' => $form->value, 'width_mm' => $this->diameterMm,
            'length_mm' => $isAcross ? $this->diameterMm : $this->lengthMm,
            'height_mm' => $isAcross ? $this->lengthMm : $this->diameterMm, 'parts' => $parts,
        ]));
    }

    /** What it weighs at a moisture, g; null where the wood's density is not known. */
    public function massG(Wood $wood, float $moisturePercent): ?float
    {
        return Measurement::massG($this->profile(), $wood, $moisturePercent);
    }

    /** The way that water has to go out: the wall of a rough one, else the lesser of its sizes. */
    public function thicknessMm(): float
    {
        return $this->wallMm ?? min($this->diameterMm, $this->lengthMm);
    }

    /** The loss a week above which it is likely to crack, % of its weight (workshop). */
    public function crackLossPercent(DryingFigures $figures): float
    {
        return $figures->crackLossPercentAWeek * self::THICKNESS_OF_RULE_MM / $this->thicknessMm();
    }

    /** How it dries oval, and what can be turned out of it; null where the wood's shrinkage is not known. */
    public function truing(Wood $wood, float $fromPercent, float $toPercent, float $allowanceMm): ?Truing
    {
        $percent = Truing::ovalPercent($wood, $this->grain, $this->rings) ?? $wood->figures->tangentialPercent;
        if ($this->wallMm === null || $percent === null) {
            return null;
        }
        // Of end grain both ways shrink, and only the difference makes it oval.
        $round = $this->grain === GrainDirection::End
            ? Truing::shrinkFraction($wood->figures->radialPercent ?? 0.0, $fromPercent, $toPercent) : 0.0;

        return Truing::of(
            Truing::shrinkFraction($percent, $fromPercent, $toPercent), $this->diameterMm * (1 - $round),
            $this->wallMm, $allowanceMm, $this->tenonMm === null ? null : $this->tenonMm * (1 - $round),
        );
    }

    /** How oval it is by its measured axes, and what can be turned out of it now; null where nobody measured both. */
    public function measuredTruing(float $allowanceMm): ?Truing
    {
        return $this->wallMm === null || $this->longMm === null || $this->shortMm === null ? null : Truing::of(
            ($this->longMm - $this->shortMm) / $this->longMm, $this->longMm, $this->wallMm, $allowanceMm,
            $this->tenonMm,
        );
    }

    /**
     * The thickest wall that is left of a rough one once it is turned true, by height: the least where it is widest.
     *
     * @param  float  $shrinkFraction  of its size across the grain
     * @return list<array{float, float}> height over the foot and wall, mm, from the rim down
     */
    public function wallsLeftMm(float $shrinkFraction, float $allowanceMm): array
    {
        if ($this->wallMm === null) {
            return [];
        }
        $outer = $this->profile()->outer;
        $walls = [];
        foreach (self::HEIGHTS as $share) {
            $z = $share * $this->lengthMm;
            $across = 2 * max(array_map(
                fn (Point $point): float => abs($point->z - $z) <= $this->lengthMm * self::NEAR_SHARE ? $point->r : 0.0,
                $outer->points,
            ));
            $across = $across > 0 ? $across : $this->diameterMm;
            $walls[] = [$z, Truing::of($shrinkFraction, $across, $this->wallMm, $allowanceMm)->mostWallMm];
        }

        return $walls;
    }

    /** @throws InvalidField */
    private static function date(Document $blank, string $key): ?string
    {
        $date = $blank->textOr($key, null, 10);
        if ($date === null || $date === '') {
            return null;
        }
        $read = \DateTimeImmutable::createFromFormat('!Y-m-d', $date);
        if ($read === false || $read->format('Y-m-d') !== $date) {
            throw InvalidField::type($blank->at($key), $date, new Said('rack.blank.date-such-2026-03'));
        }

        return $date;
    }
}
