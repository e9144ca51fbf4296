<?php

declare(strict_types=1);

// What is written into drawings, and what is read out in their place.
return [
    'grain' => [
        'no-end-grain' => 'no end grain',
        'round-the-wall' => 'round the wall',
        'rim-side' => 'The rim from above: two opposite quarters are end grain, which tears, drinks and darkens',
        'rim-end' => 'The rim from above: no end grain shows round the wall',
    ],
];
