<?php

declare(strict_types=1);

// What is written and refused when a plan is made.
return [
    'coat-change' => [
        'no-such-face' => '{part} has none of these faces.',
        'gone' => [
            'to' => 'That part is no longer there; look at the page again.',
            'plan' => 'These coats are no longer there; look at the page again.',
            'coat' => 'This coat is no longer there; look at the page again.',
        ],
        'no-surface-ticked-tick' => 'No surface is ticked; tick at least one to put these coats on.',
    ],
    'document-schema' => [
        'is' => ' is {value}:',
        'format-described-docs-formats' => '{where}{quoted} {says}. '
            .'The format is described in docs/formats/{format}.md.',
        'document' => 'The document',
        'field' => 'The field {path}',
    ],
    'piece-from-blank' => [
        'from-number' => 'From number {number}. {source}{note}',
    ],
    'rack' => [
        'another-blank-number-already' => 'another blank has this number already',
    ],
    'what-if' => [
        'too-many' => 'A sheet takes {most} changes at the most.',
        'unreadable' => '“{written}” says nothing that could be tried.',
        'helper' => 'Helper on {date}',
        'open' => 'Open on {day}',
        'help' => 'A helper on {day}',
        'away' => 'Nobody here from {day}, for {days} days',
        'warm' => 'Its air at {temp}',
        'due' => 'Due {day}',
        'weigh' => 'Its lateness counts {times} times',
        'fewer' => 'One coat fewer',
        'finish' => '{stack} instead',
        'by-hand' => 'Rubbed up by hand with paste',
        'aside' => 'Put away for now',
        'behind' => 'Goes before {other}',
        'behind-itself' => '{first} goes behind {piece} already; undo that first.',
        'behind-none' => 'Goes by its own date again',
    ],
    'air-list' => [
        'row' => 'Row {line}: {fault}',
        'time' => 'the time is "{typed}"; it takes a date and a time such as 2026-11-30 14:00.',
        'to-come' => 'the time is {typed}, which is still to come.',
        'temperature' => 'the temperature is "{typed}"; it takes a number.',
        'humidity' => 'the humidity is "{typed}"; it takes a number of percent.',
    ],
    'weight-list' => [
        'no-percentage' => 'Meter is “{typed}”; it takes a percentage from 0 to 100.',
        'no-grams' => 'Grams is “{typed}”; it takes a number from 0.1 to 500000.',
        'number-takes-number-wood' => 'Number is “{typed}”; it takes the number on the wood.',
        'number-no-blank-rack' => 'Number is “{number}”; no blank on the rack has it.',
        'date-takes-date-such' => 'Date is “{typed}”; it takes a date such as 2026-03-01, or with a time '
            .'2026-03-01 14:30.',
        'date-which-still-come' => 'Date is “{typed}”, which is still to come.',
    ],
    'instruments' => [
        'tachometer' => 'Lathe tachometer',
        'meter' => 'Moisture meter',
        'scale' => 'Scale',
    ],
    'along' => [
        'no-archive' => 'This file is no workshop that was taken along.',
        'other-version' => 'This file is of another version of the format; this program reads version 1.',
        'too-large' => 'This file holds more than a workshop can.',
        'for-no-page' => 'A page brings up to {most} pieces and photographs. For more, ask whoever runs this: '
            .'bin/admin bring.',
        'damaged' => 'The file is damaged: {path} is not what its list says.',
        'missing' => 'The file is not whole: {path} is missing.',
        'no-row' => '{path}, line {line} is no row.',
        'not-so' => '{path}, line {line}: {column} cannot be read.',
        'points-nowhere' => '{path}, line {line}: {column} names a row that is not there.',
        'not-kept' => '{path}, line {line} cannot be kept.',
        'unreadable' => '{path}, line {line}: {why}',
        'not-empty' => 'There is work in this workshop. Bring the file into an empty one.',
    ],
];
