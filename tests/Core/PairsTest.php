<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Coating\Between;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\Internal\Traits;
use HonestGrain\Coating\Product;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\TestCase;

/** The table of what goes over what. */
final class PairsTest extends TestCase
{
    private const HOURS = [null, 0.5, 3, 12, 48, 200, 3000];

    /** Rows that no two products of the catalogue ask for; a maker's own label or the next finish may. */
    private const ASKED_BY_NONE = [
        'curing-oil, finish !film, same-cure window-passed', 'curing-oil thinned, film, same-cure window-passed',
    ];

    public function test_every_sentence_of_the_table_has_its_line_and_every_line_its_row(): void
    {
        $said = ['seal-first-or-spray', 'seal-light-sprayed-coat'];
        foreach (self::rows() as $row) {
            $said = [...$said, $row->text('reason'), $row->text('mend')];
        }
        $said = array_values(array_unique(array_diff($said, ['', 'seal'])));
        $lines = array_keys((new Sentences)->lines('coating.pairs'));
        sort($said);
        sort($lines);
        self::assertSame($said, $lines);
    }

    public function test_nothing_but_the_coatings_themselves_asks_for_a_family_of_finish(): void
    {
        $asks = [];
        foreach (['core', 'app'] as $folder) {
            $files = new \RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($files) as $path => $file) {
                $isAsked = preg_match('/(?<!Colour)\bFamily::[A-Z]/', (string) file_get_contents((string) $path)) === 1;
                if ($isAsked && ! str_contains((string) $path, '/core/Coating/')) {
                    $asks[] = (string) $path;
                }
            }
        }
        self::assertSame([], $asks, 'A property of the family says it (docs/adding.md).');
    }

    public function test_no_word_of_the_table_is_one_that_no_product_has(): void
    {
        $known = [];
        foreach (self::products() as $product) {
            $known += Traits::of($product, Drawn::coats());
        }
        $asked = '';
        foreach (self::rows() as $row) {
            $asked .= " {$row->text('below')} {$row->text('above')}";
        }
        preg_match_all('/[a-z-]+/', $asked, $words);
        self::assertSame([], array_values(array_diff(array_unique($words[0]), array_keys($known))));
    }

    public function test_every_two_products_are_spoken_of_and_every_row_by_some(): void
    {
        $rows = self::rows();
        $asked = array_fill(0, count($rows), false);
        $tables = array_map(
            fn (int $i): Compatibility => new Compatibility(array_slice($rows, 0, $i + 1), Drawn::coats()),
            array_keys($rows),
        );
        $products = self::products();
        foreach ($products as $under) {
            foreach ($products as $over) {
                foreach (self::HOURS as $hours) {
                    $asked[self::decides($tables, $under, $over, new Between($hours))] = true;
                }
            }
        }
        $never = array_keys($asked, false, true);
        self::assertSame(self::ASKED_BY_NONE, array_map(
            fn (int $i): string => "{$rows[$i]->text('below')}, {$rows[$i]->text('above')}, {$rows[$i]->text('when')}",
            $never,
        ));
    }

    /**
     * The row that decides: the table that ends with it is the shortest that speaks of the pair.
     *
     * @param  list<Compatibility>  $tables  each a row longer
     */
    private static function decides(array $tables, Product $under, Product $over, Between $between): int
    {
        $low = 0;
        $high = count($tables) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            try {
                $tables[$middle]->of($under, $over, $between);
                $high = $middle;
            } catch (\LogicException) {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** @return list<Product> */
    private static function products(): array
    {
        $coatings = Drawn::tables()->coatings;

        return [...array_values($coatings->coatings()), ...array_values($coatings->stains())];
    }

    /** @return list<Row> */
    private static function rows(): array
    {
        $lines = array_map(
            fn (string $line): array => explode(',', $line),
            file(dirname(__DIR__, 2).'/catalogue/pairs.csv', FILE_IGNORE_NEW_LINES) ?: [],
        );
        $head = array_shift($lines) ?? [];

        return array_map(fn (array $cells): Row => new Row(array_combine($head, $cells)), $lines);
    }
}
