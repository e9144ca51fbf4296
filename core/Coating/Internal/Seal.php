<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Product;
use HonestGrain\Coating\Solvent;
use HonestGrain\Coating\Stain;
use HonestGrain\Words\Said;

/**
 * The barrier that a colour stays put under, that is not of the solvent to be kept off, and that takes what comes over
 * it (workshop rule).
 *
 * @internal
 */
final class Seal
{
    /** Dewaxed shellac, wiping varnish and a water-borne sealer, tried in this order by what they are carried in. */
    private const BARRIERS = [Solvent::Alcohol, Solvent::MineralSpirits, Solvent::Water];

    public static function between(Stain $under, Product $over): Said
    {
        foreach (self::BARRIERS as $solvent) {
            $isUsual = $under->isOilBound() && $solvent === Solvent::MineralSpirits;
            $takesIt = ! $over instanceof Coating || $solvent === Solvent::Alcohol || self::bites($over, $solvent);
            if ($solvent !== $over->solvent() && $takesIt && ($isUsual || $under->isFastTo($solvent))) {
                return new Said('coating.pairs.seal-first-or-spray', [
                    'name' => new Said('coating.barriers.'.str_replace(' ', '-', $solvent->value)),
                ]);
            }
        }

        return new Said('coating.pairs.seal-light-sprayed-coat');
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
