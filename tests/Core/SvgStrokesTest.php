<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Layout\DrawnRepeat;
use HonestGrain\Layout\OwnRepeat;
use HonestGrain\Layout\SvgStrokes;
use HonestGrain\Reading\InvalidField;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Strokes brought in from a drawing, and units that must meet themselves. */
final class SvgStrokesTest extends TestCase
{
    public function test_lines_polylines_and_paths_are_set_into_the_square_with_up_turned_up(): void
    {
        $read = SvgStrokes::read('<svg xmlns="http://www.w3.org/2000/svg"><line x1="10" y1="20" x2="110" y2="20"/>'
            .'<polyline points="10,70 60,45 110,70"/><path d="M 10 20 h50 v25"/></svg>');
        self::assertEquals([
            [[0, 1], [1, 1]], [[0, 0], [0.5, 0.5], [1, 0]], [[0, 1], [0.5, 1], [0.5, 0.5]],
        ], $read->strokes);
        self::assertSame([], $read->looseEnds());
    }

    public function test_curves_are_drawn_with_straight_pieces_that_begin_and_end_where_they_do(): void
    {
        [$curve] = SvgStrokes::read('<svg><path d="M0 0 C 0 100 100 100 100 0"/></svg>')->strokes;
        self::assertCount(13, $curve);
        self::assertEquals([[0, 1], [1, 1]], [$curve[0], $curve[12]]);
        // At its middle a cubic lies three quarters of the way to its handles: 75 of 75.
        self::assertEquals([0.5, 0], $curve[6]);
        [$bow] = SvgStrokes::read('<svg><path d="m0 0q50 100 100 0"/></svg>')->strokes;
        self::assertEquals([0.5, 0], $bow[6]);
        [$closed] = SvgStrokes::read('<svg><path d="M0 0L10 0L10 10Z"/></svg>')->strokes;
        self::assertSame($closed[0], $closed[3]);
    }

    #[DataProvider('hostile')]
    public function test_what_is_hostile_or_no_drawing_is_refused(string $svg): void
    {
        $this->expectException(InvalidField::class);
        SvgStrokes::read($svg);
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'nothing' => [''];
        yield 'no SVG' => ['<html><path d="M0 0L1 1"/></html>'];
        yield 'not well formed' => ['<svg><path d="M0 0L1 1"></svg>'];
        yield 'entities' => ['<!DOCTYPE svg [<!ENTITY a "b">]><svg><path d="M0 0L1 1"/></svg>'];
        yield 'a file outside' => ['<!DOCTYPE svg SYSTEM "file:///etc/passwd"><svg><path d="M0 0L1 1"/></svg>'];
        yield 'a transform' => ['<svg><g transform="scale(2)"><path d="M0 0L1 1"/></g></svg>'];
        yield 'nothing drawn' => ['<svg><script>alert(1)</script><text>hello</text></svg>'];
        yield 'far away' => ['<svg><path d="M0 0L1e99 1"/></svg>'];
        yield 'too long' => ['<svg>'.str_repeat(' ', SvgStrokes::MAX_BYTES).'</svg>'];
        yield 'too many strokes' => ['<svg>'.str_repeat('<line x2="1" y2="1"/>', OwnRepeat::MOST_STROKES + 1).'</svg>'];
    }

    public function test_what_runs_in_a_drawing_is_left_out(): void
    {
        $read = SvgStrokes::read('<svg onload="x()"><script>alert(1)</script><path d="M0 0L1 1" onclick="y()"/></svg>');
        self::assertEquals([[[0, 1], [1, 0]]], $read->strokes);
    }

    public function test_every_repeat_of_ours_meets_itself(): void
    {
        foreach (DrawnRepeat::cases() as $repeat) {
            self::assertSame([], OwnRepeat::read($repeat->strokes(), 'strokes')->looseEnds(), $repeat->value);
        }
    }
}
