<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Piece\Care;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the card says to whoever takes a piece home. */
final class CareTest extends TestCase
{
    #[DataProvider('pieces')]
    public function test_the_card_says_what_its_owner_must_know(string $wood, string $coat, string $says): void
    {
        $told = implode(' ', self::told($wood, $coat));
        self::assertStringContainsString($says, $told);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function pieces(): iterable
    {
        yield 'yew' => ['Yew', Benchwork::VARNISH, 'Not for food or drink, whatever its finish: Yew is poisonous.'];
        yield 'a nut' => ['Ash (white)', 'Walnut oil (heat-treated)', 'Its finish is made from a nut'];
        yield 'oil that never cures' => ['Ash (white)', 'Mineral oil (non-drying)', 'Rub in a little mineral oil'];
        yield 'oil' => ['Ash (white)', Benchwork::OIL, 'wipe every trace off'];
        yield 'wax' => ['Ash (white)', 'Paste wax', 'When the shine goes'];
        yield 'film' => ['Ash (white)', Benchwork::VARNISH, 'no polish with silicone'];
        yield 'low against water' => ['Ash (white)', 'Paste wax', 'barely damp cloth and dry it at once'];
        yield 'fair against water' => ['Ash (white)', Benchwork::OIL, 'never leave it wet'];
        yield 'good against water' => ['Ash (white)', Benchwork::VARNISH, 'it stands a spill'];
    }

    public function test_a_wood_that_is_fit_for_food_is_not_called_poisonous(): void
    {
        self::assertStringNotContainsString('poisonous', implode(' ', self::told('Ash (white)', Benchwork::VARNISH)));
    }

    /** @return list<string> */
    private static function told(string $wood, string $coat): array
    {
        return Told::each(Care::of(Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
            'wood' => $wood, 'coats' => [Benchwork::coats('c1', Benchwork::ALL, $coat)],
        ])])), Drawn::tables())));
    }
}
