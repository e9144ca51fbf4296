<?php

declare(strict_types=1);

// What the craft's words mean. `linked`: the words, between commas, that lead there from a text; none of them has
// another sense.
return [
    'groups' => [
        'wood' => 'Wood',
        'lathe' => 'On the lathe',
        'shape' => 'Cuts and shapes',
        'grits' => 'Abrasives',
        'marks' => 'Decoration',
        'colour' => 'Colour',
        'coats' => 'Finishes',
        'time' => 'Time and the plan',
    ],
    'terms' => [
        'blank' => [
            'name' => 'Blank',
            'linked' => 'blank,blanks',
            'says' => 'A piece of wood cut to go on the lathe.',
        ],
        'rough-out' => [
            'name' => 'Rough-out',
            'linked' => 'rough-out,rough-outs,once turned',
            'says' => 'A piece turned once, with thick walls, and left to dry before it is turned again.',
        ],
        'side-grain' => [
            'name' => 'Side grain',
            'linked' => 'side grain,side-grain',
            'says' => 'The fibres lie across the axis of the lathe, as in most bowls.',
        ],
        'end-grain' => [
            'name' => 'End grain',
            'linked' => 'end grain,end-grain',
            'says' => 'The fibres run along the axis and end on its face. End grain drinks more finish and '
                .'takes longer to sand.',
        ],
        'heartwood' => [
            'name' => 'Heartwood',
            'linked' => 'heartwood',
            'says' => 'The older wood in the middle of the tree, often darker and more durable.',
        ],
        'sapwood' => [
            'name' => 'Sapwood',
            'linked' => 'sapwood',
            'says' => 'The younger wood under the bark. Often lighter, and the first to decay.',
        ],
        'pith' => [
            'name' => 'Pith',
            'linked' => 'pith',
            'says' => 'The centre of the tree. Wood that holds it cracks from there as it dries.',
        ],
        'check' => [
            'name' => 'Check',
            'linked' => '',
            'says' => 'A crack along the grain, from wood that dried faster outside than within.',
        ],
        'burl' => [
            'name' => 'Burl',
            'linked' => 'burl,burls',
            'says' => 'A growth of the tree full of buds, with grain in every direction. It tears and it drinks.',
        ],
        'curl' => [
            'name' => 'Curl',
            'linked' => 'curl,curly',
            'says' => 'Grain that runs in waves. It shines in stripes and tears more easily.',
        ],
        'interlocked-grain' => [
            'name' => 'Interlocked grain',
            'linked' => 'interlocked grain,interlocked',
            'says' => 'Layers of grain that lean in turn one way and the other. One of them always tears.',
        ],
        'emc' => [
            'name' => 'EMC',
            'linked' => 'EMC,equilibrium moisture content',
            'says' => 'Equilibrium moisture content: what wood comes to in the air around it, and then keeps.',
        ],
        'moisture-content' => [
            'name' => 'Moisture content',
            'linked' => 'moisture content',
            'says' => 'The weight of water in wood as a share of the weight of the same wood bone dry.',
        ],
        'sealed-ends' => [
            'name' => 'Sealed ends',
            'linked' => 'sealed ends,end sealer',
            'says' => 'End grain painted so that wood dries slowly there, and does not check.',
        ],
        'natural-edge' => [
            'name' => 'Natural edge',
            'linked' => 'natural edge,natural edges,bark edge',
            'says' => 'A rim that keeps the outside of the tree, with its bark or without.',
        ],
        'tear-out' => [
            'name' => 'Tear-out',
            'linked' => 'tear-out,torn grain,tearing',
            'says' => 'Fibres lifted and broken below the surface, where the cut went against the grain.',
        ],
        'warp' => [
            'name' => 'Warp',
            'linked' => 'warp,warped',
            'says' => 'The change of shape in drying. A round bowl goes oval, and its rim rises and falls.',
        ],
        'spalt' => [
            'name' => 'Spalted wood',
            'linked' => 'spalted wood,spalted',
            'says' => 'Wood that fungi have begun to eat, with dark lines. It is soft in places, and its dust '
                .'needs a mask.',
        ],
        'jaw-set' => [
            'name' => 'Jaw set',
            'linked' => 'jaw set,jaw sets,jaws',
            'says' => 'The four jaws of a chuck. Each set grips a range of diameters, and holds best when '
                .'nearly closed.',
        ],
        'faceplate' => [
            'name' => 'Faceplate',
            'linked' => 'faceplate,faceplates',
            'says' => 'A steel plate screwed to the wood. The safest hold for heavy or uneven blanks.',
        ],
        'tenon' => [
            'name' => 'Tenon',
            'linked' => 'tenon,tenons',
            'says' => 'A short round stub, with a shoulder, that jaws close on.',
        ],
        'recess' => [
            'name' => 'Recess',
            'linked' => 'recess,recesses',
            'says' => 'A shallow dovetailed hollow that jaws open into.',
        ],
        'jam-chuck' => [
            'name' => 'Jam chuck',
            'linked' => 'jam chuck,jam chucks,jam',
            'says' => 'A block of waste wood turned to fit, on which the piece is pushed to turn its foot.',
        ],
        'tail-centre' => [
            'name' => 'Tail centre',
            'linked' => 'tail centre,tail centres,live centre',
            'says' => 'The point at the tail of the lathe that turns with the work and presses it on.',
        ],
        'drive-centre' => [
            'name' => 'Drive centre',
            'linked' => 'drive centre,drive centres,spur drive',
            'says' => 'The spurred or ringed end at the headstock that turns the work.',
        ],
        'between-centres' => [
            'name' => 'Between centres',
            'linked' => 'between centres',
            'says' => 'Held at both ends only, by the drive and the tail centre.',
        ],
        'mandrel' => [
            'name' => 'Mandrel',
            'linked' => 'mandrel,mandrels',
            'says' => 'A rod through a bored piece, on which it turns true to its bore.',
        ],
        'mount' => [
            'name' => 'Mount',
            'linked' => 'mount,mounts,mounted',
            'says' => 'One way a piece sits on the lathe, from when it is put on until it comes off.',
        ],
        'reversal' => [
            'name' => 'Reversal',
            'linked' => 'reversal,reversed',
            'says' => 'Turning a piece round to reach the face that was held.',
        ],
        'tool-rest' => [
            'name' => 'Tool rest',
            'linked' => 'tool rest,tool rests',
            'says' => 'The bar that a tool lies on. It stands close, and is taken away for sanding.',
        ],
        'overhang' => [
            'name' => 'Overhang',
            'linked' => 'overhang',
            'says' => 'How far a tool stands out past the rest. The further, the more it chatters and pulls.',
        ],
        'runout' => [
            'name' => 'Runout',
            'linked' => 'runout,out of true',
            'says' => 'How far work swings from true as it turns.',
        ],
        'index-plate' => [
            'name' => 'Index plate',
            'linked' => 'index plate,index plates,indexing',
            'says' => 'A plate with holes that stops the lathe at equal parts of a turn.',
        ],
        'steady' => [
            'name' => 'Steady',
            'linked' => 'steady rest',
            'says' => 'A frame with wheels that bears long or deep work in its middle.',
        ],
        'rim-speed' => [
            'name' => 'Rim speed',
            'linked' => 'rim speed',
            'says' => 'How fast the outermost wood moves. It sets the rpm that a diameter may have.',
        ],
        'truing' => [
            'name' => 'Truing',
            'linked' => 'truing,trued',
            'says' => 'The first cuts, which make a blank round and its face flat.',
        ],
        'roughing' => [
            'name' => 'Roughing',
            'linked' => 'roughing,roughed',
            'says' => 'Taking off wood fast, near to the shape but not to its line.',
        ],
        'hollowing' => [
            'name' => 'Hollowing',
            'linked' => 'hollowing,hollowed',
            'says' => 'Cutting the inside, from the rim down to the floor.',
        ],
        'shear-scrape' => [
            'name' => 'Shear scrape',
            'linked' => 'shear scrape,shear scraped,shear-scraped',
            'says' => 'A fine last cut with the edge held at a slant. It takes off whiskers, not shape.',
        ],
        'bevel' => [
            'name' => 'Bevel',
            'linked' => 'bevel,bevels',
            'says' => 'The ground face behind an edge. It rubs on the wood and steadies the cut.',
        ],
        'parting' => [
            'name' => 'Parting',
            'linked' => 'parting,parted off,part off',
            'says' => 'Cutting a piece off its waste with a narrow tool.',
        ],
        'foot' => [
            'name' => 'Foot',
            'linked' => 'foot',
            'says' => 'What a piece stands on.',
        ],
        'rim' => [
            'name' => 'Rim',
            'linked' => 'rim,rims',
            'says' => 'The edge at the mouth of a piece.',
        ],
        'wall' => [
            'name' => 'Wall',
            'linked' => 'wall,wall thickness',
            'says' => 'The wood between outside and inside, measured square to its surface.',
        ],
        'bead' => [
            'name' => 'Bead',
            'linked' => 'bead,beads',
            'says' => 'A half round that stands up from the surface.',
        ],
        'cove' => [
            'name' => 'Cove',
            'linked' => 'cove,coves',
            'says' => 'A hollow cut round a piece.',
        ],
        'shoulder' => [
            'name' => 'Shoulder',
            'linked' => 'shoulder,shoulders',
            'says' => 'The flat beside a tenon. It bears on the jaws or on the part it is glued to.',
        ],
        'node' => [
            'name' => 'Node',
            'linked' => 'node,nodes',
            'says' => 'A point that the line of a shape goes through. Drag it, or type its numbers.',
        ],
        'profile' => [
            'name' => 'Profile',
            'linked' => 'profile',
            'says' => 'The outline of a piece from its axis to its outside, of which the lathe makes the round.',
        ],
        'story-stick' => [
            'name' => 'Story stick',
            'linked' => 'story stick,story sticks',
            'says' => 'A strip with all heights of a piece, held to the lathe to mark them.',
        ],
        'band' => [
            'name' => 'Band',
            'linked' => 'band,bands',
            'says' => 'A stretch round a piece, from one height to another, that a mark fills.',
        ],
        'zone' => [
            'name' => 'Zone',
            'linked' => '',
            'says' => 'A surface that is sanded and coated as one: outside, inside, rim or foot.',
        ],
        'grit' => [
            'name' => 'Grit',
            'linked' => 'grit,grits',
            'says' => 'The size of the grains of an abrasive. The higher its number, the finer.',
        ],
        'grit-progression' => [
            'name' => 'Grit progression',
            'linked' => 'grit progression,ladder',
            'says' => 'The grits in order, each fine enough to take out the scratches of the one before.',
        ],
        'p-grade' => [
            'name' => 'P and CAMI',
            'linked' => 'P and CAMI,CAMI,P grade',
            'says' => 'Two scales of grit. Up to about P220 they nearly agree; finer, the same number means '
                .'another grain.',
        ],
        'skipped-grit' => [
            'name' => 'Skipped grit',
            'linked' => 'skipped grit,skipped grits',
            'says' => 'A step left out. The next grit then works far longer, or leaves scratches below its own.',
        ],
        'power-sanding' => [
            'name' => 'Power sanding',
            'linked' => 'power sanding,power-sanding,power sanded',
            'says' => 'Sanding with a disc that turns while the work turns: across the scratches of the lathe.',
        ],
        'slurry' => [
            'name' => 'Slurry',
            'linked' => 'slurry,slurries',
            'says' => 'Dust and wet finish rubbed into the pores, to fill them.',
        ],
        'raised-grain' => [
            'name' => 'Raised grain',
            'linked' => 'raised grain,raise the grain,raises the grain',
            'says' => 'Fibres that water has lifted. They are sanded off once, before dye or coat.',
        ],
        'ghost' => [
            'name' => 'Ghost scratches',
            'linked' => 'ghost scratches,ghosts',
            'says' => 'Scratches of a coarser grit that show only in a slanting light, or once there is finish '
                .'on them.',
        ],
        'pyrography' => [
            'name' => 'Pyrography',
            'linked' => 'pyrography,burnt with a pen',
            'says' => 'Drawing with a hot wire or pen.',
        ],
        'texturing' => [
            'name' => 'Texturing',
            'linked' => 'texturing,textured',
            'says' => 'Roughening a surface on purpose: with a wheel, a burr, a gouge or a chattering tip.',
        ],
        'scorching' => [
            'name' => 'Scorching',
            'linked' => 'scorching,scorched',
            'says' => 'Darkening a surface with a flame, away from dust and finish.',
        ],
        'piercing' => [
            'name' => 'Piercing',
            'linked' => 'piercing,pierced',
            'says' => 'Cutting right through a thin wall, with bridges of wood left between the holes.',
        ],
        'flute' => [
            'name' => 'Flutes',
            'linked' => 'flutes,flute,fluted',
            'says' => 'Long hollows cut side by side, along a piece or round it.',
        ],
        'facet' => [
            'name' => 'Facets',
            'linked' => 'facet,facets',
            'says' => 'Flat faces cut on a round. The fewer there are, the deeper they cut.',
        ],
        'stipple' => [
            'name' => 'Stipple',
            'linked' => 'stipple,stippled',
            'says' => 'Many small dots, burnt or punched close together.',
        ],
        'wire-burn' => [
            'name' => 'Wire-burnt line',
            'linked' => 'wire-burnt line,wire-burnt,burnt lines',
            'says' => 'A line burnt round a turning piece with a tight wire, held by handles.',
        ],
        'division' => [
            'name' => 'Division',
            'linked' => 'division,divisions',
            'says' => 'How many equal parts a turn is parted in, for what repeats round a piece.',
        ],
        'bridge' => [
            'name' => 'Bridge',
            'linked' => 'bridge,bridges',
            'says' => 'The wood left between two pierced holes.',
        ],
        'dye' => [
            'name' => 'Dye',
            'linked' => 'dye,dyes',
            'says' => 'Colour dissolved in water, alcohol or oil. It goes into the wood and leaves the figure clear.',
        ],
        'pigment' => [
            'name' => 'Pigment',
            'linked' => 'pigment,pigments,pigmented',
            'says' => 'Colour in grains. It lies on the wood and in its pores, and covers the figure.',
        ],
        'solvent' => [
            'name' => 'Solvent',
            'linked' => 'solvent,solvents',
            'says' => 'What a dye or finish is dissolved in. The same solvent in the next coat can wake it again.',
        ],
        'strength' => [
            'name' => 'Strength',
            'linked' => 'strength',
            'says' => 'How much dye there is in its solvent. Twice as strong is darker, but not twice as dark.',
        ],
        'sanding-back' => [
            'name' => 'Sanding back',
            'linked' => 'sanding back,sanded back,sand back',
            'says' => 'Taking dye off the high fibres and leaving it in the pores, before the next colour.',
        ],
        'ebonising' => [
            'name' => 'Ebonising',
            'linked' => 'ebonising,ebonised,ebonise',
            'says' => 'Turning wood black: by iron on its tannin, or with a black dye.',
        ],
        'liming' => [
            'name' => 'Liming',
            'linked' => 'liming,limed,liming wax',
            'says' => 'Filling open pores with a white paste, and wiping the rest off.',
        ],
        'lightfast' => [
            'name' => 'Lightfast',
            'linked' => 'lightfast,lightfastness',
            'says' => 'Keeps its colour in light. Many dyes do not.',
        ],
        'test-board' => [
            'name' => 'Test board',
            'linked' => 'test board,test boards,swatch,swatches',
            'says' => 'A board of the same wood with colours and coats tried out, side by side.',
        ],
        'lifting' => [
            'name' => 'Lifting',
            'linked' => '',
            'says' => 'A coat whose solvent loosens the colour or coat beneath, so that it smears.',
        ],
        'sealer' => [
            'name' => 'Sealer',
            'linked' => 'sealer,sealers',
            'says' => 'A thin first coat that stops the wood from drinking, and keeps apart what does not go together.',
        ],
        'grain-filler' => [
            'name' => 'Grain filler',
            'linked' => 'grain filler,filler',
            'says' => 'Paste that fills open pores, for a coat that lies level.',
        ],
        'curing-oil' => [
            'name' => 'Curing oil',
            'linked' => 'curing oil,curing oils,drying oil',
            'says' => 'Oil that goes into the wood and turns solid there, by taking up oxygen.',
        ],
        'varnish' => [
            'name' => 'Varnish',
            'linked' => 'varnish,varnishes',
            'says' => 'Resin that cures to a film over days. Each coat is scuffed so that the next one grips.',
        ],
        'lacquer' => [
            'name' => 'Lacquer',
            'linked' => 'lacquer,lacquers',
            'says' => 'A film that dries fast as its solvent leaves. Some kinds melt into the coat before; '
                .'others need its window.',
        ],
        'shellac' => [
            'name' => 'Shellac',
            'linked' => 'shellac',
            'says' => 'A resin in alcohol. It dries within the hour, and nearly everything sticks to it.',
        ],
        'shellac-cut' => [
            'name' => 'Cut of shellac',
            'linked' => 'cut of shellac,cut of the shellac,pound cut',
            'says' => 'How much shellac there is in the alcohol. A light cut seals; a heavy one builds.',
        ],
        'wax' => [
            'name' => 'Wax',
            'linked' => 'wax,waxes',
            'says' => 'A soft last coat for touch and shine. Nothing sticks on top of it.',
        ],
        'friction-polish' => [
            'name' => 'Friction polish',
            'linked' => 'friction polish,friction polishes',
            'says' => 'Shellac, wax and oil rubbed on while the lathe turns. The heat of the pad sets it.',
        ],
        'ca' => [
            'name' => 'CA',
            'linked' => 'CA,thin CA,cyanoacrylate',
            'says' => 'Cyanoacrylate: glue that sets in seconds, for cracks and as a hard finish on small work.',
        ],
        'accelerator' => [
            'name' => 'Accelerator',
            'linked' => 'accelerator,accelerators',
            'says' => 'A spray that sets CA at once. Too much of it makes the glue foam white.',
        ],
        'epoxy' => [
            'name' => 'Epoxy',
            'linked' => 'epoxy',
            'says' => 'Resin and hardener mixed by measure. It fills gaps, and cures in a day or more.',
        ],
        'hardener' => [
            'name' => 'Hardener',
            'linked' => 'hardener,hardeners',
            'says' => 'The part that makes a mix cure. From then on its pot life runs.',
        ],
        'thinner' => [
            'name' => 'Thinner',
            'linked' => 'thinned',
            'says' => 'What a finish is made to flow with. Only the one on its label.',
        ],
        'recoat-window' => [
            'name' => 'Recoat window',
            'linked' => 'recoat window,recoat windows',
            'says' => 'From when the next coat may go on until when it no longer grips without a scuff.',
        ],
        'touch-dry' => [
            'name' => 'Touch-dry',
            'linked' => 'touch-dry,touch dry',
            'says' => 'No longer sticky. It may be handled with care, but is far from cured.',
        ],
        'cure' => [
            'name' => 'Cure',
            'linked' => 'cure,cured,curing',
            'says' => 'When a finish has set right through: hard, without smell, and safe to use as its label says.',
        ],
        'pot-life' => [
            'name' => 'Pot life',
            'linked' => 'pot life,pot lives',
            'says' => 'How long a mix can be used, from when its parts meet.',
        ],
        'open-time' => [
            'name' => 'Open time',
            'linked' => 'open time',
            'says' => 'How long a coat or glue can still be worked, once it is on.',
        ],
        'wipe-off' => [
            'name' => 'Wipe-off',
            'linked' => 'wipe-off',
            'says' => 'When what the wood has not drunk is wiped away. Later, it stays sticky.',
        ],
        'scuff' => [
            'name' => 'Scuff',
            'linked' => 'scuff,scuffed,scuffing',
            'says' => 'A light rub with fine abrasive, so that the next coat has something to grip.',
        ],
        'sheen' => [
            'name' => 'Sheen',
            'linked' => 'sheen',
            'says' => 'How much a surface shines: dead flat, satin, semi-gloss or gloss.',
        ],
        'buffing' => [
            'name' => 'Buffing',
            'linked' => 'buffing,buffed,buff',
            'says' => 'Polishing a cured finish on soft wheels with fine paste, and the last with wax.',
        ],
        'food-contact' => [
            'name' => 'Food contact',
            'linked' => 'food contact,food-safe',
            'says' => 'Whether food may lie on it. It takes a finish said fit for food on its label, fully cured.',
        ],
        'shelf-life' => [
            'name' => 'Shelf life',
            'linked' => 'shelf life,shelf lives',
            'says' => 'How long a tin is good for, closed, and from when it was opened.',
        ],
        'water-test' => [
            'name' => 'Water test',
            'linked' => 'water test,water tests',
            'says' => 'A drop on the dried coat. If it beads, the surface is closed; if it soaks in, it takes more.',
        ],
        'hands-on' => [
            'name' => 'Hands-on',
            'linked' => 'hands-on,hands on,minutes of hands',
            'says' => 'Time in which you work at a piece. Drawn solid.',
        ],
        'wait' => [
            'name' => 'Wait',
            'linked' => '',
            'says' => 'Time in which a piece needs no hands: it dries, cures or settles. Drawn hatched.',
        ],
        'latest-start' => [
            'name' => 'Latest safe start',
            'linked' => 'latest safe start,latest safe starts',
            'says' => 'The last moment to begin a step and still keep its window and its date.',
        ],
        'must' => [
            'name' => 'Must of today',
            'linked' => '',
            'says' => 'A step that cannot wait until tomorrow without losing its window or a date.',
        ],
        'spare' => [
            'name' => 'Time to spare',
            'linked' => 'time to spare',
            'says' => 'How long a step or a piece can wait before it makes something late.',
        ],
        'pin' => [
            'name' => 'Pin',
            'linked' => 'pinned',
            'says' => 'A step, a day or an order that you have fixed. The plan goes round it.',
        ],
        'batch' => [
            'name' => 'Batch',
            'linked' => 'batch,batches',
            'says' => 'The same step for several pieces in one go, with one set-up.',
        ],
        'due' => [
            'name' => 'Due date',
            'linked' => 'due date',
            'says' => 'The day by which a piece has to be ready.',
        ],
        'promise' => [
            'name' => 'Promise',
            'linked' => 'promised date',
            'says' => 'The earliest date for one more piece that makes nothing else late.',
        ],
    ],
];
