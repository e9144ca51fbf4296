<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** One way of working a place. */
interface Technique
{
    /** As documents and answers write it, such as "burnt-line". */
    public function key(): string;

    public function label(): string;

    public function character(): Character;
}
