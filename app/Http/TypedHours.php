<?php

declare(strict_types=1);

namespace App\Http;

use App\View\FieldWords;
use HonestGrain\Schedule\WorkingHours;
use Illuminate\Validation\ValidationException;

/** Hours as a maker types them: "08:00-12:00, 13:00-17:00", and single days as "2026-12-05 09:00-13:00". */
final readonly class TypedHours
{
    /**
     * @param  array<array-key, mixed>  $typed  by day
     * @return array<string, list<array{string, string}>>
     *
     * @throws ValidationException
     */
    public static function week(array $typed): array
    {
        $week = [];
        foreach (WorkingHours::DAYS as $day) {
            $week[$day] = self::stretches((string) ($typed[$day] ?? ''), "hours.$day");
        }

        return $week;
    }

    /** @return list<string> dates, one behind the other */
    public static function dates(?string $typed): array
    {
        return array_values(array_filter(
            preg_split('/[\s,;]+/', (string) $typed) ?: [], fn (string $date): bool => $date !== '',
        ));
    }

    /**
     * Single days, each with its hours; a date stands before them.
     *
     * @return array<string, list<array{string, string}>>
     *
     * @throws ValidationException
     */
    public static function days(?string $typed, string $field): array
    {
        $days = [];
        foreach (preg_split('/[;\n]+/', (string) $typed) ?: [] as $one) {
            if (trim($one) === '') {
                continue;
            }
            if (preg_match('/^\s*(\d{4}-\d\d-\d\d)\s+(.+)$/u', $one, $m) !== 1) {
                throw ValidationException::withMessages([$field => say('http.shop.takes-days', [
                    'of' => FieldWords::of($field), 'one' => trim($one),
                ])]);
            }
            $days[$m[1]] = self::stretches($m[2], $field);
        }

        return $days;
    }

    /**
     * @return list<array{string, string}>
     *
     * @throws ValidationException
     */
    private static function stretches(string $text, string $field): array
    {
        $stretches = [];
        foreach (array_filter(
            array_map(trim(...), explode(',', $text)), fn (string $one): bool => $one !== '',
        ) as $one) {
            if (preg_match('/^(\d\d?):(\d\d)\s*[-–]\s*(\d\d?):(\d\d)$/u', $one, $m) !== 1) {
                throw ValidationException::withMessages([$field => say('http.shop.takes-stretches-such-or', [
                    'of' => FieldWords::of($field), 'one' => $one,
                ])]);
            }
            $stretches[] = [sprintf('%02d:%s', $m[1], $m[2]), sprintf('%02d:%s', $m[3], $m[4])];
        }

        return $stretches;
    }
}
