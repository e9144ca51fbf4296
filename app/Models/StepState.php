<?php

declare(strict_types=1);

namespace App\Models;

/** Where a planned step stands. */
enum StepState: string
{
    case Open = 'open';
    case Done = 'done';
    case Skipped = 'skipped';
}
