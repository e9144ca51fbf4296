<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Holding\Mount;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Mending\Mended;
use HonestGrain\Mending\Remedies;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every way out of every fault, in the order in which hands do it, judged one by one. */
final class MendWaysTest extends TestCase
{
    /**
     * By the state of the piece: the fault and the way, what is done for it, and what of the route is done again. Coats
     * come off before anything is glued, cut or sanded; what comes off is laid on again; nothing is glued before fire;
     * what must be cut or sanded goes back on the lathe as long as it can.
     */
    private const JUDGED = <<<'WAYS'
        bare bowl
          crack thin-ca: fill sand; -
          crack powder-ca: fill scrape sand; -
          crack keep: -; -
          catch off-lathe: own; -
          catch recut: scrape sand; -
          catch patch: patch mount scrape sand; -
          torn recut: scrape sand; -
          torn seal: seal-to-cut scrape sand; -
          scratches one-grit-back: sand; -
          scratches back-one-grit: sand; -
          dropped off-lathe: own; -
          dropped steam: raise-grain mount sand; -
          dropped glue: glue; -
          metal dig-out: own own mount scrape sand; -
          metal keep: own; -
          knot thin-ca: stabilise sand; -
          knot cut-away: scrape sand; -
          knot keep: own; -
          ripples recut: scrape sand; -
          ripples leave: -; -
          smears solvent: wipe-clean; -
          smears scrape-off: scrape sand; -
          slipped seat-again: own true sand; -
          slipped glue-block: glue mount true sand; -
          bore-off true-to-bore: true sand; -
          bore-off plug: glue own; -
          bore-off leave: -; -
        bowl with a coat
          crack thin-ca: sand-back fill mount sand wipe-clean coated; the wipe coat 1
          crack powder-ca: sand-back fill mount scrape sand wipe-clean coated; the wipe coat 1
          crack keep: -; -
          catch off-lathe: sand-back own wipe-clean coated; the wipe coat 1
          catch recut: sand-back mount scrape sand wipe-clean coated; the wipe coat 1
          catch patch: sand-back patch mount scrape sand wipe-clean coated; the wipe coat 1
          torn recut: sand-back mount scrape sand wipe-clean coated; the wipe coat 1
          torn seal: sand-back seal-to-cut mount scrape sand wipe-clean coated; the wipe coat 1
          scratches back-one-grit: sand-back mount sand wipe-clean coated; the wipe coat 1
          scratches leave: own denib coated; coat 1
          sanded-through touch-in: coat coated; coat 1
          sanded-through strip: sand-back mount sand wipe-clean coated; the wipe coat 1
          drip slice: own denib; -
          drip wipe: wipe-clean coated; coat 1
          nibs rub-down: own denib; -
          nibs polish: own compound; -
          streaks rub-down: own denib coated; coat 1
          tacky wait: own; -
          tacky wipe-down: wipe-off; -
          tacky strip: sand-back mount sand wipe-clean coated; the wipe coat 1
          bloom warm: own; -
          bloom rub-out: own denib; -
          bloom coat-again: own denib coated; coat 1
          dropped off-lathe: sand-back own wipe-clean coated; the wipe coat 1
          dropped steam: sand-back raise-grain mount sand wipe-clean coated; the wipe coat 1
          dropped glue: sand-back glue wipe-clean coated; the wipe coat 1
          metal dig-out: sand-back own own mount scrape sand wipe-clean coated; the wipe coat 1
          metal keep: own; -
          knot thin-ca: sand-back stabilise mount sand wipe-clean coated; the wipe coat 1
          knot cut-away: sand-back mount scrape sand wipe-clean coated; the wipe coat 1
          knot keep: own; -
          ripples recut: sand-back mount scrape sand wipe-clean coated; the wipe coat 1
          ripples leave: -; -
          smears scrape-off: sand-back mount scrape sand wipe-clean coated; the wipe coat 1
        finished bowl
          crack thin-ca: sand-back fill sand wipe-clean coated coated; the wipe coat 1 coat 2
          crack powder-ca: sand-back fill scrape sand wipe-clean coated coated; the wipe coat 1 coat 2
          crack keep: -; -
          scratches back-one-grit: sand-back sand wipe-clean coated coated; the wipe coat 1 coat 2
          scratches leave: own denib coated; coat 2
          drip slice: own denib coated; coat 2
          drip wipe: wipe-clean coated; coat 2
          nibs rub-down: own denib coated; coat 2
          nibs polish: own compound; -
          streaks rub-down: own denib coated; coat 2
          sanded-through touch-in: coat coated; coat 2
          sanded-through strip: sand-back sand wipe-clean coated coated; the wipe coat 1 coat 2
          dropped off-lathe: sand-back own wipe-clean coated coated; the wipe coat 1 coat 2
          dropped steam: sand-back raise-grain sand wipe-clean coated coated; the wipe coat 1 coat 2
          dropped glue: sand-back glue wipe-clean coated coated; the wipe coat 1 coat 2
        dyed bowl
          sanded-through colour-again: own sand-back dye; m1
          blotch even-out: wipe-clean; -
          blotch sand-back: own sand-back dye; m1
          blotch darker: dye; -
        dyed bowl with a coat
          blotch even-out: sand-back wipe-clean coated; coat 1
          blotch sand-back: sand-back sand-back dye wipe-clean coated; m1 the wipe coat 1
          blotch darker: sand-back dye coated; coat 1
          sanded-through touch-in: coat coated; coat 1
          sanded-through strip: sand-back mount sand wetted dye wipe-clean coated; the wetting m1 the wipe coat 1
          crack thin-ca: sand-back fill mount sand wetted dye wipe-clean coated; the wetting m1 the wipe coat 1
          crack powder-ca: sand-back fill mount scrape sand wetted dye wipe-clean coated; the wetting m1 the wipe coat 1
          crack keep: -; -
        bowl to be charred
          crack cut-away: scrape sand; -
          crack keep: -; -
          catch off-lathe: own; -
          catch recut: scrape sand; -
          torn recut: scrape sand; -
          torn seal: seal-to-cut scrape sand; -
          dropped off-lathe: own; -
          dropped steam: raise-grain mount sand; -
          metal dig-out: own own mount scrape sand; -
          metal keep: own; -
          knot cut-away: scrape sand; -
          knot keep: own; -
        charred bowl
          crack powder-ca: fill; -
          crack cut-away: mount scrape sand scorch; m1
          crack keep: -; -
          catch off-lathe: own scorch; m1
          catch recut: mount scrape sand scorch; m1
          dropped off-lathe: own scorch; m1
          dropped steam: raise-grain mount sand scorch; m1
          dropped glue: glue; -
          metal dig-out: own own mount scrape sand scorch; m1
          metal keep: own; -
          knot cut-away: mount scrape sand scorch; m1
          knot keep: own; -
        lined vase
          weeps another-coat: own denib liner water-test; c1-1/water-test
          weeps dry-only: own; -
        box with its lid
          lid-stuck cool: own fit fit fit; j1/fit j1/ease
          lid-stuck cut: fit coat fit fit; j1/fit j1/ease
        WAYS;

