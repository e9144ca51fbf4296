<?php

declare(strict_types=1);

// What the scripts of the pages say.
return [
    'no-answer' => 'The shop\'s computer did not answer.',
    'nothing-saved' => 'The shop\'s computer did not answer; nothing was saved. Try again.',
    'open-too-long' => 'The page has been open too long. Reload it; what you typed is still here until you do.',
    'records-gone' => 'The workshop\'s records do not answer. What you typed is still here; look whether it stands.',
    'refused' => '{why}. Nothing was saved; what you typed is still here.',
    'unreadable' => 'The page could not be read.',
    'chosen-still-here' => 'The shop\'s computer did not answer. What you chose is still here; try again.',
    'now' => 'now',
    'in-minutes' => 'in {minutes} min',
    'in-hours' => 'in {hours} h {minutes}',
    'in-days' => 'in {days} days',
    'place-a-band' => 'Drag along the outside, the section of the inside, the rim or an end to place a band.',
    'no-step-there' => 'There is no step there that it could change places with.',
    'not-there' => 'Not there. {why}',
    'fetching' => 'Fetching the shape and its colours …',
    'no-round' => 'This browser cannot draw it in the round; here is the still drawing.',
    'no-mesh' => 'The shop\'s computer did not answer. Here is the still drawing.',
    'outer' => 'outside',
    'inner' => 'inside',
    'node' => '{curve} node {number}',
    'corner' => '{node}, corner: height {height}, radius {radius}. {keys}',
    'smooth' => '{node}, smooth: height {height}, radius {radius}. {keys}',
    'node-keys' => 'Arrow keys move it, C makes it a corner, N adds one after it, Delete removes it.',
    'two-nodes' => 'A curve needs at least two nodes.',
    'no-number' => '{field} is "{typed}"; it takes a number.',
    'no-measure' => 'The shape could not be measured.',
    'one-stroke' => '1 stroke',
    'strokes' => '{count} strokes',
    'meets-itself' => '{strokes}; it meets itself.',
    'loose' => '{strokes}; {ends} loose at a side (ringed).',
];
