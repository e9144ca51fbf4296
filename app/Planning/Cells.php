<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Carbon;

/** A row of a list that was typed, pasted or came from another program. */
final class Cells
{
    private const DATES = ['!Y-m-d', '!Y-m-d H:i', '!Y-m-d\TH:i', '!Y-m-d H:i:s', '!Y-m-d\TH:i:sP'];

    /** @return list<string> */
    public static function of(string $line): array
    {
        $mark = match (true) {
            str_contains($line, ';') => ';',
            str_contains($line, "\t") => "\t",
            default => ',',
        };
        $cells = array_map(fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $mark, '"', ''));

        // Where cells are not parted by commas, a comma is a decimal point.
        return $mark === ',' ? $cells : str_replace(',', '.', $cells);
    }

    public static function time(string $text, string $zone): ?Carbon
    {
        foreach (self::DATES as $format) {
            $read = \DateTimeImmutable::createFromFormat($format, $text, new \DateTimeZone($zone));
            $faults = \DateTimeImmutable::getLastErrors();
            if ($read !== false && ($faults === false || $faults['warning_count'] === 0)) {
                return Carbon::instance($read)->utc();
            }
        }

        return null;
    }

    public static function figure(string $text): ?float
    {
        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }
}
