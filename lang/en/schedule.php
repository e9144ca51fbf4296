<?php

declare(strict_types=1);

// WORDS OF schedule
return [
    'because' => [
        'waits-after' => '{task} waits {span} after {task2}',
        'work-itself-takes-long' => 'The work itself takes this long.',
        'waits-working-hours' => '{task} waits {span} for working hours',
        'waits-working-time-hands' => '{task} waits {span}: {span2} of working time with hands busy with {name}, '
            .'the rest for working hours',
        'waits-hands-busy' => '{task} waits {span}, hands busy with {name}',
        'days' => '{days|1} days',
        'hours' => '{hours|1}',
    ],
];
