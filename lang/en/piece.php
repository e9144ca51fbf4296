<?php

declare(strict_types=1);

// What a piece is made of and for, and how its owner looks after it.
return [
    'flaw' => [
        'to-along-the' => '{from|bare|0} to {to|0} along the {zone}',
    ],
    'stick' => [
        'foot' => 'the foot',
        'top' => 'the top',
        'lowest-rim' => 'the rim at its lowest',
        'corner' => 'a corner',
        'widest' => 'widest',
        'narrowest' => 'narrowest',
        'mark' => '{mark}',
        'mark-inside' => 'inside: {mark|lower}',
        'hole' => 'hole of {diameter|1}, {azimuth}',
        'bottom' => 'inside, {depth|1} deep',
        'wall' => 'the wall',
    ],
    'hole' => [
        'from-top' => 'from the top',
        'from-foot' => 'from the foot',
        'from-side' => 'across',
        'across' => '{diameter|1} across the side at {height|0}, {azimuth}, {depth}',
        'on-axis' => '{diameter|1} on the axis, {from}, {depth}',
        'through' => 'through',
        'deep' => '{depth|0} deep',
    ],
    'heat' => [
        'other-side-thin-wall' => 'on the other side of the thin wall under',
        'under' => 'under',
        'beside' => 'beside',
    ],
    'mark' => [
        'bare-sanded-wood-before' => 'On bare, sanded wood and before every colour, which it would take out.',
        'after-every-other-colour' => 'After every other colour: it lies in what pores are left open.',
        'a-colour' => 'a colour such as #2f4f6f',
    ],
    'wall-reading' => [
        'not-hollow' => 'this part is not hollow: there is no wall to measure',
        'no-wall-there' => 'there is wall between {from|1} and {to|1} over the foot',
    ],
    'sheen' => [
        'builds-no-film-without' => '{class} builds no film, and without one nothing comes to a gloss.',
        'shines-itself-rubbed-dull' => '{class} shines by itself: rubbed dull it comes back with every touch.',
    ],
    'fit' => [
    ],
    'coated-when' => [
        'before-reversing' => 'before it is turned round',
        'with-the-rest' => 'with the rest, once it is hollow',
    ],
    'coat-plan' => [
        'bare' => 'bare',
        'coats' => '{runs|thens}',
        'several' => '{count} coats of {coat|lower}',
        'zones-once' => 'it takes at least one zone, each once',
    ],
    'starts-as' => [
        'blank' => 'A blank, to be turned',
        'roughed' => 'A dry rough-out',
        'turned' => 'Turned already: only to finish',
    ],
    'purpose' => [
        'to-look-at' => 'To look at',
        'to-be-handled' => 'To be handled',
        'for-food' => 'For food',
        'for-water' => 'For water',
        'display' => 'To look at',
        'handled' => 'To be handled',
        'food' => 'For food',
        'water' => 'For water',
    ],
    'fill-with' => [
        'patch' => 'a patch of wood',
        'thin-ca' => 'thin CA',
        'powder-ca' => 'powder and CA',
        'epoxy' => 'epoxy',
    ],
    'care' => [
        'keep-out-dishwasher-microwave' => 'Keep it out of the dishwasher, the microwave oven and standing water, '
            .'and away from heaters and hot sun.',
        'not-food-or-drink' => 'Not for food or drink, whatever its finish: {wood} is poisonous.',
        'wipe-barely-damp-cloth' => 'Wipe it with a barely damp cloth and dry it at once.',
        'wipe-damp-cloth-dry' => 'Wipe it with a damp cloth and dry it; never leave it wet.',
        'wipe-damp-cloth-stands' => 'Wipe it with a damp cloth; it stands a spill, but no soak.',
        'rub-little-whenever-looks' => 'Rub in a little {name} whenever it looks dry.',
        'when-looks-dry-rub' => 'When it looks dry, rub in a little {name} and wipe every trace off.',
        'when-shine-goes-thin' => 'When the shine goes, a thin coat of {name} and a soft cloth bring it back.',
        'soft-cloth-keeps-shine' => 'A soft cloth keeps its shine; no polish with silicone.',
        'finish-made-from-nut' => 'Its finish is made from a nut: {class}. Tell whoever may be allergic.',
    ],
    'part-kind' => [
    ],
    'joint-kind' => [
        'lifts-off' => 'Lifts off',
        'glued-tenon' => 'Glued tenon',
        'plug-bore' => 'Plug in a bore',
        'slip-fit' => 'Slip fit',
        'lifts' => 'Lifts off',
        'plug' => 'Plug in a bore',
        'slip' => 'Slip fit',
        'ball' => 'Ball in a cup',
    ],
    'fitting' => [
        'ferrule' => 'ferrule',
        'insert' => 'threaded insert',
        'kit' => 'kit',
    ],
    'glue' => [
        'wood-glue' => 'wood glue',
        'epoxy' => 'epoxy',
        'ca' => 'CA',
    ],
    'face-use' => [
    ],
    'flaw-kind' => [
    ],
    'buff-with' => [
        'buff' => 'Buff {how}',
        'rub' => 'Rub it {how}',
        'how' => [
            'hand' => 'by hand with a soft cloth',
            'wheel' => 'on the wheel with compound',
            'pad' => 'dull with a grey pad',
            'steel-wool' => 'dull with 0000 steel wool and wax',
            'paste' => 'with rubbing paste on a cloth',
        ],
    ],
    'uses' => [
        'display' => 'to look at',
        'handled' => 'handled',
        'worn' => 'worn on the skin or the lips',
        'damp' => 'a little water',
        'water' => 'standing water',
        'food' => 'food or drink',
    ],
    'fits' => [
        'binds' => 'does not go in as drawn',
        'fits' => 'fits',
        'loose' => 'loose',
        'unknown' => 'not drawn to meet',
    ],
    'flaws' => [
        'crack' => 'Crack',
        'void' => 'Void',
        'knot' => 'Knot',
        'worm' => 'Worm track',
        'soft' => 'Soft patch',
        'bark-edge' => 'Bark edge',
        'torn' => 'Torn grain',
        'pith' => 'Cracked pith',
    ],
    'parts' => [
        'lid' => 'A lid',
        'plug' => 'A plug in the foot',
        'handle' => 'A side handle',
        'finial' => 'A finial',
    ],
    'sheens' => [
        'dead-flat' => 'dead flat',
        'matt' => 'matt',
        'satin' => 'satin',
        'gloss' => 'gloss',
    ],
    'wishes' => [
        'keep' => 'Keep as it is',
        'fill' => 'Fill',
        'stabilise' => 'Stabilise',
        'cut-away' => 'Cut away',
    ],
    'joint' => [
        'joint-takes-ids-two' => 'a joint takes the ids of two parts, that with the socket first',
    ],
    'id' => [
        'takes-small-letters-digits' => 'it takes small letters, digits and hyphens, and not the name of a face',
        'has-already-every-id' => '{what} has it already; every id stands once in a piece',
    ],
    'extent' => [
        'piece-takes-most-over' => 'a piece takes at most {most} {what} over all its parts',
    ],
    'whole' => [
        'joints-in-a-ring' => 'the joints go round in a ring, and nothing could be put together first',
    ],
    'part' => [
        'one-plan-a-zone' => 'each zone takes its coats from one plan only',
    ],
    'piece' => [
        'version-1' => 'version 1 was never released, and is not read; write the piece as version {version}',
        'version' => 'this release reads version {version}',
        'a-part' => 'at least one part',
        'two-ids' => 'the ids of what is first and what is later',
    ],
    'bleeds' => 'The edge at {edges|and} is open: it bleeds {least} to {most} along the grain and {across} across. A '
        .'burnt line or a groove there is a dam.',
];
