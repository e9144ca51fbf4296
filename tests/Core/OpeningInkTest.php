<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\OpeningInk;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\TestCase;

/** Openings as they are seen: on a tube of 40 mm radius and 4 mm wall, from 30 to 70 mm up. */
final class OpeningInkTest extends TestCase
{
    private const R = 40.0;

    private const WALL = 4.0;

    private const LONG = 40.0;

    public function test_an_opening_is_foreshortened_towards_the_side_and_shows_the_wood_of_its_far_edge(): void
    {
        // Four slots of 6 mm: that at 45° is seen, those at the sides are not, on a line of sight along the front.
        $slots = ['opening' => 'slots', 'count' => 4, 'size_mm' => 6, 'start_deg' => 45];
        [$edges, $behind] = $this->seen($slots);
        $half = 3 / self::R;
        self::assertEqualsWithDelta(
            [self::R * sin(M_PI / 4 - $half), self::R * sin(M_PI / 4 + $half)], $edges, 0.02,
        );
        self::assertEqualsWithDelta(
            [(self::R - self::WALL) * sin(M_PI / 4 - $half), (self::R - self::WALL) * sin(M_PI / 4 + $half)], $behind,
            0.02, 'the far edge of the hole in the inside lies nearer to the middle: between them is wood',
        );
        [$front] = $this->seen(['start_deg' => 10] + $slots);
        self::assertGreaterThan(1.3 * ($edges[1] - $edges[0]), $front[1] - $front[0]);
        self::assertEqualsWithDelta(
            $edges, $this->seen(['opening' => 'slots', 'count' => 4, 'size_mm' => 6, 'start_deg' => 315])[0], 0.02,
            'the other way round',
        );
    }

    public function test_the_wall_is_open_where_the_cut_meets_an_opening_and_whole_beside_it(): void
    {
        // The drawing cuts at 270°: the middle of a slot that begins there, and 3 mm, 4.3°, beside it no more.
        $slots = ['opening' => 'slots', 'count' => 1, 'size_mm' => 6];
        foreach ([270 => true, 273 => true, 276 => false, 90 => false, 0 => false] as $start => $isOpen) {
            $open = $this->ink(['start_deg' => $start] + $slots)->open();
            self::assertSame($isOpen, $open !== [], "begun at $start");
        }
        self::assertEqualsWithDelta(
            [[0.0, self::LONG]], $this->ink(['start_deg' => 270] + $slots)->open(), 0.3,
        );
        // A hook that begins at 270° is open from its mouth to its middle.
        $hook = $this->ink(['opening' => 'hook', 'size_mm' => 4, 'start_deg' => 270, 'tilt_deg' => 0])->open();
        self::assertEqualsWithDelta([[self::LONG / 2 - 2.0, self::LONG]], $hook, 0.3);
    }

    public function test_holes_leave_the_wood_between_their_rows(): void
    {
        $holes = [
            'opening' => 'holes', 'size_mm' => 4, 'pitch_mm' => 10, 'grid' => 'square', 'start_deg' => 270,
        ];
        $open = $this->ink($holes)->open();
        self::assertGreaterThan(2, count($open));
        foreach ($open as [$from, $to]) {
            self::assertEqualsWithDelta(4.0, $to - $from, 0.6);
        }
        self::assertStringContainsString('fill-rule="evenodd"', Elevation::of($this->part($holes), 'Tube')->small());
        $gaps = $this->ink($holes)->gaps();
        self::assertSame(count($open), substr_count($gaps, 'Z'));
        preg_match_all('/[ML](-?[\d.]+) /', $gaps, $m);
        self::assertEqualsWithDelta(-self::R, min(array_map(floatval(...), $m[1])), 0.01);
        self::assertEqualsWithDelta(self::WALL - self::R, max(array_map(floatval(...), $m[1])), 0.01);
    }

