<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;
use HonestGrain\Words\Said;

/** How a piece is held while it is worked, and so how its foot is finished. */
enum Holding: string
{
    case Tenon = 'tenon';
    case Recess = 'recess';
    case BetweenCentres = 'between-centres';
    case Faceplate = 'faceplate';
    case Jam = 'jam';
    case WideJaws = 'wide-jaws';
    case GlueBlock = 'glue-block';
    case JamPartner = 'jam-partner';
    case Mandrel = 'mandrel';

    public function mount(): Said
    {
        return match ($this) {
            self::Tenon => new Said('holding.holding.mount-tenon'),
            self::Recess => new Said('holding.holding.mount-recess'),
            self::BetweenCentres => new Said('holding.holding.mount-between-centres'),
            self::Faceplate => new Said('holding.holding.mount-faceplate'),
            self::Jam => new Said('holding.holding.mount-against-jam-chuck'),
            self::WideJaws => new Said('holding.holding.mount-wide-jaws'),
            self::GlueBlock => new Said('holding.holding.mount-glue-block'),
            self::JamPartner => new Said('holding.holding.mount-in-partner'),
            self::Mandrel => new Said('holding.holding.mount-on-mandrel'),
        };
    }

    /** Its name within a sentence. */
    public function said(): Said
    {
        return new Said("holding.holds.$this->value");
    }

    /** How the piece sits on the lathe. */
    public function mounted(): Said
    {
        return match ($this) {
            self::Tenon, self::Recess => new Said('holding.holding.in-the-chuck'),
            self::BetweenCentres => new Said('holding.holding.between-centres'),
            self::Faceplate => new Said('holding.holding.on-the-faceplate'),
            self::Jam => new Said('holding.holding.jam-chuck'),
            self::WideJaws => new Said('holding.holding.in-wide-jaws'),
            self::GlueBlock => new Said('holding.holding.on-its-block'),
            self::JamPartner => new Said('holding.mount.on-its-partner'),
            self::Mandrel => new Said('holding.mount.on-a-mandrel'),
        };
    }

    /** Whether the blank turns on a hole right through it, which is bored before it is mounted. */
    public function turnsOnBore(): bool
    {
        return $this === self::BetweenCentres || $this === self::Mandrel;
    }

    /** Whether wood is cut to hold it by before the rest is turned. */
    public function isCut(): bool
    {
        return $this === self::Tenon || $this === self::Recess;
    }

    /** Whether wood that holds it comes off in the end. */
    public function isPartedOff(): bool
    {
        return in_array($this, [self::Tenon, self::Faceplate, self::GlueBlock, self::BetweenCentres], true);
    }

    /** Whether it is turned round for its foot at all. */
    public function isReversed(): bool
    {
        return ! in_array($this, [self::BetweenCentres, self::JamPartner, self::Mandrel], true);
    }

    /** Whether another hold comes before it, in which what it bears on is cut. */
    public function hasFirst(): bool
    {
        return $this->isCut() || $this === self::WideJaws || $this === self::JamPartner;
    }

    /** Whether a block of waste wood is glued on for it. */
    public function isGlued(): bool
    {
        return $this === self::Faceplate || $this === self::GlueBlock;
    }

    /** Whether its foot is finished from the side that it is held by first, so that nothing of it stays to be done. */
    public function leavesFoot(): bool
    {
        return $this === self::Recess || $this === self::WideJaws || $this === self::JamPartner;
    }

    /**
     * How it stands while a coat dries.
     *
     * @param  bool  $isReleased  whether what held it is off already
     */
    public function drying(bool $isReleased): Said
    {
        return $isReleased ? new Said('holding.holding.points-free-all-round') : match ($this) {
            self::Tenon => new Said('holding.holding.points-tenon-still'),
            self::Recess, self::WideJaws, self::JamPartner => new Said('holding.holding.points-bare-foot'),
            self::BetweenCentres => new Said('holding.holding.hung-waste-end'),
            self::Mandrel => new Said('holding.holding.hung-by-bore'),
            self::Faceplate, self::GlueBlock => new Said('holding.holding.points-waste-block-still'),
            self::Jam => new Said('holding.holding.points-off-jam-chuck'),
        };
    }

    /** Why mounting comes first. */
    public function because(): Said
    {
        return match ($this) {
            self::Tenon => new Said('holding.holding.first-because-all-spins', ['marked' => $this->marked()]),
            self::Recess => new Said('holding.holding.first-because-all-spins-easier', ['marked' => $this->marked()]),
            self::BetweenCentres => new Said('holding.holding.first-because-all-spins-easier-waste', [
                'marked' => $this->marked(),
            ]),
            self::WideJaws => new Said('holding.holding.first-held-by-edge'),
            self::Mandrel => new Said('holding.holding.first-on-mandrel'),
            self::Faceplate, self::GlueBlock => new Said('holding.holding.first-because-all-spins-easier-waste-block', [
                'marked' => $this->marked(),
            ]),
            self::Jam, self::JamPartner => new Said('holding.holding.first-pressed-home-until'),
        };
    }

