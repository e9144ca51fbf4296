<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Mending\Causes;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Mending\Logged;
use HonestGrain\Mending\Mended;
use HonestGrain\Mending\Remedies;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Step;
use HonestGrain\Safety\Hazard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Something went wrong half-way: what can be done, what must be done again, and what that costs. */
final class MendTest extends TestCase
{
    use Asking;

    private const DONE = [
        'body/mount', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand', 'body/wipe-clean', 'c1-1',
        'c1-1/wipe-off',
    ];

    #[DataProvider('faults')]
    public function test_every_fault_has_its_remedies_at_any_point_of_the_route(FaultKind $kind): void
    {
        $ids = array_map(fn (Step $step): string => $step->id, Benchwork::route(self::bowl())->steps);
        foreach ([0, 4, 7, 12, count($ids) - 2] as $count) {
            $done = array_slice($ids, 0, $count);
            $remedies = self::remedies(self::bowl(), $done, ['kind' => $kind->value]);
            self::assertGreaterThanOrEqual(
                in_array($kind, [
                    FaultKind::SandedThrough, FaultKind::Scratches, FaultKind::Streaks, FaultKind::Bloom,
                    FaultKind::Smears,
                ], true) ? 1 : 2, count($remedies),
            );
            foreach ($remedies as $mended) {
                self::assertStringEndsWith('.', Told::of($mended->remedy->because));
                self::assertSame([], array_diff($mended->remedy->again, $done), 'only what was done is done again');
                $at = array_flip(array_map(fn (Step $step): string => $step->id, $mended->route->steps));
                // What is made again may be held otherwise from the start.
                $stays = $mended->remedy->anew === null ? $mended->remedy->again : [];
                foreach ([...$mended->remedy->ids(), ...$stays] as $id) {
                    self::assertArrayHasKey($id, $at, Told::of($mended->remedy->title));
                }
                $kept = array_values(array_diff($done, $mended->remedy->again));
                self::assertSame(
                    $kept, array_slice(array_keys($at), 0, count($kept)), 'what was done and stays is not touched',
                );
                foreach ($mended->steps as $step) {
                    self::assertNotSame('Your own step.', Told::of($step->words->because), 'nobody wrote it');
                    foreach ($step->timing->after as $lag) {
                        self::assertLessThan($at[$step->id], $at[$lag->task]);
                    }
                }
            }
            self::assertCount(count($remedies), array_unique(array_map(
                fn (Mended $mended): string => $mended->remedy->id, $remedies,
            )));
        }
    }

    /** @return iterable<string, array{FaultKind}> */
    public static function faults(): iterable
    {
        foreach (FaultKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    public function test_a_crack_found_after_the_first_coat_is_bared_filled_cut_back_sanded_and_coated_again(): void
    {
        $mended = self::remedy(self::bowl(), self::DONE, 'powder-ca', [
            'kind' => 'crack', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 40,
        ]);
        self::assertSame(
            ['body/wipe-clean', 'c1-1', 'c1-1/wipe-off'], $mended->remedy->again,
            'the place alone is sanded again, and the inside, which is not touched, stays as it is',
        );
        self::assertSame(
            ['sand-back', 'fill', 'mount', 'scrape', 'sand', 'wipe-clean', 'coat', 'wipe-off'],
            array_map(fn (Step $step): string => $step->work->technique, $mended->steps),
        );
        self::assertContains(Hazard::Cyanoacrylate, $mended->steps[1]->setup->hazards);
        self::assertContains(Hazard::Lathe, $mended->steps[3]->setup->hazards, 'cut back spinning');
        $again = array_sum(array_map(fn (Step $step): float => $step->timing->minutes, $mended->steps));
        self::assertSame($again, $mended->addedMinutes, 'all of it is more work');
        self::assertGreaterThan(1.0, $mended->addedWaitHours);
    }

    public function test_a_crack_whose_place_is_not_typed_takes_what_a_crack_takes(): void
    {
        $minutes = fn (array $place): float => self::remedy(
            self::bowl(), array_slice(self::DONE, 0, 4), 'powder-ca', ['kind' => 'crack', 'on' => 'outer'] + $place,
        )->addedMinutes;
        $usual = Drawn::tables()->calibration->mending->usualMm;
        self::assertSame($minutes(['from_mm' => 10, 'to_mm' => 10 + $usual]), $minutes([]));
        self::assertLessThan($minutes(['from_mm' => 0, 'to_mm' => 120]), $minutes([]));
    }

    public function test_the_log_speaks_for_a_cause_before_the_plan_does(): void
    {
        $fact = function (string $kind, string $cause, Logged $log): string {
            $piece = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl([
                'coats' => [Benchwork::coats('c1', ['outside'], 'Wiping varnish (oil-based thinned)',
                    'Wiping varnish (oil-based thinned)')],
            ])])), Drawn::tables());
            $fault = Fault::read(Document::of(['kind' => $kind, 'on' => 'outer']), $piece);
            foreach (Causes::of(
                $piece, Bench::usual(Drawn::catalogue()), Drawn::tables(), array_keys($log->at), $fault, $log,
            ) as $one) {
                if ($one->id === $cause) {
                    return $one->fact === null ? '' : Told::of($one->fact);
                }
            }

