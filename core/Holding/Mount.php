<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\SpeedFigures;
use HonestGrain\Holding\Hold\BetweenCentres;
use HonestGrain\Holding\Hold\Faceplate;
use HonestGrain\Holding\Hold\GlueBlock;
use HonestGrain\Holding\Hold\Hold;
use HonestGrain\Holding\Hold\JamChuck;
use HonestGrain\Holding\Hold\Mandrel;
use HonestGrain\Holding\Hold\Partner;
use HonestGrain\Holding\Hold\Recess;
use HonestGrain\Holding\Hold\ScrewChuck;
use HonestGrain\Holding\Hold\Steady;
use HonestGrain\Holding\Hold\Tenon;
use HonestGrain\Holding\Hold\Vacuum;
use HonestGrain\Holding\Hold\WideJaws;
use HonestGrain\Lathework\Speed;
use HonestGrain\Words\Said;

/** How a part is held while it is worked. */
enum Mount: string
{
    case Faceplate = 'faceplate';
    case Screw = 'screw';
    case Tenon = 'tenon';
    case Recess = 'recess';
    case BetweenCentres = 'between-centres';
    case Jam = 'jam';
    case WideJaws = 'wide-jaws';
    case Vacuum = 'vacuum';
    case Steady = 'steady';
    case Lap = 'lap';
    case Points = 'points';
    case Mandrel = 'mandrel';
    case GlueBlock = 'glue-block';
    case JamPartner = 'jam-partner';

    public function label(): Said
    {
        return match ($this) {
            self::Faceplate => new Said('holding.mount.on-a-faceplate'),
            self::Screw => new Said('holding.mount.screw-chuck'),
            self::Tenon => new Said('holding.mount.by-the-tenon'),
            self::Recess => new Said('holding.mount.by-the-recess'),
            self::BetweenCentres => new Said('holding.mount.between-centres'),
            self::Jam => new Said('holding.mount.against-jam-chuck'),
            self::WideJaws => new Said('holding.mount.wide-padded-jaws'),
            self::Vacuum => new Said('holding.mount.vacuum-chuck'),
            self::Steady => new Said('holding.mount.in-a-steady'),
            self::Lap => new Said('holding.mount.lap-or-bench'),
            self::Points => new Said('holding.mount.points-dry'),
            self::Mandrel => new Said('holding.mount.on-a-mandrel'),
            self::GlueBlock => new Said('holding.mount.on-a-glue-block'),
            self::JamPartner => new Said('holding.mount.on-its-partner'),
        };
    }

    /** Whether it is held by pressure alone, so that a catch throws it. */
    public function isSoft(): bool
    {
        return in_array($this, [self::Jam, self::JamPartner, self::WideJaws, self::Vacuum], true);
    }

    /** What of such a hold is measured; null where it is made to the work. */
    public function measures(): ?Said
    {
        return match ($this) {
            self::Faceplate => new Said('holding.measures.plate'),
            self::Screw => new Said('holding.measures.screw'),
            self::WideJaws => new Said('holding.measures.reach'),
            self::Vacuum => new Said('holding.measures.seal'),
            self::Steady => new Said('holding.measures.band'),
            default => null,
        };
    }

    /** Whether the jaws of a chuck hold it. */
    public function isInJaws(): bool
    {
        return $this === self::Tenon || $this === self::Recess;
    }

    /**
     * Whether it comes off the spindle with what holds it and goes back as it ran; what is pressed against a block,
     * sucked to one or stands between centres has to be found true again.
     */
    public function comesOffWhole(): bool
    {
        return match ($this) {
            self::Tenon, self::Recess, self::WideJaws, self::Screw, self::Faceplate, self::GlueBlock => true,
            default => false,
        };
    }

    /** The fastest that its rim may move by this hold; null where the hold says nothing of it. */
    public function rimSpeed(SpeedFigures $figures, float $diameterMm, bool $isTrue): ?Speed
    {
        return match ($this) {
            self::Jam => Speed::rim(
                $diameterMm, $isTrue ? $figures->pressedRimMPerS : $figures->pressedWarpedRimMPerS, 'pressed-rim',
            ),
            self::JamPartner => Speed::rim($diameterMm, $figures->pressedWarpedRimMPerS, 'partner-rim'),
            self::Vacuum => Speed::rim($diameterMm, $figures->vacuumRimMPerS, 'vacuum-rim'),
            default => null,
        };
    }

    /** The fastest that such a hold is made for, where no other figure is marked on it; null where it is not marked. */
    public function marked(SpeedFigures $figures): ?Speed
    {
        return $this === self::WideJaws ? Speed::most($figures->wideJawsRpm, 'wide-jaws') : null;
    }

    /** What it asks of the piece; empty where it takes any. */
    public function needs(): ?Said
    {
        return match ($this) {
            self::Vacuum => new Said('holding.mount.round-closed-unwarped-wall'),
            self::Screw => new Said('holding.mount.sound-wood-whole-thread'),
            self::Faceplate => new Said('holding.mount.screws-into-waste-wood'),
            self::WideJaws => new Said('holding.mount.whole-rim-tail-centre'),
            self::Jam => new Said('holding.mount.rim-fits-block-tail'),
            self::Steady => new Said('holding.mount.true-round-place-wheels'),
            self::Tenon => new Said('holding.mount.tenon-flat-shoulder-sound'),
            self::Recess => new Said('holding.mount.walls-about-recess-thick'),
            self::BetweenCentres => new Said('holding.mount.sound-ends'),
            self::Mandrel => new Said('holding.mount.hole-right-through'),
            self::GlueBlock => new Said('holding.mount.flat-dry-face'),
            self::JamPartner => new Said('holding.mount.fitted-spigot'),
            self::Lap, self::Points => null,
        };
    }

    /** What it asks of the work beyond its row of the table; null for what only lies still. */
    public function hold(): ?Hold
    {
        return match ($this) {
            self::Faceplate => new Faceplate,
            self::Screw => new ScrewChuck,
            self::Tenon => new Tenon,
            self::Recess => new Recess,
            self::BetweenCentres => new BetweenCentres,
            self::Jam => new JamChuck,
            self::JamPartner => new Partner,
            self::WideJaws => new WideJaws,
            self::Vacuum => new Vacuum,
            self::Steady => new Steady,
            self::Mandrel => new Mandrel,
            self::GlueBlock => new GlueBlock,
            self::Lap, self::Points => null,
        };
    }

    /** Whether the lathe turns it. */
    public function spins(): bool
    {
        return $this !== self::Lap && $this !== self::Points;
    }
}
