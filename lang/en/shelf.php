<?php

declare(strict_types=1);

// What is on the shelf and used up: goods, tins that age, receipts.
return [
    'good' => [
        'cloth' => 'Cloths',
        'gloves' => 'Gloves, pairs',
        'cup' => 'Cups',
        'pad' => 'Pads for rubbing down',
    ],
    'ages' => [
        'shellac' => 'Mixed shellac hardens ever more slowly: if a drop on glass is not hard in an hour, mix new.',
        'polish' => 'The shellac in it hardens ever more slowly: try it on a test board first.',
        'lacquer' => 'Its solvent leaves: thin it as its label says, strain it, and try it on a test board first.',
        'varnish' => 'An opened varnish skins and its driers tire: strain it, and try it on a test board first.',
        'oil' => 'An opened oil thickens and skins: if it strings from the cloth, do not use it; test board first.',
        'wax-oil' => 'An opened tin skins and thickens: strain it, and try it on a test board first.',
        'water-borne' => 'It turns lumpy in an opened tin: strain it, and try it on a test board first.',
        'wax' => 'Its solvent has left: warm it in a water bath, away from flames, until it is soft.',
        'paste' => 'Its solvent leaves and its grit settles: stir it well before it goes on.',
        'ca' => 'Damp air thickens it: if it strings or is slow, use a new bottle.',
        'epoxy' => 'The hardener takes up damp: mix a thimbleful first and see that it sets.',
        'paint' => 'It skins and its binder turns: stir it, smell it, and try it on a test board first.',
    ],
    'lighter-than-empty' => 'it takes at least what the empty tin weighs, {empty}',
    'lighter-than-full' => 'it takes at least what is in it, {left}',
    'receipt' => [
        'such-as' => 'it takes an amount, what it is and its price, such as 25 P240 12.50; entries are parted by ;',
        'by-volume' => '{what} is taken in by mL or L',
        'by-the-piece' => '{what} is taken in by the piece, without a unit',
        'amount' => 'it takes a whole number of pieces or an amount of mL, above none, and a price up to 100 000',
        'unknown' => 'it takes the name of a grit, of a finish, or cloths, gloves, cups or pads',
        'which' => 'it takes a longer name: that could be {could|or}',
    ],
];
