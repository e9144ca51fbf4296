<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Abrasive\Habit;
use HonestGrain\Abrasive\HabitPrice;
use HonestGrain\Abrasive\Learnt;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\ProgressionFaultKind;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\ScratchLab;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Calibration\Learning;
use HonestGrain\Calibration\Scatter;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\GrainMap;
use HonestGrain\Geometry\Point;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\Mended;
use HonestGrain\Mending\Remedies;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\StepKind;
use HonestGrain\Wood\Pore;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** From cut to ready: what the tool left, in which way it is sanded, and what that leaves. */
final class SurfaceTest extends TestCase
{
    public function test_end_grain_shows_by_height_and_turn_and_tears_in_two_quarters(): void
    {
        $wall = [new Point(0, 50, 0), new Point(100, 50, 100)];
        $map = GrainMap::of($wall, GrainDirection::Side, 10, 36);
        self::assertCount(10, $map->exposure);
        self::assertEqualsWithDelta([1.0, 0.0, 1.0], [
            $map->exposure[4][0], $map->exposure[4][9], $map->exposure[4][18],
        ], 1e-9);
        // Its mean is the zone's, 2/π on an upright wall.
        self::assertEqualsWithDelta(
            0.6366, array_sum(array_map(fn (array $row): float => array_sum($row) / 36, $map->exposure)) / 10, 0.002,
        );
        // Of an upright wall two quarters tear, of a sloping one as much as stands out far enough.
        self::assertEqualsWithDelta(0.5, GrainMap::tornShare($wall, GrainDirection::Side, 0.4), 1e-9);
        $slope = [new Point(0, 50, 0), new Point(50, 136.6, 100)];
        self::assertEqualsWithDelta(
            2 * acos(0.4 / 0.5) / M_PI, GrainMap::tornShare($slope, GrainDirection::Side, 0.4), 1e-4,
        );
        self::assertSame(0.0, GrainMap::tornShare($wall, GrainDirection::End, 0.1));
        $flat = [new Point(0, 0, 0), new Point(0, 50, 50)];
        self::assertSame(0.0, GrainMap::tornShare($flat, GrainDirection::Side, 0.1));
        self::assertSame(1.0, GrainMap::tornShare($flat, GrainDirection::End, 0.9));
        self::assertEqualsWithDelta(25.0, GrainMap::of($flat, GrainDirection::Side, 1, 4)->points[0]->r, 1e-9);
    }

    public function test_what_the_tool_left_is_as_deep_as_its_row_says(): void
    {
        $figures = Drawn::sanding();
        $depths = array_map(fn (ToolMark $mark): float => $mark->um($figures), ToolMark::cases());
        self::assertSame([25.0, 40.0, 80.0, 40.0, 300.0, 450.0], $depths);
        self::assertSame(200.0, ToolMark::Torn->tornUm($figures));
        self::assertNull(ToolMark::Chatter->tornUm($figures));
        // A measured depth stands over what the cut usually leaves.
        $sanding = self::sanding(['cut' => ['outside' => 'torn'], 'tool_mark_um' => ['outside' => 60]]);
        self::assertSame([60.0, 0.0], [$sanding->job->deepestUm(), $sanding->tornShare]);
    }

