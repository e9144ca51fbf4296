<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Drawing\Assembly;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Geometry\Bore;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;
use HonestGrain\Piece\Fit;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\PartKind;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Piece\Wish;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pieces of several parts, their joints, bores and flaws, and what each asks of the route. */
final class PartsTest extends TestCase
{
    private const ASH = ['name' => 'Any piece', 'wood' => 'Ash (white)', 'moisture_percent' => 9.0];

    public function test_a_bore_right_through_is_taken_from_area_volume_and_wall(): void
    {
        $solid = Drawn::measured(self::cylinder(null), GrainDirection::End);
        $bored = Drawn::measured(self::cylinder(Bore::of(20, null)), GrainDirection::End);
        // By hand: a cylinder r 30, h 100, and a hole r 10 along all of it.
        self::assertEqualsWithDelta(M_PI * (900 - 100) * 100, $bored->volumeMm3, 0.01);
        self::assertEqualsWithDelta(2 * M_PI * 10 * 100, $bored->zones['bore']->areaMm2, 0.01);
        foreach (['foot', 'top'] as $face) {
            self::assertEqualsWithDelta(
                $solid->zones[$face]->areaMm2 - M_PI * 100, $bored->zones[$face]->areaMm2, 0.01,
            );
        }
        self::assertEqualsWithDelta(20.0, $bored->wall?->minMm, 1e-6);
        self::assertNull($bored->floorMm, 'there is none');
    }

    public function test_a_ball_is_bored_from_pole_to_pole_as_it_is_drawn(): void
    {
        $ball = Form::Sphere->profile(80, 80, 1, 0)->outer;
        $bored = Drawn::measured(Profile::of($ball, null, 'shape', Bore::of(10, null)), GrainDirection::End);
        // The napkin ring: what is left depends on its height alone, and zone and hole are cylinders of Archimedes.
        $high = 2 * sqrt(40 ** 2 - 5 ** 2);
        self::assertEqualsWithDelta(M_PI * $high ** 3 / 6, $bored->volumeMm3, 0.005 * $bored->volumeMm3);
        self::assertEqualsWithDelta(2 * M_PI * 40 * $high, $bored->zones['outside']->areaMm2, 100);
        self::assertEqualsWithDelta(2 * M_PI * 5 * $high, $bored->zones['bore']->areaMm2, 25);
        self::assertSame(['outside', 'bore'], array_keys($bored->zones), 'no disc is left at either pole');
        self::assertGreaterThan(20.0, $bored->wall?->minMm, 'the edge of the hole is no wall');
        self::assertSame(
            $ball->toArray(), Profile::of($ball, null, 'shape', Bore::of(10, null))->outer->toArray(),
            'the nodes stay the maker\'s',
        );
        $blind = Drawn::measured(Profile::of($ball, null, 'shape', Bore::of(10, 30)), GrainDirection::End);
        self::assertEqualsWithDelta(40 + $high / 2 - 30, $blind->floorMm, 0.25);
        foreach ([79.5, 90] as $tooWide) {
            try {
                Profile::of($ball, null, 'shape', Bore::of($tooWide, null));
                self::fail("$tooWide mm was bored through 80 mm");
            } catch (InvalidProfile $e) {
                self::assertSame('shape.bore.diameter_mm', $e->field);
            }
        }
    }

    public function test_what_does_not_stand_is_not_told_to_be_dished(): void
    {
        foreach ([[Form::Sphere, []], [Form::DeepBowl, ['rock']]] as [$form, $expected]) {
            $piece = Piece::read(Document::of([
                'format' => Piece::FORMAT, 'version' => 2, 'name' => 'Ball', 'form' => $form->value,
                'purpose' => 'display', 'parts' => [[
                    'id' => 'body', 'name' => 'Ball', 'wood' => 'Ash (white)', 'grain' => 'end',
                    'moisture_percent' => 9,
                    'holding' => 'tenon', 'shape' => Form::Sphere->profile(80, 80, 1, 0)->toArray(), 'surface' => [],
                    'marks' => [], 'coats' => [],
                ]], 'joints' => [], 'steps' => [], 'order' => [],
            ]), Drawn::tables());
            $route = Route::of($piece, Bench::usual(Catalogue::shipped()), Drawn::tables());
            self::assertCount(count($expected), array_filter(
                $route->conflicts, fn ($one): bool => str_contains(Told::of($one->message), 'would rock'),
            ), $form->value);
        }
    }

