<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Layout\Cutter;
use HonestGrain\Layout\Strewn;
use HonestGrain\Layout\Tooling;
use HonestGrain\Piece\BandEdges;
use HonestGrain\Piece\Part;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Step;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Techniques;
use HonestGrain\Technique\Worked;
use PHPUnit\Framework\TestCase;

/** What follows from the settings of a mark on the piece that it is made on. */
final class MarkSettingsTest extends TestCase
{
    public function test_every_setting_is_asked_for_by_a_technique_and_is_likely_where_nobody_set_it(): void
    {
        $asked = [];
        foreach (Techniques::table()->decorations() as $technique) {
            $part = self::tube([self::mark($technique->key())]);
            $settled = $part->settled()['m1'];
            foreach ($technique->settings() as $setting) {
                $asked[] = $setting;
                if (! in_array($setting, [Setting::LeadMm, Setting::BackStrokes], true)) {
                    self::assertTrue($settled->has($setting), $technique->key().' '.$setting->value);
                }
            }
            self::assertNotSame([], $technique->settings());
            $worked = $part->worked()['m1'];
            self::assertGreaterThanOrEqual(1.0, $worked->minutes);
            self::assertSame([], self::refusals($worked), $technique->key().' refuses what it found likely itself');
            $part->patterns();
        }
        self::assertSame([], array_udiff(Setting::cases(), $asked, fn ($a, $b): int => $a->value <=> $b->value));
    }

    public function test_what_is_likely_on_a_thin_wall_leaves_it_standing(): void
    {
        foreach (['beads', 'coves', 'grooves', 'burnt-line', 'flutes', 'facets', 'dimples', 'inlay'] as $key) {
            foreach ([2.0, 4.0, 9.0] as $wall) {
                $worked = self::tube([self::mark($key)], $wall)->worked()['m1'];
                self::assertSame([], self::refusals($worked), "$key on $wall mm");
                $left = self::figure($worked, 'Wall left')->value;
                self::assertGreaterThanOrEqual(min(3.0, 0.7 * $wall) - 0.02, $left, "$key on $wall mm");
            }
        }
    }

    public function test_longer_work_takes_longer(): void
    {
        foreach (['beads', 'coves', 'flutes', 'facets', 'dimples', 'spun-texture', 'wire-brush', 'piercing',
            'scorch', 'pen-pattern', 'dye', 'paint', 'leaf', 'lime', 'stain', 'bleach', 'ebonise'] as $key) {
            self::assertGreaterThan(
                self::tube([self::mark($key, to: 40)])->worked()['m1']->minutes,
                self::tube([self::mark($key, to: 90)])->worked()['m1']->minutes, $key,
            );
        }
        foreach (['burnt-line', 'grooves', 'inlay'] as $key) {
            self::assertGreaterThan(
                self::tube([self::mark($key, ['count' => 4])])->worked()['m1']->minutes,
                self::tube([self::mark($key, ['count' => 9])])->worked()['m1']->minutes, $key,
            );
        }
    }

    public function test_beads_and_coves_are_as_wide_as_the_row_leaves_and_change_the_profile(): void
    {
        $part = self::tube([self::mark('beads', ['count' => 5, 'fillet_mm' => 2, 'depth_mm' => 5.2], 10, 70)], 9.0);
        $worked = $part->worked()['m1'];
        self::assertEqualsWithDelta(10.4, self::figure($worked, 'Width of each')->value, 1e-6);
        self::assertEqualsWithDelta(3.8, self::figure($worked, 'Wall left')->value, 0.02);
        $plain = self::tube([], 9.0);
        $measure = fn (Part $one): array => $one->measure(Drawn::shape())->zones;
        // Half a circle instead of each width: the line is longer by (π/2 − 1) for every bead, the radius smaller.
        self::assertGreaterThan($measure($plain)['outside']->arcMm + 5 * 10.4 * 0.5, $measure($part)['outside']->arcMm);
        self::assertEqualsWithDelta(3.8, $part->measure(Drawn::shape())->wall?->minMm, 0.05);
        self::assertLessThan($plain->massG(), $part->massG());
        self::assertSame($measure($plain)['inside']->areaMm2, $measure($part)['inside']->areaMm2);
        $radius = fn (Part $one, float $z): float => (float) $one->turned->outer->radiusAtMm($z);
        self::assertEqualsWithDelta(50.0, $radius($part, 10 + 5.2), 0.05, 'a crown keeps the surface');
        self::assertEqualsWithDelta(44.8, $radius($part, 10 + 11.4), 0.05, 'a fillet lies at the foot of both');
        self::assertEqualsWithDelta(
            [50.0, 50.0], [$radius($part, 6.0), $radius($part, 90.0)], 0.01, 'beside it nothing',
        );
        $cove = self::tube([self::mark('coves', ['count' => 1, 'fillet_mm' => 0, 'depth_mm' => 4], 20, 40)], 9.0);
        self::assertEqualsWithDelta(46.0, $radius($cove, 30.0), 0.05);
        self::assertEqualsWithDelta(50.0, $radius($cove, 45.0), 0.01);
    }

