<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Lathework\StockForm;
use HonestGrain\Words\Said;

/** What a blank has been cut or roughed to. */
enum BlankForm: string
{
    case Log = 'log';
    case Slab = 'slab';
    case Branch = 'branch';
    case Round = 'round';
    case RoughBowl = 'rough-bowl';
    case RoughHollow = 'rough-hollow';
    case SpindleStock = 'spindle-stock';
    case PlugStock = 'plug-stock';

    private const ROUGH_FOOT_SHARE = 0.4;

    public function label(): Said
    {
        return new Said("rack.forms.$this->value");
    }

    public function isRough(): bool
    {
        return $this === self::RoughBowl || $this === self::RoughHollow;
    }

    /** Whether hollow work of its own width is made of it. */
    public function isBowlWood(): bool
    {
        return $this->isRough() || $this === self::Round || $this === self::Log;
    }

    /** How the grain runs against the lathe's axis in what is usually made of it. */
    public function grain(): GrainDirection
    {
        return in_array($this, [self::Slab, self::Round, self::RoughBowl], true)
            ? GrainDirection::Side : GrainDirection::End;
    }

    /**
     * Its outline as a turned shape, so that it is measured and drawn as pieces are.
     *
     * @param  float|null  $wallMm  of a rough one
     */
    public function profile(float $diameterMm, float $lengthMm, ?float $wallMm): Profile
    {
        if ($this->isRough() && $wallMm !== null) {
            $form = $this === self::RoughBowl ? Form::DeepBowl : Form::HollowForm;

            return $form->profile($diameterMm, $lengthMm, $diameterMm * self::ROUGH_FOOT_SHARE, $wallMm);
        }

        return Profile::of(Curve::through([
            Node::at(0.0, $diameterMm / 2, true), Node::at($lengthMm, $diameterMm / 2, true),
        ]), null);
    }

    /** As what parts are laid out on it; null for what is roughed out already. */
    public function stock(): ?StockForm
    {
        return match ($this) {
            self::RoughBowl, self::RoughHollow => null,
            self::Round, self::PlugStock => StockForm::Round,
            self::Slab => StockForm::Slab,
            self::Log, self::Branch => StockForm::Log,
            self::SpindleStock => StockForm::Square,
        };
    }
}
