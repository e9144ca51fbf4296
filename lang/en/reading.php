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
];
