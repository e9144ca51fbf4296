<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\Elevation;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Standing;
use HonestGrain\Holding\RimState;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\StickMark;
use HonestGrain\Piece\StoryStick;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A tube of 100 mm outer and 90 mm inner radius, 100 mm high, its floor 10 mm: all that follows is told by hand. */
final class NaturalEdgeTest extends TestCase
{
    private const LEVEL = M_PI * 1900 * 100 + M_PI * 8100 * 10;

    /** @param  list<mixed>|null  $rim */
    private static function tube(?array $rim): Profile
    {
        return Profile::read(Document::of(['outer' => [[0, 100], [100, 100]], 'inner' => [
            [100, 90], [10, 90, 'corner'], [10, 0],
        ], 'rim' => $rim], 'shape'));
    }

    private static function measured(Profile $profile, GrainDirection $grain = GrainDirection::Side): Measurement
    {
        return Measurement::of(Drawn::tables()->calibration->shape, $profile, $grain);
    }

    public function test_it_takes_off_what_stands_above_it(): void
    {
        // From 0 to 40 below and back: 20 on the mean of a turn.
        $leaning = self::tube([[0, 0], [180, 40]]);
        $twice = self::tube([[0, 0], [90, 40], [180, 0], [270, 40]]);
        foreach ([$leaning, $twice] as $profile) {
            self::assertEqualsWithDelta(self::LEVEL - M_PI * 1900 * 20, Measurement::volumeOf($profile), 60.0);
            $zones = self::measured($profile);
            $whole = self::measured(self::tube(null));
            $lost = fn (Face $face): float => ($whole->face($face)->areaMm2 ?? 0) - ($zones->face($face)->areaMm2 ?? 0);
            self::assertEqualsWithDelta(2 * M_PI * 100 * 20, $lost(Face::Outside), 2.0);
            self::assertEqualsWithDelta(2 * M_PI * 90 * 20, $lost(Face::Inside), 2.0);
            self::assertLessThan(0.0, $lost(Face::Rim), 'it is longer than a level one');
            self::assertSame(0.0, $lost(Face::Foot));
            self::assertEqualsWithDelta(M_PI * 8100 * 50, $profile->capacityMm3(), 1.0, 'up to its lowest place');
        }
    }

    public function test_what_is_lower_on_one_side_leans_and_what_is_lower_on_both_does_not(): void
    {
        $volume = self::LEVEL - M_PI * 1900 * 20;
        // The missing wood is 40 (3t² − 2t³) high at θ = πt: over (R³ − r³)/3 cos θ that comes to 1920/π³.
        $off = (100 ** 3 - 90 ** 3) / 3 * 1920 / M_PI ** 3 / $volume;
        $leaning = self::tube([[0, 0], [180, 40]]);
        self::assertEqualsWithDelta($off, Measurement::offAxisMm($leaning), 0.02);
        self::assertEqualsWithDelta(0.0, Measurement::offAxisMm(self::tube(
            [[0, 0], [90, 40], [180, 0], [270, 40]],
        )), 1e-9);
        self::assertSame(0.0, Measurement::offAxisMm(self::tube(null)));
        $stands = Standing::of($leaning);
        self::assertNotNull($stands);
        self::assertEqualsWithDelta(rad2deg(atan2(100 - $off, $stands->centreMm)), $stands->tipsDeg(), 0.05);
        self::assertLessThan(Standing::of(self::tube(null))?->centreMm, $stands->centreMm, 'its top is gone');
    }

    public function test_the_end_grain_that_is_left_is_that_of_where_wood_stands(): void
    {
        $mean = fn (array $rim): float => self::measured(self::tube($rim))->face(Face::Outside)->endGrainMean ?? 0.0;
        $high = $mean([[0, 0], [90, 60], [180, 0], [270, 60]]);
        $low = $mean([[0, 60], [90, 0], [180, 60], [270, 0]]);
        self::assertGreaterThan(2 / M_PI + 0.03, $high, 'it stands highest where the grain comes out');
        self::assertLessThan(2 / M_PI - 0.03, $low);
        $end = self::measured(self::tube([[0, 0], [180, 60]]), GrainDirection::End);
        self::assertSame(0.0, $end->face(Face::Outside)?->endGrainMean);
        self::assertGreaterThan(0.9, $end->face(Face::Rim)?->endGrainMean);
    }

    public function test_so_much_of_a_turn_is_wood(): void
    {
        $edge = NaturalEdge::read([[0, 0], [90, 40], [180, 0], [270, 40]], 60.0, 'rim');
        self::assertSame(40.0, $edge->dropMm);
        self::assertEqualsWithDelta(20.0, $edge->belowAt(M_PI / 4), 1e-9);
        self::assertEqualsWithDelta($edge->belowAt(0.3), $edge->belowAt(0.3 - 2 * M_PI), 1e-9);
        self::assertEqualsWithDelta([0.0, 0.5, 1.0], array_map($edge->share(...), [0.0, 20.0, 40.0]), 1e-9);
        self::assertEqualsWithDelta(20.0, $edge->meanBelowMm(), 1e-9);
        self::assertEqualsWithDelta(0.5 - sin(M_PI / 18), $edge->share(10.0), 1e-3, '3t² − 2t³ = ¼');
    }

