<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Internal\CoatRules;
use HonestGrain\Coating\Internal\ColourRules;
use HonestGrain\Coating\Internal\Ruling;
use HonestGrain\Words\Said;

/**
 * Whether one product may go over another, from their properties: solvent, cure, family, wax, film or penetrating,
 * and from what happened between them.
 *
 * Workshop rules.
 */
final class Compatibility
{
    public static function of(
        CoatFigures $figures,
        Product $under,
        Product $over,
        ?Between $between = null,
    ): PairVerdict {
        $between ??= new Between;
        $ruling = self::decide($figures, $under, $over, $between);
        if ($ruling->verdict === Verdict::ScuffFirst && $between->isScuffed()) {
            $ruling = Ruling::fine(new Said('coating.compatibility.was-scuffed-which-gives'));
        }

        return new PairVerdict($under->name(), $over->name(), $ruling->verdict, $ruling->reason, $ruling->mend);
    }

    private static function decide(CoatFigures $figures, Product $under, Product $over, Between $between): Ruling
    {
        if ($under instanceof Stain) {
            return $over instanceof Stain
                ? ColourRules::colourOverColour($under, $over, $between)
                : ColourRules::coatOverColour($figures, $under, self::coat($over), $between);
        }
        $coat = self::coat($under);
        if (! $over instanceof Stain) {
            return CoatRules::of($figures, $coat, self::coat($over), $between);
        }

        return self::colourOverWaxOrOil($coat, $over, $between) ?? ColourRules::colourOverCoat($coat, $over, $between);
    }

    private static function colourOverWaxOrOil(Coating $under, Stain $over, Between $between): ?Ruling
    {
        if ($under->isWax()) {
            return $over->isWax()
                ? (Ruling::untilDry(
                    $under->class, $under->recoatFromHours, $between,
                ) ?? Ruling::fine(new Said('coating.compatibility.wax-over-wax')))
                : Ruling::never(
                    new Said('coating.compatibility.nothing-sticks-over-wax'),
                    new Said('coating.compatibility.colour-bare-wood-first'),
                );
        }
        if (! $under->neverCures()) {
            return null;
        }

        return $over->isWax()
            ? Ruling::test(
                new Said('coating.compatibility.wax-over-oil-never'), new Said(
                    'coating.compatibility.use-blend-mineral-oil',
                ),
            )
            : Ruling::never(
                new Said('coating.compatibility.oil-below-never-cures'),
                new Said('coating.compatibility.colour-bare-wood-first-2'),
            );
    }

    private static function coat(Product $product): Coating
    {
        return $product instanceof Coating ? $product : throw new \LogicException($product->name().' is not a finish.');
    }
}