    public function test_a_groove_that_is_wider_than_its_band_does_not_leave_it(): void
    {
        $part = self::tube([self::mark('burnt-line', ['depth_mm' => 3, 'angle_deg' => 90], 40, 42)], 9.0);
        $z = array_map(fn (Point $point): float => $point->z, $part->turned->outer->points);
        $sorted = $z;
        sort($sorted);
        self::assertSame($sorted, $z, 'the line goes up and never back');
        self::assertEqualsWithDelta(47.0, (float) $part->turned->outer->radiusAtMm(41.0), 0.01);
    }

    public function test_inside_a_notch_goes_outwards_into_the_wood(): void
    {
        $part = self::tube([self::mark('grooves', [
            'section' => 'square', 'width_mm' => 4, 'depth_mm' => 2, 'count' => 1,
        ], 30, 50, 'inner')], 9.0);
        self::assertEqualsWithDelta(43.0, (float) $part->turned->inner?->radiusAtMm(80.0), 0.01);
        self::assertEqualsWithDelta(41.0, (float) $part->turned->inner?->radiusAtMm(75.0), 0.01);
    }

    public function test_what_goes_through_the_wall_is_refused_and_not_turned(): void
    {
        $deep = self::tube([self::mark('grooves', ['section' => 'v', 'width_mm' => 4, 'depth_mm' => 9.5])], 9.0);
        self::assertStringContainsString('cut through the wall', self::refusals($deep->worked()['m1'])[0]);
        self::assertSame($deep->profile, $deep->turned);
        $thin = self::tube([self::mark('grooves', ['section' => 'v', 'width_mm' => 4, 'depth_mm' => 7])], 9.0);
        self::assertSame([], self::refusals($thin->worked()['m1']));
        self::assertCount(1, $thin->worked()['m1']->findings);
    }

    public function test_flutes_on_a_cone_tell_their_land_at_every_height_and_where_they_fade(): void
    {
        $set = [
            'count' => 24, 'tool' => 'ball', 'radius_mm' => 6, 'depth_mm' => 2, 'passes' => 2, 'feed_mm_s' => 10,
            'start_deg' => 0,
        ];
        $cone = self::cone([self::mark('flutes', $set, 0, 60)]);
        $land = self::figure($cone->worked()['m1'], 'Land left')->byHeight;
        self::assertEqualsWithDelta(2 * M_PI * 80 / 24 - 8.944, $land[0][1], 0.01);
        self::assertEqualsWithDelta(2 * M_PI * 100 / 24 - 8.944, $land[16][1], 0.01);
        // Cut and indexed; then taken up, marked out, and smoothed with cord.
        self::assertEqualsWithDelta(
            24 * 2 * 60 / 10 / 60 + 24 * 12 / 60 + 2 + 24 * 0.25 + 24 * 0.06 * 1.5,
            $cone->worked()['m1']->minutes, 0.02,
        );
        $fading = self::cone([self::mark('flutes', ['fade_mm' => 15] + $set, 0, 60)])->worked()['m1'];
        $land = self::figure($fading, 'Land left')->byHeight;
        self::assertEqualsWithDelta(2 * M_PI * 80 / 24, $land[0][1], 0.01, 'at its end it has run out');
        self::assertEqualsWithDelta(2 * M_PI * 90 / 24 - 8.944, $land[8][1], 0.01);
        $many = self::cone([self::mark('flutes', ['count' => 72] + $set, 0, 60)])->worked()['m1'];
        self::assertStringContainsString('run into each other', self::refusals($many)[0]);
        $spiral = self::cone([self::mark('flutes', ['lead_mm' => 200] + $set, 0, 60)])->worked()['m1'];
        self::assertEqualsWithDelta(
            rad2deg(atan(2 * M_PI * 80 / 200)), self::figure($spiral, 'Off the axis')->byHeight[0][1], 0.01,
        );
        self::assertGreaterThan(60 * 2.7, self::figure($spiral, 'Flute long')->value);
    }

