<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\Grasp;
use HonestGrain\Holding\Holds;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Holding\WorkSize;
use HonestGrain\Holding\WorkWood;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use PHPUnit\Framework\TestCase;

/** What holds which work, in what size, of what a shop has; and the routes that follow from it. */
final class HoldsTest extends TestCase
{
    public function test_screws_go_into_wood_that_is_hollowed_away_and_into_what_the_shop_owns_a_hold_for(): void
    {
        $hold = fn (float $across, float $high, float $hollow, float $kg, array $owned = []): ?Mount => self::holds(
            self::blank($across, $high, $hollow, $kg), ['holds' => self::owned(...$owned)],
        )->choice()?->mount;
        self::assertSame(Mount::Screw, $hold(250, 90, 60, 3));
        self::assertSame(Mount::Faceplate, $hold(301, 90, 60, 3), 'too wide for a screw');
        self::assertSame(Mount::Faceplate, $hold(250, 101, 60, 3), 'too high');
        self::assertSame(Mount::Faceplate, $hold(250, 90, 60, 4.1), 'too heavy');
        self::assertSame(Mount::Faceplate, $hold(250, 40, 21, 2), 'the screw would come within 2 mm of its floor');
        self::assertSame(Mount::BetweenCentres, $hold(250, 40, 13, 2), 'so would the screws of a plate');
        self::assertSame(Mount::BetweenCentres, $hold(250, 90, 60, 41), 'more than a plate takes');
        self::assertSame(Mount::BetweenCentres, $hold(250, 90, 0, 3), 'what stays solid');
        self::assertSame(Mount::Faceplate, $hold(250, 90, 60, 3, ['faceplate', 'tenon']), 'a screw is not owned');
        self::assertSame(Mount::BetweenCentres, $hold(250, 90, 60, 3, ['tenon']));
        foreach ([[3.0, 12.0], [10.0, 20.0], [20.0, 25.0], [21.0, 38.0]] as [$kg, $deep]) {
            $plate = self::holds(self::blank(400, 200, 140, $kg))->by(Mount::Faceplate);
            self::assertSame($deep, $plate?->size['screws_mm'], "$kg kg");
        }
        $end = self::holds(self::blank(100, 90, 60, 1, GrainDirection::End));
        self::assertSame(38.0, $end->by(Mount::Faceplate)?->size['screws_mm'], 'end grain holds a screw badly');
        self::assertSame(Mount::BetweenCentres, $end->choice()?->mount);
        self::assertFalse($end->by(Mount::Screw)?->fits());
    }

    public function test_a_plate_is_as_large_as_the_work_is_high(): void
    {
        $plate = fn (float $size, float $high): ?Grasp => self::holds(self::blank(400, $high, 90, 8), [
            'holds' => [['mount' => 'faceplate', 'size_mm' => $size]],
        ])->by(Mount::Faceplate);
        self::assertTrue($plate(100, 150)?->fits());
        self::assertFalse($plate(100, 151)?->fits(), '1.5 times its width is the most');
        self::assertStringContainsString('101 mm or more', Told::of($plate(100, 151)->because[0]));
        self::assertSame(134.0, self::holds(self::blank(400, 201, 90, 8))->by(Mount::Faceplate)?->size['plate_mm']);
    }

