<?php

declare(strict_types=1);

// What can hurt at a step: what to put on or do in a word or two, and what to mind.
return [
    'hazards' => [
        'lathe' => [
            'title' => 'Face shield, sleeves tight',
            'says' => 'Shield down whenever it spins, rest away while you sand, never a cloth round your hand. '
                .'Stand out of the rim\'s line when it starts; chips of a fast cut are hot.',
        ],
        'dust' => [
            'title' => 'Respirator and extraction',
            'says' => 'Fine dry dust stays in the lungs: P3, or P2 at the least where your local rule allows it, '
                .'and let the extraction run on ten minutes after.',
        ],
        'oily-wood-dust' => [
            'title' => 'Respirator and extraction',
            'says' => 'Dust of this wood sensitises or harms skin and lungs: P3, sleeves down, wash before you eat.',
        ],
        'rags' => [
            'title' => 'Oily rags burn by themselves',
            'says' => 'Spread cloths flat outside to dry, or drown them in a lidded metal can, before you leave the '
                .'shop. Then follow your local rule.',
        ],
        'flame' => [
            'title' => 'Flame and finish kept apart',
            'says' => 'Finish vapour and dust catch fire: no torch, pen, heater or spark near an open tin or a wet '
                .'coat, and no finish near a torch.',
        ],
        'torch' => [
            'title' => 'Outside, with an extinguisher',
            'says' => 'Gloves, nothing about that burns, and stay to watch the piece for an hour after.',
        ],
        'burnt-fumes' => [
            'title' => 'Fan and open window',
            'says' => 'Do not breathe the smoke, least of all of glue or coated wood.',
        ],
        'solvent-vapour' => [
            'title' => 'Ventilate, no flame',
            'says' => 'Open the shop, no pen, torch or heater glowing. Gloves as the safety data sheet says.',
        ],
        'spray-mist' => [
            'title' => 'Vapour respirator',
            'says' => 'A-type organic vapour cartridge with particle filter, eyes covered, away from any spark.',
        ],
        'two-part' => [
            'title' => 'Nitrile gloves',
            'says' => 'Uncured resin sensitises skin: gloves, no solvent on skin, measure exactly as the label says.',
        ],
        'cyanoacrylate' => [
            'title' => 'Goggles, fresh air',
            'says' => 'The vapour stings and cotton wool smokes when soaked: use paper, keep it off skin.',
        ],
        'isocyanate' => [
            'title' => 'Isocyanate: label first',
            'says' => 'The hardener can cause asthma: use it only as its label and safety data sheet allow, and '
                .'seek trained advice.',
        ],
        'dye-powder' => [
            'title' => 'Gloves and dust mask',
            'says' => 'Mix powder under a lid or in still air; it stains hands, lungs and the next piece.',
        ],
        'caustic' => [
            'title' => 'Goggles and long gloves',
            'says' => 'It attacks eyes and skin: rinse at once, never mix two of them. Neutralise and rinse the '
                .'piece as the label says.',
        ],
        'spinning-cutter' => [
            'title' => 'Both hands behind the cutter',
            'says' => 'Lathe locked and off at the switch; guard on, face shield down.',
        ],
        'nut-oil' => [
            'title' => 'Tell the buyer: nut oil',
            'says' => 'Walnut and some blends are tree-nut oils: name it on the card.',
        ],
        'food-claim' => [
            'title' => 'Check before you sell for food',
            'says' => 'Only when fully cured, and only what the product\'s own label and your local rule allow.',
        ],
        'hot-wire' => [
            'title' => 'Handles, never fingers',
            'says' => 'Hold the wire by its wooden handles so that it can be torn away; wipe the shavings off first.',
        ],
        'flawed-work' => [
            'title' => 'Slow, and out of its line',
            'says' => 'Cracked, barked or glued wood can fly apart: shield down, start at the slowest speed, stand '
                .'out of the line of the rim, and stop to look for a crack that grows.',
        ],
        'poisonous-dust' => [
            'title' => 'This wood is poisonous',
            'says' => 'Dust, chips and smoke of it are poisonous: P3 and extraction, sleeves down, nothing eaten or '
                .'drunk here, wash first; keep its waste from animals and the stove.',
        ],
        'stone-metal-dust' => [
            'title' => 'Dust of stone and metal: P3',
            'says' => 'Stone and metal powder cut lungs and eyes: P3 and goggles, wet where it can be. Fine '
                .'aluminium and bronze burn: no spark, and never in one bag with wood dust.',
        ],
        'iron-liquor' => [
            'title' => 'Acid; its jar makes hydrogen',
            'says' => 'Iron and vinegar are acid and stain for good: gloves and goggles. The jar makes hydrogen: '
                .'lid loose, outside, no flame. Never over bleach that is not neutralised.',
        ],
        'before-switch' => [
            'title' => 'Pin out, key out, turn it by hand',
            'says' => 'Index pin and spindle lock out, chuck key out, tail and banjo locked, turned round once by '
                .'hand, speed at its least, and you out of its line.',
        ],
        'jaws' => [
            'title' => 'Tighten the jaws again',
            'says' => 'Jaws bite deeper as wood gives: tighten again after five minutes and each morning; keep '
                .'knuckles from what stands out. Reverse only with the chuck\'s locking screw tight: it unwinds.',
        ],
        'vacuum' => [
            'title' => 'Watch the gauge',
            'says' => 'Read the gauge before and while it spins, tail centre up as long as it can be, slowly; a '
                .'power cut lets go: know how long your tank holds.',
        ],
        'grinder-sparks' => [
            'title' => 'Sparks away from dust and finish',
            'says' => 'Sharpen away from dust, shavings and finish: sparks set them alight. Goggles, and a wheel '
                .'that is not cracked.',
        ],
        'compressed-air' => [
            'title' => 'Goggles before the air gun',
            'says' => 'Grit comes back out of a bore at your eyes: goggles and mask, never at skin, the nozzle kept '
                .'out of the hole.',
        ],
        'saw' => [
            'title' => 'Goggles, guard down, hands out of the blade\'s line',
            'says' => 'Round wood rolls under a blade: it lies in a cradle or against wedges, its flat face down where '
                .'it has one. Guard just over the work; no gloves, no sleeve near it.',
        ],
        'chainsaw' => [
            'title' => 'Chainsaw: helmet with visor, cut-proof trousers',
            'says' => 'Only by who has learnt it, with what its maker and your local rule ask for: helmet with visor '
                .'and ears, gloves, cut-proof trousers and boots. On wood that is held, never with the tip.',
        ],
        'wet-electrics' => [
            'title' => 'Water away from lamp and switch',
            'says' => 'Lamp, plug and switch out of reach of the water, hands dried before the switch; wipe the bed '
                .'after, wet oak and iron blacken.',
        ],
    ],
];