    public function test_a_turn_is_divided_by_a_plate_of_the_shop_or_by_a_strip(): void
    {
        $marks = [self::mark('flutes', ['count' => 16, 'depth_mm' => 1])];
        $with = fn (int ...$plates): Worked => self::tube(
            $marks, 9.0, new Tooling(array_values($plates)),
        )->worked()['m1'];
        self::assertSame([48, 16, [1, 4, 7]], [
            $with(36, 48)->plate, count($with(36, 48)->holes), array_slice($with(36, 48)->holes, 0, 3),
        ]);
        $none = $with(36, 60);
        self::assertNull($none->plate);
        self::assertSame(
            ['Take 15 parts', 'Take 18 parts'], array_slice(Told::each($none->findings[0]->choices), 0, 2),
        );
        self::assertStringContainsString('marked every 19.63 mm', Told::of($with()->says[1]));
        self::assertSame([], $with()->findings, 'a shop that named no plate is not told that it has none');
    }

    public function test_a_cutter_that_is_not_in_the_drawer_is_told_of(): void
    {
        $ball = Cutter::read(Document::of(['name' => 'Round one', 'kind' => 'ball', 'radius_mm' => 4]));
        $worked = fn (float $radius): Worked => self::tube(
            [self::mark('flutes', ['radius_mm' => $radius, 'depth_mm' => 1])], 9.0, new Tooling([], [$ball]),
        )->worked()['m1'];
        self::assertStringContainsString('(Round one)', Told::of($worked(4.0)->says[0]));
        self::assertStringContainsString('None of your cutters', Told::of($worked(5.0)->findings[0]->message));
    }

    public function test_a_hook_across_the_grain_is_refused_and_told_where_it_may_go(): void
    {
        $at = fn (float $azimuth): Worked => self::tube([self::mark('piercing', [
            'opening' => 'hook', 'start_deg' => $azimuth, 'tilt_deg' => 0,
        ])], 5.0, grain: GrainDirection::Side)->worked()['m1'];
        self::assertSame([], self::refusals($at(90)));
        self::assertEqualsWithDelta(1.0, self::figure($at(90), 'Strength left')->value, 1e-6);
        self::assertStringContainsString('it snaps', self::refusals($at(0))[0]);
        self::assertStringContainsString('between 69° and 111°', Told::of($at(0)->findings[0]->choices[0]));
    }

    public function test_a_hook_is_drawn_with_its_mouth_at_the_rim_and_its_tongue_at_its_tilt(): void
    {
        $line = fn (float $tilt): array => self::tube([self::mark('piercing', [
            'opening' => 'hook', 'start_deg' => 90, 'tilt_deg' => $tilt,
        ], 60, 100)], 5.0, grain: GrainDirection::Side)->patterns()['m1']->lines[0][0];
        [$mouth, $turned, $end, $tip] = $line(0.0);
        self::assertEqualsWithDelta(40.0, $mouth[1], 0.01, 'at the upper edge of its band');
        self::assertSame($mouth[0], $turned[0], 'straight down');
        self::assertEqualsWithDelta(20.0, $turned[1], 0.01);
        self::assertEqualsWithDelta($turned[1], $end[1], 1e-9, 'level');
        self::assertGreaterThan($end[1], $tip[1], 'and back up');
        [, $turned, $end] = $line(30.0);
        $run = 0.6 * 40;
        self::assertEqualsWithDelta($run * 0.5, $end[1] - $turned[1], 0.01, 'half its length up at 30 degrees');
        self::assertEqualsWithDelta($run * cos(M_PI / 6) / (100 * M_PI), $end[0] - $turned[0], 1e-4);
        self::assertLessThan($turned[1], $line(-20.0)[2][1], 'or down');
    }

