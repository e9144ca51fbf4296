<?php

declare(strict_types=1);

namespace Tests\Load;

/** What is pressed under load. */
enum Sort: string
{
    case Note = 'note';
    case Done = 'done';
    case Weight = 'weight';
}
