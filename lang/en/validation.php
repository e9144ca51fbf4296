<?php

declare(strict_types=1);

// Every message names the field, what was typed and what is allowed. Passwords are never repeated.
return [
    'array' => ':Attribute is not a list; look at the page again.',
    'between' => [
        'numeric' => ':Attribute is “:input”; it takes a number from :min to :max.',
        'string' => ':Attribute is “:input”; it takes :min to :max characters.',
    ],
    'confirmed' => 'The two entries of :attribute differ; type the same twice.',
    'current_password' => 'The password now is not the one on record; nothing was changed.',
    'date_format' => ':Attribute is “:input”; it takes a date such as 2026-12-25.',
    'email' => ':Attribute is “:input”; it takes an address such as nell@example.org.',
    'enum' => ':Attribute is “:input”, which is not one of the choices.',
    'file' => ':Attribute did not arrive as a file; choose it again.',
    'gte' => ['numeric' => ':Attribute is “:input”; it must not be less than :value.'],
    'gt' => ['numeric' => ':Attribute is “:input”; it must be greater than :value.'],
    'in' => ':Attribute is “:input”; it takes one of: :values.',
    'integer' => ':Attribute is “:input”; it takes a whole number.',
    'max' => [
        'numeric' => ':Attribute is “:input”; it takes a number up to :max.',
        'string' => ':Attribute is too long; it takes up to :max characters.',
    ],
    'min' => [
        'numeric' => ':Attribute is “:input”; it takes a number from :min.',
        'string' => ':Attribute is too short; it takes at least :min characters.',
    ],
    'numeric' => ':Attribute is “:input”; it takes a number.',
    'regex' => ':Attribute is “:input”; it takes a value such as #2f4f6f.',
    'required_with' => ':Attribute is empty; it goes with :values.',
    'required' => ':Attribute is empty; please fill it in.',
    'string' => ':Attribute is not text.',
    'timezone' => ':Attribute is “:input”, which is not a time zone of the list.',
    'unique' => ':Attribute “:input” is in use already.',

    'custom' => [
        'at' => ['date_format' => ':Attribute is “:input”; it takes a date and time such as 2026-12-25T14:30.'],
    ],

    'attributes' => [
        'azimuth_from' => 'turn from', 'azimuth_to' => 'turn to', 'bore_depth' => 'bore depth',
        'bore_from' => 'bored from', 'flaw_depth' => 'depth', 'flaw_from' => 'from', 'flaw_kind' => 'what',
        'flaw_on' => 'on the', 'flaw_to' => 'to', 'flaw_width' => 'width', 'joint_depth' => 'depth',
        'joint_diameter' => 'diameter', 'part_name' => 'name of the part', 'wood_name' => 'name',
        'density_kg_m3' => 'density', 'janka_n' => 'hardness', 'rgb' => 'colour',
        'tangential_shrinkage_percent' => 'shrinkage, tangential', 'radial_shrinkage_percent' => 'shrinkage, radial',
        'own.*' => 'your own way', 'stop_at.*' => 'good enough at', 'tool_mark_um.*' => 'tool marks',
        'at' => 'done at', 'body' => 'what you see or note', 'closed' => 'closed on', 'day_c' => 'temperature by day',
        'day_from' => 'day from',
        'day_rh' => 'humidity by day', 'day_to' => 'day to', 'discs' => 'discs', 'due' => 'due', 'email' => 'e-mail',
        'file' => 'the file', 'from' => 'from', 'to' => 'to',
        'label.buffable_h' => 'wheel with compound from', 'label.wax_after_h' => 'wax by hand from',
        'label.coverage_m2_per_l' => 'covers', 'label.dust_free_h' => 'dust-free',
        'label.full_cure_days' => 'fully cured',
        'label.handle_h' => 'may be handled', 'label.max_rh' => 'not above', 'label.min_c' => 'not below',
        'label.pot_life_minutes' => 'pot life',
        'label.recoat_from_h' => 'recoat from', 'label.recoat_until_h' => 'recoat until',
        'label.solids_percent' => 'solids',
        'fault_kind' => 'what happened', 'fault_on' => 'where', 'fault_from' => 'from', 'fault_to' => 'to',
        'step_title' => 'what', 'step_minutes' => 'minutes', 'step_wait' => 'then wait', 'step_mount' => 'held',
        'step_after' => 'after', 'step_before' => 'before', 'choice' => 'the choice', 'way' => 'the way',
        'remedy' => 'the remedy', 'target' => 'the other step', 'place' => 'the place',
        'min_wall_mm' => 'least wall', 'spare_chucks' => 'spare chuck bodies', 'dries_apart' => 'where coats dry',
        'moisture' => 'moisture now', 'night_c' => 'temperature by night',
        'night_rh' => 'humidity by night',
        'opened_on' => 'opened on', 'own_time_zone' => 'your time zone', 'person_email' => 'e-mail',
        'person_name' => 'name', 'person_password' => 'first password',
        'person_role' => 'may', 'reason' => 'the reason', 'sanding_cap_m_s' => 'rim speed for sanding',
        'stock_ml' => 'left', 'time_zone' => 'time zone',
        'tool_mark_um' => 'depth of the tool marks', 'wait_hours' => 'wait', 'workshop' => 'the workshop\'s name',
    ],
];
