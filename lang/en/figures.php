<?php

declare(strict_types=1);

// Figures that rules work with, in a list of them: what each is counted by, and where a page's come from.
return [
    'units' => [
        'alone' => '{value|exact}',
        'days' => '{value|exact} days',
        'times' => '{value|exact} times',
        'records' => '{value|exact} records',
        'weighings' => '{value|exact} weighings',
        'coats' => '{value|exact} coats',
        'grains' => '{value|exact} grains',
        'drops-per-ml' => '{value|exact} drops/mL',
        'each' => '{value|exact} each',
        'a-stop' => '{value|exact} a stop',
        'a-line' => '{value|exact} a line',
        'a-leaf' => '{value|exact} a leaf',
        'a-hole' => '{value|exact} a hole',
        'a-fill' => '{value|exact} a fill',
        'a-coat' => '{value|exact} a coat',
        'a-pass' => '{value|exact} a pass',
    ],
    'ready' => 'Ready is within {drying_ready_points|bare} point of it and losing less than '
        .'{drying_ready_loss_percent_a_week} a week (workshop).',
    'coats' => 'Waits are the tin’s hours at {temp} and {rh} RH, run through this shop’s day and night air: rate '
        .'Q^((T−{temp|bare})/10), T in {degree}, Q {fast} for oil and resin, {slow} for loss of solvent; water-borne '
        .'coats slow with humidity. Straight on oily wood an oxidative coat waits {coat_oily_wood_slows} times longer. '
        .'Amounts are exact on the label’s coverage, with end grain drinking {coat_end_grain_drinks} times as much on '
        .'the first coat, plus what stays in cloth, brush or cup (up to {most}) or is lost in a spray (× '
        .'{coat_spray_loses}); wax goes by mass. Hands-on: {coat_setup_minutes} and what its way of laying takes; '
        .'rubbing {coat_denib_minutes_per_100cm2}. Film is coverage × solids of all coats so far, less {gentle} to '
        .'{hard} for each rubbing; a thin sealer’s first coat soaks in and leaves {coat_sealer_leaves} of its film. '
        .'Wax by hand wants a coat that is hard to the nail, a wheel with compound one that is hard right through.',
    'learnt' => 'The median of what your records took against the model, shrunk towards 1: (n × median + '
        .'{learning_prior_records}) ÷ (n + {learning_prior_records}), in steps of {learning_step}; a record under '
        .'{learning_least_ratio} or over {learning_most_ratio} times is taken for a slip. Records are surfaces that '
        .'were logged with their minutes, by the clock or typed, or with their discs.',
    'sanding' => 'Scratch depth {sanding_valley_per_micron} × grain size × ({reference_hardness_n|bare} ÷ '
        .'hardness)^{sanding_hardness_exponent}; removal {sanding_removal_um_min} for a grain of '
        .'{sanding_reference_grain_um} at {sanding_reference_speed_m_s} on a hardness of {reference_hardness_n}, in '
        .'proportion to size, speed and softness, under a pad of {sanding_pad_mm2} by hand, with passes that overlap '
        .'({sanding_overlap} times), and never less than {sanding_cover_minutes_per_100cm2} for each grit; the first '
        .'grain as large as the tool marks are deep; a size may fall {sanding_max_ratio} times at most from one grit '
        .'to the next; {sanding_change_minutes} to change a disc, {sanding_inspect_minutes} to look, '
        .'{sanding_along_grain_minutes_per_100cm2} along the grain at the end. A power disc cuts '
        .'{sanding_power_disc_removal} times, an orbit {sanding_orbit_removal} times, sanding along the grain '
        .'{sanding_along_grain_removal} times and wetted paper {sanding_wet_removal} times as fast. Wood tears where '
        .'more than {sanding_tear_exposure} of it is end grain, of side grain in the two quarters where it comes out.',
    'reckoned' => 'The minutes shown are those of a wood of {reference_hardness_n}.',
    'flaws' => 'a hairline drinks {repair_hairline_ca_ml_per_cm}; one fill is at most {repair_fill_depth_mm}; epoxy '
        .'from {repair_epoxy_from_ml}; a soft patch drinks {repair_soft_ca_ml_per_cm2}',
];
