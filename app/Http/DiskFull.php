<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Throwable;

/** The disk of the shop's computer is full: a page that says so, and that nothing was saved. */
final class DiskFull
{
    /** PHP's own words, and MariaDB's: disk full (1021), table full (1114), cannot write (3, with the system's 28). */
    private const WORDS = '/No space left on device|Disk quota exceeded|\b1021\b.*Disk full|Disk full|'
        .'The table .* is full|Error writing file .*(Errcode|errno): 28/i';

    public static function caused(Throwable $e): bool
    {
        for ($one = $e; $one !== null; $one = $one->getPrevious()) {
            if (preg_match(self::WORDS, $one->getMessage()) === 1) {
                return true;
            }
        }

        return false;
    }

    public static function page(Request $request): Response|JsonResponse
    {
        return $request->expectsJson()
            ? response()->json(['message' => say('http.disk-full.disk-full')], 507)
            : response()->view('errors.507', [], 507);
    }
}
