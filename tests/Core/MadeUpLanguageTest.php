<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\TestCase;

/**
 * Every route of a judged piece, read in a language that has its own letters: what stands there in ours did not come
 * out of the language, and may only be a name.
 */
final class MadeUpLanguageTest extends TestCase
{
    /** What a unit is called is the same in both. */
    private const UNITS = ['min', 'rpm'];

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/grain-made-up-'.getmypid();
        MadeUpLanguage::write($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*.php") ?: []);
        rmdir($this->folder);
    }

    public function test_a_route_has_no_word_that_is_not_of_the_language_or_a_name(): void
    {
        $words = new Sentences($this->folder);
        $plain = [];
        $count = 0;
        foreach (JudgedRoute::all() as $title => $judged) {
            $names = self::spelled([...self::names(), ...$judged->names()]);
            $told = $judged->route()->toArray();
            array_walk_recursive($told, function (mixed $said) use ($words, $names, $title, &$plain, &$count): void {
                if ($said instanceof Said) {
                    $count++;
                    $left = str_replace($names, '', $words->say($said));
                    preg_match_all('/[A-Za-z]{3,}/', $left, $found);
                    foreach (array_diff($found[0], self::UNITS) as $word) {
                        $plain[$said->code] ??= "$word in “{$left}” of $title";
                    }
                }
            });
        }
        self::assertGreaterThan(10_000, $count);
        self::assertSame([], $plain);
    }

    /** @return list<string> of what is sold, and what is written on it */
    private static function names(): array
    {
        $catalogue = Catalogue::shipped();
        $names = $catalogue->woods()->names();

        return array_values(array_map(strval(...), $names));
    }

    /**
     * @param  list<string>  $names
     * @return list<string> as they may stand in a sentence, the longest first
     */
    private static function spelled(array $names): array
    {
        $spelled = array_unique(array_filter([
            ...$names, ...array_map(lcfirst(...), $names), ...array_map(ucfirst(...), $names),
        ], fn (string $name): bool => strlen($name) > 2));
        usort($spelled, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return $spelled;
    }
}
