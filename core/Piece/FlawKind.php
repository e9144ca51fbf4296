<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** What the wood brings that no one drew. */
enum FlawKind: string
{
    case Crack = 'crack';
    case Void = 'void';
    case Knot = 'knot';
    case Worm = 'worm';
    case Soft = 'soft';
    case BarkEdge = 'bark-edge';
    case Torn = 'torn';
    case Pith = 'pith';

    public function label(): Said
    {
        return new Said("piece.flaws.$this->value");
    }

    /** Whether what spins may come apart there, so that the lathe turns slowly and nobody stands in the way. */
    public function mayFly(): bool
    {
        return in_array($this, [self::Crack, self::Void, self::BarkEdge, self::Pith], true);
    }

    /** Whether it is open, so that dust and slurry lodge in it. */
    public function isOpen(): bool
    {
        return in_array($this, [self::Crack, self::Void, self::Worm, self::BarkEdge], true);
    }

    /** Whether jaws that bear on it may let go. */
    public function weakensHold(): bool
    {
        return in_array($this, [self::Crack, self::Void, self::Soft, self::Knot, self::Pith], true);
    }

    /** Whether the edge there is broken all round, so that nothing may be held against it while it spins. */
    public function interrupts(): bool
    {
        return $this === self::BarkEdge;
    }

    /** @return list<Wish> what can be done about it, the likeliest first */
    public function wishes(): array
    {
        return match ($this) {
            self::Crack, self::Void, self::Worm => [Wish::Fill, Wish::Keep, Wish::CutAway],
            self::Knot => [Wish::Keep, Wish::Stabilise, Wish::Fill, Wish::CutAway],
            self::Soft => [Wish::Stabilise, Wish::Keep, Wish::CutAway],
            self::BarkEdge => [Wish::Stabilise, Wish::Keep, Wish::CutAway],
            self::Torn => [Wish::CutAway, Wish::Keep],
            self::Pith => [Wish::Fill, Wish::Stabilise, Wish::Keep, Wish::CutAway],
        };
    }
}