    /** @param  array<string, array{string, string}>  $ways */
    #[DataProvider('states')]
    public function test_each_way_is_done_in_its_order(string $state, array $ways): void
    {
        $found = [];
        $kinds = array_map(fn (string $way): string => explode(' ', $way)[0], array_keys($ways));
        foreach (array_unique($kinds) as $kind) {
            foreach (self::ways($state, ['kind' => $kind, 'from_mm' => 10, 'to_mm' => 40]) as $mended) {
                if ($mended->remedy->anew !== null) {
                    continue;
                }
                $found["$kind {$mended->remedy->id}"] = [
                    implode(' ', array_map(fn (Step $step): string => $step->work->technique, $mended->steps)) ?: '-',
                    implode(' ', $mended->remedy->again) ?: '-',
                ];
            }
        }
        self::assertSame($ways, $found);
    }

    /** @return iterable<string, array{string, array<string, array{string, string}>}> */
    public static function states(): iterable
    {
        $states = [];
        $state = '';
        foreach (explode("\n", self::JUDGED) as $line) {
            if (! str_starts_with($line, ' ')) {
                $state = $line;

                continue;
            }
            [$way, $done] = explode(': ', trim($line));
            [$steps, $again] = explode('; ', $done);
            $states[$state][$way] = [strtr($steps, [
                'coated' => 'coat wipe-off', 'wetted' => 'raise-grain knock-back',
            ]), strtr($again, [
                'the wetting' => 'body/raise-grain body/knock-back', 'the wipe' => 'body/wipe-clean',
                'coat 1' => 'c1-1 c1-1/wipe-off', 'coat 2' => 'c1-2 c1-2/wipe-off',
            ])];
        }
        foreach ($states as $state => $ways) {
            yield $state => [$state, $ways];
        }
    }

    public function test_a_longer_crack_takes_longer(): void
    {
        $repairs = Drawn::tables()->calibration->repairs;
        foreach ([[10, 40, 1.0], [10, 110, 1.0], [0, 130, 1.3]] as [$from, $to, $times]) {
            $crack = ['kind' => 'crack', 'from_mm' => $from, 'to_mm' => $to];
            $fill = self::way('bare bowl', 'thin-ca', $crack)->steps[0];
            self::assertSame(round($repairs->hairlineMinutes * $times), $fill->timing->minutes);
        }
    }

