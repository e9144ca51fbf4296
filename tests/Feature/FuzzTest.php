<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Route;

/**
 * Requests over every address and form, and documents, each a sound one with something wrong in it: none may break the
 * program however it is asked. Bounded and seeded, so that a failure comes back; `bin/bench hostile` asks for more.
 */
final class FuzzTest extends FeatureTestCase
{
    private const REQUESTS = 1500;

    private const DOCUMENTS = 500;

    private const NASTY = [
        '', ' ', '0', '-1', '1e999', '1e300', 1e300, -1e300, 7, '9999999999999999999', '0x1f', 'NaN',
        '1/2', '١٢', "\xFF\xFE", "a\x00b", "\x07",
        '<script>alert(1)</script>',
        '"; drop table pieces; --', '../../etc/passwd', '%00', '2026-02-31', '0001-01-01', '9999-12-31',
        '0001-01-01T00:00', '2099-01-01T10:00',
        'null', '[]', '{}', '{"outer":[[0,10],[1,2]],"inner":null}', 'P120', '120', 'Ketchup', '💧', 'ｗ', 'á',
    ];

    public function test_no_request_breaks_the_program(): void
    {
        $this->withoutMiddleware([ThrottleRequests::class, ValidateCsrfToken::class]);
        mt_srand(self::set('HOSTILE_SEED', 20261125));
        $this->bowl();
        $theirs = $this->bowl([], $this->makeShop('Heron Wharf', 'nell@example.test'));
        $routes = array_values(
            array_filter(
                iterator_to_array(Route::getRoutes()),
                fn ($route): bool => ! in_array($route->uri(), ['up', 'empty', 'demo', 'sign-out'], true),
            ),
        );
        for ($n = self::set('HOSTILE_REQUESTS', self::REQUESTS); $n > 0; $n--) {
            $route = $routes[mt_rand(0, count($routes) - 1)];
            $method = $route->methods()[0];
            $path = $this->path($route->uri(), $theirs->id);
            $typed = $this->spoilt($this->soundForm($route->getName() ?? $route->uri()));
            $response = match (true) {
                $method === 'GET' => $this->get('/'.$path.(mt_rand(0, 1) === 1 ? '?'.http_build_query($typed) : '')),
                mt_rand(0, 9) === 0 => $this->json(
                    $method, '/'.$path,
                    array_filter(
                        $typed, fn ($value): bool => ! is_string($value) || mb_check_encoding($value, 'UTF-8'),
                    ),
                ),
                default => $this->from('/bench')->call($method, '/'.$path, $typed),
            };
            $what = "$method /$path ".substr(serialize($typed), 0, 600);
            self::assertLessThan(500, $response->getStatusCode(), "$n: $what");
            if (auth()->guest()) {
                $this->actingAs($this->shop->users()->firstOrFail());
            }
        }
        foreach (['/bench', '/pieces', '/weeks', '/shelf', '/shop', '/log'] as $page) {
            $this->get($page)->assertOk();
        }
        self::assertSame(1, $theirs->workshop->pieces()->count(), 'nobody else\'s pieces were touched');
    }

    public function test_no_document_breaks_the_program(): void
    {
        $this->withoutMiddleware([ThrottleRequests::class, ValidateCsrfToken::class]);
        mt_srand(self::set('HOSTILE_SEED', 20261125));
        $piece = $this->bowl();
        $sound = json_decode((string) $this->get("/pieces/$piece->id/piece.json")->assertOk()->getContent(), true);
        $taken = 0;
        for ($n = self::set('HOSTILE_DOCUMENTS', self::DOCUMENTS); $n > 0; $n--) {
            $document = $sound;
            for ($i = mt_rand(1, 3); $i > 0; $i--) {
                $document = $this->hurt($document);
            }
            $text = (string) json_encode($document, JSON_INVALID_UTF8_IGNORE | JSON_PARTIAL_OUTPUT_ON_ERROR);
            $text = mt_rand(0, 11) === 0 ? substr($text, 0, mt_rand(0, strlen($text))) : $text;
            $file = UploadedFile::fake()->createWithContent('piece.json', $text);
            $response = $this->from('/pieces')->post('/pieces/import', ['file' => $file]);
            self::assertSame(302, $response->getStatusCode(), "$n: ".substr($text, 0, 2000));
            $taken += session('errors') === null ? 1 : 0;
            self::assertTrue(session('errors') === null || session('errors')->any(), "$n: a refusal says why");
            $this->app['session']->forget('errors');
        }
        self::assertGreaterThan(0, $taken, 'some are only changed, and are taken');
        $this->get('/pieces')->assertOk();
        $this->get('/bench')->assertOk();
        foreach ($this->shop->pieces()->latest('id')->limit(20)->get() as $one) {
            $this->get("/pieces/$one->id/route")->assertOk();
        }
    }