    public function test_a_wet_edge_that_dries_before_the_hand_is_round_is_said_with_what_would_do(): void
    {
        // 337 cm² at 0.7 min: a band 107.3 mm high round 50 mm.
        $band = fn (array $set, string $product = 'Concentrate in alcohol'): Worked => self::tube([
            self::mark('dye', ['product' => $product] + $set, 5, 112.27),
        ])->worked()['m1'];
        $refused = $band([])->findings;
        self::assertFalse($refused[0]->isRefused, 'a line, and no more than that');
        self::assertStringContainsString('337 cm²', Told::of($refused[0]->message));
        self::assertSame(
            [
                'Two pairs of hands', 'Spray it', 'A dye in water, which stays open for longer',
                'Bands of at most 210 cm²',
            ], Told::each($refused[0]->choices),
        );
        self::assertSame([], $band(['way' => 'sprayed'])->findings);
        self::assertSame([], $band([], 'Water dye (powder)')->findings);
        self::assertSame([], $band(['hands' => 2])->findings);
        self::assertSame([], $band(['sand_back' => true])->findings, 'the line goes with what is sanded back');
        self::assertNotContains('Two pairs of hands', Told::each($band(['way' => 'brushed'])->findings[0]->choices));
    }

    public function test_water_is_no_way_out_for_a_colour_that_is_in_water_already(): void
    {
        $choices = fn (string $product): array => self::part(Profile::of(
            Curve::fromArray([[0, 300, 'corner'], [120, 300, 'corner']], 'outer'),
            Curve::fromArray([[120, 280, 'corner'], [20, 280, 'corner'], [20, 0]], 'inner'),
        ), [
            self::mark('dye', ['product' => $product, 'way' => 'brushed'], 5, 115),
        ], new Tooling, GrainDirection::End)->worked()['m1']->findings[0]->choices;
        self::assertContains(
            'A dye in water, which stays open for longer', Told::each($choices('Alcohol dye (powder)')),
        );
        self::assertNotContains(
            'A dye in water, which stays open for longer', Told::each($choices('Water dye (powder)')),
        );
    }

    public function test_a_scorch_asks_for_the_wall_of_its_band_and_level(): void
    {
        $found = fn (string $level, float $wall): int => count(
            self::tube([self::mark('scorch', ['level' => $level])], $wall)->worked()['m1']->findings,
        );
        self::assertSame([1, 0, 1, 0], [
            $found('toast', 3.9), $found('toast', 4.1), $found('cracked', 7.9), $found('cracked', 8.1),
        ]);
    }

    public function test_a_repeat_of_ones_own_is_as_long_as_its_strokes_and_must_meet_itself(): void
    {
        $part = fn (array $strokes): Part => self::tube([self::mark('pen-pattern', [
            'count' => 10, 'strokes' => $strokes,
        ], 0, 20)]);
        $level = $part([[[0, 0.5], [1, 0.5]]])->worked()['m1'];
        self::assertEqualsWithDelta(2 * M_PI * 50 / 1000, self::figure($level, 'Strokes')->value, 1e-6);
        self::assertSame([], $level->findings);
        $loose = $part([[[0, 0.5], [1, 0.7]]])->worked()['m1'];
        self::assertStringContainsString('will not meet itself', Told::of($loose->findings[0]->message));
        $fine = array_map(fn (int $i): array => [$i / 2000, 0.5], range(0, 2000));
        self::assertSame([], self::refusals($part([$fine])->worked()['m1']));
        $many = self::tube([self::mark('pen-pattern', ['count' => 60, 'strokes' => [$fine]])]);
        self::assertStringContainsString('more than can be drawn', self::refusals($many->worked()['m1'])[0]);
        self::assertSame([], $many->patterns()['m1']->lines);
        $this->expectException(InvalidField::class);
        $this->expectExceptionMessage('settings.strokes.0.1');
        $part([[[0, 0.5], [1.2, 0.7]]]);
    }

