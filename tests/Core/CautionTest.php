<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ProductHazard;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Safety\Hazard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** At every step its cautions and its waits, in every conflict the steps it is about: each by name. */
final class CautionTest extends TestCase
{
    private const VARNISH = 'Wiping varnish (oil-based thinned)';

    private const ZONES = ['outside', 'inside', 'rim'];

    /** @param  list<string>  $hazards */
    #[DataProvider('steps')]
    public function test_every_kind_of_step_has_its_own_cautions(string $step, array $hazards): void
    {
        $steps = array_column($this->box()->steps, null, 'id');
        self::assertSame(
            $hazards, array_map(fn (Hazard $hazard): string => $hazard->value, $steps[$step]->setup->hazards),
        );
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function steps(): iterable
    {
        $hazards = [
            'body/mount' => ['lathe', 'before-switch', 'jaws'],
            'body.outside/sand' => ['lathe', 'dust'],
            'body.inside/sand' => ['lathe', 'dust'],
            'body/raise-grain' => [],
            'body/knock-back' => ['dust'],
            'line' => ['lathe', 'hot-wire', 'burnt-fumes'],
            'flute' => ['spinning-cutter', 'dust', 'before-switch'],
            'chatter' => ['lathe', 'dust'],
            'char' => ['flame', 'torch', 'burnt-fumes'],
            'pen' => ['burnt-fumes'],
            'tide' => ['dye-powder'],
            'fit-lid' => ['lathe', 'jaws'],
            'body/wipe-clean' => ['dust'],
            'l1' => ['rags', 'solvent-vapour'],
            'l2/denib' => ['dust'],
            'l2' => ['rags', 'solvent-vapour'],
            'c1/buff' => ['lathe'],
            'body/part-off' => ['lathe', 'dust'],
            'body/sign' => [],
            'body/cure' => ['food-claim'],
            'body/weigh' => [],
        ];
        foreach ($hazards as $step => $of) {
            yield $step => [$step, $of];
        }
    }

    public function test_each_word_of_a_label_is_its_own_caution(): void
    {
        $of = [];
        foreach (ProductHazard::cases() as $word) {
            $of[$word->value] = Hazard::ofProduct([$word])[0]->value;
        }
        self::assertSame([
            'rags' => 'rags', 'vapour' => 'solvent-vapour', 'flame' => 'flame', 'spray' => 'spray-mist',
            'two-part' => 'two-part',
            'ca' => 'cyanoacrylate', 'isocyanate' => 'isocyanate', 'powder' => 'dye-powder', 'caustic' => 'caustic',
            'iron' => 'iron-liquor', 'nut' => 'nut-oil',
        ], $of);
        self::assertSame(
            [Hazard::Rags, Hazard::Torch],
            array_values(array_filter(Hazard::cases(), fn (Hazard $hazard): bool => $hazard->wantsDeliberatePress())),
        );
    }

    /** What a finish must warn of, by what it is: the catalogue's column is held against its other columns. */
    public function test_no_finish_leaves_a_caution_out(): void
    {
        foreach (Catalogue::shipped()->coatings()->coatings() as $coating) {
            $warns = array_map(fn (ProductHazard $hazard): string => $hazard->value, $coating->hazards);
            self::assertSame(
                $coating->ragsSelfHeat && ! $coating->isPolish(), in_array('rags', $warns, true), $coating->class,
            );
            self::assertSame($coating->isSprayed(), in_array('spray', $warns, true), $coating->class);
            $thinned = in_array($coating->solvent->value, ['alcohol', 'lacquer thinner'], true);
            self::assertTrue(
                ! $thinned || in_array('vapour', $warns, true) && in_array('flame', $warns, true), $coating->class,
            );
        }
    }

    public function test_every_step_waits_for_what_must_be_over(): void
    {
        $waits = [];
        foreach ($this->box()->steps as $step) {
            foreach ($step->timing->after as $lag) {
                if ($lag->wait->minHours > 0 || $lag->wait->maxHours !== null) {
                    $waits["$lag->task > $step->id"] = [$lag->wait->minHours, $lag->wait->maxHours];
                }
            }
        }
        self::assertEquals([
            'body/raise-grain > body/knock-back' => [1.0, null],
            'tide > body/wipe-clean' => [6.0, null],
            'char > char/watch' => [1.0, null],
            'char > pen' => [1.0, null],
            'body/raise-grain > fit-lid' => [1.0, null],
            'l1 > l2/denib' => [4.0, null],
            'l1 > l2' => [4.0, 18.0],
            'l2 > body/reverse' => [48.0, null],
            'l2/foot > c1/buff' => [504.0, null],
            'l2 > body/cure' => [720.0, null],
        ], $waits);
        // Where nothing is buffed, the foot waits until the last coat may be pressed on.
        $plain = array_column(
            $this->route(['coats' => [['zones' => self::ZONES, 'layers' => [['product' => self::VARNISH]]]]])->steps,
            null, 'id',
        );
        self::assertSame(
            [48.0], array_map(fn ($lag): float => $lag->wait->minHours, $plain['body/reverse']->timing->after),
        );
        self::assertSame(['min_hours' => 12.0, 'max_hours' => null], $plain['l1']->toArray()['wait']);
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  list<string>  $steps
     */
    #[DataProvider('conflicts')]
    public function test_a_conflict_names_the_very_steps_it_is_about(array $more, string $says, array $steps): void
    {
        $route = $this->route($more);
        $found = array_values(
            array_filter(
                $route->conflicts, fn (Conflict $conflict): bool => str_contains(Told::of($conflict->message), $says),
            ),
        );
        self::assertNotSame(
            [], $found, json_encode(
                array_map(fn (Conflict $c): string => Told::of($c->message), $route->conflicts),
            ) ?: '',
        );
        self::assertSame($steps, $found[0]->steps);
        self::assertSame(
            [], array_diff($steps, array_map(fn (Step $step): string => $step->id, $route->steps)), 'ids of the route',
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string, list<string>}> */
    public static function conflicts(): iterable
    {
        $mark = fn (string $id, string $kind, float $from = 60, float $to = 80, ?string $product = null): array => [
            'id' => $id, 'kind' => $kind, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $to, 'product' => $product,
        ];
        $coats = fn (string ...$products): array => [
            ['zones' => self::ZONES, 'layers' => array_map(fn (string $p): array => ['product' => $p], $products)],
        ];
        yield 'a coat over wax' => [
            ['coats' => $coats('Paste wax', self::VARNISH)], 'nothing sticks over wax', ['l1', 'l2'],
        ];
        yield 'a coat over a colour' => [
            [
                'marks' => [$mark('tide', 'dye', product: 'Alcohol dye (powder)')],
                'coats' => $coats('Dewaxed shellac (2 lb cut)'),
            ],
            'would be dragged about', ['tide', 'l1'],
        ];
        yield 'a colour over a colour' => [
            [
                'marks' => [
                    $mark('low', 'dye', product: 'Water dye (powder)'),
                    $mark('high', 'dye', product: 'Concentrate in water'),
                ],
                'coats' => $coats(self::VARNISH),
            ],
            'wakes the lower one', ['low', 'high'],
        ];
        yield 'a colour that wants tannin' => [
            ['marks' => [$mark('iron', 'dye', product: 'Iron liquor (ebonising)')]], 'needs tannin', ['iron'],
        ];
        yield 'bleach and the pen' => [
            ['marks' => [$mark('pale', 'dye', product: 'Two-part bleach'), $mark('pen', 'pen-pattern')]],
            'Bleach takes burnt lines out', ['pen', 'pale'],
        ];
        yield 'a faulty ladder' => [
            ['surface' => ['own' => ['outside' => ['P80', 'P320']]]], 'size falls by', ['body.outside/sand'],
        ];
        yield 'a shelf that does not reach' => [
            ['surface' => ['abrasives' => ['P80', 'P120']]], 'Missing is a grit', ['body.outside/sand'],
        ];
        yield 'tool marks beyond the coarsest grit' => [
            ['surface' => ['tool_mark_um' => 400]], 'start coarser', ['body.outside/sand'],
        ];
        yield 'two marks in one place' => [
            ['marks' => [$mark('a', 'flutes'), $mark('b', 'scorch', 70, 90)]], 'lie on the same place',
            ['a', 'b'],
        ];
        yield 'a torch on a thin wall' => [
            ['shape' => Form::ShallowBowl->profile(260, 70, 90, 3.5)->toArray(), 'marks' => [$mark('char', 'scorch')]],
            'a torch cracks walls', ['char'],
        ];
        yield 'what is not for food' => [
            ['purpose' => 'food', 'coats' => $coats('Five-minute epoxy')], 'is not for food', ['l1'],
        ];
        $narrow = [
            'outer' => [[0, 40, 'corner'], [60, 60], [120, 30, 'corner']],
            'inner' => [[120, 24, 'corner'], [60, 52], [10, 0]],
        ];
        yield 'a liner that cannot be seen' => [
            ['shape' => $narrow, 'coats' => $coats('Casting epoxy as liner')], 'the liner cannot be seen', ['l1'],
        ];
    }

    public function test_a_sound_wall_and_an_open_inside_raise_no_conflict(): void
    {
        $mark = ['id' => 'char', 'kind' => 'scorch', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 80];
        $said = fn (array $more): string => implode(
            ' ', array_map(
                fn (Conflict $conflict): string => Told::of($conflict->message), $this->route($more)->conflicts,
            ),
        );
        self::assertStringNotContainsString('torch', $said(['marks' => [$mark]]));
        self::assertStringNotContainsString(
            'liner',
            $said(['coats' => [['zones' => self::ZONES, 'layers' => [['product' => 'Casting epoxy as liner']]]]]),
        );
    }

    /** @param  array<string, mixed>  $shape */
    #[DataProvider('shapes')]
    public function test_a_shape_to_look_at_again_is_among_the_conflicts(array $shape, string $says): void
    {
        $said = implode(
            ' ',
            array_map(
                fn (Conflict $conflict): string => Told::of($conflict->message),
                $this->route(['shape' => $shape])->conflicts,
            ),
        );
        self::assertStringContainsString($says, $said);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function shapes(): iterable
    {
        $c = 'corner';
        yield 'a thin wall' => [
            ['outer' => [[0, 40, $c], [60, 60, $c]], 'inner' => [[60, 58, $c], [10, 37, $c], [10, 0]]],
            'at its thinnest',
        ];
        yield 'a thin floor' => [
            ['outer' => [[0, 40, $c], [60, 60, $c]], 'inner' => [[60, 54, $c], [4, 30, $c], [4, 0]]],
            'The floor is 4 mm',
        ];
        yield 'a foot that bulges' => [
            ['outer' => [[0, 0], [2, 20], [10, 40], [60, 80, $c]], 'inner' => [[60, 74, $c], [14, 30], [12, 0]]],
            'would rock',
        ];
        yield 'an outside that droops' => [
            [
                'outer' => [[0, 30, $c], [12, 50, $c], [-6, 70, $c], [40, 80, $c]],
                'inner' => [[40, 74, $c], [20, 40], [18, 0]],
            ],
            'dips below the foot',
        ];
    }

    public function test_oily_wood_slows_what_lies_on_it_and_not_what_lies_on_a_sealer(): void
    {
        $waits = function (string ...$products): array {
            $layers = array_map(fn (string $product): array => ['product' => $product], $products);
            $route = $this->route(['wood' => 'Teak', 'coats' => [['zones' => self::ZONES, 'layers' => $layers]]]);
            $off = array_column($route->steps, null, 'id')['body/reverse'];

            return array_map(fn ($lag): float => $lag->wait->minHours, $off->timing->after);
        };
        self::assertSame([120.0], $waits(self::VARNISH));
        self::assertSame([120.0], $waits(Benchwork::OIL), 'from when it was wiped off, too');
        self::assertSame([48.0], $waits('Dewaxed shellac (2 lb cut)', self::VARNISH));
        self::assertSame([48.0], $waits('Cellulose sanding sealer', self::VARNISH));
    }

    private function box(): Route
    {
        $mark = fn (string $id, string $kind, int $from, ?string $product = null): array => [
            'id' => $id, 'kind' => $kind, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $from + 5,
            'product' => $product,
        ];

        return $this->route([
            'form' => 'lidded-box', 'grain' => 'end', 'purpose' => 'food', 'steps' => [[
                'id' => 'fit-lid', 'title' => 'Fit the lid, then ease it off', 'part' => 'body', 'minutes' => 15,
                'mount' => 'tenon', 'before' => ['body/wipe-clean'],
            ]],
            'shape' => Form::LiddedBox->profile(80, 90, 70, 7)
                ->toArray(),
            'marks' => [
                $mark('line', 'v-groove', 5), $mark('flute', 'flutes', 15), $mark(
                    'chatter', 'spun-texture', 25,
                ), $mark('char', 'scorch', 35),
                $mark('pen', 'pen-pattern', 45), $mark('tide', 'dye', 55, 'Water dye (powder)'),
            ],
            'coats' => [
                [
                    'zones' => self::ZONES,
                    'layers' => [['product' => self::VARNISH], ['product' => self::VARNISH, 'denib' => 'pad']],
                    'buff' => true,
                ],
            ],
        ]);
    }

    /** @param  array<string, mixed>  $more */
    private function route(array $more): Route
    {
        return Route::of(Piece::read(Document::of(OnePart::document($more + [
            'name' => 'Any piece', 'form' => 'shallow-bowl',
            'wood' => 'Maple (sugar)', 'grain' => 'side',
            'shape' => Form::ShallowBowl->profile(260, 70, 90, 8)->toArray(),
        ])), Tables::of(Catalogue::shipped())), Bench::usual(Catalogue::shipped()), Tables::of(Catalogue::shipped()));
    }
}
