<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The storage that photographs lie in does not answer: a page that says so, and asks to come back soon. */
final class PhotographsGone
{
    private const RETRY_SECONDS = 30;

    public static function page(Request $request): Response|JsonResponse
    {
        $headers = ['Retry-After' => (string) self::RETRY_SECONDS];

        return $request->expectsJson()
            ? response()->json(['message' => say('http.photographs-gone.answer-not')], 503, $headers)
            : response()->view('errors.photographs', [], 503, $headers);
    }
}
