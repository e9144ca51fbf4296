<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** Rows for a spreadsheet, as comma separated values (RFC 4180). */
final readonly class Spreadsheet
{
    /** What a spreadsheet takes for the beginning of a formula or a command, in plain and in full-width letters. */
    private const FORMULA = '/^\s*[=+\-@|%\t\r\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}\x{FF5C}\x{2212}]/u';

    /**
     * @param  list<string>  $heads
     * @param  iterable<list<scalar|null>>  $rows
     */
    public static function download(string $name, array $heads, iterable $rows): StreamedResponse
    {
        return response()->streamDownload(function () use ($heads, $rows): void {
            $out = fopen('php://output', 'w');
            if ($out === false) {
                return;
            }
            fputcsv($out, $heads, ',', '"', '', "\r\n");
            foreach ($rows as $row) {
                fputcsv($out, array_map(self::plain(...), $row), ',', '"', '', "\r\n");
            }
        }, $name, ['Content-Type' => 'text/csv; charset=UTF-8']);
    }

    /** A cell that would be run as a formula is made plain text. */
    private static function plain(mixed $cell): string
    {
        $text = is_scalar($cell) ? (string) $cell : '';

        return preg_match(self::FORMULA, $text) === 1 && ! is_numeric($text) ? "'$text" : $text;
    }
}
