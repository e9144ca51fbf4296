<?php

declare(strict_types=1);

// What the pages work out within their own words.
return [
    'bench' => [
        'scuffed-first' => 'The window has closed: scuffed before the next coat from now on: {pieces|and}.',
        'colder-than' => '{read}, planned {planned}.',
        'colder' => '{coats} {coats?coat that waits there takes:coats that wait there take} up to {times|1} times as '
            .'long while it stays so.',
        'clean-done' => '{answer}: done',
        'weighs' => 'Weighs, {unit}',
        'used' => 'Used, {unit}',
        'used-on-all' => 'Used on all, {unit} (if you know)',
        'stop-of' => 'Stop: {what}',
    ],
    'cup' => [
        'temp' => 'In the cup, {unit}',
        'mist' => [
            'Mist it on from an arm’s length, once the CA lies level: too much of it whitens and foams.',
            'Never into the bottle, never onto a wet cloth: it sets at once, and grows hot.',
            'Gloves that CA does not stick to, glasses, the vapour drawn off; the label first.',
        ],
    ],
    'found' => [
        'hard' => 'hard, no smell',
        'smells' => 'dry, still smells',
        'prints' => 'takes a print of a finger',
    ],
    'help' => [
        'tabs' => [
            'help' => 'How do I …',
            'words' => 'Words',
            'help.figures' => 'Where figures come from',
            'help.new' => 'What is new',
        ],
        'foot' => [
            'help' => 'Help',
            'words' => 'Words',
            'help.figures' => 'Where figures come from',
            'help.new' => 'What is new',
        ],
        'keys' => [
            'find' => 'Find something',
            'enter' => 'Go to the next field',
            'escape' => 'Close what is open',
        ],
        'key-names' => [
            'find' => '/',
            'enter' => 'Enter',
            'escape' => 'Esc',
            'arrows' => '← ↑ → ↓',
            'c' => 'C',
            'n' => 'N',
            'delete' => 'Delete',
        ],
        'drawing-keys' => [
            'arrows' => 'Move the node',
            'c' => 'Make it a corner, or smooth again',
            'n' => 'Add a node after it',
            'delete' => 'Remove it',
        ],
    ],
    'keys' => [
        'd' => 'Done',
        's' => 'Start or stop the clock',
        'n' => 'Next piece',
        'm' => 'Mix it',
        'w' => 'Something is wrong',
        'g' => 'Scratches still show',
        'o' => 'Another time, skip, note',
        't' => 'Set a clock',
        'r' => 'Read aloud',
        'l' => 'Keep the screen on',
        'help' => 'These keys',
    ],
    'owner-card' => [
        'title' => '{piece}, for its owner',
        'photograph' => 'Photograph of {piece}',
    ],
    'climate' => [
        'rule' => 'As a rule, {unit}',
        'to' => 'To, {unit}',
    ],
    'blank-fields' => [
        'grain' => [
            'side' => 'side grain, across the lathe',
            'end' => 'end grain, along it',
        ],
        'shop' => 'the shop',
    ],
    'coat-plan' => [
        'no' => 'no',
        'buff-or-rub-end' => 'Buff or rub at the end',
        'sheen' => 'Sheen',
        'comes' => 'as it comes',
        'its-outside' => 'Its outside goes on',
        'as-the-piece' => 'as the piece has its underside',
    ],
    'done' => [
        'done' => 'Done',
    ],
    'mark-panel' => [
        'or' => ', or ',
        'will-not-do' => 'This will not do.',
        'look' => 'Look at this.',
    ],
    'mark-strip' => [
        'as' => [
            'a4' => 'PDF, A4',
            'letter' => 'PDF, Letter',
            'svg' => 'SVG',
        ],
    ],
    'marks-together' => [
        'by' => 'By, {unit}',
    ],
    'parts' => [
        'apart' => 'Apart',
        'assembled' => 'Assembled',
        'at' => [
            'top' => 'the top',
            'foot' => 'the foot',
            'side' => 'the side',
        ],
        'depth' => 'Depth, {unit}',
        'diameter' => 'Diameter, {unit}',
        'again' => 'Make {part} again, from another blank',
        'all-parts' => 'All parts',
        'parts' => 'Parts',
    ],
    'photograph' => [
        'jpeg-png-or-webp' => 'JPEG, PNG or WebP, up to {config} MB.',
    ],
    'foreseen' => [
        'waits' => 'waits {days} {days?day:days}',
        'more' => 'and {days} more {days?day:days}',
        'cost' => 'What is used up costs {sum}.',
    ],
    'swatches' => [
        'sorts' => [
            'new' => 'newest first',
            'name' => 'by name',
            'wood' => 'by wood',
            'colour' => 'nearest to the colour',
        ],
    ],
    'recipe' => [
        'mark' => '{mark}, {from} to {to} % of the {face}',
        'mark-of' => '{mark}, {of}, {from} to {to} % of the {face}',
        'as-the-piece' => 'As each piece has it',
        'no-coat' => 'no coat',
        'no-rub' => 'below: rub nothing',
        'rub' => 'below: {with}',
        'others' => 'other faces',
    ],
    'recipes' => [
        'any-finish' => 'any finish',
        'sorts' => [
            'own' => 'own first',
            'name' => 'by name',
            'new' => 'newest first',
        ],
        'own' => 'The shop’s own',
        'shipped' => 'Shipped',
        'as-on' => 'As on',
        'as-now' => 'As it is now',
        'not-in-work' => 'It is not in work: its surface can be kept as a recipe, and no other put on.',
        'begun' => 'It is decorated or coated already, so that it keeps its surface. Change what is still to come on '
            .'Marks and Coats.',
    ],
    'piece' => [
        'pages' => [
            'recipes' => 'Recipes',
            'route' => 'Route',
            'sale' => 'Sale',
            'record' => 'Record',
        ],
        'tabs' => [
            'shape' => 'Shape',
            'surface' => 'Surface',
            'marks' => 'Marks',
            'coats' => 'Coats',
        ],
        'does-not-go-together' => 'This will not work.',
        'look' => 'Look at this.',
    ],
    'place-mark' => [
        'range' => [
            'from' => 'From',
            'to' => 'To',
        ],
        'ends' => [
            'first' => 'Between',
            'second' => 'and',
        ],
    ],
    'why' => [
        'workshop' => 'Workshop model',
        'published' => 'Published figure',
        'physics' => 'Physics',
        'exact' => 'Exact',
    ],
    'wiped' => [
        'after' => 'After {grit} on the {said}',
    ],
    'errors-403' => [
        'not-yours-change' => 'This is not yours to change',
    ],
    'errors-404' => [
        'there-nothing-here' => 'There is nothing here',
    ],
    'errors-413' => [
        'what-sent-too-large' => 'What was sent is too large',
        'too-large' => 'Too large',
    ],
    'errors-419' => [
        'page-open-too-long' => 'The page was open too long',
    ],
    'errors-422' => [
        'address-not-understood' => 'That address was not understood',
        'not-understood' => 'Not understood',
    ],
    'errors-429' => [
        'too-many-tries' => 'Too many tries',
    ],
    'errors-500' => [
        'something-program-broke' => 'Something in the program broke',
    ],
    'errors-503' => [
        'workshop-records-do-not' => 'The workshop\'s records do not answer',
        'records-do-not-answer' => 'The records do not answer',
        'try-again' => 'Try again',
    ],
    'errors-photographs' => [
        'do-not-answer' => 'The photographs do not answer',
    ],
    'errors-507' => [
        'disk-full' => 'The disk is full',
    ],
    'errors-page' => [
        'bench' => 'To the Bench',
    ],
    'lab' => [
        'deep' => '{um} µm deep',
        'surface-speed' => 'Surface speed, {unit}',
        'area' => 'Area, {unit}',
        'tool' => 'the tool',
        'sheet' => 'sheet {i}',
    ],
    'mend-choose' => [
        'and-more' => 'and {count|0} more {count?step:steps}',
    ],
    'mend-what' => [
        'to' => 'To, {unit}',
        'from-empty-not-measured' => 'From, {unit} (empty: not measured)',
        'something-wrong-with' => 'Something is wrong with {piece}',
    ],
    'mixes' => [
        'what-there-most' => 'what there is most of',
    ],
    'pieces-card' => [
        'skipped' => 'skipped',
        'done' => 'done',
        'open' => 'open',
        'route-card' => '{piece}, route card',
    ],
    'pieces-coats' => [
        'usual' => 'where the others do: {air}',
        'choose-coats' => 'Choose coats',
        'other-coats' => 'Other coats',
    ],
    'placed' => [
        'remove' => 'Remove {what}',
    ],
    'pieces-stick' => [
        'title' => '{piece}: story stick',
    ],
    'pieces-mark-out' => [
        'mark-out-list' => '{piece}, mark-out list',
    ],
    'pieces-record' => [
        'weight' => 'Weight, {unit}',
    ],
    'pieces-shape' => [
        'coats' => 'coats',
        'sanding' => 'sanding',
        'redraw-wall' => 'Wall, {unit}',
        'bore' => 'Bore diameter, {unit} (empty: none)',
        'ends' => [
            'top' => 'the top',
            'foot' => 'the foot',
        ],
        'grain' => [
            'side' => 'side grain',
            'end' => 'end grain',
        ],
        'bore-depth-empty-right' => 'Bore depth, {unit} (empty: right through)',
    ],
    'pieces-turned' => [
        'turned-round' => '{piece}, turned round',
    ],
    'pieces-unit' => [
        'unit-your-own' => '{piece}, your own repeat',
    ],
    'rack-for' => [
        'sizes' => [
            'diameter' => 'Across',
            'height' => 'High',
            'foot' => 'Foot',
            'wall' => 'Wall',
        ],
    ],
    'rack-labels' => [
        'letter' => 'Letter',
    ],
    'rack-show' => [
        'a-photograph' => 'A photograph',
        'weight' => 'Weight, {unit}',
        'another-photograph' => 'Another photograph',
        'number' => 'Number {number}',
    ],
    'rack-weigh' => [
        'weight' => 'Weight, {unit}',
    ],
    'shelf' => [
    ],
    'shop' => [
        'subjects' => [
            'shop' => 'Hours',
            'climate' => 'Air',
            'workers' => 'People',
            'safety' => 'Safety',
            'equipment' => 'Lathe',
            'sheets' => 'Sheets',
            'instruments' => 'Instruments',
            'learnt' => 'Learnt',
            'you' => 'You',
        ],
        'subjects-reader' => [
            'you' => 'You',
            'account' => 'Sign-in',
        ],
        'day-2' => 'By day',
        'night-2' => 'By night',
        'least-wall' => 'Least wall, {unit}',
        'rim-speed-sanding' => 'Rim speed for sanding, {unit}',
        'night' => 'By night, {unit}',
        'day' => 'By day, {unit}',
    ],
    'tin' => [
        'typical' => 'typical: {typical}',
        'weighs' => 'Tin and all weigh now, {unit}',
        'empty' => 'The empty tin weighs, {unit}',
        'left' => 'Left, {unit}',
    ],
    'try' => [
        'nothing-yet' => 'Try something without changing the plan',
        'kinds' => [
            'open' => 'open on a day',
            'help' => 'a helper on a day',
            'away' => 'nobody here for days',
            'due' => 'a piece due on a day',
            'fewer' => 'one coat fewer',
            'by-hand' => 'rubbed up by hand',
            'weigh' => 'its lateness counts most',
            'behind' => 'a piece goes before another',
            'aside' => 'put a piece away',
        ],
    ],
    'weeks' => [
        'fix' => 'Fix',
        'let-go' => 'Let go',
        'by' => [
            'piece' => 'Pieces',
            'person' => 'People',
            'air' => 'Airs',
        ],
        'spans' => [
            '7' => 'A week',
            '14' => 'Two',
            '21' => 'Three',
            '28' => 'Four',
            '56' => 'Eight',
        ],
    ],
    'woods' => [
        'none' => 'none: they stay unknown',
        'radial' => 'Shrinkage, radial, %',
        'tangential' => 'Shrinkage, tangential, %',
    ],
    'swatches-create' => [
        'none' => 'none',
    ],
    'equipment' => [
        'fit-of' => 'What you fit {number}, {what}',
        'bought' => [
            'bought_across' => 'across',
            'bought_long' => 'long or deep',
            'bought_outer' => 'outside of the tube',
        ],
        'cutters' => [
            'ball' => 'ball',
            'v' => 'V',
        ],
    ],
    'nodes' => [
        'take-out' => 'Remove',
        'add-after' => 'Add a node after',
        'corner' => 'corner',
        'axes' => [
            'z' => 'height',
            'r' => 'radius',
        ],
    ],
];