    /** @param  list<array{string, string}>  $joints  socket and spigot */
    #[DataProvider('joints')]
    public function test_joints_that_go_round_in_a_ring_are_refused_by_name(array $joints, ?string $field): void
    {
        $shape = Form::ShallowBowl->profile(200, 60, 70, 7)->toArray();
        $document = [
            'format' => Piece::FORMAT, 'version' => 2, 'name' => 'Ring', 'form' => 'shallow-bowl',
            'purpose' => 'display',
            'parts' => array_map(fn (string $id): array => [
                'id' => $id, 'name' => $id, 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture_percent' => 9,
                'holding' => 'tenon', 'shape' => $shape, 'surface' => [], 'marks' => [], 'coats' => [],
            ], ['p1', 'p2', 'p3']),
            'joints' => array_map(fn (array $parts, int $i): array => [
                'id' => "j$i", 'kind' => 'slip', 'parts' => $parts, 'diameter_mm' => 20,
            ], $joints, array_keys($joints)), 'steps' => [], 'order' => [],
        ];
        try {
            Piece::read(Document::of($document), Drawn::tables());
            self::assertNull($field);
        } catch (InvalidField $e) {
            self::assertSame($field, $e->field);
            self::assertStringContainsString('go round in a ring', $e->getMessage());
        }
    }

    /** @return iterable<string, array{list<array{string, string}>, string|null}> */
    public static function joints(): iterable
    {
        yield 'one into another into a third' => [[['p1', 'p2'], ['p2', 'p3']], null];
        yield 'two into one' => [[['p1', 'p2'], ['p1', 'p3']], null];
        yield 'one into two' => [[['p1', 'p3'], ['p2', 'p3']], null];
        yield 'each into the other' => [[['p1', 'p2'], ['p2', 'p1']], 'joints.0.parts'];
        yield 'all three round' => [[['p1', 'p2'], ['p2', 'p3'], ['p3', 'p1']], 'joints.0.parts'];
    }

    public function test_a_blind_bore_has_an_end_and_leaves_a_floor(): void
    {
        foreach ([['top', 'foot'], ['foot', 'top']] as [$from, $whole]) {
            $bored = Drawn::measured(self::cylinder(Bore::of(20, 60, $from === 'foot')), GrainDirection::End);
            self::assertEqualsWithDelta(M_PI * (900 * 100 - 100 * 60), $bored->volumeMm3, 0.01);
            self::assertEqualsWithDelta(2 * M_PI * 10 * 60 + M_PI * 100, $bored->zones['bore']->areaMm2, 0.01);
            self::assertEqualsWithDelta(M_PI * 900, $bored->zones[$whole]->areaMm2, 0.01);
            self::assertEqualsWithDelta(40.0, $bored->floorMm, 1e-9);
        }
    }

    public function test_a_bore_through_the_floor_of_a_hollow_meets_its_inside(): void
    {
        $outer = Curve::fromArray([[0, 30, 'corner'], [100, 30, 'corner']], 'outer');
        $inner = Curve::fromArray([[100, 24, 'corner'], [20, 24, 'corner'], [20, 0, 'corner']], 'inner');
        $whole = Drawn::measured(Profile::of($outer, $inner), GrainDirection::End);
        $bored = Drawn::measured(Profile::of($outer, $inner, 'shape', Bore::of(16, null)), GrainDirection::End);
        self::assertEqualsWithDelta($whole->volumeMm3 - M_PI * 64 * 20, $bored->volumeMm3, 0.01);
        self::assertEqualsWithDelta(
            $whole->zones['inside']->areaMm2 - M_PI * 64, $bored->zones['inside']->areaMm2, 0.01,
        );
    }

