<?php

declare(strict_types=1);

//
return [
    'missing' => '{field} is missing; it takes {allowed}.',
    'type' => '{field} is {value}; it takes {allowed}.',
    'range' => '{field} is {value}; it takes a number from {min} to {max}.',
    'choice' => '{field} is {value}; it takes one of: {allowed}.',
    'too-many' => '{field} has {count} entries; at most {max} are taken.',
    'because' => '{field} is {value}; {allowed}.',
    'not-json' => 'The document is not valid JSON ({detail}); it takes one JSON object in UTF-8.',
    'too-large' => 'The document has {bytes} bytes; at most {max} are taken.',
    'not-an-object' => 'The document is not a JSON object; it takes one, in braces.',
    'document' => [
        'code-sentence-all-stands' => 'the code of a sentence, with all that stands in it',
        'number-from' => 'a number from {min} to {max}',
        'whole-number-from' => 'a whole number from {min} to {max}',
        'text-most-characters' => 'text of at most {maxLength} characters',
        'text-1-characters' => 'text of 1 to {maxLength} characters',
        'must-not-hold-control' => 'it must not hold control characters',
        'must-one-line-without' => 'it must be one line without control characters',
        'true-or-false' => 'true or false',
        'time-such-2026-12' => 'a time such as 2026-12-01T09:00:00Z',
        'time-from' => 'a time from {what} to {what2}',
        'list-most-entries' => 'a list of at most {max} entries',
        'takes-least' => 'it takes at least {min} {min?entry:entries}',
    ],
];
