<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\FormUse;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Standing;
use HonestGrain\Reading\BadInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The forms a piece starts from: as wide, as high and as thick as they were typed. */
final class FormTest extends TestCase
{
    #[DataProvider('typed')]
    public function test_a_form_is_as_large_as_typed_and_its_wall_even(
        Form $form,
        float $diameter,
        float $height,
        float $foot,
        float $wall,
        float $bore = 0.0,
    ): void {
        $profile = $form->profile($diameter, $height, $foot, $wall, $bore);
        $measured = Drawn::measured($profile, $form->grain());

        self::assertEqualsWithDelta($diameter, $profile->diameterMm(), $diameter * 0.02);
        self::assertEqualsWithDelta($form === Form::Sphere ? $diameter : $height, $profile->heightMm(), 0.5);
        self::assertSame(0.0, $profile->outer->first()->z);
        $end = match ($form) {
            Form::ToolHandle => $profile->outer->last()->r,
            Form::Sphere, Form::BallAndCup => null,
            default => $profile->outer->first()->r,
        };
        self::assertEqualsWithDelta($foot / 2, $end ?? $foot / 2, 0.01);
        if (! in_array('wall', $form->asks(), true)) {
            self::assertNull($profile->inner);
            self::assertEqualsWithDelta($bore, $profile->bore->diameterMm ?? 0.0, 0.01);

            return;
        }
        self::assertEqualsWithDelta($wall, $measured->wall?->minMm, $wall * 0.02, 'the wall typed is the wall drawn');
        $outside = $profile->outer->tree();
        foreach ($profile->inner->points ?? [] as $point) {
            if ($point->z > $measured->floorMm + 1.5 * $wall) {
                self::assertEqualsWithDelta($wall, $outside->nearest($point)[0], $wall * 0.025, "at z $point->z");
            }
        }
        self::assertGreaterThan($wall, $measured->floorMm);
        self::assertLessThan($height * ($form === Form::BallAndCup ? 0.72 : 0.62), $measured->floorMm);
    }

    /** @return iterable<string, array{Form, float, float, float, float, float}> */
    public static function typed(): iterable
    {
        foreach (Form::cases() as $form) {
            [
                'diameter_mm' => $d, 'height_mm' => $h, 'foot_mm' => $f, 'wall_mm' => $w, 'bore_mm' => $b,
            ] = $form->sizes();
            yield "$form->value as offered" => [$form, $d, $h, $f, $w, $b];
            yield "$form->value, larger" => [$form, $d * 1.5, $h * 1.4, $f * 1.5, $w * 1.2, $b];
            yield "$form->value, smaller" => [$form, $d * 0.75, $h * 0.75, $f * 0.75, $w * 0.75, $b * 0.75];
            yield "$form->value, taller" => [$form, $d, $h * 1.5, $f, $w, $b];
            if ($form !== Form::ToolHandle) {
                yield "$form->value, foot as wide as the body" => [$form, $d, $h, $d, $w, $b];
            }
            yield "$form->value, thinner" => [$form, $d, $h, $f, $w * 0.6, $b];
        }
    }

    /** @return iterable<string, array{Form, float, float, float, float}> */
    public static function walls(): iterable
    {
        yield 'a vase as thick as its neck allows' => [Form::Vase, 110, 210, 70, 20];
        yield 'a goblet' => [Form::Goblet, 110, 190, 75, 5];
        yield 'a goblet like an eggshell' => [Form::Goblet, 110, 190, 75, 0.8];
        yield 'a heavy bowl' => [Form::ShallowBowl, 260, 70, 90, 18];
        yield 'a box' => [Form::LiddedBox, 80, 90, 70, 9];
        yield 'a straight box' => [Form::LiddedBox, 80, 90, 80, 6];
        yield 'a vessel' => [Form::HollowForm, 160, 150, 55, 9];
    }

    #[DataProvider('walls')]
    public function test_thick_and_thin_walls_are_drawn_as_typed(
        Form $form,
        float $diameter,
        float $height,
        float $foot,
        float $wall,
    ): void {
        $this->test_a_form_is_as_large_as_typed_and_its_wall_even($form, $diameter, $height, $foot, $wall);
    }

    public function test_a_wall_without_room_is_refused_where_there_is_none(): void
    {
        foreach ([
            [Form::Vase, 110, 210, 70, 28], [Form::HollowForm, 160, 150, 55, 30],
        ] as [$form, $diameter, $height, $foot, $wall]) {
            try {
                $form->profile($diameter, $height, $foot, $wall);
                self::fail('It was drawn.');
            } catch (NoRoom $e) {
                self::assertGreaterThan(0.6 * $height, $e->zMm, 'the neck is what is too narrow');
                self::assertLessThan(2 * $wall + 3, $e->acrossMm);
            }
        }
    }

    public function test_bowls_stand_across_the_grain_and_hollow_forms_along_it(): void
    {
        foreach ([Form::ShallowBowl, Form::DeepBowl, Form::Platter] as $form) {
            self::assertSame(GrainDirection::Side, $form->grain());
        }
        foreach ([Form::LiddedBox, Form::Vase, Form::HollowForm, Form::Goblet, Form::Spindle] as $form) {
            self::assertSame(GrainDirection::End, $form->grain());
        }
    }

    public function test_no_form_rocks_or_is_thin_as_it_is_offered(): void
    {
        foreach (Form::cases() as $form) {
            $codes = array_map(
                fn ($warning): string => $warning->code->value,
                Drawn::measured($form->profile(...array_values($form->sizes())), $form->grain())->warnings,
            );
            $unwanted = [
                'thin-wall', 'thin-floor', 'low-outside', 'flat-floor', ...$form->stands() ? ['rocking-foot'] : [],
            ];
            self::assertSame([], array_intersect($codes, $unwanted), $form->value);
        }
    }

    public function test_sizes_that_leave_nothing_inside_are_refused_in_words(): void
    {
        $this->expectException(BadInput::class);
        Form::LiddedBox->profile(40, 30, 36, 18);
    }

    public function test_a_drawn_profile_reads_back_as_itself(): void
    {
        foreach (Form::cases() as $form) {
            $profile = $form->profile(...array_values($form->sizes()));
            $again = Profile::read(\HonestGrain\Reading\Document::of($profile->toArray()));
            self::assertEquals($profile, $again);
        }
    }

    public function test_what_a_use_asks_for_can_be_drawn_and_stands(): void
    {
        foreach (FormUse::cases() as $use) {
            $profile = $use->form()->profile(...array_values($use->sizes()));
            self::assertEqualsWithDelta($use->sizes()['diameter_mm'], $profile->diameterMm(), 0.5, $use->value);
            if ($use->form()->stands()) {
                self::assertGreaterThan(30.0, Standing::of($profile)?->tipsDeg(), $use->value);
            }
        }
        self::assertStringContainsString('160 mm', Told::of(FormUse::Yarn->because()));
    }
}
