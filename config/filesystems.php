<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Nothing in it is served: a piece's files are made when they are asked for.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
    'links' => [],
];
