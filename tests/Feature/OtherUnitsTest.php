<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoWorkshop;
use App\Models\Kept\Choices;
use App\Models\Kept\SaidCast;
use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * A reader in inches and °F sees neither millimetres nor °C on any page of the demo workshop, and nobody the code
 * that a sentence is kept by.
 */
final class OtherUnitsTest extends FeatureTestCase
{
    private const METRIC = '/[^.;|]{0,40}(?<![\w-])\d[\d.,]*\s?(?:mm|cm²|cm|m\/s|mL|°C|m²\/L)(?![\w²³\/])'
        .'[^.;|]{0,20}/u';

    private const CODE = '/"code":\s*"[^"]*"/';

    /** A component that was not put in. */
    private const COMPONENT = '/<x-[a-z-]+/';

    public function test_no_page_falls_back_into_the_other_system_or_shows_a_code(): void
    {
        app(DemoWorkshop::class)->run();
        $wren = User::query()->where('email', DemoWorkshop::EMAIL)->firstOrFail();
        $wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $this->actingAs($wren);
        $pages = [...Pages::of($wren->workshop), '/calendar.ics'];
        $found = [];
        foreach ($pages as $page) {
            foreach ($this->metric((string) $this->get($page)->assertOk()->getContent()) as $words) {
                $found[$words] ??= "$page: $words";
            }
        }
        self::assertSame([], array_values($found));
    }

    public function test_what_is_said_after_a_press_is_in_them_too(): void
    {
        $this->wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $piece = $this->bowl(['features' => []]);
        $this->post(route('pieces.flaws.store', $piece), [
            'version' => 1, 'flaw_kind' => 'crack', 'flaw_on' => 'outer', 'flaw_from' => '1', 'flaw_to' => '2',
            'wish' => 'fill', 'with' => 'powder-ca', 'flaw_width' => '0.02', 'flaw_depth' => '0.1',
        ])->assertSessionHasNoErrors();
        $step = $piece->plannedSteps()->where('kind', 'repair')->firstOrFail();
        $this->post(route('steps.start', $step));
        $said = (string) $this->get('/bench')->getContent();
        self::assertStringContainsString('1.00 to 2.00 in along the outside', $said);
        self::assertStringNotContainsString('51 mm', $said);
    }

    /** @param  string  $kept  as a column holds it */
    #[DataProvider('kept')]
    public function test_what_was_kept_as_a_text_reads_as_that_text(string $kept, string $read): void
    {
        self::assertSame($read, $this->show()->said(SaidCast::read($kept)));
    }

    /** @return list<array{string, string}> */
    public static function kept(): array
    {
        return [
            ['Sand the outside', 'Sand the outside'], ['12', '12'], ['null', 'null'], ['"Oil"', '"Oil"'],
            ['{"code":"words.as-written","quantities":{"text":"Oil"}}', 'Oil'],
        ];
    }

    /** @return list<string> */
    private function metric(string $html): array
    {
        $html = (string) preg_replace('~<(script|style)\b.*?</\1>|data-[\w-]+="[^"]*"~s', '', $html);
        // An id of a calendar is made of chance, and broken off anywhere at the end of a line.
        $html = (string) preg_replace('/^UID:.*(?:\R[ \t].*)*/m', '', $html);
        preg_match_all('/(?:aria-label|title|placeholder)="([^"]*)"/', $html, $attributes);
        $text = html_entity_decode((string) preg_replace('/<[^>]+>/', ' | ', $html).implode(' | ', $attributes[1]));
        $text = (string) preg_replace('/\s+/u', ' ', $text);
        preg_match_all(self::METRIC, $text, $found);
        preg_match_all(self::CODE, $text, $codes);
        preg_match_all(self::COMPONENT, $html, $raw);

        return array_map(trim(...), [...$found[0], ...$codes[0], ...$raw[0]]);
    }
}
