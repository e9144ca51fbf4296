<?php

declare(strict_types=1);

// What holds a piece up, and what can never be placed.
return [
    'because' => [
        'must-wait' => '{task}: must wait {span}',
        'work-itself-takes-long' => 'The work itself takes this long.',
        'shop-shut' => '{task}: shop shut {span}',
        'held-back' => '{task}: held back {span}',
        'hands-with' => '{task}: hands with {name} {span}',
        'days' => '{days|1} days',
        'hours' => '{hours|1}',
    ],
    'unplaceable' => [
        'longer-than-any-working' => '{field} is {quote}, longer than any working stretch ({longest} at most); mark '
            .'it splittable or lengthen the hours.',
        'needs-shop-has' => '{field} needs {wanted} of {resource}; the shop has {had}.',
        'too-few-hands' => '{field} needs {hands|0} people at once; the shop has fewer.',
        'too-few-that-can' => '{field} needs {hands|0} people at once who can “{skill}”; the shop has fewer.',
        'hours-hold-no-working' => 'hours hold no working time that could take the tasks; give at least one stretch '
            .'on one day that is not closed.',
    ],
    'cyclic-tasks' => [
        'wait-each-other-ring' => '{field} wait for each other in a ring: {ids}; each task may only follow tasks '
            .'that do not follow it.',
    ],
    'job' => [
        'name-of-its-own' => 'every task of a piece needs a name of its own',
    ],
    'wait' => [
        'impossible-window-must-not' => 'an impossible window: it must not be below min_hours, {min}',
    ],
    'problem' => [
        'pin-passed' => 'it must not be before the plan begins',
        'pin-outside-hours' => 'it must lie within the hours of somebody who may do it, with the time that it takes',
        'pins-clash' => 'nobody and nothing it needs is free then: another pinned task has them',
    ],
    'working-hours' => [
        'stretch-such-08-00' => 'a stretch such as ["08:00","12:00"]',
        'stretch-ends-after-starts' => 'a stretch ends after it starts, and starts after the one before it',
        'date-such-2026-12' => 'a date such as 2026-12-25',
        'time-from-00-00' => 'a time from 00:00 to 24:00',
    ],
];
