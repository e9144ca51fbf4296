<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoWorkshop;
use App\Language\ViewText;
use App\Models\Recipe;
use App\Models\Sale;
use App\Models\User;
use App\Models\Workshop;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Filesystem\Filesystem;
use Tests\Core\MadeUpLanguage;

/**
 * Every page in a language that has its own letters: what stands there in ours did not come out of the language, and
 * may only be a name or what somebody wrote.
 */
final class MadeUpLanguageTest extends FeatureTestCase
{
    /** Units, formats and signs are the same in every language. */
    private const SAME = [
        'min', 'rpm', 'FEPA', 'CAMI', 'ISO', 'ANSI', 'PDF', 'SVG', 'PNG', 'JPEG', 'WebP', 'CSV', 'JSON', 'Honest',
        'Grain', 'Ctrl', 'Alt', 'Shift', 'UTC',
    ];

    /** Fields of a document in which a maker writes. */
    private const WRITTEN = ['name', 'note', 'label', 'customer', 'source', 'place', 'title'];

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/grain-made-up-pages-'.getmypid();
        (new Filesystem)->ensureDirectoryExists("$this->folder/views");
        $set = [
            'APP_LOCALE' => 'made-up', 'APP_LANGUAGES' => $this->folder, 'VIEWS_COMPILED' => "$this->folder/views",
        ];
        foreach ($set as $key => $value) {
            $_ENV[$key] = $_SERVER[$key] = $value;
        }
        MadeUpLanguage::write("$this->folder/made-up", [
            'views' => ViewText::allRuns(dirname(__DIR__, 2).'/resources/views'),
        ]);
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        foreach (['APP_LOCALE', 'APP_LANGUAGES', 'VIEWS_COMPILED'] as $key) {
            unset($_ENV[$key], $_SERVER[$key]);
        }
        (new Filesystem)->deleteDirectory($this->folder);
    }

    public function test_no_page_has_a_word_that_is_not_of_the_language_or_a_name(): void
    {
        app(DemoWorkshop::class)->run();
        $wren = User::query()->where('email', DemoWorkshop::EMAIL)->firstOrFail();
        $this->actingAs($wren);
        $names = $this->names($wren->workshop);
        $found = [];
        foreach (Pages::of($wren->workshop) as $page) {
            foreach ($this->words((string) $this->get($page)->assertOk()->getContent(), $names) as $word) {
                $found[$word] ??= $page;
            }
        }
        self::assertSame([], $found);
    }

    public function test_nor_has_what_is_said_after_a_press(): void
    {
        $piece = $this->bowl();
        $steps = $piece->plannedSteps()->orderBy('position')->get();
        $said = [];
        foreach ([
            fn () => $this->post(route('steps.start', $steps[0])),
            fn () => $this->post(route('steps.note', $steps[0]), ['body' => '1']),
            fn () => $this->post(route('steps.done', $steps[0])),
            fn () => $this->post(route('steps.done', $steps[0])),
            fn () => $this->post(route('steps.skip', $steps[1]), ['reason' => '1']),
            fn () => $this->post(route('pieces.record', $piece), ['weight' => '400']),
            fn () => $this->put(route('equipment'), []),
            fn () => $this->post(route('plan')),
            fn () => $this->post(route('pieces.copy', $piece), ['copies' => 2]),
            fn () => $this->delete(route('pieces.destroy', $piece), ['version' => $piece->refresh()->version]),
        ] as $press) {
            $press();
            $said[] = trim(session('said').' '.implode(' ', session('errors')?->all() ?? []));
            session()->forget('errors');
        }
        self::assertGreaterThan(6, count(array_unique(array_filter($said))), implode(' | ', $said));
        self::assertSame([], array_values(array_filter(
            str_replace(['Ebb bowl', ...$this->names($this->shop)], '', $said),
            fn (string $one): bool => preg_match('/[A-Za-z]{3,}/', $one) === 1,
        )));
    }

    /**
     * What people wrote: names of pieces, of their parts and marks, of airs, dyes, mixes and people; notes and places.
     *
     * @return list<string> the longest first
     */
    private function names(Workshop $workshop): array
    {
        $names = [...timezone_identifiers_list(), $workshop->name];
        $names = [...$names, ...$workshop->users->pluck('name'), ...$workshop->airs->pluck('name')];
        foreach ([$workshop->dyes, $workshop->mixes, $workshop->swatches] as $named) {
            $names = [...$names, ...$named->pluck('name')];
        }
        $names = [...$names, ...$workshop->swatches->pluck('note')];
        $names = [...$names, ...Sale::query()->pluck('for_whom'), ...$workshop->recipes->pluck('name')];
        $names = [...$names, ...$workshop->recipes->map(fn (Recipe $own): string => $own->recipe()->note)];
        $names = [...$names, ...$workshop->logEntries->pluck('body'), ...$workshop->users->pluck('email')];
        foreach ($workshop->mixes as $mix) {
            $fields = $mix->typed->fields();
            array_walk_recursive($fields, function (mixed $value) use (&$names): void {
                $names[] = is_string($value) ? $value : '';
            });
        }

        foreach (Scale::cases() as $scale) {
            foreach (Catalogue::shipped()->abrasives()->onScale($scale) as $grit) {
                $names[] = $grit->source;
            }
        }
        $woods = Catalogue::shipped()->woods();
        foreach ($woods->names() as $name) {
            $wood = $woods->named($name);
            $names = [...$names, $wood->botanical, $wood->source->asWritten()];
        }
        foreach ([...$workshop->pieces, ...$workshop->blanks] as $kept) {
            $fields = $kept->document->fields();
            array_walk_recursive($fields, function (mixed $value, int|string $key) use (&$names): void {
                $names[] = in_array($key, self::WRITTEN, true) && is_string($value) ? $value : '';
            });
        }
        // What several marks have in common is what a step calls them by.
        foreach ($names as $name) {
            $names = [...$names, ...explode(' ', str_replace(',', '', (string) $name), 2)];
        }
        foreach ($workshop->equipment()->jaws as $set) {
            $names[] = $set->name;
        }
        $names = array_filter(array_unique($names), fn (?string $name): bool => strlen((string) $name) > 2);
        $names = [...$names, ...array_map(lcfirst(...), $names)];
        usort($names, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return array_values($names);
    }

    /** @return list<string> texts of the page with a word in our own letters */
    private function words(string $html, array $names): array
    {
        $html = (string) preg_replace('~<(script|style)\b.*?</\1>~s', '', $html);
        preg_match_all('/ (?:aria-label|title|placeholder|alt|label)="([^"]*)"/', $html, $attributes);
        $texts = preg_split('/<[^>]*>/', $html) ?: [];
        $words = [];
        foreach ([...$texts, ...$attributes[1]] as $text) {
            $text = trim((string) preg_replace('/\s+/u', ' ', html_entity_decode($text)));
            $left = str_replace([...$names, ...self::SAME], '', $text);
            $left = (string) preg_replace('/#[0-9a-f]{6}/', '', $left);
            if (preg_match('/[A-Za-z]{3,}/', $left) === 1) {
                $words[] = $text;
            }
        }

        return $words;
    }
}
