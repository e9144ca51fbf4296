<?php

declare(strict_types=1);

namespace App\View;

/** What a maker calls a field that the core names by its path in a document. */
final class FieldWords
{
    private const DAYS = ['mon' => 'Monday', 'tue' => 'Tuesday', 'wed' => 'Wednesday', 'thu' => 'Thursday', 'fri' => 'Friday', 'sat' => 'Saturday', 'sun' => 'Sunday'];

    private const WORDS = [
        'surface.tool_mark_um' => 'Depth of the tool marks', 'shape.outer' => 'The outside', 'shape.inner' => 'The inside', 'moisture_percent' => 'Moisture now',
        'purpose' => 'What for', 'holding' => 'Held by', 'due_at' => 'Due', 'document' => 'The file',
    ];

    /** A refusal of the core with its field in words; one that does not begin with its field stays as it is. */
    public static function in(string $message, string $field): string
    {
        if ($field === '' || ! str_starts_with($message, $field)) {
            return $message;
        }

        // The core adds the axis to a bare index; the words have it already.
        return self::of($field).preg_replace('/^ \([zr]\)/', '', substr($message, strlen($field)));
    }

    /** The field of a page at which a refusal of the core belongs. */
    public static function formField(string $field): string
    {
        return match (1) {
            preg_match('/^surface\.own\.(\w+)/', $field, $m) => "own.$m[1]",
            preg_match('/^surface\.(tool_mark_um)$/', $field, $m) => $m[1],
            preg_match('/^bands\./', $field), preg_match('/^marks\.\d+\.(?:from_mm|to_mm)$/', $field) => 'to',
            preg_match('/^marks\.\d+\.(\w+)$/', $field, $m) => $m[1],
            default => $field === '' ? 'document' : $field,
        };
    }

    public static function of(string $field): string
    {
        $number = fn (string $index): string => (string) ((int) $index + 1);

        return self::WORDS[$field] ?? match (1) {
            preg_match('/^shape\.(outer|inner)\.(\d+)(?:\.([01]))?$/', $field, $m) => ($m[1] === 'outer' ? 'Outside' : 'Inside').', node '.$number($m[2]).(isset($m[3]) ? ($m[3] === '0' ? ', height' : ', radius') : ''),
            preg_match('/^surface\.own\.(\w+)\.(\d+)$/', $field, $m) => ucfirst($m[1]).', your own way, grit '.$number($m[2]),
            preg_match('/^marks\.(\d+)\.(\w+)$/', $field, $m) => 'Mark '.$number($m[1]).', '.self::plain($m[2]),
            preg_match('/^bands\.(.+)$/', $field, $m) => 'The band',
            preg_match('/^coats\.\d+\.layers\.(\d+)\.(\w+)$/', $field, $m) => 'Coat '.$number($m[1]).', '.self::plain($m[2]),
            preg_match('/^hours\.(\w{3})(?:\.(\d+))?(?:\.([01]))?$/', $field, $m) => (self::DAYS[$m[1]] ?? $m[1]).(isset($m[2]) ? ', stretch '.$number($m[2]) : '').(isset($m[3]) ? ($m[3] === '0' ? ', from' : ', to') : ''),
            preg_match('/^closed\.(\d+)$/', $field, $m) => 'Closed on, date '.$number($m[1]),
            preg_match('/^label\.(\w+)$/', $field, $m) => ucfirst((string) trans('validation.attributes')[$field]),
            default => ucfirst(self::plain($field)),
        };
    }

    private static function plain(string $name): string
    {
        return str_replace(['_mm', '_um', '_hours', '_'], ['', '', '', ' '], $name);
    }
}
