<?php

declare(strict_types=1);

// How blanks lie and dry.
return [
    'keeping' => [
        'in-the-open' => 'in the open',
        'ends-sealed' => 'ends sealed',
        'waxed-all-over' => 'waxed all over',
        'wrapped-paper' => 'wrapped in paper',
        'in-a-bag' => 'in a bag',
        'in-a-kiln' => 'in a kiln',
        'in-water' => 'in water',
        'seal-ends-or-wrap' => 'seal its ends, or wrap it in paper',
        'wax-all-over-or' => 'wax it all over, or put it in a bag',
        'move-cooler-damper-air' => 'move it to cooler and damper air',
    ],
    'blank-form' => [
    ],
    'pith' => [
        'cut-away' => 'cut away',
        'in-the-wood' => 'in the wood',
        'bored-out' => 'bored out',
        'out' => 'cut away',
        'in' => 'in the wood',
        'bored' => 'bored out',
    ],
    'forms' => [
        'log' => 'Log',
        'slab' => 'Slab',
        'branch' => 'Branch',
        'round' => 'Round',
        'rough-bowl' => 'Rough bowl',
        'rough-hollow' => 'Rough hollow form',
        'spindle-stock' => 'Spindle stock',
        'plug-stock' => 'Plug stock',
    ],
    'drawing' => '{form} of {wood}',
    'blank' => [
        'leaves-no-hollow-inside' => 'it leaves no hollow inside; a rough wall is less than half of the diameter '
            .'and of the height',
        'date-such-2026-03' => 'a date such as 2026-03-01',
    ],
    'largest' => [
        'out-blank-comes-most' => 'out of this blank comes at most {most|1}',
        'nothing-left-blank' => 'nothing of that is left in this blank',
    ],
    'drying' => [
        'readings-must-order-time' => 'readings must be in order of time, no two at once',
    ],
    'dryness' => [
        'taken' => 'Taken as dry by its maker, and kept so in the record.',
        'meter' => 'Ready: {moisture|1} by meter on a fresh face, where up to {most|1} is dry in this air ({emc|1}).',
        'meter-but-for-fits' => 'Ready: {moisture|1} by meter, where up to {most|1} is dry in this air; for lids and '
            .'fits wait until {fits|1}.',
        'meter-wet' => 'Not ready: {moisture|1} by meter, and up to {most|1} is dry in this air ({emc|1}).',
        'kiln' => 'Ready: kiln-dried, and rested its {days} days.',
        'kiln-rests' => 'Kiln-dried: it rests {days} days in the shop, {left} more.',
        'air' => 'Air-dried, {thick|0} thick, and cut {since} months ago: by the rule of thumb it is dry after '
            .'{from} to {to}. Weigh it, or put a meter to a fresh face.',
    ],
];
