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
use HonestGrain\Words\Said;

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
            return Ruling::never(
                new Said('coating.colour-rules.colour-does-not-take'),
                new Said('coating.colour-rules.colour-bare-wood-first'),
            );
        }
        if ($over->takesColourOut() && ! $under->takesColourOut()) {
            return Ruling::never(
                new Said('coating.colour-rules.bleach-takes-colour-below'), new Said(
                    'coating.colour-rules.bleach-first-neutralise-let',
                ),
            );
        }
        if ($under->isOilBound() && in_array($over->family, [ColourFamily::Dye, ColourFamily::Ebonising], true)) {
            return Ruling::never(
                new Said(
                    'coating.colour-rules.oil-binds-stain-below',
                ), new Said('coating.colour-rules.put-first-stain-over'),
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
                new Said('coating.colour-rules.wants-sealed-ground-or'), self::seal($under, null, $over->carrier),
            );
        }

        return $under->isFastTo($over->solvent())
            ? Ruling::fine(new Said('coating.colour-rules.lower-colour-does-not', [
                'carrier' => $over->carrier->value,
            ]))
            : Ruling::test(
                new Said('coating.colour-rules.upper-colour-wakes-lower', ['carrier' => $over->carrier->value]),
                new Said('coating.colour-rules.try-test-board-or'),
            );
    }

    private static function ironOverBleach(Stain $bleach, Between $between): Ruling
    {
        return $between->isShorterThan($bleach->coatFromHours)
            ? Ruling::never(
                new Said('coating.colour-rules.iron-liquor-bleach-not'),
                new Said('coating.colour-rules.neutralise-rinse-twice-wait', [
                    'span' => Ruling::span($bleach->coatFromHours),
                ]),
            )
            : Ruling::test(
                new Said('coating.colour-rules.bleach-takes-tannin-colour'),
                new Said('coating.colour-rules.neutralise-twice-brush-strong'),
            );
    }

    public static function coatOverColour(CoatFigures $figures, Stain $under, Coating $over, Between $between): Ruling
    {
        if ($under->isWax()) {
            return $over->isWax()
                ? (Ruling::untilDry($under->class, $under->dryHours, $between) ?? Ruling::fine(
                    new Said('coating.colour-rules.wax-over-wax'),
                ))
                : Ruling::never(
                    new Said(
                        'coating.colour-rules.nothing-but-wax-holds',
                    ), new Said('coating.colour-rules.seal-first-lime-water'),
                );
        }
        $wet = Ruling::untilDry($under->class, $under->coatFromHours, $between)
            ?? self::waterOverOilBound($figures, $under, $over, $between);
        if ($wet !== null) {
            return $wet;
        }
        if ($under->isOilBound() && $over->cure === Cure::Oxidative) {
            return Ruling::fine(new Said('coating.colour-rules.oil-varnish-own-kind'));
        }
        // Reactive resins carry no solvent that could lift a colour.
        $carriesNone = $over->cure === Cure::Reactive && $over->solvent === Solvent::None;
        if ($carriesNone || $under->isFastTo($over->solvent)) {
            $in = $over->solvent === Solvent::None ? new Said(
                'coating.colour-rules.this-finish',
            ) : $over->solvent->value;

            return Ruling::fine(new Said('coating.colour-rules.colour-does-not-dissolve', ['in' => $in]));
        }
        $solvent = $over->solvent === Solvent::None ? 'oil' : $over->solvent->value;

        return $over->isSprayed()
            ? Ruling::test(
                new Said('coating.colour-rules.colour-dissolves-only-light', ['solvent' => $solvent]),
                new Said('coating.colour-rules.mist-first-two-coats'),
            )
            : Ruling::barrier(
                new Said('coating.colour-rules.colour-dissolves-would-dragged', ['solvent' => $solvent]),
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
                ?? Ruling::fine(new Said('coating.colour-rules.lies-pores-over-sealed'));
        }
        if ($over->needsSealed && $under->buildsFilm()) {
            return Ruling::fine(new Said('coating.colour-rules.lies-pores-over-sealed'));
        }
        if ($under->buildsFilm() && $over->family === ColourFamily::Pigment) {
            return Ruling::test(
                new Said(
                    'coating.colour-rules.over-sealer-pigment-works',
                ), new Said('coating.colour-rules.try-test-board-coat'),
            );
        }

        return Ruling::never(
            new Said('coating.colour-rules.colour-after-has-gone', [
                'what' => $under->buildsFilm() ? new Said(
                    'coating.colour-rules.a-film',
                ) : new Said('coating.colour-rules.oil'),
            ]),
            new Said('coating.colour-rules.colour-bare-wood-first-2'),
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
            new Said('coating.colour-rules.oil-binds-stain-lets', [
                'span' => Ruling::span(
                    $figures->oilBoundUnderWaterHours,
                ),
            ]),
            new Said('coating.colour-rules.or-put-dewaxed-shellac', ['mend' => $late->mend ?? '']),
        );
    }

    /**
     * The barrier that this colour stays put under, that is not of the solvent to be kept off, and that takes the coat.
     */
    private static function seal(Stain $under, ?Coating $over, Solvent $keptOff): Said
    {
        foreach (self::BARRIERS as $name => $solvent) {
            $isUsual = $under->isOilBound() && $solvent === Solvent::MineralSpirits;
            $takesIt = $over === null || $solvent === Solvent::Alcohol || self::bites($over, $solvent);
            if ($solvent !== $keptOff && $takesIt && ($isUsual || $under->isFastTo($solvent))) {
                return new Said('coating.colour-rules.seal-first-or-spray', ['name' => $name]);
            }
        }

        return new Said('coating.colour-rules.seal-light-sprayed-coat');
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
