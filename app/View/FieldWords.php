<?php

declare(strict_types=1);

namespace App\View;

/** What a maker calls a field that the core names by its path in a document. */
final class FieldWords
{
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
            preg_match('/^wall_readings\.\d+\.height_mm$/', $field) => 'wall_height',
            preg_match('/^wall_readings\.\d+\.wall_mm$/', $field) => 'wall_thick',
            preg_match('/^shape\.rim\.(\d+)$/', $field, $m) => "rim_below.$m[1]",
            preg_match('/^deepen\.(\w+)$/', $field, $m) => "deepen_$m[1]",
            preg_match('/^holds\.(\w+)$/', $field, $m) => "hold_$m[1]",
            preg_match('/^shape\.bore\.diameter_mm$/', $field) => 'bore',
            preg_match('/^shape\.bore\.depth_mm$/', $field) => 'bore_depth',
            preg_match('/^shape\.bore\.from$/', $field) => 'bore_from',
            preg_match('/^(?:features|flaws)\.\d+$/', $field) => 'flaw_to',
            preg_match('/^features\.\d+\.(wish|with)$/', $field, $m) => $m[1],
            preg_match('/^features\.\d+\.(\w+?)(?:_mm)?$/', $field, $m) => "flaw_$m[1]",
            preg_match('/^holes\.\d+\.diameter_mm$/', $field) => 'hole_across',
            preg_match('/^holes\.\d+\.depth_mm$/', $field) => 'hole_deep',
            preg_match('/^holes\.\d+\.(\w+?)(?:_mm|_deg)?$/', $field, $m) => "hole_$m[1]",
            preg_match('/^fittings\.\d+\.diameter_mm$/', $field) => 'fitting_across',
            preg_match('/^fittings\.\d+\.length_mm$/', $field) => 'fitting_long',
            preg_match('/^fittings\.\d+\.order(\.\d+)?$/', $field) => 'fitting_order',
            preg_match('/^fittings\.\d+\.(\w+?)(?:_mm)?$/', $field, $m) => "fitting_$m[1]",
            preg_match('/^stock\.\d+\.(\w+?)(?:_mm)?(?:\.\d+)?$/', $field, $m) => "stock_$m[1]",
            preg_match('/^joints\.\d+\.(\w+?)(?:_mm|_deg)?$/', $field, $m) => "joint_$m[1]",
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

        $fields = lines('view.field-words.fields');

        return $fields[strtr($field, '._', '--')] ?? match (1) {
            preg_match('/^shape\.(outer|inner)\.(\d+)(?:\.([01]))?$/', $field, $m) => say('view.field-words.node', [
                'face' => say("view.field-words.of-face.$m[1]"),
                'number' => $number($m[2]),
                'coordinate' => isset($m[3]) ? say("view.field-words.coordinate.$m[3]") : '',
            ]),
            preg_match('/^surface\.own\.(\w+)\.(\d+)$/', $field, $m) => say('view.field-words.your-own-way-grit', [
                'what' => mb_ucfirst($m[1]),
                'number' => $number($m[2]),
            ]),
            preg_match('/^surface\.tool_mark_um\.(\w+)$/', $field, $m) => say('view.field-words.tool-marks', [
                'what' => $m[1],
            ]),
            preg_match('/^surface\.stop_at\.(\w+)$/', $field, $m) => say('view.field-words.good-enough', [
                'what' => $m[1],
            ]),
            preg_match('/^shape\.rim(?:\.(\d+))?$/', $field, $m) => say('view.field-words.rim', [
                'number' => isset($m[1]) ? $number($m[1]) : '',
            ]),
            preg_match('/^shape\.bore\.(\w+)$/', $field, $m) => say('view.field-words.bore', [
                'what' => self::plain($m[1]),
            ]),
            preg_match('/^features\.(\d+)(?:\.(\w+))?$/', $field, $m) => say('view.field-words.flaw', [
                'number' => $number($m[1]),
                'field' => isset($m[2]) ? ', '.self::plain($m[2]) : '',
            ]),
            preg_match('/^(holes|stock|fittings)\.(\d+)\.(\w+)/', $field, $m) => say("view.field-words.$m[1]", [
                'number' => $number($m[2]),
                'what' => self::plain($m[3]),
            ]),
            preg_match('/^joints\.(\d+)\.(\w+)$/', $field, $m) => say('view.field-words.joint', [
                'number' => $number($m[1]),
                'what' => self::plain($m[2]),
            ]),
            preg_match('/^marks\.(\d+)\.(?:settings\.)?(\w+)$/', $field, $m) => say('view.field-words.mark', [
                'number' => $number($m[1]),
                'what' => self::plain($m[2]),
            ]),
            preg_match('/^bands\.(.+)$/', $field, $m) => say('view.field-words.band'),
            preg_match('/^coats\.\d+\.layers\.(\d+)\.(\w+)$/', $field, $m) => say('view.field-words.coat', [
                'number' => $number($m[1]),
                'what' => self::plain($m[2]),
            ]),
            preg_match('/^hours\.(\w{3})(?:\.(\d+))?(?:\.([01]))?$/', $field, $m) => self::day($m[1])
                .(isset($m[2]) ? say('view.field-words.stretch', ['number' => $number($m[2])]) : '')
                .(isset($m[3]) ? ($m[3] === '0' ? say('view.field-words.from') : say('view.field-words.to')) : ''),
            preg_match('/^closed\.(\d+)$/', $field, $m) => say('view.field-words.closed-date', [
                'number' => $number($m[1]),
            ]),
            preg_match('/^also(?:\.[-\d]+)?(?:\.\d+)*$/', $field) => say('view.field-words.also-date'),
            preg_match('/^label\.(\w+)$/', $field, $m) => mb_ucfirst((string) trans('validation.attributes')[$field]),
            default => mb_ucfirst(self::plain($field)),
        };
    }

    private static function day(string $day): string
    {
        return lines('view.field-words.days')[$day] ?? $day;
    }

    private static function plain(string $name): string
    {
        return str_replace(['_mm', '_um', '_hours', '_'], ['', '', '', ' '], $name);
    }
}
