<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\Frame;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Techniques;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The elevation: well-formed, true to its numbers, readable on its own, and with nothing inline that a content policy
 * forbids.
 */
final class DrawingTest extends TestCase
{
    #[DataProvider('forms')]
    public function test_every_form_draws_every_zone_within_its_frame(Form $form): void
    {
        $profile = $form->profile(...array_values($form->sizes()));
        $measured = Drawn::measured($profile, $form->grain());
        $svg = $this->parsed(
            Elevation::of(Drawn::part($profile, $form->grain()), 'A piece')->detailed(null, $measured),
        );

        $zones = array_unique(array_map(strval(...), $svg->xpath('//@data-zone') ?: []));
        foreach (array_diff(array_keys($measured->zones), ['top']) as $zone) {
            self::assertContains($zone, $zones);
        }
        $frame = Frame::around($profile, true);
        foreach ($svg->xpath('//svg:text|//svg:tspan') ?: [] as $text) {
            if (! isset($text['x']) || (string) $text === '') {
                continue;
            }
            $size = (float) ($text['font-size'] ?? ($text->xpath('..')[0]['font-size'] ?? 0));
            $right = (float) $text['x'] + mb_strlen((string) $text) * $size * 0.56;
            self::assertGreaterThanOrEqual($frame->x, (float) $text['x'], (string) $text);
            self::assertLessThanOrEqual($frame->x + $frame->width, $right, "“{$text}” runs out of the picture");
            self::assertGreaterThanOrEqual($frame->y + $size * 0.6, (float) $text['y'], (string) $text);
            self::assertLessThanOrEqual($frame->y + $frame->height, (float) $text['y'], (string) $text);
        }
    }

    #[DataProvider('forms')]
    public function test_the_label_of_the_wall_stands_clear_of_the_wood(Form $form): void
    {
        $profile = $form->profile(...array_values($form->sizes()));
        if ($profile->inner === null && $profile->bore === null) {
            self::assertStringNotContainsString(
                'at thinnest',
                self::read(Elevation::of(Drawn::part($profile, $form->grain()), 'x')->detailed(
                    null, Drawn::measured($profile, $form->grain()),
                )),
            );

            return;
        }
        $svg = $this->parsed(
            Elevation::of(Drawn::part($profile, $form->grain()), 'x')->detailed(
                null, Drawn::measured($profile, $form->grain()),
            ),
        );
        foreach ($svg->xpath('//svg:g[@data-lint="wall"]//svg:tspan') ?: [] as $line) {
            $size = (float) $line->xpath('..')[0]['font-size'];
            self::assertLessThan(
                -$profile->diameterMm() / 2, (float) $line['x'] + mb_strlen((string) $line) * $size * 0.5,
            );
        }
    }

    /** @return iterable<string, array{Form}> */
    public static function forms(): iterable
    {
        foreach (Form::cases() as $form) {
            yield $form->value => [$form];
        }
    }

    public function test_nothing_in_it_needs_a_style_sheet_or_runs(): void
    {
        $svg = self::read(Elevation::of($this->marked(), '"><script>alert(1)</script>')->detailed());
        self::assertStringNotContainsString('<script', $svg);
        self::assertDoesNotMatchRegularExpression('/\s(style|on\w+|href)=/', $svg);
        self::assertStringContainsString('&quot;&gt;&lt;script&gt;', $svg);
    }

    public function test_each_kind_of_mark_shows_on_the_face_and_on_the_section(): void
    {
        $part = $this->marked();
        $svg = $this->parsed(Elevation::of($part, 'Bowl')->detailed());
        foreach ($part->marks as $mark) {
            $places = $svg->xpath("//*[@data-band='{$mark->id()}']") ?: [];
            self::assertCount(2, $places, $mark->technique->key());
        }
        $dye = array_map(strval(...), $svg->xpath("//svg:g[@data-band='dye-1']//svg:stop/@stop-color") ?: []);
        self::assertCount(9, $dye);
        self::assertNotSame($dye[0], $dye[8], 'where end grain shows it is another colour');
    }

