<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Mending\Mended;
use HonestGrain\Mending\Remedies;
use HonestGrain\Mending\Seen;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Step;
use PHPUnit\Framework\TestCase;

/** A part that is made again from another blank, and what can be wrong with a part as far as it has come. */
final class MakeAgainTest extends TestCase
{
    private const LID = ['lid/rough', 'lid.outside/shape', 'lid.outside/sand'];

    public function test_a_lid_made_again_begins_with_a_blank_of_its_own_and_leaves_the_box_as_it_is(): void
    {
        $piece = self::box();
        $done = ['stock-1/saw', 'body/rough', 'body.outside/shape', ...self::LID];
        $again = Remedies::makeAgain($piece, self::bench(), Drawn::tables(), $done, 'lid');
        self::assertNotNull($again);
        self::assertSame(self::LID, $again->remedy->again, 'nothing of the box');
        $lid = $again->piece->part('lid');
        self::assertSame([], $lid?->flaws, 'the cracks of the old blank are not in the new one');
        self::assertSame(StartsAs::Blank, $lid->startsAs);
        self::assertSame(['body'], $again->piece->stock[0]->parts, 'the old blank keeps the box');
        [$stock] = array_slice($again->piece->stock, -1);
        self::assertSame([['lid'], null], [$stock->parts, $stock->blank], 'a blank that is still to be found');
        self::assertTrue($stock->laidOut($again->piece, Drawn::tables()->calibration->stock)->fits());
        $ids = array_map(fn (Step $step): string => $step->id, $again->steps);
        self::assertSame([], array_diff(self::LID, $ids));
        $mount = array_search('lid/rough', $ids, true);
        self::assertSame('mount', $again->steps[$mount - 1]->work->technique ?? null, 'it is mounted before it spins');
        self::assertGreaterThan(0.0, $again->addedMinutes);
    }

    public function test_what_was_finished_before_is_turned_again_from_a_blank(): void
    {
        $piece = self::read(Benchwork::piece([Benchwork::bowl()]));
        self::assertSame(StartsAs::Turned, $piece->startsAs);
        $again = Remedies::makeAgain($piece, self::bench(), Drawn::tables(), ['body/mount'], null);
        $made = array_map(fn (Step $step): string => $step->work->technique, $again->steps ?? []);
        foreach (['rough', 'tenon', 'shape', 'hollow'] as $cut) {
            self::assertContains($cut, $made);
        }
    }

    public function test_nothing_is_made_again_that_was_not_begun_and_what_is_glued_is_cut_off_first(): void
    {
        $again = fn (Piece $piece, array $done, string $part): ?Mended => Remedies::makeAgain(
            $piece, self::bench(), Drawn::tables(), $done, $part,
        );
        self::assertNull($again(self::box(), ['body/rough'], 'lid'));
        $glued = self::box('glued-tenon');
        self::assertNotNull($again($glued, self::LID, 'lid'));
        self::assertSame([], $again($glued, self::LID, 'lid')?->remedy->ids(), 'nothing is to be cut off yet');
        self::assertSame(
            ['mend-1'], $again($glued, [...self::LID, 'j1/fit', 'j1/glue'], 'lid')?->remedy->ids(),
        );
    }

    public function test_making_again_is_weighed_beside_mending_what_may_end_a_part(): void
    {
        foreach (FaultKind::cases() as $kind) {
            $ways = $this->remedies($kind);
            self::assertSame($kind->mayEndAPart(), in_array('make-again', $ways, true), $kind->value);
        }
        self::assertFalse(FaultKind::Nibs->mayEndAPart());
    }

    public function test_only_what_can_be_is_asked_for(): void
    {
        $seen = fn (array $done, string $part = 'body', ?Piece $piece = null): array => array_map(
            fn (FaultKind $kind): string => $kind->value,
            Seen::on($piece ?? self::box(), $part, self::bench(), Drawn::tables(), $done),
        );
        foreach (['nibs', 'drip', 'tacky', 'bloom', 'streaks', 'blotch', 'smears', 'weeps', 'bore-off'] as $never) {
            self::assertNotContains($never, $seen(['body/rough']), "$never on bare wood");
        }
        self::assertContains('crack', $seen([]));
        self::assertContains('lid-stuck', $seen(['body/rough']));
        self::assertNotContains('lid-stuck', $seen([], 'body', self::read(Benchwork::piece([Benchwork::bowl()]))));
        self::assertContains('slipped', $seen(['body/rough']));
        $coated = ['body/rough', 'body.outside/shape', 'body.outside/sand', 'body/wipe-clean', 'c1-1'];
        $bowl = self::read(['starts_as' => 'blank'] + Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])]));
        foreach (['nibs', 'drip', 'streaks'] as $of) {
            self::assertContains($of, $seen($coated, 'body', $bowl));
        }
    }

    /** @return list<string> */
    private function remedies(FaultKind $kind): array
    {
        return array_map(fn (Mended $mended): string => $mended->remedy->id, Remedies::of(
            self::box(), self::bench(), Drawn::tables(), self::LID,
            \HonestGrain\Mending\Fault::read(Document::of(['kind' => $kind->value, 'part' => 'lid']), self::box()),
        ));
    }

    private static function bench(): Bench
    {
        return Bench::usual(Catalogue::shipped());
    }

    private static function box(string $kind = 'lifts'): Piece
    {
        $box = Benchwork::box();
        foreach ($box['parts'] as $i => $part) {
            $box['parts'][$i]['grain'] = 'end';
            $box['parts'][$i]['features'] = $part['id'] !== 'lid' ? [] : [[
                'id' => 'f1', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 1, 'to_mm' => 5, 'wish' => 'fill',
            ]];
        }
        $box['joints'][0]['kind'] = $kind;

        return self::read([
            'starts_as' => 'blank', 'school' => ['lid' => 'finished-apart'], 'stock' => [[
                'id' => 'stock-1', 'form' => 'square', 'length_mm' => 400, 'width_mm' => 140, 'height_mm' => 140,
                'parts' => ['body', 'lid'],
            ]],
        ] + $box);
    }

    /** @param  array<string, mixed>  $document */
    private static function read(array $document): Piece
    {
        return Piece::read(Document::of($document), Drawn::tables());
    }
}
