<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;
use PDOException;
use Predis\CommunicationException;
use Predis\Connection\Resource\Exception\StreamInitException;
use Predis\Response\ServerException;
use Throwable;

/**
 * The database does not answer, or Redis where it keeps something: a page that says so, without asking them anything,
 * and asks to come back soon.
 */
final class RecordsGone
{
    private const RETRY_SECONDS = 5;

    /**
     * No server, refused, gone away, lost while asking, shutting down, too many clients, or no answer in time; one of
     * several that has lost the others (1047, or 1180 as it commits); a lock that did not come free, or one change
     * after another that met another (1205, 1213, 1020): nothing is kept then, and it may be pressed again.
     */
    private const CODES = [
        2002, 2003, 2006, 2013, 1040, 1053, 1152, 1158, 1159, 1160, 1161, 1047, 1180, 1205, 1213, 1020,
    ];

    private const WORDS = '/\b(2002|2003|2006|2013)\b|gone away|Lost connection|Connection refused/i';

    /** What Redis says that is there and takes nothing: it reads what it kept, cannot write, or follows another. */
    private const REDIS_REFUSES = '/^(LOADING|MISCONF|READONLY|MASTERDOWN|CLUSTERDOWN|OOM)\b/';

    /** Also where it was asked from within a page that was being drawn, which words it anew. */
    public static function caused(Throwable $e): bool
    {
        for ($one = $e; $one !== null; $one = $one->getPrevious()) {
            if (self::isOfDatabase($one) || self::isOfRedis($one)) {
                return true;
            }
        }

        return false;
    }

    private static function isOfDatabase(Throwable $e): bool
    {
        return $e instanceof PDOException && (in_array((int) ($e->errorInfo[1] ?? 0), self::CODES, true)
            || preg_match(self::WORDS, $e->getMessage()) === 1);
    }

    private static function isOfRedis(Throwable $e): bool
    {
        return $e instanceof CommunicationException || $e instanceof StreamInitException
            || $e instanceof ServerException && preg_match(self::REDIS_REFUSES, $e->getMessage()) === 1;
    }

    /** Writes it into the log, and nothing else; always false, so that it is not reported again. */
    public static function noted(Throwable $e): bool
    {
        Log::error("What the records lie in does not answer: {$e->getMessage()}");

        return false;
    }

    public static function page(Request $request): Response|\Illuminate\Http\JsonResponse
    {
        $headers = ['Retry-After' => (string) self::RETRY_SECONDS];

        return $request->expectsJson()
            ? response()->json(['message' => say('http.database-gone.records-answer-not')], 503, $headers)
            : response()->view('errors.503', [], 503, $headers);
    }
}
