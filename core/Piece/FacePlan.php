<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Calibration\SandingFigures;

/** How one face is sanded: how it was cut, in which way, how far. */
final readonly class FacePlan
{
    /**
     * @param  float|null  $markUm  depth of its tool marks as measured or guessed; null as its cut usually leaves them
     * @param  list<Grit>  $own  the maker's own grits; none for the least there is
     * @param  Grit|null  $stopAt  the last grit that is good enough
     * @param  bool  $isForUse  bare and for use: a tool, a toy, a scoop
     * @param  FaceUse|null  $use  what touches it; null where what the piece is for decides
     * @param  array<string, Wiping>  $wiped  after which grits it is wiped as a step of its own, by the grit's name
     */
    public function __construct(
        public ?ToolMark $cut = null,
        public ?float $markUm = null,
        public array $own = [],
        public ?Grit $stopAt = null,
        public ?Method $method = null,
        public ?Lubricant $wet = null,
        public bool $isForUse = false,
        public ?FaceUse $use = null,
        public array $wiped = [],
    ) {
    }

    /** Depth of its tool marks, µm, where they are not torn deeper. */
    public function toolMarkUm(SandingFigures $figures): float
    {
        return $this->markUm ?? ($this->cut ?? ToolMark::Scraped)->um($figures);
    }

    /** Depth where its end grain is torn, µm; null where it is not. */
    public function tornUm(SandingFigures $figures): ?float
    {
        return $this->markUm === null ? $this->cut?->tornUm($figures) : null;
    }
}