    /** What is marked so that it goes back as it was. */
    public function marked(): Said
    {
        return match ($this) {
            self::Tenon, self::Recess, self::WideJaws => new Said('holding.holding.mark-jaw-numbers-true'),
            self::Faceplate, self::GlueBlock => new Said('holding.holding.mark-block-plate-true'),
            self::BetweenCentres => new Said('holding.holding.mark-one-end-true'),
            self::Jam => new Said('holding.holding.pencil-line-across-block'),
            self::JamPartner => new Said('holding.holding.pencil-line-across-both'),
            self::Mandrel => new Said('holding.holding.mark-foot-end'),
        };
    }

    /** How it goes back after it came off. */
    public function remounted(): Said
    {
        return match ($this) {
            self::Tenon, self::Recess, self::WideJaws => new Said('holding.holding.jaw-numbers-marked-padding'),
            self::Faceplate, self::GlueBlock => new Said('holding.holding.own-screw-holes-marks'),
            self::BetweenCentres => new Said('holding.holding.marked-end-drive-both'),
            self::Jam => new Said('holding.holding.line-across-block-work'),
            self::JamPartner => new Said('holding.holding.line-across-both'),
            self::Mandrel => new Said('holding.holding.same-way-round'),
        };
    }

    /** @param  bool  $stands  whether the piece stands on this end */
    public function release(bool $stands): Said
    {
        return match ($this) {
            self::Tenon => $stands ? new Said(
                'holding.holding.take-off-tenon-dish',
            ) : new Said('holding.holding.take-off-tenon'),
            self::Faceplate, self::GlueBlock => $stands ? new Said('holding.holding.part-off-waste-block') : new Said(
                'holding.holding.part-off-waste-block-2',
            ),
            self::BetweenCentres => new Said('holding.holding.part-off-waste-ends'),
            self::Recess => new Said('holding.holding.clean-up-recess'),
            self::Jam, self::WideJaws, self::JamPartner, self::Mandrel => new Said('holding.holding.clean-up-foot'),
        };
    }

    /**
     * How it is turned round so that its foot can be reached.
     *
     * @param  Mount  $by  what it is held by then
     */
    public function turnRound(Mount $by): Said
    {
        return match (true) {
            $by === Mount::WideJaws => new Said('holding.holding.turn-round-wide-padded'),
            $by === Mount::Jam && $this !== self::Jam => new Said('holding.holding.turn-round-against-soft'),
            $by === Mount::Jam => new Said('holding.holding.turn-round-jam-chuck'),
            default => new Said('holding.holding.turn-round-by', ['mount' => $by->label()]),
        };
    }

    public function releaseBecause(bool $isCoated, bool $stands): Said
    {
        $last = $isCoated
            ? new Said('holding.holding.last-lathe-after-every')
            : new Said('holding.holding.last-lathe-after-all');

        return in_array($this, [self::Tenon, self::Faceplate], true) && $stands
            ? new Said('holding.holding.dish-little-so-piece', ['last' => $last]) : $last;
    }

    /** @return list<Said> how what held it comes off, and what keeps the finished end from marking */
    public function releaseHow(bool $isHollow, Mount $by): array
    {
        $what = ['what' => new Said($isHollow ? 'holding.holding.inside' : 'holding.holding.end')];

        return match (true) {
            $this === self::BetweenCentres => [new Said('holding.holding.part-thin-core-stop')],
            $by === Mount::WideJaws => [new Said('holding.holding.padding-between-jaws-finished')],
            $this === self::Jam && $by === Mount::Jam => [new Said('holding.holding.turn-paper-keeps-finished')],
            $by !== Mount::Jam => [],
            $this->isGlued() => [new Said('holding.holding.part-thin-core-stop-lathe', $what)],
            default => [new Said('holding.holding.soft-pad-between-drive', [
                'what' => new Said($isHollow ? 'holding.holding.finished-inside' : 'holding.holding.finished-end'),
            ])],
        };
    }

    /** How it sits while its foot is finished. */
    public function hold(Mount $by): Said
    {
        return match (true) {
            $this === self::BetweenCentres => new Said('holding.holding.between-centres-then-lap'),
            $by === Mount::WideJaws => new Said('holding.holding.reversed-padded-wide-jaws'),
            $by === Mount::Jam && $this !== self::Jam => new Said('holding.holding.reversed-against-soft-pad'),
            $by === Mount::Jam => new Said('holding.holding.reversed-jam-chuck-tail'),
            default => new Said('holding.holding.reversed-by', ['mount' => $by->label()]),
        };
    }

    public function on(): Mount
    {
        return Mount::from($this->value);
    }

    /** How it is held while its foot is finished, where nothing speaks for another hold. */
    public function reversed(): Mount
    {
        return match ($this) {
            self::Recess, self::WideJaws => Mount::WideJaws,
            self::BetweenCentres => Mount::BetweenCentres,
            default => Mount::Jam,
        };
    }

    /** The zones that only come free when the piece comes off the lathe. */
    public function covers(Face $face): bool
    {
        return match ($this) {
            self::Mandrel => false,
            self::BetweenCentres => $face === Face::Foot || $face === Face::Top,
            default => $face === Face::Foot,
        };
    }
}