    public function test_leaves_powder_and_wire_are_counted(): void
    {
        $leaf = self::tube([self::mark('leaf', ['leaf_mm' => 80, 'overlap_mm' => 3], 0, 90)])->worked()['m1'];
        self::assertSame(ceil(1.1 * 2 * M_PI * 50 * 90 / 77 ** 2), self::figure($leaf, 'Leaves')->value);
        $inlay = self::tube([self::mark('inlay', [
            'width_mm' => 3, 'depth_mm' => 4, 'section' => 'square', 'filling' => 'powder',
        ])], 9.0)->worked()['m1'];
        self::assertEqualsWithDelta(3 * 4 * 2 * M_PI * 50 / 1000, self::figure($inlay, 'To fill')->value, 1e-6);
        self::assertEqualsWithDelta(0.6 * 3 * 4 * 2 * M_PI * 50 / 1000, self::figure($inlay, 'Powder')->value, 1e-6);
        self::assertSame(2.0, self::figure($inlay, 'Fills')->value);
    }

    public function test_holes_are_counted_as_they_lie_and_their_bridge_told_where_the_band_is_narrow(): void
    {
        $holes = ['opening' => 'holes', 'size_mm' => 4, 'pitch_mm' => 12, 'grid' => 'square'];
        $tube = self::tube([self::mark('piercing', $holes, 20, 60)], 5.0);
        // 314 mm round at 12 is 26 to a row; rows at 2 to 38 mm, 12 apart, are four.
        self::assertSame(4.0 * 26, self::figure($tube->worked()['m1'], 'Holes')->value);
        self::assertCount(104, $tube->patterns()['m1']->dots);
        self::assertSame([], $tube->worked()['m1']->findings);
        $cone = self::cone([self::mark('piercing', ['pitch_mm' => 8] + $holes, 0, 60)])->worked()['m1'];
        $bridge = self::figure($cone, 'Bridge')->byHeight;
        $around = floor(2 * M_PI * 90 / 8);
        self::assertEqualsWithDelta(2 * M_PI * 80 / $around - 4, $bridge[0][1], 0.01);
        self::assertEqualsWithDelta(4.0, $bridge[16][1], 0.01, 'never more than from row to row');
        $close = self::tube([self::mark('piercing', ['pitch_mm' => 4] + $holes)], 5.0)->worked()['m1'];
        self::assertTrue($close->findings[0]->isRefused);
        $near = self::tube([self::mark('piercing', ['pitch_mm' => 7] + $holes)], 5.0)->worked()['m1'];
        self::assertFalse($near->findings[0]->isRefused);
    }

    public function test_what_fills_a_groove_what_fades_and_what_wants_tannin(): void
    {
        $labels = fn (array $set): array => array_map(
            fn (Figure $figure): string => Told::of($figure->label),
            self::tube([self::mark('inlay', $set)])->worked()['m1']->figures,
        );
        self::assertContains('Powder', $labels(['filling' => 'metal']));
        self::assertNotContains('Powder', $labels(['filling' => 'resin']));
        self::assertSame(['Wire', 'Wall left'], $labels(['filling' => 'wire']));
        $found = fn (string $technique, array $set): int => count(
            self::tube([self::mark($technique, $set)])->worked()['m1']->findings,
        );
        self::assertSame([0, 1, 0], [
            $found('dye', []), $found('dye', ['fade_mm' => 10]), $found('dye', ['fade_mm' => 10, 'way' => 'sprayed']),
        ]);
        self::assertSame(1, $found('ebonise', []), 'ash holds little tannin');
        $oak = Part::read(
            Document::of(['wood' => 'Oak (white)'] + Drawn::written(self::tube([self::mark('ebonise')]))),
            Drawn::tables(),
        );
        self::assertSame([], $oak->worked()['m1']->findings);
    }

    public function test_dimples_are_strewn_alike_for_a_seed_and_never_too_near(): void
    {
        $line = array_map(fn (int $i): array => [2.0 * $i, 30 + 1.5 * $i], range(0, 20));
        $places = Strewn::over($line, 200, 3.0, 7);
        self::assertCount(200, $places);
        self::assertSame($places, Strewn::over($line, 200, 3.0, 7));
        self::assertNotSame($places, Strewn::over($line, 200, 3.0, 8));
        foreach ($places as $i => [$turn, $along]) {
            foreach (array_slice($places, $i + 1) as [$other, $at]) {
                $radius = 30 + 30 * min($along, $at) / 40;
                $round = min(abs($turn - $other), 1 - abs($turn - $other)) * 2 * M_PI * $radius;
                self::assertGreaterThan(2.7, hypot($round, $along - $at));
            }
        }
        $below = count(array_filter($places, fn (array $at): bool => $at[1] < 20));
        self::assertEqualsWithDelta(200 * 37.5 / 90, $below, 12, 'spread by area, not by length');
    }

