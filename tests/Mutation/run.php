<?php

declare(strict_types=1);

// php tests/Mutation/run.php FOLDER [MOST] [SEED]: how many changes of core/FOLDER the tests that cover it notice.

use Tests\Mutation\MutationRun;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $folder, $most, $seed] = $argv + [1 => '', 2 => '60', 3 => '1'];
if ($folder === '' || ! is_dir(dirname(__DIR__, 2)."/core/$folder")) {
    fwrite(STDERR, "The folder is \"$folder\"; it takes one of core/, such as Safety.\n");
    exit(2);
}
exit((new MutationRun(dirname(__DIR__, 2), $folder, (int) $most, (int) $seed))->run());
