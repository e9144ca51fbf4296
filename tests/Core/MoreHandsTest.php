<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\TaskSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What makes a shop easier never makes the best plan for it worse. */
final class MoreHandsTest extends TestCase
{
    private const LOOKS = 40_000;

    #[DataProvider('shops')]
    public function test_a_helper_makes_nothing_later(int $number): void
    {
        $shop = Shops::document('tiny', $number);
        $alone = self::plan($shop);
        $two = self::plan(['people' => [['id' => 'maker', 'can' => ['spray']], ['id' => 'helper']]] + $shop);
        self::assertLessThanOrEqual(self::worth($alone), self::worth($two));
    }

    #[DataProvider('shops')]
    public function test_a_piece_less_makes_nothing_later(int $number): void
    {
        $shop = Shops::document('tiny', $number);
        $all = self::worth(self::plan($shop));
        foreach (array_keys($shop['pieces']) as $piece) {
            $fewer = array_values(array_diff_key($shop['pieces'], [$piece => true]));
            self::assertLessThanOrEqual($all, self::worth(self::plan(['pieces' => $fewer] + $shop)), "without $piece");
        }
    }

    /** @return iterable<string, array{int}> */
    public static function shops(): iterable
    {
        foreach (range(1, Shops::EACH) as $number) {
            if (Shops::scarce($number) !== 'batch') {
                yield (Shops::scarce($number) ?? 'plain')." $number" => [$number];
            }
        }
    }

    /** @return array{int, float} windows broken, weighted hours late */
    private static function worth(Plan $plan): array
    {
        return [count($plan->broken), round($plan->weightedLatenessHours, 2)];
    }

    /** @param  array<string, mixed>  $document */
    private static function plan(array $document): Plan
    {
        return (new TaskSearch(self::LOOKS))->plan(ProblemDocument::read(Document::of($document)));
    }
}
