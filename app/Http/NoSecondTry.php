<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Database\LostConnectionDetector;
use Throwable;

/**
 * A request opens its own connection, so a lost one is not tried again: that would only double the wait for the page.
 */
final class NoSecondTry implements LostConnectionDetector
{
    public function causedByLostConnection(Throwable $e): bool
    {
        return false;
    }
}
