<?php

declare(strict_types=1);

// What is written into drawings, and what is read out in their place.
return [
    'grain' => [
        'tears' => 'tears,',
        'drinks' => 'drinks,',
        'darkens' => 'darkens',
        'along' => 'grain',
        'no-end-grain' => 'no end grain',
        'round-the-wall' => 'round the wall',
        'rim-side' => 'The rim from above: two opposite quarters are end grain, which tears, drinks and darkens',
        'rim-end' => 'The rim from above: no end grain shows round the wall',
        'outside' => 'End grain on the outside: the darker, the more of it shows',
    ],
    'air-chart' => [
        'label' => 'Temperature, humidity and equilibrium moisture of {name}; the latest stand in the table.',
        'temperature' => 'Temperature',
        'humidity' => 'Humidity',
        'settles' => 'Wood settles at',
    ],
    'elevation' => [
        'foot' => 'foot {wide}',
        'wall' => 'wall {thick}',
        'at-thinnest' => 'at thinnest',
        'label' => 'Drawing of {name}: right half from outside, left half cut open',
        'thick' => 'Callipers found more wood than is drawn here, {height|1} over the foot.',
        'uneven' => 'The wall departs from even by more than a fifth here: wet, it cracks.',
    ],
    'truing-plan' => [
        'label' => '{name} from above: the oval it dries to and the largest true circle in it',
    ],
    'colour-wheel' => [
        'label' => 'Mixtures of your dyes by hue',
    ],
    'on-blank' => [
        'label' => '{name}, in the blank that it would come out of',
    ],
    'stock-strip' => [
        'label' => 'The blank from the side, with the parts laid out on it',
    ],
    'strata' => [
        'label' => 'Coats as strata, first on the wood lowest',
    ],
    'mark-strip' => [
        'side-grain' => 'side grain',
        'end-grain' => 'end grain',
        'label' => 'The band of {mark} laid flat',
        'fifth' => 'The band of {mark} laid flat, a fifth of it',
    ],
    'coat-strip' => [
        'label' => 'The coats over the time from the first: each as a line, its wait hatched, then its window',
        'after' => '{time}',
        'handled' => 'handled',
    ],
    'time-strip' => [
        'now' => 'now',
        'label' => 'The time of this piece: hands-on solid, waiting hatched',
    ],
    'template' => [
        'check' => 'This line is {long} long',
    ],
    'scratch-line' => [
        'asked' => '{um} µm asked',
        'floor' => 'not below {um}',
        'label' => 'Scratch depth over the minutes of sanding, falling to the limit',
    ],
    'drying-chart' => [
        'plateau' => 'plateau {mass}',
        'ready' => 'ready {date}',
        'today' => 'today',
        'label' => 'Weight of {name} over time; the same figures stand in the table.',
    ],
    'week-sheet' => [
        'label' => 'Every piece over the coming days; the table below says the same',
    ],
    'division-plan' => [
        'end-grain' => 'end grain',
        'label' => 'The rim from above',
        'divided' => 'The rim from above, divided into {parts} parts',
        'none' => 'not divided',
        'strip' => 'by a paper strip',
        'index' => 'index {plate}, every {nth} hole',
        'parts' => '{parts} parts',
    ],
    'stick' => [
        'label' => 'Story stick at true size',
        'line' => '{height|1} · ⌀ {across|1} · {what}',
    ],
];
