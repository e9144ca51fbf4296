<?php

declare(strict_types=1);

// WORDS OF piece
return [
    'flaw' => [
        'to-along-the' => '{from|bare|0} to {to|0} along the {zone}',
    ],
];
