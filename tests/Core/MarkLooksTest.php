<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Colour\DyeLayer;
use HonestGrain\Colour\Rgb;
use HonestGrain\Colour\Rings;
use HonestGrain\Colour\Tissues;
use HonestGrain\Drawing\Appearance;
use HonestGrain\Drawing\DivisionPlan;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\MarkStrip;
use HonestGrain\Drawing\MarkTemplate;
use HonestGrain\Drawing\RoundMesh;
use HonestGrain\Drawing\Tiling;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Layout\CurvedBand;
use HonestGrain\Layout\FlatBand;
use HonestGrain\Layout\Tooling;
use HonestGrain\Piece\Part;
use HonestGrain\Reading\Document;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Pattern;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\TestCase;

/** What marks look like: on the elevation, laid flat, in the round; and the template that is printed. */
final class MarkLooksTest extends TestCase
{
    public function test_a_line_that_comes_round_is_cut_at_the_beginning_and_loses_nothing(): void
    {
        $runs = (new Pattern([[[[0.9, 0.0], [1.3, 8.0]], 1.0, Ink::Cut]]))->runs();
        self::assertCount(2, $runs);
        self::assertEqualsWithDelta([1.0, 0.0], [end($runs[0][0])[0], $runs[1][0][0][0]], 1e-9);
        self::assertEqualsWithDelta(end($runs[0][0])[1], $runs[1][0][0][1], 1e-9);
        self::assertEqualsWithDelta(0.3, end($runs[1][0])[0], 1e-9);
        foreach ($runs as [$run]) {
            foreach ($run as $i => [$turn]) {
                self::assertTrue($turn >= 0.0 && $turn <= 1.0);
                self::assertLessThan(0.014, $i === 0 ? 0.0 : abs($turn - $run[$i - 1][0]));
            }
        }
        self::assertSame(1, count((new Pattern([[[[0.0, 2.0], [1.0, 2.0]], 1.0, Ink::Cut]]))->runs()));
    }

    public function test_a_band_laid_flat_keeps_its_widths_as_a_cone_and_in_gores(): void
    {
        $apart = fn (array $a, array $b): float => hypot($a[0] - $b[0], $a[1] - $b[1]);
        $cone = FlatBand::of(CurvedBand::along($this->line([[0, 80], [56.57, 100]])), 12, 0.3);
        self::assertSame(0, $cone->cone() === null ? 1 : 0);
        self::assertEqualsWithDelta(60.0, $apart($cone->at(0.2, 0.0), $cone->at(0.2, 1.0)), 0.05);
        $bent = CurvedBand::along($this->line([[0, 60], [20, 90], [60, 100]]));
        $gores = FlatBand::of($bent, 24, 0.3);
        self::assertNull($gores->cone());
        foreach ([0.0, 0.3, 0.77, 1.0] as $height) {
            $wide = 2 * M_PI * $bent->radiusAtMm($height * $bent->heightMm()) / 24;
            self::assertEqualsWithDelta(
                $wide, $apart($gores->at(5 / 24, $height), $gores->at(6 / 24 - 1e-9, $height)), 1e-4,
            );
        }
        self::assertCount(3, $gores->lines([[1.5 / 24, 0.5], [1.9 / 24, 0.5], [2.1 / 24, 0.5], [2.5 / 24, 0.5],
            [3.2 / 24, 0.5], [3.4 / 24, 0.5]]), 'a line is cut where a gore ends');
    }

    public function test_flutes_on_the_elevation_come_closer_towards_the_edge(): void
    {
        $part = $this->tube([$this->mark('flutes', ['count' => 24, 'depth_mm' => 1])]);
        preg_match('/<g data-band="m1">.*?<\/g>/s', Elevation::of($part, 'x')->detailed(), $group);
        preg_match_all('/M(-?[\d.]+) -?[\d.]+L/', $group[0], $m);
        $x = array_slice(array_map(floatval(...), $m[1]), 0);
        $expected = array_map(fn (int $i): float => round(50 * sin(2 * M_PI * $i / 24), 2), range(0, 6));
        foreach ($expected as $i => $at) {
            self::assertContains($at, $x, "flute $i");
        }
    }

