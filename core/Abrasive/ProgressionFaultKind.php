<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** What is wrong with a step of a progression. */
enum ProgressionFaultKind: string
{
    case FineStart = 'fine-start';
    case Order = 'order';
    case Jump = 'jump';
    case TooCoarseFinish = 'too-coarse-finish';
    case TooFine = 'too-fine';
    case Needless = 'needless';
}
