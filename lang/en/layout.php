<?php

declare(strict_types=1);

// What is wrong with a division, a flute or a drawn repeat.
return [
    'svg-strokes' => [
        'takes-most-bytes' => 'it takes at most {what} bytes',
        'must-not-declare-document' => 'it must not declare a document type or entities',
        'takes-svg-drawing' => 'it takes an SVG drawing',
        'flatten-drawing-first-so' => 'flatten the drawing first, so that nothing in it is transformed',
        'takes-most-strokes-points' => 'it takes at most {what} strokes and {what2} points',
        'holds-no-line-polyline' => 'it holds no line, polyline or path to draw',
        'coordinates-must-lie-within' => 'its coordinates must lie within ten million',
    ],
    'piercing' => [
        'stands-between-two-holes' => '{bridge|2} stands between two holes, less than the {least} it takes: it '
            .'breaks out. Holes {hole} apart stand.',
    ],
    'facets' => [
        'flats-deep-their-middle' => 'The flats are {depth|2} deep in their middle and cut through the wall by '
            .'{what|2}.',
        'flats-leave-wall-their' => 'The flats leave {left|2} of the wall in their middle, less than the {least} '
            .'you allow. More of them cut less deep.',
    ],
    'flutes' => [
        'flutes-deep-cut-through' => 'The flutes are {depth} deep and cut through the wall by {what|2}.',
        'flutes-leave-wall-less' => 'The flutes leave {left|2} of the wall, less than the {leastWall} you allow.',
        'radius-neighbouring-flutes-run' => 'At radius {what} neighbouring flutes run into each other by {what2|2}.',
        'radius-stands-between-two' => 'At radius {what} {land|2} stands between two flutes, less than the '
            .'{leastLand} you allow.',
    ],
    'bead-row' => [
        'them-leave-nothing-beads' => '{count} of them leave nothing of {length} for the beads; it must be under '
            .'{length2|3}',
    ],
    'own-repeat' => [
        'stroke-two-or-more' => 'a stroke of two or more points [u, v]',
        'takes-most-points' => 'it takes at most {what} points',
    ],
    'dimples' => [
        'cm-must-no-more' => 'with {perCm} to the cm² it must be no more than {most|2}',
    ],
    'unrolled-band' => [
        'must-not-shorter-than' => 'it must not be shorter than the radii differ, {least}',
    ],
];