    public function test_dye_is_darker_where_end_grain_shows_and_sanded_back_leaves_it_in_the_soft_wood(): void
    {
        $part = fn (array $set): Part => $this->tube(
            [$this->mark('dye', ['colour' => '#103040'] + $set)], GrainDirection::Side,
        );
        $lightness = fn (Rgb $rgb): float => array_sum($rgb->reflectance);
        $look = Appearance::of($part(['sanded_um' => 0]));
        self::assertLessThan(
            $lightness($look->at(Surface::Outer, 40.0, 0.0, 0.5)),
            $lightness($look->at(Surface::Outer, 40.0, 1.0, 0.5)),
        );
        self::assertNotEquals(
            $look->at(Surface::Outer, 40.0, 0.3, 0.5), $look->at(Surface::Outer, 10.0, 0.3, 0.5),
            'off the band it is wood',
        );
        [$early, $late] = $look->under($part([])->marks[0]);
        $back = $part(['sanded_um' => 80]);
        [$earlyBack, $lateBack] = Appearance::of($back)->under($back->marks[0]);
        self::assertGreaterThan($lightness($early), $lightness($earlyBack));
        self::assertGreaterThan(
            $lightness($earlyBack) / $lightness($early), $lightness($lateBack) / $lightness($late),
            'the dense late wood loses more of it',
        );
    }

    public function test_the_sanding_that_gives_the_most_contrast_is_found_and_what_is_left_told(): void
    {
        $part = fn (float $um): Part => $this->tube([$this->mark('dye', ['colour' => '#101010', 'sanded_um' => $um])]);
        $look = Appearance::of($part(40.0));
        self::assertEqualsWithDelta(
            ['early wood' => exp(-40 / 120), 'late wood' => exp(-40 / 30), 'end grain' => exp(-40 / 300)],
            $look->kept($part(40.0)->marks[0]), 1e-9,
        );
        [$um, $contrast] = $look->bestSanding($part(40.0)->marks[0]);
        $at = function (int $tried) use ($part): float {
            $board = $part((float) $tried);
            [$early, $late] = Appearance::of($board)->under($board->marks[0]);

            return $early->differenceTo($late);
        };
        self::assertEqualsWithDelta($at($um), $contrast, 1e-9);
        self::assertGreaterThan($at($um - 10), $contrast);
        self::assertGreaterThan($at($um + 10), $contrast);
    }

    public function test_sanding_back_is_told_by_depth_or_by_strokes_with_a_grit(): void
    {
        $um = function (array $set): float {
            $part = $this->tube([$this->mark('dye', ['colour' => '#101010'] + $set)], wood: 'Maple (sugar)');

            return $part->sandedBack()->um($part->marks[0]);
        };
        $hardness = (float) Drawn::tables()->woods->named('Maple (sugar)', 'wood')->figures->jankaN;
        self::assertSame(0.0, $um([]));
        self::assertSame(25.0, $um(['sanded_um' => 25]));
        // A stroke takes 3 % of the grain: of P320, 46.2 µm, on wood of 6000 N.
        self::assertEqualsWithDelta(20 * 0.03 * 46.2 * 6000 / $hardness, $um(['back_strokes' => 20]), 1e-6);
        self::assertEqualsWithDelta(
            58.5 / 46.2, $um(['back_strokes' => 20, 'back_grit' => 'P240']) / $um(['back_strokes' => 20]), 1e-6,
        );
        self::assertSame(25.0, $um(['sanded_um' => 25, 'back_strokes' => 20]), 'a depth that is typed says it better');
    }

    public function test_a_fade_lays_less_towards_its_edges(): void
    {
        $part = $this->tube([$this->mark('dye', ['colour' => '#103040', 'fade_mm' => 10])]);
        $at = fn (float $arc): float => array_sum(
            Appearance::of($part)->at(Surface::Outer, $arc, 0.0, 0.3)->reflectance,
        );
        self::assertGreaterThan($at(25.0), $at(21.0));
        self::assertGreaterThan($at(32.0), $at(25.0));
        self::assertEqualsWithDelta($at(32.0), $at(40.0), 1e-9);
    }

