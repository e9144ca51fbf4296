<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Between;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\ColourFamily;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\Solvent;
use HonestGrain\Coating\Stain;

/**
 * What may go over a colour, and what a colour may go over (workshop rules).
 *
 * @internal
 */
final class ColourRules
{
    /** Barrier coats that mends name, tried in order, and what they are carried in. */
    private const BARRIERS = [
        'dewaxed shellac' => Solvent::Alcohol,
        'a thin coat of wiping varnish' => Solvent::MineralSpirits,
        'a water-borne sealer' => Solvent::Water,
    ];

    public static function colourOverColour(Stain $under, Stain $over, Between $between): Ruling
    {
        if ($under->isWax() && ! $over->isWax()) {
            return Ruling::never('Colour does not take over wax.', 'Colour the bare wood first and lime afterwards.');
        }
        if ($over->takesColourOut() && ! $under->takesColourOut()) {
            return Ruling::never(
                'Bleach takes the colour below out again.', 'Bleach first, neutralise, let it dry, then colour.',
            );
        }
        if ($under->isOilBound() && in_array($over->family, [ColourFamily::Dye, ColourFamily::Ebonising], true)) {
            return Ruling::never(
                'The oil that binds the stain below keeps it off the wood.', 'Put it on first and stain over it.',
            );
        }
        if ($under->takesColourOut() && $over->family === ColourFamily::Ebonising) {
            return self::ironOverBleach($under, $between);
        }
        $dryHours = $under->takesColourOut() ? $under->coatFromHours : $under->dryHours;
        $wet = Ruling::untilDry($under->class, $dryHours, $between);
        if ($wet !== null) {
            return $wet;
        }
        if ($over->needsSealed) {
            return Ruling::barrier(
                'It wants a sealed ground, or it greys the whole surface.', self::seal($under, null, $over->carrier),
            );
        }

        return $under->isFastTo($over->solvent())
            ? Ruling::fine(sprintf('The lower colour does not dissolve in %s.', $over->carrier->value))
            : Ruling::test(
                sprintf('The %s of the upper colour wakes the lower one: they mix on the wood.', $over->carrier->value),
                'Try it on a test board, or seal between with a thin sprayed coat.',
            );
    }

    private static function ironOverBleach(Stain $bleach, Between $between): Ruling
    {
        return $between->isShorterThan($bleach->coatFromHours)
            ? Ruling::never(
                'Iron liquor on bleach that is not neutralised and dry foams, spits and goes brown.',
                sprintf(
                    'Neutralise it, rinse it twice, and wait %s first.', Ruling::span($bleach->coatFromHours),
                ),
            )
            : Ruling::test(
                'Bleach takes tannin with the colour: iron turns what is left of it grey.',
                'Neutralise twice, brush on strong tea, and try it on a test board; or leave the bleach out.',
            );
    }

    public static function coatOverColour(CoatFigures $figures, Stain $under, Coating $over, Between $between): Ruling
    {
        if ($under->isWax()) {
            return $over->isWax()
                ? (Ruling::untilDry($under->class, $under->dryHours, $between) ?? Ruling::fine('Wax over wax.'))
                : Ruling::never(
                    'Nothing but wax holds over liming wax.', 'Seal first and lime with a water paste instead, or '
                        .'finish with wax.',
                );
        }
        $wet = Ruling::untilDry($under->class, $under->coatFromHours, $between)
            ?? self::waterOverOilBound($figures, $under, $over, $between);
        if ($wet !== null) {
            return $wet;
        }
        if ($under->isOilBound() && $over->cure === Cure::Oxidative) {
            return Ruling::fine('Oil and varnish are its own kind: they bind what is left of it.');
        }
        // Reactive resins carry no solvent that could lift a colour.
        $carriesNone = $over->cure === Cure::Reactive && $over->solvent === Solvent::None;
        if ($carriesNone || $under->isFastTo($over->solvent)) {
            $in = $over->solvent === Solvent::None ? 'this finish' : $over->solvent->value;

            return Ruling::fine("The colour does not dissolve in $in.");
        }
        $solvent = $over->solvent === Solvent::None ? 'oil' : $over->solvent->value;

        return $over->isSprayed()
            ? Ruling::test(
                "The colour dissolves in $solvent; only light, nearly dry sprayed passes leave it where it is.",
                'Mist the first two coats and try it on a test board.',
            )
            : Ruling::barrier(
                "The colour dissolves in $solvent and would be dragged about.",
                self::seal($under, $over, $over->solvent),
            );
    }

    /** A colour over a finish, of which one that is wax or that never cures has been dealt with before. */
    public static function colourOverCoat(Coating $under, Stain $over, Between $between): Ruling
    {
        $wet = Ruling::untilDry($under->class, $under->recoatFromHours, $between);
        if ($wet !== null) {
            return $wet;
        }
        if ($over->isWax()) {
            return Ruling::untilHard($under->waxAfterHours ?? $under->fullCureHours(), $between)
                ?? Ruling::fine('It lies in the pores over the sealed ground.');
        }
        if ($over->needsSealed && $under->buildsFilm()) {
            return Ruling::fine('It lies in the pores over the sealed ground.');
        }
        if ($under->buildsFilm() && $over->family === ColourFamily::Pigment) {
            return Ruling::test(
                'Over a sealer, pigment works as a glaze and must be sealed in.', 'Try it on a test board and coat '
                    .'over it.',
            );
        }

        return Ruling::never(
            sprintf('Colour after %s has gone on does not reach the wood.', $under->buildsFilm() ? 'a film' : 'oil'),
            'Colour the bare wood first.',
        );
    }

    private static function waterOverOilBound(
        CoatFigures $figures,
        Stain $under,
        Coating $over,
        Between $between,
    ): ?Ruling {
        if (! $under->isOilBound() || $over->solvent !== Solvent::Water) {
            return null;
        }
        $late = Ruling::untilHard($figures->oilBoundUnderWaterHours, $between);

        return $late === null ? null : Ruling::barrier(
            sprintf(
                'The oil that binds the stain lets go of water for %s: the coat crawls.', Ruling::span(
                    $figures->oilBoundUnderWaterHours,
                ),
            ),
            "$late->mend Or put dewaxed shellac between.",
        );
    }

    /**
     * The barrier that this colour stays put under, that is not of the solvent to be kept off, and that takes the coat.
     */
    private static function seal(Stain $under, ?Coating $over, Solvent $keptOff): string
    {
        foreach (self::BARRIERS as $name => $solvent) {
            $isUsual = $under->isOilBound() && $solvent === Solvent::MineralSpirits;
            $takesIt = $over === null || $solvent === Solvent::Alcohol || self::bites($over, $solvent);
            if ($solvent !== $keptOff && $takesIt && ($isUsual || $under->isFastTo($solvent))) {
                return "Seal first with $name, or spray the first coat.";
            }
        }

        return 'Seal with a light sprayed coat of another solvent.';
    }

    /**
     * Whether a coat may go over a barrier of varnish or of a water-borne sealer: no lacquer or polish, no water over
     * young oil.
     */
    private static function bites(Coating $over, Solvent $barrier): bool
    {
        return $over->buildsFilm() && ! $over->isPolish() && $over->solvent !== Solvent::LacquerThinner
            && ($barrier !== Solvent::MineralSpirits || $over->solvent !== Solvent::Water);
    }
}
