<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoWorkshop;
use App\Models\Workshop;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Reader;

final class ExchangeTest extends FeatureTestCase
{
    public function test_a_piece_goes_out_and_comes_in_the_same(): void
    {
        $piece = $this->bowl(
            [
                'marks' => [
                    [
                        'id' => 'tide', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 60.0, 'to_mm' => 80.0,
                        'product' => 'Water dye (powder)', 'colour' => '#2e4d63',
                    ],
                ],
            ],
        );
        $json = (string) $this->get(route('pieces.json', $piece))->assertOk()->assertHeader(
            'Content-Disposition', 'attachment; filename=ebb-bowl.json',
        )->getContent();
        $this->import("\xEF\xBB\xBF".$json)->assertSessionHasNoErrors();
        self::assertSame(2, $this->shop->pieces()->count());
        self::assertEquals($piece->document, $this->shop->pieces()->latest('id')->firstOrFail()->document);
    }

    public function test_no_two_files_of_a_piece_have_one_name(): void
    {
        $piece = $this->bowl(['marks' => [
            ['id' => 'a', 'kind' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 70],
            ['id' => 'b', 'kind' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 80, 'to_mm' => 90],
        ]]);
        $this->post(route('pieces.parts.store', $piece), ['version' => 1, 'kind' => 'lid'])->assertSessionHasNoErrors();
        $files = [
            route('pieces.json', $piece), route('pieces.csv', $piece), route('pieces.svg', $piece),
            route('pieces.svg', [$piece, 'part' => $piece->refresh()->document->fields()['parts'][1]['id']]),
        ];
        foreach (array_column($this->body($piece)['marks'], 'id') as $mark) {
            foreach (['svg', 'a4', 'letter'] as $as) {
                $files[] = route('pieces.marks.template', [$piece, $mark, $as]);
            }
        }
        $names = array_map(fn (string $file): string => (string) preg_replace(
            '/.*filename="?([^"]+)"?$/', '$1',
            (string) $this->get($file)->assertOk()->headers->get('Content-Disposition'),
        ), $files);
        self::assertCount(10, array_unique($names), implode(', ', $names));
        foreach ($names as $name) {
            self::assertMatchesRegularExpression('/^ebb-bowl[a-z0-9-]*\.(json|csv|svg|pdf)$/', $name);
        }
    }

