<?php

declare(strict_types=1);

// What holds other words together.
return [
    'as-written' => '{text}',
    'lower' => '{what|lower}',
    'upper' => '{what|upper}',
    'at' => '{what}, {where}',
    'of' => '{whose}: {what|lower}',
    // Days and months as dates have them, by the English name.
    'calendar' => [
        'Mon' => 'Mon',
        'Tue' => 'Tue',
        'Wed' => 'Wed',
        'Thu' => 'Thu',
        'Fri' => 'Fri',
        'Sat' => 'Sat',
        'Sun' => 'Sun',
        'Jan' => 'Jan',
        'Feb' => 'Feb',
        'Mar' => 'Mar',
        'Apr' => 'Apr',
        'May' => 'May',
        'Jun' => 'Jun',
        'Jul' => 'Jul',
        'Aug' => 'Aug',
        'Sep' => 'Sep',
        'Oct' => 'Oct',
        'Nov' => 'Nov',
        'Dec' => 'Dec',
        'January' => 'January',
        'February' => 'February',
        'March' => 'March',
        'April' => 'April',
        'June' => 'June',
        'July' => 'July',
        'August' => 'August',
        'September' => 'September',
        'October' => 'October',
        'November' => 'November',
        'December' => 'December',
        'am' => 'am',
        'pm' => 'pm',
    ],
    'between' => [
        'comma' => [
            'more' => ', ',
            'last' => ', ',
        ],
        'ratio' => [
            'more' => ' : ',
            'last' => ' : ',
        ],
        'and' => [
            'more' => ', ',
            'last' => ' and ',
        ],
        'or' => [
            'more' => ', ',
            'last' => ' or ',
        ],
        'then' => [
            'more' => ', ',
            'last' => ', then ',
        ],
        'thens' => [
            'more' => ', then ',
            'last' => ', then ',
        ],
        'andthe' => [
            'more' => ' and the ',
            'last' => ' and the ',
        ],
        'sentences' => [
            'more' => ' ',
            'last' => ' ',
        ],
    ],
    'gone' => 'An earlier release said something here; the next plan says it again.',
];
