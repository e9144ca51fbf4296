<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Purpose;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Behind;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Promised;
use HonestGrain\Route\Remaining;
use HonestGrain\Route\Route;
use HonestGrain\Route\Shop;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\WorkingHours;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever is asked of a piece, its route keeps the order of the craft and can be planned. */
final class RouteOrderTest extends TestCase
{
    private static Catalogue $catalogue;

    public static function setUpBeforeClass(): void
    {
        self::$catalogue = Catalogue::shipped();
    }

    #[DataProvider('seeds')]
    public function test_any_piece_is_sanded_marked_coated_and_footed_in_that_order(int $seed): void
    {
        mt_srand($seed);
        [$piece, $route] = $this->anyPiece();
        $position = [];
        foreach ($route->steps as $i => $step) {
            self::assertArrayNotHasKey($step->id, $position, 'every step has a name of its own');
            $position[$step->id] = $i;
            self::assertNotSame('', Told::of($step->words->title));
            self::assertNotSame('', Told::of($step->words->because));
            self::assertGreaterThanOrEqual(0.0, $step->timing->minutes);
            foreach ($step->timing->after as $lag) {
                self::assertArrayHasKey($lag->task, $position, "$step->id waits for what comes before it");
            }
        }
        self::assertSame(count($route->steps) - 1, $position['body/weigh']);
        $zones = fn (Step $step): array => $step->work->zones();
        foreach ($route->steps as $coat) {
            foreach ($coat->kind === StepKind::Coat ? $zones($coat) : [] as $face) {
                $sand = $position["body.$face/sand"] ?? -1;
                self::assertLessThan($position[$coat->id], $sand, 'sanded before it is coated');
                foreach ($piece->body()->marksOn(Face::from($face)) as $mark) {
                    self::assertLessThan($position[$coat->id], $position[$mark->id()], 'and marked');
                    self::assertGreaterThan($sand, $position[$mark->id()], 'and sanded before it is marked');
                }
            }
        }
        foreach ($piece->body()->marks as $one) {
            foreach ($piece->body()->marks as $other) {
                if ($one->overlaps($other) && $one->rank() < $other->rank()) {
                    self::assertLessThan($position[$other->id()], $position[$one->id()], 'by the craft');
                }
            }
        }
        $this->sitsRight($route);
    }

    /** Nothing is held by wood that is gone, and no mount changes without a step that says so. */
    private function sitsRight(Route $route): void
    {
        $sits = null;
        $isOff = false;
        foreach ($route->steps as $step) {
            if ($step->setup->mount?->spins() === true && $step->setup->mount !== $sits) {
                self::assertContains($step->work->technique, ['mount', 'reverse'], "$step->id: it is mounted first");
                $sits = $step->setup->mount;
            }
            if ($step->setup->mount?->spins() !== true) {
                $sits = null;
            }
            if ($isOff) {
                self::assertDoesNotMatchRegularExpression(
                    '/still on|in the chuck|bare foot|waste end/', Told::of($step->setup->hold),
                );
                self::assertNotSame('tenon', $step->setup->mount?->value);
            }
            $isOff = $isOff || $step->work->technique === 'part-off';
        }
    }