    public function test_a_tenon_is_a_third_of_side_grain_a_quarter_with_the_tail_and_no_less(): void
    {
        $jaws = fn (float $most): array => ['jaws' => [
            ['name' => 'J', 'tenon_min_mm' => 40, 'tenon_max_mm' => $most],
        ]];
        $tenon = fn (float $most, float $across = 200): ?Grasp => self::holds(
            self::bowl($across, 60), $jaws($most),
        )->by(Mount::Tenon);
        self::assertSame(66.0, $tenon(80)?->size['diameter_mm']);
        self::assertSame(8.0, $tenon(80)->size['length_mm']);
        $usual = $tenon(80)->speed->rpm ?? 0;
        self::assertSame(50.0, $tenon(60)?->size['diameter_mm'], 'a quarter, with the tail centre up');
        self::assertStringContainsString('tail centre', Told::of($tenon(60)->how[2] ?? $tenon(60)->how[1]));
        self::assertEqualsWithDelta(6 / 9, ($tenon(60)->speed->rpm ?? 0) / $usual, 0.02, 'and slower');
        self::assertFalse($tenon(49)?->fits(), 'less is none');
        self::assertStringContainsString('66 mm', Told::of($tenon(49)->because[0]));
        self::assertSame(42.0, $tenon(80, 120)?->size['diameter_mm'], 'near the true circle of the jaws');
        $shallow = self::holds(self::bowl(120, 60), ['jaws' => [
            ['name' => 'J', 'tenon_min_mm' => 40, 'tenon_max_mm' => 60, 'depth_mm' => 8],
        ]])->by(Mount::Tenon);
        self::assertSame(7.0, $shallow?->size['length_mm'], 'a millimetre clear of the floor of the chuck');
        $wet = self::holds(self::bowl(200, 60, new WorkWood(isWet: true)))->by(Mount::Tenon);
        self::assertSame(10.0, $wet?->size['length_mm']);
    }

    public function test_work_stands_three_times_its_tenon_out_of_the_jaws_and_five_with_a_steady(): void
    {
        $tenon = fn (float $high, bool $isHollow, array $owned): ?Grasp => self::holds(
            self::post(60, $high, $isHollow), [
                'jaws' => [['name' => 'J', 'tenon_min_mm' => 38, 'tenon_max_mm' => 40]],
                'holds' => self::owned('tenon', ...$owned),
            ],
        )->by(Mount::Tenon);
        self::assertCount(1, $tenon(120, true, [])->how ?? [], 'nothing to mind');
        self::assertCount(2, $tenon(121, true, [])->how ?? [], 'to four times with care');
        self::assertTrue($tenon(160, true, [])?->fits());
        self::assertFalse($tenon(161, true, [])?->fits(), 'the tail centre is in the way of the hollowing');
        self::assertTrue($tenon(161, true, ['steady'])?->fits());
        self::assertTrue($tenon(200, false, [])?->fits());
        self::assertFalse($tenon(201, false, ['steady'])?->fits());
    }

    public function test_a_recess_wants_sound_wood_round_it_and_work_that_is_not_high(): void
    {
        $recess = fn (float $foot, float $high, float $floor = 12.0): ?Grasp => self::holds(
            self::bowl(200, $high, new WorkWood(hardnessN: 6000), $foot, $floor), ['jaws' => [
                ['name' => 'J', 'recess_min_mm' => 38, 'recess_max_mm' => 80],
            ]],
        )->by(Mount::Recess);
        self::assertSame(40.0, $recess(80, 30)?->size['diameter_mm'], 'a fifth of low work');
        self::assertSame(60.0, $recess(100, 50)?->size['diameter_mm'], 'three tenths above');
        self::assertSame(80.0, $recess(120, 51)?->size['diameter_mm'], 'and four');
        self::assertTrue($recess(120, 100)?->fits());
        self::assertFalse($recess(120, 101)?->fits(), 'half as high as wide is the most');
        self::assertFalse($recess(67, 30)?->fits(), '15 mm of wood all round');
        self::assertStringContainsString('small recess', Told::of($recess(68, 30)->how[1] ?? ''), 'is taken with care');
        self::assertSame(5.0, $recess(80, 30)->size['depth_mm']);
        self::assertSame(4.0, $recess(80, 30, 10.0)?->size['depth_mm'], '6 mm of floor stay');
        self::assertStringContainsString('floor', Told::of($recess(80, 30, 8.0)->how[1] ?? ''));
    }