    public function test_coats_bleach_lime_char_and_iron_change_what_is_under_them(): void
    {
        $sum = fn (Part $part, bool $coated = true): float => array_sum(
            Appearance::of($part)->at(Surface::Outer, 40.0, 0.2, 0.3, $coated)->reflectance,
        );
        $bare = $sum($this->tube([]));
        self::assertGreaterThan($bare, $sum($this->tube([$this->mark('bleach')])));
        self::assertGreaterThan($bare, $sum($this->tube([$this->mark('lime')])));
        self::assertLessThan($bare, $sum($this->tube([$this->mark('lime', ['colour' => '#401010'])])), 'a dark wax');
        self::assertLessThan(0.2 * $bare, $sum($this->tube([$this->mark('scorch', ['level' => 'black'])])));
        self::assertGreaterThan(
            $sum($this->tube([$this->mark('scorch', ['level' => 'brown'])])),
            $sum($this->tube([$this->mark('scorch', ['level' => 'straw'])])),
        );
        $oak = $this->tube([$this->mark('ebonise')], wood: 'Oak (white)');
        self::assertLessThan(0.3 * $sum($this->tube([], wood: 'Oak (white)')), $sum($oak));
        self::assertGreaterThan(2 * $sum($oak), $sum($this->tube([$this->mark('ebonise')])), 'ash holds little tannin');
        $oiled = $this->tube([], coats: [['id' => 'c', 'zones' => ['outside'], 'layers' => [
            ['id' => 'l', 'product' => 'Pure tung oil'],
        ]]]);
        self::assertLessThan($sum($oiled, false), $sum($oiled));
        self::assertEquals($bare, $sum($oiled, false));
        $paint = $this->tube([$this->mark('paint', ['colour' => '#556b5a'])]);
        self::assertSame('#556b5a', Appearance::of($paint)->at(Surface::Outer, 40.0, 0.7, 0.1)->toHex());
    }

    public function test_tissues_differ_and_rings_are_as_far_apart_as_said(): void
    {
        $figures = Drawn::tables()->calibration->colour;
        [$early, $late, $figure] = Tissues::ofWood(Rgb::hex('#d8c29a', 'wood'), $figures)->colours();
        self::assertGreaterThan(array_sum($late->reflectance), array_sum($early->reflectance));
        self::assertGreaterThan(array_sum($figure->reflectance), array_sum($late->reflectance));
        $layer = new DyeLayer(Rgb::hex('#101010', 'dye'), 1.0, [1, 0.4, 0.8], [120, 30, 300], 0.0);
        $half = Tissues::ofWood(Rgb::hex('#d8c29a', 'wood'), $figures)->dyed($layer, 0.5)->colours()[0];
        $whole = Tissues::ofWood(Rgb::hex('#d8c29a', 'wood'), $figures)->dyed($layer)->colours()[0];
        self::assertGreaterThan(array_sum($whole->reflectance), array_sum($half->reflectance));
        $rings = Rings::in(GrainDirection::End, 200.0, 5.0);
        $along = [];
        for ($r = 40.0; $r < 90.0; $r += 0.1) {
            $along[] = $rings->lateAround(0.0, $r, [1.0], [0.0])[0];
        }
        $falls = count(
            array_filter(range(1, count($along) - 1), fn (int $i): bool => $along[$i - 1] - $along[$i] > 0.5),
        );
        self::assertEqualsWithDelta(10, $falls, 1, '50 mm of rings 5 mm apart');
    }

    public function test_the_round_has_the_profile_its_flutes_and_its_colours(): void
    {
        $part = $this->tube([
            $this->mark('flutes', ['count' => 16, 'depth_mm' => 2, 'radius_mm' => 4]),
            [
                'id' => 'm2', 'on' => 'inner', 'from_mm' => 5, 'to_mm' => 15,
            ] + $this->mark('dye', ['colour' => '#1040a0']),
        ]);
        $mesh = RoundMesh::of($part)->toArray();
        self::assertSame([128, 256, 128, 128], [$mesh['rows'], $mesh['columns'], count($mesh['z']), count($mesh['r'])]);
        self::assertSame([0.0, 50.0, 41.0], [$mesh['r'][0], max($mesh['r']), $mesh['r'][80]]);
        $depth = array_values((array) unpack('v*', (string) base64_decode($mesh['depth'], true)));
        self::assertCount(128 * 256, $depth);
        self::assertEqualsWithDelta(200, max($depth), 4);
        $deep = array_filter($depth, fn (int $d): bool => $d > 195);
        self::assertNotSame([], $deep);
        foreach (array_keys($deep) as $i) {
            $turn = ($i % 256) / 256 * 16;
            self::assertEqualsWithDelta(0.0, abs($turn - round($turn)), 0.07, 'deepest in the middle of a flute');
        }
        $colours = (string) base64_decode($mesh['colours'], true);
        self::assertSame(128 * 256 * 3, strlen($colours));
        $blue = 0;
        for ($row = 0; $row < 128; $row++) {
            $blue += ord($colours[3 * 256 * $row + 2]) > ord($colours[3 * 256 * $row]) ? 1 : 0;
        }
        self::assertGreaterThan(2, $blue, 'the dyed band is blue, the rest wood');
        self::assertLessThan(20, $blue);
    }

