<?php

declare(strict_types=1);

// php tests/Load/kill.php [KILLS [SEED]]: makers press, and parts are ended outright, at random, some of them between
// the moment that a press is written down and its answer. Nothing that was answered may be lost, nothing kept twice.

use Tests\Load\Chance;
use Tests\Load\Crowd;
use Tests\Load\House;
use Tests\Load\Part;
use Tests\Load\Press;
use Tests\Load\Shops;

require __DIR__.'/../../vendor/autoload.php';

const MAKERS = 8;
const PIECES = 6;
const SECONDS_EACH = 3.0;
const RESTART_SECONDS = 8.0;

/** On a machine that does other things too; without any the run would show nothing. */
const LEAST_PRESSES = 2;

$kills = (int) ($argv[1] ?? 12);
$seed = (int) ($argv[2] ?? random_int(1, 999_999));
$chance = new Chance($seed);
$state = sys_get_temp_dir().'/honest-grain-kill.'.bin2hex(random_bytes(4));
mkdir($state, 0700);
$listener = stream_socket_server('tcp://127.0.0.1:0');
$port = (int) substr((string) strrchr((string) stream_socket_get_name($listener, false), ':'), 1);
fclose($listener);
echo "$kills kills, seed $seed\n";
$house = House::in(dirname(__DIR__, 2), $state, $port);
register_shutdown_function(function () use ($house, $state): void {
    $house->end();
    exec('rm -rf '.escapeshellarg($state));
});
$house->artisan('bench:makers', (string) MAKERS, (string) PIECES);
$makers = Shops::at($house->settings())->makers([$house->url()], MAKERS);

// Each part in turn, in an order of its own; then again.
$parts = [];
while (count($parts) < $kills) {
    $parts = [...$parts, ...$chance->shuffled(Part::cases())];
}
$parts = array_slice($parts, 0, $kills);
$at = SECONDS_EACH;
$watched = null;
$newest = 0;
$eligible = $afterCommit = 0;
$hurt = function (string $when) use ($house, &$parts): void {
    $part = array_shift($parts);
    $house->hurt($part);
    printf("  %s, %s\n", $part->value, $when);
};
$newestOf = function (?Shops $shops): ?int {
    try {
        return $shops?->newest();
    } catch (PDOException) {
        return null;
    }
};
$connected = function () use ($house): ?Shops {
    try {
        return Shops::at($house->settings());
    } catch (Throwable) {
        return null;
    }
};
$crowd = new Crowd($makers, $chance, think: [0.0, 0.3], presses: 0.7, hangUps: 0.05);
$told = $crowd->work($kills * SECONDS_EACH, function (float $since) use (
    &$parts, &$at, &$watched, &$newest, &$eligible, &$afterCommit, $hurt, $newestOf, $connected, $chance,
): bool {
    if ($watched !== null) {
        $is = $newestOf($watched);
        if ($is === null || $is > $newest) {
            $watched = null;
            $afterCommit += $is === null ? 0 : 1;
            $hurt('as a press was written down');
        }

        return true;
    }
    if ($parts === [] || $since < $at) {
        return $parts !== [];
    }
    $pause = SECONDS_EACH * $chance->between(0.5, 1.5);
    $at = $since + ($parts[0] === Part::House ? $pause + RESTART_SECONDS : $pause);
    // What takes the answer along is ended every other time just after something was written.
    if ($parts[0]->answers() && $eligible++ % 2 === 0) {
        $newest = $newestOf($watched = $connected()) ?? 0;
        $watched === null || $newest > 0 || $watched = null;
    }
    $watched ?? $hurt('at any moment');

    return true;
});
$house->waitUntilItServes();
$shops = Shops::at($house->settings());
$faults = [...$shops->faults($told->presses), ...$shops->unplanned()];
echo $told->line(), "\n";
$taken = array_filter($told->presses, fn (Press $press): bool => $press->isTaken());
$refused = array_filter($told->presses, fn (Press $press): bool => $press->status !== null && ! $press->isTaken());
printf(
    '%d presses: %d taken, %d of them sent more than once; %d refused. %d answers nobody heard; '
    ."%d kills as a press was written down.\n",
    count($told->presses), count($taken), count(array_filter($taken, fn (Press $press): bool => $press->sent > 1)),
    count($refused), $told->hungUp, $afterCommit,
);
foreach (array_slice($refused, 0, 3) as $press) {
    echo "  refused ($press->status) {$press->sort->value}: $press->said\n";
}
$told->errors() > 0 && $faults[] = "{$told->errors()} error pages";
count($taken) < $kills * LEAST_PRESSES && $faults[] = 'hardly anything was pressed';
foreach ($faults as $fault) {
    echo "  FAIL  $fault\n";
}
exit($faults === [] ? 0 : 1);
