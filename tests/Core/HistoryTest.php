<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What is logged under an id goes on meaning the same, whatever is done to the plan afterwards, and a document reads
 * the same whatever its version and whatever order its lists stand in.
 */
final class HistoryTest extends TestCase
{
    use TestTrait;

    private const TRIES = 40;

    /** Reasons that one field alone gives, which a schema can say: not names, shapes, or what other fields say. */
    private const OF_ONE_FIELD = ['missing', 'type', 'too-many', 'out-of-range', 'malformed'];

    private const EDITS = [
        'leave a layer out', 'put a layer first', 'leave a mark out', 'draw a mark', 'turn the marks round',
        'turn the plans round', 'leave a plan out', 'leave the flaw out', 'cut the other wood', 'leave a face unsanded',
        'move a mark', 'buff', 'a step of one’s own', 'leave the lid out',
    ];

    public function test_any_edit_leaves_what_was_logged_meaning_the_same(): void
    {
        $this->limitTo(self::TRIES)->forAll(
            Generators::vector(5, Generators::elements(...self::EDITS)), Generators::choose(0, 1000),
        )->then(function (array $edits, int $pick): void {
            $document = self::rich();
            $was = self::meanings(self::route($document));
            foreach ($edits as $n => $edit) {
                $document = self::edited($document, $edit, $pick + $n);
                $is = self::meanings(self::route($document));
                foreach (array_intersect_key($is, $was) as $id => $meaning) {
                    self::assertSame($was[$id], $meaning, "$id after: ".implode(', ', array_slice($edits, 0, $n + 1)));
                }
                $was += $is;
            }
        });
    }

    public function test_what_is_taken_out_takes_all_of_its_steps_and_no_others(): void
    {
        $document = self::rich();
        $all = self::route($document)->steps;
        $document['parts'][0]['coats'][0]['layers'] = array_values(array_filter(
            $document['parts'][0]['coats'][0]['layers'], fn (array $layer): bool => $layer['id'] !== 'second',
        ));
        $gone = array_diff(self::ids($all), self::ids(self::route($document)->steps));
        self::assertNotSame([], $gone);
        foreach ($gone as $id) {
            self::assertStringStartsWith('second', $id);
        }
    }

    public function test_conflict_ids_are_route_ids(): void
    {
        $this->limitTo(self::TRIES)->forAll(
            Generators::vector(4, Generators::elements(...self::EDITS, ...['forbid', 'wet wood', 'close a mouth'])),
            Generators::choose(0, 1000),
        )->then(function (array $edits, int $pick): void {
            $document = self::rich();
            foreach ([...$edits, 'forbid'] as $n => $edit) {
                $document = self::edited($document, $edit, $pick + $n);
            }
            $route = self::route($document);
            self::assertNotSame([], $route->conflicts);
            foreach ($route->conflicts as $conflict) {
                self::assertSame(
                    [], array_diff($conflict->steps, self::ids($route->steps)), Told::of($conflict->message),
                );
                self::assertNotSame([], $conflict->steps, Told::of($conflict->message));
            }
        });
    }

    public function test_lists_in_another_order_give_the_same_route(): void
    {
        $this->limitTo(self::TRIES)->forAll(Generators::choose(0, 100000))->then(function (int $seed): void {
            mt_srand($seed);
            $document = self::rich();
            $straight = self::route($document)->toArray();
            foreach (['marks', 'coats', 'features'] as $list) {
                shuffle($document['parts'][0][$list]);
            }
            shuffle($document['joints']);
            self::assertEquals($straight, self::route($document)->toArray());
        });
    }