    #[DataProvider('hostile')]
    public function test_hostile_files_fail_cleanly(string $file, string $says): void
    {
        $response = $this->from('/pieces')->import($file)->assertRedirect('/pieces');
        self::assertStringContainsString($says, implode(' ', session('errors')->all()));
        self::assertSame(0, $this->shop->pieces()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function hostile(): iterable
    {
        $piece = fn (string $more): string => '{"format":"honest-grain/piece","version":2,"name":"x","form":"platter",'
            .'"parts":[{"id":"body","wood":"Ash (white)","grain":"side","shape":{"outer":[[0,50],[40,90]],"inner":null}'
            .$more.'}]}';
        yield 'huge' => [str_repeat(' ', 600 * 1024), 'larger than 512 kB'];
        yield 'deep' => [str_repeat('[', 5000).str_repeat(']', 5000), 'not valid JSON'];
        yield 'an entity bomb' => [
            '<?xml version="1.0"?><!DOCTYPE a [<!ENTITY b "bb"><!ENTITY c "&b;&b;">]><a>&c;</a>', 'not valid JSON',
        ];
        yield 'another encoding' => [mb_convert_encoding($piece(''), 'UTF-16LE', 'UTF-8'), 'not valid JSON'];
        yield 'broken bytes' => ["{\"name\":\"\xC3\x28\"}", 'not valid JSON'];
        yield 'zero bytes' => [$piece('')."\0", 'not valid JSON'];
        yield 'another version' => [str_replace('"version":2', '"version":7', $piece('')), 'The field version is 7'];
        yield 'a text radius' => [
            str_replace('[40,90]', '[40,"wide"]', $piece('')), 'The field parts.0.shape.outer.1.1 is "wide"',
        ];
        yield 'a negative radius' => [str_replace('[40,90]', '[40,-90]', $piece('')), 'shape.outer.1.1 is -90'];
        yield 'an unknown wood' => [str_replace('Ash (white)', 'Plastic', $piece('')), 'wood is "Plastic"'];
        yield 'a crossing' => [
            str_replace(
                '[[0,50],[40,90]]', '[[0,10,"corner"],[50,60,"corner"],[50,10,"corner"],[0,60,"corner"]]', $piece(''),
            ),
            'crosses or touches itself',
        ];
        yield 'script in a colour' => [
            $piece(
                ',"marks":[{"id":"a","technique":"dye","on":"outer","from_mm":1,"to_mm":9,'
                .'"settings":{"colour":"\"><script>"}}]',
            ),
            'marks.0.settings.colour',
        ];
    }

    public function test_the_csv_holds_every_step_and_no_formula(): void
    {
        $piece = $this->bowl(
            [
                'name' => '=HYPERLINK("x")',
                'marks' => [
                    [
                        'id' => 'a', 'kind' => 'flutes', 'on' => 'outer', 'from_mm' => 20.0, 'to_mm' => 50.0,
                        'note' => '=1+1',
                    ],
                ],
            ],
        );
        $lines = explode("\r\n", trim($this->get(route('pieces.csv', $piece))->assertOk()->streamedContent()));
        self::assertCount($piece->plannedSteps()->count() + 1, $lines);
        foreach (array_slice($lines, 1) as $line) {
            foreach (str_getcsv($line, ',', '"', '') as $cell) {
                self::assertDoesNotMatchRegularExpression('/^[=+@]/', (string) $cell);
            }
        }
    }

    public function test_the_drawing_and_names_are_escaped(): void
    {
        $piece = $this->bowl(['name' => '<script>alert(1)</script> & "co"']);
        self::assertNotFalse(
            simplexml_load_string((string) $this->get(route('pieces.svg', $piece))->assertOk()->getContent()),
        );
        foreach (['/pieces', '/bench', '/weeks', "/pieces/{$piece->id}/shape", "/pieces/{$piece->id}/card"] as $page) {
            $this->get($page)->assertOk()->assertDontSee('<script>alert', false);
        }
    }

    public function test_the_band_of_a_mark_is_laid_flat_at_true_size(): void
    {
        $cone = ['outer' => [[10, 80, 'corner'], [58, 116, 'corner']], 'inner' => [[58, 110, 'corner'], [20, 0]]];
        $piece = $this->bowl(['shape' => $cone, 'marks' => [
            ['id' => 'lines', 'kind' => 'v-groove', 'on' => 'outer', 'from_mm' => 0, 'to_mm' => 60],
        ]]);
        $lines = $this->body($piece)['marks'][0]['id'];
        $at = fn (string $mark, int|string $parts): string => route(
            'pieces.marks.template', [$piece, $mark, 'svg', 'repeats' => $parts],
        );
        $answer = $this->get($at($lines, 12))->assertOk();
        $answer->assertHeader('content-type', 'image/svg+xml; charset=UTF-8');
        $svg = simplexml_load_string((string) $answer->getContent());
        self::assertNotFalse($svg);
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        // A cone from 80 to 116 over a slant of 60: radii 133.333 and 193.333.
        $outline = (string) ($svg->xpath('//*[@id="band-outline"]')[0]['d'] ?? '');
        self::assertStringContainsString('A133.3333 133.3333 ', $outline);
        self::assertStringContainsString('A193.3333 193.3333 ', $outline);
        self::assertCount(12, $svg->xpath('//*[@class="repeat-centre"]') ?: []);
        $this->get($at('none', 12))->assertNotFound();
        $chosen = route('pieces.marks', [$piece, 'mark' => $lines]);
        foreach ([2, 97, 'many'] as $parts) {
            $this->from($chosen)->get($at($lines, $parts))
                ->assertSessionHasErrors("template.$lines");
            $page = $this->get($chosen);
            $page->assertSeeText("Centre lines is “{$parts}”; it takes");
            $parts === 'many' || $page->assertSeeText('it takes a number from 3 to 96.');
        }
        // Where its edges stand, over the table and across.
        $this->get($chosen)->assertOk()
            ->assertSeeText('⌀ 160.0 mm')->assertSeeText('0.0 mm up')
            ->assertSeeText('⌀ 232.0 mm')->assertSeeText('48.0 mm up');
    }

    public function test_the_calendar_carries_steps_dates_and_alarms_at_a_private_address(): void
    {
        $piece = $this->bowl(
            [
                'coats' => [
                    [
                        'zones' => ['outside', 'inside', 'rim'],
                        'layers' => [
                            ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => null],
                            ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => null],
                        ],
                        'buff' => false,
                    ],
                ],
            ],
        );
        $this->work(
            $piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean', 'l1',
        );
        $address = route('calendar.subscription', $this->wren->refresh()->calendar_token);
        auth()->logout();
        $calendar = Reader::read(
            (string) $this->get($address)->assertOk()->assertHeader(
                'Content-Type', 'text/calendar; charset=utf-8',
            )->getContent(),
        );
        self::assertSame([], $calendar->validate());
        $events = $calendar->select('VEVENT');
        self::assertContains('Due: Ebb bowl', array_map(fn ($event): string => (string) $event->SUMMARY, $events));
        $alarmed = array_values(array_filter($events, fn ($event): bool => isset($event->VALARM)));
        self::assertCount(1, $alarmed);
        self::assertStringContainsString('coat 2 of 2', (string) $alarmed[0]->SUMMARY);
        // Said as the reader's clock has it, and told apart from the state before.
        self::assertMatchesRegularExpression(
            '/The window closes [A-Z][a-z]{2} \d+ Dec \d\d:\d\d\./', (string) $alarmed[0]->DESCRIPTION,
        );
        foreach ($events as $event) {
            self::assertSame((string) $this->shop->refresh()->planned_version, (string) $event->SEQUENCE);
            self::assertNotSame('', (string) $event->{'LAST-MODIFIED'});
            self::assertSame(route('pieces.route', $piece), (string) $event->URL);
        }
        $this->get('/calendar/'.str_repeat('x', 48).'.ics')->assertNotFound();
        $this->actingAs($this->wren)->post('/shop/calendar');
        $this->get($address)->assertNotFound();
    }

