<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Words\Said;

/** A way of choosing grits that makers are taught or fall into. */
enum Habit: string
{
    case EveryRung = 'every-rung';
    case SkipOne = 'skip-one';
    case Doubling = 'doubling';
    case StopAndOil = 'stop-and-oil';
    case Paste = 'paste';
    case SealerFirst = 'sealer-first';

    public function label(): Said
    {
        return new Said("abrasive.habit.{$this->value}.label");
    }

    /** What is done besides sanding. */
    public function besides(): ?Said
    {
        return match ($this) {
            self::EveryRung, self::SkipOne, self::Doubling => null,
            default => new Said("abrasive.habit.{$this->value}.besides"),
        };
    }
}
