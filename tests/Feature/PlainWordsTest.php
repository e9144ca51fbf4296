<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Language\ViewText;
use PHPUnit\Framework\TestCase;

/** What the program says, held to docs/words.md: its lists of words, its lengths, and sentence case. */
final class PlainWordsTest extends TestCase
{
    /** Files of lines that stand under "Why?" and list every constant. */
    private const LISTS_OF_CONSTANTS = ['figures'];

    private const DIRECTIVE = '/@\w+(?:\s*\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\))?/';

    /** What is written with a capital wherever it stands. */
    private const NAMES = [
        'Bench', 'Pieces', 'Weeks', 'Rack', 'Shelf', 'Swatches', 'Shop', 'Shape', 'Surface', 'Marks', 'Coats', 'Route',
        'Record', 'Recipes', 'Sale', 'Undo', 'Help', 'Janka', 'Friday', 'Saturday', 'Sunday',
        'Grain', 'Alt', 'Z', 'November',
        'Shift', 'Enter', 'Letter', 'Something', 'V', 'I', 'R', 'A', 'S', 'N', 'Mon', 'Ctrl', 'Ebb',
    ];

    public function test_hints_are_short(): void
    {
        $most = $this->number('/hint beside a field has at most \*\*(\d+) words/');
        $hints = $this->said(['/ hint="([^"{]+)"/', self::faint('small')]);
        self::assertGreaterThan(7, count($hints));
        foreach ($hints as $hint) {
            self::assertLessThanOrEqual($most, self::words($hint), $hint);
        }
    }

    public function test_leads_are_short_and_so_are_their_sentences(): void
    {
        $most = $this->number('/sentences of at most \*\*(\d+) words/');
        $all = $this->number('/and has at most \*\*(\d+)\*\* in all/');
        $leads = $this->said([self::faint('p')]);
        self::assertGreaterThan(20, count($leads));
        foreach ($leads as $lead) {
            self::assertLessThanOrEqual($all, self::words($lead), $lead);
            foreach (self::sentences($lead) as $sentence) {
                self::assertLessThanOrEqual($most, self::words($sentence), $lead);
            }
        }
    }

    public function test_sentences_are_short(): void
    {
        $most = $this->number('/Any other sentence has at most \*\*(\d+) words\*\*/');
        foreach ($this->lines() as $where => $line) {
            if (in_array(strstr($where, '.', true), self::LISTS_OF_CONSTANTS, true)) {
                continue;
            }
            foreach (self::sentences($line) as $sentence) {
                self::assertLessThanOrEqual($most, self::words($sentence), "$where: $sentence");
            }
        }
    }

    public function test_no_listed_word_is_said(): void
    {
        $words = $this->listed();
        self::assertContains('anew', $words);
        self::assertContains('deadline', $words);
        $pattern = '~(?<!\p{L})(?:'.implode('|', array_map(
            fn (string $word): string => preg_quote($word, '~'), $words,
        )).')(?!\p{L})~iu';
        foreach ([...$this->lines(), ...$this->views()] as $where => $line) {
            $said = (string) preg_replace('/\{[^{}]*\}/', ' ', $line);
            self::assertDoesNotMatchRegularExpression($pattern, $said, "$where: $line");
        }
    }

    public function test_headings_and_buttons_are_in_sentence_case(): void
    {
        $seen = 0;
        foreach ($this->titles() as $title) {
            $bare = (string) preg_replace('/\{\{.*?\}\}/s', 'x', $title);
            $words = preg_split('/\s+/u', trim((string) preg_replace(self::DIRECTIVE, ' . ', $bare)));
            foreach (array_slice((array) $words, 1) as $i => $word) {
                $seen++;
                $word = trim((string) $word, '.,:;()“”"…');
                $isFirst = preg_match('/[.:?!“]$/u', (string) $words[$i]) === 1;
                if (preg_match('/^\p{Lu}\p{Ll}/u', $word) === 1 && ! $isFirst) {
                    self::assertContains($word, self::NAMES, $title);
                }
            }
        }
        self::assertGreaterThan(300, $seen);
    }

    private static function words(string $text): int
    {
        return count(preg_split('/\s+/u', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }

    /** @return list<string> */
    private static function sentences(string $text): array
    {
        $bare = (string) preg_replace('/\{[^{}]*\}/', 'x', $text);

        return preg_split('/(?<=[.!?;:·])\s+/u', $bare) ?: [];
    }

    private function number(string $pattern): int
    {
        self::assertSame(1, preg_match($pattern, $this->page(), $found), $pattern);

        return (int) $found[1];
    }

    private function page(): string
    {
        return (string) preg_replace('/\s+/', ' ', (string) file_get_contents(self::root('docs/words.md')));
    }

    /** @return list<string> the last column of the first table, the first one of the second */
    private function listed(): array
    {
        $tables = explode('## Words we do not use', (string) file_get_contents(self::root('docs/words.md')));
        $words = [];
        foreach ($tables as $i => $table) {
            preg_match_all('/^\| (.+) \|$/m', $table, $rows);
            foreach ($rows[1] as $row) {
                $cells = explode(' | ', $row);
                $cell = $i === 0 ? end($cells) : $cells[0];
                $cell === 'Not' || $words = [...$words, ...explode(', ', $cell)];
            }
        }

        return $words;
    }

    /** @return array<string, string> every line of lang/en by its code */
    private function lines(): array
    {
        $lines = [];
        foreach (glob(self::root('lang/en/*.php')) ?: [] as $file) {
            $of = require $file;
            array_walk_recursive($of, function (string $line, string|int $key) use (&$lines, $file): void {
                $lines[basename($file, '.php').'.'.$key.'.'.count($lines)] = $line;
            });
        }

        return $lines;
    }

    /** @return array<string, string> every run of text of the views, by itself */
    private function views(): array
    {
        $runs = array_map(strval(...), array_keys(ViewText::allRuns(self::root('resources/views'))));

        return array_combine($runs, $runs);
    }

    /** What stands faint in such an element, as a pattern. */
    private static function faint(string $tag): string
    {
        return "~<$tag\s+class=\"[^\"]*\bfaint\b[^\"]*\"[^>]*>((?:(?!</p>|</small>).)*)</~s";
    }

    /**
     * @param  list<string>  $patterns
     * @return list<string> what stands there, without its tags
     */
    private function said(array $patterns): array
    {
        $hints = array_merge(...array_map($this->inViews(...), $patterns));

        return array_map(fn (string $hint): string => trim((string) preg_replace(
            ['/\{\{.*?\}\}/s', self::DIRECTIVE, '/<[^>]*>/', '/\s+/'], ['x', ' . ', ' ', ' '], $hint,
        )), $hints);
    }

    /** @return list<string> what stands in headings, buttons and labels of fields */
    private function titles(): array
    {
        return [
            ...$this->inViews('~<(?:h[1-3]|button|legend|summary)\b(?:[^>]|(?<=[-=])>)*+>([^<]+)</~'),
            ...$this->inViews('~ label="([^"{$]+)"~'),
        ];
    }

    /** @return list<string> */
    private function inViews(string $pattern): array
    {
        $all = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::root('resources/views')));
        foreach ($files as $file) {
            if ($file instanceof \SplFileInfo && $file->isFile()) {
                preg_match_all($pattern, (string) file_get_contents($file->getPathname()), $found);
                $all = [...$all, ...$found[1]];
            }
        }

        return $all;
    }

    private static function root(string $path): string
    {
        return dirname(__DIR__, 2).'/'.$path;
    }
}