    public function test_an_edge_of_dye_is_open_unless_a_cut_dams_it_or_the_line_ends(): void
    {
        $dye = fn (string $id, float $from, float $to): array => ['id' => $id] + self::mark('dye', [], $from, $to);
        $dam = fn (string $id, float $at): array => ['id' => $id] + self::mark('burnt-line', [], $at, $at + 1.6);
        $open = fn (Part $part): array => array_map(
            fn (array $edge): array => [$edge[0], $edge[1]?->id()], BandEdges::open($part, $part->marks[0]),
        );
        self::assertSame([[20.0, null], [50.0, null]], $open(self::tube([$dye('a', 20, 50)])));
        self::assertSame([[50.0, null]], $open(self::tube([$dye('a', 20, 50), $dam('d', 18.2)])));
        self::assertSame([], $open(self::tube([$dye('a', 20, 50), $dam('d', 18.2), $dam('e', 51)])));
        self::assertSame([[50.0, 'b']], $open(self::tube([$dye('a', 0, 50), $dye('b', 51, 80)])));
        self::assertSame([[20.0, null]], $open(self::tube([$dye('a', 20, 119)])));
    }

    public function test_what_dams_or_burns_beside_a_colour_is_made_before_it(): void
    {
        $dye = ['id' => 'dye'] + self::mark('dye', ['product' => 'Water dye (powder)'], 60, 80);
        $marks = [
            $dye, ['id' => 'dam'] + self::mark('burnt-line', [], 80.5, 82),
            ['id' => 'pen'] + self::mark('pen-pattern', [], 90, 100),
            ['id' => 'groove'] + self::mark('grooves', [], 57.5, 59.5),
            ['id' => 'far'] + self::mark('grooves', [], 20, 22),
        ];
        $told = fn (string $last): string => implode(' ', array_map(
            fn (Conflict $conflict): string => Told::of($conflict->message),
            Benchwork::route(Benchwork::piece([Benchwork::bowl(['marks' => $marks])], [
                'order' => [['dye', $last]],
            ]))->conflicts,
        ));
        self::assertStringContainsString('a dam only once it is there', $told('dam'));
        self::assertStringContainsString('a dam only once it is there', $told('groove'));
        self::assertStringContainsString('Burnt before anything is dyed', $told('pen'));
        self::assertStringNotContainsString('dam', $told('far'));
    }

    public function test_colours_that_meet_and_a_flame_over_a_fill_are_told_of(): void
    {
        $piece = fn (array $marks, array $flaws = []): array => Benchwork::piece([Benchwork::bowl([
            'marks' => $marks, 'features' => $flaws,
        ])]);
        $told = fn (array $document): string => implode(' ', array_map(
            fn (Conflict $conflict): string => ($conflict->forbids ? 'forbid: ' : '').Told::of($conflict->message),
            Benchwork::route($document)->conflicts,
        ));
        $a = ['id' => 'a'] + self::mark('dye', ['product' => 'Water dye (powder)'], 60, 80);
        $b = ['id' => 'b'] + self::mark('dye', ['product' => 'Water dye (powder)'], 81, 100);
        $line = ['id' => 'c'] + self::mark('burnt-line', [], 79.8, 81.2);
        self::assertStringContainsString('with nothing between them', $told($piece([$a, $b])));
        self::assertStringNotContainsString('with nothing between them', $told($piece([$a, $b, $line])));
        $texture = ['id' => 't'] + self::mark('spun-texture', [], 20, 30);
        $pen = ['id' => 'p'] + self::mark('pen-pattern', [], 25, 35);
        self::assertStringContainsString('a pen or a wire skips on what is cut', $told($piece([$texture, $pen])));
        $char = ['id' => 'd'] + self::mark('scorch', ['level' => 'toast'], 40, 60);
        $crack = [
            'id' => 'f', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 50, 'to_mm' => 70, 'width_mm' => 0.5,
            'wish' => 'fill',
        ];
        self::assertStringContainsString(
            'forbid: Scorch: the crack under it holds', $told($piece([$char], [$crack])),
        );
        self::assertStringNotContainsString('it holds', $told($piece([$char], [['wish' => 'keep'] + $crack])));
        self::assertStringContainsString('beside it holds', $told($piece([$char], [['from_mm' => 61] + $crack])));
        $far = ['from_mm' => 111, 'to_mm' => 120] + $crack;
        self::assertStringNotContainsString('it holds', $told($piece([$char], [$far])));
    }

