<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Band;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GeometryTest extends TestCase
{
    public function test_a_cylinder_has_the_wall_ends_and_volume_of_the_textbook(): void
    {
        $side = Measurement::of($this->solid([[0, 50], [100, 50]]), GrainDirection::Side);
        $end = Measurement::of($this->solid([[0, 50], [100, 50]]), GrainDirection::End);

        self::assertEqualsWithDelta(31415.93, $side->zones['outside']->areaMm2, 0.01);
        self::assertEqualsWithDelta(7853.98, $side->zones['foot']->areaMm2, 0.01);
        self::assertEqualsWithDelta(7853.98, $side->zones['top']->areaMm2, 0.01);
        self::assertEqualsWithDelta(785398.16, $side->volumeMm3, 0.01);
        self::assertEqualsWithDelta(0.6366, $side->zones['outside']->endGrainMean, 0.0001);
        self::assertSame(0.0, $end->zones['outside']->endGrainMean);
        self::assertSame(1.0, $end->zones['foot']->endGrainMean);
    }

    public function test_a_sphere_from_nodes_every_ten_degrees_is_within_half_a_percent(): void
    {
        $nodes = array_map(fn (int $a): array => [40 + 40 * sin(deg2rad($a)), max(0.0, 40 * cos(deg2rad($a)))], range(-90, 90, 10));
        foreach (GrainDirection::cases() as $grain) {
            $sphere = Measurement::of($this->solid($nodes), $grain);
            self::assertEqualsWithDelta(20106.19, $sphere->zones['outside']->areaMm2, 20106.19 * 0.005);
            self::assertEqualsWithDelta(0.5, $sphere->zones['outside']->endGrainMean, 0.005);
            self::assertEqualsWithDelta(4 / 3 * M_PI * 40 ** 3, $sphere->volumeMm3, 268083 * 0.01);
        }
    }

    public function test_a_frustum_and_its_bands_add_up(): void
    {
        $frustum = $this->solid([[0, 100], [sqrt(60 ** 2 - 20 ** 2), 80]]);
        $bands = [Band::on('low', Surface::Outer, 0, 25), Band::on('high', Surface::Outer, 25, 60)];
        $measured = Measurement::of($frustum, GrainDirection::Side, $bands);

        self::assertEqualsWithDelta(33929.20, $measured->zones['outside']->areaMm2, 0.01);
        self::assertEqualsWithDelta($measured->zones['outside']->areaMm2, $measured->zones['low']->areaMm2 + $measured->zones['high']->areaMm2, 0.01);
    }

    public function test_wall_floor_rim_and_mass_of_a_cup(): void
    {
        $cup = Profile::of(Curve::fromArray([[0, 50, 'corner'], [100, 50, 'corner']], 'outer'), Curve::fromArray([[100, 44, 'corner'], [10, 44, 'corner'], [10, 0]], 'inner'));
        $wood = Catalogue::shipped()->woods()->named('Ash (white)');
        $measured = Measurement::of($cup, GrainDirection::End, [], $wood, 12.0);

        self::assertEqualsWithDelta(6.0, $measured->wall?->minMm, 1e-6);
        self::assertEqualsWithDelta(10.0, $measured->floorMm, 1e-6);
        self::assertEqualsWithDelta(M_PI * (50 ** 2 - 44 ** 2), $measured->zones['rim']->areaMm2, 0.01);
        $volume = M_PI * (50 ** 2 * 100 - 44 ** 2 * 90);
        self::assertEqualsWithDelta($volume, $measured->volumeMm3, 0.5);
        self::assertEqualsWithDelta($volume / 1000 * 0.60 * 1.12, $measured->massG, 0.01);
    }

    public function test_wetter_wood_weighs_more(): void
    {
        $wood = Catalogue::shipped()->woods()->named('Walnut (black)');
        self::assertGreaterThan($wood->densityGPerCm3(6), $wood->densityGPerCm3(12));
        self::assertGreaterThan($wood->densityGPerCm3(12), $wood->densityGPerCm3(30));
    }

    #[DataProvider('forms')]
    public function test_every_form_starts_as_a_piece_that_can_be_turned(Form $form, float $scale): void
    {
        $sizes = $form->sizes();
        $profile = $form->profile($sizes['diameter_mm'] * $scale, $sizes['height_mm'] * $scale, $sizes['foot_mm'] * $scale, $sizes['wall_mm']);
        $measured = Measurement::of($profile, $form->grain());

        self::assertEqualsWithDelta($sizes['diameter_mm'] * $scale, $profile->diameterMm(), $sizes['diameter_mm'] * $scale * 0.04);
        self::assertGreaterThan(0, $measured->volumeMm3);
        if ($profile->inner !== null) {
            self::assertGreaterThan(2.0, $measured->wall?->minMm);
            self::assertGreaterThan(3.0, $measured->floorMm);
        }
    }

    /** @return iterable<string, array{Form, float}> */
    public static function forms(): iterable
    {
        foreach (Form::cases() as $form) {
            foreach ([0.8, 1.0, 1.4] as $scale) {
                yield "$form->value × $scale" => [$form, $scale];
            }
        }
    }

    public function test_lint_sees_a_thin_wall_a_rocking_foot_and_an_undercut(): void
    {
        $profile = Profile::of(
            Curve::fromArray([[0, 0, 'corner'], [4, 20, 'corner'], [40, 60], [80, 35, 'corner']], 'outer'),
            Curve::fromArray([[80, 33, 'corner'], [40, 58.5], [6, 0]], 'inner'),
        );
        $codes = array_map(fn ($warning): string => $warning->code, Measurement::of($profile, GrainDirection::Side)->warnings);

        self::assertContains('thin-wall', $codes);
        self::assertContains('rocking-foot', $codes);
        self::assertContains('undercut', $codes);
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_name(callable $make, string $reason, string $field): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (InvalidProfile $e) {
            self::assertSame([$reason, $field], [$e->reason, $e->field]);
        }
    }

    /** @return iterable<string, array{callable(): mixed, string, string}> */
    public static function nonsense(): iterable
    {
        $solid = fn (array $nodes) => Profile::of(Curve::fromArray($nodes, 'shape.outer'), null);
        yield 'negative radius' => [fn () => $solid([[0, 10], [10, -1]]), 'out-of-range', 'shape.outer.1.1'];
        yield 'NaN' => [fn () => $solid([[0, NAN], [10, 1]]), 'out-of-range', 'shape.outer.0.1'];
        yield 'infinite' => [fn () => $solid([[0, 1], [INF, 1]]), 'out-of-range', 'shape.outer.1.0'];
        yield 'one node' => [fn () => $solid([[0, 10]]), 'node-count', 'shape.outer'];
        yield 'empty' => [fn () => $solid([]), 'node-count', 'shape.outer'];
        yield 'a million nodes' => [fn () => $solid(array_fill(0, 1_000_000, [0, 1])), 'node-count', 'shape.outer'];
        yield 'text for a node' => [fn () => $solid([[0, 10], 'ten']), 'type', 'shape.outer.1'];
        yield 'two in one place' => [fn () => $solid([[0, 10], [0, 10]]), 'coincident-nodes', 'shape.outer.1'];
        yield 'crossing itself' => [fn () => $solid([[0, 10, 'corner'], [50, 60, 'corner'], [50, 10, 'corner'], [0, 60, 'corner']]), 'self-crossing', 'shape.outer'];
        yield 'inner through outer' => [fn () => Profile::of(Curve::fromArray([[0, 50], [100, 50]], 'outer'), Curve::fromArray([[100, 40, 'corner'], [50, 70, 'corner'], [10, 0]], 'inner')), 'self-crossing', 'shape.inner'];
        yield 'inner outside' => [fn () => Profile::of(Curve::fromArray([[0, 50], [100, 50]], 'outer'), Curve::fromArray([[100, 60], [10, 60]], 'inner')), 'inside-out', 'shape.inner'];
        $cup = fn (array $inner) => Profile::of(Curve::fromArray([[0, 50], [100, 50]], 'outer'), Curve::fromArray($inner, 'inner'));
        yield 'inner from the bottom up' => [fn () => $cup([[10, 44], [100, 0]]), 'upside-down', 'shape.inner'];
        yield 'inner through the floor' => [fn () => $cup([[100, 44], [-5, 0]]), 'through-the-floor', 'shape.inner'];
        yield 'inner without a floor' => [fn () => $cup([[100, 44], [0, 0]]), 'through-the-floor', 'shape.inner'];
        yield 'band off the curve' => [fn () => Measurement::of($solid([[0, 50], [100, 50]]), GrainDirection::End, [Band::on('b', Surface::Outer, 90, 120)]), 'band-off-curve', 'bands.b'];
    }

    /** @param  list<mixed>  $nodes */
    private function solid(array $nodes): Profile
    {
        return Profile::of(Curve::fromArray($nodes, 'shape.outer'), null);
    }
}
