<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\Exception\InvalidOutline;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\TracedOutline;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A half profile from the points of a picture: to scale, the foot at 0, edges where the line breaks. */
final class TracedOutlineTest extends TestCase
{
    public function test_a_quarter_of_a_circle_is_drawn_as_one_at_any_size_of_the_picture(): void
    {
        foreach ([1.0, 37.0] as $unit) {
            $points = array_map(
                fn (int $deg): array => [400 + $unit * sin(deg2rad($deg)), 90 + $unit * cos(deg2rad($deg))],
                range(0, 90),
            );
            $outer = TracedOutline::of($points, 400)->across(100);
            self::assertEqualsWithDelta(0.0, $outer->first()->r, 1e-9, 'the pole is on the axis');
            self::assertEqualsWithDelta(50.0, $outer->last()->r, 0.01);
            self::assertEqualsWithDelta(50.0, $outer->last()->z, 0.01);
            foreach ([10.0, 25.0, 40.0] as $z) {
                self::assertEqualsWithDelta(sqrt(50 ** 2 - (50 - $z) ** 2), $outer->radiusAtMm($z), 0.25);
            }
            self::assertLessThan(20, count($outer->nodes), 'and not by ninety nodes');
        }
    }

    public function test_the_known_length_sets_the_scale_whichever_it_is(): void
    {
        $outline = TracedOutline::of([[30, 200], [60, 160], [90, 100]], 10);
        $across = $outline->across(160);
        self::assertEqualsWithDelta(80.0, $across->last()->r, 1e-6);
        self::assertEqualsWithDelta(100.0, $across->last()->z, 1e-6, '80 px of 1 mm out, 100 up');
        $high = $outline->high(50);
        self::assertEqualsWithDelta(40.0, $high->last()->r, 1e-6);
        self::assertEqualsWithDelta(50.0, $high->last()->z, 1e-6);
    }

    public function test_either_side_and_either_direction_is_the_same_piece(): void
    {
        $points = [[30.0, 200.0], [60.0, 160.0], [90.0, 100.0]];
        $right = TracedOutline::of($points, 10)->across(160)->toArray();
        $left = array_map(fn (array $one): array => [20 - $one[0], $one[1]], $points);
        self::assertSame($right, TracedOutline::of($left, 10)->across(160)->toArray());
        self::assertSame($right, TracedOutline::of(array_reverse($points), 10)->across(160)->toArray());
        self::assertSame($right, TracedOutline::read('30,200 60,160; 90 100', 10)->across(160)->toArray());
    }

    public function test_a_break_of_the_line_is_an_edge_and_a_bend_is_none(): void
    {
        // A foot 40 wide that goes straight up, then a step out, then up again.
        $outer = TracedOutline::of([[40, 100], [40, 90], [80, 90], [82, 40], [84, 0]], 0)->across(168);
        $corners = array_map(fn (Node $node): bool => $node->corner, $outer->nodes);
        self::assertSame([true, true, true, true], $corners, 'the point on the straight line is none of them');
        $bowl = TracedOutline::of([[30, 100], [60, 90], [80, 70], [90, 40], [94, 0]], 0)->across(188);
        self::assertSame([true, false, false, false, true], array_map(
            fn (Node $node): bool => $node->corner, $bowl->nodes,
        ));
    }

    public function test_a_flat_foot_that_was_drawn_from_the_axis_is_a_foot(): void
    {
        $edge = [[30, 100], [60, 90], [80, 70], [90, 40], [94, 0]];
        $from = TracedOutline::of($edge, 0)->across(188);
        self::assertSame($from->toArray(), TracedOutline::of([[0, 100], ...$edge], 0)->across(188)->toArray());
        self::assertSame(30.0, $from->first()->r, 'what is left open there is closed as the foot');
        $post = TracedOutline::of([[0, 100], [40, 100], [40, 0], [0, 0]], 0)->across(80);
        self::assertSame([40.0, 40.0], [$post->first()->r, $post->last()->r]);
    }

    public function test_a_form_is_hollowed_about_it(): void
    {
        $outer = TracedOutline::of([[30, 100], [60, 90], [80, 70], [90, 40], [94, 0]], 0)->across(188);
        $profile = Form::DeepBowl->around($outer, 6.0);
        self::assertNotNull($profile->inner);
        self::assertSame($outer->toArray(), $profile->outer->toArray());
        self::assertNull(Form::Spindle->around($outer, 6.0)->inner);
    }

    /** @param  list<array{float, float}>|string  $points */
    #[DataProvider('nonsense')]
    public function test_what_is_no_outline_is_refused_in_words(array|string $points, string $says): void
    {
        $this->expectException(InvalidOutline::class);
        $this->expectExceptionMessage($says);
        is_string($points) ? TracedOutline::read($points, 0) : TracedOutline::of($points, 0);
    }

    /** @return iterable<string, array{list<array{float, float}>|string, string}> */
    public static function nonsense(): iterable
    {
        yield 'nothing' => ['', 'has 0 points; it takes 3 to 2000'];
        yield 'two points' => [[[1.0, 2.0], [3.0, 4.0]], 'has 2 points'];
        yield 'too many' => [array_fill(0, 2001, [1.0, 2.0]), 'has 2001 points'];
        yield 'a word' => ['1,2 wide,4', 'holds "wide"'];
        yield 'a number beyond all pictures' => ['1,2 1e300,4 5,6', 'holds "1e300"'];
        yield 'half a point' => ['1,2 3,4 5', 'holds 5 numbers'];
        yield 'on the axis' => [[[0.0, 0.0], [0.0, 5.0], [0.0, 9.0]], 'no height or no width'];
        yield 'all at one height' => [[[1.0, 5.0], [2.0, 5.0], [3.0, 5.0]], 'no height or no width'];
    }
}
