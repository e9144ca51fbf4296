<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Sanding;
use PHPUnit\Framework\TestCase;

/** The table of surfaces in docs/models.md, which a maker can hold against experience: it says what is so. */
final class BelievableMinutesTest extends TestCase
{
    /** What makers know such a surface to take, about, min: from and to. */
    private const KNOWN = [
        [30, 80], [20, 60], [15, 45], [10, 35], [15, 50], [6, 25], [8, 30], [6, 25], [6, 25], [4, 15], [3, 10], [3, 10],
    ];

    public function test_the_table_says_what_the_model_says_and_that_is_about_what_makers_know(): void
    {
        $table = (string) file_get_contents(dirname(__DIR__, 2).'/docs/models.md');
        foreach (self::surfaces() as $i => [$words, $face, $form, $sizes, $part]) {
            $sanding = self::sanding($face, $form, $sizes, $part);
            $minutes = $sanding->leastMinutes();
            $row = sprintf(
                '| %s | %s | %s | %.0f | %.0f | %d |', $words, Told::of($sanding->way->method->label()),
                implode(', ', $sanding->gritNames()), $sanding->zone->areaMm2 / 100, $minutes, $sanding->discs(),
            );
            self::assertStringContainsString($row, $table);
            self::assertGreaterThanOrEqual(self::KNOWN[$i][0], $minutes, $words);
            self::assertLessThanOrEqual(self::KNOWN[$i][1], $minutes, $words);
        }
    }

    /** @return list<array{string, string, Form, list<float>, array<string, mixed>}> */
    private static function surfaces(): array
    {
        $on = fn (string $product): array => ['coats' => [Benchwork::coats('c1', ['outside', 'inside'], $product)]];
        $cut = fn (string $mark, string $face = 'outside'): array => ['surface' => ['cut' => [$face => $mark]]];
        $oil = $on(Benchwork::OIL);
        $film = $on(Benchwork::LACQUER);
        $wax = $on('Paste wax');
        $bowl = [300.0, 95.0, 100.0, 9.0];

        return [
            ['30 cm ash bowl, outside, chatter, oil', 'outside', Form::DeepBowl, $bowl, $oil + $cut('chatter')],
            ['30 cm ash bowl, outside, torn, oil', 'outside', Form::DeepBowl, $bowl, $oil + $cut('torn')],
            ['30 cm ash bowl, inside, scraped, oil', 'inside', Form::DeepBowl, $bowl, $oil + $cut('scraped', 'inside')],
            [
                '30 cm ash bowl, outside, clean bevel cut, oil', 'outside', Form::DeepBowl, $bowl,
                $oil + $cut('bevel-cut'),
            ],
            [
                '35 cm maple platter, inside, scraped, film', 'inside', Form::Platter, [350.0, 34.0, 120.0, 9.0],
                ['wood' => 'Maple (sugar)'] + $film + $cut('scraped', 'inside'),
            ],
            [
                '22 cm cherry bowl, outside, shear-scraped, wax', 'outside', Form::ShallowBowl,
                [220.0, 70.0, 80.0, 7.0],
                ['wood' => 'Cherry (black)'] + $wax + $cut('shear-scraped'),
            ],
            [
                '20 cm cherry vase, outside, scraped, oil', 'outside', Form::Vase, [104.0, 205.0, 66.0, 7.0],
                ['wood' => 'Cherry (black)', 'grain' => 'end'] + $oil + $cut('scraped'),
            ],
            [
                '8 cm persimmon box, outside, scraped, wax', 'outside', Form::LiddedBox, [78.0, 92.0, 68.0, 6.0],
                ['wood' => 'Persimmon (common)', 'grain' => 'end'] + $wax + $cut('scraped'),
            ],
            [
                'the same box, inside, scraped, wax', 'inside', Form::LiddedBox, [78.0, 92.0, 68.0, 6.0],
                ['wood' => 'Persimmon (common)', 'grain' => 'end'] + $wax + $cut('scraped', 'inside'),
            ],
            [
                '20 cm birch goblet, outside, bevel cut, film', 'outside', Form::Goblet, [74.0, 170.0, 62.0, 4.0],
                ['wood' => 'Birch (yellow)', 'grain' => 'end'] + $film + $cut('bevel-cut'),
            ],
            [
                '25 mm ash handle, outside, scraped, bare for use', 'outside', Form::Spindle, [25.0, 280.0, 22.0, 0.0],
                ['grain' => 'end', 'surface' => ['cut' => ['outside' => 'scraped'], 'for_use' => ['outside']]],
            ],
            [
                '25 mm ash handle, outside, bevel cut, oil', 'outside', Form::Spindle, [25.0, 280.0, 22.0, 0.0],
                ['grain' => 'end'] + $oil + $cut('bevel-cut'),
            ],
        ];
    }

    /**
     * @param  list<float>  $sizes
     * @param  array<string, mixed>  $part
     */
    private static function sanding(string $face, Form $form, array $sizes, array $part): Sanding
    {
        $bench = Bench::usual(Catalogue::shipped());
        $body = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl($part + [
            'shape' => $form->profile(...$sizes)->toArray(),
        ])])), Drawn::tables())->body();
        $measured = $body->measure($bench->calibration->shape, $bench->minWallMm);

        return Sanding::all($body, $bench, $measured, [[Face::from($face)]])[$face];
    }
}
