<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Colour\DyeDose;
use HonestGrain\Colour\DyedWood;
use HonestGrain\Colour\DyeLayer;
use HonestGrain\Colour\DyeRecipe;
use HonestGrain\Colour\Mixture;
use HonestGrain\Colour\Over;
use HonestGrain\Colour\Rgb;
use PHPUnit\Framework\TestCase;

/** Colour by absorption, against figures worked out apart from the code. */
final class ColourTest extends TestCase
{
    use Asking;

    public function test_absorptions_add_up(): void
    {
        $half = Rgb::linear([0.5, 0.2, 0.0])->absorption();
        self::assertEqualsWithDelta([0.25, 1.6], [$half[0], $half[1]], 1e-12);
        // Nothing is blacker than 0.002.
        self::assertEqualsWithDelta(0.998 ** 2 / 0.004, $half[2], 1e-9);
        self::assertEqualsWithDelta(0.1812, Rgb::absorbing([1.85, 1.85, 1.85])->reflectance[0], 1e-4);
        $back = Rgb::absorbing([0.25, 1.6, 1.0])->reflectance;
        self::assertEqualsWithDelta([0.5, 0.2], [$back[0], $back[1]], 1e-12);
    }

    public function test_a_colour_is_read_and_written_alike(): void
    {
        foreach (['#000000', '#ffffff', '#d8c29a', '#030a0b'] as $hex) {
            self::assertSame($hex, Rgb::hex($hex, 'rgb')->toHex());
        }
        self::assertEqualsWithDelta(100, Rgb::hex('#ffffff', 'a')->differenceTo(Rgb::hex('#000000', 'b')), 1e-6);
        // L* 53.59, a* and b* nought.
        self::assertEqualsWithDelta(53.585, Rgb::hex('#808080', 'a')->differenceTo(Rgb::hex('#000000', 'b')), 0.01);
    }

    public function test_a_mixture_is_weighed_out_by_its_parts_and_costs_what_all_of_it_costs(): void
    {
        $slate = Rgb::hex('#2e4d63', 'a');
        // A dye may be called by digits alone.
        $byDigits = Mixture::of(['7' => [$slate, 2], 'amber' => [$slate, 1]]);
        self::assertSame('2 parts 7, 1 amber', Told::of($byDigits->name()));
        self::assertSame('7', Told::of(Mixture::of(['7' => [$slate, 1]])->name()));
        $mixture = Mixture::of(['slate' => [$slate, 2], 'amber' => [$slate, 1]]);
        // 2 mL on 100 cm²; 20 g and 600 drops to the litre at strength 1.
        $dose = DyeDose::of(Drawn::tables()->calibration->colour, 30_000, 1.5);
        self::assertEqualsWithDelta([6.0, 0.18, 5.4], [$dose->ml, $dose->grams, $dose->drops], 1e-9);
        $recipe = DyeRecipe::of($mixture, $dose, ['slate' => 2.0, 'amber' => 4.0]);
        self::assertEqualsWithDelta([0.12, 0.06], array_values(array_map(
            fn (DyeDose $one): float => $one->grams, $recipe->doses,
        )), 1e-9);
        self::assertEqualsWithDelta(0.48, $recipe->cost(), 1e-9);
        self::assertNull(DyeRecipe::of($mixture, $dose, ['slate' => 2.0])->cost(), 'nobody knows what amber costs');
        self::assertEqualsWithDelta(1.4 * 6, DyeDose::of(
            Drawn::tables()->calibration->colour, 30_000, 1.5, isSprayed: true,
        )->ml, 1e-9);
    }

    public function test_a_face_is_taken_for_a_blend_of_its_tissues(): void
    {
        $blend = Rgb::linear([1.0, 0.5, 0.0])->mixed(Rgb::linear([0.0, 0.5, 1.0]), 0.3);
        self::assertEqualsWithDelta([0.7, 0.5, 0.3], $blend->reflectance, 1e-12);
    }

    public function test_one_layer_sanded_back(): void
    {
        $answer = $this->ask('dye', self::ONE);
        self::assertSame(['#141414', '#3c3c3a', '#151514'], array_column($answer['tissues'], 'rgb'));
        self::assertEqualsWithDelta(18.61, $answer['delta_e_early_late'], 0.005);
        self::assertArrayNotHasKey('best', $answer);
        $oiled = $this->ask('dye', ['coat' => 'oil'] + self::ONE);
        self::assertSame(['#0f0f0f', '#31312f', '#0f0f0f'], array_column($oiled['tissues'], 'rgb'));
    }

    public function test_three_layers(): void
    {
        $layer = fn (string $rgb, float $strength, float $sanded): array => [
            'rgb' => $rgb, 'strength' => $strength, 'uptake' => [1, 0.4, 0.8], 'depth_um' => [60, 15, 250],
            'sanded_um' => $sanded,
        ];
        $answer = $this->ask('dye', ['layers' => [
            $layer('#101010', 1, 60), $layer('#b01818', 0.6, 20), $layer('#f0c020', 0.5, 0),
        ]] + self::ONE);
        self::assertSame(['#1f1713', '#965738', '#161210'], array_column($answer['tissues'], 'rgb'));
        self::assertEqualsWithDelta(47.16, $answer['delta_e_early_late'], 0.005);
    }