    public function test_the_bark_of_a_round_log_lies_under_its_crown_by_its_round(): void
    {
        $edge = NaturalEdge::ofLog(300, 120, 70, 'rim_log');
        self::assertEqualsWithDelta(150 - sqrt(150 ** 2 - 120 ** 2), $edge->belowAt(M_PI / 2), 0.05);
        self::assertSame(0.0, $edge->belowAt(0.0));
        self::assertEqualsWithDelta(150 - sqrt(150 ** 2 - 120 ** 2 / 2), $edge->belowAt(M_PI / 4), 0.5, 'between');
        self::assertEqualsWithDelta(150 - sqrt(150 ** 2 - 60 ** 2), $edge->belowAt(M_PI / 6), 0.05);
    }

    /** @return iterable<string, array{list<mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'one place' => [[[0, 0]], 'shape.rim'];
        yield 'no pair' => [[[0, 0], [90]], 'shape.rim.1'];
        yield 'a word' => [[[0, 0], ['90', 3]], 'shape.rim.1'];
        yield 'a whole turn' => [[[0, 0], [360, 3]], 'shape.rim.1'];
        yield 'twice' => [[[10, 0], [10, 3]], 'shape.rim.1'];
        yield 'above itself' => [[[0, 0], [90, -1]], 'shape.rim.1'];
        yield 'to the floor' => [[[0, 0], [90, 89]], 'shape.rim.1'];
        yield 'none highest' => [[[0, 4], [90, 9]], 'shape.rim'];
    }

    /** @param  list<mixed>  $rim */
    #[DataProvider('refused')]
    public function test_what_is_no_rim_is_refused_at_its_place(array $rim, string $field): void
    {
        try {
            self::tube($rim);
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame($field, $refused->field);
        }
    }

    public function test_a_log_narrower_than_the_rim_and_bark_below_the_floor_are_refused(): void
    {
        foreach ([[200, 120, 70], [250, 120, 40]] as [$log, $rim, $most]) {
            try {
                NaturalEdge::ofLog($log, $rim, $most, 'rim_log');
                self::fail('It was taken.');
            } catch (BadInput $refused) {
                self::assertSame('rim_log', $refused->field);
            }
        }
    }

    /** @param  list<array{float, float}>  $rim */
    private static function bowl(array $rim): Part
    {
        $bowl = Benchwork::bowl();

        return Part::read(Document::of(['shape' => $bowl['shape'] + ['rim' => $rim]] + $bowl), Drawn::tables());
    }

    public function test_what_is_out_of_balance_goes_slower(): void
    {
        self::assertSame(RimState::Unbalanced, self::bowl([[0, 0], [180, 30]])->rim());
        self::assertSame(RimState::Sound, self::bowl([[0, 0], [90, 30], [180, 0], [270, 30]])->rim());
        self::assertTrue(self::bowl([[0, 0], [180, 30]])->isEdged());
        self::assertFalse(self::bowl([[0, 0], [180, 1]])->isEdged(), 'within what wide jaws take');
    }

    public function test_its_lowest_place_is_carried_to_the_lathe(): void
    {
        $lines = fn (array $rim): array => array_map(
            fn (StickMark $mark): string => Told::of($mark->what), StoryStick::of(self::bowl($rim))->marks,
        );
        self::assertContains('the rim at its lowest', $lines([[0, 0], [180, 27.3]]));
    }

    public function test_it_is_kept_by_whatever_is_changed_besides(): void
    {
        $part = self::bowl([[0, 0], [180, 30]]);
        $shape = $part->profile;
        $changed = [
            $shape->redrawn(Document::of($shape->toArray())), $shape->with($shape->outer, $shape->inner),
            $shape->bored(null), $shape->solid(), Profile::read(Document::of($shape->toArray(), 'shape')),
        ];
        foreach ($changed as $one) {
            self::assertEquals([[0.0, 0.0], [180.0, 30.0]], $one->edge?->toArray());
        }
        self::assertNull($shape->edged(null)->edge);
    }

    public function test_it_is_drawn_high_in_the_middle_and_low_at_the_sides(): void
    {
        $level = Elevation::of(self::bowl([[0, 0], [180, 0]]), 'Bowl')->small();
        $saddle = Elevation::of(self::bowl([[0, 0], [90, 30], [180, 0], [270, 30]]), 'Bowl')->small();
        $top = self::bowl([[0, 0], [180, 0]])->profile->topMm();
        $heights = function (string $svg, float $fromMm, float $toMm): array {
            preg_match('/data-zone="outside" d="([^"]+)"/', $svg, $d);
            preg_match_all('/[ML]([\d.-]+) -([\d.]+)/', $d[1] ?? '', $at, PREG_SET_ORDER);

            return array_map(fn (array $one): float => (float) $one[2], array_filter(
                $at, fn (array $one): bool => (float) $one[1] >= $fromMm && (float) $one[1] <= $toMm,
            ));
        };
        self::assertEqualsWithDelta($top, max($heights($saddle, 0.0, 1.0)), 0.1);
        $edge = self::bowl([[0, 0], [180, 0]])->profile->outer->radiusAtMm($top - 30) ?? 0.0;
        self::assertContainsEquals($top - 30, $heights($saddle, $edge - 1, $edge + 1));
        self::assertNotContainsEquals($top - 30, $heights($level, $edge - 1, $edge + 1));
    }
}
