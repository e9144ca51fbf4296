<?php

declare(strict_types=1);

// php tests/Read/write.php: writes anew what is read aloud. Read what has changed before you commit it.

use Tests\Core\Aloud;

require dirname(__DIR__, 2).'/vendor/autoload.php';

foreach (['routes', 'plans', 'conflicts'] as $folder) {
    array_map(unlink(...), glob(__DIR__."/$folder/*.txt") ?: []);
}
foreach (Aloud::all() as $file => $line) {
    file_put_contents(__DIR__."/$file", Aloud::said($line));
    echo "$file\n";
}
