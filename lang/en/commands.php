<?php

declare(strict_types=1);

// What `bin/grain VERB --help` says: what each verb does and what its fields hold.
$surface = [
    'tool_mark_um' => 'depth of the marks the tool left, µm, above 0 to 5000',
    'limit_um' => 'the deepest scratch that may remain, µm, above 0 to 500',
    'floor_um' => 'the last scratch may not be finer than this, µm, or null',
    'area_mm2' => 'surface to sand, mm²',
    'speed_m_s' => 'speed of the abrasive over the wood, m/s, 0.05 to 30',
];
$sanding = [
    'pad_mm2' => 'area of the pad, mm² (1200 where not given)',
    'hardness_n' => 'Janka hardness, N, 100 to 40000',
    'max_ratio' => 'greatest fall in size from one grit to the next (1.8 where not given)',
    'change_minutes' => 'minutes to change a disc (0.5)',
    'inspect_minutes' => 'minutes to wipe and look under a raking light (0.5)',
    'removal_um_min' => 'what P120 takes off at 3 m/s from 6000 N, µm/min (500, by hand on the spinning lathe)',
    'cover_minutes_per_100cm2' => 'least minutes of each grit over 100 cm² (0.4)',
    'along_grain_minutes_per_100cm2' => 'the last grit once more along the grain, lathe stopped, over 100 cm² (0)',
    'coarse_start' => 'whether the first grain must be as large as the tool marks are deep (true)',
    'available' => 'grits with their scale: "P120", "CAMI 320"; at most 200',
];
$band = [
    'radius_top_mm' => 'of the band, 1 to 1000',
    'radius_bottom_mm' => 'of the band, 1 to 1000',
    'slant_mm' => 'from edge to edge along the wall, 0.1 to 2000, no less than the radii differ',
    'wanted_pitch_mm' => 'on the larger circle, 0.1 to 10000',
    'index_holes' => 'of the plate, 1 to 1000',
];

