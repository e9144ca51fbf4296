<?php

declare(strict_types=1);

// What is said of tools and of what they do to wood on the lathe.
return [
    'centre' => [
        'square' => 'Lines from corner to corner cross at the centre of each end.',
        'round' => 'Its centre by a compass from three places of the edge.',
        'log' => 'Centre it between the points by eye and roll it by hand: shift the ends until it rests anywhere, '
            .'then mark them.',
    ],
    'bits' => [
        'brad' => 'brad-point bit',
        'twist' => 'twist bit',
        'gun' => 'gun drill',
        'forstner' => 'saw-tooth bit',
        'spade' => 'spade bit',
        'cup' => 'cup cutter',
    ],
    'bit' => '{kind} of {diameter|1}',
    'no-bit' => [
        'none-of-the-diameter' => 'None of the bits is {diameter|1} across: {bits|and}.',
        'none' => 'none',
        'too-short' => 'It reaches {length|0}, and the hole wants {needed|0} of it.',
    ],
    'stock' => [
        'too-short' => 'They take {needed|1} of its length, and it is {length|1} long: {short|1} too short.',
        'too-narrow' => '{part} is {diameter|1} across, and the blank is {wide|1}.',
        'too-thin' => '{part} takes {needed|1} of its thickness with what it is held by, and it is {height|1} thick.',
    ],
    'speed' => [
        'held' => '{rpm} at the most: {binds}.',
        'sound-rim' => '{speed} at the rim of {diameter|0}, for sound wood',
        'flawed-rim' => '{speed} at the rim of {diameter|0}, for wood that may fly',
        'bark-rim' => '{speed} at the rim of {diameter|0}, for what wears bark',
        'unbalanced-rim' => '{speed} at the rim of {diameter|0}, for what is out of balance',
        'sanding-rim' => '{speed} at the rim of {diameter|0}, above which paper burns the wood',
        'pressed-rim' => '{speed} at the rim of {diameter|0}, for what pressure alone holds',
        'partner-rim' => '{speed} at the rim of {diameter|0}, for what sits on its joint alone',
        'slender-tenon' => '{speed} at the rim of {diameter|0}, for a slender tenon',
        'vacuum-rim' => '{speed} at the rim of {diameter|0}, for what a vacuum holds',
        'metal' => '{speed} at the rim of {diameter|0}, for soft metal',
        'wide-jaws' => 'what wide jaws are made for',
        'until-true' => '{binds}, and {share} of that until it runs true',
        'own' => 'the fastest of this hold, as listed under Shop',
        'lathe' => 'the fastest of the lathe',
        'usual-lathe' => 'the fastest of most lathes, where none is listed under Shop',
        'bit' => 'the bit takes no more',
    ],
    'boring' => [
        'at' => 'At {rpm}, and no faster.',
        'at-and-slower' => 'At {rpm}; below {from|0} at {deep}, where chips no longer clear by themselves.',
        'smoke-stops' => 'Let it cool at each of these: smoke means stop, sharpen and go slower; curls say the speed '
            .'is right, dust that it is dull.',
        'clear-every' => 'Back it out every {every|0}: clear the chips and feel it for heat.',
        'clear-every-once-deep' => 'Once it is {from|0} deep, back it out every {every|0}: clear the chips and feel it '
            .'for heat.',
        'from-both-ends' => 'From both ends, half the way from each, on the centres marked there: turned over once.',
        'floor' => 'The depth counts from the face it starts at; {floor|1} of floor is left.',
        'reckoned' => '{total|1}: {fit|0} to fit the bit and its chuck; {boring|1} for {depth|0} at {feed|0}{deep}. '
            .'Its rim moves at {speed}.',
        'reckoned-deep' => ', {feed|0} below {from|0}',
    ],
];
