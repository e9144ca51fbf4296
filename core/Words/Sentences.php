<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/**
 * Puts what is said into the words of one language and the units of one reader: plain PHP that needs only the folder of
 * the language.
 *
 * A line is a sentence with places: `{wide}` takes what is said for it as it is; `{wide|1}` a quantity with one
 * decimal, `{wide|bare}` without its unit; `{what|lower}` and `{what|upper}` with its first letter so; `{grits|and}` a
 * list with an "and" before its last; `{fills?fill:fills}` a word by the count. A place that nothing is said for is a
 * figure that rules work with, by its name: `{coat_setup_minutes}`.
 */
final class Sentences
{
    public const ENGLISH = __DIR__.'/../../lang/en';

    /** How the parts of a list hang together. */
    private const LISTS = ['and', 'or', 'then', 'thens', 'andthe', 'sentences', 'ratio'];

    private const PLACE = '/\{([a-z][A-Za-z0-9_]*)(?:\?([^{}:]*):([^{}]*)|((?:\|[a-z0-9]+)*))\}/';

    private static ?self $english = null;

    /** @var array<string, array<array-key, mixed>> lines by file, as far as they were asked for */
    private array $files = [];

    /** @var array<string, mixed> by code, those that were asked for */
    private array $lines = [];

    public function __construct(
        private readonly string $folder = self::ENGLISH,
        private readonly Reader $reader = new Reader,
        private readonly ?Figures $figures = null,
    ) {
    }

    /** In metric units, and the same one each time: what an exception, a document and a column are worded by. */
    public static function english(): self
    {
        return self::$english ??= new self;
    }

    /** A place in a drawing that these words are to stand in. */
    public static function inDrawing(Said $said): string
    {
        return '⟦'.base64_encode(json_encode($said, JSON_THROW_ON_ERROR)).'⟧';
    }

    /** A drawing with its words put in; what only looks like a place, since somebody has named a piece so, stays. */
    public function drawn(string $svg): string
    {
        return (string) preg_replace_callback('~⟦([\w+/=]+)⟧~', function (array $place): string {
            try {
                $said = Said::read((array) json_decode((string) base64_decode($place[1], true), true));

                return htmlspecialchars($this->say($said), ENT_QUOTES | ENT_XML1);
            } catch (\UnexpectedValueException|\LogicException) {
                return $place[0];
            }
        }, $svg);
    }

    /**
     * What was kept with its words reads by them where the language has lost the line.
     *
     * @throws \LogicException where it has no such line, or what is said leaves a place of it open
     */
    public function say(Said $said): string
    {
        if ($said->kept === null) {
            return $this->filled($said, isWhole: false);
        }
        try {
            return $this->filled($said, isWhole: true);
        } catch (\LogicException) {
            return $said->kept;
        }
    }

    /** @param  bool  $isWhole  whether what is said within it is to have all its lines, too */
    private function filled(Said $said, bool $isWhole): string
    {
        $line = $this->line($said->code);

        return ! str_contains($line, '{') ? $line
            : preg_replace_callback(self::PLACE, function (array $place) use ($said, $isWhole): string {
                if (! array_key_exists($place[1], $said->of)) {
                    return $this->figure($place[1], $place[4] ?? '')
                        ?? throw new \LogicException("$said->code: $place[0]");
                }
                $of = $said->of[$place[1]] ?? '';

                return $place[2] === null || $place[3] === null
                    ? $this->part($of, explode('|', $place[4] ?? ''), $isWhole)
                    : ($of instanceof Quantity && round($of->value) === 1.0 ? $place[2] : $place[3]);
            }, $line, flags: PREG_UNMATCHED_AS_NULL) ?? throw new \LogicException($said->code);
    }

    private function figure(string $name, string $way): ?string
    {
        $figure = $this->figures?->figure($name);

        return $figure === null ? null : $this->reader->exact($figure, bare: $way === '|bare');
    }

    /**
     * @param  string|Quantity|Said|list<string|Quantity|Said>  $of
     * @param  array<string>  $ways  how it is to be written
     */
    private function part(string|Quantity|Said|array $of, array $ways, bool $isWhole): string
    {
        if (is_string($of) && $ways === ['']) {
            return $of;
        }
        $decimals = array_values(array_filter($ways, ctype_digit(...)));
        $text = match (true) {
            is_string($of) => $of,
            $of instanceof Said => $isWhole ? $this->filled($of, true) : $this->say($of),
            is_array($of) => $this->list(array_map(
                fn (string|Quantity|Said $one): string => $this->part(
                    $one, array_diff($ways, self::LISTS), $isWhole,
                ), $of,
            ), $ways),
            in_array('bare', $ways, true) => $this->reader->bare($of, $decimals === [] ? null : (int) $decimals[0]),
            default => $this->reader->write($of, $decimals === [] ? null : (int) $decimals[0]),
        };

        return match (true) {
            in_array('lower', $ways, true) => FirstLetter::small($text),
            in_array('upper', $ways, true) => FirstLetter::large($text),
            default => $text,
        };
    }

    /**
     * @param  list<string>  $texts
     * @param  array<string>  $ways
     */
    private function list(array $texts, array $ways): string
    {
        $between = array_values(array_intersect(self::LISTS, $ways))[0] ?? 'comma';
        $last = count($texts) - 1;
        $written = '';
        foreach ($texts as $i => $text) {
            $written .= ($i === 0 ? '' : $this->line(
                'words.between.'.$between.'.'.($i === $last ? 'last' : 'more'),
            )).$text;
        }

        return $written;
    }

    /** @return array<string, string> all lines under a code that nothing stands in, by their last key */
    public function lines(string $code): array
    {
        $lines = [];
        foreach ((array) $this->found($code) as $key => $line) {
            $lines[(string) $key] = is_string($line) ? $line : throw new \LogicException("No line: $code.$key");
        }

        return $lines;
    }

    private function line(string $code): string
    {
        $line = $this->lines[$code] ??= $this->found($code);

        return is_string($line) ? $line : throw new \LogicException("No line: $code");
    }

    private function found(string $code): mixed
    {
        $keys = explode('.', $code);
        $file = array_shift($keys);
        $lines = $this->files[$file] ??= (array) require "$this->folder/$file.php";

        foreach ($keys as $key) {
            $lines = is_array($lines) ? $lines[$key] ?? null : null;
        }

        return $lines;
    }
}
