<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Positions;
use HonestGrain\Holding\RimState;
use HonestGrain\Holding\Stance;
use HonestGrain\Holding\StartingSpeed;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Wood\RimSpeed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a shop holds and turns work with, and what that forbids and slows. */
final class EquipmentTest extends TestCase
{
    private const SHOP = [
        'lathe' => [
            'swing_mm' => 250, 'bed_mm' => 600, 'least_rpm' => 60, 'most_rpm' => 2500, 'reverses' => true,
            'index_holes' => [24, 36],
        ],
        'jaws' => [['name' => '50 mm', 'tenon_min_mm' => 45, 'tenon_max_mm' => 65]],
        'holds' => [['mount' => 'vacuum', 'most_rpm' => 600], ['mount' => 'faceplate', 'most_rpm' => null]],
    ];

    public function test_what_does_not_swing_is_refused_with_the_number(): void
    {
        $wide = self::route([]);
        self::assertSame('swing', $wide->withoutDate()['code'] ?? null);
        self::assertStringContainsString(
            '280 mm across, and the lathe swings 250 mm', Told::of($wide->withoutDate()['message']),
        );
        self::assertNull(
            self::route(['lathe' => ['swing_mm' => 280] + self::SHOP['lathe']] + self::SHOP)->withoutDate(),
        );
        $stick = ['grain' => 'end', 'holding' => 'between-centres', 'shape' => ['outer' => [
            [0, 20, 'corner'], [610, 20, 'corner'],
        ], 'inner' => null]];
        self::assertStringContainsString(
            'takes 600 mm between centres', Told::of(self::route(self::SHOP, $stick)->withoutDate()['message'] ?? ''),
        );
        // What is parted off needs its length, too: 6 mm.
        $long = fn (float $mm): ?array => self::route(self::SHOP, ['shape' => ['outer' => [
            [0, 20, 'corner'], [$mm, 20, 'corner'],
        ], 'inner' => null]] + $stick)->withoutDate();
        self::assertSame('swing', $long(596)['code'] ?? null);
        self::assertNull($long(594));
    }

    public function test_a_vacuum_wants_a_round_closed_and_unwarped_wall(): void
    {
        $said = function (array $bowl, array $piece = [], array $holds = ['vacuum']): array {
            $shop = Equipment::read(Document::of(['holds' => array_map(
                fn (string $mount): array => ['mount' => $mount, 'most_rpm' => null], $holds,
            )]));
            $catalogue = Catalogue::shipped();
            $route = Route::of(Piece::read(Document::of(Benchwork::piece([Benchwork::bowl($bowl)], $piece + [
                'steps' => [['id' => 's1', 'title' => 'Look at the foot', 'minutes' => 3, 'mount' => 'vacuum']],
            ])), Drawn::tables()), new Bench(
                $catalogue->abrasives(), Bench::usualGrits($catalogue->abrasives()), $catalogue->calibration(),
                equipment: $shop,
            ), Drawn::tables());

            return array_values(array_map(
                fn ($one): array => [$one->forbids, Told::of($one->message)],
                array_filter($route->conflicts, fn ($one): bool => $one->steps === ['s1']),
            ));
        };
        $crack = fn (string $wish): array => ['features' => [[
            'id' => 'f1', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 40, 'wish' => $wish,
        ]]];
        self::assertSame([], $said([]));
        self::assertSame([], $said($crack('fill')), 'filled before it');
        self::assertSame(
            [[false, 'It is held by a vacuum, and air comes in by the crack.']], $said($crack('keep')),
        );
        self::assertStringContainsString('pierced holes', $said([
            'marks' => [Benchwork::mark('m1', 'piercing', 20, 40)],
        ])[0][1]);
        self::assertSame([true, true], [
            $said(['moisture_percent' => 50], ['school' => ['wet' => 'turned-once']])[0][0],
            str_contains($said(['moisture_percent' => 50], ['school' => ['wet' => 'turned-once']])[0][1], 'warps'),
        ]);
        self::assertStringContainsString('listed under Shop', $said([], [], ['faceplate'])[0][1]);
        self::assertSame([], $said([], [], []), 'a shop that lists nothing is not asked');
    }

    public function test_no_step_turns_faster_than_the_lathe(): void
    {
        $slow = ['lathe' => ['swing_mm' => 400, 'most_rpm' => 300] + self::SHOP['lathe']];
        $speeds = fn (array $shop): array => array_filter(array_map(
            fn (Step $step): ?int => $step->setup->rpm, self::route($shop)->steps,
        ));
        self::assertNotSame([], $speeds($slow));
        self::assertSame(300, max($speeds($slow)));
        self::assertGreaterThan(300, max($speeds(['lathe' => null])));
    }

    public function test_what_is_read_of_a_shop_is_what_marks_are_divided_and_cut_with(): void
    {
        $read = Equipment::read(Document::of(['lathe' => ['index_holes' => [2, 1000]] + self::SHOP['lathe']]));
        self::assertSame([2, 1000], $read->tooling()->plates);
        self::assertTrue($read->lathe?->reverses);
        self::assertSame([], Equipment::unknown()->tooling()->plates);
    }