    public function test_wide_jaws_vacuum_and_mandrel_say_what_must_be_true(): void
    {
        $foot = fn (WorkWood $wood, float $floor = 10.0, array $of = []): Holds => self::holds(
            self::bowl(200, 60, $wood, 80, $floor, HoldStage::Foot), $of,
        );
        $fits = fn (Holds $holds, Mount $mount): bool => $holds->by($mount)?->fits() === true;
        $sound = $foot(new WorkWood);
        self::assertTrue($fits($sound, Mount::WideJaws) && $fits($sound, Mount::Vacuum) && $fits($sound, Mount::Jam));
        self::assertFalse($fits($sound, Mount::Mandrel));
        self::assertSame(549.8, $sound->by(Mount::Vacuum)->size['force_n'] ?? null, '0.07 N on each mm² of 100 mm');
        $bark = $foot(new WorkWood(hasBrokenRim: true));
        self::assertFalse($fits($bark, Mount::WideJaws) || $fits($bark, Mount::Vacuum));
        self::assertFalse($fits($foot(new WorkWood(isOpen: true)), Mount::Vacuum), 'air goes through');
        self::assertFalse($fits($foot(new WorkWood(isTrue: false)), Mount::WideJaws), 'out of round');
        $seal = fn (float $mm, float $floor): bool => $fits($foot(new WorkWood, $floor, [
            'holds' => [['mount' => 'vacuum', 'size_mm' => $mm]],
        ]), Mount::Vacuum);
        self::assertFalse($seal(150, 3.0), 'a floor of 3 mm over 150 mm implodes');
        self::assertTrue($seal(150, 6.0));
        $reach = fn (float $mm): bool => $fits($foot(new WorkWood, 10.0, [
            'holds' => [['mount' => 'wide-jaws', 'size_mm' => $mm]],
        ]), Mount::WideJaws);
        self::assertTrue($reach(200));
        self::assertFalse($reach(199));
        self::assertFalse($fits($foot(new WorkWood, 10.0, [
            'holds' => [['mount' => 'wide-jaws', 'most_diameter_mm' => 150]],
        ]), Mount::WideJaws), 'a limit of one\'s own stands in the place of the table\'s');
    }

    public function test_a_shop_with_a_faceplate_and_wide_jaws_turns_a_platter_by_its_edge(): void
    {
        $steps = self::steps(self::platter(), ['holds' => [
            ['mount' => 'faceplate'], ['mount' => 'wide-jaws', 'size_mm' => 400],
        ]]);
        self::assertSame(Mount::Faceplate, $steps['body/mount']->setup->mount);
        self::assertSame(Mount::WideJaws, $steps['body.inside/hollow']->setup->mount);
        self::assertSame(Mount::Faceplate, $steps['body.foot/shape']->setup->mount, 'the foot is done before it turns');
        self::assertArrayNotHasKey('body/tenon', $steps);
        self::assertArrayNotHasKey('body/part-off', $steps);
        self::assertStringContainsString('Not by the tenon', Told::of($steps['body/reverse']->words->how[3]));
    }

    public function test_without_jaws_what_is_deep_is_held_by_a_block_that_sets_first(): void
    {
        $steps = self::steps(Benchwork::piece([Benchwork::bowl()], ['starts_as' => 'blank']), [
            'holds' => self::owned('faceplate'),
        ]);
        $order = array_flip(array_keys($steps));
        self::assertLessThan($order['body/rough'], $order['body/block']);
        self::assertGreaterThan(1.0, $steps['body/block']->timing->wait->minHours, 'the glue has to set');
        self::assertSame(Mount::Faceplate, $steps['body.inside/hollow']->setup->mount);
    }