return [
    'verbs' => 'The verbs are: {verbs}. `bin/grain VERB --help` shows the fields of one.',
    'unknown' => 'verb is "{name}". {list}',
    'unreadable' => 'FILE is "{file}", which cannot be read; it takes a JSON file, or - for standard input.',
    'fields' => 'Fields:',
    'example' => 'Example:',
    'measure' => [
        'does' => 'Measures a profile: areas, end-grain shares, volume, mass, wall and floor.',
        'fields' => [
            'shape.outer' => 'nodes [z, r] or [z, r, "corner"], mm, from the foot up to the rim; 2 to 200',
            'shape.inner' => 'nodes from the rim down to the bottom centre, or null for a solid piece',
            'grain' => '"side" (across the lathe axis) or "end" (along it)',
            'wood' => 'a wood of the catalogue, or null',
            'moisture_percent' => 'moisture content, 0 to 200 % (12 where not given)',
            'bands' => 'strips {"id", "on": "outer"|"inner"|"rim"|"foot"|"top", "from_mm", "to_mm"}, arc length '
                .'from the first node',
            'min_wall_mm' => 'the least wall you allow, mm (3 where not given)',
        ],
    ],
    'emc' => [
        'does' => 'The equilibrium moisture content of wood in given air (Wood Handbook, ch. 4).',
        'fields' => [
            'temp_c' => 'air temperature, −20 to 90 °C',
            'rh_percent' => 'relative humidity, 0 to 100 %',
        ],
    ],
    'drying' => [
        'does' => 'How far a blank has dried by its weighings, and when it will be ready in the air given.',
        'fields' => [
            'readings' => 'up to 2000 {"at", "mass_g"} in order of time; where a meter was read beside one, also '
                .'"meter_percent", 0 to 100',
            'temp_c' => 'air temperature, −20 to 90 °C',
            'rh_percent' => 'relative humidity, 0 to 100 %',
        ],
    ],
    'truing' => [
        'does' => 'How oval a rough bowl dries, the thickest wall that is left, and the jaws that still hold it.',
        'fields' => [
            'diameter_mm' => 'as roughed, 1 to 2000',
            'wall_mm' => 'as roughed, above 0 and no more than half of the diameter',
            'tangential_shrinkage_percent' => 'green to oven dry, 0 to 30',
            'from_moisture_percent' => 'as roughed, 0 to 300; above 30 nothing shrinks yet',
            'to_moisture_percent' => 'as it will be, 0 to from_moisture_percent',
            'allowance_mm' => 'to come clean, 0 to 50 (0 where not given)',
            'tenon_mm' => 'as roughed, or null',
            'jaws' => 'up to 50 sets {"name", "tenon_min_mm", "tenon_max_mm", "recess_min_mm", "recess_max_mm"}',
        ],
    ],
    'bore' => [
        'does' => 'With what bit a hole is bored, how fast, and for how long.',
        'fields' => [
            'diameter_mm' => 'of the hole, 0.5 to 200',
            'depth_mm' => 'from the face that it starts at, 1 to 2000',
            'grain' => '"side" or "end": what the axis of the hole runs into',
            'hardness_n' => 'of the wood, dry, 100 to 50000',
            'gummy' => 'true where gum or resin heats and clogs a bit (false where not given)',
            'bits' => 'up to 100 {"kind": "brad", "twist", "gun", "forstner", "spade" or "cup", "diameter_mm", '
                .'"length_mm"}; what is sold where none is given',
            'wall' => '{"thickness_mm"}, the wood along the hole, or null; a deeper hole goes right through',
            'most_rpm' => 'what the hold and the lathe allow, 10 to 10000, or null',
        ],
    ],
    'hold' => [
        'does' => 'What holds a part at a stage, in what size, how fast it may turn so, and what it leaves.',
        'fields' => [
            'part' => 'a part as in a piece: shape, wood, grain, moisture_percent, features, marks',
            'stage' => '"outside" (its blank), "inside" (turned outside), "foot" (whole), or a face: rim, top and bore '
                .'go with the inside',
            'equipment' => '{"lathe", "jaws", "holds"} as a shop lists them; all of the table where not given',
            'dried_oval' => 'true for what dried out of round (false where not given)',
            'has_partner' => 'true for what is fitted to another part (false where not given)',
        ],
    ],
    'stock' => [
        'does' => 'Whether parts come out of one blank, where each lies on it, and what is left.',
        'fields' => [
            'blank.form' => '"round", "square" or "log" (parts one behind the other along it), "slab" or "half-log" '
                .'(side by side, turned through its thickness)',
            'blank.length_mm' => '1 to 5000',
            'blank.width_mm' => '1 to 5000; across, of what is round',
            'blank.height_mm' => 'its thickness; as its width where not given and it is no slab and no half log',
            'parts' => 'up to 50 {"id", "length_mm", "diameter_mm", "hold"} in the order they are turned; hold is '
                .'"tenon", "recess" or "none" (parted off what the jaws grip; the same where not given)',
        ],
    ],
    'cut' => [
        'does' => 'What a cut on the lathe takes, by what its minutes go into.',
        'fields' => [
            'operation' => '"rough" (to round, or down outside), "true" (a rough-out brought round again), "shape" '
                .'(the outside to its last line), "hollow" (the inside), or "rough-out" (wet, to a thick wall)',
            'volume_mm3' => 'the wood that comes off, 0 to 10^10',
            'area_mm2' => 'of the face that is left (0 where not given); counts for "shape" and "hollow"',
            'diameter_mm' => 'before the cut, 1 to 5000',
            'wall_mm' => 'what stands behind the face once it is cut, or null where it is solid',
            'grain' => '"side" or "end"',
            'hardness_n' => 'of the wood, dry, 100 to 50000',
            'wet' => 'true or false (false where not given)',
            'mouth_share' => 'the mouth over the inner width, 0.01 to 1, or null where nothing is in the way',
            'details' => 'beads, coves and shoulders, 0 to 1000 (0 where not given)',
        ],
    ],
    'grits' => [
        'does' => 'The grit progression with the least total minutes from the abrasives at hand, and the price '
            .'and faults of your own.',
        'fields' => $surface + $sanding + [
            'own' => 'your own progression in the order you use it, or null',
        ],
    ],
    'ladder' => [
        'does' => 'One ladder with the least total minutes for one to six surfaces that are sanded in one mount '
            .'and share each change of grit.',
        'fields' => ['surfaces[].id' => 'name of the surface'] + array_combine(
            array_map(fn (string $field): string => "surfaces[].$field", array_keys($surface)), $surface,
        ) + $sanding,
    ],
    'mix' => [
        'does' => 'What goes into a cup: by parts, by a shellac cut, resin and hardener within their pot life; '
            .'thinned, by thirds of oil and varnish and thinner, wax in oil, dye by strength, or between two sheens.',
        'fields' => [
            'kind' => '"parts", "shellac-cut", "two-part", "weaker-cut", "thinned", "oil-varnish", "wax-in-oil", "dye" '
                .'or "sheen"',
            'volume_ml' => 'of what goes by volume: how much to mix, mL',
            'coats' => 'in place of volume_ml: list of {"area_cm2", "coverage_m2_per_l"}; the least cup wastes 5 mL',
            'from_lb' => 'weaker-cut: the cut that there is, 0.1 to 10',
            'to_lb' => 'weaker-cut: the cut that is wanted, at most from_lb',
            'thinner_share' => 'thinned: 0 to 0.95 of the mix; half for a first coat on bare wood',
            'mass_g' => 'wax-in-oil: how much to melt, g',
            'wax_share' => 'wax-in-oil: 0 to 1 of its mass',
            'grams_per_litre' => 'dye: powder for full strength, g/L',
            'strength' => 'dye: 0.01 to 10 times full strength; 1 where it is left out',
            'sheens' => 'sheen: two of one finish, gloss units',
            'wanted' => 'sheen: between the two, gloss units',
            'temp_c' => 'two-part: of the shop; halves the pot life for each 10 K above 21',
            'times_label_mass' => 'two-part: the mass in the cup, of the mass that the label speaks of',
            'pigment_share' => 'two-part: pigment or dye, of the resin\'s mass, at most 0.03',
            'parts' => 'parts: list of {"name", "parts", "density_g_per_ml" or null}',
            'cut_lb' => 'shellac-cut: pounds of flakes to the US gallon, 0.1 to 10',
            'alcohol_ml' => 'shellac-cut: alcohol, mL',
            'ratio' => 'two-part: [resin, hardener]; oil-varnish: [oil, varnish, thinner], thirds where left out',
            'by' => 'two-part: "volume" or "mass"',
            'densities' => 'two-part: [resin, hardener], g/mL; may be left out where the ratio is by volume',
            'pot_life_minutes' => 'two-part: minutes the mix can be used',
            'use_minutes' => 'two-part: minutes you need to use it up',
        ],
    ],
    'stack' => [
        'does' => 'Judges every adjacent pair of layers and the rubbing between them, and adds up the film.',
        'fields' => [
            'wood' => 'a wood of the catalogue, or null',
            'mixes' => 'mixes of your own that layers may be: {"name", "parts": [{"product", "parts"}], "like", '
                .'and its own figures}, as in a piece',
            'layers' => 'first on the wood first, at most 40: {"product", "denib", "hours_since_previous"}',
            'layers[].product' => 'a class of finish or colour',
            'layers[].denib' => '"steel-wool", "pad", "paper" or null: how the layer below was rubbed before '
                .'this one',
            'layers[].hours_since_previous' => 'hours at reference climate since the layer below, or null',
        ],
    ],
    'cure' => [
        'does' => 'When a wait of reference hours (21 °C, 50 % RH) is over in the climate given.',
        'fields' => [
            'needs_hours' => 'reference hours, 0 to 20000',
            'q' => 'speed-up per 10 °C, 1 to 6 (2 for reactive and oxidative cure, 1.5 for loss of solvent)',
            'humidity' => '"none", "water-borne" or "moisture-curing" ("none" where not given)',
            'min_c' => 'below this temperature the wait stands still, °C, or null',
            'max_rh_percent' => 'above this humidity a warning is given, or null',
            'start' => 'when the wait begins, such as 2026-12-01T09:00:00Z',
            'climate' => 'readings {"at", "temp_c", "rh_percent"} in order of time, 1 to 20000; each holds until '
                .'the next, the last holds on',
        ],
    ],
    'schedule' => [
        'does' => 'Places every task of every piece in working hours, keeping waits and windows.',
        'fields' => [
            'start' => 'nothing is placed before this time (UTC)',
            'hours' => 'working stretches by day: {"mon":[["08:00","12:00"],["13:00","17:00"]], …, "sun":[…]}',
            'closed' => 'dates on which nothing is done, such as ["2026-12-25"]',
            'resources' => 'how many of each there are: {"turner":1,"lathe":1}',
            'pieces' => 'at most 500: {"id", "due" or null, "weight", "tasks"}',
            'pieces[].sitting' => 'ids of tasks that follow one another with no longer pause than most_gap_minutes',
            'pieces[].most_gap_minutes' => '30 where not given',
            'pieces[].through_break_minutes' => 'a break of the day that is no longer is worked through by its sitting',
            'pieces[].tasks' => 'at most 200, and 10000 in all: {"id", "minutes", "needs", "after", "holds", '
                .'"batch", "splittable", "not_before", "not_after"}',
            'pieces[].tasks[].after' => '{"task", "min_hours", "max_hours" or null}, from the end of that task '
                .'to the start of this one; "soon": true where what that one does does not last',
            'seed' => 'a whole number (1)',
            'budget_ms' => 'time to search, ms (1000), at most 60000; the first answer takes as long as it takes',
        ],
    ],
    'layout' => [
        'does' => 'Divides a straight band round a piece by an index plate, and lays it flat.',
        'fields' => $band,
    ],
    'proportions' => [
        'does' => 'Splits a height or a band by thirds, the golden section, equal parts or a ratio of your own.',
        'fields' => [
            'length_mm' => 'of the whole, 0.1 to 3000',
            'rule' => '"thirds", "golden" (the larger part at the foot), "equal" or "ratio"',
            'parts' => 'of "equal", 2 to 100 (3 where not given)',
            'ratios' => 'of "ratio", from the foot up: 2 to 100 numbers above 0',
            'shape' => 'as `measure` takes it, or null; with it each mark has its outer diameter',
        ],
    ],
    'beads' => [
        'does' => 'Equal round beads (or coves) on a length, with fillets between them.',
        'fields' => [
            'length_mm' => 'of the row, 0.1 to 3000',
            'count' => 'of beads, 1 to 500',
            'fillet_mm' => 'between two, 0 to 100 (0 where not given)',
        ],
    ],
    'flutes' => [
        'does' => 'Flutes round a straight band: width, land, wall left, length, minutes.',
        'fields' => [
            'count' => 'round the piece, 1 to 1000',
            'tool' => '{"kind":"ball","radius_mm"} (0.1 to 100) or {"kind":"v","angle_deg"} (10 to 170)',
            'cutter_radius_mm' => 'in place of tool: a ball of this radius',
            'depth_mm' => '0.01 to 50',
            'radii_mm' => 'of the band, 2 to 200 of them evenly apart from the top down, 1 to 1000 each',
            'slant_mm' => 'from edge to edge along the wall, 0.1 to 2000',
            'lead_mm' => 'of a spiral, height of one full turn, 1 to 100000; null for straight ones',
            'fade_mm' => 'at each end, 0 to half of slant_mm; the figures are those of full depth',
            'wall_mm' => '0.1 to 500',
            'min_wall_mm' => 'the least that you leave, 0 to 500 (0 where not given)',
            'min_land_mm' => 'the least that you leave, 0 to 500 (0 where not given)',
            'passes' => 'for each flute, 1 to 100 (1 where not given)',
            'feed_mm_s' => '0.01 to 1000',
        ],
    ],
    'facets' => [
        'does' => 'Flats round a turned piece: how deep they cut, how wide they are, and the wall that is left.',
        'fields' => [
            'count' => 'of flats, 3 to 1000',
            'radius_mm' => 'of the turned piece, 1 to 1000',
            'wall_mm' => '0.1 to 1000',
            'min_wall_mm' => 'the least that you leave, 0 to 1000 (0 where not given)',
        ],
    ],
    'texture' => [
        'does' => 'What a chattering tip leaves, or how many dimples a face takes.',
        'fields' => [
            'kind' => '"chatter" or "dimples"',
            'frequency_hz' => 'of the tip, 1 to 20000 (chatter)',
            'rpm' => 'of the lathe, 1 to 10000 (chatter)',
            'radius_mm' => 'where it works, 0.1 to 1000 (chatter)',
            'area_mm2' => '1 to 10000000 (dimples)',
            'per_cm2' => 'dimples, 0.01 to 1000',
            'least_mm' => 'from middle to middle, 0 to 100 (0 where not given; dimples)',
        ],
    ],
    'piercing' => [
        'does' => 'How open a pierced wall is and what stands between its holes; or how strong the tongue of a '
            .'hook is by its grain.',
        'fields' => [
            'hole_mm' => 'diameter, 0.1 to 200',
            'pitch_mm' => 'from middle to middle, above hole_mm, to 500',
            'grid' => '"hexagonal" or "square"',
            'wall_mm' => '0.1 to 500',
            'area_mm2' => '1 to 10000000',
            'min_bridge_mm' => 'the least that you leave, 0 to 500 (wall_mm where not given)',
            'tongue' => 'in place of these: {"azimuth_deg", "tilt_deg"}; azimuth 0 to 360 from where the grain '
                .'comes out, tilt −90 to 90 from the level',
            'grain' => 'of the tongue: "side" or "end"',
        ],
    ],
    'burn' => [
        'does' => 'How many mm the pen draws, and how many minutes it takes with the shading.',
        'fields' => [
            'unit' => 'a drawn repeat, as `units` lists them, or null',
            'lines_mm' => 'in place of a repeat: the length of all lines, 0 to 10000000, or null',
            'hardness_n' => 'Janka, 100 to 30000',
            'shaded_mm2' => '0 to 10000000 (0 where not given)',
            'tone' => 'of the shading, 0 to 1 (1 where not given)',
            'radius_top_mm' => 'of the band, 1 to 1000 (with a repeat)',
            'radius_bottom_mm' => 'of the band, 1 to 1000 (with a repeat)',
            'slant_mm' => 'from edge to edge along the wall, 0.1 to 2000 (with a repeat)',
            'repeats' => 'round the piece, 1 to 1000 (with a repeat)',
        ],
    ],
    'inlay' => [
        'does' => 'What fills a groove: powder, binder and how many fills.',
        'fields' => [
            'groove.length_mm' => '0.1 to 100000',
            'groove.width_mm' => '0.01 to 200',
            'groove.depth_mm' => '0.01 to 200',
            'groove.section' => '"square" or "v"',
            'binder' => '"ca" or "epoxy"',
        ],
    ],
    'template' => [
        'does' => 'A band laid flat at true size, to print and wrap round the piece: an SVG document in mm.',
        'fields' => $band + [
            'unit' => 'a drawn repeat, as `units` lists them, or null',
            'profile' => 'in place of all these, a curved band: nodes [z, r], mm; 2 to 200',
            'gores' => 'with profile, 3 to 96',
        ],
    ],
    'units' => [
        'does' => 'Lists the drawn repeats. It asks for nothing.',
        'fields' => [],
    ],
    'dye' => [
        'does' => 'The colour of a wood under layers of dye, each sanded back, and a coat; a guide, the test '
            .'board decides.',
        'fields' => [
            'wood_rgb' => 'early wood, late wood and figure, such as "#d8c29a"',
            'layers' => '0 to 20, as they come: {"rgb", "strength" 0 to 10, "uptake" three of 0 to 10, '
                .'"depth_um" three of 0.1 to 10000, "sanded_um" 0 to 10000 (0 where not given)}',
            'coat' => '"oil", "clear", "amber" or null',
            'best_contrast_of_layer' => 'which layer is sanded back for the most contrast, from 0',
            'sanded_um_range' => 'from and to, 0 to 1000 (0 to 100 where not given)',
        ],
    ],
    'scorch' => [
        'does' => 'The colour that a flame gives wood, how long it takes, and whether the wall stands it; a '
            .'guide, the test board decides.',
        'fields' => [
            'wood_rgb' => 'such as "#d8c29a"',
            'level' => '"straw", "toast", "brown", "black" or "cracked"',
            'end_grain' => 'share of end grain, 0 to 1 (0 where not given)',
            'area_mm2' => '1 to 10000000',
            'wall_mm' => '0.1 to 1000; 4 at the least, 8 for "cracked"',
        ],
    ],
    'route' => [
        'does' => 'Derives the ordered steps of a piece document and what conflicts in it.',
        'fields' => [
            '(whole document)' => 'a piece as the application exports it, version 2; see docs/formats/piece.md',
            'parts.surface.abrasives' => 'the grits at hand; P80, P120, P150, P180, P240, P320, P400, P600 where '
                .'not given',
        ],
    ],
    'mend' => [
        'does' => 'The remedies for a fault: steps, minutes, waits, what is done again; and its likely causes.',
        'fields' => [
            'piece' => 'a whole piece document, version 2',
            'done' => 'ids of the steps that have been done, in order',
            'fault.kind' => 'crack, catch, torn, scratches, sanded-through, blotch, drip, nibs, streaks, tacky, '
                .'bloom, lid-stuck, weeps, dropped, metal, knot, warped',
            'fault.part' => 'the part it is on (the body where not given)',
            'fault.on' => '"outer", "inner", "rim", "foot" or "top" ("outer" where not given)',
            'fault.from_mm, fault.to_mm' => 'along that face, mm; the whole face where not given',
        ],
    ],
];
