<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Layout\SphereMarks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Marks laid out, with figures that can be worked out by hand, through the command line. */
final class MarkLayoutTest extends TestCase
{
    use Asking;

    public function test_a_sphere_is_laid_out_by_quarters(): void
    {
        self::assertEqualsWithDelta([
            [0, 0], [20, sqrt(3) / 2 * 80], [40, 80], [60, sqrt(3) / 2 * 80], [80, 0],
        ], SphereMarks::of(80.0), 1e-6);
    }

    public function test_a_conical_band_unrolls_into_a_sector(): void
    {
        $answer = $this->ask('layout', self::BAND);
        $sector = ['angle_deg' => 120, 'outer_mm' => 300, 'inner_mm' => 240];
        self::assertEqualsWithDelta($sector, $answer['unrolled'], 1e-9);
        self::assertEqualsWithDelta(1.25, $answer['stretch'], 1e-9);
        $flaring = $this->ask('layout', ['radius_top_mm' => 80, 'radius_bottom_mm' => 100] + self::BAND);
        self::assertSame($answer['unrolled'], $flaring['unrolled']);
        self::assertEqualsWithDelta(0.8, $flaring['stretch'], 1e-9);
        self::assertSame($answer['marks_mm'], $flaring['marks_mm']);
    }

    public function test_a_cylinder_unrolls_into_a_rectangle(): void
    {
        $answer = $this->ask('layout', ['radius_bottom_mm' => 100] + self::BAND);
        self::assertEqualsWithDelta(['width_mm' => 628.3185, 'height_mm' => 60], $answer['unrolled'], 1e-4);
    }

    public function test_the_division_is_the_divisor_whose_pitch_is_nearest(): void
    {
        // The circle is 628.3 mm: 16 parts come to 39.27, the next divisor of 48, 12, to 52.36.
        $answer = $this->ask('layout', self::BAND);
        self::assertSame([16, 3], [$answer['repeats'], $answer['index_step']]);
        self::assertSame(range(1, 46, 3), $answer['holes']);
        self::assertCount(16, $answer['marks_mm']);
        self::assertEqualsWithDelta(15 * 2 * M_PI * 100 / 16, $answer['marks_mm'][15], 1e-4);
        // Fourteen parts would come nearer to 45 mm, but no hole of the plate is there.
        self::assertSame(16, $this->ask('layout', ['wanted_pitch_mm' => 45] + self::BAND)['repeats']);
        // No plate goes finer than its holes, or coarser than once round.
        $fine = $this->ask('layout', ['index_holes' => 24, 'wanted_pitch_mm' => 1] + self::BAND);
        self::assertSame(24, $fine['repeats']);
        self::assertSame(1, $this->ask('layout', ['wanted_pitch_mm' => 10_000] + self::BAND)['repeats']);
    }

    public function test_of_two_pitches_equally_near_the_larger_count_is_taken(): void
    {
        // Of a circle of 120 mm two parts are 60 and three are 40 long; 50 is as far from both.
        $answer = $this->ask('layout', [
            'radius_top_mm' => 60 / M_PI, 'radius_bottom_mm' => 60 / M_PI, 'wanted_pitch_mm' => 50, 'index_holes' => 6,
        ] + self::BAND);
        self::assertSame(3, $answer['repeats']);
    }

    public function test_a_slant_shorter_than_the_radii_differ_is_refused(): void
    {
        self::assertSame('slant_mm', $this->refused('layout', ['slant_mm' => 19] + self::BAND)['field']);
    }