    public function test_a_place_is_sanded_for_its_share_of_the_face_and_never_in_no_time(): void
    {
        $whole = 0.0;
        foreach (Benchwork::route(self::bowl([]))->steps as $step) {
            $whole = $step->id === 'body.outside/sand' ? $step->timing->minutes : $whole;
        }
        $sanded = fn (float $to): float => self::way(
            'bare bowl', 'back-one-grit', ['kind' => 'scratches', 'from_mm' => 10, 'to_mm' => $to],
        )->steps[0]->timing->minutes;
        $outer = hypot(20, 45) + hypot(70, 50);
        self::assertSame(2.0, $sanded(11));
        self::assertEqualsWithDelta($whole * 2 * 30 / $outer, $sanded(40), 0.5, 'a hand wider each way');
        self::assertGreaterThan($sanded(40), $sanded(60));
    }

    public function test_a_coat_is_hard_before_it_is_cut_and_dry_before_it_is_rubbed(): void
    {
        $oil = Drawn::tables()->coatings->coating(Benchwork::OIL);
        $place = ['from_mm' => 10, 'to_mm' => 40];
        $wait = fn (string $way, string $kind): float => self::way(
            'bowl with a coat', $way, ['kind' => $kind] + $place,
        )->steps[0]->timing->wait->minHours;
        self::assertSame($oil->handleHours, $wait('slice', 'drip'));
        self::assertSame($oil->handleHours, $wait('polish', 'nibs'));
        self::assertSame($oil->recoatFromHours, $wait('rub-down', 'nibs'));
        self::assertSame(0.0, $wait('thin-ca', 'crack') - Drawn::tables()->calibration->mending->flashHours);
    }

    public function test_leaving_a_finished_coat_alone_adds_no_coat(): void
    {
        foreach (['bowl with a coat' => 0, 'finished bowl' => 1] as $state => $coats) {
            $mended = self::way($state, 'rub-down', ['kind' => 'nibs', 'from_mm' => 10, 'to_mm' => 40]);
            self::assertCount($coats, array_filter(
                $mended->steps, fn (Step $step): bool => $step->work->technique === 'coat',
            ), 'nibs are buried by the coat that comes anyway, or by one more');
        }
    }

    public function test_what_a_way_adds_is_what_it_brings_less_what_it_spares(): void
    {
        $spared = 0;
        foreach (Form::cases() as $form) {
            $piece = self::begun($form);
            $bench = Bench::usual(Catalogue::shipped());
            $steps = Route::of($piece, $bench, Drawn::tables(), Past::of([]))->steps;
            $ids = array_map(fn (Step $step): string => $step->id, $steps);
            foreach (preg_grep('/wipe-clean$/', $ids) ?: [] as $last => $id) {
                $done = array_slice($ids, 0, $last + 1);
                $fault = Fault::read(Document::of(['kind' => 'scratches', 'part' => strtok($id, '/')]), $piece);
                foreach (Remedies::of($piece, $bench, Drawn::tables(), $done, $fault) as $way) {
                    self::assertEqualsWithDelta(
                        self::minutes($way->steps) - self::minutes($way->spared), $way->addedMinutes, 1e-6, $id,
                    );
                    $spared += count($way->spared);
                    self::assertSame([], array_intersect($done, $way->toArray()['spared']), 'done is done');
                }
            }
        }
        self::assertGreaterThan(0, $spared);
    }