    public function test_schema_and_reader_agree_on_random_documents(): void
    {
        $sound = [
            self::rich(), Drawn::written(self::started(Form::LiddedBox)), Drawn::written(self::started(Form::Mill)),
            Drawn::written(self::started(Form::Scoop)),
        ];
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../docs/formats/piece.schema.json'));
        $validator = new \Opis\JsonSchema\Validator;
        $both = ['taken' => 0, 'refused' => 0];
        $this->limitTo(500)->forAll(Generators::choose(0, 1_000_000))->then(
            function (int $seed) use ($sound, $schema, $validator, &$both): void {
                mt_srand($seed);
                $json = (string) json_encode($seed % 10 === 0 ? $sound[$seed % 4] : self::spoilt($sound[$seed % 4]));
                $isValid = $validator->validate(json_decode($json), $schema)->isValid();
                $refusal = self::refusal($json);
                if ($isValid) {
                    self::assertNotContains(
                        $refusal?->reason, self::OF_ONE_FIELD,
                        "$json\n".$refusal?->getMessage(),
                    );
                } else {
                    self::assertNotNull($refusal, "The reader takes what the schema refuses: $json");
                }
                $both[$refusal === null ? 'taken' : 'refused']++;
            },
        );
        self::assertGreaterThan(50, $both['taken']);
        self::assertGreaterThan(200, $both['refused']);
    }

