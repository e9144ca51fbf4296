<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Redraw;
use HonestGrain\Geometry\Wall;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\TestCase;

/** Lines drawn anew by one rule: an even wall, a straight inside, one half the picture of the other. */
final class RedrawTest extends TestCase
{
    public function test_an_even_wall_is_as_thick_as_asked_and_keeps_its_floor(): void
    {
        $bowl = Form::DeepBowl->profile(200, 90, 70, 12);
        $thin = Redraw::EvenWall->of($bowl, 6.0);
        self::assertNotNull($thin->inner);
        self::assertEqualsWithDelta(6.0, Wall::thinnest($thin->outer, $thin->inner)->minMm, 0.12);
        self::assertSame($bowl->inner?->last()->z, $thin->inner->last()->z);
        self::assertEquals($bowl->outer->toArray(), $thin->outer->toArray());
    }

    public function test_a_straight_inside_goes_down_as_wide_as_its_mouth_where_the_wall_lets_it(): void
    {
        // A cylinder 100 across with a mouth of 80: a wall of 10 all the way down.
        $tube = $this->profile([[0, 50, 'corner'], [100, 50, 'corner']], [[100, 40], [60, 30], [10, 20], [10, 0]]);
        $bored = Redraw::StraightInside->of($tube, 8.0);
        self::assertEquals(
            [[100.0, 40.0, 'corner'], [10.0, 40.0, 'corner'], [10.0, 0.0]], $bored->inner?->toArray(),
        );
        // A cone from 100 across at its mouth to 60 at its foot: square to its side the wall is as asked at the floor.
        $cone = $this->profile([[0, 30, 'corner'], [100, 50, 'corner']], [[100, 40], [10, 15], [10, 0]]);
        $tapered = Redraw::StraightInside->of($cone, 6.0);
        self::assertNotNull($tapered->inner);
        self::assertEqualsWithDelta(6.0, Wall::thinnest($cone->outer, $tapered->inner)->minMm, 0.02);
        // 32 - 6 / cos(atan 0.2), at the floor's height where the side is 32 from the axis.
        self::assertEqualsWithDelta(32.0 - 6.0 * hypot(1.0, 0.2), $tapered->inner->nodes[1]->r, 0.02);
    }

    public function test_one_half_becomes_the_picture_of_the_other(): void
    {
        $spindle = $this->profile([[0, 20, 'corner'], [30, 12], [50, 15], [80, 25], [100, 18, 'corner']], null);
        foreach ([[Redraw::UpperLikeLower, 12.0], [Redraw::LowerLikeUpper, 25.0]] as [$way, $radius]) {
            $outer = $way->of($spindle, 5.0)->outer;
            foreach ([0.5, 13.0, 30.0, 41.0] as $z) {
                self::assertEqualsWithDelta($outer->radiusAtMm($z), $outer->radiusAtMm(100.0 - $z), 0.02);
            }
            $place = $way === Redraw::UpperLikeLower ? 70.0 : 20.0;
            self::assertEqualsWithDelta($radius, $outer->radiusAtMm($place), 0.001);
            self::assertCount($way === Redraw::UpperLikeLower ? 5 : 5, $outer->nodes);
        }
    }

    public function test_what_cannot_be_is_refused(): void
    {
        $this->expectException(NoRoom::class);
        Redraw::StraightInside->of($this->profile(
            [[0, 50, 'corner'], [50, 20], [100, 50, 'corner']], [[100, 45], [50, 12], [10, 30], [10, 0]],
        ), 6.0);
    }

    public function test_a_solid_part_has_no_inside_to_draw(): void
    {
        $this->expectException(InvalidProfile::class);
        Redraw::EvenWall->of(Form::Spindle->profile(...array_values(Form::Spindle->sizes())), 5.0);
    }

    /**
     * @param  list<array<mixed>>  $outer
     * @param  list<array<mixed>>|null  $inner
     */
    private function profile(array $outer, ?array $inner): Profile
    {
        return Profile::read(Document::of(['outer' => $outer, 'inner' => $inner]));
    }
}
