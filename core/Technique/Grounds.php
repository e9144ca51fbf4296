<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Words\Said;

/** What techniques of a kind need of their ground, and what they make of it. */
final class Grounds
{
    /** Cut into it. */
    public static function cut(Work $work): Character
    {
        return Character::done($work)
            ->needs(State::Shaped, new Said('technique.grounds.cut-into-wood-has'))
            ->needs(State::Sound, new Said('technique.grounds.fill-put-later-would'))
            ->needs(State::Smooth, new Said('technique.grounds.not-sanded-afterwards-so'))
            ->needs(State::Bare, new Said('technique.grounds.cut-through-coat-edge'))
            ->prefers(State::Unburnt, new Said('technique.grounds.cut-through-char-shows'))
            ->prefers(State::Undyed, new Said('technique.grounds.cut-through-colour-shows'))
            ->leaves(State::Decorated)
            ->spoils(State::Plain);
    }

    /** Burnt into it with a wire or a pen. */
    public static function burnt(Work $work): Character
    {
        return Character::done($work)
            ->needs(State::Shaped, new Said('technique.grounds.burnt-into-wood-has'))
            ->needs(State::Sound, new Said('technique.grounds.fill-put-later-would-run'))
            ->needs(State::Smooth, new Said('technique.grounds.last-grit-so-edge'))
            ->needs(State::Bare, new Said('technique.grounds.burning-through-finish-gives'))
            ->prefers(
                State::Undyed,
                new Said('technique.grounds.burnt-line-dam-dye'),
            )
            ->leaves(State::Decorated)
            ->spoils(State::Plain);
    }

    /** Coloured. */
    public static function coloured(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, new Said('technique.grounds.laid-wood-has-last'))
            ->needs(State::Sound, new Said('technique.grounds.ca-resin-take-no'))
            ->needs(State::Smooth, new Said('technique.grounds.sanding-takes-colour-off'))
            ->needs(State::Bare, new Said('technique.grounds.nothing-colours-wood-through'))
            ->prefers(State::Settled, new Said('technique.grounds.water-would-raise-grain'))
            ->leaves(State::Decorated)
            ->spoils(State::Undyed);
    }

    /** Sanded. */
    public static function sanded(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, new Said('technique.grounds.sanding-wood-has-last'))
            ->needs(State::Sound, new Said('technique.grounds.fill-or-stiffened-patch'))
            ->needs(State::Bare, new Said('technique.grounds.sanding-goes-through-coat'))
            ->prefers(State::Undyed, new Said('technique.grounds.sanding-takes-colour-off-again'))
            ->leaves(State::Smooth);
    }

    /** Closed by a coat. */
    public static function coated(): Character
    {
        return Character::done(Work::Points)
            ->needs(State::Shaped, new Said('technique.grounds.coat-goes-wood-has'))
            ->prefers(State::Smooth, new Said('technique.grounds.coat-shows-every-scratch'))
            ->needs(State::Sound, new Said('technique.grounds.nothing-holds-wood-has'))
            ->prefers(State::Decorated, new Said('technique.grounds.coat-closes-wood-what'))
            ->prefers(State::Settled, new Said('technique.grounds.water-coat-would-raise'))
            ->prefers(State::Clean, new Said('technique.grounds.dust-under-coat-stays'))
            ->spoils(State::Bare);
    }
}
