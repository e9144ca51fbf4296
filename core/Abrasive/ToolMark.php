<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Calibration\SandingFigures;
use HonestGrain\Words\Said;

/** What a maker sees of the cut that a surface was left with, and so how deep its marks are (workshop). */
enum ToolMark: string
{
    case ShearScraped = 'shear-scraped';
    case BevelCut = 'bevel-cut';
    case Scraped = 'scraped';
    case Torn = 'torn';
    case Chatter = 'chatter';
    case Coarse = 'coarse';

    public function label(): Said
    {
        return new Said("abrasive.tool-mark.$this->value");
    }

    /** Depth of its marks all round, µm; of torn end grain that of the rest. */
    public function um(SandingFigures $figures): float
    {
        return match ($this) {
            self::ShearScraped => $figures->cleanCutUm,
            self::BevelCut, self::Torn => $figures->bevelCutUm,
            self::Scraped => $figures->scrapedUm,
            self::Chatter => $figures->chatterUm,
            self::Coarse => $figures->coarseCutUm,
        };
    }

    /** Depth where end grain is torn, µm; null where it is as deep all round. */
    public function tornUm(SandingFigures $figures): ?float
    {
        return $this === self::Torn ? $figures->tornUm : null;
    }
}