    public function test_another_version_is_refused_in_words(): void
    {
        foreach ([1 => 'version 1 was never released', 3 => 'this release reads version 2'] as $version => $says) {
            try {
                Piece::read(Document::of(['version' => $version] + self::rich()), Drawn::tables());
                self::fail("Version $version was read.");
            } catch (InvalidField $e) {
                self::assertSame('version', $e->field);
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }

    public function test_colours_laid_over_each_other_keep_their_order(): void
    {
        $dye = fn (string $id, string $colour): array => [
            'id' => $id, 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 60,
            'product' => 'Water dye (powder)', 'colour' => $colour,
        ];
        foreach ([['a-dark', 'z-light'], ['z-light', 'a-dark']] as [$first, $then]) {
            $document = OnePart::document([
                'name' => 'Box', 'form' => 'lidded-box', 'wood' => 'Ash (white)', 'grain' => 'end',
                'shape' => Form::LiddedBox->profile(...array_values(Form::LiddedBox->sizes()))->toArray(),
                'marks' => [$dye($first, '#111111'), $dye($then, '#eeee00')],
            ]);
            $ids = array_flip(self::ids(self::route($document)->steps));
            self::assertLessThan($ids[$then], $ids[$first]);
        }
    }

    public function test_a_step_of_the_makers_own_stands_where_it_is_told_to(): void
    {
        $own = ['id' => 'blessing', 'title' => 'Show it to Aunt Wren', 'minutes' => 20, 'wait_hours' => 48];
        foreach ([
            ['before' => ['first']], ['after' => ['groove'], 'before' => ['tide']], ['after' => ['second']], [],
        ] as $where) {
            $route = self::route(['steps' => [$where + $own]] + self::rich());
            $at = array_flip(self::ids($route->steps));
            foreach ($where['before'] ?? [] as $later) {
                self::assertLessThan($at[$later], $at['blessing'], $later);
            }
            foreach ($where['after'] ?? [] as $earlier) {
                self::assertGreaterThan($at[$earlier], $at['blessing'], $earlier);
            }
            self::assertLessThan($at['body/weigh'], $at['blessing']);
            $step = $route->steps[$at['blessing']];
            self::assertSame(
                [20.0, 48.0, 'own'], [$step->timing->minutes, $step->timing->wait->minHours, $step->work->technique],
            );
            self::assertNull($route->withoutDate());
        }
    }

    public function test_a_wish_for_an_order_is_kept_where_the_craft_leaves_it_open(): void
    {
        $document = self::rich();
        $free = self::ids(self::route($document)->steps);
        self::assertLessThan(array_search('wax', $free, true), array_search('first', $free, true));
        $route = self::route(['order' => [['wax', 'first']]] + $document);
        $turned = self::ids($route->steps);
        self::assertLessThan(array_search('first', $turned, true), array_search('wax', $turned, true));
        self::assertEqualsCanonicalizing($free, $turned);
        self::assertSame([], $route->conflicts);
    }

    public function test_a_wish_against_the_craft_is_said_with_both_ends_and_nothing_is_lost(): void
    {
        $plain = self::route(self::rich());
        $route = self::route(['order' => [['first', 'body.outside/sand']]] + self::rich());
        self::assertEqualsCanonicalizing(self::ids($plain->steps), self::ids($route->steps));
        $new = array_values(array_filter(
            $route->conflicts, fn (Conflict $c): bool => in_array('first', $c->steps, true) && in_array(
                'body.outside/sand', $c->steps, true,
            ),
        ));
        self::assertCount(1, $new);
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('doubled')]
    public function test_an_id_stands_once_and_the_second_place_is_named(callable $change, string $field): void
    {
        $refusal = self::refusal((string) json_encode($change(self::rich())));
        self::assertSame($field, $refusal?->field);
        self::assertStringContainsString('every id stands once', $refusal->getMessage());
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function doubled(): iterable
    {
        yield 'two layers' => [function (array $d): array {
            $d['parts'][0]['coats'][0]['layers'][1]['id'] = 'first';

            return $d;
        }, 'parts.0.coats.0.layers.1.id'];
        yield 'a mark and a flaw of another part' => [function (array $d): array {
            $d['parts'][1]['marks'] = [['id' => 'split'] + $d['parts'][0]['marks'][0]];

            return $d;
        }, 'parts.1.marks.0.id'];
        yield 'a part and a joint' => [function (array $d): array {
            $d['joints'][0]['id'] = 'lid';

            return $d;
        }, 'joints.0.id'];
        yield 'an own step and a layer' => [
            fn (array $d): array => ['steps' => [['id' => 'second', 'title' => 'x']]] + $d, 'steps.0.id',
        ];
    }

    /**
     * What a step that was logged is taken to have been.
     *
     * @return array<string, array{string, string, string|null, list<string>}>
     */
    private static function meanings(Route $route): array
    {
        $meanings = [];
        foreach ($route->steps as $step) {
            $meanings[$step->id] = [
                $step->part, $step->work->technique, self::bare($step) ? $step->work->supplies->product
                    : null, $step->work->of,
            ];
        }

        return $meanings;
    }

    private static function bare(Step $step): bool
    {
        return $step->work->of === [$step->id];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function edited(array $document, string $edit, int $pick): array
    {
        $body = &$document['parts'][0];
        $without = function (array $list, int $k): array {
            unset($list[$k % max(1, count($list))]);

            return array_values($list);
        };
        $plan = $body['coats'] === [] ? null : $pick % count($body['coats']);
        $id = "made-$pick-".count($body['marks']).'-'.count($body['coats'], COUNT_RECURSIVE);
        match (true) {
            $edit === 'leave a layer out' && $plan !== null => $body['coats'][$plan]['layers'] = $without(
                $body['coats'][$plan]['layers'], $pick,
            ),
            $edit === 'put a layer first' && $plan !== null => array_unshift(
                $body['coats'][$plan]['layers'], ['id' => $id, 'product' => 'Dewaxed shellac (2 lb cut)'],
            ),
            $edit === 'leave a mark out' => $body['marks'] = $without($body['marks'], $pick),
            $edit === 'draw a mark' => array_unshift($body['marks'], [
                'id' => $id, 'technique' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 5, 'to_mm' => 9,
            ]),
            $edit === 'turn the marks round' => $body['marks'] = array_reverse($body['marks']),
            $edit === 'turn the plans round' => $body['coats'] = array_reverse($body['coats']),
            $edit === 'leave a plan out' => $body['coats'] = $without($body['coats'], $pick),
            $edit === 'leave the flaw out' => $body['features'] = [],
            $edit === 'cut the other wood' => $body['wood'] = ['Cherry (black)', 'Walnut (black)'][$pick % 2],
            $edit === 'leave a face unsanded' => $body['surface'] = ['unsanded' => [['outside', 'inside'][$pick % 2]]],
            $edit === 'move a mark' && $body['marks'] !== [] => $body['marks'][0]['to_mm'] += 3,
            $edit === 'buff' && $plan !== null => $body['coats'][$plan]['buff'] = true,
            $edit === 'a step of one’s own' && count($document['steps']) < 30 => $document['steps'][] = [
                'id' => "$id-own-".count($document['steps']), 'title' => 'Weigh it', 'minutes' => 2,
            ],
            $edit === 'leave the lid out' => [$document['parts'], $document['joints']] = [[$body], []],
            $edit === 'forbid' => $body['coats'] = [['id' => "$id-plan", 'zones' => ['outside'], 'layers' => [
                ['id' => "$id-a", 'product' => 'Paste wax'], [
                    'id' => "$id-b", 'product' => 'Water-borne acrylic or polyurethane',
                ],
            ]]],
            $edit === 'wet wood' => $body['moisture_percent'] = 30,
            $edit === 'close a mouth' => $body['features'] = [[
                'id' => "$id-flaw", 'kind' => 'crack', 'on' => 'foot', 'from_mm' => 1, 'to_mm' => 8, 'wish' => 'keep',
            ]],
            default => null,
        };

        return $document;
    }

    private static function spoilt(mixed $value): mixed
    {
        if (mt_rand(0, 60) === 0) {
            return [
                null, true, -1, 0, 1, 4.5, 1e9, '', 'x', 'body', 'outside', 'Water dye (powder)', [], ['x'], ['a' => 1],
                '2026-12-01T09:00:00Z', 'P120', str_repeat('a', 300), [[1, 2], [3, 4]],
            ][mt_rand(0, 18)];
        }
        if (! is_array($value)) {
            return is_numeric($value) && mt_rand(0, 40) === 0 ? $value * [-1, 0.001, 3, 1000][mt_rand(0, 3)] : $value;
        }
        $spoilt = array_map(self::spoilt(...), $value);
        if ($spoilt !== [] && mt_rand(0, 80) === 0) {
            unset($spoilt[array_rand($spoilt)]);
        }

        return array_is_list($value) ? array_values($spoilt) : $spoilt;
    }

    private static function refusal(string $json): ?BadInput
    {
        try {
            Piece::read(Document::decode($json), Drawn::tables());

            return null;
        } catch (BadInput $e) {
            return $e;
        }
    }

    /** @return array<string, mixed> a lidded box with all that a document holds */
    private static function rich(): array
    {
        $document = Drawn::written(self::started(Form::LiddedBox));
        $mark = fn (string $id, string $technique, float $from, float $to, array $settings = []): array => [
            'id' => $id, 'technique' => $technique, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $to,
            'settings' => $settings,
        ];
        $document['parts'][0]['marks'] = [
            $mark('groove', 'burnt-line', 12, 14), $mark('char', 'scorch', 30, 40),
            $mark('tide', 'dye', 20, 45, ['product' => 'Water dye (powder)', 'colour' => '#2e4d63']),
        ];
        $document['parts'][0]['features'] = [[
            'id' => 'split', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 5, 'to_mm' => 25, 'width_mm' => 0.5,
            'wish' => 'keep',
        ]];
        $document['parts'][0]['coats'] = [
            ['id' => 'show', 'zones' => ['outside', 'rim'], 'layers' => [
                ['id' => 'first', 'product' => 'Dewaxed shellac (2 lb cut)'],
                ['id' => 'second', 'product' => 'Wiping varnish (oil-based thinned)', 'denib' => 'pad'],
                ['id' => 'third', 'product' => 'Wiping varnish (oil-based thinned)', 'denib' => 'pad'],
            ]],
            ['id' => 'within', 'zones' => ['inside'], 'layers' => [['id' => 'wax', 'product' => 'Paste wax']]],
        ];

        return $document;
    }

    private static function started(Form $form): Piece
    {
        $document = Starter::document(
            Drawn::joints(), $form, $form->profile(...array_values($form->sizes())), Catalogue::shipped()->stacks(),
            ['name' => 'Any piece', 'wood' => 'Ash (white)', 'moisture_percent' => 9.0],
        );

        return Piece::read(Document::of($document), Drawn::tables());
    }

    /** @param  array<string, mixed>  $document */
    private static function route(array $document): Route
    {
        return Route::of(
            Piece::read(Document::of($document), Drawn::tables()), Bench::usual(Catalogue::shipped()), Drawn::tables(),
        );
    }

    /**
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function ids(array $steps): array
    {
        return array_map(fn (Step $step): string => $step->id, $steps);
    }

    /** @return list<string> */
    private static function layerIds(Piece $piece): array
    {
        $ids = [];
        foreach ($piece->body()->coatPlans as $plan) {
            array_push($ids, ...array_column($plan->coats, 'id'));
        }

        return $ids;
    }
}
