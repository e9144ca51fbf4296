<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Drawing\TermPicture;
use HonestGrain\Glossary\TermGroup;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\TestCase;

/** The words of the craft: each is said, drawn within its sheet, and leads on to others that are there. */
final class GlossaryTest extends TestCase
{
    public function test_every_term_is_said_and_leads_on_to_others(): void
    {
        $terms = Catalogue::shipped()->terms();
        $english = Sentences::english();
        self::assertGreaterThanOrEqual(80, count($terms));
        foreach ($terms as $id => $term) {
            self::assertNotSame($term->name()->code, $english->say($term->name()));
            self::assertMatchesRegularExpression('/^\p{Lu}.{12,}\.$/u', $english->say($term->meaning()), $id);
            self::assertNotContains($id, $term->see);
            self::assertSame([], array_diff($term->see, array_keys($terms)), $id);
        }
        foreach (TermGroup::cases() as $group) {
            self::assertNotSame([], array_filter($terms, fn ($term): bool => $term->group === $group), $group->value);
        }
    }

    public function test_a_word_leads_to_one_term_only(): void
    {
        $leads = [];
        foreach (array_keys(Catalogue::shipped()->terms()) as $id) {
            $linked = Sentences::english()->lines("glossary.terms.$id")['linked'];
            foreach (array_filter(explode(',', $linked)) as $word) {
                self::assertArrayNotHasKey($word, $leads, "$word leads to $id as well");
                $leads[$word] = $id;
            }
        }
        self::assertSame('recoat-window', $leads['recoat windows']);
        // Said of drying wood as well as of looking whether something is so.
        self::assertArrayNotHasKey('checks', $leads);
    }

    public function test_every_drawing_shows_its_thing_thick_and_stays_on_its_sheet(): void
    {
        $drawn = [];
        foreach (Catalogue::shipped()->terms() as $id => $term) {
            $picture = TermPicture::of($term->sketch);
            $svg = simplexml_load_string($picture);
            self::assertNotFalse($svg, $id);
            self::assertNotSame([], array_filter(
                iterator_to_array($svg->path, false), fn ($path): bool => (float) $path['stroke-width'] > 2,
            ), $id);
            foreach ($svg->path as $path) {
                self::assertOnSheet((string) $path['d'], $id);
            }
            self::assertNotContains($picture, $drawn, "$id is drawn like another");
            $drawn[] = $picture;
        }
    }

    /** Of what is drawn in absolute places, the ends of its lines; what follows in relative ones stays near them. */
    private static function assertOnSheet(string $d, string $id): void
    {
        preg_match_all('/M(-?[\d.]+) (-?[\d.]+)/', $d, $starts, PREG_SET_ORDER);
        self::assertNotSame([], $starts, $id);
        foreach ($starts as [, $x, $y]) {
            self::assertTrue($x >= 0 && $x <= 120 && $y >= 0 && $y <= 72, "$id begins at $x, $y");
        }
    }
}
