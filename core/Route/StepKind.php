<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Words\Said;

/** The kinds of step a route is made of. */
enum StepKind: string
{
    case Mount = 'hold';
    case Turn = 'turn';
    case RoughOut = 'rough-out';
    case Repair = 'repair';
    case Sand = 'sand';
    case RaiseGrain = 'raise-grain';
    case Mark = 'mark';
    case FitLid = 'fit-lid';
    case DustOff = 'dust-off';
    case Coat = 'coat';
    case Denib = 'de-nib';
    case WipeOff = 'wipe-off';
    case Test = 'test';
    case Buff = 'buff';
    case Foot = 'foot';
    case Sign = 'sign';
    case Cure = 'cure';
    case Ready = 'ready';
    case Glue = 'glue';
    case Dry = 'dry';
    case Paper = 'paper';
    case Own = 'own';

    /** Whether it prepares for another step, so that once that one is done it is past. */
    public function isPrepared(): bool
    {
        return in_array($this, [
            self::Sand, self::RaiseGrain, self::DustOff, self::Denib, self::WipeOff, self::Turn,
            self::RoughOut,
        ], true);
    }

    /** Whether the maker may give it another place: mounts follow from what is done in them, the end from all else. */
    public function canBeMoved(): bool
    {
        return ! in_array($this, [self::Mount, self::Cure, self::Ready, self::Dry, self::Paper], true);
    }

    public function isMark(): bool
    {
        return $this === self::Mark;
    }

    /** Whether the step is done once something has hardened, so that the wait is what it is about. */
    public function isAWait(): bool
    {
        return in_array($this, [self::Buff, self::Foot, self::Cure, self::Dry], true);
    }

    /** Where the figures of such a step come from: its minutes, amounts and speeds; it calls constants by name. */
    public function why(): Said
    {
        return new Said("route.why.$this->value");
    }
}
