<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Band;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Geometry\Wall;
use HonestGrain\Piece\WallReading;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GeometryTest extends TestCase
{
    public function test_a_cylinder_has_the_wall_ends_and_volume_of_the_textbook(): void
    {
        $side = Drawn::measured($this->solid([[0, 50], [100, 50]]), GrainDirection::Side);
        $end = Drawn::measured($this->solid([[0, 50], [100, 50]]), GrainDirection::End);

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
        $nodes = array_map(
            fn (int $a): array => [40 + 40 * sin(deg2rad($a)), max(0.0, 40 * cos(deg2rad($a)))], range(-90, 90, 10),
        );
        foreach (GrainDirection::cases() as $grain) {
            $sphere = Drawn::measured($this->solid($nodes), $grain);
            self::assertEqualsWithDelta(20106.19, $sphere->zones['outside']->areaMm2, 20106.19 * 0.005);
            self::assertEqualsWithDelta(0.5, $sphere->zones['outside']->endGrainMean, 0.005);
            self::assertEqualsWithDelta(4 / 3 * M_PI * 40 ** 3, $sphere->volumeMm3, 268083 * 0.01);
        }
    }

    public function test_a_frustum_and_its_bands_add_up(): void
    {
        $frustum = $this->solid([[0, 100], [sqrt(60 ** 2 - 20 ** 2), 80]]);
        $bands = [Band::on('low', Surface::Outer, 0, 25), Band::on('high', Surface::Outer, 25, 60)];
        $measured = Drawn::measured($frustum, GrainDirection::Side, $bands);

        self::assertEqualsWithDelta(33929.20, $measured->zones['outside']->areaMm2, 0.01);
        self::assertEqualsWithDelta(
            $measured->zones['outside']->areaMm2, $measured->zones['low']->areaMm2 + $measured->zones['high']->areaMm2,
            0.01,
        );
    }

    public function test_a_band_of_a_flat_end_is_a_ring_told_from_its_edge(): void
    {
        $rod = $this->solid([[0, 50], [100, 40]]);
        $measured = Drawn::measured($rod, GrainDirection::End, [
            Band::on('below', Surface::Foot, 10, 20), Band::on('above', Surface::Top, 0, 40),
        ]);
        self::assertEqualsWithDelta(M_PI * (40 ** 2 - 30 ** 2), $measured->zones['below']->areaMm2, 0.01);
        self::assertEqualsWithDelta(M_PI * 40 ** 2, $measured->zones['above']->areaMm2, 0.01);
        self::assertSame([50.0, 40.0], [Surface::Foot->lengthMm($rod), Surface::Top->lengthMm($rod)]);
        $this->expectException(InvalidProfile::class);
        Drawn::measured($rod, GrainDirection::End, [Band::on('wide', Surface::Top, 30, 41)]);
    }

    public function test_wall_floor_rim_and_mass_of_a_cup(): void
    {
        $cup = Profile::of(
            Curve::fromArray([[0, 50, 'corner'], [100, 50, 'corner']], 'outer'),
            Curve::fromArray([[100, 44, 'corner'], [10, 44, 'corner'], [10, 0]], 'inner'),
        );
        $wood = Catalogue::shipped()->woods()->named('Ash (white)');
        $measured = Drawn::measured($cup, GrainDirection::End, [], $wood, 12.0);

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
        $profile = $form->profile(
            $sizes['diameter_mm'] * $scale, $sizes['height_mm'] * $scale, $sizes['foot_mm'] * $scale, $sizes['wall_mm'],
            $sizes['bore_mm'] * $scale,
        );
        $measured = Drawn::measured($profile, $form->grain());

        self::assertEqualsWithDelta(
            $sizes['diameter_mm'] * $scale, $profile->diameterMm(), $sizes['diameter_mm'] * $scale * 0.04,
        );
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
        $codes = array_map(
            fn ($warning): string => $warning->code->value, Drawn::measured($profile, GrainDirection::Side)->warnings,
        );

        self::assertContains('thin-wall', $codes);
        self::assertContains('rocking-foot', $codes);
        self::assertContains('undercut', $codes);
    }

    /**
     * @param  list<array<int, float|string>>  $outer
     * @param  list<string>  $expected
     */
    #[DataProvider('feet')]
    public function test_what_a_piece_stands_on(array $outer, array $expected): void
    {
        $codes = array_map(
            fn ($warning): string => $warning->code->value,
            Drawn::measured($this->solid($outer), GrainDirection::Side)->warnings,
        );
        self::assertSame($expected, $codes);
    }

    /** @return iterable<string, array{list<array<int, float|string>>, list<string>}> */
    public static function feet(): iterable
    {
        $c = 'corner';
        yield 'a flat foot drawn from its centre' => [[[0, 0, $c], [0, 40, $c], [60, 80, $c]], []];
        yield 'a flat foot drawn from its edge' => [[[0, 40, $c], [60, 80, $c]], []];
        yield 'a dished foot' => [[[3, 0, $c], [0, 40, $c], [60, 80, $c]], []];
        yield 'a recess with its ring' => [[[4, 30, $c], [0, 34, $c], [0, 40, $c], [60, 80, $c]], []];
        yield 'a foot that bulges' => [[[0, 0], [2, 20], [10, 40], [60, 80]], ['rocking-foot']];
        yield 'an outside that droops' => [[[0, 30, $c], [12, 50, $c], [-6, 70, $c], [40, 80, $c]], ['low-outside']];
    }

    public function test_a_floor_is_measured_where_it_is_thinnest(): void
    {
        $c = 'corner';
        $floor = fn (array $outer, array $inner): ?float => Profile::of(
            Curve::fromArray($outer, 'o'), Curve::fromArray($inner, 'i'),
        )->floorMm();
        $flat = [[0, 40, $c], [60, 60, $c]];
        self::assertEqualsWithDelta(8.0, $floor($flat, [[60, 54, $c], [8, 35, $c], [8, 0]]), 1e-9);
        self::assertEqualsWithDelta(
            3.0, $floor($flat, [[60, 54, $c], [8, 35, $c], [3, 20, $c], [12, 0]]), 1e-9, 'a moat round a boss',
        );
        self::assertEqualsWithDelta(
            2.0, $floor([[6, 0, $c], [6, 30, $c], [0, 36, $c], [60, 60, $c]], [[60, 54, $c], [8, 25, $c], [8, 0]]),
            1e-9, 'over a hollow foot',
        );
    }

    public function test_an_undercut_counts_from_the_narrowest_place_above(): void
    {
        $undercut = function (array $inner): array {
            $profile = Profile::of(
                Curve::fromArray([[0, 70, 'corner'], [100, 70, 'corner']], 'o'), Curve::fromArray($inner, 'i'),
            );

            return array_values(
                array_filter(
                    array_map(
                        fn ($w): string => $w->code->value === 'undercut' ? Told::of($w->message) : '',
                        Drawn::measured($profile, GrainDirection::Side)->warnings,
                    ),
                ),
            );
        };
        self::assertSame([], $undercut([[100, 60, 'corner'], [10, 40, 'corner'], [10, 0]]));
        $flared = $undercut([[100, 60, 'corner'], [80, 30, 'corner'], [40, 50, 'corner'], [10, 0]]);
        self::assertStringContainsString('40 mm wider than the narrowest place above', implode($flared));
    }

    public function test_the_sampled_line_never_leaves_the_curve_by_more_than_a_twentieth(): void
    {
        mt_srand(7);
        for ($try = 0; $try < 12; $try++) {
            $nodes = [];
            for ($i = 0, $z = 0.0; $i < 9; $i++) {
                $nodes[] = [$z += mt_rand(2, 60), mt_rand(20, 160)];
            }
            $curve = Curve::fromArray($nodes, 'o');
            for ($i = 1; $i < 7; $i++) {
                // Barry and Goldman's pyramid, which the sampling does not use.
                $t = [0.0];
                foreach ([0, 1, 2] as $k) {
                    $t[] = $t[$k] + sqrt(
                        hypot($nodes[$i + $k][0] - $nodes[$i + $k - 1][0], $nodes[$i + $k][1] - $nodes[$i + $k - 1][1]),
                    );
                }
                for ($s = 1; $s < 60; $s++) {
                    $at = $t[1] + ($t[2] - $t[1]) * $s / 60;
                    $mix = fn (array $a, array $b, int $m, int $n): array => [
                        (($t[$n] - $at) * $a[0] + ($at - $t[$m]) * $b[0]) / ($t[$n] - $t[$m]),
                        (($t[$n] - $at) * $a[1] + ($at - $t[$m]) * $b[1]) / ($t[$n] - $t[$m]),
                    ];
                    [$p, $q, $r] = array_map(
                        fn (int $k): array => $mix($nodes[$i + $k - 1], $nodes[$i + $k], $k, $k + 1), [0, 1, 2],
                    );
                    $c = $mix($mix($p, $q, 0, 2), $mix($q, $r, 1, 3), 1, 2);
                    self::assertLessThanOrEqual(0.05 + 1e-9, $curve->tree()->nearest(new Point($c[0], $c[1], 0.0))[0]);
                }
            }
        }
    }

    public function test_the_most_intricate_line_allowed_is_measured_and_more_is_refused_by_name(): void
    {
        $zigzag = fn (float $by): array => array_map(
            fn (int $i): array => [$i * 2, $i % 2 === 1 ? 100 + $by : 100], range(0, 199),
        );
        self::assertGreaterThan(600, count($this->solid($zigzag(5))->outer->points));
        $this->expectExceptionMessage('takes more than 2000 points');
        $this->solid($zigzag(400));
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
        yield 'crossing itself' => [
            fn () => $solid([[0, 10, 'corner'], [50, 60, 'corner'], [50, 10, 'corner'], [0, 60, 'corner']]),
            'self-crossing', 'shape.outer',
        ];
        $c = 'corner';
        yield 'crossing exactly in a node' => [
            fn () => $solid([[0, 10, $c], [40, 50, $c], [80, 50, $c], [80, 10, $c], [40, 50, $c], [0, 90, $c]]),
            'self-crossing', 'shape.outer',
        ];
        yield 'running back on itself' => [
            fn () => $solid([[0, 50, $c], [60, 50, $c], [30, 50, $c]]), 'self-crossing', 'shape.outer',
        ];
        yield 'touching itself' => [
            fn () => $solid([[0, 10, $c], [0, 60, $c], [50, 60, $c], [50, 30, $c], [0, 30, $c], [90, 20, $c]]),
            'self-crossing', 'shape.outer',
        ];
        yield 'inner that dips through the foot' => [
            fn () => Profile::of(
                Curve::fromArray([[0, 50], [100, 50]], 'outer'),
                Curve::fromArray([[100, 40, $c], [-2, 20, $c], [10, 0]], 'inner'),
            ),
            'through-the-floor', 'shape.inner',
        ];
        yield 'inner that touches the outside' => [
            fn () => Profile::of(
                Curve::fromArray([[0, 50, $c], [100, 50, $c]], 'outer'),
                Curve::fromArray([[100, 40, $c], [50, 50, $c], [10, 0]], 'inner'),
            ),
            'self-crossing', 'shape.inner',
        ];
        yield 'inner through outer' => [
            fn () => Profile::of(
                Curve::fromArray([[0, 50], [100, 50]], 'outer'),
                Curve::fromArray([[100, 40, 'corner'], [50, 70, 'corner'], [10, 0]], 'inner'),
            ),
            'self-crossing', 'shape.inner',
        ];
        yield 'inner outside' => [
            fn () => Profile::of(
                Curve::fromArray([[0, 50], [100, 50]], 'outer'), Curve::fromArray([[100, 60], [10, 60]], 'inner'),
            ),
            'inside-out', 'shape.inner',
        ];
        $cup = fn (array $inner) => Profile::of(
            Curve::fromArray([[0, 50], [100, 50]], 'outer'), Curve::fromArray($inner, 'inner'),
        );
        yield 'inner from the bottom up' => [fn () => $cup([[10, 44], [100, 0]]), 'upside-down', 'shape.inner'];
        yield 'inner through the floor' => [fn () => $cup([[100, 44], [-5, 0]]), 'through-the-floor', 'shape.inner'];
        yield 'inner without a floor' => [fn () => $cup([[100, 44], [0, 0]]), 'through-the-floor', 'shape.inner'];
        yield 'band off the curve' => [
            fn () => Drawn::measured(
                $solid([[0, 50], [100, 50]]), GrainDirection::End, [Band::on('b', Surface::Outer, 90, 120)],
            ),
            'band-off-curve', 'bands.b',
        ];
    }

    /** @param  list<mixed>  $nodes */
    private function solid(array $nodes): Profile
    {
        return Profile::of(Curve::fromArray($nodes, 'shape.outer'), null);
    }

    public function test_a_stretch_of_an_inside_is_cut_deeper_and_nothing_beyond_it(): void
    {
        $cup = Profile::read(Document::of([
            'outer' => [[0, 50, 'corner'], [100, 50, 'corner']],
            'inner' => [[100, 40, 'corner'], [10, 40, 'corner'], [10, 0]], 'bore' => null,
        ], 'shape'));
        $wall = fn (Profile $of, float $z): float => round(Wall::at($of->outer, $of->inner, $z)->minMm ?? -1.0, 2);
        $deeper = $cup->deepened(30, 70, 4);
        self::assertSame([10.0, 6.0, 10.0], array_map(fn (float $z): float => $wall($deeper, $z), [20.0, 50.0, 90.0]));
        self::assertEqualsWithDelta(42.0, $deeper->inner?->radiusAtMm(65), 0.2, 'half way out of it');
        self::assertSame(12.0, $wall($cup->deepened(70, 30, -2), 50), 'left standing there');
        self::assertSame(-1.0, $wall($cup, 5), 'below the hollow there is no wall');
        foreach ([[30, 70, 11], [0, 9, 1], [120, 140, 1]] as $nonsense) {
            try {
                $cup->deepened(...$nonsense);
                self::fail(json_encode($nonsense) ?: '');
            } catch (InvalidProfile $refused) {
                self::assertStringStartsWith('deepen.', $refused->field);
            }
        }
    }

    public function test_callipers_find_what_stands_thick_or_thin(): void
    {
        $part = Drawn::part(Profile::read(Document::of([
            'outer' => [[0, 50, 'corner'], [100, 50, 'corner']],
            'inner' => [[100, 40, 'corner'], [10, 40, 'corner'], [10, 0]], 'bore' => null,
        ], 'shape')));
        $figures = Drawn::catalogue()->calibration()->shape;
        $read = fn (float $z, float $mm): WallReading => WallReading::read(Document::of(
            ['height_mm' => $z, 'wall_mm' => $mm],
        ));
        foreach (['thick' => 11.2, '' => 10.9, 'thin' => 8.8] as $is => $mm) {
            $reading = $read(50, $mm);
            self::assertSame([$is === 'thick', $is === 'thin'], [
                $reading->isThick($part->profile, $figures), $reading->isThin($part->profile, $figures),
            ], "$mm mm where 10 is drawn");
        }
        $measured = $part->withWallReading($read(50, 11.2))->withWallReading($read(20, 9))
            ->withWallReading($read(50.2, 10.4));
        self::assertSame([50.2, 20.0], array_map(
            fn (WallReading $one): float => $one->heightMm, $measured->wallReadings,
        ), 'measured again at one place, it is one reading');
        self::assertCount(1, $measured->withoutWallReading(20)->wallReadings);
        self::assertSame([], $measured->withoutWallReading()->wallReadings);
        self::assertSame([], $measured->begunAnew()->wallReadings);
        $this->expectException(InvalidField::class);
        $part->withWallReading($read(5, 9));
    }

    public function test_what_a_vessel_holds_is_exact_along_its_line(): void
    {
        $cup = fn (array $inner, ?array $bore = null): Profile => Profile::read(Document::of(['shape' => [
            'outer' => [[0, 50, 'corner'], [100, 50, 'corner']], 'inner' => $inner,
        ] + ($bore === null ? [] : ['bore' => $bore])])->child('shape'));
        $straight = [[100, 44, 'corner'], [10, 44, 'corner'], [10, 0]];
        self::assertEqualsWithDelta(M_PI * 44 ** 2 * 90, $cup($straight)->capacityMm3(), 1e-6);
        $cone = [[100, 44, 'corner'], [10, 0, 'corner']];
        self::assertEqualsWithDelta(M_PI * 44 ** 2 * 90 / 3, $cup($cone)->capacityMm3(), 1e-6);
        self::assertNull($cup($straight, ['diameter_mm' => 8, 'depth_mm' => null, 'from' => 'foot'])->capacityMm3());
    }
}
