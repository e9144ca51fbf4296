<?php

declare(strict_types=1);

// What things of the workshop are called.
return [
    'instrument-fault' => [
        'nonsense' => 'says nonsense',
        'drifting' => 'drifts',
        'silent' => 'says nothing',
        'none' => 'works',
    ],
    'piece-state' => [
        'work' => 'In work',
        'finished' => 'Finished',
        'put-away' => 'Put away',
    ],
    'air' => [
        'outdoors' => 'outdoors, under a roof',
        'cellar' => 'a cellar or store',
        'cupboard' => 'a drying cupboard or room',
        'shop' => 'the shop',
    ],
    'swatch' => [
        'layer' => [
            'strength' => 'Strength',
            'sanded' => 'Sanded back',
        ],
        'tissues' => [
            'early' => 'Soft early wood',
            'late' => 'Dense late wood',
            'figure' => 'End grain or figure',
        ],
    ],
    'change' => [
        'copied' => 'copied',
        'redone' => 'redone',
        'undone' => 'undone',
        'something-mended' => 'something mended',
        'way-of-working-chosen' => 'way of working chosen',
        'own-step-removed' => 'own step removed',
        'own-step-added' => 'own step added',
        'own-order-taken-back' => 'own order taken back',
        'step-moved' => 'step moved',
        'coats' => 'coats',
        'flaw-removed' => 'flaw removed',
        'flaw-changed' => 'flaw changed',
        'fitting-removed' => 'fitting removed',
        'fitting-changed' => 'fitting changed',
        'fitting-placed' => 'fitting placed',
        'hole-removed' => 'hole removed',
        'hole-changed' => 'hole changed',
        'hole-placed' => 'hole placed',
        'blank-entered' => 'blank entered',
        'blank-removed' => 'blank removed',
        'flaw-placed' => 'flaw placed',
        'recipe-used' => 'recipe used',
        'mark-removed' => 'mark removed',
        'marks-mirrored' => 'marks mirrored',
        'marks-copied' => 'marks copied',
        'marks-moved' => 'marks moved',
        'mark-changed' => 'mark changed',
        'mark-placed' => 'mark placed',
        'sanding' => 'sanding',
        'joint' => 'joint',
        'part-taken-away' => 'part taken away',
        'part-added' => 'part added',
        'unit-drawn' => 'unit drawn',
        'shape' => 'shape',
        'particulars' => 'particulars',
        'brought-in' => 'brought in',
        'drawn' => 'drawn',
    ],
    'role' => [
        'maker' => 'maker',
        'owner' => 'owner',
    ],
];
