<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Nothing that is read to a maker changes unread: see `tests/Read/README.md`. */
final class ReadAloudTest extends TestCase
{
    #[DataProvider('read')]
    public function test_it_says_what_was_read(string $file, string $line): void
    {
        self::assertStringEqualsFile(
            dirname(__DIR__)."/Read/$file", Aloud::said($line), 'Read it; then php tests/Read/write.php',
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function read(): iterable
    {
        foreach (Aloud::all() as $file => $line) {
            yield $line => [$file, $line];
        }
    }

    public function test_nothing_lies_there_that_is_not_read(): void
    {
        $files = array_map(
            fn (string $file): string => basename(dirname($file)).'/'.basename($file),
            glob(dirname(__DIR__).'/Read/{routes,plans,conflicts}/*.txt', GLOB_BRACE) ?: [],
        );
        $read = array_keys(Aloud::all());
        sort($files);
        sort($read);
        self::assertSame($read, $files);
    }
}
