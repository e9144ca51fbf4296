<?php

declare(strict_types=1);

// How a part sits on the lathe, and what each hold asks for.
return [
    'mount' => [
        'on-a-faceplate' => 'on a faceplate',
        'screw-chuck' => 'on a screw chuck',
        'by-the-tenon' => 'by the tenon',
        'by-the-recess' => 'by the recess',
        'between-centres' => 'between centres',
        'against-jam-chuck' => 'against a jam chuck',
        'wide-padded-jaws' => 'in wide padded jaws',
        'vacuum-chuck' => 'on the vacuum chuck',
        'in-a-steady' => 'in a steady',
        'lap-or-bench' => 'in the lap or on the bench',
        'points-dry' => 'on points to dry',
        'round-closed-unwarped-wall' => 'a round, closed and unwarped wall: no cracks, holes or bark edge',
        'sound-wood-whole-thread' => 'sound wood for its whole thread, across the grain',
        'screws-into-waste-wood' => 'screws into waste wood, none into end grain alone',
        'whole-rim-tail-centre' => 'a whole rim, and the tail centre up until the last cut',
        'rim-fits-block-tail' => 'a rim that fits its block, and the tail centre up',
        'true-round-place-wheels' => 'a true and round place for its wheels',
        'tenon-flat-shoulder-sound' => 'a tenon with a flat shoulder, of sound wood',
        'walls-about-recess-thick' => 'walls about the recess as thick as it is deep twice',
        'sound-ends' => 'sound ends',
    ],
    'holding' => [
        'mount-tenon' => 'Mount by the tenon',
        'mount-recess' => 'Mount by the recess',
        'mount-between-centres' => 'Mount between centres',
        'mount-faceplate' => 'Mount on the faceplate',
        'mount-against-jam-chuck' => 'Mount against a jam chuck',
        'in-the-chuck' => 'in the chuck',
        'between-centres' => 'between centres',
        'on-the-faceplate' => 'on the faceplate',
        'jam-chuck' => 'on the jam chuck',
        'points-free-all-round' => 'on points, free all round',
        'points-tenon-still' => 'on points, tenon still on',
        'points-bare-foot' => 'on points, on its bare foot',
        'hung-waste-end' => 'hung by a waste end',
        'points-waste-block-still' => 'on points, waste block still on',
        'points-off-jam-chuck' => 'on points, off the jam chuck',
        'first-because-all-spins' => 'First, because all that spins is easier with the tenon still on. {marked}',
        'first-because-all-spins-easier' => 'First, because all that spins is easier while the recess is clean. '
            .'{marked}',
        'first-because-all-spins-easier-waste' => 'First, because all that spins is easier with the waste ends '
            .'still on. {marked}',
        'first-because-all-spins-easier-waste-block' => 'First, because all that spins is easier with the waste '
            .'block still on. {marked}',
        'first-pressed-home-until' => 'First, and pressed home until it runs true: all that spins is done here.',
        'mark-jaw-numbers-true' => 'Mark the jaw numbers for a true re-mount.',
        'mark-block-plate-true' => 'Mark block and plate for a true re-mount.',
        'mark-one-end-true' => 'Mark one end for a true re-mount.',
        'pencil-line-across-block' => 'Pencil a line across block and work for a true re-mount.',
        'jaw-numbers-marked-padding' => 'By the jaw numbers marked on it; padding where jaws touch a finish.',
        'own-screw-holes-marks' => 'In its own screw holes, by the marks on block and plate.',
        'marked-end-drive-both' => 'The marked end to the drive, both centres in their own holes.',
        'line-across-block-work' => 'By the line across block and work, pressed home; paper between where it '
            .'touches a finish.',
        'take-off-tenon-dish' => 'Take off the tenon and dish the foot',
        'take-off-tenon' => 'Take off the tenon',
        'part-off-waste-block' => 'Part off the waste block and dish the foot',
        'part-off-waste-block-2' => 'Part off the waste block',
        'part-off-waste-ends' => 'Part off the waste ends',
        'clean-up-recess' => 'Clean up the recess',
        'clean-up-foot' => 'Clean up the foot',
        'turn-round-wide-padded' => 'Turn it round in wide padded jaws',
        'turn-round-jam-chuck' => 'Turn it round on the jam chuck',
        'turn-round-against-soft' => 'Turn it round against a soft pad',
        'last-lathe-after-every' => 'Last on the lathe, after every coat that is rubbed or buffed there.',
        'last-lathe-after-all' => 'Last on the lathe, after all that spins.',
        'dish-little-so-piece' => '{last} Dish it a little so that the piece cannot rock.',
        'finished-inside' => 'the finished inside.',
        'finished-end' => 'the finished end.',
        'soft-pad-between-drive' => 'A soft pad between the drive and {what}',
        'padding-between-jaws-finished' => 'Padding between the jaws and the finished rim.',
        'part-thin-core-stop' => 'Part to a thin core, stop the lathe and saw through; sand the ends by hand, with '
            .'the grain.',
        'inside' => 'inside.',
        'end' => 'end.',
        'part-thin-core-stop-lathe' => 'Part to a thin core, stop the lathe and saw through; a soft pad behind the '
            .'finished {what}',
        'turn-paper-keeps-finished' => 'A turn of paper keeps the finished end from marking; tail centre up with a '
            .'soft pad.',
        'reversed-against-soft-pad' => 'reversed against a soft pad, tail centre up',
        'reversed-padded-wide-jaws' => 'reversed in padded wide jaws',
        'between-centres-then-lap' => 'between centres, then in the lap with the lathe stopped',
        'reversed-jam-chuck-tail' => 'reversed on the jam chuck, tail centre up',
    ],
    'first-hold' => [
        'screw-chuck' => '{deep|0} of its screw into the middle of the face that is hollowed, where {wood|0} is cut '
            .'away: flat, sound, no bark.',
        'faceplate' => 'Four to eight thick wood screws, {deep|0} into the face that is hollowed, on a ring of '
            .'{plate|0}, where {wood|0} is cut away. Never plasterboard screws: they snap.',
    ],
    'starting-speed' => [
        'does-not-run-true' => 'it does not run true yet',
        'its-weight' => 'its weight',
    ],
    'jaw-set' => [
        'must-not-below-min' => 'it must not be below {what}_min_mm, {least}',
    ],
    'lathe' => [
        'must-not-below-slowest' => 'it must not be below the slowest, {least}',
        'number-holes-from-2' => 'a number of holes from 2 to 1000',
    ],
    'holds' => [
        'tenon' => 'tenon',
        'recess' => 'recess',
        'between-centres' => 'hold between centres',
        'faceplate' => 'faceplate',
        'jam' => 'jam chuck',
    ],
];
