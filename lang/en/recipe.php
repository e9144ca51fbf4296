<?php

declare(strict_types=1);

return [
    'as-piece' => 'As {piece}',
    'no-part' => 'There is no {part} here: its marks are left out.',
    'no-sanding' => '{part} is sanded as before: {why}',
    'no-mark' => '{mark} is left out on {part|lower}: {why}',
    'no-face' => 'there is no {face} here.',
    'no-coats' => 'The coats of {faces|and} on {part|lower} are left out: {why}',
    'shipped' => [
        'oiled-bowl' => [
            'name' => 'Oiled salad bowl',
            'suits' => 'Three thin coats of oil-varnish, wiped off. For use, and soon renewed.',
        ],
        'waxed-platter' => [
            'name' => 'Hard-wax oiled platter',
            'suits' => 'Two coats of hard-wax oil: matt, and hard enough for a table.',
        ],
        'sprayed-box' => [
            'name' => 'Spray-lacquered box',
            'suits' => 'Sealer and three coats of lacquer, buffed. A day of coats, weeks until it is hard.',
        ],
        'varnished-vase' => [
            'name' => 'Wiped varnish',
            'suits' => 'Shellac below, three coats of wiping varnish over it. Stands damp and hands.',
        ],
        'friction-spindle' => [
            'name' => 'Friction-polished spindle',
            'suits' => 'Sealed, polished on the lathe and waxed. Ready the same day; not for water.',
        ],
        'beads-shellac' => [
            'name' => 'Beads under shellac',
            'suits' => 'Three beads a little above the middle, three coats of shellac, waxed.',
        ],
        'burnt-lines' => [
            'name' => 'Burnt lines and wax',
            'suits' => 'Two pairs of wire-burnt lines, sealed and waxed.',
        ],
        'pen-scales' => [
            'name' => 'Band of burnt scales',
            'suits' => 'A pen-burnt band between two grooves, under wiped varnish.',
        ],
        'three-dyes' => [
            'name' => 'Three dyes sanded back',
            'suits' => 'Black, red and yellow, each sanded back, under wiped varnish. For figured wood.',
        ],
        'ebonised-limed' => [
            'name' => 'Ebonised and limed',
            'suits' => 'Outside brushed, blackened and limed, under wax; inside oiled. For oak and ash.',
        ],
        'scorched-oiled' => [
            'name' => 'Scorched and oiled',
            'suits' => 'Outside burnt brown and brushed off, then two coats of oil-varnish. For thick walls.',
        ],
        'leaf-inside' => [
            'name' => 'Leaf inside, black outside',
            'suits' => 'Metal leaf in the hollow, paint outside, clear spray over all. To look at.',
        ],
    ],
];
