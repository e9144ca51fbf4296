<?php

declare(strict_types=1);

// What is said of a picture that cannot be taken.
return [
    'unfit-picture' => [
        'no-picture-takes-jpeg' => '{name} is no picture; it takes a JPEG, PNG or WebP file.',
        'cannot-read-picture-end' => '{name} cannot be read as a picture; its end is missing, or it is broken. '
            .'Send it again.',
        'drawn-passes-takes-up' => '{name} is drawn in {scans} passes; it takes up to {most}. Save it once more as '
            .'a plain JPEG.',
        'photograph-pixels-takes-up' => 'The photograph is {width} × {height} pixels; it takes up to {most} '
            .'million in all.',
        'photograph-pixels-would-take' => 'The photograph of {width} × {height} pixels would take {megabytes} MB '
            .'to open; it takes up to {most}. Save it smaller, or with 8 bits a colour.',
        'takes-too-long-open' => '{name} takes too long to open; save it smaller, or as a plain JPEG.',
        'another-photograph-workshop-just' => 'Another photograph of this workshop is just being read; send this '
            .'one again in a moment.',
        'shop-computer-reading-other' => 'The shop\'s computer is reading other photographs; send this one again in '
            .'a moment.',
        'photographs-workshop-take-up' => 'The photographs of this workshop take up {most} MB, all that it has. '
            .'Replace or remove one.',
        'photograph-could-not-written' => 'The photograph could not be written; the disk may be full. Nothing was '
            .'changed.',
    ],
];
