<?php

declare(strict_types=1);

namespace App\Planning;

use Carbon\CarbonInterface;
use RuntimeException;

/** A step is said to be done at a time at which it cannot have been. */
final class OutOfTime extends RuntimeException
{
    /** @param  CarbonInterface|null  $earliest  when the step it follows was done; null where the time is to come */
    public function __construct(public readonly CarbonInterface $at, public readonly ?CarbonInterface $earliest)
    {
        parent::__construct('The step cannot have been done then.');
    }
}