    public function test_a_hold_that_the_table_does_not_know_is_taken_by_no_route(): void
    {
        $bowl = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl()], [
            'starts_as' => 'blank',
        ])), Drawn::tables());
        $of = fn (Mount ...$gone): Route => Route::of(
            $bowl, Bench::usual(Drawn::catalogue()),
            Drawn::tables()->withHolds(Drawn::tables()->lathe->holds->without(...$gone)),
        );
        $first = fn (Mount ...$gone): ?Mount => $of(...$gone)->steps[0]->setup->mount;
        $bare = [Mount::Screw, Mount::Faceplate];
        self::assertNotSame($first(), $first(...$bare));
        $none = $of(...Mount::cases());
        self::assertSame('no-hold', $none->withoutDate()['code'] ?? null);
        self::assertNotSame([], $none->conflicts[0]->choices, 'with the way out');
        self::assertNotContains('no-hold', array_map(fn ($one) => $one->code->value, $of()->conflicts));
    }

    /** @return array<string, mixed> */
    private static function platter(): array
    {
        return Benchwork::piece([['shape' => [
            'outer' => [[0, 75, 'corner'], [8, 120], [30, 170, 'corner']],
            'inner' => [[30, 164, 'corner'], [17, 120], [11, 0]],
        ]] + Benchwork::bowl()], ['starts_as' => 'blank']);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $equipment
     * @return array<string, Step>
     */
    private static function steps(array $document, array $equipment): array
    {
        return array_column(Route::of(
            Piece::read(Document::of($document), Drawn::tables()),
            Bench::usual(Drawn::catalogue())->with(Equipment::read(Document::of($equipment))), Drawn::tables(),
        )->steps, null, 'id');
    }

    /** @return list<array{mount: string}> */
    private static function owned(string ...$mounts): array
    {
        return array_map(fn (string $mount): array => ['mount' => $mount], array_values($mounts));
    }

    /** @param  array<string, mixed>  $equipment */
    private static function holds(Workpiece $work, array $equipment = []): Holds
    {
        return Holds::of(
            $work, Equipment::read(Document::of($equipment)), Drawn::tables()->lathe->holds,
            Drawn::catalogue()->calibration(),
        );
    }

    /** A blank that is hollowed to the same depth all over its middle. */
    private static function blank(
        float $across, float $high, float $hollow, float $kg, GrainDirection $grain = GrainDirection::Side,
    ): Workpiece {
        $r = $across / 2;
        $inner = $hollow > 0 ? [[$high, $r - 5, 'corner'], [$high - $hollow, $r - 8, 'corner'], [$high - $hollow, 0]]
            : null;

        return new Workpiece(
            HoldStage::Outside, self::profile([[0, $r, 'corner'], [$high, $r, 'corner']], $inner), $grain,
            new WorkSize($across, $high, 1000 * $kg), new WorkWood,
        );
    }

    private static function bowl(
        float $across,
        float $high,
        WorkWood $wood = new WorkWood,
        float $foot = 80.0,
        float $floor = 12.0,
        HoldStage $stage = HoldStage::Inside,
    ): Workpiece {
        $profile = self::profile(
            [[0, $foot / 2, 'corner'], [$high, $across / 2, 'corner']],
            [[$high, $across / 2 - 8, 'corner'], [$floor, $foot / 2 - 10, 'corner'], [$floor, 0]],
        );

        return new Workpiece($stage, $profile, GrainDirection::Side, new WorkSize($across, $high, 900), $wood);
    }

    private static function post(float $across, float $high, bool $isHollow): Workpiece
    {
        $r = $across / 2;
        $profile = self::profile([[0, $r, 'corner'], [$high, $r, 'corner']], $isHollow
            ? [[$high, $r - 5, 'corner'], [15, $r - 5, 'corner'], [15, 0]] : null);

        return new Workpiece(
            HoldStage::Inside, $profile, GrainDirection::End, new WorkSize($across, $high, 500), new WorkWood,
        );
    }

    /**
     * @param  list<list<mixed>>  $outer
     * @param  list<list<mixed>>|null  $inner
     */
    private static function profile(array $outer, ?array $inner): Profile
    {
        return Profile::read(Document::of(['outer' => $outer, 'inner' => $inner]));
    }
}