    public function test_nobody_sees_through_a_hole_far_to_the_side(): void
    {
        $holes = ['opening' => 'holes', 'size_mm' => 4, 'pitch_mm' => 10, 'grid' => 'square', 'start_deg' => 0];
        preg_match_all('/ d="([^"]+)"/', $this->ink($holes)->outside('t', 1.0), $m);
        [$all, $through] = [substr_count($m[1][1], 'Z'), substr_count($m[1][2], 'Z')];
        // 4 mm across and 4 mm deep, the wood of the far edge hides all from 45° on: half of the quarter that is seen.
        self::assertGreaterThan(20, $all);
        self::assertEqualsWithDelta(0.55 * $all, $through, 0.12 * $all);
    }

    public function test_a_hook_has_one_outline_that_crosses_itself_nowhere(): void
    {
        $hook = ['opening' => 'hook', 'size_mm' => 4, 'start_deg' => 10, 'tilt_deg' => 0];
        preg_match_all('/ d="([^"]+)"/', $this->ink($hook)->outside('t', 1.0), $m);
        self::assertSame(1, substr_count($m[1][1], 'Z'));
        preg_match_all('/[ML](-?[\d.]+) (-?[\d.]+)/', $m[1][1], $at, PREG_SET_ORDER);
        $points = array_map(fn (array $one): array => [(float) $one[1], (float) $one[2]], $at);
        $side = fn (array $a, array $b, array $c): float => ($b[0] - $a[0]) * ($c[1] - $a[1])
            - ($b[1] - $a[1]) * ($c[0] - $a[0]);
        $count = count($points);
        for ($i = 0; $i < $count; $i++) {
            for ($k = $i + 2; $k < $count - ($i === 0 ? 1 : 0); $k++) {
                [$a, $b, $c, $d] = [$points[$i], $points[($i + 1) % $count], $points[$k], $points[($k + 1) % $count]];
                self::assertFalse(
                    $side($a, $b, $c) * $side($a, $b, $d) < -0.01 && $side($c, $d, $a) * $side($c, $d, $b) < -0.01,
                    "lines $i and $k",
                );
            }
        }
    }

    public function test_what_opens_no_wall_has_no_openings(): void
    {
        $part = $this->part([], 'grooves');
        self::assertNull(OpeningInk::of($part, $part->mark('m1'), $part->patterns()['m1']));
    }

    /**
     * @param  array<string, mixed>  $settings
     * @return array{array{float, float}, array{float, float}} least and most x of the outlines, and of what lies behind
     */
    private function seen(array $settings): array
    {
        preg_match_all('/ d="([^"]+)"/', $this->ink($settings)->outside('t', 1.0), $m);
        $span = function (string $d): array {
            preg_match_all('/[ML](-?[\d.]+) /', $d, $xs);
            $xs = array_map(floatval(...), $xs[1]);

            return [min($xs), max($xs)];
        };

        return [$span($m[1][1]), $span($m[1][2])];
    }

    /** @param  array<string, mixed>  $settings */
    private function ink(array $settings): OpeningInk
    {
        $part = $this->part($settings);
        $ink = OpeningInk::of($part, $part->mark('m1'), $part->patterns()['m1']);
        self::assertNotNull($ink);

        return $ink;
    }

    /** @param  array<string, mixed>  $settings */
    private function part(array $settings, string $technique = 'piercing'): Part
    {
        $inside = self::R - self::WALL;

        return Piece::read(Document::of(OnePart::document([
            'name' => 'Tube', 'wood' => 'Ash (white)', 'form' => 'vase', 'grain' => 'end', 'purpose' => 'display',
            'shape' => [
                'outer' => [[0, self::R, 'corner'], [100, self::R, 'corner']],
                'inner' => [[100, $inside, 'corner'], [6, $inside, 'corner'], [6, 0]],
            ], 'coats' => [], 'marks' => [[
                'id' => 'm1', 'technique' => $technique, 'on' => 'outer', 'from_mm' => 30, 'to_mm' => 30 + self::LONG,
                'settings' => $settings,
            ]],
        ])), Drawn::tables())->body();
    }
}
