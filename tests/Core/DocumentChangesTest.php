<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Coating\Denib;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\OffItsLine;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Sheen;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use PHPUnit\Framework\TestCase;

/** A piece changes itself: it knows what may overlap, how ids are given and what is refused. */
final class DocumentChangesTest extends TestCase
{
    public function test_a_value_is_copied_whole_but_for_what_is_changed(): void
    {
        $piece = self::piece();
        $named = $piece->named('Tide bowl');
        self::assertSame('Tide bowl', $named->name);
        self::assertSame('Tide bowl', Drawn::written($named)['name']);
        self::assertSame(
            ['name' => 'Tide bowl'] + Drawn::written($piece), ['name' => 'Tide bowl'] + Drawn::written($named),
        );
        $this->expectException(\LogicException::class);
        Copy::with($piece, ['colour' => 'green']);
    }

    public function test_a_fresh_id_is_read_as_one_and_never_given_twice(): void
    {
        $ids = array_map(fn (): string => Id::fresh('m'), range(1, 500));
        self::assertCount(500, array_unique($ids));
        foreach ($ids as $id) {
            self::assertSame($id, Id::read(Document::of(['id' => $id])));
        }
    }

    public function test_a_mark_laid_over_one_of_its_kind_comes_after_it(): void
    {
        $piece = self::piece([self::mark('m1', 'dye', 10, 40), self::mark('m2', 'burnt-line', 20, 24)]);
        $body = $piece->body();
        $over = $piece->marked($body, self::read(self::mark('m3', 'dye', 30, 60)));
        self::assertSame([['m1', 'm3']], $over->order);
        self::assertSame(['m1', 'm2', 'm3'], self::ids($over));
        $beside = $piece->marked($body, self::read(self::mark('m3', 'dye', 40, 60)));
        self::assertSame([], $beside->order, 'they only meet');
        self::assertSame([], $piece->marked($body, self::read(self::mark('m3', 'burnt-line', 30, 33)))->order);
        self::assertSame(30.0, $over->body()->grounds['m3']->lengthMm());

        $without = $over->unmarked($over->body(), 'm1');
        self::assertSame([], $without->order, 'nothing is wished of what is gone');
        self::assertSame(['m2', 'm3'], self::ids($without));
        self::assertSame(['m1', 'm2'], self::ids($piece), 'the piece before is as it was');
    }

    public function test_a_mark_that_cuts_changes_the_turned_shape(): void
    {
        $body = self::piece()->body();
        $cut = $body->withMark(self::read(self::mark('m1', 'grooves', 20, 30)));
        self::assertGreaterThan($body->turned->outer->lengthMm(), $cut->turned->outer->lengthMm());
        self::assertSame(
            $body->turned->outer->lengthMm(), $cut->withoutMark('m1')->turned->outer->lengthMm(),
        );
    }

    public function test_marks_are_moved_copied_and_mirrored_along_their_lines(): void
    {
        $body = self::piece([self::mark('m1', 'dye', 10, 40), self::mark('m2', 'burnt-line', 50, 52)])->body();
        $moved = $body->withMoved(['m2'], -5.5);
        self::assertSame([10.0, 44.5], array_map(fn (Mark $mark): float => $mark->band->fromMm, $moved->marks));
        self::assertSame(46.5, $moved->marks[1]->band->toMm);

        $copied = $body->withCopied(['m1'], 60);
        self::assertSame(['m1', 'm2'], [$copied->marks[0]->id(), $copied->marks[1]->id()]);
        self::assertNotSame('m1', $copied->marks[2]->id());
        self::assertSame([70.0, 100.0], [$copied->marks[2]->band->fromMm, $copied->marks[2]->band->toMm]);

        $mirrored = $body->withMirrored(['m1'])->marks[2]->band;
        $line = $body->lineMm($mirrored->on);
        self::assertSame([$line - 40, $line - 10], [$mirrored->fromMm, $mirrored->toMm]);

        try {
            $body->withMoved(['m1', 'm2'], -12.5);
            self::fail('It was moved off its line.');
        } catch (OffItsLine $e) {
            self::assertSame(['m1', 2.5], [$e->mark->id(), $e->byMm]);
        }
    }

