<?php

declare(strict_types=1);

namespace App\Models;

/** What can be wrong with an instrument; the simulated ones can be set to each, to see what becomes of it. */
enum InstrumentFault: string
{
    case None = 'none';
    case Silent = 'silent';
    case Drifting = 'drifting';
    case Nonsense = 'nonsense';

    public function label(): string
    {
        return say("models.instrument-fault.$this->value");
    }
}
