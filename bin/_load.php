<?php

declare(strict_types=1);

// Used by bin/bench. php bin/_load.php load|soak|kinds BASE STATE: makers with a workshop each (`bench:makers`), who
// look at pages and press, with a pause to think between. Ratios are to an empty page of the same server, asked as it
// idles.

use Tests\Load\Chance;
use Tests\Load\Crowd;
use Tests\Load\Maker;
use Tests\Load\Press;
use Tests\Load\Processes;
use Tests\Load\Shops;
use Tests\Load\Told;

require __DIR__.'/../vendor/autoload.php';

const EMPTY_ASKED = 40;
const SEED = 7;

/** Somebody at a bench does something every so many seconds. */
const THINK = [4.0, 12.0];

/** Of what they do, so much is written down. */
const PRESSES = 0.2;
const CROWDS = [20, 50, 200];
const SECONDS = 60.0;

/** A day of a shared workshop: so many makers, each a page a minute and a press every four, for eight hours. */
const DAY_MAKERS = 20;
const DAY_PRESSES = 2400;

[, $what, $base, $state] = $argv;

/** Seconds of an answer to one request, asked by itself. */
function seconds(CurlHandle $curl): float
{
    $began = microtime(true);
    curl_exec($curl);
    $took = microtime(true) - $began;
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    $status === 200 || exit("It answered $status.\n");

    return $took;
}

/** Milliseconds of an empty page, while nothing else is asked. */
function emptyMs(string $base): float
{
    $told = new Told;
    for ($i = 0; $i < EMPTY_ASKED; $i++) {
        $curl = curl_init("$base/empty");
        curl_setopt($curl, CURLOPT_RETURNTRANSFER, true);
        $told->answered('read', 200, seconds($curl));
    }

    return $told->ms(0.5, 'read');
}

/** @return array<string, float> megabytes that each part has for itself */
function memory(string $state): array
{
    $of = fn (string $file): array => array_map(
        intval(...), array_filter(explode("\n", (string) @file_get_contents("$state/$file"))),
    );
    $parts = [
        'pages' => Processes::children(...$of('web/fpm.pid')), 'nginx' => Processes::children(...$of('web/nginx.pid')),
        'the worker' => Processes::children(...array_slice($of('worker.pid'), 0, 1)),
        'the database' => $of('database.pid'),
    ];

    return array_map(fn (array $pids): float => array_sum(array_map(megabytes(...), $pids)), $parts);
}

function megabytes(int $pid): float
{
    preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents("/proc/$pid/smaps_rollup"), $kb);

    return (int) ($kb[1] ?? 0) / 1024;
}

/** @param  list<Maker>  $makers */
function crowd(array $makers, array $think = THINK, float $presses = PRESSES): Crowd
{
    return new Crowd($makers, new Chance(SEED), think: $think, presses: $presses);
}

/** @param  list<string>  $faults */
function failing(array $faults): never
{
    foreach ($faults as $fault) {
        echo "  FAIL  $fault\n";
    }
    exit($faults === [] ? 0 : 1);
}

$shops = Shops::at(getenv());

if ($what === 'load') {
    $faults = [];
    $makers = $shops->makers([$base], max(CROWDS));
    crowd(array_slice($makers, 0, 8))->work(8.0);
    sleep(5);
    $empty = emptyMs($base);
    printf("\n  %-12s %6.1f ms\n", 'an empty page', $empty);
    foreach (CROWDS as $count) {
        $told = crowd(array_slice($makers, 0, $count))->work(SECONDS);
        foreach (['read' => 'pages', 'press' => 'presses'] as $sort => $name) {
            printf(
                "  %3d makers, %-8s %5d   p50 %6.0f ms %5.1f ×   p95 %6.0f ms %5.1f ×   p99 %6.0f ms %5.1f ×\n",
                $count, $name, count($told->times[$sort]), ...array_merge(...array_map(
                    fn (float $share): array => [$told->ms($share, $sort), $told->ms($share, $sort) / $empty],
                    [0.5, 0.95, 0.99],
                )),
            );
        }
        $wrong = [...$shops->faults($told->presses), ...$shops->unplanned()];
        $told->errors() + $told->none() > 0 && $wrong[] = "$count makers: ".$told->line();
        printf("  %3d makers, errors    %4d\n", $count, count($wrong));
        $faults = [...$faults, ...$wrong];
    }
    failing($faults);
}

