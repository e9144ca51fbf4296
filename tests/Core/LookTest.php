<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\LookPicture;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Mending\Sought;
use HonestGrain\Route\Look;
use HonestGrain\Route\LookAnswer;
use HonestGrain\Route\Step;
use PHPUnit\Framework\TestCase;

/** What is looked at, where, and what each answer leads on to. */
final class LookTest extends TestCase
{
    public function test_what_a_coat_would_hide_is_looked_for_before_the_coat(): void
    {
        $coats = Benchwork::coats('c1', Benchwork::ALL, Benchwork::VARNISH, Benchwork::VARNISH, Benchwork::VARNISH);
        $coats['layers'][2]['denib'] = 'pad';
        $looks = array_map(
            fn (Step $step): array => $step->words->looks,
            Benchwork::steps(Benchwork::piece(
                [Benchwork::bowl(['coats' => [$coats]])], ['starts_as' => 'blank', 'moisture_percent' => 9],
            )),
        );
        self::assertContains(Look::Ring, $looks['body.inside/hollow']);
        self::assertSame([Look::RakingLight], $looks['body.outside/sand']);
        self::assertSame([Look::RakingLight], $looks['body/wipe-clean']);
        // The first coat lies on wood that was just looked at; the second is laid on a coat, the third after a rub.
        self::assertSame(
            [[], [Look::Sheen], [Look::Touch], []],
            [$looks['c1-1'], $looks['c1-2'], $looks['c1-3/denib'], $looks['c1-3']],
        );
    }

    public function test_what_comes_off_the_rack_is_weighed_first(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl(
            ['moisture_percent' => 40],
        )], ['starts_as' => 'roughed', 'school' => ['wet' => 'dried-first']]));
        self::assertSame([Look::Weight], $steps['body/dry']->words->looks);
        self::assertSame([LookAnswer::Clean, LookAnswer::Few], Look::Weight->answers());
    }

    public function test_alcohol_shows_scratches_where_it_is_wiped_with_it_and_a_lamp_where_a_wall_is_thin(): void
    {
        $thin = Benchwork::bowl(['shape' => [
            'outer' => [[0, 45, 'corner'], [20, 90], [90, 140, 'corner']],
            'inner' => [[90, 137, 'corner'], [23, 88], [3, 0]],
        ]]);
        $looks = array_map(
            fn (Step $step): array => $step->words->looks,
            Benchwork::steps(Benchwork::piece([$thin], ['starts_as' => 'blank', 'school' => ['clean' => 'alcohol']])),
        );
        self::assertContains(Look::Lamp, $looks['body.inside/hollow']);
        self::assertContains([Look::Alcohol], array_values($looks));
    }

    public function test_each_look_asks_has_words_for_its_answers_and_is_drawn(): void
    {
        $pictures = [];
        foreach (Look::cases() as $look) {
            self::assertStringEndsWith('?', Told::of($look->asks()));
            self::assertContains(LookAnswer::Clean, $look->answers());
            self::assertGreaterThan(1, count($look->answers()));
            $words = array_map(fn (LookAnswer $one): string => Told::of($look->says($one)), $look->answers());
            self::assertSame($words, array_unique($words));
            self::assertNotSame('', Told::of($look->pictured()));
            $pictures[] = LookPicture::of($look->value);
        }
        self::assertSame($pictures, array_unique($pictures));
    }

    public function test_what_is_all_over_leads_to_its_remedies_and_what_is_at_a_place_to_the_hand(): void
    {
        self::assertSame(FaultKind::Scratches, Sought::by(Look::RakingLight, LookAnswer::All));
        self::assertSame(FaultKind::Scratches, Sought::by(Look::Alcohol, LookAnswer::All));
        self::assertSame(FaultKind::Nibs, Sought::by(Look::Touch, LookAnswer::All));
        self::assertSame(FaultKind::Streaks, Sought::by(Look::Sheen, LookAnswer::All));
        self::assertSame(FaultKind::Crack, Sought::by(Look::Ring, LookAnswer::All));
        foreach (Look::cases() as $look) {
            self::assertNull(Sought::by($look, LookAnswer::Clean));
            self::assertNull(Sought::by($look, LookAnswer::Few));
            if (in_array(LookAnswer::Few, $look->answers(), true)) {
                self::assertNotSame('', Told::of($look->byHand()));
            }
        }
    }
}
