<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\Wiping;

/** How one face is sanded: how it was cut, in which way, how far. */
final readonly class FacePlan
{
    /**
     * @param  CutFace  $cut  how the edge left it
     * @param  list<Grit>  $own  the maker's own grits; none for the least there is
     * @param  Grit|null  $stopAt  the last grit that is good enough
     * @param  bool  $isForUse  bare and for use: a tool, a toy, a scoop
     * @param  FaceUse|null  $use  what touches it; null where what the piece is for decides
     * @param  array<string, Wiping>  $wiped  after which grits it is wiped as a step of its own, by the grit's name
     */
    public function __construct(
        public CutFace $cut = new CutFace,
        public array $own = [],
        public ?Grit $stopAt = null,
        public ?Method $method = null,
        public ?Lubricant $wet = null,
        public bool $isForUse = false,
        public ?FaceUse $use = null,
        public array $wiped = [],
    ) {
    }
}