    /** One place of a document holds something else, is gone, or stands there twice. */
    private function hurt(mixed $in): mixed
    {
        if (! is_array($in) || $in === [] || mt_rand(0, 9) === 0) {
            $number = is_numeric($in) ? $in * [0, -1, 1e9, 1e-9, 1.0001, 7][mt_rand(0, 5)] : null;

            return $number !== null && mt_rand(0, 1) === 1 ? $number
                : [null, true, [], ['a' => 1], ...self::NASTY][mt_rand(0, 3 + count(self::NASTY))];
        }
        $key = array_rand($in);
        if (mt_rand(0, 11) === 0) {
            unset($in[$key]);
        } elseif (mt_rand(0, 15) === 0) {
            $in[array_is_list($in) ? count($in) : "$key-too"] = $in[$key];
        } else {
            $in[$key] = $this->hurt($in[$key]);
        }

        return $in;
    }

    private static function set(string $name, int $usual): int
    {
        return (int) (getenv($name) ?: $usual);
    }

    private function path(string $uri, int $theirs): string
    {
        return (string) preg_replace_callback('/\{(\w+)\??\}/', function (array $m) use ($theirs): string {
            $own = match ($m[1]) {
                'piece' => $this->shop->pieces()->inRandomOrder(mt_rand(1, 99))->value('id'),
                'step' => $this->shop->plannedSteps()->inRandomOrder(mt_rand(1, 99))->value('id'),
                'entry' => $this->shop->logEntries()->value('id'),
                'abrasive' => $this->shop->abrasives()->inRandomOrder(mt_rand(1, 99))->value('id'),
                'person' => $this->wren->id,
                'mark' => 'dye-1',
                default => str_repeat('x', 48),
            };

            return rawurlencode((string) match (mt_rand(0, 14)) {
                0 => '99999999999999999999', 1 => $theirs, 2 => '-1', 3 => 'x', default => $own ?? '1',
            });
        }, $uri);
    }

