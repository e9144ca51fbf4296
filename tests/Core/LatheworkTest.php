<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\Assembly;
use HonestGrain\Drawing\FittingInk;
use HonestGrain\Drawing\HoleInk;
use HonestGrain\Drawing\StickStrip;
use HonestGrain\Drawing\StockStrip;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Profile;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\Mount;
use HonestGrain\Lathework\Stock;
use HonestGrain\Lathework\StockForm;
use HonestGrain\Lathework\StockPart;
use HonestGrain\Lathework\WoodSuits;
use HonestGrain\Piece\NeededStock;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\StickMark;
use HonestGrain\Piece\StoryStick;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Route;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\ShopLimits;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Wood\RimSpeed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is done to wood on the lathe, against what makers know it to take. */
final class LatheworkTest extends TestCase
{
    use Asking;

    /** @return iterable<string, array{array<string, mixed>, float, float}> a cut, and from and to what it takes, min */
    public static function cutsThatMakersKnow(): iterable
    {
        $maple = ['diameter_mm' => 262, 'grain' => 'side', 'hardness_n' => 6450];
        $blank = M_PI / 4 * 262 ** 2 * 98;
        // A bowl of 250 × 90 out of a blank of 262 × 98, as a half of an ellipsoid and as a cone.
        $round = 2 / 3 * M_PI * 125 ** 2 * 90;
        yield 'the outside of a round bowl' => [
            ['operation' => 'shape', 'volume_mm3' => $blank - $round, 'area_mm2' => 80_460] + $maple, 27.0, 36.5,
        ];
        yield 'the outside of a straight one' => [
            ['operation' => 'shape', 'volume_mm3' => $blank - $round / 2, 'area_mm2' => 60_480] + $maple, 27.0, 36.5,
        ];
        $hollow = ['operation' => 'hollow', 'wall_mm' => 8, 'diameter_mm' => 250] + $maple;
        yield 'the inside of a round bowl' => [
            ['volume_mm3' => 2 / 3 * M_PI * 117 ** 2 * 82, 'area_mm2' => 70_000] + $hollow, 16.0, 28.5,
        ];
        yield 'the inside of a straight one' => [
            ['volume_mm3' => M_PI / 3 * 117 ** 2 * 82, 'area_mm2' => 52_500] + $hollow, 15.8, 28.5,
        ];
        yield 'a box in end grain' => [[
            'operation' => 'hollow', 'volume_mm3' => M_PI * 35 ** 2 * 122, 'area_mm2' => 30_700, 'diameter_mm' => 76,
            'wall_mm' => 3, 'grain' => 'end', 'hardness_n' => 6460,
        ], 20.0, 35.0];
        yield 'a goblet’s cup' => [[
            'operation' => 'hollow', 'volume_mm3' => 2 / 3 * M_PI * 34 ** 2 * 69, 'area_mm2' => 13_000,
            'diameter_mm' => 70, 'wall_mm' => 1, 'grain' => 'end', 'hardness_n' => 5000,
        ], 14.0, 30.0];
        yield 'a square brought round' => [[
            'operation' => 'rough', 'volume_mm3' => (1 - M_PI / 4) * 89 ** 2 * 250, 'diameter_mm' => 89,
            'grain' => 'end', 'hardness_n' => 3000,
        ], 4.0, 7.0];
    }

    /** @param  array<string, mixed>  $cut */
    #[DataProvider('cutsThatMakersKnow')]
    public function test_a_cut_takes_what_makers_know_it_to_take(array $cut, float $from, float $to): void
    {
        $answer = $this->ask('cut', $cut);
        self::assertGreaterThanOrEqual($from, $answer['minutes']);
        self::assertLessThanOrEqual($to, $answer['minutes']);
        self::assertEqualsWithDelta($answer['minutes'], array_sum($answer['parts']), 1e-3);
    }

    public function test_each_part_of_a_cut_follows_from_what_it_should(): void
    {
        $cut = [
            'operation' => 'hollow', 'volume_mm3' => 1_800_000, 'area_mm2' => 60_000, 'diameter_mm' => 200,
            'grain' => 'side', 'hardness_n' => 3000,
        ];
        $plain = $this->ask('cut', $cut);
        self::assertEqualsWithDelta(180.0, $plain['cm3_per_minute'], 1e-9);
        self::assertEquals(
            ['set_up' => 2, 'waste' => 10, 'finish' => 6, 'details' => 0, 'sharpening' => 2], $plain['parts'],
        );
        $parts = fn (array $more): array => $this->ask('cut', $more + $cut)['parts'];
        self::assertEqualsWithDelta(30.0, $parts(['grain' => 'end'])['waste'], 1e-9);
        self::assertEqualsWithDelta(20.0, $parts(['hardness_n' => 12_000])['waste'], 1e-9);
        self::assertEqualsWithDelta(10 / 1.4, $parts(['wet' => true])['waste'], 1e-3);
        self::assertEqualsWithDelta(10 / 1.3, $parts(['diameter_mm' => 2000])['waste'], 1e-3, 'no faster than so');
        self::assertEqualsWithDelta(20.0, $parts(['diameter_mm' => 50])['waste'], 1e-9);
        self::assertEquals(
            ['waste' => 20, 'finish' => 9, 'sharpening' => 2],
            array_intersect_key($parts(['mouth_share' => 0.49]), ['waste' => 0, 'finish' => 0, 'sharpening' => 0]),
        );
        self::assertEquals($plain['parts'], $parts(['mouth_share' => 0.5]));
        self::assertEquals($plain['parts'], $parts(['wall_mm' => 4]));
        self::assertEqualsWithDelta(6 * 8, $parts(['wall_mm' => 1])['finish'], 1e-9);
        self::assertEqualsWithDelta(1 + 3 * 2, $parts(['details' => 3, 'hardness_n' => 12_000])['details'], 1e-9);
        $rough = $parts(['operation' => 'rough', 'mouth_share' => 0.1, 'grain' => 'end']);
        self::assertEquals([9.0, 0.0], [$rough['waste'], $rough['finish']], 'outside no mouth is in the way');
        self::assertTrue($this->ask('cut', ['wall_mm' => 2.9] + $cut)['in_rings']);
        self::assertFalse($this->ask('cut', ['wall_mm' => 3] + $cut)['in_rings']);
    }

