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

    public function mount(): Said
    {
        return match ($this) {
            self::Tenon => new Said('holding.holding.mount-tenon'),
            self::Recess => new Said('holding.holding.mount-recess'),
            self::BetweenCentres => new Said('holding.holding.mount-between-centres'),
            self::Faceplate => new Said('holding.holding.mount-faceplate'),
            self::Jam => new Said('holding.holding.mount-against-jam-chuck'),
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
        };
    }

    /** Whether wood is cut to hold it by before the rest is turned. */
    public function isCut(): bool
    {
        return $this === self::Tenon || $this === self::Recess;
    }

    /** Whether wood that holds it comes off in the end. */
    public function isPartedOff(): bool
    {
        return in_array($this, [self::Tenon, self::Faceplate, self::BetweenCentres], true);
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
            self::Recess => new Said('holding.holding.points-bare-foot'),
            self::BetweenCentres => new Said('holding.holding.hung-waste-end'),
            self::Faceplate => new Said('holding.holding.points-waste-block-still'),
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
            self::Faceplate => new Said('holding.holding.first-because-all-spins-easier-waste-block', [
                'marked' => $this->marked(),
            ]),
            self::Jam => new Said('holding.holding.first-pressed-home-until'),
        };
    }

    /** What is marked so that it goes back as it was. */
    public function marked(): Said
    {
        return match ($this) {
            self::Tenon, self::Recess => new Said('holding.holding.mark-jaw-numbers-true'),
            self::Faceplate => new Said('holding.holding.mark-block-plate-true'),
            self::BetweenCentres => new Said('holding.holding.mark-one-end-true'),
            self::Jam => new Said('holding.holding.pencil-line-across-block'),
        };
    }

    /** How it goes back after it came off. */
    public function remounted(): Said
    {
        return match ($this) {
            self::Tenon, self::Recess => new Said('holding.holding.jaw-numbers-marked-padding'),
            self::Faceplate => new Said('holding.holding.own-screw-holes-marks'),
            self::BetweenCentres => new Said('holding.holding.marked-end-drive-both'),
            self::Jam => new Said('holding.holding.line-across-block-work'),
        };
    }

    /** @param  bool  $stands  whether the piece stands on this end */
    public function release(bool $stands): Said
    {
        return match ($this) {
            self::Tenon => $stands ? new Said(
                'holding.holding.take-off-tenon-dish',
            ) : new Said('holding.holding.take-off-tenon'),
            self::Faceplate => $stands ? new Said('holding.holding.part-off-waste-block') : new Said(
                'holding.holding.part-off-waste-block-2',
            ),
            self::BetweenCentres => new Said('holding.holding.part-off-waste-ends'),
            self::Recess => new Said('holding.holding.clean-up-recess'),
            self::Jam => new Said('holding.holding.clean-up-foot'),
        };
    }

    /** How it is turned round so that its foot can be reached. */
    public function turnRound(): Said
    {
        return match ($this) {
            self::Recess => new Said('holding.holding.turn-round-wide-padded'),
            self::Jam => new Said('holding.holding.turn-round-jam-chuck'),
            self::Tenon, self::Faceplate, self::BetweenCentres => new Said('holding.holding.turn-round-against-soft'),
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

    public function releaseHow(bool $isHollow): Said
    {
        return match ($this) {
            self::Tenon => new Said('holding.holding.soft-pad-between-drive', [
                'what' => $isHollow ? new Said(
                    'holding.holding.finished-inside',
                ) : new Said('holding.holding.finished-end'),
            ]),
            self::Recess => new Said('holding.holding.padding-between-jaws-finished'),
            self::BetweenCentres => new Said('holding.holding.part-thin-core-stop'),
            self::Faceplate => new Said('holding.holding.part-thin-core-stop-lathe', [
                'what' => $isHollow ? new Said('holding.holding.inside') : new Said('holding.holding.end'),
            ]),
            self::Jam => new Said('holding.holding.turn-paper-keeps-finished'),
        };
    }

    public function hold(): Said
    {
        return match ($this) {
            self::Tenon => new Said('holding.holding.reversed-against-soft-pad'),
            self::Recess => new Said('holding.holding.reversed-padded-wide-jaws'),
            self::BetweenCentres => new Said('holding.holding.between-centres-then-lap'),
            self::Faceplate => new Said('holding.holding.reversed-against-soft-pad'),
            self::Jam => new Said('holding.holding.reversed-jam-chuck-tail'),
        };
    }

    public function on(): Mount
    {
        return Mount::from($this->value);
    }

    /** How it is held while its foot is finished. */
    public function reversed(): Mount
    {
        return match ($this) {
            self::Recess => Mount::WideJaws,
            self::BetweenCentres => Mount::BetweenCentres,
            default => Mount::Jam,
        };
    }

    /** The zones that only come free when the piece comes off the lathe. */
    public function covers(Face $face): bool
    {
        return $face === Face::Foot || ($face === Face::Top && $this === self::BetweenCentres);
    }
}
