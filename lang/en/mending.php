<?php

declare(strict_types=1);

// What something that went wrong may have come from: its name, how it shows, and what to do otherwise next time.
return [
    'causes' => [
        'skipped-grit' => [
            'title' => 'A grit that was left out, or taken too briefly',
            'shows' => 'Lines as deep as the coarser grit all over the face, and all one way.',
            'instead' => 'No grit over about twice the size of the next; each until the lines of the one before are '
                .'gone.',
        ],
        'stray-grain' => [
            'title' => 'A stray grain of a coarser grit',
            'shows' => 'One deep line alone, or a few, out of step with all the others.',
            'instead' => 'Wipe or blow the face and the hands off after each grit, and keep sheets of a grit apart.',
        ],
        'sander' => [
            'title' => 'The sander',
            'shows' => 'Small curls, all of a size, where it was pressed, tilted or set down turning.',
            'instead' => 'Set it on before it turns and let its weight do the work; no faster than a hand’s width a '
                .'second.',
        ],
        'pad' => [
            'title' => 'Its pad: worn, hard or pressed on its edge',
            'shows' => 'Arcs as wide as the pad, or lines where its edge ran; edges go first.',
            'instead' => 'A soft, whole pad held flat, and fresh paper; rims and beads by hand with a light touch.',
        ],
        'block' => [
            'title' => 'A hard fold or block behind the paper',
            'shows' => 'Lines where an edge of the block or the fold of the paper ran; edges go first.',
            'instead' => 'Fresh paper over something soft; rims and beads with a light touch.',
        ],
        'rings' => [
            'title' => 'The last grit was not taken along the grain',
            'shows' => 'Fine rings round the work that show under a coat.',
            'instead' => 'Stop the lathe and take the last grit along the grain.',
        ],
        'bevel' => [
            'title' => 'A bevel that rubbed',
            'shows' => 'A shiny band or spiral, polished hard by the heel of the tool, that takes less colour or '
                .'shines through the coat.',
            'instead' => 'A light bevel and its heel ground away; sand such a band with the first grit until it is '
                .'dull.',
        ],
        'against-the-grain' => [
            'title' => 'A cut against the fibres',
            'shows' => 'Rough in two opposite quarters, where end grain comes out, and smooth between them.',
            'instead' => 'Cut downhill, lightly, at more speed and less feed; stiffen soft wood before the last cut.',
        ],
        'blunt' => [
            'title' => 'A blunt edge, or one presented wrongly',
            'shows' => 'Dust in place of shavings, a squeal, a push on the hand.',
            'instead' => 'Sharpen before the last cut; rest close, bevel touching before the edge does.',
        ],
        'overhang' => [
            'title' => 'The tool reached too far over its rest',
            'shows' => 'A row of ripples, then a dig where it dipped.',
            'instead' => 'Move the rest in, or take a heavier bar; lighter cuts the deeper it goes.',
        ],
        'end-grain' => [
            'title' => 'End grain drinks more',
            'shows' => 'Darker, or duller, in two opposite quarters.',
            'instead' => 'A thin sealer first, or the end grain a grit finer; coats until it is even.',
        ],
        'glue' => [
            'title' => 'Glue or CA on the surface',
            'shows' => 'A pale patch with a sharp edge beside a fill or a joint.',
            'instead' => 'Seal round a crack before it is filled; scrape what was smeared before any colour.',
        ],
        'late' => [
            'title' => 'Gone over once it had begun to set',
            'shows' => 'Drag marks in the direction of the cloth or brush.',
            'instead' => 'Smaller areas, a wet edge, and never back into it; wipe off within its time.',
        ],
        'thin-film' => [
            'title' => 'Rubbed harder than the film bears',
            'shows' => 'Bare on rims and edges first.',
            'instead' => 'One more coat before the rub, and edges last and lightest.',
        ],
        'dust' => [
            'title' => 'Dust in the air, in the coat or on the cloth',
            'shows' => 'Even, fine, felt with the fingertip all over.',
            'instead' => 'Damp the floor, let dust settle, strain what has skin; coat in another room or hour.',
        ],
        'too-much' => [
            'title' => 'Too much of it at once',
            'shows' => 'Thickest below, soft under a skin.',
            'instead' => 'Thin coats, looked at from the side after five minutes.',
        ],
        'cold' => [
            'title' => 'A cold or damp shop',
            'shows' => 'All of it alike, not only where it is thick.',
            'instead' => 'Warm the room or the cupboard before the coat, not after it.',
        ],
        'damp' => [
            'title' => 'Damp air',
            'shows' => 'White all over or in clouds; joints tight all round.',
            'instead' => 'Wait for a drier day, or warm the wood and the room first.',
        ],
        'oily' => [
            'title' => 'The oil of the wood',
            'shows' => 'Soft next to the wood, in patches, for days.',
            'instead' => 'Wipe oily wood down with its solvent just before a coat, or seal it with dewaxed shellac.',
        ],
        'heat' => [
            'title' => 'Heat from sanding',
            'shows' => 'Short fine checks in end grain, where the wall is thin.',
            'instead' => 'Light, moving, fresh paper; stop while it is still cool to the hand.',
        ],
        'drying' => [
            'title' => 'The wood still moves',
            'shows' => 'From the pith or the rim along the grain, wider from day to day.',
            'instead' => 'Weigh it until it stands still; even walls, ends sealed, no pith.',
        ],
        'pinhole' => [
            'title' => 'A pinhole that air came out of',
            'shows' => 'One dark damp spot outside, always at the same place.',
            'instead' => 'A thin first coat that soaks in, then the next while it is still tacky.',
        ],
    ],
    // What the piece's own plan or record says for one of them.
    'facts' => [
        'jump' => 'This face goes from {from} to {to} at one step.',
        'no-wipe' => 'No wipe is planned between two grits of this face.',
        'machine' => 'This face is sanded with a machine: {method}.',
        'spins' => 'This face is sanded while it spins.',
        'bevel-cut' => 'This face came off the tool with a bevel cut.',
        'two-quarters' => 'The grain of this face comes out in two quarters.',
        'filled' => 'Something is filled on this face.',
        'oily' => 'This wood is oily.',
        'thin' => 'The wall is thin here.',
    ],
    // Why a face can hardly have what it is said to have.
    'doubts' => [
        'no-face' => 'This part has no {face}.',
        'no-coat' => 'No coat is ticked off on the {face} yet: was it not logged, or is it another face?',
        'no-colour' => 'No colour is ticked off on the {face} yet: was it not logged, or is it another face?',
    ],
];