    #[DataProvider('seeds')]
    public function test_every_coat_says_how_much_and_every_danger_stands_at_its_step(int $seed): void
    {
        mt_srand($seed);
        [, $route] = $this->anyPiece();
        foreach ($route->steps as $step) {
            if ($step->kind === StepKind::Coat) {
                $coating = self::$catalogue->coatings()->coating((string) $step->work->supplies->product);
                self::assertSame($coating->unit, $step->work->supplies->amount?->unit);
                self::assertGreaterThan(0.0, $step->work->supplies->amount?->value);
                self::assertGreaterThan(0.0, $step->timing->minutes);
                foreach (Hazard::ofProduct($coating->hazards) as $hazard) {
                    self::assertContains($hazard, $step->setup->hazards, $coating->class);
                }
                self::assertSame($coating->isSprayed(), isset($step->setup->needs['spray-corner']));
            }
            if ($step->kind === StepKind::Sand) {
                self::assertNotSame(
                    [],
                    array_intersect(
                        ['dust', 'oily-wood-dust'],
                        array_map(fn (Hazard $hazard): string => $hazard->value, $step->setup->hazards),
                    ),
                );
                self::assertSame($step->setup->mount?->spins(), ($step->setup->rpm ?? 0) > 0);
                self::assertSame($step->setup->mount->spins(), isset($step->setup->needs['lathe']));
            }
            if (str_contains(Told::of($step->words->title), 'Scorch')) {
                self::assertSame([Hazard::Flame, Hazard::Torch, Hazard::BurntFumes], $step->setup->hazards);
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_it_can_be_planned_and_every_wait_is_kept_in_the_shops_air(int $seed): void
    {
        mt_srand($seed);
        [, $route] = $this->anyPiece();
        $clock = Drawn::clock(DayNightClimate::of(19, 52, 15, 60, 8, 18, new \DateTimeZone('UTC')));
        $job = Remaining::of(new Promised('1', 'Any piece'), $route, new Behind, $clock, 100);
        $hours = WorkingHours::read(
            Document::of(
                [
                    'hours' => array_fill_keys(
                        ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'], [['08:00', '12:00'], ['13:00', '18:00']],
                    ),
                ],
            ),
        );
        $plan = (new TaskSearch(20_000))->plan(
            Problem::of(
                (int) strtotime('2026-12-01T08:00:00Z'), $hours, Shop::resources(0),
                [$job], $clock,
            ),
        );
        self::assertCount(count($route->steps), $plan->tasks);
        $end = [];
        foreach ($plan->tasks as $placed) {
            $end[$placed->task->id] = $placed->end;
        }
        foreach ($plan->tasks as $placed) {
            foreach ($placed->task->after as $lag) {
                self::assertGreaterThanOrEqual(
                    $lag->wait->opens($end[$lag->task], $clock), $placed->start, $placed->task->id,
                );
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_work_done_is_never_planned_again_and_the_rest_stays_whole(int $seed): void
    {
        mt_srand($seed);
        [, $route] = $this->anyPiece();
        $steps = array_map(fn (Step $step): string => $step->id, $route->steps);
        $count = mt_rand(1, count($steps) - 1);
        $done = $skipped = [];
        foreach (array_slice($steps, 0, $count) as $i => $id) {
            if (mt_rand(0, 4) === 0) {
                $skipped[$id] = true;
            } else {
                $done[$id] = 1_796_000_000 + 3600 * $i;
            }
        }
        $clock = Drawn::clock(DayNightClimate::of(19, 52, 15, 60, 8, 18, new \DateTimeZone('UTC')));
        $job = Remaining::of(new Promised('1', 'Any piece'), $route, new Behind($done, $skipped), $clock, 100);
        $left = array_map(fn ($task): string => $task->id, $job->tasks);
        self::assertSame(array_values(array_diff($steps, array_keys($done), array_keys($skipped))), $left);
        foreach ($job->tasks as $task) {
            foreach ($task->after as $lag) {
                self::assertContains($lag->task, $left);
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(51, 74) as $seed) {
            yield "piece $seed" => [$seed];
        }
    }

    #[DataProvider('holdings')]
    public function test_a_piece_is_held_in_words_that_suit_it(Holding $holding, string $mounted, string $foot): void
    {
        $route = $this->route(
            [
                'holding' => $holding->value,
                'coats' => [
                    [
                        'zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Oil-varnish blend']],
                        'buff' => true, 'buff_with' => 'hand',
                    ],
                ],
            ],
        );
        foreach ($route->steps as $step) {
            if ($step->kind === StepKind::Sand && $step->work->faces === [Face::Outside]) {
                self::assertStringStartsWith($mounted, Told::of($step->setup->hold));
            }
        }
        $at = array_search(
            $foot, array_map(fn (Step $step): string => Told::of($step->words->title), $route->steps), true,
        );
        self::assertIsInt($at);
        foreach (array_slice($route->steps, $at + 1) as $later) {
            self::assertDoesNotMatchRegularExpression(
                '/tenon still on|in the chuck|on its bare foot|waste end/', Told::of($later->setup->hold),
                "$later->id: it is off by then",
            );
        }
    }

    public function test_a_handle_is_not_told_to_dish_its_foot(): void
    {
        $handle = [
            'form' => 'spindle',
            'shape' => ['outer' => [[0, 12, 'corner'], [60, 20], [200, 10, 'corner']], 'inner' => null],
        ];
        foreach ($this->route($handle)->steps as $step) {
            self::assertDoesNotMatchRegularExpression(
                '/[Dd]ish|inside/', Told::all([$step->words->title, $step->words->because, ...$step->words->how]),
            );
        }
    }

    public function test_an_end_parted_off_is_not_polished_on_the_lathe(): void
    {
        $polished = fn (string $holding, string ...$products): array => array_values(array_filter(array_map(
            fn (Step $step): ?string => ($step->work->faces[0] ?? null) === Face::Foot
                ? $step->work->supplies->product : null,
            $this->route(['form' => 'spindle', 'holding' => $holding, 'shape' => [
                'outer' => [[0, 12, 'corner'], [60, 20], [200, 10, 'corner']], 'inner' => null,
            ], 'coats' => [
                [
                    'zones' => ['outside'],
                    'layers' => array_map(fn (string $product): array => ['product' => $product], $products),
                    'buff' => false,
                ],
            ]])->steps,
        )));
        $polish = 'Friction polish (shellac oil alcohol)';
        self::assertSame([$polish], $polished('tenon', $polish));
        self::assertSame([], $polished('between-centres', $polish));
        self::assertSame(
            ['Cellulose sanding sealer'], $polished('between-centres', 'Cellulose sanding sealer', $polish),
        );
    }

    /** @return iterable<string, array{Holding, string, string}> */
    public static function holdings(): iterable
    {
        yield 'tenon' => [Holding::Tenon, 'in the chuck', 'Take off the tenon and dish the foot'];
        yield 'recess' => [Holding::Recess, 'in the chuck', 'Turn it round in wide padded jaws'];
        yield 'between centres' => [
            Holding::BetweenCentres, 'between centres', 'Part off the waste ends',
        ];
    }

    /** @return array{Piece, Route} */
    private function anyPiece(): array
    {
        $form = Form::cases()[mt_rand(0, 7)];
        $profile = $form->profile(...array_values($form->sizes()));
        $zones = $profile->inner === null ? ['outside', 'top'] : ['outside', 'inside', 'rim'];
        $marks = [];
        for ($i = 0, $count = mt_rand(0, 5); $i < $count; $i++) {
            $kind = ['v-groove', 'flutes', 'spun-texture', 'scorch', 'pen-pattern', 'dye'][mt_rand(0, 5)];
            $from = mt_rand(0, (int) ($profile->outer->lengthMm() / 2));
            $marks[] = [
                'id' => "m$i", 'kind' => $kind, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $from + mt_rand(2, 20),
            ]
                + ($kind === 'dye' ? [
                    'product' => array_keys(self::$catalogue->coatings()->stains())[mt_rand(0, 9)],
                ] : []);
        }
        $coats = [];
        foreach (mt_rand(0, 2) === 0 ? [$zones] : array_map(fn (string $zone): array => [$zone], $zones) as $some) {
            $layers = self::$catalogue->stacks()[mt_rand(0, count(self::$catalogue->stacks()) - 1)]->layers;
            $coats[] = [
                'zones' => $some, 'layers' => array_slice($layers, 0, mt_rand(1, count($layers))),
                'buff' => mt_rand(0, 1) === 1,
            ];
        }
        $document = [
            'form' => $form->value, 'grain' => $form->grain()
                ->value, 'shape' => $profile->toArray(), 'marks' => $marks, 'coats' => $coats,
            'wood' => self::$catalogue->woods()->names()[mt_rand(0, count(self::$catalogue->woods()->names()) - 1)],
            'purpose' => Purpose::cases()[mt_rand(0, 2)]->value,
            'holding' => $form === Form::Spindle ? 'between-centres' : ['tenon', 'recess'][mt_rand(0, 1)],
            'surface' => ['tool_mark_um' => mt_rand(20, 250)],
        ];

        return [$this->piece($document), $this->route($document)];
    }

    /** @param  array<string, mixed>  $more */
    private function piece(array $more): Piece
    {
        return Piece::read(Document::of(OnePart::document($more + [
            'name' => 'Any piece', 'form' => 'shallow-bowl',
            'wood' => 'Ash (white)', 'grain' => 'side',
            'shape' => Form::ShallowBowl->profile(...array_values(Form::ShallowBowl->sizes()))->toArray(),
        ])), Tables::of(self::$catalogue));
    }

    /** @param  array<string, mixed>  $more */
    private function route(array $more): Route
    {
        return Route::of($this->piece($more), Bench::usual(self::$catalogue), Tables::of(self::$catalogue));
    }
}