    public function test_sharpening_counts_whole_quarters_of_an_hour_only(): void
    {
        $sharpening = fn (float $minutes): float => (float) $this->ask('cut', [
            'operation' => 'rough', 'volume_mm3' => $minutes * 200_000, 'diameter_mm' => 200, 'grain' => 'side',
            'hardness_n' => 3000,
        ])['parts']['sharpening'];
        self::assertSame([0.0, 2.0, 2.0, 4.0], array_map($sharpening, [14.99, 15.0, 29.99, 30.0]));
    }

    public function test_a_bit_turns_as_fast_as_its_kind_and_size_allow(): void
    {
        $bore = fn (string $kind, float $d, array $more = []): array => $this->ask('bore', $more + [
            'diameter_mm' => $d, 'depth_mm' => 2 * $d, 'grain' => 'side', 'hardness_n' => 3000,
            'bits' => [['kind' => $kind, 'diameter_mm' => $d, 'length_mm' => 400]],
        ]);
        self::assertSame(250, $bore('forstner', 50)['rpm']);
        self::assertSame(500, $bore('forstner', 25)['rpm']);
        self::assertSame(500, $bore('forstner', 25, ['hardness_n' => 12_000])['rpm'], 'by its rim alone');
        self::assertSame(1910, $bore('twist', 10)['rpm']);
        self::assertSame(950, $bore('twist', 10, ['hardness_n' => 12_000])['rpm']);
        self::assertSame(1530, $bore('brad', 10)['rpm']);
        self::assertSame([3000, 1800], [$bore('twist', 3)['rpm'], $bore('brad', 3)['rpm']]);
        self::assertSame(400, $bore('twist', 10, ['most_rpm' => 400])['rpm']);
        // 50 mm at 25 mm a minute and 25 mm at 40; in wood of 6400 N at 17 and 34.
        $feed = fn (float $d, float $hardnessN): float => 2 * $d / ($bore(
            'forstner', $d, ['hardness_n' => $hardnessN],
        )['minutes'] - 3);
        self::assertEqualsWithDelta(25.0, $feed(50, 3000), 0.1);
        self::assertEqualsWithDelta(40.0, $feed(25, 3000), 0.1);
        self::assertEqualsWithDelta(17.1, $feed(50, 6400), 0.1);
        self::assertEqualsWithDelta(34.2, $feed(25, 6400), 0.1);
    }

    public function test_deep_in_end_grain_and_in_gum_it_turns_half_as_fast(): void
    {
        $mill = [
            'diameter_mm' => 27, 'depth_mm' => 180, 'grain' => 'end', 'hardness_n' => 3000,
            'bits' => [['kind' => 'forstner', 'diameter_mm' => 27, 'length_mm' => 200]],
            'wall' => ['thickness_mm' => 200],
        ];
        $deep = $this->ask('bore', $mill);
        self::assertSame([460, 230], [$deep['rpm'], $deep['rpm_deep']]);
        self::assertEqualsWithDelta(3 + 81 / 40 + 99 / 23, $deep['minutes'], 0.01);
        self::assertEqualsWithDelta(20.0, $deep['floor_mm'], 1e-9);
        self::assertStringContainsString('below 81 mm at 230 rpm', $deep['how'][0]);
        self::assertStringContainsString('every 15 mm', $deep['how'][1]);
        self::assertNull($this->ask('bore', ['grain' => 'side'] + $mill)['rpm_deep']);
        self::assertSame(230, $this->ask('bore', ['grain' => 'side', 'gummy' => true] + $mill)['rpm_deep']);
        self::assertNull($this->ask('bore', ['depth_mm' => 81] + $mill)['rpm_deep']);
        $through = $this->ask('bore', ['depth_mm' => 250] + $mill);
        self::assertNull($through['floor_mm']);
        self::assertFalse($through['from_both_ends'], 'the bit reaches through all of the 200 mm there are');
    }

    public function test_a_hole_right_through_may_be_bored_from_both_ends_and_a_bit_too_short_is_refused(): void
    {
        $lamp = [
            'diameter_mm' => 10, 'depth_mm' => 260, 'grain' => 'end', 'hardness_n' => 3000,
            'bits' => [['kind' => 'twist', 'diameter_mm' => 10, 'length_mm' => 140]],
        ];
        self::assertTrue($this->ask('bore', $lamp + ['wall' => ['thickness_mm' => 260]])['from_both_ends']);
        $short = $this->refused('bore', $lamp);
        self::assertSame(['too-short', 'bits.0.length_mm'], [$short['code'], $short['field']]);
        self::assertSame('no-bit', $this->refused('bore', ['diameter_mm' => 11] + $lamp)['code']);
        $sold = array_diff_key($lamp, ['bits' => 0]);
        self::assertSame('gun', $this->ask('bore', $sold)['bits'][0]['kind']);
        self::assertSame('brad', $this->ask('bore', ['depth_mm' => 60] + $sold)['bits'][0]['kind']);
    }

