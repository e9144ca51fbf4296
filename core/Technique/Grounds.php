<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** What techniques of a kind need of their ground, and what they make of it. */
final class Grounds
{
    /** Cut into it. */
    public static function cut(Work $work): Character
    {
        return Character::done($work)
            ->needs(State::Shaped, 'It is cut into wood that has its last shape.')
            ->needs(State::Sound, 'A fill put in later would run into the cut.')
            ->needs(State::Smooth, 'It is not sanded afterwards, so the ground under it is finished first.')
            ->needs(State::Bare, 'Cut through a coat, its edge chips and drinks.')
            ->prefers(State::Unburnt, 'A cut through char shows pale wood.')
            ->prefers(State::Undyed, 'A cut through colour shows pale wood.')
            ->leaves(State::Decorated)
            ->spoils(State::Plain);
    }

    /** Burnt into it with a wire or a pen. */
    public static function burnt(Work $work): Character
    {
        return Character::done($work)
            ->needs(State::Shaped, 'It is burnt into wood that has its last shape.')
            ->needs(State::Sound, 'A fill put in later would run into the burn, and glue must not be burnt.')
            ->needs(State::Smooth, 'On the last grit, so that its edge stays crisp and the pen does not skip.')
            ->needs(State::Bare, 'Burning through a finish gives off fumes, and its vapour must not meet a flame.')
            ->prefers(
                State::Undyed,
                'A burnt line is a dam that dye does not cross, and coloured wood gives off fumes.',
            )
            ->leaves(State::Decorated)
            ->spoils(State::Plain);
    }

    /** Coloured. */
    public static function coloured(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, 'It is laid on wood that has its last shape.')
            ->needs(State::Sound, 'CA and resin take no colour, and stain coloured wood round them.')
            ->needs(State::Smooth, 'Sanding takes colour off again, and colour shows every scratch.')
            ->needs(State::Bare, 'Nothing colours wood through oil or a film.')
            ->prefers(State::Settled, 'Water in it would raise the grain.')
            ->leaves(State::Decorated)
            ->spoils(State::Undyed);
    }

    /** Sanded. */
    public static function sanded(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, 'Sanding is for wood that has its last shape.')
            ->needs(State::Sound, 'A fill or a stiffened patch stands proud until it is sanded with the rest.')
            ->needs(State::Bare, 'Sanding goes through a coat in patches, and clogs.')
            ->prefers(State::Undyed, 'Sanding takes colour off again.')
            ->leaves(State::Smooth);
    }

    /** Closed by a coat. */
    public static function coated(): Character
    {
        return Character::done(Work::Points)
            ->needs(State::Shaped, 'A coat goes on wood that has its last shape.')
            ->prefers(State::Smooth, 'A coat shows every scratch below it for good.')
            ->needs(State::Sound, 'Nothing holds in wood that has been oiled or coated.')
            ->prefers(State::Decorated, 'A coat closes the wood: what is cut, burnt or dyed comes first.')
            ->prefers(State::Settled, 'Water in the coat would raise the grain under it.')
            ->prefers(State::Clean, 'Dust under a coat stays there.')
            ->spoils(State::Bare);
    }
}