    public function test_a_band_is_drawn_where_its_arc_length_says(): void
    {
        // A straight cone: 0 to 80 high, radius 40 to 100, so arc length runs evenly with height.
        $profile = Profile::of(Curve::fromArray([[0, 40, 'corner'], [80, 100, 'corner']], 'outer'), null);
        $part = Drawn::part($profile, GrainDirection::End, ['marks' => [$this->mark('dye', 25, 50)]]);
        $svg = $this->parsed(Elevation::of($part, 'Cone')->detailed());
        $path = (string) ($svg->xpath("//svg:g[@data-band='dye-1']/svg:path/@d") ?: [''])[0];
        preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $path, $m);
        self::assertEqualsWithDelta(20.0, -max(array_map(floatval(...), $m[2])), 0.02);
        self::assertEqualsWithDelta(40.0, -min(array_map(floatval(...), $m[2])), 0.02);
        self::assertEqualsWithDelta(70.0, max(array_map(floatval(...), $m[1])), 0.02);
    }

    public function test_lint_is_shown_where_it_is_wrong(): void
    {
        $profile = Profile::of(
            Curve::fromArray([[0, 40, 'corner'], [60, 60], [120, 40, 'corner']], 'outer'),
            Curve::fromArray([[120, 38.5, 'corner'], [60, 57], [12, 30], [9, 0]], 'inner'),
        );
        $measured = Drawn::measured($profile, GrainDirection::End);
        $codes = array_map(fn ($warning): string => $warning->code->value, $measured->warnings);
        self::assertContains('thin-wall', $codes);
        self::assertContains('undercut', $codes);
        $svg = $this->parsed(
            Elevation::of(Drawn::part($profile, GrainDirection::End), 'Pot')->detailed(null, $measured),
        );
        $dot = ($svg->xpath("//svg:g[@data-lint='thin-wall']/svg:circle") ?: [])[0];
        self::assertEqualsWithDelta(-$measured->wall?->r, (float) $dot['cx'], 0.01);
        self::assertEqualsWithDelta(-$measured->wall?->z, (float) $dot['cy'], 0.01);
        self::assertCount(1, $svg->xpath("//svg:circle[@data-lint='undercut']") ?: []);
    }

    public function test_true_size_is_in_millimetres_and_small_ones_share_a_scale(): void
    {
        $true = $this->parsed(
            preg_replace('/^<\?xml.*\?>\n/', '', Elevation::of(Drawn::part($this->bowl()), 'Bowl')->trueSize()) ?? '',
        );
        [, , $width, $height] = array_map(floatval(...), explode(' ', (string) $true['viewBox']));
        self::assertSame($width.'mm', (string) $true['width']);
        self::assertSame($height.'mm', (string) $true['height']);
        $small = fn (float $diameter): float => (float) $this->parsed(
            Elevation::of(Drawn::part(Form::Platter->profile($diameter, 30, 100, 7)), 'x')->small(0.5),
        )['width'];
        self::assertEqualsWithDelta(2.0, $small(400) / $small(200), 0.01);
    }

    public function test_dimensions_are_worded_by_the_reader(): void
    {
        $drawing = Elevation::of(Drawn::part($this->bowl()), 'Bowl');
        self::assertStringContainsString('>260 mm<', $drawing->detailed());
        self::assertStringContainsString(
            '>10.24 in<',
            $drawing->withLengths(fn (float $mm): string => number_format($mm / 25.4, 2).' in')->detailed(),
        );
    }

    public function test_heights_are_over_the_table_and_not_over_the_middle_of_a_hollow_foot(): void
    {
        $outer = Curve::fromArray([[4, 0], [3, 20], [0, 40, 'corner'], [3, 44], [60, 100, 'corner']], 'outer');
        $inner = Curve::fromArray([[60, 94, 'corner'], [14, 40], [11, 0]], 'inner');
        $drawn = Elevation::of(Drawn::part(Profile::of($outer, $inner)), 'Dish')->detailed();
        $drawn = self::read($drawn);
        self::assertStringContainsString('>60 mm</text>', $drawn);
        self::assertStringContainsString('foot 80 mm', $drawn);
        self::assertStringNotContainsString('>56 mm</text>', $drawn);
    }

    public function test_grain_runs_level_across_a_bowl_and_upright_along_a_vase(): void
    {
        $lines = fn (GrainDirection $grain): string => Elevation::of(
            Drawn::part($this->bowl(), $grain), 'x',
        )->detailed();
        self::assertNotSame($lines(GrainDirection::Side), $lines(GrainDirection::End));
    }

    private function bowl(): Profile
    {
        return Form::ShallowBowl->profile(260, 70, 90, 7);
    }

    /** A bowl with a band of each technique. */
    private function marked(): Part
    {
        $keys = Techniques::table()->decorationKeys();

        return Drawn::part($this->bowl(), GrainDirection::Side, ['marks' => array_map(
            fn (int $i, string $key): array => $this->mark($key, 4 + 5.5 * $i, 8 + 5.5 * $i), array_keys($keys), $keys,
        )]);
    }

    /** @return array<string, mixed> */
    private function mark(string $key, float $from, float $to): array
    {
        return [
            'id' => "$key-1", 'technique' => $key, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $to,
            'settings' => $key === 'dye' ? ['colour' => '#2f4f6f'] : [],
        ];
    }

    /** With its words, as it is shown. */
    private static function read(string $svg): string
    {
        return Sentences::english()->drawn($svg);
    }

    private function parsed(string $svg): \SimpleXMLElement
    {
        $xml = simplexml_load_string(self::read($svg));
        self::assertInstanceOf(\SimpleXMLElement::class, $xml, 'The drawing is not well-formed.');
        $xml->registerXPathNamespace('svg', 'http://www.w3.org/2000/svg');

        return $xml;
    }
}
