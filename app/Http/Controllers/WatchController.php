<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Watch\DatabaseProbe;
use App\Watch\Disk;
use App\Watch\Installation;
use App\Watch\Metrics;
use App\Watch\RedisProbe;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What asks here is a machine: whether this server lives, whether it can take work, and how it goes. */
class WatchController extends Controller
{
    /** It lives: it asks nobody else, so that a slow database gets no server killed. */
    public function alive(): JsonResponse
    {
        return response()->json(['alive' => true]);
    }

    /** It can take work; where not, another is to be asked. */
    public function ready(DatabaseProbe $database, RedisProbe $redis, Installation $installation): JsonResponse
    {
        $parts = [
            'database' => $database->answers(), 'photographs' => Disk::isWritable($installation->photos),
            'disk' => Disk::free($installation->photos) >= Disk::LEAST_BYTES,
        ];
        $parts += $redis->isUsed() ? ['redis' => $redis->answers()] : [];
        $isReady = ! in_array(false, $parts, true);

        return response()->json(['ready' => $isReady] + $parts, $isReady ? 200 : 503);
    }

    /** Only with the token that whoever runs this has set; where none is set there is no such page. */
    public function metrics(Request $request, Metrics $metrics, Installation $installation): Response
    {
        abort_if($installation->metricsToken === '', 404);
        abort_unless(hash_equals($installation->metricsToken, (string) $request->bearerToken()), 401, headers: [
            'WWW-Authenticate' => 'Bearer',
        ]);

        return response($metrics->text(), 200, ['Content-Type' => Metrics::TYPE]);
    }
}
