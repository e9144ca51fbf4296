<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** The kinds of step a route is made of. */
enum StepKind: string
{
    case Hold = 'hold';
    case Sand = 'sand';
    case RaiseGrain = 'raise-grain';
    case Mark = 'mark';
    case FitLid = 'fit-lid';
    case DustOff = 'dust-off';
    case Coat = 'coat';
    case Denib = 'de-nib';
    case Buff = 'buff';
    case Foot = 'foot';
    case Sign = 'sign';
    case Cure = 'cure';
    case Ready = 'ready';
}