    public function test_a_window_that_a_coming_coat_will_open_rings_too_and_a_timed_wipe_as_it_opens(): void
    {
        $this->shop->update(['time_zone' => 'America/New_York']);
        $this->bowl(['coats' => [[
            'zones' => ['outside', 'inside', 'rim'], 'buff' => false,
            'layers' => [['product' => 'Pure tung oil', 'denib' => null]],
        ]]]);
        $calendar = Reader::read((string) $this->get('/calendar.ics')->assertOk()->getContent());
        $wipes = array_values(array_filter($calendar->select('VEVENT'), fn ($event): bool => str_contains(
            (string) $event->SUMMARY, 'Wipe every trace',
        )));
        self::assertNotSame([], $wipes);
        $closes = new \DateTimeImmutable((string) $wipes[0]->VALARM->TRIGGER, new \DateTimeZone('UTC'));
        self::assertEquals($wipes[0]->DTSTART->getDateTime()->getTimestamp(), $closes->getTimestamp());
        self::assertStringNotContainsString('Z.', (string) $wipes[0]->DESCRIPTION);
        $there = $wipes[0]->DTSTART->getDateTime()->setTimezone(new \DateTimeZone('America/New_York'));
        self::assertStringContainsString($there->format('D j M'), (string) $wipes[0]->DESCRIPTION);
    }

    #[DataProvider('moments')]
    public function test_the_demo_workshop_is_alive_at_any_hour(string $moment): void
    {
        Carbon::setTestNow($moment);
        app(DemoWorkshop::class)->run();
        $demo = Workshop::query()->where('is_demo', true)->firstOrFail();
        self::assertGreaterThanOrEqual(9, $demo->pieces()->count());
        self::assertGreaterThanOrEqual(8, $demo->pieces()->distinct()->count('wood'));
        self::assertSame(1, $demo->pieces()->where('state', 'done')->count());
        self::assertTrue($demo->pieces()->whereNotNull('late')->where('name', 'Christening bowl')->exists());
        $dayEnd = now($demo->time_zone)->endOfDay()->utc();
        self::assertTrue(
            $demo->plannedSteps()->where('state', 'open')->whereBetween(
                'closes_at', [now()->subDay(), $dayEnd],
            )->exists(),
        );
        self::assertTrue($demo->plannedSteps()->where('is_next', true)->where('opens_at', '>', now())->exists());
        self::assertTrue($demo->logEntries()->where('happened_at', '<', now()->subWeeks(3))->exists());
        self::assertFalse($demo->logEntries()->where('happened_at', '>', now())->exists());
        $this->post('/sign-out');
        $this->post('/demo')->assertRedirect('/bench');
        foreach (['/bench', '/pieces', '/weeks', '/shelf', '/shop'] as $page) {
            $this->get($page)->assertOk();
        }
    }

    /** @return list<array{string}> */
    public static function moments(): array
    {
        return [['2026-12-01 09:00:00'], ['2027-06-13 03:20:00'], ['2027-03-28 00:30:00'], ['2026-12-24 22:50:00']];
    }

    private function import(string $content): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            '/pieces/import', ['file' => UploadedFile::fake()->createWithContent('piece.json', $content)],
        );
    }
}
