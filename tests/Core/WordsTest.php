<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Mending\FaultKind;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Codes and quantities in the core, words in the language. */
final class WordsTest extends TestCase
{
    use Asking;

    /** Texts of three words or more that still stand in core/. Lower it with each that leaves; never raise it. */
    private const LEFT_IN_CORE = 16;

    /** The same in app/ without its commands and the made-up workshop: questions to the database, patterns, formats. */
    private const LEFT_IN_APP = 38;

    /** The framework's own, and the help of `bin/grain`, which is read by verb and field. */
    private const OTHERS = ['validation', 'commands'];

    public function test_no_further_sentence_stands_in_the_core(): void
    {
        self::assertSame(self::LEFT_IN_CORE, self::texts('core'), 'Words go into lang/, by a code (docs/adding.md).');
    }

    public function test_no_further_sentence_stands_in_the_application(): void
    {
        $left = self::texts('app') - self::texts('app/Demo') - self::texts('app/Console');
        self::assertSame(self::LEFT_IN_APP, $left, 'Words go into lang/, by a code (docs/adding.md).');
    }

    /** How many texts of three words or more stand in a folder. */
    private static function texts(string $folder): int
    {
        $texts = 0;
        $path = dirname(__DIR__, 2)."/$folder";
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($path)) as $file) {
            assert($file instanceof SplFileInfo);
            $code = $file->getExtension() === 'php' ? (string) file_get_contents($file->getPathname()) : '';
            // What only a programmer reads is worded where it is thrown.
            $code = (string) preg_replace(
                '/new \\\\?(?:Logic|UnexpectedValue)Exception\((?:"[^"]*"|\'[^\']*\')/', '', $code,
            );
            foreach (token_get_all($code) as $token) {
                $isText = in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true);
                $texts += (int) ($isText && preg_match_all('/(?<!\S)\S*\pL{2}\S*/u', $token[1]) >= 3);
            }
        }

        return $texts;
    }

    public function test_every_cause_is_said_and_has_its_lines(): void
    {
        $crack = [
            'id' => 'f1', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 40, 'wish' => 'fill',
        ];
        $thin = ['inner' => [[90, 138.5, 'corner'], [28, 80], [10, 0]]] + Benchwork::bowl()['shape'];
        $said = [];
        foreach ([
            ['surface' => ['method' => ['outside' => 'random-orbit']]],
            ['features' => [$crack], 'shape' => $thin, 'wood' => 'Teak', 'surface' => [
                'cut' => ['outside' => 'bevel-cut'], 'own' => ['outside' => ['P80', 'P400']],
            ]],
            ['moisture_percent' => 40],
        ] as $bowl) {
            foreach (FaultKind::cases() as $kind) {
                $answer = $this->ask('mend', [
                    'piece' => ['starts_as' => 'blank'] + Benchwork::piece([Benchwork::bowl($bowl)]),
                    'done' => ['body/rough', 'body.outside/shape'],
                    'fault' => ['kind' => $kind->value, 'on' => 'outer'],
                ]);
                array_walk_recursive($answer['causes'], function (mixed $value, string|int $key) use (&$said): void {
                    $said[] = $key === 'code' ? $value : '';
                });
            }
        }
        $lines = [];
        $mending = require Sentences::ENGLISH.'/mending.php';
        foreach (array_intersect_key($mending, ['causes' => 0, 'facts' => 0]) as $of => $keys) {
            foreach ($keys as $key => $line) {
                $lines = [...$lines, ...is_array($line) ? array_map(
                    fn (string $part): string => "mending.$of.$key.$part", array_keys($line),
                ) : ["mending.$of.$key"]];
            }
        }
        $said = preg_grep('/^mending\.(causes|facts)/', array_unique($said)) ?: [];
        sort($lines);
        sort($said);
        self::assertSame($lines, $said);
    }

    public function test_every_code_has_its_line_and_every_line_is_said_somewhere(): void
    {
        $lines = [];
        foreach (glob(Sentences::ENGLISH.'/*.php') ?: [] as $file) {
            $name = basename($file, '.php');
            $lines = [...$lines, ...in_array($name, self::OTHERS, true) ? [] : self::codes($name, require $file)];
        }
        $asked = self::asked();
        $found = fn (string $code): bool => array_filter(
            $asked, fn (string $one): bool => preg_match("/^$one$/", $code) === 1,
        ) !== [];
        self::assertSame([], array_values(array_filter(
            $lines, fn (string $line): bool => ! isset($asked[$line]) && ! $found($line),
        )), 'Nothing says these lines.');
        $known = array_fill_keys($lines, true);
        foreach ($asked as $code => $pattern) {
            self::assertTrue(
                in_array(explode('.', $code)[0], self::OTHERS, true) ||
                isset($known[$code]) || preg_grep("/^$pattern/", $lines) !== [], "$code is said, and has no line.",
            );
        }
    }

    public function test_no_line_has_a_unit_of_its_own(): void
    {
        $found = [];
        foreach (glob(Sentences::ENGLISH.'/*.php') ?: [] as $file) {
            if (in_array(basename($file, '.php'), self::OTHERS, true)) {
                continue;
            }
            // A distance below which two nodes of a profile are one is what the format says, in its own unit.
            preg_match_all(
                '~\d(?: |\x{a0})(?:mm|cm|°C|mL|m/s|cm²|mm²|kg/m³|g/m²)(?![\w²³/])(?! apart)~u',
                (string) file_get_contents($file), $units,
            );
            $found = [...$found, ...$units[0]];
        }
        self::assertSame([], $found, 'A quantity is said by the core, and written in the reader\'s unit.');
    }

    /**
     * @param  array<array-key, mixed>  $lines
     * @return list<string>
     */
    private static function codes(string $under, array $lines): array
    {
        $codes = [];
        foreach ($lines as $key => $line) {
            $codes = [...$codes, ...is_array($line) ? self::codes("$under.$key", $line) : ["$under.$key"]];
        }

        return $codes;
    }

    /** @return array<string, string> pattern by code, or by what stands of a code that is put together */
    private static function asked(): array
    {
        $files = implode('|', array_map(fn (string $file): string => basename($file, '.php'), glob(
            Sentences::ENGLISH.'/*.php',
        ) ?: []));
        $asked = [];
        foreach (['core', 'app', 'resources/views'] as $folder) {
            $path = dirname(__DIR__, 2)."/$folder";
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($path)) as $file) {
                assert($file instanceof SplFileInfo);
                $code = $file->isFile() ? (string) file_get_contents($file->getPathname()) : '';
                preg_match_all(
                    "/(?<!route\\()(?<!routeIs\\()(?<!view\\()['\"]((?:$files)\.[^'\" ]*)['\"]/", $code, $found,
                );
                preg_match_all('/lines\(\'([^\']+)\'\)/', $code, $groups);
                $groups = array_map(
                    fn (string $group): string => "$group.", array_diff($groups[1], ['scripts']),
                );
                foreach ([...$found[1], ...$groups] as $one) {
                    $open = (string) preg_replace('/\{?\$[^.}]*\}?|\.$/', 'ANY', $one);
                    $asked[$one] = str_replace('ANY', '.+', preg_quote($open, '/'));
                }
            }
        }

        return $asked + self::askedByScripts();
    }

    /** @return array<string, string> the same of what the scripts say */
    private static function askedByScripts(): array
    {
        $asked = [];
        $path = dirname(__DIR__, 2).'/resources/js';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($path)) as $file) {
            assert($file instanceof SplFileInfo);
            $script = $file->isFile() ? (string) file_get_contents($file->getPathname()) : '';
            preg_match_all('/\bsay\(([^{}]*?)[,)]/', $script, $said);
            foreach ($said[1] as $lines) {
                preg_match_all("/'([a-z-]+)'/", $lines, $found);
                foreach ($found[1] as $line) {
                    $asked["scripts.$line"] = preg_quote("scripts.$line", '/');
                }
            }
        }

        return $asked;
    }

    public function test_a_drawing_gets_its_words_where_it_is_shown_and_a_name_that_looks_like_a_place_stays(): void
    {
        $place = Sentences::inDrawing(new Said('drawing.elevation.foot', ['wide' => Quantity::mm(96)]));
        self::assertSame('<text>foot 96 mm</text>', Sentences::english()->drawn("<text>$place</text>"));
        foreach (['e30=', 'x', base64_encode('{"code":"drawing.none"}'), base64_encode('{"code":[]}')] as $typed) {
            self::assertSame("<text>⟦{$typed}⟧</text>", Sentences::english()->drawn("<text>⟦{$typed}⟧</text>"));
        }
    }

    public function test_a_first_letter_of_any_alphabet_is_made_large_and_small(): void
    {
        $say = Sentences::english()->say(...);
        self::assertSame(['Ähre', 'éclat'], [$say(Said::upper('ähre')), $say(Said::lower('Éclat'))]);
    }

    public function test_another_language_says_the_same_in_its_own_words(): void
    {
        $folder = sys_get_temp_dir().'/honest-grain-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents(
            "$folder/thing.php", "<?php return ['big' => ['one' => 'of {what} in {where}'], 'at' => '<{x}>'];",
        );
        $words = new Sentences($folder);
        $said = new Said('thing.big.one', ['what' => 'P80', 'where' => new Said('thing.at', ['x' => '{what}'])]);
        self::assertSame('of P80 in <{what}>', $words->say($said), 'a name is no place');
        $open = new Said('thing.big.one', ['what' => 'P80']);
        foreach ([$open, new Said('thing.big'), new Said('thing.none')] as $one) {
            try {
                $words->say($one);
                self::fail("$one->code was said");
            } catch (\LogicException $e) {
                self::assertStringContainsString($one->code, $e->getMessage());
            }
        }
        unlink("$folder/thing.php");
        rmdir($folder);
    }
}
