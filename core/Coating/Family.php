<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\ShelfFigures;
use HonestGrain\Colour\Over;
use HonestGrain\Words\Said;

/**
 * The family a finish belongs to: what hardens alike and renews its own kind. The closed set of the catalogue, with
 * what goes for every finish of it; what goes over what is in `catalogue/pairs.csv`.
 */
enum Family: string
{
    case Shellac = 'shellac';
    case Lacquer = 'lacquer';
    case Polish = 'polish';
    case Varnish = 'varnish';
    case WaterBorne = 'water-borne';
    case Oil = 'oil';
    case WaxOil = 'wax-oil';
    case Wax = 'wax';
    case Paste = 'paste';
    case Cyanoacrylate = 'ca';
    case Epoxy = 'epoxy';
    case Paint = 'paint';

    /** What it does to a colour under it (workshop); null for nothing. */
    public function over(): ?Over
    {
        return match ($this) {
            self::Oil, self::WaxOil => Over::Oil,
            self::Varnish, self::Shellac, self::Polish => Over::Amber,
            self::Lacquer, self::WaterBorne, self::Cyanoacrylate, self::Epoxy => Over::Clear,
            self::Wax, self::Paste, self::Paint => null,
        };
    }

    /** What it wants of the wood under it; null where that follows from the film alone. */
    public function ground(): ?GroundAsked
    {
        return match ($this) {
            self::WaxOil => GroundAsked::HardWax,
            self::Paste => GroundAsked::Paste,
            self::Polish => GroundAsked::Polish,
            default => null,
        };
    }

    /** It sets at once under a mist of accelerator. */
    public function isHastened(): bool
    {
        return $this === self::Cyanoacrylate;
    }

    /** Dry under the brush, so that it goes on with a few strokes. */
    public function isQuick(): bool
    {
        return $this === self::Shellac || $this === self::Lacquer;
    }

    public function isShellac(): bool
    {
        return $this === self::Shellac || $this === self::Polish;
    }

    /** So thin that what comes over its first coat shows the wood's own surface. */
    public function isThin(): bool
    {
        return $this === self::Shellac;
    }

    /** Renewed by rubbing in a little more of it. */
    public function isRubbedInAnew(): bool
    {
        return $this === self::Oil || $this === self::WaxOil;
    }

    /** How its can is made ready, in a sentence (workshop). */
    public function readied(): ?Said
    {
        return match ($this) {
            self::Varnish, self::WaterBorne, self::Lacquer, self::WaxOil, self::Paint => new Said(
                'coating.coating.stir-never-shake-bubbles',
            ),
            self::Epoxy => new Said('coating.coating.stir-slowly-scrape-cup'),
            self::Shellac, self::Polish, self::Oil => new Said('coating.coating.shake-settles'),
            self::Wax, self::Paste, self::Cyanoacrylate => null,
        };
    }

    /** What a millilitre weighs, g, whatever it is thinned with (workshop); null where its solvent says it. */
    public function gPerMl(ShelfFigures $figures): ?float
    {
        return match ($this) {
            self::Epoxy, self::Cyanoacrylate => $figures->resinGPerMl,
            self::Wax, self::Paste => $figures->waxGPerMl,
            default => null,
        };
    }
}
