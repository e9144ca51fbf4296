<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Words\Sentences;

/**
 * A language that nobody speaks: every word of ours in letters with marks on them, and longer by two letters in five.
 * What stands in plain ones where it is read did not come out of the language.
 */
final class MadeUpLanguage
{
    /** What is no word: places of a line and of the framework's, entities, and what a format calls its parts. */
    private const PLACES = '/(\{[a-zA-Z0-9_]+(?:\||\?|\})(?:(?<=\|)[a-z0-9|]+\})?'
        .'|(?<![A-Za-z]):[a-z_]+\b|&\w+;)|[A-Za-z]+/';

    private const LETTERS = [
        'abcdefghijklmnopqrstuvwxyz', 'áƀçđéƒğĥíĵķłɱñóþʠŕšţúṽŵẋýž',
    ];

    /** Writes the lines of lang/en, and further ones by file, into a folder. */
    public static function write(string $folder, array $further = []): void
    {
        is_dir($folder) || mkdir($folder, recursive: true);
        foreach (glob(Sentences::ENGLISH.'/*.php') ?: [] as $file) {
            $further[basename($file, '.php')] ??= require $file;
        }
        foreach ($further as $name => $lines) {
            file_put_contents("$folder/$name.php", '<?php return '.var_export(self::strange($lines), true).';');
        }
    }

    /**
     * The same in its letters, but for the places.
     *
     * @param  array<array-key, mixed>|string  $lines
     * @return ($lines is string ? string : array<array-key, mixed>)
     */
    public static function strange(array|string $lines): array|string
    {
        return is_array($lines) ? array_map(self::strange(...), $lines) : (string) preg_replace_callback(
            self::PLACES, fn (array $m): string => ($m[1] ?? '') !== '' ? $m[1] : self::word($m[0]), $lines,
        );
    }

    private static function word(string $word): string
    {
        $letters = array_combine(str_split(self::LETTERS[0]), mb_str_split(self::LETTERS[1]));
        $strange = strtr(strtolower($word), $letters)
            .str_repeat($letters[strtolower($word[-1])], (int) round(0.4 * strlen($word)));

        return ctype_upper($word[0]) ? mb_convert_case($strange, MB_CASE_TITLE) : $strange;
    }
}
