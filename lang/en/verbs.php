<?php

declare(strict_types=1);

// What the verbs of `bin/grain` refuse, and what they warn of.
return [
    'problem-document' => [
        'every-piece-needs-name' => 'every piece needs a name of its own',
        'behind-itself' => 'no piece goes behind itself, nor behind one that goes behind it',
        'every-person-needs-name' => 'every person needs a name of their own',
    ],
    'ladder-verb' => [
        'every-surface-needs-name' => 'every surface needs a name of its own',
    ],
    'piercing-verb' => [
        'must-more-than-hole' => 'it must be more than a hole is wide, {hole}',
    ],
    'dye-verb' => [
        'there-no-layer-sand' => 'there is no layer to sand back',
    ],
    'truing-verb' => [
        'no-wall-left-goes' => 'No wall is left: it goes {ovality|1} oval, and a wall of {wall} is {what|1} too '
            .'thin to turn true. Rough it at least {wall2|1} thick.',
    ],
    'measure' => [
        'every-band-needs-name' => 'every band needs a name of its own that no zone has',
    ],
    'grits' => [
        'first-grit-takes-over' => 'The first grit takes over half of the time: cutting again cleanly would save '
            .'{saved|0}, the cut counted.',
    ],
    'drying' => [
        'ready' => 'Ready: within {points} point of the equilibrium of its air, and it loses less than {loss} of '
            .'its weight a week.',
        'drying' => 'Still drying: the date is where the curve through the weighings comes within {points} point of '
            .'the equilibrium of its air.',
        'too-few' => 'Too few weighings: a curve takes {least} at the least.',
        'rising' => 'It weighed more on {day} than before: wood that takes up water has no date. Weigh it again, '
            .'and look where it stands.',
        'wet-air' => 'The air is too damp: wood settles at {emc|1} there, above {most}. Move it.',
        'no-plateau' => 'The plateau is not in sight: the weighings would agree with almost any end. Weigh it again '
            .'later, or read a meter beside a weighing.',
        'too-short' => 'The weighings agree but span less than {days} days.',
        'no-climate' => 'The air that it dries in is not known.',
    ],
    'scorch' => [
        'char-glows' => 'Char glows on where nobody sees it: stay with the piece for {hours}, on bare metal and '
            .'away from dust, water at hand. Never over glue, CA, resin or a finish.',
    ],
];
