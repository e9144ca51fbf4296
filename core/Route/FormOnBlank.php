<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;

/** What a form would make of a blank, drawn as large as comes out of it. */
final readonly class FormOnBlank
{
    /**
     * @param  Piece  $piece  with the usual finish of that form
     * @param  array{diameter: float, height: float, foot: float, wall: float, bore: float}  $sizesMm
     * @param  float  $lostShare  of the blank, what becomes shavings
     * @param  float|null  $massG  dry; null where nobody knows how heavy its wood is
     * @param  float|null  $heartShare  of the piece; null where nobody measured the sapwood, or its heart is off centre
     * @param  bool  $canBeDated  whether this shop can make it so
     */
    public function __construct(
        public Form $form,
        public Piece $piece,
        public array $sizesMm,
        public float $lostShare,
        public ?float $massG,
        public ?float $heartShare,
        public float $handsMinutes,
        public bool $canBeDated,
    ) {
    }
}
