<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** A way of choosing grits that makers are taught or fall into. */
enum Habit: string
{
    case EveryRung = 'every-rung';
    case SkipOne = 'skip-one';
    case Doubling = 'doubling';
    case StopAndOil = 'stop-and-oil';
    case Paste = 'paste';
    case SealerFirst = 'sealer-first';

    public function label(): string
    {
        return match ($this) {
            self::EveryRung => 'Every rung there is',
            self::SkipOne => 'Every other rung',
            self::Doubling => 'Half the size each time',
            self::StopAndOil => 'Stop early, and oil',
            self::Paste => 'To a polish with paste',
            self::SealerFirst => 'Sealer, shear-scrape, then sand',
        };
    }

    /** What is done besides sanding. */
    public function besides(): string
    {
        return match ($this) {
            self::EveryRung, self::SkipOne, self::Doubling => '',
            self::StopAndOil => 'then oil: it hides what is finer',
            self::Paste => 'then paste, which takes it to a polish; only polish or wax may follow',
            self::SealerFirst => 'after thin sealer and a light shear cut',
        };
    }
}