    public function test_layers_of_dye_take_the_place_of_those_on_the_very_band_and_of_no_other(): void
    {
        $piece = self::piece([
            self::mark('m1', 'dye', 10, 40), self::mark('m2', 'dye', 10.004, 40), self::mark('m3', 'dye', 10.02, 40),
            self::mark('m4', 'burnt-line', 10, 40),
        ])->wanting('m1', 'm3');
        $laid = $piece->overlaid(
            $piece->body(), self::read(self::mark('n1', 'dye', 10, 40)), self::read(self::mark('n2', 'dye', 10, 40)),
        );
        self::assertSame(['m3', 'm4', 'n1', 'n2'], self::ids($laid));
        self::assertSame([['n1', 'n2']], $laid->order);
    }

    public function test_one_face_wears_one_plan_of_coats(): void
    {
        $plan = fn (string $id, string ...$zones): CoatPlan => CoatPlan::read(
            Document::of(['id' => $id, 'zones' => $zones, 'layers' => []]), Drawn::tables()->coatings,
        );
        $body = self::piece()->body()->coatedBy($plan('c2', 'inside', 'rim'));
        self::assertSame(
            ['c1' => [Face::Outside], 'c2' => [Face::Inside, Face::Rim]],
            array_column($body->coatPlans, 'zones', 'id'),
        );
        $all = $body->coatedBy($plan('c3', 'outside', 'inside'));
        self::assertSame(
            ['c2' => [Face::Rim], 'c3' => [Face::Outside, Face::Inside]],
            array_column($all->coatPlans, 'zones', 'id'),
        );
        self::assertSame(['c3'], array_column($all->withoutCoats('c2')->coatPlans, 'id'));
    }

    public function test_a_coat_that_is_moved_keeps_its_id_and_leaves_the_rub_in_its_place(): void
    {
        $plan = self::piece()->body()->coatPlan('c1') ?? self::fail('It has no coats.');
        $rubbed = $plan->withRubbedBelow('c1-2', Denib::Paper);
        $moved = $rubbed->withMoved('c1-2', -1);
        self::assertSame(
            [['c1-2', null], ['c1-1', Denib::Paper], ['c1-3', null]],
            array_map(fn (Coat $coat): array => [$coat->id, $coat->denib], $moved->coats),
        );
        self::assertSame($moved->coats, $moved->withMoved('c1-2', -1)->coats, 'there is no place below the wood');
        self::assertSame(['c1-1', 'c1-3'], array_column($rubbed->withoutCoat('c1-2')->coats, 'id'));
    }

    public function test_a_coat_is_put_under_another_and_the_rubs_stay_in_their_places(): void
    {
        $plan = self::piece()->body()->coatPlan('c1') ?? self::fail('It has no coats.');
        $rubbed = $plan->withRubbedBelow('c1-2', Denib::Paper);
        $ids = fn (CoatPlan $of): array => array_map(fn (Coat $coat): array => [$coat->id, $coat->denib], $of->coats);
        self::assertSame(
            [['c1-3', null], ['c1-1', Denib::Paper], ['c1-2', null]], $ids($rubbed->withPlaced('c1-3', 'c1-1')),
        );
        self::assertSame(
            [['c1-2', null], ['c1-3', Denib::Paper], ['c1-1', null]], $ids($rubbed->withPlaced('c1-1', null)),
        );
        self::assertSame($ids($rubbed), $ids($rubbed->withPlaced('c1-2', 'c1-2')));
        self::assertSame($ids($rubbed), $ids($rubbed->withPlaced('none', 'c1-1')));
        $fresh = new Coat('fresh', $plan->coats[0]->coating, null);
        self::assertSame(
            ['c1-1', 'fresh', 'c1-2', 'c1-3'], array_column($rubbed->withCoat($fresh, 'c1-2')->coats, 'id'),
        );
        self::assertSame('fresh', $rubbed->withCoat($fresh)->coats[3]->id);
    }