    public function test_reeds_stand_round_between_their_lines(): void
    {
        $part = $this->tube(
            [$this->mark('flutes', ['ribs' => 'reeds', 'count' => 16, 'depth_mm' => 2, 'tool' => 'v'])],
        );
        $depth = array_values(
            (array) unpack('v*', (string) base64_decode(RoundMesh::of($part)->toArray()['depth'], true)),
        );
        $row = array_slice($depth, 256 * 22, 256);
        self::assertSame([200, 0], [$row[0], $row[8]], 'deep in the line, untouched in the middle of a reed');
        self::assertEqualsWithDelta(200 * (1 - sqrt(3) / 2), $row[4], 1.0);
        $labels = array_map(fn ($figure): string => Told::of($figure->label), $part->worked()['m1']->figures);
        self::assertContains('Reed wide', $labels);
        self::assertNotContains('Land left', $labels);
        $flutes = $this->tube([$this->mark('flutes', ['count' => 16, 'depth_mm' => 2, 'tool' => 'v'])]);
        self::assertGreaterThan(1.2 * $flutes->worked()['m1']->minutes, $part->worked()['m1']->minutes);
    }

    public function test_an_inlay_is_drawn_in_the_colour_of_its_filling(): void
    {
        $part = $this->tube([$this->mark('inlay', ['colour' => '#2a6f5a'])]);
        self::assertSame('#2a6f5a', RoundMesh::of($part)->toArray()['lines'][0][0]);
        self::assertStringContainsString('stroke="#2a6f5a"', MarkStrip::of($part, $part->marks[0]));
        self::assertStringContainsString('stroke="#2a6f5a"', Elevation::of($part, 'x')->detailed());
    }

    public function test_a_ring_dyed_on_the_foot_shows_in_the_round_where_it_lies(): void
    {
        $ring = ['on' => 'foot', 'from_mm' => 10, 'to_mm' => 20];
        $mesh = RoundMesh::of($this->tube([$ring + $this->mark('dye', ['colour' => '#1040a0'])]))->toArray();
        $colours = (string) base64_decode($mesh['colours'], true);
        $foot = array_filter(range(0, 60), fn (int $row): bool => $mesh['z'][$row] === 0.0);
        foreach ($foot as $row) {
            $isBlue = ord($colours[3 * 256 * $row + 2]) > ord($colours[3 * 256 * $row]);
            $isIn = $mesh['r'][$row] >= 30 && $mesh['r'][$row] <= 40;
            self::assertSame($isIn, $isBlue, "{$mesh['r'][$row]} mm from the middle");
        }
        $lined = RoundMesh::of($this->tube([$ring + $this->mark('pen-pattern', ['unit' => 'ladder'])]))->toArray();
        foreach ($lined['lines'] as [, , $run]) {
            foreach ($run as [, $row]) {
                $low = $lined['r'][(int) floor($row)];
                $r = $low + ($row - floor($row)) * ($lined['r'][(int) ceil($row)] - $low);
                self::assertEqualsWithDelta(35.0, $r, 5.01);
            }
        }
    }