    public function test_what_is_turned_about_a_hole_is_bored_first_and_its_outside_turned_true_to_it(): void
    {
        $mill = $this->solid(['diameter_mm' => 27, 'depth_mm' => null]);
        $steps = Benchwork::steps(Benchwork::piece([$mill], ['starts_as' => 'blank']));
        $order = array_flip(array_keys($steps));
        self::assertLessThan($order['body.outside/shape'], $order['body.bore/drill']);
        self::assertLessThan($order['body.outside/sand'], $order['body.outside/shape']);
        self::assertSame(460, $steps['body.bore/drill']->setup->rpm);
        $how = Told::each($steps['body.outside/shape']->words->how);
        self::assertContains('Tail centre up, its cone in the hole.', $how);
    }

    public function test_between_centres_no_bit_comes_near_so_the_blank_is_bored_before_it_is_mounted(): void
    {
        $handle = $this->solid(['diameter_mm' => 8, 'depth_mm' => 70], ['holding' => 'between-centres']);
        $steps = Benchwork::steps(Benchwork::piece([$handle], ['starts_as' => 'blank']));
        self::assertSame('body.bore/drill', array_key_first($steps));
        self::assertSame(Mount::Lap, $steps['body.bore/drill']->setup->mount);
        $order = array_flip(array_keys($steps));
        self::assertLessThan($order['body/rough'], $order['body.bore/drill']);
        $roughed = array_flip(array_keys(Benchwork::steps(Benchwork::piece([$handle], ['starts_as' => 'roughed']))));
        self::assertLessThan($roughed['body/true'], $roughed['body.bore/drill']);
        self::assertStringContainsString('marked at 76 mm', Told::of($steps['body.bore/drill']->words->how[0]));
    }

    public function test_a_hole_that_no_bit_of_the_shop_bores_has_no_date_and_says_what_would_do(): void
    {
        $route = function (float $acrossMm, array $bits): Route {
            $table = Drawn::catalogue()->abrasives();

            return Route::of(Piece::read(Document::of(Benchwork::piece(
                [$this->solid(['diameter_mm' => $acrossMm, 'depth_mm' => 90])], ['starts_as' => 'blank'],
            )), Drawn::tables()), new Bench(
                $table, Bench::usualGrits($table), Drawn::catalogue()->calibration(),
                equipment: Equipment::read(Document::of(['bits' => $bits])),
            ), Drawn::tables());
        };
        $short = [['kind' => 'brad', 'diameter_mm' => 10, 'length_mm' => 60]];
        $none = $route(10, $short);
        self::assertSame('no-bit', $none->withoutDate()['code'] ?? null);
        [$conflict] = $none->conflicts;
        self::assertStringContainsString(
            'It reaches 60 mm, and the hole wants 90 mm', Told::of($conflict->message),
        );
        self::assertContains(
            'Draw it right through: it is then bored from both ends', Told::each($conflict->choices),
        );
        $long = ['kind' => 'gun', 'diameter_mm' => 10, 'length_mm' => 300];
        self::assertNull($route(10, [$long, ...$short])->withoutDate());
        self::assertNull($route(30, $short)->withoutDate(), 'so wide a hole is cut with a tool');
    }

    public function test_a_step_says_what_holds_its_speed_down_and_too_fast_a_lathe_is_refused(): void
    {
        $route = function (float $acrossMm, array $lathe, array $more = []): Route {
            $table = Drawn::catalogue()->abrasives();
            $bowl = Benchwork::bowl(['shape' => [
                'outer' => [[0, 40, 'corner'], [120, $acrossMm / 2, 'corner']],
                'inner' => [[120, $acrossMm / 2 - 12, 'corner'], [15, 25, 'corner'], [15, 0]],
            ]] + $more);

            return Route::of(Piece::read(Document::of(
                Benchwork::piece([$bowl], ['starts_as' => 'blank']),
            ), Drawn::tables()), new Bench(
                $table, Bench::usualGrits($table), Drawn::catalogue()->calibration(),
                equipment: Equipment::read(Document::of(['lathe' => $lathe + [
                    'swing_mm' => 600, 'bed_mm' => 900, 'least_rpm' => 60, 'most_rpm' => 3000,
                ], 'holds' => [['mount' => 'tenon', 'most_rpm' => 400]]])),
            ), Drawn::tables());
        };
        $says = fn (Route $route, string $id): string => Told::of(
            array_slice(array_column($route->steps, null, 'id')[$id]->words->reckoning, -1)[0],
        );
        $bowl = $route(250, []);
        self::assertSame('400 rpm at the most: the fastest of this hold, as listed under Shop.', $says(
            $bowl, 'body.inside/hollow',
        ));
        self::assertStringStartsWith(
            '330 rpm at the most: 9.0 m/s at the rim of 256 mm, for sound wood, and 50 % of that until it runs true.',
            $says($bowl, 'body/rough'),
        );
        self::assertStringStartsWith('380 rpm at the most: 5.0 m/s at the rim of 250 mm', $says(
            $bowl, 'body.inside/sand',
        ));
        $slow = $route(250, ['most_rpm' => 300]);
        self::assertSame('300 rpm at the most: the fastest of the lathe.', $says($slow, 'body.outside/shape'));
        self::assertNull($bowl->withoutDate());
        $log = $route(500, ['least_rpm' => 150]);
        self::assertSame('too-fast', $log->withoutDate()['code'] ?? null);
        self::assertStringContainsString('turns no slower than 150 rpm', Told::of($log->conflicts[0]->message));
        self::assertNull($route(500, ['least_rpm' => 100])->withoutDate());
        $wide = array_map(Told::of(...), array_column($route(500, ['least_rpm' => 200])->conflicts, 'message'));
        self::assertStringContainsString('It is sanded at 190 rpm or slower', implode(' ', $wide));
    }

