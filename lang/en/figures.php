<?php

declare(strict_types=1);

// Where the figures of a page come from; constants of the catalogue are called by their names.
return [
    'ready' => 'Ready is within {drying_ready_points|bare} point of it and losing less than '
        .'{drying_ready_loss_percent_a_week} a week (workshop).',
    'stock' => 'Each part’s length with {stock_tenon_mm} for a tenon, {stock_recess_mm} for a recess or '
        .'{stock_chuck_waste_mm} for the jaws where it is parted off, {stock_cut_mm} for each cut between two, and '
        .'{turning_allowance_mm} in length and across to come clean. Parts along the grain of one wood come out of one '
        .'length next to each other, so that its grain runs on.',
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
    'marks' => 'a bead or a cove {mark_bead_minutes_per_m}, a groove or a fillet {mark_groove_minutes_per_m}; a wire '
        .'{mark_wire_seconds} to lay in and {mark_wire_held_seconds} held; a cutter led along a flute at '
        .'{mark_flute_feed_mm_per_s}, {mark_flute_passes} times, and {mark_index_seconds} at each stop of the index; a '
        .'flat {mark_flat_minutes_per_100cm2}, a spun texture {mark_spun_minutes_per_100cm2}, the wire brush '
        .'{mark_brush_minutes_per_100cm2} each time over; a hole {mark_hole_minutes}, a slot at '
        .'{mark_slot_mm_per_minute}; an inlay {mark_inlay_minutes_per_m} a fill and {mark_level_minutes} to level, a '
        .'wire bedded {mark_wire_minutes_per_cm}; a pen on wood of the reference hardness {mark_pen_mm_per_s}, '
        .'{mark_pen_lift_seconds} to lift it, strokes {mark_pen_strokes_apart_mm} apart, {mark_pen_rest_share} of '
        .'rest; a brand {mark_brand_minutes}; loose char brushed off {mark_char_back_minutes_per_100cm2}; colour '
        .'wiped on at {mark_wiped_cm2_per_minute}, brushed at {mark_brushed_cm2_per_minute}, sprayed at '
        .'{mark_sprayed_cm2_per_minute}, its edge cut in {mark_edge_minutes_per_m}, sanded back '
        .'{mark_sand_back_minutes_per_100cm2}; a leaf {mark_leaf_minutes_each}, with {mark_leaf_waste_times} times as '
        .'many as fit, and {mark_leaf_size_minutes} for the size; {mark_begin_minutes} to take a tool up and '
        .'{mark_out_minutes} to mark out each repeat',
];