    public function test_a_sheen_brings_its_rub_where_the_last_coat_comes_to_it(): void
    {
        $plan = self::piece()->body()->coatPlan('c1') ?? self::fail('It has no coats.');
        self::assertSame([Sheen::Satin, BuffWith::Paste], [
            $plan->shining(Sheen::Satin)->sheen, $plan->shining(Sheen::Satin)->buff,
        ]);
        self::assertNull($plan->shining(Sheen::Gloss)->buff, 'an oil builds no film');
        self::assertSame([null, BuffWith::Hand], [
            $plan->shining(Sheen::Satin)->buffed(BuffWith::Hand)->sheen, $plan->buffed(BuffWith::Hand)->buff,
        ]);
    }

    public function test_a_flaw_is_put_in_its_place_and_taken_away(): void
    {
        $flaw = fn (string $id, float $to): Flaw => Flaw::read(Document::of(
            ['id' => $id, 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => $to],
        ));
        $body = self::piece()->body()->withFlaw($flaw('f1', 30))->withFlaw($flaw('f2', 50))->withFlaw($flaw('f1', 20));
        self::assertSame(['f1' => 20.0, 'f2' => 50.0], array_column($body->flaws, 'toMm', 'id'));
        self::assertSame(['f2'], array_column($body->withoutFlaw('f1')->flaws, 'id'));
        self::assertSame([true, false], [$body->hasFlaw('f2'), $body->hasFlaw('f3')]);
        self::assertSame(12.35, $body->flaws[0]->until(12.3456)->toMm);
    }

    public function test_a_part_goes_with_its_joints_and_the_makers_steps_on_it(): void
    {
        $box = Piece::read(Document::of(['steps' => [
            ['id' => 'o1', 'title' => 'Look at it', 'part' => 'lid'],
            ['id' => 'o2', 'title' => 'Look at it', 'part' => 'body'],
        ]] + Benchwork::box()), Drawn::tables());
        $left = $box->withoutPart('lid');
        self::assertSame([['body'], [], ['o2']], [
            array_column($left->parts, 'id'), $left->joints, array_column($left->steps, 'id'),
        ]);
        self::assertSame(['o1'], array_column($box->withoutStep('o2')->steps, 'id'));
    }

    public function test_what_was_mended_on_one_is_no_part_of_the_next(): void
    {
        $piece = Piece::read(Document::of(['due_at' => '2026-12-18T17:00:00Z', 'steps' => [
            ['id' => 'fix', 'title' => 'Fill it', 'technique' => 'fill'], ['id' => 'o1', 'title' => 'Look at it'],
            ['id' => 'rub', 'said' => ['title' => ['code' => 'route.sanded.dust-off-look-over']]],
        ]] + Benchwork::piece([Benchwork::bowl()])), Drawn::tables());
        $next = $piece->another(null);
        self::assertSame([['o1'], null], [array_column($next->steps, 'id'), $next->due]);
    }

    public function test_a_wish_about_two_takes_the_place_of_the_one_before_it(): void
    {
        $piece = self::piece()->wanting('l1', 'l2')->wanting('l2', 'l3')->wanting('l2', 'l1');
        self::assertSame([['l2', 'l3'], ['l2', 'l1']], $piece->order);
        self::assertSame([], $piece->asItComes()->order);
    }

    /** @param  list<array<string, mixed>>  $marks */
    private static function piece(array $marks = []): Piece
    {
        return Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
            'marks' => $marks,
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL, Benchwork::OIL, Benchwork::OIL)],
        ])])), Drawn::tables());
    }

    /** @return array<string, mixed> */
    private static function mark(string $id, string $technique, float $from, float $to): array
    {
        return ['id' => $id, 'technique' => $technique, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $to];
    }

    /** @param  array<string, mixed>  $mark */
    private static function read(array $mark): Mark
    {
        return Mark::read(Document::of($mark), Drawn::tables());
    }

    /** @return list<string> */
    private static function ids(Piece $piece): array
    {
        return array_map(fn (Mark $mark): string => $mark->id(), $piece->body()->marks);
    }
}