    public function test_parts_are_laid_out_on_a_blank_with_their_holds_and_a_cut_between_them(): void
    {
        $part = fn (string $id, float $long, float $across, string $hold): array => [
            'id' => $id, 'length_mm' => $long, 'diameter_mm' => $across, 'hold' => $hold,
        ];
        $parts = [$part('lid', 40, 60, 'tenon'), $part('body', 90, 62, 'recess'), $part('knob', 20, 15, 'none')];
        $blank = ['form' => 'square', 'length_mm' => 190, 'width_mm' => 65];
        $answer = $this->ask('stock', ['blank' => $blank, 'parts' => $parts]);
        self::assertTrue($answer['fits']);
        self::assertEquals([
            ['id' => 'lid', 'from_mm' => 0, 'to_mm' => 48], ['id' => 'body', 'from_mm' => 52, 'to_mm' => 147],
            ['id' => 'knob', 'from_mm' => 151, 'to_mm' => 181],
        ], $answer['order']);
        self::assertEquals([181, 9], [$answer['needed_mm'], $answer['left_mm']]);
        $short = $this->ask('stock', ['blank' => ['length_mm' => 180, 'width_mm' => 61] + $blank, 'parts' => $parts]);
        self::assertFalse($short['fits']);
        self::assertEquals(-1, $short['left_mm']);
        self::assertSame([
            'They take 181 mm of its length, and it is 180 mm long: 1 mm too short.',
            'body is 62 mm across, and the blank is 61 mm.',
        ], $short['problems']);
        $slab = ['form' => 'slab', 'length_mm' => 126, 'width_mm' => 62, 'height_mm' => 48];
        $across = $this->ask('stock', ['blank' => $slab, 'parts' => array_slice($parts, 0, 2)]);
        self::assertEquals([126, 0], [$across['needed_mm'], $across['left_mm']]);
        self::assertSame(
            ['body takes 95 mm of its thickness with what it is held by, and it is 48 mm thick.'],
            $across['problems'],
        );
        self::assertSame('blank.height_mm', $this->refused(
            'stock', ['blank' => array_diff_key($slab, ['height_mm' => 0]), 'parts' => $parts],
        )['field']);
    }

    public function test_the_least_blank_holds_all_parts_along_the_grain_next_to_each_other(): void
    {
        $lid = ['id' => 'lid', 'name' => 'Lid', 'shape' => [
            'outer' => [[0, 25, 'corner'], [40, 25, 'corner']], 'inner' => null,
        ]] + $this->solid([]);
        unset($lid['shape']['bore']);
        $piece = fn (array ...$parts): Piece => Piece::read(
            Document::of(Benchwork::piece(array_values($parts), ['starts_as' => 'blank'])), Drawn::tables(),
        );
        $body = ['shape' => ['outer' => [[0, 30, 'corner'], [160, 30, 'corner']], 'inner' => null]] + $this->solid([]);
        [$one] = NeededStock::of($piece($body, $lid), Drawn::catalogue()->calibration());
        // 160 and 40 with a tenon of 8 each, a cut of 4, and 6 to come clean; 60 across and 6.
        self::assertEqualsWithDelta([226.0, 66.0], [$one->stock->lengthMm, $one->stock->widthMm], 1e-6);
        self::assertTrue($one->layout->fits());
        self::assertEqualsWithDelta(6.0, $one->layout->leftMm, 1e-6);
        $two = NeededStock::of($piece($body, ['wood' => 'Ash (white)'] + $lid), Drawn::catalogue()->calibration());
        self::assertCount(2, $two, 'two woods, two blanks');
        [$bowl] = NeededStock::of($piece(Benchwork::bowl()), Drawn::catalogue()->calibration());
        self::assertTrue($bowl->isDisc());
    }

    public function test_parts_come_out_of_the_blank_that_was_entered_or_have_no_date(): void
    {
        $box = Benchwork::box(starts: 'blank');
        $ids = array_column($box['parts'], 'id');
        $out = fn (float $long, float $wide = 80, ?array $parts = null): Route => Benchwork::route(['stock' => [[
            'id' => 's', 'form' => 'square', 'length_mm' => $long, 'width_mm' => $wide, 'parts' => $parts ?? $ids,
        ]]] + $box);
        $route = $out(400);
        $steps = array_column($route->steps, null, 'id');
        $order = array_flip(array_keys($steps));
        self::assertNull($route->withoutDate());
        foreach ($ids as $part) {
            self::assertLessThan($order["$part/rough"], $order['s/saw'], 'sawn apart before it is turned');
        }
        self::assertStringContainsString('left over', Told::all($steps['s/saw']->words->how));
        $short = $out(80);
        self::assertSame('stock', $short->withoutDate()['code'] ?? null);
        self::assertStringContainsString('too short', (string) json_encode(array_map(
            fn ($one): string => Told::of($one->message), $short->conflicts,
        )));
        self::assertSame('stock', $out(400, 40)->withoutDate()['code'] ?? null, 'too narrow');
        $again = fn (?int $blank): array => Piece::read(Document::of(['stock' => [[
            'id' => 's', 'blank' => $blank, 'form' => 'square', 'length_mm' => 400, 'width_mm' => 80, 'parts' => $ids,
        ]]] + $box), Drawn::tables())->another(null)->stock;
        self::assertCount(1, $again(null));
        self::assertSame([], $again(7), 'a blank of the rack is cut once');
        $minutes = fn (float $wide): float => array_column(
            $out(400, $wide)->steps, null, 'id',
        )["$ids[0]/rough"]->timing->minutes;
        self::assertGreaterThan($minutes(80), $minutes(120), 'more wood takes longer to bring round');
        $rpm = fn (float $wide): ?int => array_column(
            $out(400, $wide)->steps, null, 'id',
        )["$ids[0]/rough"]->setup->rpm;
        self::assertLessThan($rpm(80), $rpm(120), 'and starts slower, by its corners');
        try {
            $out(400, 80, [$ids[0], $ids[0]]);
            self::fail('A part comes out of one place.');
        } catch (InvalidField $refused) {
            self::assertSame('stock.0.parts.1', $refused->field);
        }
    }