    public function test_a_setting_out_of_its_limits_is_refused_by_its_path(): void
    {
        foreach ([
            ['count', 0], ['count', 2.5], ['tool', 'spoon'], ['depth_mm', 'deep'], ['level', 7],
        ] as [$key, $value]) {
            try {
                self::tube([self::mark('flutes', [$key => $value])]);
                self::fail("$key $value was taken");
            } catch (InvalidField $e) {
                self::assertStringContainsString("settings.$key", $e->getMessage());
            }
        }
    }

    public function test_what_is_set_comes_back_from_the_document(): void
    {
        $set = ['count' => 24.0, 'tool' => 'v', 'angle_deg' => 60.0, 'depth_mm' => 2.0, 'lead_mm' => 200.0];
        $mark = self::mark('flutes', $set);
        $mark['name'] = 'Skirt';
        $written = Drawn::written(self::tube([$mark]))['marks'][0];
        self::assertSame('Skirt', $written['name']);
        $steps = Benchwork::route(Benchwork::piece([Benchwork::bowl(['marks' => [$mark]])]))->steps;
        self::assertContains('Skirt: carve the flutes, outside', array_map(
            fn (Step $step): string => Told::of($step->words->title), $steps,
        ));
        self::assertEquals($set, array_intersect_key($written['settings'], $set));
    }

    /** @param  list<array<string, mixed>>  $marks */
    private static function tube(
        array $marks,
        float $wallMm = 9.0,
        Tooling $tooling = new Tooling,
        GrainDirection $grain = GrainDirection::End,
    ): Part {
        $inner = 50 - $wallMm;

        return self::part(Profile::of(
            Curve::fromArray([[0, 50, 'corner'], [120, 50, 'corner']], 'outer'),
            Curve::fromArray([[120, $inner, 'corner'], [$wallMm, $inner, 'corner'], [$wallMm, 0]], 'inner'),
        ), $marks, $tooling, $grain);
    }

    /** @param  list<array<string, mixed>>  $marks */
    private static function cone(array $marks): Part
    {
        // 60 along the slant, from 80 up to 100.
        $up = sqrt(60 ** 2 - 20 ** 2);

        return self::part(
            Profile::of(Curve::fromArray([[0, 80, 'corner'], [$up, 100, 'corner']], 'outer'), null), $marks,
        );
    }

    /** @param  list<array<string, mixed>>  $marks */
    private static function part(
        Profile $profile,
        array $marks,
        Tooling $tooling = new Tooling,
        GrainDirection $grain = GrainDirection::End,
    ): Part {
        return Part::read(Document::of([
            'id' => 'body', 'wood' => 'Ash (white)', 'grain' => $grain->value, 'shape' => $profile->toArray(),
            'marks' => $marks,
        ]), Drawn::tables()->withTooling($tooling));
    }

    /**
     * @param  array<string, mixed>  $set
     * @return array<string, mixed>
     */
    private static function mark(
        string $technique,
        array $set = [],
        float $from = 20.0,
        float $to = 60.0,
        string $on = 'outer',
    ): array {
        return [
            'id' => 'm1', 'technique' => $technique, 'on' => $on, 'from_mm' => $from, 'to_mm' => $to,
            'settings' => $set,
        ];
    }

    private static function figure(Worked $worked, string $label): Figure
    {
        foreach ($worked->figures as $figure) {
            if (Told::of($figure->label) === $label) {
                return $figure;
            }
        }
        self::fail("No figure $label");
    }

    /** @return list<string> */
    private static function refusals(Worked $worked): array
    {
        return array_values(array_map(
            fn (Finding $finding): string => Told::of($finding->message),
            array_filter($worked->findings, fn (Finding $finding): bool => $finding->isRefused),
        ));
    }
}
