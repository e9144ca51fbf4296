<?php

declare(strict_types=1);

// What fire and dye ask for.
return [
    'mixture' => [
        'first' => '{parts} parts {dye}',
        'more' => '{parts} {dye}',
        'named' => '{dyes}',
    ],
    'too-thin' => [
        'wall-mm-wall-scorched' => 'wall_mm is {wall}; a wall that is scorched to {level} must be at least {least}.',
    ],
    'rgb' => [
        'colour-such-d8c29a' => 'a colour such as #d8c29a',
    ],
];
