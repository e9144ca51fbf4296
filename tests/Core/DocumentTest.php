<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Reading JSON field by field: every error names the full path, the value and what is allowed. */
final class DocumentTest extends TestCase
{
    /** @param  callable(Document): mixed  $read */
    #[DataProvider('refused')]
    public function test_what_does_not_fit_is_refused_with_its_path(
        mixed $value,
        callable $read,
        string $reason,
        string $field,
        string $says,
    ): void {
        try {
            $read(Document::of(['a' => ['b' => $value]])->child('a'));
            self::fail('It was taken.');
        } catch (BadInput $e) {
            self::assertSame([$reason, $field], [$e->reason, $e->field]);
            self::assertStringContainsString($says, $e->getMessage());
            self::assertStringStartsWith($e->field, $e->getMessage());
        }
    }

    /** @return iterable<string, array{mixed, callable(Document): mixed, string, string, string}> */
    public static function refused(): iterable
    {
        $number = fn (Document $d): float => $d->number('b', 1, 10);
        yield 'no number' => [null, $number, 'missing', 'a.b', 'a number from 1 to 10'];
        yield 'text for a number' => ['5', $number, 'type', 'a.b', '"5"'];
        yield 'truth for a number' => [true, $number, 'type', 'a.b', 'true'];
        yield 'a list for a number' => [[5], $number, 'type', 'a.b', 'a list'];
        yield 'too small' => [0.5, $number, 'out-of-range', 'a.b', '0.5'];
        yield 'too large' => [11, $number, 'out-of-range', 'a.b', '11'];
        yield 'not a number at all' => [NAN, $number, 'out-of-range', 'a.b', 'NaN'];
        yield 'beyond all numbers' => [INF, $number, 'out-of-range', 'a.b', 'infinity'];
        yield 'a fraction for a whole number' => [
            2.5, fn (Document $d): int => $d->integer('b', 1, 10), 'type', 'a.b', 'a whole number',
        ];
        yield 'no text' => [null, fn (Document $d): string => $d->text('b'), 'missing', 'a.b', 'text'];
        yield 'blank text' => ['  ', fn (Document $d): string => $d->text('b'), 'type', 'a.b', '1 to 200'];
        yield 'long text' => [
            str_repeat('é', 9), fn (Document $d): string => $d->text('b', 8), 'type', 'a.b', '1 to 8',
        ];
        yield 'a number for text' => [7, fn (Document $d): string => $d->text('b'), 'type', 'a.b', '7'];
        yield 'another choice' => [
            'oak', fn (Document $d): string => $d->choice('b', ['ash', 'elm']), 'unknown', 'a.b', 'ash, elm',
        ];
        yield 'no choice' => [
            null, fn (Document $d): string => $d->choice('b', ['ash', 'elm']), 'missing', 'a.b', 'ash, elm',
        ];
        yield 'maybe' => ['yes', fn (Document $d): bool => $d->flag('b', false), 'type', 'a.b', 'true or false'];
        yield 'a day that is not' => [
            '2026-02-30T99:00:00Z', fn (Document $d) => $d->time('b'), 'type', 'a.b', 'a time such as',
        ];
        yield 'a time without a zone' => [
            '2026-12-01T09:00:00', fn (Document $d) => $d->time('b'), 'type', 'a.b', 'a time such as',
        ];
        yield 'an object for a list' => [
            ['x' => 1], fn (Document $d): array => $d->list('b', 5), 'type', 'a.b', 'a list',
        ];
        yield 'too many' => [[1, 2, 3], fn (Document $d): array => $d->list('b', 2), 'too-many', 'a.b', 'at most 2'];
        yield 'too few' => [[1], fn (Document $d): array => $d->list('b', 5, 2), 'invalid', 'a.b', 'at least 2'];
        yield 'a list for an object' => [[1], fn (Document $d): Document => $d->child('b'), 'type', 'a.b', 'an object'];
        yield 'text among objects' => [
            [['x' => 1], 'y'], fn (Document $d): array => $d->children('b', 5), 'type', 'a.b.1', 'an object',
        ];
        yield 'a number among texts' => [
            ['x', 1], fn (Document $d): array => $d->strings('b', 5), 'type', 'a.b.1', 'text',
        ];
        yield 'one number of a pair' => [
            [1], fn (Document $d): array => $d->numbers('b', 0, 9, 2), 'invalid', 'a.b', 'at least 2',
        ];
        yield 'a text in a pair' => [
            [1, 'x'], fn (Document $d): array => $d->numbers('b', 0, 9, 2), 'type', 'a.b.1', '"x"',
        ];
    }

    public function test_what_fits_is_read(): void
    {
        $document = Document::decode(
            '{"n":2,"f":2.5,"t":"ash","b":true,"at":"2026-12-01T10:00:00+02:00","l":[1,2],"o":{"k":"v"},"os":[{"k":1},'
                .'{}],"none":null}',
        );
        self::assertSame(2.0, $document->number('n', 0, 5));
        self::assertSame(2, $document->integer('n', 0, 5));
        self::assertSame(2.5, $document->numberOr('f', null, 0, 5));
        self::assertNull($document->numberOr('none', null, 0, 5));
        self::assertSame(7.0, $document->numberOr('absent', 7.0, 0, 5));
        self::assertSame('ash', $document->choice('t', ['ash', 'elm']));
        self::assertSame('elm', $document->choice('absent', ['ash', 'elm'], 'elm'));
        self::assertTrue($document->flag('b', false));
        self::assertSame('2026-12-01T08:00:00+00:00', $document->time('at')->format('c'));
        self::assertSame([1, 2], $document->list('l', 5));
        self::assertSame([], $document->listOr('absent', 5));
        self::assertSame('v', $document->child('o')->text('k'));
        self::assertSame(
            ['os.0', 'os.1'], array_map(fn (Document $d): string => $d->path, $document->children('os', 5)),
        );
        self::assertSame([], $document->childOr('absent')->keys());
        self::assertFalse($document->has('none'));
    }

    #[DataProvider('malformed')]
    public function test_hostile_text_is_refused_whole(string $json, string $reason): void
    {
        try {
            Document::decode($json);
            self::fail('It was taken.');
        } catch (BadInput $e) {
            self::assertSame([$reason, ''], [$e->reason, $e->field]);
            self::assertLessThan(300, strlen($e->getMessage()));
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function malformed(): iterable
    {
        yield 'nothing' => ['', 'malformed'];
        yield 'no JSON' => ['<?xml version="1.0"?><a/>', 'malformed'];
        yield 'half' => ['{"a":', 'malformed'];
        yield 'NaN' => ['{"a":NaN}', 'malformed'];
        yield 'a list' => ['[1,2]', 'malformed'];
        yield 'a number' => ['7', 'malformed'];
        yield 'too deep' => [str_repeat('{"a":', 40).'1'.str_repeat('}', 40), 'malformed'];
        yield 'wrong encoding' => ["{\"a\":\"\xE9\xFF\"}", 'malformed'];
        yield 'too large' => ['{"a":"'.str_repeat('x', 4_000_001).'"}', 'too-large'];
    }

    public function test_a_quoted_value_never_breaks_the_message(): void
    {
        foreach ([str_repeat('x', 5000), "\xFF\xFE", "a\nb", ['deep' => ['er' => 1]]] as $value) {
            try {
                Document::of(['a' => $value])->number('a', 0, 1);
                self::fail('It was taken.');
            } catch (BadInput $e) {
                self::assertTrue(mb_check_encoding($e->getMessage(), 'UTF-8'));
                self::assertLessThan(200, mb_strlen($e->getMessage()));
            }
        }
    }
}
