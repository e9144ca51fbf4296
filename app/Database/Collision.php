<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Contracts\Database\ConcurrencyErrorDetector;
use PDOException;
use Throwable;

/**
 * Whether a change met another one and was rolled back whole, so that it can be begun again. A lock that did not come
 * free in time is none: nothing is known to have ended then, and another wait would be as long.
 */
final class Collision implements ConcurrencyErrorDetector
{
    /** A deadlock, which is also what a certification that failed is reported as; a row changed since it was read. */
    private const CODES = [1213, 1020];

    public function causedByConcurrencyError(Throwable $e): bool
    {
        for ($one = $e; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof PDOException && in_array((int) ($one->errorInfo[1] ?? 0), self::CODES, true)) {
                return true;
            }
        }

        return false;
    }
}
