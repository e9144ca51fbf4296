<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** The parts that can be added to a piece, each drawn from the part that it goes with. */
enum PartKind: string
{
    case Lid = 'lid';
    case Plug = 'plug';
    case Handle = 'handle';
    case Finial = 'finial';

    public function label(): Said
    {
        return new Said("piece.parts.$this->value");
    }

    public function joint(): JointKind
    {
        return match ($this) {
            self::Lid => JointKind::Lifts,
            self::Plug => JointKind::Plug,
            self::Handle, self::Finial => JointKind::GluedTenon,
        };
    }

    public function place(): JointPlace
    {
        return match ($this) {
            self::Lid, self::Finial => JointPlace::Top,
            self::Plug => JointPlace::Foot,
            self::Handle => JointPlace::Side,
        };
    }
}
