<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\CommandLine;
use HonestGrain\Layout\DrawnRepeat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Templates at true size, the repeats on them, and the minutes of the pen. */
final class TemplateTest extends TestCase
{
    use Asking;

    #[DataProvider('units')]
    public function test_a_repeat_stays_in_its_square_and_meets_the_next(DrawnRepeat $unit): void
    {
        $edges = [0 => [], 1 => []];
        foreach ($unit->strokes() as $stroke) {
            self::assertGreaterThanOrEqual(2, count($stroke));
            foreach ($stroke as $i => [$u, $v]) {
                self::assertTrue($u >= 0 && $u <= 1 && $v >= 0 && $v <= 1, "$u, $v");
                if (($u === 0.0 || $u === 1.0) && ($i === 0 || $i === count($stroke) - 1)) {
                    $edges[(int) $u][] = round($v, 9);
                }
            }
        }
        sort($edges[0]);
        sort($edges[1]);
        self::assertSame($edges[0], $edges[1]);
    }

    /** @return iterable<string, array{DrawnRepeat}> */
    public static function units(): iterable
    {
        foreach (DrawnRepeat::cases() as $unit) {
            yield $unit->value => [$unit];
        }
    }

    public function test_the_repeats_are_listed_without_a_question(): void
    {
        [$code, $out] = CommandLine::over(Catalogue::shipped())->run(['units']);
        self::assertSame(0, $code);
        self::assertSame(array_column(DrawnRepeat::cases(), 'value'), json_decode($out, true)['units'] ?? null);
        self::assertGreaterThanOrEqual(10, count(DrawnRepeat::cases()));
    }

    public function test_a_cone_is_drawn_at_true_size(): void
    {
        $svg = $this->template(self::BAND + ['unit' => 'ladder']);
        [, , $wide, $high] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
        self::assertSame(["{$wide}mm", "{$high}mm"], [(string) $svg['width'], (string) $svg['height']]);
        $outline = (string) $this->all($svg, '*[@id="band-outline"]')[0]['d'];
        self::assertSame([2, 2], [substr_count($outline, 'A300 300 '), substr_count($outline, 'A240 240 ')]);
        $points = $this->points($outline);
        // 120° of a ring: the chord of its outside is 300·√3, of its inside 240·√3.
        $span = fn (array $a, array $b): float => hypot($a[0] - $b[0], $a[1] - $b[1]);
        self::assertEqualsWithDelta(240 * sqrt(3), $span($points[0], $points[2]), 1e-3);
        self::assertEqualsWithDelta(300 * sqrt(3), $span($points[3], $points[5]), 1e-3);
        self::assertEqualsWithDelta(60, $span($points[1], $points[4]), 1e-3);
        self::assertLessThan($points[1][1], $points[4][1], 'The wider edge is the upper one.');
        $check = $this->all($svg, '*[@id="check-50mm"]')[0];
        self::assertEqualsWithDelta(50, (float) $check['x2'] - (float) $check['x1'], 1e-9);
        self::assertSame((string) $check['y1'], (string) $check['y2']);
        self::assertCount(4, $this->all($svg, '*[@class="registration"]'));
        $centres = $this->all($svg, '*[@class="repeat-centre"]');
        self::assertCount(16, $centres);
        foreach ($centres as $centre) {
            self::assertEqualsWithDelta(60, $this->length((string) $centre['d']), 1e-3);
        }
    }

    public function test_a_band_that_narrows_upwards_stands_on_its_wider_edge(): void
    {
        $svg = $this->template(['radius_top_mm' => 80, 'radius_bottom_mm' => 100, 'unit' => 'reed'] + self::BAND);
        $points = $this->points((string) $this->all($svg, '*[@id="band-outline"]')[0]['d']);
        self::assertGreaterThan($points[4][1], $points[1][1]);
        self::assertEqualsWithDelta(300 * sqrt(3), hypot($points[0][0] - $points[2][0], 0), 1e-3);
        // Reeds stand on the lower edge.
        $stem = $this->points((string) $this->all($svg, '*[@class="stroke"]')[24]['d']);
        self::assertGreaterThan($stem[1][1], $stem[0][1]);
    }

