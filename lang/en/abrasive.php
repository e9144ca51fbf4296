<?php

declare(strict_types=1);

// What is asked of a surface, and what a ladder of grits does to it.
return [
    'lubricant' => [
        'finishing-oil' => 'with the finishing oil',
        'with-water' => 'with water',
        'oil' => 'with the finishing oil',
        'water' => 'with water',
    ],
    'progression-fault' => [
        'finer-than-tool-marks' => '{first} ({micron}) is finer than the tool marks are deep, {deepest}: it '
            .'polishes their crests and leaves the bottoms.',
        'not-finer-than-before' => '{grit} ({micron}) is not finer than {before} ({micron2}) before it: it puts '
            .'back what that one took out.',
        'from-size-falls-times' => 'From {before} to {grit} the size falls by {micron|2} times; above {maxRatio|2} '
            .'the deeper scratches of {before} stay and show under the finish.',
        'no-grit-all-leaves' => 'No grit at all leaves the tool marks of {deepest}; what comes next asks for '
            .'{limit|1} or less.',
        'leaves-scratches-what-comes' => '{last} leaves scratches of {valley|1}; what comes next asks for {limit|1} '
            .'or less.',
        'leaves-scratches-only-what' => '{last} leaves scratches of only {valley|1}; what comes next wants '
            .'{floor|1} or more to hold on to.',
        'without-ladder-still-sound' => 'Without {names} the ladder is still sound and {saved|1} shorter.',
    ],
    'method' => [
        'hand' => [
            'label' => 'by hand, folded',
            'leaves' => 'rings round the work, until the last grit along the grain',
            'how' => 'Below the middle, trailing; keep it moving, and stop when it is too hot to hold.',
        ],
        'power-disc' => [
            'label' => 'power disc against the spin',
            'leaves' => 'short crossing arcs: the least seen of the spinning ways',
            'how' => 'Disc trailing, half its face, against the spin; keep it moving.',
        ],
        'random-orbit' => [
            'label' => 'random orbit, lathe stopped',
            'leaves' => 'small swirls: they show under a film unless the last is taken along the grain',
            'how' => 'Lathe locked; flat on the wood, no pressing: it swirls when pressed.',
        ],
        'along-grain' => [
            'label' => 'by hand along the grain, lathe stopped',
            'leaves' => 'straight lines that the grain hides',
            'how' => 'Lathe stopped, straight strokes with the grain.',
        ],
        'cloth-strip' => [
            'label' => 'twisted cloth strip, lathe stopped',
            'leaves' => 'lines round the edge of a hole, softened corners',
            'how' => 'Lathe stopped, work locked: pull a twisted strip through; never a wrapped cloth on work that '
                .'spins.',
        ],
        'stick' => [
            'label' => 'paper round a stick',
            'leaves' => 'rings round the work, until the last grit along the grain',
            'how' => 'With paper round a stick: never a finger in a spinning bore.',
        ],
        'small-disc' => [
            'label' => 'small disc in a drill, lathe stopped',
            'leaves' => 'arcs with the drill: finish along the grain',
            'how' => 'Lathe stopped, a small disc in a drill: nothing is held against a broken edge that spins.',
        ],
    ],
    'progression' => [
        'tool-marks-deep-coarsest' => 'The tool marks are {deepest} deep and the coarsest grit at hand is {name} '
            .'({micron}): start coarser, or cut the surface more cleanly first.',
    ],
    'unreachable' => [
        'between-and' => 'between {finestMicron|bare|1} and {coarsestMicron|1}',
        'or-finer' => 'of {coarsestMicron|1} or finer',
        'such-as' => ', such as {suggested}',
        'no-sheet-size-made' => ' (no sheet of that size is made: {coarser}, {micron}, is the nearest, if you stop '
            .'there of your own choice)',
        'missing-grit-none-those' => 'Missing is a grit {size}{grade}: none of those at hand leaves the surface '
            .'that comes next asks for.',
        'to' => ' to {next} ({micron})',
        'grit-between' => 'a grit between {finestMicron|bare|1} and {coarsestMicron|1}',
        'more-than-one-grit' => 'more than one grit, the first of {finestMicron|1} or coarser',
        'missing-from-too-big' => 'Missing is {size}{grade}: from {reached} ({micron}){to} is too big a step, and '
            .'its deeper scratches would stay.',
    ],
    'unknown-grit' => [
        'which-different-size-each' => '{field} is "{number}", which is a different size on each scale: which one '
            .'is it? Write "P{number}" (P scale, FEPA) or "CAMI {number}" (US scale).',
        'takes-grade-such-p120' => '{field} is {quote}; it takes a grade from P12 to P2500 or from CAMI 24 to '
            .'CAMI 1200, or the name of a pad, wool, paste or compound, such as "Grey non-woven pad".',
    ],
    'medium-kind' => [
    ],
    'wiping' => [
    ],
    'scale' => [
    ],
    'tool-mark' => [
        'shear-scraped-silky-sheen' => 'shear-scraped: a silky sheen',
        'clean-bevel-cut' => 'a clean bevel cut',
        'scraped-dull-faint-rings' => 'scraped: dull, faint rings',
        'torn-end-grain-two' => 'torn end grain in two quarters',
        'chatter-spiral-one-can' => 'chatter: a spiral one can feel',
        'ridges-straight-from-roughing' => 'ridges straight from roughing',
        'shear-scraped' => 'shear-scraped: a silky sheen',
        'bevel-cut' => 'a clean bevel cut',
        'scraped' => 'scraped: dull, faint rings',
        'torn' => 'torn end grain in two quarters',
        'chatter' => 'chatter: a spiral one can feel',
        'coarse' => 'ridges straight from roughing',
    ],
    'habit' => [
        'every-rung' => [
            'label' => 'Every rung there is',
        ],
        'skip-one' => [
            'label' => 'Every other rung',
        ],
        'doubling' => [
            'label' => 'Half the size each time',
        ],
        'stop-and-oil' => [
            'label' => 'Stop early, and oil',
            'besides' => 'then oil: it hides what is finer',
        ],
        'paste' => [
            'label' => 'To a polish with paste',
            'besides' => 'then paste, which takes it to a polish; only polish or wax may follow',
        ],
        'sealer-first' => [
            'label' => 'Sealer, shear-scrape, then sand',
            'besides' => 'after thin sealer and a light shear cut',
        ],
    ],
    'asked-surface' => [
        'bare-wood-use-wants' => 'bare wood for use wants no more',
        'bare-wood-dyed' => 'bare wood is dyed',
        'paint-wants-smooth-ground' => '{because}; paint wants a smooth ground with some tooth',
        'leaf-shows-every-scratch' => '{because}; leaf shows every scratch below it',
        'dyed-ground-must-not' => '{because}; a dyed ground must not be burnished',
        'oil-soaks-hides-fine' => 'oil soaks in and hides fine scratches',
        'film-hides-what-finer' => 'a film hides what is finer',
        'polish-wax-hide-nothing' => 'polish and wax hide nothing',
        'hard-dense-wood-shows' => '{because}; hard and dense wood shows scratches that a soft one hides: an '
            .'earlier stop is your choice',
        'bare-wood-shows-every' => 'bare wood shows every scratch',
        'hard-wax-oil-needs' => 'hard-wax oil needs some tooth to hold',
        'abrasive-paste-takes-from' => 'the abrasive paste takes it on from there',
        'softwood-hides-more' => '{because}; softwood hides more',
        'open-pores-hide-more' => '{because}; open pores hide more',
        'you-stop-here' => 'you stop at {grit} here',
        'oily-wood-stops' => 'Finer than that, dense oily wood is burnished and a coat lifts off it.',
        'wet-wood-clogs-what' => 'wet wood clogs what is finer, and moves under it',
        'no-sheet-made-between' => '{because}; no sheet is made between the two, so that {sheet} is the last',
    ],
    'finish' => [
    ],
    'finishes' => [
        'oil' => 'oil that soaks in',
        'film' => 'a film',
        'polish' => 'friction polish, or wax alone',
        'use' => 'nothing: bare, for use',
    ],
    'named' => [
        'steel-wool-3' => 'Steel wool 3',
        'brown-non-woven-pad' => 'Brown non-woven pad',
        'steel-wool-2' => 'Steel wool 2',
        'steel-wool-1' => 'Steel wool 1',
        'steel-wool-0' => 'Steel wool 0',
        'green-non-woven-pad' => 'Green non-woven pad',
        'steel-wool-00' => 'Steel wool 00',
        'maroon-non-woven-pad' => 'Maroon non-woven pad',
        'steel-wool-000' => 'Steel wool 000',
        'steel-wool-0000' => 'Steel wool 0000',
        'pumice-powder-ff' => 'Pumice powder FF',
        'grey-non-woven-pad' => 'Grey non-woven pad',
        'white-non-woven-pad' => 'White non-woven pad',
        'pumice-powder-ffff' => 'Pumice powder FFFF',
        'abrasive-paste' => 'Abrasive paste',
        'tripoli-compound' => 'Tripoli compound',
        'rottenstone' => 'Rottenstone',
        'handful-of-shavings' => 'Handful of shavings',
        'white-polishing-compound' => 'White polishing compound',
        'finishing-compound' => 'Finishing compound',
    ],
    'published' => '{source} (published)',
    'media' => [
        'wool' => 'steel wool',
        'pad' => 'pad',
        'paste' => 'paste or powder',
        'compound' => 'compound on a wheel',
        'shavings' => 'burnishing',
    ],
    'scales' => [
        'FEPA' => [
            'label' => 'P scale',
            'describe' => 'P scale (FEPA 43 / ISO 6344)',
        ],
        'CAMI' => [
            'label' => 'US scale',
            'describe' => 'US scale (CAMI, ANSI B74)',
        ],
        'none' => [
            'label' => 'no scale',
            'describe' => 'by the look of its scratch (workshop)',
        ],
    ],
    'wipings' => [
        'cloth' => [
            'label' => 'a dry cloth',
            'between' => 'wipe off',
            'how' => 'A clean dry cloth, turned often.',
        ],
        'air' => [
            'label' => 'dry air',
            'between' => 'blow it off with dry air',
            'how' => 'Blow it off with dry air, then a clean dry cloth.',
        ],
        'alcohol' => [
            'label' => 'alcohol',
            'between' => 'wipe off with alcohol and let it flash',
            'how' => 'Wipe with alcohol: it lifts the dust, shows what scratches are left, flashes off.',
        ],
    ],
    'sanding-rates' => [
        'must-above-zero' => 'it must be above zero',
    ],
    'sanding-job' => [
        'must-above-zero' => 'it must be above zero',
        'must-not-above-limit' => 'it must not be above limit_um, {limit}',
    ],
];
