<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** When a press was made: it may have waited on a device for its network. Seconds UTC, as the shop's clock has them. */
final class PressedAt
{
    public const FIELD = 'pressed_at';

    private const LONGEST_DAYS = 60;

    /** What a device's clock may be ahead by. */
    private const AHEAD_SECONDS = 120;

    /** @return array<string, list<string>> */
    public static function rule(): array
    {
        $now = now()->getTimestamp();

        return [self::FIELD => [
            'nullable', 'integer',
            'between:'.($now - self::LONGEST_DAYS * 86_400).','.($now + self::AHEAD_SECONDS),
        ]];
    }

    /** As a validated request says it; now, where it says nothing or what is still to come. */
    public static function of(Request $request): Carbon
    {
        $pressed = $request->integer(self::FIELD);

        return $pressed === 0 ? now() : now()->min(Carbon::createFromTimestampUTC($pressed));
    }
}
