<?php

declare(strict_types=1);

// What is known of a wood.
return [
    'wood' => [
        'typed-workshop' => 'Typed in this workshop',
        'borrowed-from-none-published' => 'The {figure} is borrowed from {what}: none is published for {what2}.',
        'colour-such' => 'a colour such as {what}',
    ],
];
