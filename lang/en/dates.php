<?php

declare(strict_types=1);

// Why a piece has no date, and what would give it one.
return [
    'held' => [
        'message' => 'Held back until you choose what to do: {trouble}.',
        'one' => 'Choose a remedy',
        'other' => 'Go on as it is',
    ],
    'undated' => [
        'message' => 'No date can be worked out: {trouble}',
        'one' => 'Change the coats',
        'other' => 'Warm the shop and say so under Shop',
    ],
    'wide-foot' => 'the foot must not be wider than the widest diameter, {diameter}',
    'no-room' => '{up} up, the outside is only {across} across, which leaves no room for it there',
    'size-not-asked' => 'a {form|lower} is not asked for that size; draw it to its widest',
    'no-outline' => 'these points do not make a {form|lower} ({why})',
    'no-form' => 'these sizes do not make a {form|lower} ({why})',
    'waiting-since' => '{why} It has waited since {at}.',
];