    public function test_a_flaw_is_mended_before_the_wall_is_thinned_and_holds_the_lathe_down_no_longer(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl(['features' => [[
            'id' => 'f', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 60, 'width_mm' => 2,
            'depth_mm' => 8, 'wish' => 'fill', 'with' => 'epoxy',
        ]]])], ['starts_as' => 'blank']));
        $order = array_flip(array_keys($steps));
        self::assertLessThan($order['body.inside/hollow'], $order['f']);
        $rim = fn (string $id): float => RimSpeed::metresPerSecond(280, $steps[$id]->setup->rpm ?? 0);
        self::assertLessThanOrEqual(3.0, $rim('body.outside/shape'), 'it may fly');
        self::assertGreaterThan(8.0, $rim('body.inside/hollow'), 'it has set');
        self::assertStringContainsString('half the speed', Told::all($steps['f']->words->how));
        // Nothing of the part spins before its glue has set, whatever face it is on.
        $set = $steps['f']->timing->wait->minHours;
        self::assertGreaterThan(0.5, $set);
        foreach ($steps as $id => $step) {
            if ($order[$id] > $order['f'] && $step->setup->rpm !== null) {
                self::assertGreaterThanOrEqual($set, self::hoursAfter($steps, $id, 'f'), $id);
            }
        }
        $kept = Benchwork::steps(Benchwork::piece([Benchwork::bowl(['features' => [[
            'id' => 'f', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 60, 'wish' => 'keep',
        ]]])], ['starts_as' => 'blank']));
        self::assertLessThanOrEqual(
            3.0, RimSpeed::metresPerSecond(280, $kept['body.inside/hollow']->setup->rpm ?? 0), 'it stays as it is',
        );
    }

    /**
     * The least hours between two steps, along all that one waits for.
     *
     * @param  array<string, Step>  $steps
     */
    private static function hoursAfter(array $steps, string $later, string $first): float
    {
        $most = -INF;
        foreach ($steps[$later]->timing->after as $lag) {
            $before = $lag->task === $first ? 0.0 : self::hoursAfter($steps, $lag->task, $first);
            $most = max($most, $before + $lag->wait->minHours);
        }

        return $most;
    }

    public function test_a_story_stick_has_every_corner_the_widest_place_and_the_wall_by_height(): void
    {
        $part = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl(['grain' => 'end', 'shape' => [
            'outer' => [[0, 30, 'corner'], [40, 50], [80, 40, 'corner'], [100, 40, 'corner']],
            'inner' => [[100, 35, 'corner'], [10, 35, 'corner'], [10, 0]],
        ], 'marks' => [Benchwork::mark('m', 'burnt-line', 5, 8)], 'holes' => [[
            'id' => 'h', 'diameter_mm' => 6, 'height_mm' => 90,
        ]]])])), Drawn::tables())->body();
        $stick = StoryStick::of($part);
        $said = array_column(array_map(
            fn (StickMark $mark): array => [Told::of($mark->what), $mark], $stick->marks,
        ), 1, 0);
        self::assertSame(100.0, $said['the top']->heightMm);
        self::assertSame(60.0, $said['the foot']->diameterMm);
        self::assertEqualsWithDelta(40.0, $said['widest']->heightMm, 3.0);
        self::assertEqualsWithDelta(10.0, $said['inside, 90 mm deep']->heightMm, 1e-6);
        self::assertEqualsWithDelta(5.0, $said['hole of 6 mm, 0°']->wallMm ?? 0, 1e-6, 'from 40 to 35');
        self::assertArrayHasKey('a corner', $said);
        $heights = array_map(fn (StickMark $mark): float => $mark->heightMm, $stick->marks);
        $sorted = $heights;
        sort($sorted);
        self::assertSame($sorted, $heights);
        $weights = $stick->weights(Drawn::catalogue()->calibration(), null);
        self::assertSame(['outside', 'inside', 'foot'], array_keys($weights));
        self::assertGreaterThan($weights['inside'], $weights['outside']);
        self::assertEqualsWithDelta($part->massG(), $weights['foot'], 1e-6);
        $sheets = StickStrip::sheets($stick);
        self::assertCount(1, $sheets);
        self::assertStringContainsString('height="112mm"', $sheets[0], 'at true size');
    }

    public function test_ways_that_makers_differ_in_change_the_order_of_cuts(): void
    {
        $crack = ['features' => [[
            'id' => 'f', 'kind' => 'void', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 30, 'width_mm' => 8,
            'depth_mm' => 5, 'wish' => 'fill', 'with' => 'epoxy',
        ]]];
        $steps = fn (array $part, array $school): array => Benchwork::steps(Benchwork::piece([$part], [
            'starts_as' => 'blank', 'school' => $school,
        ]));
        $at = fn (array $steps): array => array_flip(array_keys($steps));
        $cut = $steps(Benchwork::bowl($crack), []);
        $order = $at($cut);
        self::assertLessThan($order['f'], $order['body.outside/shape']);
        self::assertLessThan($order['body.outside/last-cut'], $order['f'], 'cut through with the wood');
        self::assertLessThan($order['body.outside/sand'], $order['body.outside/last-cut']);
        self::assertArrayNotHasKey('f/cut-back', $cut);
        self::assertStringContainsString('1.5 mm', Told::all($cut['body.outside/shape']->words->how));
        $last = $steps(Benchwork::bowl($crack), ['fills' => 'fills-last']);
        self::assertArrayNotHasKey('body.outside/last-cut', $last);
        self::assertArrayHasKey('f/cut-back', $last, 'scraped flush');
        self::assertArrayNotHasKey('body.outside/last-cut', $steps(Benchwork::bowl(), []));
        $again = $steps(Benchwork::bowl(), ['last-cut' => 'after-remount']);
        self::assertSame(Mount::Tenon, $again['body.outside/last-cut']->setup->mount);
        self::assertGreaterThan($at($again)['body/reverse'], $at($again)['body.outside/last-cut']);
        $post = ['shape' => [
            'outer' => [[0, 30, 'corner'], [100, 30, 'corner']], 'inner' => null,
            'bore' => ['diameter_mm' => 20, 'depth_mm' => null, 'from' => 'top'],
        ]] + $this->solid([]);
        foreach ([['bored-first', 1], ['shaped-first', -1]] as [$way, $sign]) {
            $order = $at($steps($post, ['bore' => $way]));
            self::assertSame(
                $sign, $order['body.outside/shape'] <=> $order['body.bore/drill'], $way,
            );
        }
    }

    public function test_a_hole_across_has_a_place_and_says_what_stands_before_it(): void
    {
        $bowl = fn (array $hole): Route => Benchwork::route(Benchwork::piece([Benchwork::bowl([
            'holes' => [['id' => 'h', 'diameter_mm' => 8, 'from' => 'side', 'height_mm' => 60] + $hole],
        ])], ['starts_as' => 'blank']));
        $through = $bowl(['azimuth_deg' => 90]);
        $order = array_flip(array_map(fn (Step $step): string => $step->id, $through->steps));
        self::assertGreaterThan($order['body.inside/sand'], $order['h'], 'nothing is sanded across an opening');
        self::assertLessThan($order['body.outside/sand'], $order['h'], 'its edge is sanded with the face');
        $step = array_column($through->steps, null, 'id')['h'];
        self::assertNull($step->setup->rpm, 'the work stands still');
        self::assertStringContainsString('60 mm over the foot, 90°', Told::all($step->words->how));
        self::assertNull($through->withoutDate());
        $wall = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
            'holes' => [['id' => 'h', 'diameter_mm' => 8, 'height_mm' => 60]],
        ])])), Drawn::tables())->body();
        $mm = $wall->holes[0]->woodMm($wall->profile);
        $out = $bowl(['depth_mm' => round($mm, 2) + 0.1]);
        self::assertSame('hole', $out->withoutDate()['code'] ?? null, 'it comes out');
        self::assertNull($bowl(['depth_mm' => round($mm, 2) - 2.5])->withoutDate());
        self::assertGreaterThan($mm, Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
            'holes' => [['id' => 'h', 'diameter_mm' => 8, 'height_mm' => 60, 'angle_deg' => 30]],
        ])])), Drawn::tables())->body()->holes[0]->woodMm($wall->profile), 'along its tilt there is more');
        $index = fn (array $plates): Step => array_column(Route::of(
            Piece::read(Document::of(Benchwork::piece([Benchwork::bowl(['holes' => [[
                'id' => 'h', 'diameter_mm' => 8, 'height_mm' => 60, 'azimuth_deg' => 90,
            ]]])])), Drawn::tables()), Bench::usual(Drawn::catalogue())->with(Equipment::read(Document::of([
                'lathe' => [
                    'swing_mm' => 400, 'bed_mm' => 900, 'least_rpm' => 60, 'most_rpm' => 3000, 'index_holes' => $plates,
                ],
            ]))), Drawn::tables(),
        )->steps, null, 'id')['h'];
        self::assertStringContainsString('Hole 13 of the plate of 48', Told::all($index([24, 48])->words->how));
        self::assertSame(Mount::Lap, $index([])->setup->mount, 'nothing stops that lathe at an angle');
        try {
            Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
                'holes' => [['id' => 'h', 'diameter_mm' => 8, 'height_mm' => 91]],
            ])])), Drawn::tables());
            self::fail('There is no wood so high.');
        } catch (InvalidField $refused) {
            self::assertSame('parts.0.holes.0.height_mm', $refused->field);
        }
    }

    public function test_a_hole_is_drawn_on_the_quarter_that_is_seen_and_never_over_the_cut_side(): void
    {
        $drawn = function (float $azimuth): string {
            $part = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
                'holes' => [['id' => 'h', 'diameter_mm' => 8, 'height_mm' => 60, 'azimuth_deg' => $azimuth]],
            ])])), Drawn::tables())->body();

            return (new HoleInk($part->profile, 1.0))->all($part->holes);
        };
        self::assertStringContainsString('d="M0 ', $drawn(0), 'half of it, from the axis');
        self::assertStringContainsString('fill-opacity="0.7"', $drawn(0));
        self::assertStringContainsString('fill-opacity="0.7"', $drawn(90));
        foreach ([120.0, 180.0, 240.0, 300.0] as $azimuth) {
            self::assertStringContainsString('fill-opacity="0"', $drawn($azimuth), "$azimuth: behind, or cut open");
        }
        foreach ([0.0, 1.0, 180.0, 359.0] as $azimuth) {
            preg_match('/d="M(-?[\d.]+) /', $drawn($azimuth), $m);
            self::assertSame('0', $m[1] ?? null, "$azimuth: no further than the axis");
        }
    }

    public function test_a_handle_is_drawn_where_it_sits_in_the_side_and_as_it_is_tilted(): void
    {
        $cup = Benchwork::bowl([
            'shape' => ['outer' => [[0, 30, 'corner'], [80, 30, 'corner']], 'inner' => null], 'grain' => 'end',
        ]);
        $handle = Benchwork::bowl(['id' => 'handle', 'name' => 'Handle', 'shape' => [
            'outer' => [[0, 4, 'corner'], [90, 4, 'corner']], 'inner' => null,
        ]]);
        $drawn = fn (array $place): string => Assembly::of(Piece::read(Document::of(Benchwork::piece([$cup, $handle], [
            'joints' => [$place + [
                'id' => 'j1', 'kind' => 'glued-tenon', 'parts' => ['body', 'handle'], 'diameter_mm' => 8.3,
                'depth_mm' => 10, 'at' => 'side',
            ]],
        ])), Drawn::tables()))->named();
        self::assertStringContainsString('translate(20 -25) rotate(90)', $drawn(['height_mm' => 25]));
        // 10 mm in along 30°: 30 − 8.66 out, 25 − 5 up.
        self::assertStringContainsString('translate(21.34 -20) rotate(60)', $drawn([
            'height_mm' => 25, 'angle_deg' => 30,
        ]));
    }

    public function test_a_ferrule_is_drawn_over_the_end_that_it_sits_on(): void
    {
        $part = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
            'shape' => ['outer' => [[0, 15, 'corner'], [200, 10, 'corner']], 'inner' => null], 'fittings' => [
                ['id' => 'f1', 'kind' => 'ferrule', 'diameter_mm' => 14, 'length_mm' => 20, 'outer_mm' => 16],
                ['id' => 'f2', 'kind' => 'ferrule', 'diameter_mm' => 14, 'length_mm' => 20, 'from' => 'foot'],
                ['id' => 'k1', 'kind' => 'kit', 'diameter_mm' => 8, 'length_mm' => 20],
            ],
        ])])), Drawn::tables())->body();
        $drawn = (new FittingInk($part->profile, 1.0))->all($part->fittings);
        self::assertStringContainsString('M0 -180 H8 V-200 H0 Z', $drawn, 'at the top, by the outside of its tube');
        self::assertStringContainsString('M0 0 H7 V-20 H0 Z', $drawn, 'at the foot, by what is known of it');
        self::assertStringNotContainsString('k1', $drawn, 'what goes into a hole is drawn as one');
        self::assertStringContainsString('data-hole="k1/hole"', (new HoleInk($part->profile, 1.0))->all(
            $part->allHoles(),
        ));
    }

    public function test_parts_that_run_off_a_blank_are_drawn_as_far_as_they_go(): void
    {
        $stock = new Stock(StockForm::Square, 100, 70, 70);
        $strip = StockStrip::svg($stock, $stock->laidOut(Drawn::catalogue()->calibration()->stock, [
            new StockPart('Body', 192, 60),
        ]));
        preg_match('/viewBox="-1 -1 ([\d.]+) /', $strip, $m);
        preg_match_all('/<rect x="([\d.]+)"[^>]* width="([\d.]+)"/', $strip, $rects);
        self::assertGreaterThanOrEqual(max(array_map(
            fn (string $x, string $wide): float => (float) $x + (float) $wide, $rects[1], $rects[2],
        )), (float) ($m[1] ?? 0));
    }

    public function test_a_stepped_hole_is_bored_wide_first(): void
    {
        $post = ['holes' => [
            ['id' => 'narrow', 'diameter_mm' => 10, 'depth_mm' => 60, 'from' => 'top'],
            ['id' => 'wide', 'diameter_mm' => 30, 'depth_mm' => 20, 'from' => 'top'],
        ], 'shape' => ['outer' => [[0, 35, 'corner'], [120, 35, 'corner']], 'inner' => null]] + $this->solid([]);
        $steps = Benchwork::steps(Benchwork::piece([$post], ['starts_as' => 'blank']));
        $order = array_flip(array_keys($steps));
        self::assertLessThan($order['narrow'], $order['wide']);
        self::assertGreaterThan($order['body/tenon'], $order['wide']);
        self::assertNotNull($steps['wide']->setup->rpm);
    }

    public function test_a_hollow_into_end_grain_is_begun_with_a_hole_that_says_how_deep(): void
    {
        $cup = ['shape' => [
            'outer' => [[0, 40, 'corner'], [100, 40, 'corner']],
            'inner' => [[100, 34, 'corner'], [12, 34, 'corner'], [12, 0]],
        ]] + $this->solid([]);
        $steps = Benchwork::steps(Benchwork::piece([$cup], ['starts_as' => 'blank']));
        $order = array_flip(array_keys($steps));
        self::assertLessThan($order['body.inside/hollow'], $order['body.inside/depth-hole']);
        self::assertGreaterThan($order['body/tenon'], $order['body.inside/depth-hole']);
        self::assertSame(
            'Drill the depth hole, 10 mm across and 86 mm deep',
            Told::of($steps['body.inside/depth-hole']->words->title),
        );
        self::assertStringContainsString('2 mm short of the floor', Told::of(
            $steps['body.inside/depth-hole']->words->how[0],
        ));
        $side = Benchwork::steps(Benchwork::piece([['grain' => 'side'] + $cup], ['starts_as' => 'blank']));
        self::assertArrayNotHasKey('body.inside/depth-hole', $side);
        $turned = Benchwork::steps(Benchwork::piece([$cup], ['starts_as' => 'turned']));
        self::assertArrayNotHasKey('body.inside/depth-hole', $turned);
    }

    public function test_a_cold_shop_dries_what_is_wrapped_in_paper_slower(): void
    {
        $wet = Benchwork::piece([Benchwork::bowl(['moisture_percent' => 45])], [
            'starts_as' => 'blank', 'school' => ['wet' => 'turned-once'],
        ]);
        $hours = fn (?float $roomC): float => array_sum(array_map(
            fn (Step $step): float => $step->kind === StepKind::Paper ? $step->timing->wait->minHours : 0.0, Route::of(
                Piece::read(Document::of($wet), Drawn::tables()), new Bench(
                    Drawn::catalogue()->abrasives(), Bench::usualGrits(Drawn::catalogue()->abrasives()),
                    Drawn::catalogue()->calibration(), new ShopLimits(roomC: $roomC),
                ), Drawn::tables(),
            )->steps));
        self::assertSame($hours(null), $hours(20.0), 'what nobody said is taken as 20 °C');
        self::assertEqualsWithDelta(1.5, $hours(12.0) / $hours(20.0), 0.03, 'half as long again for 8 K less');
    }

    public function test_nothing_is_hollowed_or_sanded_across_an_opening(): void
    {
        $pierced = Benchwork::bowl(['marks' => [
            ['id' => 'm1', 'technique' => 'piercing', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 80, 'note' => ''],
        ]]);
        foreach (['blank' => 'body.inside/hollow', 'turned' => 'body.inside/sand'] as $begins => $before) {
            $order = array_flip(array_keys(Benchwork::steps(
                Benchwork::piece([$pierced], ['starts_as' => $begins]),
            )));
            self::assertGreaterThan($order[$before], $order['m1'], $begins);
            self::assertGreaterThan($order['body.inside/sand'], $order['m1'], $begins);
        }
        $route = Benchwork::route(Benchwork::piece(
            [$pierced], ['starts_as' => 'blank', 'order' => [['m1', 'body.inside/hollow']]],
        ));
        $last = $route->conflicts[count($route->conflicts) - 1];
        self::assertStringContainsString('catches in it', Told::of($last->message));
    }

    /**
     * A cylinder of end grain, 60 mm across and 160 mm long, with a hole from its top.
     *
     * @param  array<string, mixed>  $bore
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function solid(array $bore, array $more = []): array
    {
        return $more + [
            'id' => 'body', 'name' => 'Body', 'wood' => 'Walnut (black)', 'grain' => 'end', 'moisture_percent' => 9,
            'holding' => 'tenon', 'shape' => [
                'outer' => [[0, 30, 'corner'], [160, 30, 'corner']], 'inner' => null,
                'bore' => $bore + ['from' => 'top'],
            ],
        ];
    }

    public function test_a_story_stick_has_the_marks_of_every_face(): void
    {
        $beads = fn (string $id, string $on, float $from, float $to): array => [
            'id' => $id, 'technique' => 'burnt-line', 'on' => $on, 'from_mm' => $from, 'to_mm' => $to,
        ];
        $stick = StoryStick::of(Drawn::part(Profile::read(Document::of([
            'outer' => [[0, 50, 'corner'], [100, 50, 'corner']],
            'inner' => [[100, 40, 'corner'], [10, 40, 'corner'], [10, 0]], 'bore' => null,
        ], 'shape')), more: ['marks' => [$beads('f', 'foot', 10, 14), $beads('i', 'inner', 20, 26)]]));
        self::assertSame([[80.0, 72.0]], array_map(
            fn (array $ring): array => [$ring[2], $ring[3]], $stick->rings(),
        ), 'ten and fourteen from the edge of a foot of a hundred');
        $inside = array_filter(
            $stick->marks, fn (StickMark $one): bool => str_starts_with(Told::of($one->what), 'inside:'),
        );
        self::assertSame([74.0, 80.0], array_values(array_map(fn (StickMark $one): float => $one->heightMm, $inside)));
    }

    public function test_what_woods_lend_themselves_to_follows_from_hardness_pores_and_shrinkage(): void
    {
        $woods = Drawn::tables()->woods;
        $of = fn (string $name): WoodSuits => new WoodSuits(
            $woods->named($name), Drawn::catalogue()->calibration()->woods,
        );
        // 1450 lbf, fine, 9.9 % tangential; 380 lbf.
        self::assertSame(1.0, $of('Maple (sugar)')->leastWallMm);
        self::assertSame(['good', 'little'], [$of('Maple (sugar)')->grip(), $of('Maple (sugar)')->tearing()]);
        self::assertEqualsWithDelta(9.9 * 2 / 3, $of('Maple (sugar)')->ovalPercent, 0.01);
        self::assertEqualsWithDelta(2.02, $of('Ash (white)')->leastWallMm, 0.01, '5872 N, open');
        self::assertSame('some', $of('Ash (white)')->tearing());
        $pine = $of('Pine (eastern white)');
        self::assertEqualsWithDelta(2.5 * sqrt(6000 / 1690.3), $pine->leastWallMm, 0.01);
        self::assertSame(['weak', 'much'], [$pine->grip(), $pine->tearing()]);
    }

    public function test_figured_grain_starts_at_a_coarser_grit_where_nobody_measured_the_marks(): void
    {
        $deepest = function (array $more): float {
            $part = Drawn::part(Form::DeepBowl->profile(200, 80, 80, 8), more: $more);
            $bench = Bench::usual(Drawn::catalogue());

            return Sanding::all($part, $bench, $part->measure($bench->calibration->shape))['outside']->job->deepestUm();
        };
        $straight = $deepest([]);
        foreach (['curl' => 1.6, 'interlocked' => 1.8, 'burl' => 1.3] as $figured => $times) {
            self::assertEqualsWithDelta($times * $straight, $deepest(['figured' => $figured]), 1e-6, $figured);
        }
        self::assertSame(80.0, $deepest([
            'figured' => 'curl', 'surface' => ['tool_mark_um' => 80],
        ]), 'what was measured stands');
    }
}
