<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Contracts\Cache\Repository;

/** What works beside the pages, and leaves a sign that it does. */
enum Beat: string
{
    /** Makes the plans that a press does not wait for. */
    case Worker = 'worker';
    /** Has done what is to be done every minute, hour and night. */
    case Schedule = 'schedule';

    /** A worker leaves no more signs than one in this time. */
    public const EVERY_SECONDS = 10;

    /** Without a sign for so long it stands still; a plan may take a while. */
    public const STILL_SECONDS = 180;

    private const KEPT_SECONDS = 7 * 86_400;

    public function leave(Repository $cache): void
    {
        $cache->put($this->key(), time(), self::KEPT_SECONDS);
    }

    /** Since its last sign; null where none is known. */
    public function seconds(Repository $cache): ?int
    {
        $at = $cache->get($this->key());

        return is_int($at) ? max(0, time() - $at) : null;
    }

    private function key(): string
    {
        return "beat:$this->value";
    }
}
