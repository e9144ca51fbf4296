<?php

declare(strict_types=1);

// Forms, and what is wrong with a drawing.
return [
    'uses' => [
        'yarn' => 'yarn',
        'steady-cup' => 'a steady cup',
        'grip' => 'a grip',
    ],
    'use-because' => [
        'yarn' => 'A ball of wool wants {across|0} to turn in; a wall of {wall|0} bears a slot, a foot of {foot|0} '
            .'stands against the pull. Round the rim well over, so that the thread does not fray.',
        'steady-cup' => '{across|0} across goes round a hand; a foot of {foot|0} and {high|0} of height keep it from '
            .'tipping, a wall of {wall|0} and a rim thinned to half of that drink well.',
        'grip' => '{across|0} fills a closed hand and {high|0} is as wide as one; thinner at the ferrule, {foot|0}, '
            .'where a finger lies.',
    ],
    'lint' => [
        'wall-thinnest-least-you' => 'The wall is {min} at its thinnest; {minWall} is the least you allow.',
        'floor-dishing-foot-would' => 'The floor is {floor}; dishing the foot by {footDish} would leave less than '
            .'{minWall}.',
        'outside-dips-below-foot' => 'The outside dips below the foot at r {r|1}; the piece would not stand on its '
            .'foot.',
        'foot-lowest-r-so' => 'The foot is lowest at r {r|1}, so the piece would rock; dish it.',
        'inside-wider-than-narrowest' => 'The inside is {what} wider than the narrowest place above it: sanding '
            .'needs a bent tool.',
        'inside-stops-r-bottom' => 'The inside stops at r {r|1}; its bottom is taken as flat to the centre.',
    ],
    'form' => [
    ],
    'no-room' => [
        'wall-mm-z-outside' => 'wall_mm is {wall}; at z {z|1} the outside is only {what|1} across, which leaves no '
            .'room for it there.',
    ],
    'natural-edge' => [
        'places' => 'a rim that is not level has 2 to {most} places, each an angle and how far it lies '
            .'below the highest',
        'pair' => 'a place of the rim is [angle in degrees, mm below the highest]',
        'angle' => 'an angle is 0° to under 360°, from where the grain comes out',
        'twice' => 'that angle stands there already: each is told once',
        'below' => 'a place of the rim lies 0 to {most|1} below the highest, so that wood stays over the floor inside',
        'no-highest' => 'the highest place lies nothing below the highest: one of them is 0',
        'log' => 'the log is wider than the rim, which is {rim|0} across',
        'too-low' => 'bark of that log would lie {below|0} below its highest, and {most|0} is the most that stays over '
            .'the floor inside',
    ],
    'invalid-outline' => [
        'points' => 'The outline has {count} {count?point:points}; it takes {least} to {most}, from the foot to the '
            .'rim.',
        'number' => 'The outline holds {quote}; it takes pairs of numbers, such as "120,40 131,52".',
        'odd' => 'The outline holds {count} {count?number:numbers}; every point takes two.',
        'flat' => 'The outline has no height or no width; it goes from the foot to the rim, beside its centre line.',
    ],
    'invalid-profile' => [
        'not-hollow' => 'This part is not hollow: there is no inside to draw.',
        'comes-through' => 'Cut {by|1} deeper between {from|1} and {to|1}, the inside comes through the wall or '
            .'crosses itself.',
        'no-stretch' => 'The inside comes between {low|1} and {high|1} over the foot; a stretch of it is at least a '
            .'millimetre long.',
        'takes-length-from' => '{field} ({axis}) is {quote}; it takes a length from {min|bare} to {what}.',
        'node-z-r-or' => '{field} is {quote}; a node is [z, r] or [z, r, "corner"] in mm.',
        'has-nodes-curve-takes' => '{field} has {count} nodes; a curve takes 2 to {max}.',
        'winds-so-much-takes' => '{field} winds so much that it takes more than {max} points to follow it; use '
            .'fewer nodes, or corners.',
        'stands-node-before-neighbouring' => '{field} stands on the node before it; neighbouring nodes must be at '
            .'least 0.01 mm apart.',
        'crosses-or-touches-itself' => '{field} crosses or touches itself or the other curve, or runs back on '
            .'itself, near z {z|1}, r {r|1}; move the nodes until it no longer does.',
        'passes-outside-outer-curve' => '{field} passes outside the outer curve near z {z|1}, r {r|1}; the inner '
            .'curve must stay within the wood.',
        'runs-from-z-up' => '{field} runs from z {firstZ|1} up to z {lastZ|1}; its nodes go from the rim down to '
            .'the bottom.',
        'goes-down-z-or' => '{field} goes down to z {bottomZ|1}, at or below the foot at z {footZ|1}; it must stay '
            .'above the foot.',
        'runs-from-takes-distances' => '{field} runs from {from|bare|1} to {to|1}; it takes distances from 0 to '
            .'{arc|1} (the length of the curve), the first smaller than the second.',
    ],
    'forms' => [
        'shallow-bowl' => 'Shallow bowl',
        'deep-bowl' => 'Deep bowl',
        'platter' => 'Platter',
        'lidded-box' => 'Lidded box',
        'vase' => 'Vase',
        'hollow-form' => 'Hollow form',
        'goblet' => 'Goblet',
        'spindle' => 'Spindle',
        'sphere' => 'Sphere',
        'plate' => 'Plate',
        'mill' => 'Mill',
        'scoop' => 'Scoop',
        'tool-handle' => 'Tool handle',
        'ball-and-cup' => 'Ball and cup',
        'natural-edge' => 'Natural-edge bowl',
    ],
    'bore' => [
        'outside-most-across-bore' => 'the outside is at most {what|1} across, and a bore needs {what2} of wood all '
            .'round',
        'piece-hollowed-bored-from' => 'a piece that is hollowed is bored from the foot, or right through',
        'takes-less-than-mouth' => 'it takes less than the mouth of the inside',
        'takes-less-than-wood' => 'it takes less than the {top|1} of wood there, or nothing for right through',
        'outside-only-across-height' => 'the outside is only {what|1} across at height {z|1}, and a bore needs '
            .'{what2} of wood all round',
    ],
    'face' => [
        'outside' => 'outside',
        'inside' => 'inside',
        'rim' => 'rim',
        'top' => 'top',
        'foot' => 'foot',
        'bore' => 'bore',
    ],
];