    /** @param  list<Step>  $steps */
    private static function minutes(array $steps): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->timing->minutes, $steps));
    }

    /** @param  array<string, mixed>  $fault */
    private static function way(string $state, string $id, array $fault): Mended
    {
        foreach (self::ways($state, $fault) as $mended) {
            if ($mended->remedy->id === $id) {
                return $mended;
            }
        }
        self::fail("There is no way $id.");
    }

    /**
     * @param  array<string, mixed>  $fault
     * @return list<Mended>
     */
    private static function ways(string $state, array $fault): array
    {
        $dye = [Benchwork::mark('m1', 'dye', 0, 60)];
        $char = [Benchwork::mark('m1', 'scorch', 0, 60)];
        [$document, $until, $on] = match ($state) {
            'bare bowl' => [self::bowl([]), 'body.outside/sand', 'outer'],
            'bowl with a coat' => [self::bowl([]), 'c1-1/wipe-off', 'outer'],
            'finished bowl' => [self::bowl([]), 'c1-2/foot/wipe-off', 'outer'],
            'dyed bowl' => [self::bowl($dye), 'm1', 'outer'],
            'dyed bowl with a coat' => [self::bowl($dye), 'c1-1/wipe-off', 'outer'],
            'bowl to be charred' => [self::bowl($char), 'body.outside/sand', 'outer'],
            'charred bowl' => [self::bowl($char), 'm1', 'outer'],
            'lined vase' => [Benchwork::vase(), 'c1-1/water-test', 'inner'],
            default => [Benchwork::box(), 'j1/ease', 'outer'],
        };
        $ids = array_map(fn (Step $step): string => $step->id, Benchwork::route($document)->steps);
        $piece = Piece::read(Document::of($document), Drawn::tables());

        return Remedies::of(
            $piece, Bench::usual(Catalogue::shipped()), Drawn::tables(),
            array_slice($ids, 0, (int) array_search($until, $ids, true) + 1),
            Fault::read(Document::of($fault + ['on' => $on]), $piece),
        );
    }

    public function test_what_is_put_right_on_the_hold_comes_before_that_is_off(): void
    {
        $wet = Drawn::written(self::begun(Form::DeepBowl));
        $wet['parts'][0] = ['moisture_percent' => 45] + $wet['parts'][0];
        $piece = Piece::read(
            Document::of(['starts_as' => 'blank', 'school' => ['wet' => 'turned-once']] + $wet), Drawn::tables(),
        );
        $bench = Bench::usual(Catalogue::shipped());
        $ids = array_map(fn (Step $step): string => $step->id, Route::of($piece, $bench, Drawn::tables())->steps);
        $done = array_slice($ids, 0, (int) array_search('body/part-off', $ids, true));
        $looked = 0;
        foreach (FaultKind::cases() as $kind) {
            $fault = Fault::read(Document::of(['kind' => $kind->value, 'on' => 'outer', 'from_mm' => 10]), $piece);
            foreach (Remedies::of($piece, $bench, Drawn::tables(), $done, $fault) as $mended) {
                $isOff = false;
                foreach ($mended->remedy->anew === null ? $mended->route->steps : [] as $step) {
                    self::assertFalse(
                        $isOff && $step->setup->mount === Mount::Tenon,
                        "$kind->value, {$mended->remedy->id}, $step->id: its tenon is off",
                    );
                    $isOff = $isOff || $step->id === 'body/part-off';
                    $looked++;
                }
            }
        }
        self::assertGreaterThan(500, $looked);
    }

    private static function begun(Form $form): Piece
    {
        return Piece::read(Document::of(Starter::document(
            Drawn::tables()->calibration->joints, $form, $form->profile(...array_values($form->sizes())),
            Catalogue::shipped()->stacks(), [
                'name' => Told::of($form->label()), 'purpose' => 'handled', 'wood' => 'Cherry (black)',
                'moisture_percent' => 9,
            ],
        )), Drawn::tables());
    }

    public function test_what_is_glued_to_another_is_cut_off_it_before_it_is_made_again(): void
    {
        $piece = self::begun(Form::Scoop);
        $tables = Drawn::tables();
        $bench = Bench::usual(Catalogue::shipped());
        $done = array_map(fn (Step $step): string => $step->id, Route::of($piece, $bench, $tables)->steps);
        $joint = $piece->joints[0];
        foreach (['handle' => 'body', 'body' => 'handle'] as $made => $stays) {
            $again = Remedies::makeAgain($piece, $bench, $tables, $done, $made);
            self::assertNotNull($again);
            $cut = array_values(array_filter($again->steps, fn (Step $step): bool => $step->id === 'mend-1'))[0];
            self::assertSame($stays, $cut->part);
            self::assertStringContainsString(
                $made === 'handle' ? 'bore the rest out' : 'never towards the tenon', Told::of($cut->words->how[0]),
            );
            $order = array_map(fn (Step $step): string => $step->id, $again->route->steps);
            self::assertLessThan(
                array_search("$joint->id/glue", $order, true), array_search('mend-1', $order, true), 'cut off first',
            );
            self::assertContains("$joint->id/glue", $again->remedy->again);
            self::assertNotContains("$stays.outside/sand", $again->remedy->again, 'what stays is not done again');
            self::assertContains("$made.outside/sand", $again->remedy->again);
        }
    }

    /**
     * @param  list<array<string, mixed>>  $marks
     * @return array<string, mixed>
     */
    private static function bowl(array $marks): array
    {
        return Benchwork::piece([Benchwork::bowl([
            'marks' => $marks, 'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL, Benchwork::OIL)],
        ])]);
    }
}