    /** @return array<string, mixed> a form that would be taken, or most of one */
    private function soundForm(string $name): array
    {
        $version = (string) ($this->shop->pieces()->value('version') ?? 1);
        $body = $this->shop->pieces()->first()?->document->fields()['parts'][0] ?? [];
        $shape = json_encode($body['shape'] ?? null);
        $coats = $body['coats'][0] ?? [];

        return match ($name) {
            'pieces.store' => [
                'form' => 'vase', 'diameter' => '110', 'height' => '210', 'foot' => '70', 'wall' => '7',
                'wood' => 'Ash (white)', 'grain' => 'end', 'moisture' => '9', 'name' => 'Gorse vase',
                'purpose' => 'handled', 'due' => '2026-12-18',
            ],
            'pieces.update' => [
                'version' => $version, 'name' => 'Ebb bowl', 'wood' => 'Ash (white)', 'grain' => 'side',
                'moisture' => '9', 'purpose' => 'food', 'holding' => 'tenon', 'due' => '2026-12-18', 'note' => 'x',
            ],
            'pieces.shape', 'pieces/{piece}/shape' => ['version' => $version, 'shape' => $shape],
            'pieces.surface', 'pieces/{piece}/surface' => [
                'version' => $version, 'tool_mark_um' => ['outside' => '80'], 'own' => ['outside' => 'P80, P120'],
            ],
            'pieces.marks', 'pieces/{piece}/marks', 'pieces.marks.update' => [
                'version' => $version, 'technique' => 'dye', 'on' => 'outer', 'from' => '60', 'to' => '80',
                'minutes' => '5',
                'wait_hours' => '1', 'product' => 'Alcohol dye (powder)', 'colour' => '#2e4d63', 'note' => 'x',
                'name' => 'Tide', 'set' => ['strength' => '0.8', 'way' => 'wiped'],
            ],
            'dyes.store' => [
                'dye_name' => 'Slate', 'product' => 'Water dye (powder)', 'rgb' => '#12222d', 'stock' => '20',
                'price' => '0.4',
            ],
            'swatches.store' => [
                'swatch_name' => 'Lagoon', 'wood' => 'Ash (white)', 'made_on' => '2026-11-20',
                'layer_product' => ['Water dye (powder)'], 'layer_rgb' => ['#1d6b86'], 'layer_strength' => ['0.6'],
                'layer_sanded' => ['0'],
            ],
            'pieces.marks.together' => [
                'version' => $version, 'marks' => ['x'], 'together' => 'copy', 'by' => '5',
            ],
            'pieces.marks.destroy', 'pieces.undo', 'pieces.redo' => ['version' => $version],
            'pieces.coats', 'pieces/{piece}/coats' => [
                'version' => $version,
                'do' => ['stack', 'add', 'remove', 'up', 'denib', 'buff', 'unplan'][mt_rand(0, 6)],
                'plan' => $coats['id'] ?? '', 'coat' => $coats['layers'][1]['id'] ?? '',
                'product' => 'Paste wax', 'denib' => 'pad', 'buff' => 'hand', 'stack' => 'hard-wax-oil',
                'zones' => ['outside', 'rim'],
            ],
            'steps.done' => ['at' => '2026-12-01T09:00', 'minutes' => '5'],
            'steps.skip' => ['reason' => 'x'],
            'steps.note', 'steps.wrong', 'log', 'pieces/{piece}/record' => ['body' => 'x', 'weight' => '300'],
            'cautions' => ['hazard' => 'rags'],
            'shop.update' => [
                'name' => 'Bramble Slip', 'time_zone' => 'UTC',
                'hours' => ['mon' => '08:00-12:00', 'tue' => '08:00-17:00'], 'closed' => '2026-12-25', 'day_c' => '20',
                'night_c' => '15', 'day_rh' => '50', 'night_rh' => '60', 'day_from' => '8', 'day_to' => '18',
                'sanding_cap_m_s' => '5', 'min_wall_mm' => '3',
            ],
            'preferences' => [
                'units' => ['metric', 'imperial'][mt_rand(0, 1)], 'grits' => 'P', 'clock' => '24', 'theme' => 'paper',
                'own_time_zone' => 'UTC',
            ],
            'password' => [
                'current_password' => 'x', 'password' => 'heron-on-the-wharf',
                'password_confirmation' => 'heron-on-the-wharf',
            ],
            'people.store' => [
                'person_name' => 'Idris', 'person_email' => 'idris'.mt_rand(1, 9999).'@example.test',
                'person_role' => ['maker', 'reader'][mt_rand(0, 1)],
            ],
            'abrasives.store', 'abrasives.update' => ['grit' => 'P220', 'discs' => '4'],
            'tins.update', 'tins.edit' => [
                'product' => 'Hard-wax oil', 'label' => ['recoat_from_h' => '12', 'min_c' => '8'], 'stock_ml' => '300',
                'opened_on' => '2026-11-01', 'note' => 'x',
            ],
            'pieces.index' => ['q' => 'Ebb', 'state' => 'working', 'page' => '2'],
            'weeks' => ['days' => '14', 'page' => '1'],
            default => ['body' => 'x', 'email' => 'a@b.example', 'page' => '1'],
        };
    }

    /**
     * @param  array<string, mixed>  $form
     * @return array<string, mixed> the same with one to three things wrong
     */
    private function spoilt(array $form): array
    {
        $keys = array_keys($form);
        for ($i = mt_rand(0, 3); $i > 0 && $keys !== []; $i--) {
            $key = $keys[mt_rand(0, count($keys) - 1)];
            $nasty = self::NASTY[mt_rand(0, count(self::NASTY) - 1)];
            $form[$key] = match (mt_rand(0, 5)) {
                0 => [$nasty], 1 => ['a' => ['b' => $nasty]], 2 => str_repeat('x', mt_rand(100, 3000)),
                default => $nasty,
            };
            if (mt_rand(0, 4) === 0) {
                unset($form[$key]);
            }
        }

        return $form;
    }
}
