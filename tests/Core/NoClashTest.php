<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\Starter;
use HonestGrain\Piece\Wish;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What nobody moved stands in no one's way: rules of a form's own route never go against each other. */
final class NoClashTest extends TestCase
{
    /** Of all that can be asked of a form every so manieth is looked at. */
    private const EVERY = 4;

    /** @return iterable<string, array{Form}> */
    public static function forms(): iterable
    {
        foreach (Form::cases() as $form) {
            yield $form->value => [$form];
        }
    }

    #[DataProvider('forms')]
    public function test_no_two_steps_of_a_form_spoil_what_the_other_needs(Form $form): void
    {
        $begun = Starter::document(
            Drawn::tables()->calibration->joints, $form, $form->profile(...array_values($form->sizes())),
            Drawn::catalogue()->stacks(), [
                'name' => 'Any', 'purpose' => 'handled', 'wood' => 'Cherry (black)', 'moisture_percent' => 9,
            ],
        );
        $bench = Bench::usual(Drawn::catalogue());
        $looked = 0;
        foreach (self::asked() as $n => [$what, $flaws, $moisture, $school]) {
            if ($n % self::EVERY !== crc32($form->value) % self::EVERY) {
                continue;
            }
            $document = ['starts_as' => $n % 2 === 0 ? 'blank' : 'turned', 'school' => $school] + $begun;
            $document['parts'] = array_map(
                fn (array $part): array => ['moisture_percent' => $moisture] + $part, $document['parts'],
            );
            $document['parts'][0]['features'] = $flaws;
            try {
                $piece = Piece::read(Document::of($document), Drawn::tables());
            } catch (BadInput) {
                // A form without that face has no flaw there.
                continue;
            }
            $clashes = array_filter(
                Route::of($piece, $bench, Drawn::tables())->conflicts,
                fn (Conflict $one): bool => $one->message->code === 'route.wishes.each-spoil-what-other',
            );
            self::assertSame([], array_map(
                fn (Conflict $one): string => Told::of($one->message), array_values($clashes),
            ), "$form->value, {$document['starts_as']}, $what");
            $looked++;
        }
        self::assertGreaterThan(15, $looked);
    }

    /** @return list<array{string, list<array<string, mixed>>, float, array<string, string>}> also flaws and school */
    private static function asked(): array
    {
        $asked = [];
        foreach (FlawKind::cases() as $kind) {
            foreach ($kind->wishes() as $wish) {
                foreach ([Surface::Outer, Surface::Inner, Surface::Rim, Surface::Foot] as $on) {
                    $asked[] = ["$kind->value $wish->value $on->value", [self::flaw($kind, $wish, $on)], 9.0, []];
                }
            }
        }
        foreach (School::CHOICES as $name => $choice) {
            foreach ($choice::cases() as $way) {
                $asked[] = ["dry, $way->value", [], 9.0, [$name => $way->value]];
                foreach (['turned-once', 'dried-first'] as $wet) {
                    $asked[] = ["$wet, $way->value", [], 45.0, [$name => $way->value] + ['wet' => $wet]];
                }
            }
        }

        return $asked;
    }

    /** @return array<string, mixed> */
    private static function flaw(FlawKind $kind, Wish $wish, Surface $on): array
    {
        return [
            'id' => 'f', 'kind' => $kind->value, 'on' => $on->value, 'from_mm' => 1, 'to_mm' => 5, 'width_mm' => 2,
            'depth_mm' => 3, 'wish' => $wish->value,
        ];
    }
}
