<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Standing;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the centre of gravity is and how far a piece may be tipped: figures that a table of solids confirms. */
final class StandingTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $shape
     */
    #[DataProvider('solids')]
    public function test_the_centre_of_gravity_is_that_of_the_solid(array $shape, float $centre, float $ring): void
    {
        $standing = Standing::of(Profile::read(Document::of($shape)));
        self::assertNotNull($standing);
        self::assertEqualsWithDelta($centre, $standing->centreMm, $centre / 500);
        self::assertEqualsWithDelta(rad2deg(atan($ring / $centre)), $standing->tipsDeg(), 0.1);
    }

    /** @return iterable<string, array{array<string, mixed>, float, float}> */
    public static function solids(): iterable
    {
        $cylinder = [[0, 30, 'corner'], [100, 30, 'corner']];
        yield 'a cylinder: half way up' => [['outer' => $cylinder, 'inner' => null], 50.0, 30.0];
        $cone = [[0, 40, 'corner'], [120, 0, 'corner']];
        yield 'a cone: a quarter up' => [['outer' => $cone, 'inner' => null], 30.0, 40.0];
        yield 'a frustum: h(R² + 2Rr + 3r²)/4(R² + Rr + r²)' => [
            ['outer' => [[0, 20, 'corner'], [60, 40, 'corner']], 'inner' => null],
            60 * (400 + 2 * 800 + 3 * 1600) / (4 * (400 + 800 + 1600)), 20.0,
        ];
        // 100 of 30² less 80 of 20², from 20 up: (π·900·100·50 − π·400·80·60)/(π·(90 000 − 32 000)).
        yield 'a beaker' => [[
            'outer' => $cylinder, 'inner' => [[100, 20, 'corner'], [20, 20, 'corner'], [20, 0]],
        ], (4_500_000 - 1_920_000) / 58_000, 30.0];
        // A bore of 20 across and 40 deep from the foot: (900·100·50 − 100·40·20)/(90 000 − 4 000).
        yield 'bored from its foot' => [[
            'outer' => $cylinder, 'inner' => null, 'bore' => ['diameter_mm' => 20, 'depth_mm' => 40, 'from' => 'foot'],
        ], (4_500_000 - 80_000) / 86_000, 30.0];
    }

    public function test_a_ball_stands_on_nothing(): void
    {
        self::assertNull(Standing::of(Profile::read(Document::of([
            'outer' => [[0, 0], [20, 20], [40, 0]], 'inner' => null,
        ]))));
    }
}
