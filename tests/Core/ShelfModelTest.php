<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Family;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Shelf\Goods;
use HonestGrain\Shelf\Receipt;
use HonestGrain\Shelf\ReceiptItem;
use HonestGrain\Shelf\ShelfLife;
use HonestGrain\Shelf\TinState;
use HonestGrain\Shelf\TinWeight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Receipts, opened tins, tins on the scale, and what work uses up. */
final class ShelfModelTest extends TestCase
{
    private const KNOWN = [
        'P120' => ['name' => 'P120', 'isMl' => false],
        'P240' => ['name' => 'P240', 'isMl' => false],
        'CAMI 220' => ['name' => 'CAMI 220', 'isMl' => false],
        'CAMI 2000' => ['name' => 'CAMI 2000', 'isMl' => false],
        'gloves' => ['name' => 'Gloves, pairs', 'isMl' => false],
        'Oil-varnish blend' => ['name' => 'Oil-varnish blend', 'isMl' => true],
        'Wiping varnish' => ['name' => 'Wiping varnish (oil-based thinned)', 'isMl' => true],
        'Oil varnish paint' => ['name' => 'Paint of oil-varnish', 'isMl' => true],
        'Brushing varnish' => ['name' => 'Brushing varnish (oil-based)', 'isMl' => true],
    ];

    private Calibration $calibration;

    protected function setUp(): void
    {
        $this->calibration = Catalogue::shipped()->calibration();
    }

    private function coating(string $class): Coating
    {
        return Catalogue::shipped()->coatings()->coating($class);
    }

    /** @return iterable<string, array{string, list<array{string, float, float|null}>}> */
    public static function receipts(): iterable
    {
        yield 'all of it' => ['25 P240 12.50', [['P240', 25.0, 0.5]]];
        yield 'of one' => ['25 P240 at 0.60', [['P240', 25.0, 0.6]]];
        yield 'no price' => ['4 p120', [['P120', 4.0, null]]];
        yield 'a number in the name' => ['10 CAMI 220', [['CAMI 220', 10.0, null]]];
        yield 'a number in the name, and a price' => ['10 x CAMI 220 6', [['CAMI 220', 10.0, 0.6]]];
        yield 'millilitres' => ['500 mL oil-varnish blend 18.50', [['Oil-varnish blend', 500.0, 37.0]]];
        yield 'litres, each' => ['2,5 L blend @ 30', [['Oil-varnish blend', 2500.0, 30.0]]];
        yield 'as much as it begins with' => ['500 ml oil-varnish 20', [['Oil-varnish blend', 500.0, 40.0]]];
        yield 'several, with coins' => [
            "100 glov €9.00;\n1l wip var 24", [['gloves', 100.0, 0.09], ['Wiping varnish', 1000.0, 24.0]],
        ];
    }

    /** @param  list<array{string, float, float|null}>  $expected */
    #[DataProvider('receipts')]
    public function test_a_receipt_is_read_from_one_line(string $typed, array $expected): void
    {
        self::assertEquals($expected, array_map(
            fn (ReceiptItem $one): array => [
                $one->what, $one->amount, $one->price === null ? null : round($one->price, 4),
            ],
            Receipt::read($typed, self::KNOWN),
        ));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => [' ; ', 'shelf.receipt.such-as'];
        yield 'no amount' => ['P240', 'shelf.receipt.such-as'];
        yield 'unknown' => ['3 ketchup 2', 'shelf.receipt.unknown'];
        yield 'one of two' => ['500 ml varnish oil-based 20', 'shelf.receipt.which'];
        yield 'discs by volume' => ['500 ml P240', 'shelf.receipt.by-the-piece'];
        yield 'a finish by the piece' => ['2 blend 20', 'shelf.receipt.by-volume'];
        yield 'half a disc' => ['2.5 P240', 'shelf.receipt.amount'];
        yield 'none' => ['0 P240', 'shelf.receipt.amount'];
        yield 'one good and one not' => ['25 P240 12.50; 3 ketchup', 'shelf.receipt.unknown'];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_names_the_entry_and_takes_none_of_it(string $typed, string $why): void
    {
        try {
            Receipt::read($typed, self::KNOWN);
            self::fail('It was read.');
        } catch (InvalidField $e) {
            self::assertSame('receipt', $e->field);
            self::assertStringContainsString($why, json_encode($e->said, JSON_THROW_ON_ERROR));
        }
    }

    public function test_an_opened_tin_ages_by_its_family_and_a_label_replaces_it(): void
    {
        $of = fn (string $class, ?float $label = null): ShelfLife => ShelfLife::of(
            $this->coating($class), $label, $this->calibration->shelf,
        );
        $varnish = $of('Wiping varnish (oil-based thinned)');
        self::assertSame(
            [TinState::Good, TinState::Old, TinState::Old, TinState::Past],
            array_map($varnish->after(...), [273, 274, 365, 366]),
        );
        self::assertSame(TinState::Past, $of('Dewaxed shellac (2 lb cut)')->after(183));
        self::assertSame(TinState::Good, $of('Dewaxed shellac (2 lb cut)', 24.0)->after(183));
        // What never dries does not skin.
        self::assertNull($of('Mineral oil (non-drying)')->months);
        self::assertSame(TinState::Good, $of('Mineral oil (non-drying)')->after(9000));
    }

    public function test_every_family_has_months_and_words(): void
    {
        foreach (Catalogue::shipped()->coatings()->coatings() as $coating) {
            $life = ShelfLife::of($coating, null, $this->calibration->shelf);
            self::assertNotSame('', Told::of($life->says()));
            self::assertSame($coating->neverCures(), $life->months === null, $coating->class);
        }
        foreach (Family::cases() as $family) {
            self::assertGreaterThan(0, $this->calibration->shelf->goodMonths[$family->value]);
        }
    }

    public function test_a_tin_on_the_scale_says_what_is_left(): void
    {
        $varnish = TinWeight::of(
            $this->coating('Wiping varnish (oil-based thinned)'), null, $this->calibration->shelf,
        );
        self::assertSame(0.87, $varnish->gPerMl);
        self::assertEqualsWithDelta(410.0, $varnish->ml(480.7, 124.0), 1e-9);
        self::assertEqualsWithDelta(124.0, $varnish->emptyG(480.7, 410.0), 1e-9);
        self::assertSame(0.95, TinWeight::of(
            $this->coating('Wiping varnish (oil-based thinned)'), 0.95, $this->calibration->shelf,
        )->gPerMl);
        $this->expectException(InvalidField::class);
        $varnish->ml(100.0, 124.0);
    }

    public function test_a_coat_takes_gloves_a_cloth_where_it_is_wiped_and_a_cup_where_it_is_mixed(): void
    {
        $of = fn (string $class): array => Goods::ofCoat($this->coating($class), $this->calibration->shelf)->counts;
        self::assertSame(['cloth' => 1.0, 'gloves' => 1.0], $of('Oil-varnish blend'));
        self::assertSame(['gloves' => 1.0], $of('Aerosol lacquer (nitrocellulose)'));
        self::assertSame(['gloves' => 1.0, 'cup' => 1.0], $of('Casting epoxy as liner'));
        self::assertSame(['pad' => 0.25], Goods::ofRubbing($this->calibration->shelf)->counts);
    }
}
