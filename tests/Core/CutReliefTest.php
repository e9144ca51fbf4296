<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\CutRelief;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\TestCase;

/** Flutes and flats as they are seen: the outline gives way at the side, the section where it meets one. */
final class CutReliefTest extends TestCase
{
    private const R = 40.0;

    public function test_flats_stand_out_at_their_corners_alone(): void
    {
        // Six flats with a corner in front, at 0: the corners beside it lie at 60°, so that 40 sin 60° is seen.
        $seen = $this->widest($this->piece('facets', ['count' => 6, 'start_deg' => 0]));
        self::assertEqualsWithDelta(self::R * sin(M_PI / 3), $seen, 0.05);
        // Turned by half of that a corner stands at the side itself.
        $seen = $this->widest($this->piece('facets', ['count' => 6, 'start_deg' => 30]));
        self::assertEqualsWithDelta(self::R, $seen, 0.05);
    }

    public function test_flutes_bite_into_the_outline_and_leave_their_lands(): void
    {
        $flutes = ['count' => 4, 'tool' => 'ball', 'radius_mm' => 6, 'depth_mm' => 3, 'start_deg' => 0];
        $across = $this->piece('flutes', $flutes);
        self::assertLessThan(self::R - 0.05, $this->widest($across), 'a flute lies at the side');
        self::assertGreaterThan(self::R - 3.0, $this->widest($across), 'its lips stand out above its bottom');
        self::assertEqualsWithDelta(
            self::R, $this->widest($this->piece('flutes', ['start_deg' => 45] + $flutes)), 0.01, 'a land does',
        );
    }

    public function test_the_section_is_cut_as_deep_as_what_it_meets_and_the_bottoms_are_told_elsewhere(): void
    {
        $flutes = ['count' => 4, 'tool' => 'ball', 'radius_mm' => 6, 'depth_mm' => 3, 'start_deg' => 0];
        foreach ([0 => 3.0, 45 => 0.0] as $start => $deep) {
            $part = $this->piece('flutes', ['start_deg' => $start] + $flutes);
            $cut = array_filter(
                CutRelief::of($part)->cutOpen($part->turned->outer, 1.0),
                fn (Point $point): bool => abs($point->z - 50) < 1.5,
            );
            foreach ($cut as $point) {
                self::assertEqualsWithDelta(self::R - $deep, $point->r, 0.01, "begun at $start degrees");
            }
            $bottoms = CutRelief::of($part)->bottoms($part->turned->outer, 1.0);
            self::assertEqualsWithDelta(self::R - 3.0, $bottoms[0][intdiv(count($bottoms[0]), 2)]->r, 0.02);
        }
    }

    public function test_only_the_band_is_cut_and_an_uncut_piece_is_drawn_as_before(): void
    {
        $part = $this->piece('facets', ['count' => 6, 'start_deg' => 0]);
        foreach (CutRelief::of($part)->silhouette($part->turned->outer, 1.0) as $point) {
            if ($point->z < 29.9 || $point->z > 70.1) {
                self::assertEqualsWithDelta(self::R, $point->r, 0.001);
            }
        }
        $plain = $this->piece('burnt-line', []);
        self::assertSame(
            $plain->turned->outer->points, CutRelief::of($plain)->silhouette($plain->turned->outer, 1.0),
        );
        self::assertNull(CutRelief::of($plain)->around(Surface::Outer, 50.0, 8));
        $dashed = fn (Part $one): int => substr_count(Elevation::of($one, 'Post')->small(), 'stroke-dasharray');
        self::assertSame([1, 2], [$dashed($plain), $dashed($part)], 'the axis, and how deep the flats go');
    }

    public function test_a_band_ends_where_it_ends_on_any_line(): void
    {
        $flutes = fn (float $from, float $to): array => Benchwork::bowl(['marks' => [[
            'id' => 'm1', 'technique' => 'flutes', 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $to,
            'settings' => ['count' => 24, 'depth_mm' => 1.5, 'fade_mm' => 10],
        ]]]);
        for ($from = 14.0; $from < 16.0; $from += 0.13) {
            $part = Piece::read(Document::of(Benchwork::piece([$flutes($from, 3 * $from)])), Drawn::tables())->body();
            foreach ([1.0, 1.0003, 0.9997] as $longer) {
                $bottom = CutRelief::of($part)->bottoms($part->turned->outer, $longer)[0];
                self::assertGreaterThan(20, count($bottom));
            }
        }
    }

    private function widest(Part $part): float
    {
        $at = array_filter(
            CutRelief::of($part)->silhouette($part->turned->outer, 1.0),
            fn (Point $point): bool => abs($point->z - 50) < 1.5,
        );

        return max(array_map(fn (Point $point): float => $point->r, $at));
    }

    /** @param  array<string, mixed>  $settings */
    private function piece(string $technique, array $settings): Part
    {
        return Piece::read(Document::of(OnePart::document([
            'name' => 'Post', 'wood' => 'Ash (white)', 'form' => 'spindle', 'grain' => 'end', 'purpose' => 'display',
            'shape' => ['outer' => [[0, self::R, 'corner'], [100, self::R, 'corner']], 'inner' => null], 'coats' => [],
            'marks' => [[
                'id' => 'm1', 'technique' => $technique, 'on' => 'outer', 'from_mm' => 30, 'to_mm' => 70,
                'settings' => $settings,
            ]],
        ])), Drawn::tables())->body();
    }
}
