<?php

declare(strict_types=1);

namespace App\Models;

/** What a clock that was set by hand times. */
enum TimerKind: string
{
    case PotLife = 'pot-life';
    case OpenTime = 'open-time';
    case Soak = 'soak';
    case WaterTest = 'water-test';
    case Kettle = 'kettle';
    case Own = 'own';

    public function word(): string
    {
        return say("models.timer-kind.$this->value");
    }
}
