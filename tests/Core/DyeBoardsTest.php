<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Colour\DyeFactors;
use HonestGrain\Colour\DyeFactorTable;
use HonestGrain\Colour\DyeLayer;
use HonestGrain\Colour\Mixture;
use HonestGrain\Colour\Over;
use HonestGrain\Colour\Rgb;
use HonestGrain\Colour\TestBoard;
use HonestGrain\Colour\Tissues;
use HonestGrain\Drawing\Appearance;
use HonestGrain\Drawing\ColourWheel;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Part;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\TestCase;

/** Dyes mixed, and what test boards correct. */
final class DyeBoardsTest extends TestCase
{
    private const WOOD = '#e3d0aa';

    private const DYE = '#1d6b86';

    public function test_absorptions_of_what_is_stirred_together_add_up_by_share(): void
    {
        $half = Rgb::linear([0.5, 0.5, 0.5]);
        $fifth = Rgb::linear([0.2, 0.2, 0.2]);
        // K/S 0.25 and 1.6: even parts 0.925, two to one 0.7.
        $r = fn (float $ks): float => 1 + $ks - sqrt($ks ** 2 + 2 * $ks);
        self::assertEqualsWithDelta(
            $r(0.925), Mixture::of(['a' => [$half, 1], 'b' => [$fifth, 1]])->colour->reflectance[0], 1e-9,
        );
        self::assertEqualsWithDelta(
            $r(0.7), Mixture::of(['a' => [$half, 2], 'b' => [$fifth, 1]])->colour->reflectance[0], 1e-9,
        );
        $all = Mixture::all(['slate' => $fifth, 'straw' => $half, 'rust' => $half]);
        self::assertCount(3 + 3 * 3, $all);
        self::assertSame(['slate', '2 parts slate, 1 straw', '1 slate, 1 straw', '1 slate, 2 straw'], array_map(
            fn (Mixture $mixture): string => Sentences::english()->say($mixture->name()),
            [$all[0], $all[3], $all[4], $all[5]],
        ));
    }

    public function test_across_the_wheel_is_the_opposite_hue_and_grey_has_none(): void
    {
        $named = fn (string $hex): Mixture => Mixture::of([$hex => [Rgb::hex($hex, 'rgb'), 1]]);
        [$red, $green, $blue, $grey] = array_map($named, ['#a02020', '#208040', '#2040a0', '#808182']);
        self::assertSame($green, Mixture::nearestHue([$red, $green, $blue, $grey], $red->colour->hueDeg() + 120));
        self::assertSame(
            $blue, Mixture::nearestHue([$grey, $blue], $grey->colour->hueDeg()), 'grey has no hue to speak of',
        );
        self::assertEqualsWithDelta(0.0, Rgb::hex('#808080', 'rgb')->chroma(), 0.01);
        self::assertGreaterThan(40, Rgb::hex('#a02020', 'rgb')->chroma());
    }

    public function test_a_wheel_has_a_link_for_every_mixture_and_lies_by_hue(): void
    {
        $all = Mixture::all(['red' => Rgb::hex('#a02020', 'rgb'), 'blue' => Rgb::hex('#2040a0', 'rgb')]);
        $wheel = new ColourWheel($all, 0, fn (Mixture $m): Rgb => $m->colour, fn (int $i): string => "/pick/$i",
            fn (Mixture $m): string => implode(array_keys($m->parts)));
        $svg = $wheel->drawn();
        self::assertSame(5, substr_count($svg, '<a '));
        self::assertStringContainsString('href="/pick/4"', $svg);
        preg_match('/href="\/pick\/0".*?cx="([-\d.]+)" cy="([-\d.]+)"/s', $svg, $m);
        self::assertGreaterThan(0, (float) $m[1], 'red lies to the right');
    }

