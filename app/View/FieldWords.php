<?php

declare(strict_types=1);

namespace App\View;

/** What a maker calls a field that the core names by its path in a document. */
final class FieldWords
{
    public const DAYS = [
        'mon' => 'Monday', 'tue' => 'Tuesday', 'wed' => 'Wednesday', 'thu' => 'Thursday', 'fri' => 'Friday',
        'sat' => 'Saturday', 'sun' => 'Sunday',
    ];

    private const WORDS = [
        'surface.tool_mark_um' => 'Depth of the tool marks', 'shape.outer' => 'The outside',
        'shape.inner' => 'The inside', 'moisture_percent' => 'Moisture now',
        'diameter_mm' => 'Across', 'length_mm' => 'Length or height', 'wall_mm' => 'Wall', 'tenon_mm' => 'Tenon',
        'recess_mm' => 'Recess', 'felled_on' => 'Felled on', 'cut_on' => 'Cut on', 'roughed_on' => 'Roughed on',
        'lathe.most_rpm' => 'Fastest', 'lathe.swing_mm' => 'Swings',
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
        $field = self::within($field);

        return match (1) {
            preg_match('/^surface\.(own|tool_mark_um|stop_at)\.(\w+)/', $field, $m) => "$m[1].$m[2]",
            preg_match('/^surface\.(tool_mark_um)$/', $field, $m) => 'tool_mark_um.outside',
            preg_match('/^shape\.bore\.diameter_mm$/', $field) => 'bore',
            preg_match('/^shape\.bore\.depth_mm$/', $field) => 'bore_depth',
            preg_match('/^shape\.bore\.from$/', $field) => 'bore_from',
            preg_match('/^(?:features|flaws)\.\d+$/', $field) => 'flaw_to',
            preg_match('/^features\.\d+\.(wish|with)$/', $field, $m) => $m[1],
            preg_match('/^features\.\d+\.(\w+?)(?:_mm)?$/', $field, $m) => "flaw_$m[1]",
            preg_match('/^joints\.\d+\.(\w+?)(?:_mm)?$/', $field, $m) => "joint_$m[1]",
            preg_match('/^marks\.\d+\.settings\.(\w+)$/', $field, $m) => $m[1],
            preg_match('/^bands\./', $field), preg_match('/^marks\.\d+\.(?:from_mm|to_mm)$/', $field) => 'to',
            preg_match('/^marks\.\d+\.(\w+)$/', $field, $m) => $m[1],
            default => $field === '' ? 'document' : $field,
        };
    }

    /** A field of a part is spoken of as that part's own: the page shows which part it is about. */
    public static function within(string $field): string
    {
        return (string) preg_replace('/^parts\.\d+\./', '', $field);
    }

    public static function of(string $field): string
    {
        $field = self::within($field);
        $number = fn (string $index): string => (string) ((int) $index + 1);

        return self::WORDS[$field] ?? match (1) {
            preg_match('/^shape\.(outer|inner)\.(\d+)(?:\.([01]))?$/', $field, $m) => ucfirst(
                ['outer' => 'outside', 'inner' => 'inside'][$m[1]],
            ).', node '.$number($m[2]).(isset($m[3]) ? [', height', ', radius'][(int) $m[3]] : ''),
            preg_match('/^surface\.own\.(\w+)\.(\d+)$/', $field, $m) => ucfirst($m[1]).', your own way, grit '
                .$number($m[2]),
            preg_match('/^surface\.tool_mark_um\.(\w+)$/', $field, $m) => 'Tool marks on the '.$m[1],
            preg_match('/^surface\.stop_at\.(\w+)$/', $field, $m) => 'Good enough on the '.$m[1],
            preg_match('/^shape\.bore\.(\w+)$/', $field, $m) => 'Bore, '.self::plain($m[1]),
            preg_match('/^features\.(\d+)(?:\.(\w+))?$/', $field, $m) => 'Flaw '.$number($m[1])
                .(isset($m[2]) ? ', '.self::plain($m[2]) : ''),
            preg_match('/^joints\.(\d+)\.(\w+)$/', $field, $m) => 'Joint '.$number($m[1]).', '.self::plain($m[2]),
            preg_match('/^marks\.(\d+)\.(?:settings\.)?(\w+)$/', $field, $m) => 'Mark '.$number($m[1]).', '
                .self::plain($m[2]),
            preg_match('/^bands\.(.+)$/', $field, $m) => 'The band',
            preg_match('/^coats\.\d+\.layers\.(\d+)\.(\w+)$/', $field, $m) => 'Coat '.$number($m[1]).', '
                .self::plain($m[2]),
            preg_match('/^hours\.(\w{3})(?:\.(\d+))?(?:\.([01]))?$/', $field, $m) => (self::DAYS[$m[1]] ?? $m[1])
                .(isset($m[2]) ? ', stretch '.$number($m[2]) : '')
                .(isset($m[3]) ? ($m[3] === '0' ? ', from' : ', to') : ''),
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