    public function test_lines_of_the_round_lie_in_their_band(): void
    {
        $part = $this->tube([$this->mark('pen-pattern', ['unit' => 'ladder', 'count' => 12])]);
        $mesh = RoundMesh::of($part)->toArray();
        $rows = array_merge(...array_map(fn (array $line): array => array_column($line[2], 1), $mesh['lines']));
        foreach ([[min($rows), 24.0], [max($rows), 56.0]] as [$row, $z]) {
            $low = $mesh['z'][(int) floor($row)];
            self::assertEqualsWithDelta($z, $low + ($row - floor($row)) * ($mesh['z'][(int) ceil($row)] - $low), 0.3);
        }
    }

    public function test_the_elevation_is_darker_where_end_grain_comes_out_in_the_middle(): void
    {
        $stops = function (GrainDirection $grain): array {
            $svg = Elevation::of($this->tube([], $grain), 'x')->detailed();
            preg_match('/<linearGradient id="grain-p".*?<\/linearGradient>/s', $svg, $gradient);
            preg_match_all('/stop-color="(#[0-9a-f]{6})"/', $gradient[0] ?? '', $m);

            return array_map(fn (string $hex): float => array_sum(Rgb::hex($hex, 'stop')->reflectance), $m[1]);
        };
        $side = $stops(GrainDirection::Side);
        self::assertCount(7, $side);
        $rising = $side;
        sort($rising);
        self::assertSame($rising, $side);
        self::assertLessThan(0.8 * $side[6], $side[0]);
        self::assertCount(1, array_unique($stops(GrainDirection::End)), 'an upright wall of end-grain work shows none');
    }

    public function test_a_plan_of_the_rim_has_a_tick_for_every_part(): void
    {
        $part = $this->tube([$this->mark('flutes', ['count' => 16, 'depth_mm' => 1, 'start_deg' => 90])], plates: [48]);
        $svg = Sentences::english()->drawn(
            (new DivisionPlan(GrainDirection::Side, '#d8c29a', $part->worked()['m1'], 90.0))->drawn(),
        );
        self::assertStringContainsString('16 parts', $svg);
        self::assertStringContainsString('index 48, every 3rd hole', $svg);
        self::assertStringContainsString(
            'M100 0L120 0', $svg, 'the first one, a quarter round from the end grain at the top',
        );
        self::assertSame(
            16,
            preg_match_all('/M-?[\d.]+ -?[\d.]+L-?[\d.]+ -?[\d.]+(?=M|")/', (string) strstr($svg, 'd="M100 0L120 0')),
        );
    }

    public function test_a_strip_shows_every_repeat_and_the_colours_of_its_band(): void
    {
        $part = $this->tube([
            $this->mark('pen-pattern', ['unit' => 'seed', 'count' => 9]),
            ['id' => 'm2'] + $this->mark('dye', ['colour' => '#1040a0']),
        ]);
        $svg = MarkStrip::of($part, $part->marks[0]);
        self::assertSame(18, preg_match_all('/M-?[\d.]+ /', (string) strstr(
            $svg, 'stroke="'.Ink::Burnt->rgb().'"', true,
        )
            ? (string) preg_replace('/^.*<path d="([^"]*)"[^>]*stroke="'.Ink::Burnt->rgb().'".*$/s', '$1', $svg) : ''));
        self::assertNotSame(
            $svg,
            MarkStrip::of($this->tube([$this->mark('pen-pattern', ['unit' => 'seed', 'count' => 9])]), $part->marks[0]),
        );
    }

    public function test_what_is_cut_stands_on_the_centre_lines_of_its_template(): void
    {
        $part = $this->tube([$this->mark('flutes', ['count' => 12, 'depth_mm' => 1])]);
        $svg = simplexml_load_string(
            MarkTemplate::of($part, $part->marks[0], null, Drawn::tables()->calibration->layout),
        );
        self::assertNotFalse($svg);
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $x = fn (string $class): array => array_map(
            fn ($path): float => round((float) substr((string) $path['d'], 1), 2),
            $svg->xpath("//*[@class='$class']") ?: [],
        );
        self::assertCount(12, $x('repeat-centre'));
        self::assertEqualsCanonicalizing($x('repeat-centre'), $x('stroke'));
    }

