<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/**
 * A receipt as it is typed in one line: "25 P240 12.50; 500 mL oil-varnish blend 18; 100 gloves at 0.09". An amount
 * with its unit, a name or as much of it as tells it from the others, and a price of all of it, or with "at" of one
 * piece or one litre.
 */
final class Receipt
{
    private const MOST_ITEMS = 40;

    private const MOST_AMOUNT = 100_000.0;

    private const MOST_PRICE = 100_000.0;

    private const ML = [
        'ml' => 1.0, 'cl' => 10.0, 'l' => 1000.0, 'litre' => 1000.0, 'litres' => 1000.0, 'fl oz' => 29.5735,
        'pt' => 473.176, 'qt' => 946.353,
    ];

    private const SHOWN_CHOICES = 4;

    private const ENTRY = '/^(?<amount>\d+(?:[.,]\d+)?)\s*(?:(?<unit>ml|cl|l|litres?|fl oz|pt|qt)\b)?'
        .'\s*[x×]?\s*(?<rest>\S.*)$/iu';

    private const PRICE = '/^(?<name>.*?\S)\s+(?<at>at|@|)\s*[€£$]?\s*(?<price>\d+(?:[.,]\d{1,2})?)\s*[€£$]?$/iu';

    /**
     * @param  array<string, array{name: string, isMl: bool}>  $known  what the shelf can hold, by its key
     * @return non-empty-list<ReceiptItem>
     *
     * @throws InvalidField `receipt`, with the entry that could not be read
     */
    public static function read(string $typed, array $known): array
    {
        $entries = array_values(array_filter(
            array_map(trim(...), preg_split('/[;\n]/u', $typed) ?: []), fn (string $entry): bool => $entry !== '',
        ));
        if ($entries === []) {
            throw InvalidField::because('receipt', $typed, new Said('shelf.receipt.such-as'));
        }
        if (count($entries) > self::MOST_ITEMS) {
            throw InvalidField::tooMany('receipt', count($entries), self::MOST_ITEMS);
        }

        return array_map(fn (string $entry): ReceiptItem => self::item($entry, $known), $entries);
    }

    /** @param  array<string, array{name: string, isMl: bool}>  $known */
    private static function item(string $entry, array $known): ReceiptItem
    {
        if (preg_match(self::ENTRY, $entry, $read) !== 1) {
            throw InvalidField::because('receipt', $entry, new Said('shelf.receipt.such-as'));
        }
        [$key, $price, $isEach] = self::named($entry, $read['rest'], $known);
        $isMl = $known[$key]['isMl'];
        $unit = mb_strtolower($read['unit']);
        if (($unit !== '') !== $isMl) {
            throw InvalidField::because('receipt', $entry, new Said(
                $isMl ? 'shelf.receipt.by-volume' : 'shelf.receipt.by-the-piece', ['what' => $known[$key]['name']],
            ));
        }
        $amount = self::number($read['amount']) * ($isMl ? self::ML[$unit] : 1.0);
        if ($amount <= 0.0 || $amount > self::MOST_AMOUNT || ($price ?? 0.0) > self::MOST_PRICE
            || (! $isMl && floor($amount) !== $amount)) {
            throw InvalidField::because('receipt', $entry, new Said('shelf.receipt.amount'));
        }
        $each = $price === null || $isEach ? $price : $price / ($isMl ? $amount / 1000 : $amount);

        return new ReceiptItem($key, $amount, $isMl, $each);
    }

    /**
     * The name as long as it can be: a number at its end is a price only where the name is known without it.
     *
     * @param  array<string, array{name: string, isMl: bool}>  $known
     * @return array{string, float|null, bool} key, price, and whether it is of one
     */
    private static function named(string $entry, string $rest, array $known): array
    {
        $whole = self::matching($rest, $known);
        if (count($whole) === 1) {
            return [$whole[0], null, false];
        }
        $hasPrice = preg_match(self::PRICE, $rest, $read) === 1;
        $without = $hasPrice ? self::matching($read['name'], $known) : [];
        if ($hasPrice && count($without) === 1) {
            return [$without[0], self::number($read['price']), $read['at'] !== ''];
        }
        $could = $without === [] ? $whole : $without;
        throw InvalidField::because('receipt', $entry, $could === [] ? new Said('shelf.receipt.unknown')
            : new Said('shelf.receipt.which', ['could' => array_map(
                fn (string $key): string => $known[$key]['name'], array_slice($could, 0, self::SHOWN_CHOICES),
            )]));
    }

    /**
     * Those that are called so; or else those whose name begins so; or else those with words that begin as all that
     * were typed.
     *
     * @param  array<string, array{name: string, isMl: bool}>  $known
     * @return list<string>
     */
    private static function matching(string $typed, array $known): array
    {
        $plain = mb_strtolower(trim($typed));
        $words = self::words($plain);
        $same = $beginning = $alike = [];
        foreach ($known as $key => ['name' => $name]) {
            $own = mb_strtolower($name);
            if ($own === $plain) {
                $same[] = $key;
            } elseif ($plain !== '' && str_starts_with($own, $plain)) {
                $beginning[] = $key;
            } elseif ($words !== [] && self::begin($words, self::words($own))) {
                $alike[] = $key;
            }
        }

        return match (true) {
            $same !== [] => $same,
            $beginning !== [] => $beginning,
            default => $alike,
        };
    }

    /**
     * @param  list<string>  $typed
     * @param  list<string>  $own
     */
    private static function begin(array $typed, array $own): bool
    {
        foreach ($typed as $word) {
            $isThere = array_filter($own, fn (string $one): bool => ctype_digit($word)
                ? $one === $word : str_starts_with($one, $word));
            if ($isThere === []) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    private static function words(string $name): array
    {
        return array_values(array_filter(
            preg_split('/[^\p{L}\p{N}]+/u', $name) ?: [], fn (string $word): bool => $word !== '',
        ));
    }

    private static function number(string $typed): float
    {
        return (float) strtr($typed, ',', '.');
    }
}
