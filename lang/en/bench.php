<?php

declare(strict_types=1);

// What is written down at the bench, and why it is not.
return [
    'wrong' => '{step}: {fault|lower}, {face}',
    'chosen' => 'Chosen: {remedy|lower}.',
    'again' => '{step}: {remedy|lower}',
    'goes-on' => 'Goes on as it is.',
    'another-step' => 'The plan has changed since this page was made: what stands here now is “{step}”. Nothing was '
        .'logged; look at it and press again.',
    'not-dry' => 'Number {number} is not dry by its weights. Weigh on; or say that you go on all the same.',
    'held-back' => '{piece} is held back: choose first what to do about what went wrong.',
    'how-is-it' => 'The wait before “{step}” is not over: say how the coat below is.',
    'comes-first' => '“{step}” cannot be done yet: “{first}” comes first. Do or skip that one.',
    'built-upon' => '“{step}” cannot be taken back while “{later}” stands; take that back first.',
];