    public function test_torn_quarters_join_the_ladder_earlier_and_alone(): void
    {
        $torn = self::sanding(['cut' => ['outside' => 'torn']]);
        $clean = self::sanding(['cut' => ['outside' => 'bevel-cut']]);
        $all = self::sanding(['tool_mark_um' => ['outside' => 200]]);
        self::assertGreaterThan(0.2, $torn->tornShare);
        self::assertLessThan(0.5, $torn->tornShare);
        $alone = array_filter($torn->rungs(), fn (Rung $rung): bool => $rung->isForTorn);
        self::assertNotSame([], $alone);
        self::assertSame('P80', $torn->gritNames()[0]);
        self::assertLessThanOrEqual(1.8, array_values($alone)[count($alone) - 1]->grit->micron
            / array_values(array_diff_key($torn->rungs(), $alone))[0]->grit->micron + 1e-9);
        self::assertGreaterThan($clean->leastMinutes(), $torn->leastMinutes());
        self::assertLessThan($all->leastMinutes(), $torn->leastMinutes(), 'only its quarters are torn');
        // Sanded by an own ladder all of it is sanded alike, so that it takes longer.
        $own = self::sanding(['cut' => ['outside' => 'torn'], 'own' => ['outside' => $torn->gritNames()]]);
        self::assertGreaterThan($torn->leastMinutes(), $own->minutes());
        self::assertSame([], $own->own->faults ?? ['none'], 'it starts coarse enough for the torn grain');
        $fine = self::sanding(['cut' => ['outside' => 'torn'], 'own' => ['outside' => ['P150', 'P240']]]);
        self::assertSame(
            ProgressionFaultKind::FineStart, $fine->own->faults[0]->kind ?? null, 'as deep as its torn grain',
        );
        // End-grain work does not tear round its wall.
        self::assertSame(0.0, self::sanding(['cut' => ['outside' => 'torn']], ['grain' => 'end', 'shape' => [
            'outer' => [[0, 40, 'corner'], [120, 40, 'corner']], 'inner' => null,
        ]])->tornShare);
    }

    public function test_minutes_of_all_rungs_are_the_minutes_of_the_face(): void
    {
        foreach (['scraped', 'torn', 'chatter', 'bevel-cut'] as $cut) {
            foreach (self::all(['cut' => ['outside' => $cut, 'inside' => 'torn']]) as $face => $sanding) {
                $rungs = array_sum(array_map(fn (Rung $rung): float => $rung->minutes, $sanding->rungs()));
                self::assertEqualsWithDelta(
                    $sanding->minutes(), $rungs + $sanding->job->alongGrainMinutes(), 1e-6, "$cut $face",
                );
            }
        }
    }

    #[DataProvider('ways')]
    public function test_a_method_is_offered_where_it_may_be_used(
        Method $method,
        string $face,
        array $part,
        ?string $why,
    ): void {
        $sandings = self::all(['sanded' => ['bore', 'inside']], $part);
        $said = $sandings[$face]->way->offers[$method->value];
        $why === null ? self::assertNull($said) : self::assertStringContainsString($why, Told::of($said));
    }

    /** @return iterable<string, array{Method, string, array<string, mixed>, string|null}> */
    public static function ways(): iterable
    {
        $vase = ['grain' => 'end', 'shape' => [
            'outer' => [[0, 30, 'corner'], [60, 45], [150, 22, 'corner']],
            'inner' => [[150, 16, 'corner'], [60, 38], [12, 24, 'corner'], [12, 0]],
        ]];
        $bored = ['grain' => 'end', 'shape' => [
            'outer' => [[0, 20, 'corner'], [150, 20, 'corner']], 'inner' => null,
            'bore' => ['diameter_mm' => 12, 'depth_mm' => null, 'from' => 'top'],
        ]];
        $bark = ['features' => [[
            'id' => 'f1', 'kind' => 'bark-edge', 'on' => 'rim', 'from_mm' => 0, 'to_mm' => 5, 'wish' => 'keep',
        ]]];
        $thin = ['shape' => [
            'outer' => [[0, 100, 'corner'], [60, 100, 'corner']],
            'inner' => [[60, 97, 'corner'], [6, 97, 'corner'], [6, 0, 'corner']],
        ]];
        $beads = ['marks' => [Benchwork::mark('m1', 'beads', 20, 40)]];
        yield 'by hand anywhere open' => [Method::Hand, 'outside', [], null];
        yield 'a power disc on a bowl' => [Method::PowerDisc, 'outside', [], null];
        yield 'not over beads' => [Method::PowerDisc, 'outside', $beads, 'beads'];
        yield 'by hand over beads' => [Method::Hand, 'outside', $beads, null];
        yield 'not on a thin wall' => [Method::PowerDisc, 'outside', $thin, 'heats it through'];
        yield 'not by hand through a narrow mouth' => [Method::Hand, 'inside', $vase, '32 mm wide'];
        yield 'a stick through a narrow mouth' => [Method::Stick, 'inside', $vase, null];
        yield 'no stick outside' => [Method::Stick, 'outside', $vase, 'narrow mouths'];
        yield 'never a finger in a bore' => [Method::Hand, 'bore', $bored, 'a stick and nothing else'];
        yield 'a strip through a bore' => [Method::Cloth, 'bore', $bored, null];
        yield 'never spinning on a broken edge' => [Method::Hand, 'rim', $bark, 'never spinning'];
        yield 'a small disc on a broken edge' => [Method::SmallDisc, 'rim', $bark, null];
        yield 'no small disc elsewhere' => [Method::SmallDisc, 'outside', [], 'broken edges'];
        yield 'an orbit on a wide bowl' => [Method::Orbit, 'outside', [], null];
        yield 'no orbit on a handle' => [Method::Orbit, 'outside', $bored, 'too small'];
    }