            return 'no such cause';
        };
        $sand = 'body.outside/sand';
        self::assertStringContainsString('was skipped', $fact('scratches', 'skipped-grit', new Logged([$sand])));
        self::assertStringContainsString(
            'took 2 min', $fact('scratches', 'skipped-grit', new Logged([], [$sand => 0], [$sand => 2.0])),
        );
        self::assertSame('', $fact('scratches', 'skipped-grit', new Logged([], [$sand => 0], [$sand => 60.0])));
        $at = fn (float $hours): Logged => new Logged([], [
            'body/mount' => 0, $sand => 60, 'c1-1' => 3600, 'c1-2' => 3600 + (int) (3600 * $hours),
        ]);
        self::assertStringContainsString('after 2.0 h', $fact('tacky', 'too-much', $at(2.0)));
        self::assertSame('', $fact('tacky', 'too-much', $at(30.0)), 'it had its time');
    }

    public function test_causes_are_told_with_how_they_show_and_those_with_a_fact_first(): void
    {
        $causes = fn (string $kind, array $surface): array => $this->ask('mend', [
            'piece' => Benchwork::piece([Benchwork::bowl(['surface' => $surface])]), 'done' => [],
            'fault' => ['kind' => $kind, 'on' => 'outer'],
        ])['causes'];
        $ids = fn (array $told): array => array_column($told, 'id');
        $facts = fn (array $told): array => array_column(array_filter(
            $told, fn (array $one): bool => $one['fact'] !== null,
        ), 'fact', 'id');
        $scratches = $causes('scratches', ['method' => ['outside' => 'random-orbit']]);
        foreach (['sander', 'pad', 'stray-grain', 'skipped-grit'] as $cause) {
            self::assertContains($cause, $ids($scratches));
        }
        self::assertContains('bevel', $ids($causes('streaks', [])));
        self::assertStringContainsString('random orbit', $facts($scratches)['sander']);
        self::assertArrayHasKey('stray-grain', $facts($scratches));
        self::assertArrayNotHasKey('rings', $facts($scratches), 'it does not spin');
        self::assertSame(array_keys($facts($scratches)), array_slice($ids($scratches), 0, count($facts($scratches))));
        $by = fn (array $surface): array => $facts($causes('scratches', $surface));
        self::assertNotContains('sander', $ids($causes('scratches', [])), 'no machine is planned');
        self::assertArrayHasKey('rings', $by([]));
        self::assertStringContainsString('P80 to P400', $by(['own' => ['outside' => ['P80', 'P400']]])['skipped-grit']);
        self::assertArrayNotHasKey('skipped-grit', $by(['own' => ['outside' => ['P120', 'P180', 'P240']]]));
        self::assertArrayNotHasKey('stray-grain', $by(['wiped' => ['outside' => ['P180' => 'air']]]));
        self::assertArrayHasKey('bevel', $facts($causes('blotch', ['cut' => ['outside' => 'bevel-cut']])));
        self::assertArrayNotHasKey('bevel', $facts($causes('blotch', ['cut' => ['outside' => 'shear-scraped']])));
        foreach (FaultKind::cases() as $kind) {
            foreach ($causes($kind->value, []) as $cause) {
                self::assertStringEndsWith('.', $cause['shows']);
                self::assertStringEndsWith('.', $cause['instead']);
            }
        }
    }

    public function test_a_fault_that_a_face_can_hardly_have_is_doubted(): void
    {
        $doubt = fn (array $done, string $kind, string $on = 'outer'): ?string => $this->ask('mend', [
            'piece' => self::bowl(), 'done' => $done, 'fault' => ['kind' => $kind, 'on' => $on],
        ])['doubt'];
        self::assertStringContainsString('No coat', (string) $doubt([], 'drip'));
        self::assertNull($doubt(self::DONE, 'drip'));
        self::assertStringContainsString('No colour', (string) $doubt([], 'blotch'));
        self::assertStringContainsString('no top', (string) $doubt([], 'crack', 'top'));
        self::assertNull($doubt([], 'crack'));
    }

    public function test_torn_grain_is_cut_and_never_only_sanded(): void
    {
        foreach (self::remedies(self::bowl(), array_slice(self::DONE, 0, 4), ['kind' => 'torn']) as $mended) {
            self::assertContains(
                'scrape', array_map(fn (Step $step): string => $step->work->technique, $mended->steps),
            );
            self::assertContains('body.outside/sand', $mended->remedy->again);
        }
    }

    public function test_a_liner_that_weeps_gets_another_coat_and_is_proved_again(): void
    {
        $done = [];
        foreach (Benchwork::route(Benchwork::vase())->steps as $step) {
            $done[] = $step->id;
            if ($step->id === 'c1-1/water-test') {
                break;
            }
        }
        $mended = self::remedy(Benchwork::vase(), $done, 'another-coat', ['kind' => 'weeps', 'on' => 'inner']);
        self::assertSame(['c1-1/water-test'], $mended->remedy->again);
        $order = array_map(fn (Step $step): string => $step->work->technique, $mended->steps);
        self::assertSame(['own', 'denib', 'liner', 'water-test'], $order);
        self::assertContains(Hazard::TwoPart, $mended->steps[2]->setup->hazards);
        $test = $mended->steps[3];
        self::assertSame(24.0, $test->timing->after[0]->wait->minHours, 'hard before water stands in it');
    }

    public function test_what_must_spin_and_has_no_hold_any_more_is_done_by_hand(): void
    {
        $done = [];
        foreach (Benchwork::route(self::bowl())->steps as $step) {
            $done[] = $step->id;
            if ($step->id === 'body/part-off') {
                break;
            }
        }
        $mended = self::remedy(self::bowl(), $done, 'recut', ['kind' => 'torn', 'on' => 'outer']);
        foreach ($mended->steps as $step) {
            self::assertNotSame('tenon', $step->setup->mount?->value, $step->id);
        }
    }

    public function test_what_is_scorched_is_scorched_again_where_its_face_is_bared(): void
    {
        $bowl = Benchwork::piece([Benchwork::bowl([
            'marks' => [['id' => 'm1', 'technique' => 'scorch', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 60]],
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])]);
        $done = array_map(fn (Step $step): string => $step->id, Benchwork::route($bowl)->steps);
        $until = array_slice($done, 0, (int) array_search('c1-1', $done, true) + 1);
        self::assertContains('m1', $until);
        self::assertContains(
            'm1', self::remedy($bowl, $until, 'sand-back', ['kind' => 'blotch', 'on' => 'outer'])->remedy->again,
        );
    }

    public function test_leaving_it_costs_nothing(): void
    {
        $mended = self::remedy(self::bowl(), self::DONE, 'keep', ['kind' => 'crack']);
        self::assertSame([[], [], 0.0, 0.0], [
            $mended->steps, $mended->remedy->again, $mended->addedMinutes, $mended->addedWaitHours,
        ]);
    }

    /** @param  array<string, mixed>  $fault */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_field(array $fault, string $field): void
    {
        try {
            self::remedies(self::bowl(), [], $fault);
            self::fail('It was taken.');
        } catch (BadInput $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'no kind' => [['on' => 'outer'], 'kind'];
        yield 'unknown kind' => [['kind' => 'haunted'], 'kind'];
        yield 'unknown part' => [['kind' => 'crack', 'part' => 'spout'], 'part'];
        yield 'backwards' => [['kind' => 'crack', 'from_mm' => 40, 'to_mm' => 10], 'to_mm'];
    }

    /** @return array<string, mixed> */
    private static function bowl(): array
    {
        return Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL, Benchwork::OIL)],
        ])]);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $done
     * @param  array<string, mixed>  $fault
     * @return list<Mended>
     */
    private static function remedies(array $document, array $done, array $fault): array
    {
        $piece = Piece::read(Document::of($document), Drawn::tables());

        return Remedies::of(
            $piece, Bench::usual(Catalogue::shipped()), Drawn::tables(), $done,
            Fault::read(Document::of($fault), $piece),
        );
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $done
     * @param  array<string, mixed>  $fault
     */
    private static function remedy(array $document, array $done, string $id, array $fault): Mended
    {
        foreach (self::remedies($document, $done, $fault) as $mended) {
            if ($mended->remedy->id === $id) {
                return $mended;
            }
        }
        self::fail("There is no remedy $id.");
    }
}
