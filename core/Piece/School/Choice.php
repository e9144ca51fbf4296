<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** One thing that sound makers do in more than one way; its cases are the ways. */
interface Choice extends \BackedEnum
{
    /** The way that is taken where nobody chose; null where that follows from the piece. */
    public static function usual(): ?self;

    /** What is chosen about. */
    public static function about(): Said;

    /** This way of it. */
    public function said(): Said;
}
