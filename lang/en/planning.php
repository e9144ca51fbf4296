<?php

declare(strict_types=1);

// What is written and refused when a plan is made.
return [
    'coat-change' => [
        'gone' => [
            'plan' => 'These coats are no longer there; look at the page again.',
            'coat' => 'This coat is no longer there; look at the page again.',
        ],
        'surface-ticked-tick-least' => 'No surface is ticked; tick at least one to put these coats on.',
    ],
    'piece-document-schema' => [
        'is' => ' is {value}:',
        'format-described-docs-formats' => '{more}{quoted} {says}. The format is described in docs/formats/piece.md.',
        'document' => 'The document',
        'field' => 'The field {path}',
    ],
    'piece-from-blank' => [
        'from-number' => 'From number {number}. {more}{note}',
    ],
    'rack' => [
        'another-blank-number-already' => 'another blank has this number already',
    ],
    'weight-list' => [
        'no-percentage' => 'Meter is “{cells}”; it takes a percentage from 0 to 100.',
        'no-grams' => 'Grams is “{cells}”; it takes a number from 0.1 to 500000.',
        'number-takes-number-wood' => 'Number is “{cells}”; it takes the number on the wood.',
        'number-blank-rack' => 'Number is “{number}”; no blank on the rack has it.',
        'date-takes-date-such' => 'Date is “{cells}”; it takes a date such as 2026-03-01, or with a time '
            .'2026-03-01 14:30.',
        'date-which-still-come' => 'Date is “{cells}”, which is still to come.',
    ],
    'instruments' => [
        'tachometer' => 'Lathe tachometer',
        'meter' => 'Moisture meter',
        'scale' => 'Scale',
    ],
];
