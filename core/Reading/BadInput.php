<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/**
 * Input that the craft cannot work with: says the field, its value and what is allowed.
 *
 * Every reason has a class of its own; callers that only report catch this one.
 */
abstract class BadInput extends \DomainException
{
    /**
     * @param  string  $reason  short machine-readable code, such as "out-of-range"
     * @param  string  $field  dotted path of the field, "" for the document as a whole
     * @param  Said  $said  the message, which an exception has in English
     */
    final protected function __construct(
        public readonly string $reason,
        public readonly string $field,
        public readonly Said $said,
    ) {
        parent::__construct(Sentences::english()->say($said));
    }

    /** Renders a rejected value short enough to quote in a message. */
    protected static function quote(mixed $value): string
    {
        $text = match (true) {
            is_string($value) => '"'.$value.'"',
            is_float($value) && ! is_finite($value) => is_nan($value) ? 'NaN' : 'infinity',
            is_scalar($value), $value === null => (string) json_encode($value),
            is_array($value) => array_is_list($value) ? 'a list' : 'an object',
            default => get_debug_type($value),
        };

        return mb_strlen($text) > 60 ? mb_substr(mb_scrub($text), 0, 57).'…' : mb_scrub($text);
    }
}