    public function test_sheets_lap_and_cover_the_whole(): void
    {
        foreach (['a4', 'letter'] as $paper) {
            foreach ([[100, 60], [900, 60], [700, 500], [190, 265]] as [$wide, $high]) {
                $tiling = Tiling::ofSvg("<svg width=\"{$wide}mm\" height=\"{$high}mm\">", $paper);
                [, , $w, $h] = $tiling->window();
                $tiles = $tiling->tiles();
                [$column, $row, $x, $y] = end($tiles);
                self::assertGreaterThanOrEqual($wide - 0.01, $x + $w);
                self::assertGreaterThanOrEqual($high - 0.01, $y + $h);
                self::assertSame(($column + 1) * ($row + 1), count($tiles));
                foreach ($tiles as [$c, $r, $left]) {
                    self::assertEqualsWithDelta($c * ($w - 10), $left, 1e-9);
                }
            }
        }
        self::assertCount(1, Tiling::ofSvg('<svg width="100mm" height="60mm">', 'a4')->tiles());
        self::assertCount(4, Tiling::ofSvg('<svg width="900mm" height="60mm">', 'a4')->tiles());
    }

    public function test_another_renderer_finds_a_template_at_its_true_size(): void
    {
        $part = $this->tube([$this->mark('pen-pattern', ['unit' => 'ladder', 'count' => 12])]);
        $svg = MarkTemplate::of($part, $part->marks[0], null, Drawn::tables()->calibration->layout);
        $file = (string) tempnam(sys_get_temp_dir(), 'template');
        file_put_contents($file, $svg);
        // Ten pixels to the mm.
        exec(
            'rsvg-convert -d 254 -p 254 '.escapeshellarg($file).' -o '.escapeshellarg("$file.png").' 2>&1', $out, $code,
        );
        self::assertSame(0, $code, implode("\n", $out));
        $image = imagecreatefrompng("$file.png");
        self::assertNotFalse($image);
        [$wide, $high] = [imagesx($image), imagesy($image)];
        $dark = fn (int $x, int $y): bool => ((imagecolorat($image, $x, $y) >> 24) & 0x7F) < 64;
        $columns = array_values(array_filter(range(0, $wide - 1), function (int $x) use ($dark, $high): bool {
            $count = 0;
            for ($y = 0; $y < $high - 300; $y += 2) {
                $count += $dark($x, $y) ? 1 : 0;
            }

            return $count > 150;
        }));
        self::assertEqualsWithDelta(2 * M_PI * 50 * 10, end($columns) - $columns[0], 4, 'from edge to edge once round');
        $longest = 0;
        for ($y = $high - 200; $y < $high; $y++) {
            $run = 0;
            for ($x = 0; $x < $wide; $x++) {
                $run = $dark($x, $y) ? $run + 1 : 0;
                $longest = max($longest, $run);
            }
        }
        self::assertEqualsWithDelta(500, $longest, 4, 'the line to check the printer by');
        array_map(unlink(...), [$file, "$file.png"]);
    }

    /** @param  list<array{float, float}>  $nodes */
    private function line(array $nodes): array
    {
        $corners = count($nodes) === 2 ? [[...$nodes[0], 'corner'], [...$nodes[1], 'corner']] : $nodes;

        return Curve::fromArray($corners, 'outer')->points;
    }

    /**
     * @param  list<array<string, mixed>>  $marks
     * @param  list<array<string, mixed>>  $coats
     * @param  list<int>  $plates
     */
    private function tube(
        array $marks,
        GrainDirection $grain = GrainDirection::End,
        string $wood = 'Ash (white)',
        array $coats = [],
        array $plates = [],
    ): Part {
        return Part::read(Document::of([
            'id' => 'body', 'wood' => $wood, 'grain' => $grain->value, 'marks' => $marks, 'coats' => $coats,
            'shape' => Profile::of(
                Curve::fromArray([[0, 50, 'corner'], [120, 50, 'corner']], 'outer'),
                Curve::fromArray([[120, 41, 'corner'], [9, 41, 'corner'], [9, 0]], 'inner'),
            )->toArray(),
        ]), Drawn::tables()->withTooling(new Tooling($plates)));
    }

    /**
     * @param  array<string, mixed>  $set
     * @return array<string, mixed>
     */
    private function mark(string $technique, array $set = []): array
    {
        return [
            'id' => 'm1', 'technique' => $technique, 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 60,
            'settings' => $set,
        ];
    }
}
