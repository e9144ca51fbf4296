<?php

declare(strict_types=1);

use Tests\Load\Chance;
use Tests\Load\Crowd;
use Tests\Load\Maker;
use Tests\Load\Processes;
use Tests\Load\Shops;
use Tests\Load\Told;

require __DIR__.'/../vendor/autoload.php';

// For `bin/bench serve`: how two servers of the same app bear what goes wrong. php bin/_serve.php NAME=URL=PIDS…, where
// PIDS is the process whose children are ended. Prints milliseconds, and how many answers were none.

const MAKERS = 50;
const SECONDS = 20;
const SLOW = 20;
const LARGE_BYTES = 12_000_000;
const ASKED = 40;

/** @param  list<float>  $times */
function told(array $times, int $bad): string
{
    sort($times);
    $at = fn (float $share): string => $times === [] ? '-'
        : sprintf('%.0f', 1000 * $times[(int) min(count($times) - 1, floor($share * count($times)))]);

    return sprintf(
        'p50 %5s   p95 %5s   p99 %5s ms   %4d answers   %d none', $at(0.5), $at(0.95), $at(0.99), count($times), $bad,
    );
}

/** @param  array<int, mixed>  $more */
function handle(string $url, array $more = []): CurlHandle
{
    $curl = curl_init($url);
    curl_setopt_array($curl, $more + [
        CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30, CURLOPT_FOLLOWLOCATION => false,
        CURLOPT_NOSIGNAL => true,
    ]);

    return $curl;
}

/** @return array{list<float>, int} of a page that is asked for meanwhile, one after the other */
function asked(string $base): array
{
    $times = [];
    $bad = 0;
    for ($i = 0; $i < ASKED; $i++) {
        $began = microtime(true);
        $curl = handle("$base/sign-in", [CURLOPT_TIMEOUT => 10]);
        curl_exec($curl);
        curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200 ? $times[] = microtime(true) - $began : $bad++;
        usleep(50_000);
    }

    return [$times, $bad];
}

/** Clients who send their form a letter at a time. */
function slowly(string $base): array
{
    $host = substr($base, strlen('http://'));
    $clients = [];
    for ($i = 0; $i < SLOW; $i++) {
        $client = stream_socket_client("tcp://$host");
        fwrite($client, "POST /sign-in HTTP/1.1\r\nHost: $host\r\nContent-Type: application/x-www-form-urlencoded\r\n"
            ."Content-Length: 4000\r\n\r\nemail=");
        $clients[] = $client;
    }
    usleep(300_000);
    $told = asked($base);
    array_map(fclose(...), $clients);

    return $told;
}

/** Photographs of twelve megabytes on their way, one after the other from four people. */
function largely(string $base): array
{
    $file = tempnam(sys_get_temp_dir(), 'large');
    file_put_contents($file, random_bytes(LARGE_BYTES));
    $multi = curl_multi_init();
    for ($i = 0; $i < 4; $i++) {
        curl_multi_add_handle($multi, handle("$base/sign-in", [
            CURLOPT_POSTFIELDS => ['photo' => new CURLFile($file)], CURLOPT_MAX_SEND_SPEED_LARGE => 6_000_000,
        ]));
    }
    $times = [];
    $bad = 0;
    do {
        curl_multi_exec($multi, $active);
        $began = microtime(true);
        $curl = handle("$base/sign-in", [CURLOPT_TIMEOUT => 10]);
        $one = curl_multi_init();
        curl_multi_add_handle($one, $curl);
        do {
            curl_multi_exec($multi, $active);
            curl_multi_exec($one, $going);
            curl_multi_select($one, 0.002);
        } while ($going);
        curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200 ? $times[] = microtime(true) - $began : $bad++;
    } while ($active && count($times) + $bad < 200);
    unlink($file);

    return [$times, $bad];
}

/** @param  list<Maker>  $makers */
function looking(array $makers, float $seconds, ?Closure $meanwhile = null): string
{
    $crowd = new Crowd($makers, new Chance(7), presses: 0.0);
    $told = $crowd->work($seconds, $meanwhile);

    return told($told->times['read'], $told->none());
}

foreach (array_slice($argv, 1) as $server) {
    [$name, $base, $parent] = explode('=', $server);
    $makers = Shops::at(getenv())->makers([$base], MAKERS);
    looking(array_slice($makers, 0, 4), 3.0);
    $at = 1.0;
    $killed = 0;
    $had = count(Processes::children((int) $parent));
    $kill = function (float $since, Told $told) use (&$at, &$killed, $parent): bool {
        $child = Processes::children((int) $parent)[0] ?? null;
        if ($since >= $at && $at < 7.0 && $child !== null) {
            posix_kill($child, SIGKILL);
            $killed++;
            $at += 1.0;
        }

        return false;
    };
    printf("\n%s\n", $name);
    printf("  %-44s %s\n", MAKERS.' makers, '.SECONDS.' s', looking($makers, SECONDS));
    printf("  %-44s %s\n", 'a page, beside '.SLOW.' who send slowly', told(...slowly($base)));
    printf("  %-44s %s\n", 'a page, beside four photographs of 12 MB', told(...largely($base)));
    $told = looking(array_slice($makers, 0, 10), 10.0, $kill);
    sleep(1);
    printf("  %-44s %s\n", "10 makers, $killed processes ended meanwhile", $told);
    printf("  %-44s %d of %d\n", 'processes that serve after it', count(Processes::children((int) $parent)), $had);
}
