<?php

declare(strict_types=1);

// What holds other words together.
return [
    'as-written' => '{text}',
    'lower' => '{what|lower}',
    'upper' => '{what|upper}',
    'at' => '{what}, {where}',
    'of' => '{whose}: {what|lower}',
    'between' => [
        'comma' => [
            'more' => ', ',
            'last' => ', ',
        ],
        'ratio' => [
            'more' => ' : ',
            'last' => ' : ',
        ],
        'and' => [
            'more' => ', ',
            'last' => ' and ',
        ],
        'or' => [
            'more' => ', ',
            'last' => ' or ',
        ],
        'then' => [
            'more' => ', ',
            'last' => ', then ',
        ],
        'thens' => [
            'more' => ', then ',
            'last' => ', then ',
        ],
        'andthe' => [
            'more' => ' and the ',
            'last' => ' and the ',
        ],
        'sentences' => [
            'more' => ' ',
            'last' => ' ',
        ],
    ],
    'gone' => 'An earlier release said something here; the next plan says it anew.',
];
