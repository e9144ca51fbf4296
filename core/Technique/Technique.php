<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Words\Said;

/** One way of working a place. */
interface Technique
{
    /** As documents and answers write it, such as "burnt-line". */
    public function key(): string;

    public function label(): Said;

    public function character(): Character;
}