    /** Which faces a part shows in each way it sits. */
    public function test_each_way_of_sitting_leaves_its_own_faces_free(): void
    {
        $reached = function (Holding $holding, ?Mount $first): array {
            $positions = Positions::of($holding, $first);
            $free = [];
            foreach (Stance::cases() as $stance) {
                foreach ($positions->has($stance) ? [$positions->at($stance)] : [] as $position) {
                    $free[$stance->value] = Face::names($position->reaches);
                }
            }

            return $free;
        };
        $main = ['outside', 'rim', 'inside', 'top', 'bore'];
        self::assertEquals([
            'first' => ['outside', 'foot'], 'main' => $main, 'foot' => ['foot'], 'off' => [...$main, 'foot'],
        ], $reached(Holding::Tenon, Mount::Screw));
        self::assertEquals([
            'main' => ['outside', 'rim', 'inside', 'bore'], 'off' => [...$main, 'foot'],
        ], $reached(Holding::BetweenCentres, Mount::BetweenCentres));
        self::assertEquals(
            ['main' => $main, 'foot' => ['foot'], 'off' => [...$main, 'foot']], $reached(Holding::Jam, Mount::Screw),
        );
    }

    public function test_a_speed_to_start_at_says_what_holds_it_down(): void
    {
        $of = fn (Mount $mount, float $mm, ?float $g, bool $true, bool $flies): StartingSpeed => StartingSpeed::of(
            Catalogue::shipped()->calibration()->speed, Equipment::read(
                Document::of(self::SHOP),
            ), $mount, $mm, $g, $true, $flies ? RimState::Flawed : RimState::Sound,
        );
        $sound = $of(Mount::Tenon, 250, 2000, true, false);
        self::assertSame([680, 680], [$sound->start->rpm, $sound->work->rpm]);
        self::assertLessThanOrEqual(9.0, RimSpeed::metresPerSecond(250, $sound->work->rpm));
        self::assertSame(340, $of(Mount::Tenon, 250, 2000, false, false)->start->rpm, 'half until it runs true');
        self::assertSame(230, $of(Mount::Tenon, 250, 9000, false, false)->start->rpm, 'and slower by its weight');
        self::assertSame(220, $of(Mount::Tenon, 250, 2000, true, true)->work->rpm, 'what may fly');
        self::assertSame(450, $of(Mount::Jam, 250, 2000, true, false)->work->rpm, 'pressed on, the tail centre up');
        self::assertSame(300, $of(Mount::Jam, 250, 2000, false, false)->work->rpm, 'while it is oval');
        self::assertSame(600, $of(Mount::WideJaws, 100, 300, true, false)->work->rpm, 'by its own mark');
        $jam = Equipment::read(Document::of(['holds' => [['mount' => 'jam', 'most_rpm' => 1000]]]));
        self::assertSame(300, StartingSpeed::of(
            figures: Catalogue::shipped()->calibration()->speed, equipment: $jam, mount: Mount::Jam, diameterMm: 250,
            massG: null, isTrue: false, rim: RimState::Sound,
        )->work->rpm, 'a limit of the hold lifts none of the rim');
        self::assertSame(600, $of(Mount::Vacuum, 100, 300, true, false)->work->rpm, 'what the hold takes');
        self::assertSame(2500, $of(Mount::BetweenCentres, 30, 300, true, false)->work->rpm, 'what the lathe takes');
        self::assertSame(10, $of(Mount::Tenon, 1600, 90_000, false, true)->start->rpm, 'whatever the lathe can');
        self::assertSame(
            [
                '9.0 m/s at the rim of 250 mm, for sound wood',
                'it does not run true yet', 'its weight',
            ],
            Told::each($of(Mount::Tenon, 250, 9000, false, false)->because), 'the closest first',
        );
        self::assertSame(
            ['3.0 m/s at the rim of 250 mm, for wood that may fly'],
            Told::each($of(Mount::Tenon, 250, 2000, true, true)->because),
        );
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_at_its_field(array $more, string $field): void
    {
        try {
            Equipment::read(Document::of($more + self::SHOP));
            self::fail('It is refused.');
        } catch (InvalidField $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        $lathe = fn (array $more): array => ['lathe' => $more + self::SHOP['lathe']];
        yield 'no swing' => [$lathe(['swing_mm' => 0]), 'lathe.swing_mm'];
        yield 'slower than its slowest' => [$lathe(['most_rpm' => 20]), 'lathe.most_rpm'];
        yield 'a plate of one hole' => [$lathe(['index_holes' => [24, 1]]), 'lathe.index_holes.1'];
        yield 'a plate of too many' => [$lathe(['index_holes' => [1001]]), 'lathe.index_holes.0'];
        yield 'jaws that close wider than they open' => [
            ['jaws' => [['name' => 'x', 'tenon_min_mm' => 60, 'tenon_max_mm' => 50]]], 'jaws.0.tenon_max_mm',
        ];
        yield 'a hold that nobody has' => [['holds' => [['mount' => 'glue']]], 'holds.0.mount'];
    }

    /**
     * @param  array<string, mixed>  $equipment
     * @param  array<string, mixed>  $part
     */
    private static function route(array $equipment, array $part = []): Route
    {
        $tables = Drawn::tables();
        $catalogue = Catalogue::shipped();

        return Route::of(
            Piece::read(Document::of(Benchwork::piece([Benchwork::bowl($part)])), $tables),
            new Bench(
                $catalogue->abrasives(), Bench::usualGrits($catalogue->abrasives()), $catalogue->calibration(),
                equipment: Equipment::read(Document::of($equipment + self::SHOP)),
            ), $tables,
        );
    }
}