    public function test_what_is_all_but_a_cylinder_is_drawn_as_truly(): void
    {
        foreach ([80.0, 80.000_000_01, 80.001] as $bottom) {
            $svg = $this->template(['radius_top_mm' => 80, 'radius_bottom_mm' => $bottom] + self::BAND);
            $points = $this->points((string) $this->all($svg, '*[@id="band-outline"]')[0]['d']);
            self::assertEqualsWithDelta(2 * M_PI * 80, $points[2][0] - $points[0][0], 0.02);
            self::assertEqualsWithDelta(60, $points[1][1] - $points[4][1], 1e-3);
            // An arc of some km is more than a viewer draws truly.
            self::assertStringNotContainsString('A', (string) $this->all($svg, '*[@id="band-outline"]')[0]['d']);
        }
    }

    public function test_a_flat_ring_unrolls_all_the_way_round(): void
    {
        $svg = $this->template(['slant_mm' => 20] + self::BAND);
        $points = $this->points((string) $this->all($svg, '*[@id="band-outline"]')[0]['d']);
        self::assertEqualsWithDelta($points[0], $points[2], 1e-3);
        self::assertEqualsWithDelta(160, hypot($points[0][0] - $points[1][0], $points[0][1] - $points[1][1]), 1e-3);
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('bands')]
    public function test_the_pen_draws_what_the_template_shows(array $more): void
    {
        $svg = $this->template($more + self::BAND);
        $strokes = $this->all($svg, '*[@class="stroke"]');
        $length = array_sum(array_map(fn ($stroke): float => $this->length((string) $stroke['d']), $strokes));
        $burn = $this->ask('burn', $more + self::BAND + ['hardness_n' => 6000, 'repeats' => 16]);
        self::assertEqualsWithDelta($length, $burn['stroke_mm'], 1e-4 * $length);
        // 6 mm a second on wood of the reference hardness.
        self::assertEqualsWithDelta($burn['stroke_mm'] / 360, $burn['minutes'], 1e-3);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function bands(): iterable
    {
        foreach (['braid', 'scale', 'furrow', 'seed'] as $unit) {
            yield "$unit on a cone" => [['unit' => $unit]];
            yield "$unit on a cylinder" => [['unit' => $unit, 'radius_bottom_mm' => 100]];
        }
    }

    public function test_the_length_of_a_ladder(): void
    {
        $burn = fn (float $bottom): float => $this->ask('burn', [
            'unit' => 'ladder', 'radius_bottom_mm' => $bottom, 'repeats' => 16, 'hardness_n' => 6000,
        ] + self::BAND)['stroke_mm'];
        // Two rails round the band, at a tenth and nine tenths of it, and sixteen rungs of eight tenths.
        self::assertEqualsWithDelta(2 * M_PI * 200 + 16 * 48, $burn(100), 0.01);
        self::assertEqualsWithDelta(2 * M_PI * (82 + 98) + 16 * 48, $burn(80), 0.1);
    }

    public function test_a_row_closes_on_itself(): void
    {
        $strokes = $this->all($this->template(['unit' => 'thorn'] + self::BAND), '*[@class="stroke"]');
        $first = $this->points((string) $strokes[0]['d'])[0];
        $lines = array_map(fn ($stroke): array => $this->points((string) $stroke['d']), $strokes);
        $last = $lines[count($lines) - 3];
        $last = $last[count($last) - 1];
        // The same height on the other side of a sector that is drawn upright.
        self::assertEqualsWithDelta([-$first[0], $first[1]], $last, 1e-3);
        // Each begins where the one before it ended.
        $second = $lines[3][0];
        self::assertEqualsWithDelta($lines[0][count($lines[0]) - 1], $second, 1e-3);
    }

    public function test_minutes_of_lines_and_shading(): void
    {
        $minutes = fn (array $more): float => $this->ask('burn', $more + ['hardness_n' => 6000])['minutes'];
        self::assertEqualsWithDelta(10, $minutes(['unit' => null, 'lines_mm' => 3600]), 1e-9);
        self::assertEqualsWithDelta(20, $minutes(['lines_mm' => 3600, 'hardness_n' => 24_000]), 1e-9);
        self::assertEqualsWithDelta(5, $minutes(['shaded_mm2' => 1200, 'tone' => 0.5]), 1e-9);
        self::assertEqualsWithDelta(20, $minutes(['lines_mm' => 3600, 'shaded_mm2' => 1200]), 1e-9);
        self::assertSame('unit', $this->refused('burn', ['unit' => 'rope', 'hardness_n' => 6000])['field']);
        $uncounted = $this->refused('burn', ['unit' => 'braid', 'hardness_n' => 6000] + self::BAND);
        self::assertSame('repeats', $uncounted['field']);
    }

    public function test_a_curved_band_comes_in_gores_and_a_straight_one_as_a_cone(): void
    {
        $profile = [[0, 30], [30, 50], [60, 40]];
        $svg = $this->template(['profile' => $profile, 'gores' => 8]);
        $outline = (string) $this->all($svg, '*[@id="band-outline"]')[0]['d'];
        self::assertSame([8, 0], [substr_count($outline, 'Z'), substr_count($outline, 'A')]);
        $gore = $this->points(explode('Z', $outline)[0]);
        $last = count($gore) - 1;
        self::assertEqualsWithDelta(2 * M_PI * 30 / 8, $gore[0][0] - $gore[$last][0], 1e-3);
        self::assertEqualsWithDelta(2 * M_PI * 40 / 8, $gore[($last - 1) / 2][0] - $gore[($last + 1) / 2][0], 1e-3);
        self::assertCount(8, $this->all($svg, '*[@class="repeat-centre"]'));
        $straight = $this->template(['profile' => [[0, 80], [30, 90.2], [60, 100]], 'gores' => 8]);
        self::assertStringContainsString('A', (string) $this->all($straight, '*[@id="band-outline"]')[0]['d']);
        self::assertCount(8, $this->all($straight, '*[@class="repeat-centre"]'));
        $bent = $this->template(['profile' => [[0, 80], [30, 90.5], [60, 100]], 'gores' => 8]);
        self::assertStringNotContainsString('A', (string) $this->all($bent, '*[@id="band-outline"]')[0]['d']);
        self::assertSame('gores', $this->refused('template', ['profile' => $profile])['field']);
        self::assertSame('profile.1', $this->refused('template', ['profile' => [[0, 1], 'x'], 'gores' => 8])['field']);
        self::assertSame('unit', $this->refused('template', ['unit' => 'rope'] + self::BAND)['field']);
    }

    private const BAND = [
        'radius_top_mm' => 100, 'radius_bottom_mm' => 80, 'slant_mm' => 60, 'wanted_pitch_mm' => 40,
        'index_holes' => 48,
    ];

    /** @param  array<string, mixed>  $question */
    private function template(array $question): \SimpleXMLElement
    {
        [$code, $out, $error] = $this->answerOf('template', $question);
        self::assertSame(0, $code, $error);
        $svg = simplexml_load_string($out);
        self::assertInstanceOf(\SimpleXMLElement::class, $svg);
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');

        return $svg;
    }

    /** @return list<\SimpleXMLElement> */
    private function all(\SimpleXMLElement $svg, string $path): array
    {
        return array_values($svg->xpath("//$path") ?: []);
    }

    /** @return list<array{float, float}> where each piece of a path ends */
    private function points(string $path): array
    {
        preg_match_all('/(-?[\d.]+(?:E-?\d+)?) (-?[\d.]+(?:E-?\d+)?)(?=[MLAZ]|$)/', $path, $found, PREG_SET_ORDER);

        return array_map(fn (array $point): array => [(float) $point[1], (float) $point[2]], $found);
    }

    private function length(string $path): float
    {
        $points = $this->points($path);
        $sum = 0.0;
        foreach ($points as $i => [$x, $y]) {
            $sum += $i === 0 ? 0.0 : hypot($x - $points[$i - 1][0], $y - $points[$i - 1][1]);
        }

        return $sum;
    }
}