    /** @param  array<string, mixed>  $bore */
    #[DataProvider('badBores')]
    public function test_a_bore_that_cannot_be_drilled_is_refused_at_its_field(array $bore, string $field): void
    {
        try {
            Profile::read(Document::of([
                'outer' => [[0, 30, 'corner'], [50, 20], [100, 30, 'corner']], 'inner' => null, 'bore' => $bore,
            ], 'shape'));
            self::fail('It was taken.');
        } catch (BadInput $e) {
            self::assertSame("shape.bore.$field", $e->field);
            self::assertStringStartsWith($e->field, $e->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badBores(): iterable
    {
        yield 'wider than the waist' => [['diameter_mm' => 40], 'diameter_mm'];
        yield 'no width' => [['diameter_mm' => 0], 'diameter_mm'];
        yield 'deeper than the wood' => [['diameter_mm' => 10, 'depth_mm' => 120], 'depth_mm'];
        yield 'from the side' => [['diameter_mm' => 10, 'from' => 'side'], 'from'];
    }

    #[DataProvider('forms')]
    public function test_every_form_starts_as_a_piece_with_a_whole_route(Form $form): void
    {
        $piece = self::started($form);
        $route = self::route($piece);
        self::assertNull($route->withoutDate(), $form->value);
        $ids = self::ids($route);
        self::assertSame('body/weigh', $ids[count($ids) - 1]);
        self::assertSame(count($ids), count(array_unique($ids)));
        foreach ($piece->parts as $part) {
            self::assertContains("$part->id/mount", $ids);
            self::assertContains("$part->id/part-off", $ids);
        }
        foreach ($piece->joints as $joint) {
            $fit = $joint->fit(
                $piece->part($joint->socket) ?? $piece->body(), $piece->part($joint->spigot) ?? $piece->body(),
                Drawn::tables()->calibration->joints,
            );
            self::assertSame(Fit::Fits, $fit, "$form->value, $joint->id");
        }
        $svg = simplexml_load_string(Assembly::of($piece)->small());
        self::assertCount(count($piece->parts), $svg === false ? [] : ($svg->xpath('//*[@data-part]') ?: []));
    }

    /** @return iterable<string, array{Form}> */
    public static function forms(): iterable
    {
        foreach (Form::cases() as $form) {
            yield $form->value => [$form];
        }
    }

    public function test_a_sphere_is_as_high_as_it_is_wide(): void
    {
        $measured = Drawn::measured(Form::Sphere->profile(80, 999, 0, 0), GrainDirection::End);
        self::assertEqualsWithDelta(4 * M_PI * 40 ** 2, $measured->zones['outside']->areaMm2, 100);
        self::assertEqualsWithDelta(0.5, $measured->zones['outside']->endGrainMean, 0.01);
        self::assertSame(['outside'], array_keys($measured->zones));
    }

    #[DataProvider('partKinds')]
    public function test_a_part_is_drawn_from_the_one_it_goes_with_and_fits_it(PartKind $kind): void
    {
        $body = self::started($kind === PartKind::Finial ? Form::Spindle : Form::Vase)->body();
        $document = ['parts' => [Drawn::written($body)]] + Drawn::written(self::started(Form::Vase));
        $piece = Piece::read(Document::of($document), Drawn::tables())
            ->joined(...Starter::with($kind, $body, 'other', Drawn::tables()));
        $joint = $piece->joints[0];
        self::assertSame(Fit::Fits, $joint->fit($body, $piece->parts[1], Drawn::tables()->calibration->joints));
        self::assertSame($body->wood->name, $piece->parts[1]->wood->name);
        $apart = Assembly::apart($piece);
        self::assertGreaterThan(
            Assembly::of($piece)->heightMm() + Assembly::of($piece)->widthMm(), $apart->heightMm() + $apart->widthMm(),
        );
    }

    /** @return iterable<string, array{PartKind}> */
    public static function partKinds(): iterable
    {
        foreach (PartKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    public function test_a_lid_is_fitted_when_both_are_sanded_and_before_either_is_coated(): void
    {
        $document = Drawn::written(self::started(Form::LiddedBox));
        foreach ($document['parts'] as $i => $part) {
            $document['parts'][$i]['coats'][0]['layers'] = [
                [
                    'id' => $i === 0 ? 'l1' : 'l2', 'product' => 'Brushing or wiping lacquer (nitrocellulose)',
                    'denib' => null,
                ],
            ];
        }
        $route = self::route(Piece::read(Document::of($document), Drawn::tables()));
        $at = array_flip(self::ids($route));
        foreach (['body.inside/sand', 'lid.outside/sand'] as $before) {
            self::assertLessThan($at['joint-lid/fit'], $at[$before]);
        }
        $coats = array_filter($route->steps, fn (Step $step): bool => $step->kind === StepKind::Coat);
        self::assertNotSame([], $coats);
        foreach ($coats as $coat) {
            self::assertGreaterThan($at['joint-lid/fit'], $at[$coat->id]);
        }
        self::assertLessThan($at['joint-lid/ease'], $at['l1'], 'eased once film has built');
    }

    public function test_a_lid_too_wide_for_its_mouth_is_said(): void
    {
        $document = Drawn::written(self::started(Form::LiddedBox));
        foreach ($document['parts'][1]['shape']['outer'] as $i => $node) {
            $document['parts'][1]['shape']['outer'][$i][1] = $node[1] + 1.0;
        }
        $said = array_values(array_filter(
            self::route(Piece::read(Document::of($document), Drawn::tables()))->conflicts,
            fn (Conflict $one): bool => $one->steps === ['joint-lid/fit'],
        ));
        self::assertCount(1, $said);
        self::assertStringContainsString('1.7 mm too wide', Told::of($said[0]->message));
    }

    public function test_what_is_glued_is_glued_when_both_are_finished_and_waits_to_set(): void
    {
        $route = self::route(self::started(Form::Scoop));
        $steps = array_column($route->steps, null, 'id');
        $glue = $steps['joint-handle/glue'];
        foreach ($glue->timing->after as $lag) {
            self::assertSame(36.0, $lag->wait->minHours, 'the oil of both may be handled');
        }
        self::assertCount(2, $glue->timing->after);
        $at = array_flip(self::ids($route));
        self::assertLessThan($at['joint-handle/glue'], $at['joint-handle/fit'], 'tried dry first');
        self::assertSame(24.0, $glue->timing->wait->minHours);
        self::assertContains(
            'joint-handle/glue', array_map(fn ($lag): string => $lag->task, $steps['body/weigh']->timing->after),
        );
    }

    public function test_each_part_keeps_its_own_wood_grain_and_coats(): void
    {
        $document = Drawn::written(self::started(Form::LiddedBox));
        $document['parts'][1]['wood'] = 'Cocobolo';
        $steps = array_column(self::route(Piece::read(Document::of($document), Drawn::tables()))->steps, null, 'id');
        self::assertContains(Hazard::OilyWoodDust, $steps['lid.outside/sand']->setup->hazards);
        self::assertContains(Hazard::Dust, $steps['body.outside/sand']->setup->hazards);
        self::assertStringStartsWith('Lid: sand', Told::of($steps['lid.outside/sand']->words->title));
    }

    /** @param  list<string>  $techniques */
    #[DataProvider('flaws')]
    public function test_a_flaw_makes_its_steps_before_the_part_is_sanded(
        string $kind,
        string $wish,
        array $techniques,
    ): void {
        $route = self::route(self::flawed(['kind' => $kind, 'wish' => $wish]));
        $of = array_values(array_filter($route->steps, fn (Step $step): bool => in_array('f1', $step->work->of, true)));
        self::assertSame($techniques, array_map(fn (Step $step): string => $step->work->technique, $of));
        $ids = self::ids($route);
        foreach ($of as $step) {
            self::assertLessThan(array_search('body.outside/sand', $ids, true), array_search($step->id, $ids, true));
        }
        self::assertSame(
            $techniques === [] ? [] : ['f1'], array_slice(array_column($of, 'id'), 0, 1), 'the first bears its id bare',
        );
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function flaws(): iterable
    {
        foreach (FlawKind::cases() as $kind) {
            yield "$kind->value, kept" => [$kind->value, 'keep', []];
            yield "$kind->value, filled" => [
                $kind->value, 'fill', match ($kind) {
                    FlawKind::Crack => ['fill'],
                    FlawKind::Pith => ['patch', 'scrape'],
                    default => ['fill', 'scrape'],
                },
            ];
            yield "$kind->value, stabilised" => [
                $kind->value, 'stabilise', $kind === FlawKind::Soft ? ['stabilise', 'scrape'] : ['stabilise'],
            ];
            yield "$kind->value, cut away" => [
                $kind->value, 'cut-away', match ($kind) {
                    FlawKind::Torn => ['scrape'],
                    // What is turned already is centred for good.
                    FlawKind::Pith => [],
                    default => ['shape'],
                },
            ];
        }
    }

    public function test_fills_follow_from_the_size_of_the_flaw(): void
    {
        $fill = fn (array $flaw): Step => array_column(
            self::route(self::flawed($flaw + ['wish' => 'fill']))->steps, null, 'id',
        )['f1'];
        // By hand: 20 mm of hairline drinks 2 cm × 0.03 mL, which is 2 drops of 0.03.
        $hairline = $fill(['kind' => 'crack', 'width_mm' => 0.2]);
        self::assertSame(['drops' => 2], $hairline->work->supplies->amount?->toArray());
        self::assertContains(Hazard::Cyanoacrylate, $hairline->setup->hazards);
        // ½ · 2 · 7 · 20 = 140 mm³: three fills of at most 3 mm, 4 min each.
        $crack = $fill(['kind' => 'crack', 'width_mm' => 2, 'depth_mm' => 7]);
        self::assertSame(12.0, $crack->timing->minutes);
        self::assertStringContainsString(
            '0.08 mL of powder (about 0.2 g of stone, sieved to 0.5 mm) in 3 fills', Told::of($crack->words->how[0]),
        );
        // ½ · 0.6 · 2 · 20 = 12 mm³: hundredths of a gram are no figure for a workshop.
        self::assertStringStartsWith('A pinch of powder (stone sieved to 0.5 mm) in 1 fill of', Told::of(
            $fill(['kind' => 'crack', 'width_mm' => 0.6, 'depth_mm' => 2])->words->how[0],
        ));
        // ½ · 40 · 12 · 40 = 9.6 mL were it so deep; the wall of 7 mm ends sooner. Epoxy, a day to set.
        $void = $fill(['kind' => 'void', 'width_mm' => 40, 'depth_mm' => 12]);
        self::assertSame([Hazard::TwoPart, 24.0], [$void->setup->hazards[0], $void->timing->wait->minHours]);
        self::assertEqualsWithDelta(9.6 * 7 / 12, $void->work->supplies->amount?->ml(), 0.1, 'it stops at the wall');
    }

    public function test_cracked_wood_turns_slower_and_says_so(): void
    {
        $sound = array_column(self::route(self::started(Form::ShallowBowl))->steps, null, 'id')['body.outside/sand'];
        $cracked = array_column(self::route(self::flawed(['kind' => 'crack']))->steps, null, 'id');
        $sand = $cracked['body.outside/sand'];
        // 3 m/s instead of 5 on 260 mm, to the next ten below.
        self::assertSame([360, 220], [$sound->setup->rpm, $sand->setup->rpm]);
        foreach (['body/mount', 'body.outside/sand', 'body/part-off'] as $id) {
            self::assertContains(Hazard::FlawedWork, $cracked[$id]->setup->hazards, $id);
        }
        self::assertNotContains(Hazard::FlawedWork, $sound->setup->hazards);
    }

    public function test_a_barked_rim_is_never_sanded_spinning(): void
    {
        $steps = array_column(self::route(self::started(Form::NaturalEdge))->steps, null, 'id');
        self::assertStringContainsString('never sanded spinning', Told::of($steps['body.rim/sand']->setup->hold));
        self::assertNull($steps['body.rim/sand']->setup->rpm);
        self::assertNotContains(Hazard::Lathe, $steps['body.rim/sand']->setup->hazards);
        self::assertStringContainsString('spinning', Told::of($steps['body.outside/sand']->setup->hold));
    }

    public function test_a_flawed_foot_steers_the_hold(): void
    {
        $said = fn (string $holding): array => array_map(
            fn ($conflict): array => $conflict->steps,
            self::route(self::flawed(['kind' => 'crack', 'on' => 'foot'], ['holding' => $holding]))->conflicts,
        );
        self::assertSame([['body/mount']], $said('tenon'));
        self::assertSame([], $said('faceplate'));
    }

    public function test_what_is_left_unsanded_and_good_enough_is_as_the_maker_says(): void
    {
        $document = Drawn::written(self::started(Form::ShallowBowl));
        $document['parts'][0]['surface'] = [
            'tool_mark_um' => ['inside' => 30], 'unsanded' => ['rim'], 'stop_at' => ['outside' => 'P150'],
        ];
        $steps = array_column(self::route(Piece::read(Document::of($document), Drawn::tables()))->steps, null, 'id');
        self::assertArrayNotHasKey('body.rim/sand', $steps);
        self::assertStringEndsWith('P150', Told::of($steps['body.outside/sand']->words->title));
        self::assertStringContainsString('P240', Told::of($steps['body.inside/sand']->words->title));
    }

    public function test_a_wood_without_a_hardness_has_no_price_and_no_date(): void
    {
        $document = Drawn::written(self::started(Form::ShallowBowl));
        $document['parts'][0]['wood'] = 'Madrone (Pacific)';
        $route = self::route(Piece::read(Document::of($document), Drawn::tables()));
        self::assertSame('unpriced', $route->withoutDate()['code'] ?? null);
        self::assertStringContainsString(
            'No hardness is known for Madrone (Pacific)', Told::of($route->withoutDate()['message'] ?? ''),
        );
        self::assertNull($route->toArray()['ready'] === null ? 'a date' : null);
        $document['woods'] = [['name' => 'Madrone (Pacific)', 'janka_n' => 6500]];
        self::assertNull(self::route(Piece::read(Document::of($document), Drawn::tables()))->withoutDate());
    }

    public function test_flaws_are_drawn_where_they_lie(): void
    {
        foreach (FlawKind::cases() as $kind) {
            $part = self::flawed(['kind' => $kind->value])->body();
            $svg = Elevation::of($part, 'Bowl')->detailed();
            self::assertStringContainsString('data-flaw="f1"', $svg, $kind->value);
            self::assertInstanceOf(\SimpleXMLElement::class, simplexml_load_string($svg) ?: null);
        }
    }

    /**
     * @param  array<string, mixed>  $flaw
     * @param  array<string, mixed>  $body
     */
    private static function flawed(array $flaw, array $body = []): Piece
    {
        $document = Drawn::written(self::started(Form::ShallowBowl));
        $document['parts'][0]['features'] = [$flaw + [
            'id' => 'f1', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 40, 'wish' => Wish::Keep->value,
        ]];
        $document['parts'][0] = $body + $document['parts'][0];

        return Piece::read(Document::of($document), Drawn::tables());
    }

    private static function started(Form $form): Piece
    {
        $document = Starter::document(
            Drawn::joints(), $form, $form->profile(...array_values($form->sizes())), Catalogue::shipped()
                ->stacks(), self::ASH,
        );

        return Piece::read(Document::of($document), Drawn::tables());
    }

    private static function cylinder(?Bore $bore): Profile
    {
        return Profile::of(Curve::fromArray([[0, 30, 'corner'], [100, 30, 'corner']], 'outer'), null, 'shape', $bore);
    }

    private static function route(Piece $piece): Route
    {
        return Route::of($piece, Bench::usual(Catalogue::shipped()), Drawn::tables());
    }

    /** @return list<string> */
    private static function ids(Route $route): array
    {
        return array_map(fn (Step $step): string => $step->id, $route->steps);
    }
}
