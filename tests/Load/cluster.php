<?php

declare(strict_types=1);

// php tests/Load/cluster.php: makers press at APP_URL until the file OVER is there; what goes on meanwhile stands in
// the file PHASES. What became of it is held against the database that DB_PORT leads to. Run by tests/cluster/run.sh.

use Tests\Load\Chance;
use Tests\Load\Crowd;
use Tests\Load\Press;
use Tests\Load\Shops;
use Tests\Load\Told;

require __DIR__.'/../../vendor/autoload.php';

const MAKERS = 8;

$shops = Shops::at(getenv());
$crowd = new Crowd(
    $shops->makers([(string) getenv('APP_URL')], MAKERS), new Chance(1), think: [0.0, 0.4], presses: 0.7, hangUps: 0.05,
);
$phases = (string) getenv('PHASES');
$over = (string) getenv('OVER');
touch(dirname($phases).'/signed-in');
$told = $crowd->work(1.0, function (float $since, Told $told) use ($phases, $over): bool {
    $told->phase = (string) file_get_contents($phases);
    clearstatcache();

    return ! is_file($over);
});
foreach ($told->phases as $name => $phase) {
    printf("        %-20s %s\n", $name, $phase->line());
}
$taken = array_filter($told->presses, fn (Press $press): bool => $press->isTaken());
printf(
    "        %d presses: %d taken, %d of them sent more than once.\n", count($told->presses), count($taken),
    count(array_filter($taken, fn (Press $press): bool => $press->sent > 1)),
);
$shops = Shops::at(getenv());
$faults = [...$shops->faults($told->presses), ...$shops->unplanned()];
$told->errors() > 0 && $faults[] = "{$told->errors()} error pages";
count($taken) < 40 && $faults[] = 'hardly anything was pressed';
foreach ($faults as $fault) {
    echo "  FAIL  $fault\n";
}
exit($faults === [] ? 0 : 1);