    public function test_coats_deepen_and_warm(): void
    {
        $bare = ['layers' => []] + self::ONE;
        self::assertSame(self::ONE['wood_rgb'], array_column($this->ask('dye', $bare)['tissues'], 'rgb'));
        $figures = Catalogue::shipped()->calibration()->colour;
        self::assertEqualsWithDelta([1.35, 2.7, 0.0], Over::Clear->over([1.0, 2.0, 0.0], $figures), 1e-12);
        self::assertEqualsWithDelta([1.35, 2.73, 0.18], Over::Amber->over([1.0, 2.0, 0.0], $figures), 1e-12);
        self::assertEqualsWithDelta([1.5, 3.02, 0.12], Over::Oil->over([1.0, 2.0, 0.0], $figures), 1e-12);
        self::assertSame(
            ['#e6cea2', '#d2b789', '#c2a06e'],
            array_column($this->ask('dye', ['coat' => 'amber'] + $bare)['tissues'], 'rgb'),
        );
    }

    public function test_the_most_contrast_is_found_and_not_guessed(): void
    {
        $answer = $this->ask('dye', ['best_contrast_of_layer' => 0, 'sanded_um_range' => [0, 300]] + self::ONE);
        $best = [0, 0.0];
        for ($um = 0; $um <= 300; $um++) {
            $contrast = $this->wood($um)->contrast();
            $best = $contrast > $best[1] ? [$um, $contrast] : $best;
        }
        self::assertSame($best[0], $answer['best']['sanded_um']);
        self::assertGreaterThan(0, $best[0]);
        self::assertLessThan(300, $best[0]);
        self::assertEqualsWithDelta($best[1], $answer['best']['delta_e_early_late'], 1e-3);
        // The answer itself stays that of the sanding asked about.
        self::assertEqualsWithDelta(18.61, $answer['delta_e_early_late'], 0.005);
        $within = $this->ask('dye', ['best_contrast_of_layer' => 0, 'sanded_um_range' => [10, 20]] + self::ONE);
        self::assertSame(20, $within['best']['sanded_um']);
    }

    public function test_bad_colours_are_refused_by_name(): void
    {
        $field = fn (array $more): string => $this->refused('dye', $more + self::ONE)['field'];
        self::assertSame('wood_rgb.1', $field(['wood_rgb' => ['#e9d9b8', 'brown', '#c9ac7c']]));
        self::assertSame('wood_rgb', $field(['wood_rgb' => ['#e9d9b8']]));
        self::assertSame('coat', $field(['coat' => 'wax']));
        self::assertSame('best_contrast_of_layer', $field(['best_contrast_of_layer' => 1]));
        self::assertSame('best_contrast_of_layer', $field(['best_contrast_of_layer' => 0, 'layers' => []]));
        self::assertSame('sanded_um_range.1', $field(['best_contrast_of_layer' => 0, 'sanded_um_range' => [50, 10]]));
        self::assertSame(
            'layers.0.depth_um.1', $field(['layers' => [['depth_um' => [120, 0, 300]] + self::ONE['layers'][0]]]),
        );
    }

    public function test_scorch_by_level_and_end_grain(): void
    {
        $question = [
            'wood_rgb' => '#d8c29a', 'level' => 'brown', 'end_grain' => 0.3, 'area_mm2' => 20_000, 'wall_mm' => 6,
        ];
        $answer = $this->ask('scorch', $question);
        $wood = Rgb::hex('#d8c29a', 'rgb')->absorption();
        self::assertSame(
            Rgb::absorbing([$wood[0] + 1.3 * 0.6, $wood[1] + 1.3, $wood[2] + 1.3 * 1.6])->toHex(), $answer['rgb'],
        );
        // Two minutes to begin, 200 cm² at 1.1 to the hundred.
        self::assertEqualsWithDelta(4.2, $answer['minutes'], 1e-9);
        self::assertStringContainsString('stay with the piece for 1 h', $answer['warnings'][0]);
        $minutes = $depth = [];
        foreach (['straw', 'toast', 'brown', 'black', 'cracked'] as $level) {
            $here = $this->ask('scorch', ['level' => $level, 'wall_mm' => 9, 'end_grain' => 0] + $question);
            $minutes[] = $here['minutes'];
            $depth[] = Rgb::hex($here['rgb'], 'rgb')->absorption()[1] - $wood[1];
        }
        self::assertEqualsWithDelta([2.8, 3.4, 4.2, 5.6, 7.2], $minutes, 1e-9);
        foreach ([0.05, 0.25, 1, 6, 6] as $i => $expected) {
            self::assertEqualsWithDelta($expected, $depth[$i], 0.03 * $expected + 0.002);
        }
    }

    public function test_a_wall_too_thin_for_the_flame_is_refused(): void
    {
        $question = ['wood_rgb' => '#d8c29a', 'level' => 'black', 'area_mm2' => 100, 'wall_mm' => 3.9];
        $refused = $this->refused('scorch', $question);
        self::assertSame(['too-thin', 'wall_mm'], [$refused['code'], $refused['field']]);
        self::assertStringContainsString('3.9', $refused['message']);
        self::assertIsString($this->ask('scorch', ['wall_mm' => 4] + $question)['rgb']);
        $cracked = $this->refused('scorch', ['level' => 'cracked', 'wall_mm' => 7.9] + $question);
        self::assertStringContainsString('at least 8', $cracked['message']);
    }

    private function wood(float $sandedUm): DyedWood
    {
        $tissue = fn (string $hex): Rgb => Rgb::hex($hex, 'rgb');

        return new DyedWood(
            Catalogue::shipped()->calibration()->colour,
            [$tissue('#e9d9b8'), $tissue('#d8c29a'), $tissue('#c9ac7c')],
            [new DyeLayer($tissue('#101010'), 1, [1, 0.4, 0.8], [120, 30, 300], $sandedUm)], null,
        );
    }

    private const ONE = [
        'wood_rgb' => ['#e9d9b8', '#d8c29a', '#c9ac7c'],
        'layers' => [[
            'rgb' => '#101010', 'strength' => 1, 'uptake' => [1, 0.4, 0.8], 'depth_um' => [120, 30, 300],
            'sanded_um' => 40,
        ]],
        'coat' => null,
    ];
}
