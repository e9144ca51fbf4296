<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Mending\FaultKind;
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
    private const LEFT_IN_CORE = 1065;

    public function test_no_further_sentence_stands_in_the_core(): void
    {
        $texts = 0;
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core')) as $file) {
            assert($file instanceof SplFileInfo);
            $code = $file->getExtension() === 'php' ? (string) file_get_contents($file->getPathname()) : '';
            foreach (token_get_all($code) as $token) {
                $isText = in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true);
                $texts += (int) ($isText && preg_match_all('/(?<!\S)\S*\pL{2}\S*/u', $token[1]) >= 3);
            }
        }
        self::assertSame(self::LEFT_IN_CORE, $texts, 'Words go into lang/, by a code (docs/adding.md).');
    }

    public function test_every_line_on_mending_is_said_and_every_cause_has_its_lines(): void
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
        ] as $bowl) {
            foreach (FaultKind::cases() as $kind) {
                $answer = $this->ask('mend', [
                    'piece' => Benchwork::piece([Benchwork::bowl($bowl)]), 'done' => [],
                    'fault' => ['kind' => $kind->value, 'on' => 'outer'],
                ]);
                array_walk_recursive($answer['causes'], function (mixed $value, string|int $key) use (&$said): void {
                    $said[] = $key === 'code' ? $value : '';
                });
            }
        }
        $lines = [];
        foreach (require Sentences::ENGLISH.'/mending.php' as $of => $keys) {
            foreach ($of === 'doubts' ? [] : $keys as $key => $line) {
                $lines = [...$lines, ...is_array($line) ? array_map(
                    fn (string $part): string => "mending.$of.$key.$part", array_keys($line),
                ) : ["mending.$of.$key"]];
            }
        }
        $said = array_values(array_unique(array_filter($said)));
        sort($lines);
        sort($said);
        self::assertSame($lines, $said);
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