    /**
     * @param  array<string, mixed>  $question
     * @param  list<float>  $marks
     */
    #[DataProvider('proportions')]
    public function test_proportions_from_foot_and_rim(array $question, array $marks): void
    {
        $answer = $this->ask('proportions', $question + ['length_mm' => 210]);
        self::assertEqualsWithDelta($marks, array_column($answer['marks'], 'from_foot_mm'), 1e-3);
        foreach ($answer['marks'] as $mark) {
            self::assertEqualsWithDelta(210, $mark['from_foot_mm'] + $mark['from_rim_mm'], 1e-3);
            self::assertNull($mark['diameter_mm']);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, list<float>}> */
    public static function proportions(): iterable
    {
        yield 'thirds' => [['rule' => 'thirds'], [70, 140]];
        yield 'golden, the larger part at the foot' => [['rule' => 'golden'], [129.787]];
        yield 'four equal parts' => [['rule' => 'equal', 'parts' => 4], [52.5, 105, 157.5]];
        yield 'equal parts are three' => [['rule' => 'equal'], [70, 140]];
        yield 'a ratio from the foot up' => [['rule' => 'ratio', 'ratios' => [1, 2, 4]], [30, 90]];
    }

    public function test_a_mark_on_a_shape_has_its_outer_diameter(): void
    {
        $cone = ['outer' => [[10, 20], [110, 70]], 'inner' => null];
        $marks = $this->ask('proportions', [
            'length_mm' => 200, 'rule' => 'equal', 'parts' => 4, 'shape' => $cone,
        ])['marks'];
        // Heights count from the foot, wherever the drawing has it; the piece ends at 100.
        self::assertEqualsWithDelta([90, 140], [$marks[0]['diameter_mm'], $marks[1]['diameter_mm']], 1e-3);
        self::assertNull($marks[2]['diameter_mm']);
        $flange = ['outer' => [[0, 30], [50, 30, 'corner'], [50, 80, 'corner'], [100, 80]], 'inner' => null];
        $shoulder = $this->ask('proportions', [
            'length_mm' => 100, 'rule' => 'equal', 'parts' => 2, 'shape' => $flange,
        ]);
        self::assertEqualsWithDelta(160, $shoulder['marks'][0]['diameter_mm'], 1e-3);
    }

    public function test_a_ratio_without_numbers_is_refused(): void
    {
        $field = fn (array $more): string => $this->refused(
            'proportions', ['length_mm' => 210, 'rule' => 'ratio'] + $more,
        )['field'];
        self::assertSame('ratios', $field([]));
        self::assertSame('ratios', $field(['ratios' => [1]]));
        self::assertSame('ratios.1', $field(['ratios' => [1, -2]]));
    }

    public function test_beads_share_what_the_fillets_leave(): void
    {
        $answer = $this->ask('beads', ['length_mm' => 60, 'count' => 5, 'fillet_mm' => 2]);
        self::assertEqualsWithDelta([10.4, 5.2], [$answer['width_mm'], $answer['height_mm']], 1e-9);
        self::assertEqualsWithDelta([0, 10.4, 12.4, 22.8, 24.8, 35.2, 37.2, 47.6, 49.6, 60], $answer['edges_mm'], 1e-9);
        $close = $this->ask('beads', ['length_mm' => 60, 'count' => 3]);
        self::assertEqualsWithDelta([0, 20, 40, 60], $close['edges_mm'], 1e-9);
        self::assertSame(
            'fillet_mm', $this->refused('beads', ['length_mm' => 60, 'count' => 5, 'fillet_mm' => 15])['field'],
        );
    }

    public function test_flutes_of_a_ball_and_of_a_v(): void
    {
        $answer = $this->ask('flutes', self::FLUTES);
        self::assertEqualsWithDelta(8.944, $answer['width_mm'], 1e-3);
        self::assertEqualsWithDelta([17.236, 12.0], $answer['land_mm'], 1e-3);
        self::assertEqualsWithDelta(6, $answer['wall_left_mm'], 1e-9);
        self::assertEqualsWithDelta([60], $answer['length_mm'], 1e-9);
        // 24 flutes, 60 mm long, twice, at 10 mm/s.
        self::assertEqualsWithDelta(4.8, $answer['minutes'], 1e-9);
        self::assertNull($answer['helix_deg']);
        self::assertSame([], $answer['warnings']);
        $v = $this->ask('flutes', ['tool' => ['kind' => 'v', 'angle_deg' => 60], 'depth_mm' => 3] + self::FLUTES);
        self::assertEqualsWithDelta(3.464, $v['width_mm'], 1e-3);
        $bare = self::FLUTES;
        unset($bare['tool']);
        self::assertSame($answer, $this->ask('flutes', ['cutter_radius_mm' => 6] + $bare));
        // Sunk deeper than its radius a ball cuts no wider than itself.
        $deep = $this->ask('flutes', ['tool' => ['kind' => 'ball', 'radius_mm' => 1]] + self::FLUTES);
        self::assertEqualsWithDelta(2, $deep['width_mm'], 1e-9);
    }

    public function test_a_spiral_has_its_angle_and_its_length(): void
    {
        $around = $this->ask('flutes', ['lead_mm' => 200, 'radii_mm' => [60, 60]] + self::FLUTES);
        self::assertEqualsWithDelta([62.05, 62.05], $around['helix_deg'], 0.005);
        self::assertEqualsWithDelta([60 * hypot(1, 2 * M_PI * 60 / 200)], $around['length_mm'], 1e-3);
        $cone = $this->ask('flutes', ['lead_mm' => 200] + self::FLUTES);
        $sum = 0.0;
        for ($i = 0; $i < 60_000; $i++) {
            $sum += hypot(1, 2 * M_PI * (100 - 20 * ($i + 0.5) / 60_000) / 200) * 0.001;
        }
        self::assertEqualsWithDelta([$sum], $cone['length_mm'], 1e-3);
        // Half-way down the radius is 90, whether it is said or not.
        $said = $this->ask('flutes', ['lead_mm' => 200, 'radii_mm' => [100, 90, 80]] + self::FLUTES);
        self::assertEqualsWithDelta($cone['length_mm'], $said['length_mm'], 1e-3);
        self::assertCount(3, $said['helix_deg']);
        $bulge = $this->ask('flutes', ['lead_mm' => 200, 'radii_mm' => [100, 120, 80]] + self::FLUTES);
        self::assertGreaterThan($said['length_mm'][0] + 10, $bulge['length_mm'][0]);
    }

    public function test_flutes_say_where_land_and_wall_run_out(): void
    {
        $narrow = $this->ask('flutes', ['min_land_mm' => 15] + self::FLUTES)['warnings'];
        self::assertCount(1, $narrow);
        self::assertStringContainsString('At radius 80 mm', $narrow[0]);
        $meeting = $this->ask('flutes', ['count' => 60] + self::FLUTES)['warnings'];
        self::assertStringContainsString('run into each other by 0.57 mm', implode(' ', $meeting));
        $thin = $this->ask('flutes', ['wall_mm' => 5] + self::FLUTES)['warnings'];
        self::assertSame(['The flutes leave 3 mm of the wall, less than the 4 mm you allow.'], $thin);
        $through = $this->ask('flutes', ['wall_mm' => 1.5] + self::FLUTES)['warnings'];
        self::assertSame(['The flutes are 2 mm deep and cut through the wall by 0.5 mm.'], $through);
        self::assertSame('fade_mm', $this->refused('flutes', ['fade_mm' => 31] + self::FLUTES)['field']);
    }

    public function test_facets(): void
    {
        $question = ['count' => 12, 'radius_mm' => 50, 'wall_mm' => 8, 'min_wall_mm' => 3];
        $answer = $this->ask('facets', $question);
        self::assertEqualsWithDelta(
            [1.704, 25.882, 6.296], [$answer['depth_mm'], $answer['width_mm'], $answer['wall_left_mm']], 1e-3,
        );
        self::assertSame([], $answer['warnings']);
        $eight = $this->ask('facets', ['count' => 8, 'wall_mm' => 6] + $question)['warnings'];
        self::assertStringContainsString('leave 2.19 mm', $eight[0]);
        $four = $this->ask('facets', ['count' => 4] + $question)['warnings'];
        self::assertStringContainsString('cut through the wall by 6.64 mm', $four[0]);
    }

    public function test_chatter_and_dimples(): void
    {
        $chatter = $this->ask('texture', ['kind' => 'chatter', 'frequency_hz' => 400, 'rpm' => 600, 'radius_mm' => 50]);
        self::assertEqualsWithDelta([40, 7.854], [$chatter['marks_per_turn'], $chatter['spacing_mm']], 1e-3);
        $face = ['kind' => 'dimples', 'area_mm2' => 8000, 'per_cm2' => 6, 'least_mm' => 2, 'seed' => 1];
        $dimples = $this->ask('texture', $face);
        // 480 dimples, at the workshop's second and a half each.
        self::assertSame(480, $dimples['count']);
        self::assertEqualsWithDelta(12, $dimples['minutes'], 1e-9);
        // 54.7 % of a cm² in 6 discs are 3.41 mm across.
        self::assertSame(480, $this->ask('texture', ['least_mm' => 3.40] + $face)['count']);
        $crowded = $this->refused('texture', ['least_mm' => 3.42] + $face);
        self::assertSame('least_mm', $crowded['field']);
        self::assertStringContainsString('no more than 3.41', $crowded['message']);
    }

    public function test_piercing_on_both_grids(): void
    {
        $question = ['hole_mm' => 4, 'pitch_mm' => 6, 'grid' => 'hexagonal', 'wall_mm' => 2, 'area_mm2' => 3600];
        $hexagonal = $this->ask('piercing', $question);
        self::assertEqualsWithDelta([0.403, 2], [$hexagonal['open_share'], $hexagonal['bridge_mm']], 1e-3);
        self::assertSame([115, []], [$hexagonal['count'], $hexagonal['warnings']]);
        $square = $this->ask('piercing', ['grid' => 'square'] + $question);
        self::assertEqualsWithDelta(0.349, $square['open_share'], 1e-3);
        self::assertSame(100, $square['count']);
        self::assertCount(1, $this->ask('piercing', ['wall_mm' => 3] + $question)['warnings']);
        self::assertSame([], $this->ask('piercing', ['wall_mm' => 3, 'min_bridge_mm' => 1.5] + $question)['warnings']);
        self::assertSame('pitch_mm', $this->refused('piercing', ['pitch_mm' => 4] + $question)['field']);
    }

    /** @param  list<list<float>>  $better */
    #[DataProvider('tongues')]
    public function test_a_tongue_is_as_strong_as_its_grain(
        string $grain,
        float $azimuth,
        float $tilt,
        float $angle,
        float $left,
        array $better,
    ): void {
        $answer = $this->ask('piercing', [
            'tongue' => ['azimuth_deg' => $azimuth, 'tilt_deg' => $tilt], 'grain' => $grain,
        ]);
        self::assertEqualsWithDelta($angle, $answer['grain_angle_deg'], 1e-3);
        self::assertEqualsWithDelta($left, $answer['strength_left'], 1e-3);
        self::assertSame($left >= 0.3, $answer['allowed']);
        self::assertEqualsWithDelta($better, $answer['better_azimuths_deg'], 0.05);
    }

    /** @return iterable<string, array{string, float, float, float, float, list<list<float>>}> */
    public static function tongues(): iterable
    {
        // By Hankinson's formula 0.3 is left at sin²φ = (0.05/0.3 − 0.05)/0.95, φ 20.51°.
        $level = [[69.49, 110.51], [249.49, 290.51]];
        yield 'along the grain' => ['side', 90, 0, 0, 1.0, $level];
        yield 'a little across it' => ['side', 75, 0, 15, 0.440, $level];
        yield 'on the other side of the piece' => ['side', 285, 0, 15, 0.440, $level];
        yield 'where the grain comes out' => ['side', 0, 0, 90, 0.05, $level];
        yield 'just too far' => ['side', 69, 0, 21, 0.2905, $level];
        yield 'tilted, so that fewer places do' => ['side', 90, 15, 15, 0.440, [[75.85, 104.15], [255.85, 284.15]]];
        yield 'tilted too far for any place' => ['side', 90, 30, 30, 0.174, []];
        yield 'upright on a side-grain wall, nowhere' => ['side', 90, 90, 90, 0.05, []];
        yield 'upright on an end-grain wall, anywhere' => ['end', 30, 90, 0, 1.0, [[0, 360]]];
        yield 'level on an end-grain wall, nowhere' => ['end', 30, 0, 90, 0.05, []];
    }

    public function test_inlay_fills_a_groove_in_layers(): void
    {
        $groove = ['length_mm' => 300, 'width_mm' => 3, 'depth_mm' => 4, 'section' => 'square'];
        $square = $this->ask('inlay', ['groove' => $groove, 'binder' => 'ca']);
        self::assertEqualsWithDelta(
            [3.6, 2.16, 1.44], [$square['volume_ml'], $square['powder_ml'], $square['binder_ml']], 1e-9,
        );
        self::assertSame(2, $square['fills']);
        $v = $this->ask('inlay', ['groove' => ['section' => 'v', 'depth_mm' => 3] + $groove, 'binder' => 'epoxy']);
        self::assertEqualsWithDelta(1.35, $v['volume_ml'], 1e-9);
        self::assertSame(1, $v['fills']);
        self::assertSame(
            'groove.depth_mm',
            $this->refused('inlay', ['groove' => ['depth_mm' => 0] + $groove, 'binder' => 'ca'])['field'],
        );
    }

    private const BAND = [
        'radius_top_mm' => 100, 'radius_bottom_mm' => 80, 'slant_mm' => 60, 'wanted_pitch_mm' => 40,
        'index_holes' => 48,
    ];

    private const FLUTES = [
        'count' => 24, 'tool' => ['kind' => 'ball', 'radius_mm' => 6], 'depth_mm' => 2, 'radii_mm' => [100, 80],
        'slant_mm' => 60, 'lead_mm' => null, 'fade_mm' => 0, 'wall_mm' => 8, 'min_wall_mm' => 4, 'min_land_mm' => 1,
        'passes' => 2, 'feed_mm_s' => 10,
    ];
}