    public function test_a_board_that_drank_more_raises_the_uptake_half_of_the_way(): void
    {
        $factors = self::from(self::board(2.0, 0.0));
        self::assertEqualsWithDelta(1.5, $factors->uptake[0], 0.051, '(1 · 2 + 1) / 2');
        self::assertSame(1.0, $factors->uptake[2], 'nothing was measured there');
        self::assertSame([1.0, 1.0, 1.0], $factors->depth);
        $three = self::from(self::board(2.0, 0.0), self::board(2.0, 0.0), self::board(2.0, 0.0));
        self::assertEqualsWithDelta(1.75, $three->uptake[0], 0.051);
        self::assertEqualsWithDelta(1.0, self::from(self::board(1.0, 0.0))->uptake[0], 0.051);
        self::assertTrue(DyeFactors::usual()->isUsual());
    }

    public function test_boards_that_were_sanded_back_tell_the_depth(): void
    {
        $factors = self::from(self::board(1.0, 60.0, 2.0));
        self::assertSame([1.0, 1.0, 1.0], $factors->uptake);
        self::assertEqualsWithDelta(1.5, $factors->depth[0], 0.06);
    }

    public function test_what_boards_teach_holds_for_that_dye_on_that_wood_alone(): void
    {
        $factors = self::from(self::board(2.0, 0.0));
        $table = new DyeFactorTable([DyeFactorTable::key('Ash (white)', 'Water dye (powder)') => $factors]);
        self::assertSame($factors, $table->of('Ash (white)', 'Water dye (powder)'));
        self::assertTrue($table->of('Ash (white)', 'Alcohol dye (powder)')->isUsual());
        self::assertTrue($table->of('Apple', 'Water dye (powder)')->isUsual());
        self::assertTrue($table->of('Ash (white)', null)->isUsual());
        $colour = fn (DyeFactorTable $dyes): float => array_sum(Appearance::of(Part::read(Document::of([
            'id' => 'body', 'wood' => 'Ash (white)', 'grain' => 'end', 'shape' => [
                'outer' => [[0, 40, 'corner'], [60, 40, 'corner']], 'inner' => null,
            ], 'marks' => [[
                'id' => 'm', 'technique' => 'dye', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 30,
                'settings' => ['product' => 'Water dye (powder)', 'colour' => self::DYE],
            ]],
        ]), Drawn::tables()->withDyes($dyes)))->at(Surface::Outer, 20.0, 0.0, 0.0)->reflectance);
        self::assertLessThan($colour(new DyeFactorTable), $colour($table), 'more uptake, darker');
    }

    public function test_a_grey_card_takes_the_light_out(): void
    {
        // A light with half of the blue: the card reads 0.18, 0.18, 0.09.
        $card = Rgb::linear([0.18, 0.18, 0.09]);
        $seen = Rgb::linear([0.4, 0.3, 0.1])->balanced($card, 0.18)->reflectance;
        self::assertEqualsWithDelta([0.4, 0.3, 0.2], $seen, 1e-9);
        self::assertSame(
            1.0, Rgb::linear([0.9, 0.9, 0.9])->balanced(Rgb::linear([0.01, 0.1, 0.18]), 0.18)->reflectance[0],
        );
    }

    private static function from(TestBoard ...$boards): DyeFactors
    {
        return DyeFactors::from(array_values($boards), self::figures()->colour, self::figures()->learning);
    }

    /** A board whose wood drank and kept so many times the usual. */
    private static function board(float $uptake, float $sandedUm, float $depth = 1.0): TestBoard
    {
        $figures = self::figures()->colour;
        $layer = new DyeLayer(
            Rgb::hex(self::DYE, 'rgb'), 0.6, array_map(fn (float $u): float => $u * $uptake, $figures->dyeUptake),
            array_map(fn (float $um): float => $um * $depth, $figures->dyeDepthUm['water']), $sandedUm,
        );
        $wood = Rgb::hex(self::WOOD, 'wood');
        $real = Tissues::ofWood($wood, $figures)->dyed($layer)->coated(Over::Oil, $figures)->colours();

        return new TestBoard(
            $wood, Rgb::hex(self::DYE, 'rgb'), 'water', 0.6, $sandedUm, Over::Oil, [$real[0], $real[1], null],
        );
    }

    private static function figures(): Calibration
    {
        return Drawn::tables()->calibration;
    }
}