    public function test_a_driven_disc_is_faster_oil_is_slower_and_both_stand_in_the_route(): void
    {
        $minutes = fn (array $surface): float => self::sanding($surface + [
            'tool_mark_um' => ['outside' => 200],
        ])->best?->totalMinutes;
        $hand = $minutes([]);
        self::assertLessThan($hand, $minutes(['method' => ['outside' => 'power-disc']]));
        self::assertGreaterThan($hand, $minutes(['wet' => ['outside' => 'oil']]));
        $dry = self::sanding(['tool_mark_um' => ['outside' => 200]])->best?->discs();
        self::assertLessThan($dry, self::sanding([
            'tool_mark_um' => ['outside' => 200], 'wet' => ['outside' => 'water'],
        ])->best?->discs(), 'wetted paper lasts twice as long');
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl(['surface' => [
            'wet' => ['outside' => 'oil'], 'method' => ['inside' => 'random-orbit'],
        ]])]));
        self::assertSame('wet-sand', $steps['body.outside/sand']->work->technique);
        self::assertFalse($steps['body.outside/sand']->timing->isDusty, 'oil holds the dust');
        self::assertNull($steps['body.inside/sand']->setup->rpm, 'an orbit works with the lathe stopped');
        self::assertStringContainsString('random orbit', Told::of($steps['body.inside/sand']->setup->hold));
        self::assertStringNotContainsString(
            'inside', Told::all($steps['body.outside/sand']->words->how), 'another way',
        );
    }

    public function test_what_shares_a_change_of_grit_is_in_one_mount_on_random_pieces(): void
    {
        $shared = 0;
        foreach (range(1, 60) as $seed) {
            $steps = Benchwork::steps(AnyPiece::document($seed));
            foreach ($steps as $step) {
                $how = $step->kind === StepKind::Sand ? Told::all($step->words->how) : '';
                preg_match('/In one go with the (.+?):/', $how, $m);
                foreach ($m === [] ? [] : explode(' and the ', $m[1]) as $face) {
                    $shared++;
                    self::assertSame(
                        $step->setup->stage, $steps["$step->part.$face/sand"]->setup->stage, "$seed $step->id $face",
                    );
                }
            }
        }
        self::assertGreaterThan(100, $shared);
    }

    public function test_one_ladder_serves_one_mount(): void
    {
        $of = fn (string $starts, string $underside): array => Benchwork::steps(Benchwork::piece([Benchwork::bowl()], [
            'starts_as' => $starts, 'school' => ['underside' => $underside],
        ]));
        $said = fn (array $steps, string $face): string => Told::all($steps["body.$face/sand"]->words->how);
        self::assertStringContainsString(
            'with the rim and the inside', $said($of('turned', 'with-the-rest'), 'outside'),
        );
        $apart = $of('blank', 'before-reversing');
        self::assertNotSame($apart['body.outside/sand']->setup->stage, $apart['body.inside/sand']->setup->stage);
        self::assertStringNotContainsString('In one go', $said($apart, 'outside'));
        self::assertStringContainsString('with the rim', $said($apart, 'inside'));
        self::assertStringContainsString(
            'with the rim and the inside', $said($of('blank', 'with-the-rest'), 'outside'),
        );
    }

    /** @param  list<string>  $expected */
    #[DataProvider('consequences')]
    public function test_what_is_wetted_or_wiped_has_its_consequences(array $part, array $piece, array $expected): void
    {
        $conflicts = Benchwork::route(Benchwork::piece([Benchwork::bowl($part)], $piece))->conflicts;
        $said = array_map(
            fn (Conflict $one): string => ($one->forbids ? 'never: ' : '').Told::of($one->message),
            array_values(array_filter($conflicts, fn (Conflict $one): bool => preg_match(
                '/oiled|alcohol between|the way you chose/', Told::of($one->message),
            ) === 1)),
        );
        self::assertCount(count($expected), $said);
        foreach ($expected as $i => $words) {
            self::assertStringContainsString($words, $said[$i]);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, list<string>}> */
    public static function consequences(): iterable
    {
        $oil = ['surface' => ['wet' => ['outside' => 'oil']]];
        $on = fn (string $product): array => ['coats' => [Benchwork::coats('c1', ['outside'], $product)]];
        $dye = ['marks' => [Benchwork::mark('m1', 'dye', 20, 40, 'outer', [
            'product' => 'Alcohol dye (powder)', 'colour' => '#203040',
        ])]];
        yield 'oil under oil' => [$oil + $on(Benchwork::OIL), [], []];
        yield 'oil under a film' => [$oil + $on(Benchwork::LACQUER), [], ['is oiled already when']];
        yield 'oil under a dye' => [$oil + $dye, [], ['never: The outside is sanded with oil, and colour']];
        yield 'alcohol over its dye' => [$dye, ['school' => ['clean' => 'alcohol']], ['dissolves the alcohol dye']];
        yield 'air over the dye' => [$dye, ['school' => ['clean' => 'air']], []];
        yield 'alcohol over a shellac sealer' => [
            $on('Shellac sanding sealer'), ['school' => ['clean' => 'alcohol', 'sealer' => 'before-sanding']],
            ['dissolves the shellac'],
        ];
        $wiped = ['surface' => ['wiped' => ['outside' => ['P320' => 'alcohol']]]] + $on('Shellac sanding sealer');
        yield 'alcohol after a grit on the sealer' => [
            $wiped, ['school' => ['sealer' => 'between-ladders']], ['dissolves the shellac'],
        ];
        yield 'alcohol after a grit before the sealer' => [$wiped, [], []];
        yield 'alcohol before the shellac' => [
            $on('Shellac sanding sealer'), ['school' => ['clean' => 'alcohol']], [],
        ];
        yield 'a method that is not for there' => [
            ['surface' => ['method' => ['outside' => 'stick']]], [], ['the way you chose: a stick is for bores'],
        ];
    }

    public function test_bare_wood_for_use_stops_early_and_a_film_does_not_care(): void
    {
        $use = self::sanding(['for_use' => ['outside']]);
        self::assertEqualsWithDelta(82 * 1.25, $use->asked->limitMicron, 1e-9, 'ash has open pores');
        self::assertGreaterThan(self::sanding([])->asked->limitMicron, $use->asked->limitMicron);
        $film = ['coats' => [Benchwork::coats('c1', ['outside'], Benchwork::LACQUER)]];
        self::assertSame(
            self::sanding([], $film)->asked->limitMicron,
            self::sanding(['for_use' => ['outside']], $film)->asked->limitMicron,
        );
    }

    public function test_stiffening_is_advised_on_soft_wood_and_costs_more_than_a_cut_alone(): void
    {
        $chatter = ['cut' => ['outside' => 'chatter']];
        $pine = self::sanding($chatter, ['wood' => 'Pine (eastern white)']);
        $hard = self::sanding($chatter, ['wood' => 'Maple (sugar)']);
        self::assertNull($hard->stiffenSavesMinutes);
        self::assertNotNull($hard->recutSavesMinutes);
        if ($pine->recutSavesMinutes !== null && $pine->stiffenSavesMinutes !== null) {
            self::assertEqualsWithDelta(
                $pine->zone->areaMm2 / 10_000, $pine->recutSavesMinutes - $pine->stiffenSavesMinutes, 1e-9,
            );
        }
        self::assertEqualsWithDelta(
            $hard->best->totalMinutes - 3 * $hard->zone->areaMm2 / 10_000 - Progression::shortest(
                $hard->job->withToolMark(25), Bench::usual(Catalogue::shipped())->abrasives,
                Catalogue::shipped()->abrasives(),
            )->totalMinutes, $hard->recutSavesMinutes, 1e-9, 'net of the cut itself',
        );
    }

    public function test_every_habit_is_priced_beside_the_least_and_none_is_less(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $shelf = $table->allNamed([
            'P80', 'P100', 'P120', 'P150', 'P180', 'P220', 'CAMI 220', 'P240', 'CAMI 320', 'P320', 'P400', 'P600',
        ], 'a');
        $job = SandingJob::of(80, 12, null, 70_000, ScratchModel::on(Drawn::sanding(), 6000, 3));
        $least = Progression::shortest($job, $shelf, $table);
        $prices = [];
        foreach (HabitPrice::all($job, $shelf, $table, Catalogue::shipped()->calibration()) as $price) {
            $prices[$price->habit->value] = $price;
        }
        self::assertSame(array_column(Habit::cases(), 'value'), array_keys($prices));
        foreach (['every-rung', 'skip-one', 'doubling'] as $habit) {
            self::assertGreaterThanOrEqual($least->totalMinutes - 1e-9, $prices[$habit]->minutes, $habit);
            self::assertLessThanOrEqual(12, $prices[$habit]->scratchUm, $habit);
        }
        self::assertSame(
            ['P180', 'CAMI 220', 'P240', 'P320'], $prices['every-rung']->progression->gritNames(),
            'from the finest that reaches the marks, one of each size, by size on either scale',
        );
        self::assertSame(['P180', 'P240', 'CAMI 320'], $prices['skip-one']->progression->gritNames());
        self::assertSame('P180', $prices['doubling']->progression->gritNames()[0]);
        self::assertSame(['P180', 'P320'], $prices['doubling']->progression->gritNames(), '82, then nearest to 41');
        $faults = HabitPrice::all(
            $job, $table->allNamed(['P80', 'P150', 'P180', 'P320', 'P400'], 'a'), $table,
            Catalogue::shipped()->calibration(),
        )[1]->progression->faults;
        self::assertSame(
            ProgressionFaultKind::Jump, $faults[0]->kind ?? null, 'every other rung of a short shelf is too big a jump',
        );
        self::assertLessThan($least->totalMinutes, $prices['stop-and-oil']->minutes);
        self::assertLessThan(2, $prices['paste']->scratchUm);
        self::assertEqualsWithDelta(
            $prices['paste']->progression->totalMinutes + 0.8 * 7, $prices['paste']->minutes, 1e-9,
            '0.8 min on 100 cm²',
        );
        self::assertEqualsWithDelta(
            $prices['sealer-first']->progression->totalMinutes + 4 * 7, $prices['sealer-first']->minutes, 1e-9,
        );
    }

    public function test_pads_wool_and_paste_stand_in_the_same_ladder_by_their_size(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $job = SandingJob::of(80, 12, null, 70_000, ScratchModel::on(Drawn::sanding(), 6000, 3));
        $of = fn (array $grits): Progression => Progression::own($job, $table->allNamed($grits, 'own'));
        $sound = ['P180', 'P240', 'P320', 'Steel wool 0000'];
        self::assertNotContains(
            ProgressionFaultKind::Jump,
            array_column($of([...array_slice($sound, 0, 3), 'Abrasive paste'])->faults, 'kind'),
        );
        self::assertContains(
            ProgressionFaultKind::Jump, array_column($of($sound)->faults, 'kind'), '46.2 to 20 µm',
        );
        self::assertSame(['order Steel wool 00'], array_map(
            fn ($fault): string => "{$fault->kind->value} $fault->at",
            array_slice($of(['P180', 'P320', 'Steel wool 00'])->faults, 0, 1),
        ), 'wool of 53 µm after paper of 46');
        $paste = $of(['P180', 'P240', 'P320', 'Abrasive paste'])->steps[3];
        self::assertEqualsWithDelta(0.8 * 7 + 0.5 + 0.5, $paste->minutes, 1e-9, '0.8 min on 100 cm²');
        self::assertEqualsWithDelta(0.25 * 5, $paste->scratchUm, 1e-9);
        // The shelf's own pads are no part of what is worked out by itself.
        $bench = Bench::usual(Catalogue::shipped());
        $padded = new Bench($table, [
            ...$table->allNamed(['P80', 'P120', 'P180', 'Green non-woven pad'], 'a'),
            ...$table->allNamed(['Steel wool 0000'], 'a'),
        ], $bench->calibration);
        $body = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', ['outside'], Benchwork::OIL)],
        ])])), Drawn::tables())->body();
        $zone = $body->measure($bench->calibration->shape)->zones['outside'];
        self::assertNotNull(Sanding::of($body, $zone, $padded)->missing);
    }

    #[DataProvider('leftInWood')]
    public function test_what_paste_and_wool_leave_in_the_wood_is_said(
        string $last,
        string $wood,
        string $coat,
        ?string $words,
        bool $isForbidden,
    ): void {
        $conflicts = array_values(array_filter(
            Benchwork::route(Benchwork::piece([Benchwork::bowl([
                'wood' => $wood, 'surface' => ['own' => ['outside' => ['P120', 'P180', 'P240', 'P320', $last]]],
                'coats' => [Benchwork::coats('c1', ['outside'], $coat)],
            ])]))->conflicts,
            fn (Conflict $one): bool => preg_match('/trace of wax|bits of steel wool/i', Told::of($one->message)) === 1,
        ));
        self::assertSame($words === null ? 0 : 1, count($conflicts));
        if ($words !== null) {
            self::assertStringContainsString($words, Told::of($conflicts[0]->message));
            self::assertSame($isForbidden, $conflicts[0]->forbids);
        }
    }

    /** @return iterable<string, array{string, string, string, string|null, bool}> */
    public static function leftInWood(): iterable
    {
        [$paste, $wool, $maple] = ['Abrasive paste', 'Steel wool 000', 'Maple (sugar)'];
        $water = 'Water-borne acrylic or polyurethane';
        yield 'oil over paste' => [$paste, $maple, Benchwork::OIL, 'may not hold over it', false];
        yield 'oil that never dries over paste' => [$paste, $maple, 'Mineral oil (non-drying)', null, false];
        yield 'wax over paste' => [$paste, $maple, 'Paste wax', null, false];
        yield 'shellac over paste' => [$paste, $maple, 'Dewaxed shellac (2 lb cut)', 'may not hold over it', false];
        yield 'wool under oil' => [$wool, $maple, Benchwork::OIL, null, false];
        yield 'wool under water' => [$wool, $maple, $water, 'rust under', true];
        yield 'wool on tannin' => [$wool, 'Oak (white)', Benchwork::OIL, 'blacken it', true];
        yield 'a pad on tannin' => ['Maroon non-woven pad', 'Oak (white)', Benchwork::OIL, null, false];
    }

    public function test_discs_that_serve_several_faces_are_taken_off_the_shelf_once(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl()]));
        $sheets = [];
        foreach ($steps as $step) {
            foreach ($step->work->supplies->abrading->sheets ?? [] as $grit => $discs) {
                $sheets[$grit] = ($sheets[$grit] ?? 0) + ($step->work->faces === [Face::Foot] ? 0 : $discs);
            }
        }
        $body = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl()])), Drawn::tables())->body();
        $bench = Bench::usual(Catalogue::shipped());
        $all = Sanding::all($body, $bench, $body->measure($bench->calibration->shape));
        $once = [];
        foreach (['inside', 'rim', 'outside'] as $face) {
            foreach ($all[$face]->rungs() as $rung) {
                $once[$rung->grit->name] = $rung->discs;
            }
        }
        ksort($once);
        ksort($sheets);
        self::assertSame($once, $sheets);
        $first = $steps['body.inside/sand']->work->supplies->abrading ?? self::fail('it is sanded');
        self::assertSame(array_sum($first->sheets), array_sum($first->used(null)));
        self::assertSame(11, array_sum($first->used(11)));
        self::assertSame(0, array_sum($first->used(0)));
    }

    public function test_records_say_how_far_work_runs_off_its_plan(): void
    {
        $figures = Catalogue::shipped()->calibration()->learning;
        $of = fn (array $ratios): Scatter => Scatter::from($ratios, 0.25, $figures);
        self::assertSame([0, 0.25], [$of([])->records, $of([9.0])->share], 'nothing, or a slip of the clock');
        // Ten that lie 0.1 from their median on average: 0.2 counts as much as what is taken without any.
        self::assertEqualsWithDelta(0.225, $of(array_merge(...array_fill(0, 5, [0.9, 1.1])))->share, 1e-9);
        self::assertEqualsWithDelta(0.125, $of(array_fill(0, 10, 2.0))->share, 1e-9, 'twice as long, but always');
        self::assertSame(0.75, $of(array_merge(...array_fill(0, 200, [0.2, 1.0, 4.0])))->share);
    }

    public function test_records_move_the_model_by_their_median_shrunk_towards_one(): void
    {
        $figures = Catalogue::shipped()->calibration()->learning;
        $of = fn (array $ratios): Learning => Learning::from($ratios, $figures);
        self::assertSame([0, 1.0], [$of([])->records, $of([])->factor]);
        // (1·2 + 4)/5, (3·2 + 4)/7, and an odd one out that the median does not mind.
        self::assertEqualsWithDelta([1.2, 1.45], [$of([2.0])->factor, $of([2.0, 2.0, 2.0])->factor], 1e-9);
        self::assertEqualsWithDelta(1.45, $of([2.0, 1.9, 4.5])->factor, 1e-9);
        self::assertEqualsWithDelta(1.5, $of([1.0, 2.0])->median, 1e-9);
        self::assertSame(2, $of([2.0, 2.0, 40.0, 0.01])->records, 'slips of the clock teach nothing');
        $bench = Bench::usual(Catalogue::shipped());
        $key = Learnt::key(Method::Hand, Pore::Open);
        $taught = new Bench(
            $bench->table, $bench->abrasives, $bench->calibration, learnt: new Learnt([$key => 2.0], [$key => 3.0]),
        );
        $body = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl()])), Drawn::tables())->body();
        $zone = $body->measure($bench->calibration->shape)->zones['outside'];
        [$model, $own] = [Sanding::of($body, $zone, $bench)->best, Sanding::of($body, $zone, $taught)->best];
        $abrading = fn (?Progression $one): float => ($one->totalMinutes ?? 0.0) - 0.5 * $one?->discs()
            - 0.5 * count($one->steps ?? []);
        self::assertEqualsWithDelta(2.0, $abrading($own) / $abrading($model), 0.15, 'all but changes and looks');
        self::assertGreaterThan($model?->discs(), $own?->discs());
    }

    public function test_ghosts_step_back_one_grit(): void
    {
        $document = Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])]);
        $piece = Piece::read(Document::of($document), Drawn::tables());
        $fault = Fault::read(Document::of(['kind' => 'scratches', 'part' => 'body', 'on' => 'inner']), $piece);
        $mended = fn (array $done): array => array_column(array_map(
            fn (Mended $one): array => [$one->remedy->id, $one], Remedies::of(
                $piece, Bench::usual(Catalogue::shipped()), Drawn::tables(), $done, $fault,
            ),
        ), 1, 0);
        $back = $mended(['body/mount', 'body.inside/sand'])['one-grit-back'] ?? self::fail('one grit back');
        $minutesAt = Benchwork::steps($document)['body.inside/sand']->work->supplies->abrading->minutesAt ?? [];
        $last = array_slice($minutesAt, -2, 2, true);
        self::assertStringContainsString(implode(' and ', array_keys($last)), Told::of($back->remedy->title));
        self::assertSame([], $back->remedy->again, 'what was sanded stays sanded');
        self::assertEqualsWithDelta(array_sum($last), $back->steps[0]->timing->minutes, 1);
        // Under a coat there is no going back one grit.
        self::assertArrayNotHasKey('one-grit-back', $mended([
            'body/mount', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand', 'body/wipe-clean', 'c1-1',
        ]));
    }

    public function test_a_sound_ladder_leaves_no_ghost_in_the_lab_and_a_jump_does(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $job = SandingJob::of(80, 12, null, 70_000, ScratchModel::on(Drawn::sanding(), 6000, 3));
        $of = fn (array $grits, int $seed = 7): array => ScratchLab::passes($job, $table->allNamed($grits, 'g'), $seed);
        $sound = $of(['P120', 'P180', 'P240', 'P320']);
        self::assertCount(5, $sound);
        self::assertSame([0.0, 0.0, 0.0, 0.0, 0.0], array_column($sound, 'ghostUm'));
        $priced = Progression::own($job, $table->allNamed(['P120', 'P180', 'P240', 'P320'], 'g'));
        self::assertEqualsWithDelta(
            $priced->totalMinutes, array_sum(array_column($sound, 'minutes')), 1e-6, 'the minutes of the model',
        );
        $jump = $of(['P80', 'P400']);
        // P80 leaves 50.25 µm; P400 takes out in a sound step's time what a grain of 63 µm leaves, 15.75 µm.
        self::assertEqualsWithDelta(50.25 - 15.75, $jump[2]->ghostUm, 0.01);
        $fine = $of(['P320']);
        self::assertEqualsWithDelta(80 - 46.2, $fine[1]->ghostUm, 0.01, 'too fine to reach the bottoms');
        self::assertSame(0.0, $of(['P180'])[1]->ghostUm);
        foreach ([$sound, $jump, $fine] as $passes) {
            foreach ($passes as $i => $pass) {
                self::assertCount(ScratchLab::POINTS, $pass->profile);
                $lowered = array_map(
                    fn (float $z, float $before): float => $before - $z, $pass->profile,
                    $passes[max(0, $i - 1)]->profile,
                );
                self::assertGreaterThanOrEqual(-1e-9, min($lowered), 'no pass puts wood back');
            }
            self::assertEqualsWithDelta(-80, min($passes[0]->profile), 1e-9);
            self::assertEqualsWithDelta(0, max($passes[0]->profile), 1e-9);
        }
        // Each land lies lower by what its pass took: 80 less the 31.25 µm that P120 leaves.
        self::assertLessThanOrEqual(-48.75 + 1e-9, max($sound[1]->profile));
        self::assertGreaterThan(-48.75 - 31.25, max($sound[1]->profile));
        // Depth below its own land: as deep as the scratch, and what is left of the one before.
        $last = $jump[2];
        self::assertEqualsWithDelta(-80.0, min($last->profile), 1e-6, 'the bottom of the tool marks is still there');
        self::assertEquals($sound[3]->profile, $of(['P120', 'P180', 'P240', 'P320'])[3]->profile, 'by its seed');
        self::assertNotEquals($sound[3]->profile, $of(['P120', 'P180', 'P240', 'P320'], 8)[3]->profile);
        $this->expectException(InvalidField::class);
        $of(array_fill(0, 21, 'P80'));
    }

    /**
     * @param  array<string, mixed>  $surface
     * @param  array<string, mixed>  $part
     */
    private static function sanding(array $surface, array $part = []): Sanding
    {
        return self::all($surface, $part)['outside'];
    }

    /**
     * @param  array<string, mixed>  $surface
     * @param  array<string, mixed>  $part
     * @return array<string, Sanding>
     */
    private static function all(array $surface, array $part = []): array
    {
        $bench = Bench::usual(Catalogue::shipped());
        $body = Piece::read(
            Document::of(Benchwork::piece([Benchwork::bowl($part + ['surface' => $surface])])), Drawn::tables(),
        )->body();

        return Sanding::all($body, $bench, $body->measure($bench->calibration->shape, $bench->minWallMm));
    }
}
