<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\Family;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Coating\Product;
use HonestGrain\Coating\Stain;

/**
 * What the rules of pairs ask of a product, by the words that `catalogue/pairs.csv` uses.
 *
 * @internal
 */
final class Traits
{
    /** @return array<string, bool> all that a product of its kind may be; what is not named it is not */
    public static function of(Product $product, CoatFigures $figures): array
    {
        $traits = match (true) {
            $product instanceof Coating => self::ofFinish($product, $figures),
            $product instanceof Stain => self::ofColour($product),
            default => throw new \LogicException("Neither a finish nor a colour: {$product->class()}"),
        };

        return $traits + ['in-'.str_replace(' ', '-', $product->solvent()->value) => true];
    }

    /** @return array<string, bool> */
    private static function ofFinish(Coating $finish, CoatFigures $figures): array
    {
        $isThinned = $finish->solidsPercent < $figures->pureOilSolidsPercent;

        return [
            'finish' => true,
            $finish->cure->value => true,
            'film' => $finish->buildsFilm(),
            'penetrating' => $finish->film === FilmKind::Penetrating,
            'wax' => $finish->isWax(),
            'paste' => $finish->isAbrasivePaste(),
            'takes-wax' => $finish->takesWax(),
            'never-cures' => $finish->neverCures(),
            'melts' => $finish->meltsIntoItself(),
            'shellac' => $finish->isShellac(),
            'polish' => $finish->isPolish(),
            'seals' => $finish->seals,
            'sprayed' => $finish->isSprayed(),
            'wax-oil' => $finish->family === Family::WaxOil,
            'open-paint' => $finish->isOpenPaint(),
            'curing-oil' => $finish->isCuringOil(),
            'thinned' => $isThinned,
            'pure-oil' => $finish->isCuringOil() && $finish->cure === Cure::Oxidative && ! $isThinned,
        ];
    }

    /** @return array<string, bool> */
    private static function ofColour(Stain $colour): array
    {
        return [
            'colour' => true,
            $colour->family->value => true,
            'wax' => $colour->isWax(),
            'takes-colour-out' => $colour->takesColourOut(),
            'oil-bound' => $colour->isOilBound(),
            'needs-sealed' => $colour->needsSealed,
        ];
    }
}
