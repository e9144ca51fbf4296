<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Calibration\SandingFigures;

/** How the edge left a face. */
final readonly class CutFace
{
    /** @param  float|null  $markUm  depth of its tool marks, measured or guessed; null as the tool usually leaves it */
    public function __construct(public ?ToolMark $by = null, public ?float $markUm = null)
    {
    }

    /** Depth of its tool marks, µm, where they are not torn deeper; deeper in figured grain, where nobody looked. */
    public function toolMarkUm(SandingFigures $figures, float $deeper = 1.0): float
    {
        return $this->markUm ?? $this->by?->um($figures) ?? $deeper * ToolMark::Scraped->um($figures);
    }

    /** Depth where its end grain is torn, µm; null where it is not. */
    public function tornUm(SandingFigures $figures): ?float
    {
        return $this->markUm === null ? $this->by?->tornUm($figures) : null;
    }
}