if ($what === 'soak') {
    $makers = $shops->makers([$base], DAY_MAKERS);
    crowd(array_slice($makers, 0, 8), [0.0, 0.1])->work(30.0);
    $before = memory($state);
    $began = microtime(true);
    $goesOn = fn (float $since, Told $told): bool => count($told->presses) < DAY_PRESSES;
    $told = crowd($makers, [0.0, 0.2])->work(1.0, $goesOn);
    $took = microtime(true) - $began;
    $faults = [...$shops->faults($told->presses), ...$shops->unplanned(300)];
    $after = memory($state);
    printf(
        "\n  A day of %d makers in %.0f s: %d pages, %d presses.\n  %s\n", DAY_MAKERS, $took,
        count($told->times['read']),
        count(array_filter($told->presses, fn (Press $press): bool => $press->isTaken())), $told->line(),
    );
    foreach ($before as $part => $mb) {
        printf("  %-14s %6.0f MB before, %6.0f MB after\n", $part, $mb, $after[$part]);
    }
    $told->errors() + $told->none() > 0 && $faults[] = $told->line();
    failing($faults);
}

foreach ($shops->sizes() as $table => [$rows, $mb]) {
    printf("  %-16s %8d rows   %6.1f MB   %6.2f kB each\n", $table, $rows, $mb, 1000 * $mb / max(1, $rows));
}

// Whether a shop of very many pieces, and one of a very long log, slow another one: its pages while nobody else works,
// while two shops of its own size do, and while those two do.
$all = $shops->makers([$base], 6);
[$long, $small, $others] = [$all[0], $all[1], [$all[2], $all[3]]];
$full = new Maker(
    base: $base, email: App\Demo\DemoWorkshop::EMAIL, password: App\Demo\DemoWorkshop::PASSWORD, workshop: 0, toDo: [],
    blank: 0, grams: 0.0, run: 0,
);
$full->signIn();
$own = function (?Crowd $beside) use ($small): Told {
    $mine = new Told;
    $ask = function () use ($small, $mine): void {
        $mine->answered('read', 200, seconds($small->reads(Crowd::PAGES[count($mine->times['read']) % 4])));
    };
    for ($i = 0; $i < 8; $i++) {
        $ask();
    }
    $mine->times['read'] = [];
    if ($beside === null) {
        for ($i = 0; $i < 80; $i++) {
            $ask();
        }

        return $mine;
    }
    $pid = pcntl_fork();
    if ($pid === 0) {
        $beside->work(60.0);
        exit(0);
    }
    usleep(500_000);
    for ($until = microtime(true) + 12; microtime(true) < $until;) {
        $ask();
    }
    posix_kill($pid, SIGKILL);
    pcntl_waitpid($pid, $status);

    return $mine;
};
$rows = [
    'nobody else works' => null,
    'two shops of its size work without a pause' => crowd($others, [0.0, 0.0], 0.0),
    'the full and the long one do so' => crowd([$full, $long], [0.0, 0.0], 0.0),
];
foreach ($rows as $name => $beside) {
    $told = $own($beside);
    printf(
        "  a small shop, while %-44s p50 %5.0f   p95 %5.0f   p99 %5.0f ms   %4d pages\n", $name, $told->ms(0.5, 'read'),
        $told->ms(0.95, 'read'), $told->ms(0.99, 'read'), count($told->times['read']),
    );
}
