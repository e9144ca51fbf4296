<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Str;

/** A password that all of it counts in, and that is neither one letter over and over nor a name that stands beside. */
final readonly class FitPassword implements ValidationRule
{
    /** The hash takes no more bytes (bcrypt). */
    private const MOST_BYTES = 72;

    private const LEAST_CHARACTERS = 10;

    private const LEAST_DIFFERENT = 5;

    /** @param  list<string|null>  $names  that anybody would try first */
    public function __construct(private array $names = [])
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $typed = is_string($value) ? $value : '';
        $plain = self::plain($typed);
        $isNamed = in_array($plain, array_map(self::plain(...), array_filter($this->names)), true);
        $says = match (true) {
            mb_strlen($typed) < self::LEAST_CHARACTERS => say('http.fit-password.password-too-short-takes', [
                'leastCharacters' => self::LEAST_CHARACTERS,
            ]),
            strlen($typed) > self::MOST_BYTES => say('http.fit-password.password-too-long-takes', [
                'mostBytes' => self::MOST_BYTES,
            ]),
            count(array_unique(mb_str_split($typed))) < self::LEAST_DIFFERENT => say('http.fit-password.repeats', [
                'leastDifferent' => self::LEAST_DIFFERENT,
            ]),
            $isNamed => say('http.fit-password.stands-here'),
            default => null,
        };
        if ($says !== null) {
            $fail((string) $says);
        }
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', Str::lower(mb_scrub($text)));
    }
}
