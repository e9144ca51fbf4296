<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

/** Text that is not one JSON object of a sensible size and depth in UTF-8. */
final class MalformedDocument extends BadInput
{
    public static function notJson(string $detail): self
    {
        return new self(
            'malformed', '', "The document is not valid JSON ($detail); it takes one JSON object in UTF-8.",
        );
    }

    public static function tooLarge(int $bytes, int $maxBytes): self
    {
        return new self(
            'too-large', '', sprintf('The document has %d bytes; at most %d are taken.', $bytes, $maxBytes),
        );
    }

    public static function notAnObject(): self
    {
        return new self('malformed', '', 'The document is not a JSON object; it takes one, in braces.');
    }
}
