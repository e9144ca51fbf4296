<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Contracts\Translation\Translator;
use Illuminate\Support\Arr;
use Illuminate\Validation\Validator;

/**
 * Reads every field that takes a number as makers write one: 5/8, 1 1/2, 1-1/2, and for who thinks in inches 3.25".
 * What was typed stays as it was for the page to show again.
 */
final class ReadingValidator extends Validator
{
    /** "5/8", "1 1/2", "1-1/2 in". */
    private const FRACTION = '/^\s*(-?)(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)\s*((?:"|in\.?)?)\s*$/';

    private const INCHES = '/^\s*(\d+(?:\.\d+)?)\s*(?:"|in\.?)\s*$/';

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, mixed>  $rules
     * @param  array<string, string>  $messages
     * @param  array<string, string>  $attributes
     */
    public function __construct(
        Translator $translator,
        array $data,
        array $rules,
        array $messages,
        array $attributes,
        bool $isImperial,
    ) {
        parent::__construct($translator, $data, $rules, $messages, $attributes);
        foreach (array_keys($this->rules) as $attribute) {
            $attribute = (string) $attribute;
            if ($this->hasRule($attribute, ['Numeric', 'Integer'])) {
                $number = self::number($this->getValue($attribute), $isImperial);
                $number === null ?: Arr::set($this->data, $attribute, (string) $number);
            }
        }
    }

    /** The number of "5/8", "1 1/2" or "1-1/2", and in inches of `3.25"`; null where it is not written so. */
    public static function number(mixed $text, bool $isImperial): ?float
    {
        if (! is_string($text)) {
            return null;
        }
        if ($isImperial && preg_match(self::INCHES, $text, $m) === 1) {
            return (float) $m[1];
        }
        if (preg_match(self::FRACTION, $text, $m) !== 1 || (int) $m[4] === 0 || ($m[5] !== '' && ! $isImperial)) {
            return null;
        }
        $number = round((float) $m[2] + (int) $m[3] / (int) $m[4], 6);

        return $m[1] === '-' ? -$number : $number;
    }
}
