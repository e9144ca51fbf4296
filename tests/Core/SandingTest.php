<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Abrasive\ColourGround;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Abrasive\ProgressionFaultKind;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\SandingRates;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Calibration\AskedFigures;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Route;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\StepKind;
use HonestGrain\Wood\RimSpeed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a zone is sanded to, with what, how fast it turns, and what a hand-made ladder gets wrong. */
final class SandingTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Catalogue::shipped();
    }

    /** @param  list<string>  $coats */
    #[DataProvider('asked')]
    public function test_what_comes_next_asks_for_the_size_of_the_last_grain(
        array $coats,
        bool $dyed,
        float $limit,
        ?float $floor,
        string $wood = 'Maple (sugar)',
    ): void {
        $stack = array_map(fn (string $class) => $this->catalogue->coatings()->coating($class), $coats);
        $asked = AskedSurface::by(
            $stack, $dyed ? [ColourGround::Dye] : [], $this->catalogue->woods()->named($wood), $this->figures(),
        );
        self::assertSame([$limit, $floor], [$asked->limitMicron, $asked->floorMicron]);
        self::assertNotSame('', $asked->because);
    }

    /** @return iterable<string, array{0: list<string>, 1: bool, 2: float, 3: float|null, 4?: string}> */
    public static function asked(): iterable
    {
        [$shellac, $polish] = ['Dewaxed shellac (2 lb cut)', 'Friction polish (shellac oil alcohol)'];
        [$varnish, $walnut] = ['Wiping varnish (oil-based thinned)', 'Walnut oil (heat-treated)'];
        yield 'bare' => [[], false, 26.5, null];
        yield 'oil' => [[$walnut], false, 60.0, null];
        yield 'hard-wax oil' => [['Hard-wax oil'], false, 68.0, 47.0];
        yield 'film' => [[$varnish], false, 48.0, null];
        yield 'under abrasive paste' => [['Abrasive paste (wax carried)', $polish], false, 48.0, null];
        yield 'sealer under film' => [[$shellac, $varnish], false, 48.0, null];
        yield 'sealer under friction polish' => [['Shellac sanding sealer', $polish], false, 26.5, null];
        yield 'cellulose sealer under wax' => [['Cellulose sanding sealer', 'Paste wax'], false, 26.5, null];
        yield 'varnish under wax' => [[$varnish, 'Paste wax'], false, 48.0, null];
        yield 'friction polish' => [[$polish], false, 26.5, null];
        yield 'film over dye' => [[$varnish], true, 48.0, 32.0];
        yield 'oil over dye' => [[$walnut], true, 60.0, 32.0];
        yield 'hard-wax oil over dye' => [['Hard-wax oil'], true, 60.0, 47.0];
        yield 'polish over dye' => [[$polish], true, 26.5, 32.0];
        yield 'oil on open pores' => [[$walnut], false, 75.0, null, 'Oak (white)'];
        yield 'film on softwood' => [[$varnish], false, 72.0, null, 'Redcedar (western)'];
        yield 'bare and very hard' => [[], false, 26.5, null, 'Persimmon (common)'];
        yield 'oil on very hard wood' => [[$walnut], false, 35.0, null, 'Persimmon (common)'];
        yield 'film on very hard wood' => [[$varnish], false, 48.0, null, 'Persimmon (common)'];
        yield 'hard-wax oil on very hard wood' => [['Hard-wax oil'], false, 48.0, 46.0, 'Persimmon (common)'];
        yield 'oil on a dense oily wood' => [[$walnut], false, 35.0, null, 'Rosewood (Indian)'];
        yield 'oil on very hard open pores' => [[$walnut], false, 75.0, null, 'Hickory (shagbark)'];
        yield 'bare and dyed' => [[], true, 60.0, 32.0];
    }

    public function test_polish_over_dye_asks_for_two_things_at_once_and_says_so(): void
    {
        $maple = $this->catalogue->woods()->named('Maple (sugar)');
        $polish = AskedSurface::by(
            [$this->catalogue->coatings()->coating('Friction polish (shellac oil alcohol)')],
            [ColourGround::Dye], $maple,
            $this->figures(),
        );
        self::assertTrue($polish->contradictsItself());
        self::assertNull($polish->withoutFloor()->floorMicron);
        self::assertFalse(AskedSurface::by([], [], $maple, $this->figures())->contradictsItself());
    }

    public function test_a_zone_of_a_bowl_from_drawing_to_ladder(): void
    {
        $piece = $this->bowl(260);
        $measured = $piece->body()->measure(Drawn::shape());
        $sandings = Sanding::all($piece->body(), Bench::usual($this->catalogue), $measured);
        self::assertSame(['outside', 'rim', 'inside', 'foot'], array_keys($sandings));
        self::assertSame([], $sandings['foot']->shared->with, 'in a mount of its own');
        unset($sandings['foot']);
        foreach ($sandings as $zone => $sanding) {
            self::assertNotNull($sanding->best);
            $last = $sanding->best->steps[count($sanding->best->steps) - 1];
            self::assertLessThanOrEqual($sanding->asked->limitMicron, $last->grit->micron);
            self::assertTrue($sanding->isOnLadder());
            self::assertCount(2, $sanding->shared->with);
            // 260 mm at 5 m/s is 367 rpm, and the lathe is set in tens.
            self::assertSame(360, $sanding->way->rpm);
            self::assertLessThanOrEqual(5.0, $sanding->way->speedMPerS);
            self::assertEqualsWithDelta(
                RimSpeed::metresPerSecond(2 * $measured->zones[$zone]->meanRadiusMm, 360), $sanding->way->speedMPerS,
                1e-9,
            );
        }
        $together = array_sum(array_map(fn (Sanding $sanding): float => $sanding->minutes(), $sandings));
        $apart = array_sum(array_map(fn (Sanding $sanding): float => $sanding->best->totalMinutes ?? 0.0, $sandings));
        self::assertLessThan($apart, $together, 'one mount changes each grit once');
        self::assertGreaterThan(
            0.5 * $sandings['outside']->zone->areaMm2 / 10_000, $sandings['outside']->best?->alongGrainMinutes + 0.01,
        );
    }

    public function test_the_rim_speed_sets_the_lathe_whatever_the_size(): void
    {
        foreach ([40.0, 120.0, 250.0, 400.0, 600.0] as $diameter) {
            $rpm = RimSpeed::rpmFor($diameter, 5);
            self::assertSame(0, $rpm % 10);
            self::assertLessThanOrEqual(5.0, RimSpeed::metresPerSecond($diameter, $rpm));
            self::assertTrue($rpm === 2000 || RimSpeed::metresPerSecond($diameter, $rpm + 10) > 5.0);
        }
        self::assertLessThan(RimSpeed::rpmFor(250, 5), RimSpeed::rpmFor(250, 3));
        self::assertSame(800, RimSpeed::rpmFor(40, 5, 800));
    }

    public function test_what_the_shelf_lacks_is_said_and_an_own_ladder_still_priced(): void
    {
        $piece = $this->bowl(260, ['outside' => ['P80', 'P180', 'P400']]);
        $zone = $piece->body()->measure(Drawn::shape())->zones['outside'];
        $table = $this->catalogue->abrasives();
        $bench = new Bench($table, $table->allNamed(['P80', 'P120'], 'a'), $this->catalogue->calibration());
        $sanding = Sanding::of($piece->body(), $zone, $bench);
        self::assertSame(['P120'], $sanding->best?->gritNames(), 'as far as it goes');
        self::assertStringContainsString('Missing is a grit', Told::of($sanding->missing));
        self::assertSame(['P80', 'P180', 'P400'], $sanding->gritNames());
        self::assertSame($sanding->own?->totalMinutes, $sanding->minutes());
        self::assertSame(
            ['jump', 'jump'],
            array_map(fn (ProgressionFault $fault): string => $fault->kind->value, $sanding->own->faults ?? []),
        );
    }

    /**
     * @param  list<string>  $own
     * @param  list<string>  $faults
     */
    #[DataProvider('ladders')]
    public function test_faults_of_a_hand_made_ladder(array $own, float $limit, ?float $floor, array $faults): void
    {
        $job = SandingJob::of(80, $limit, $floor, 70_000, ScratchModel::on(Drawn::sanding(), 6000, 3));
        $ladder = Progression::own($job, $this->catalogue->abrasives()->allNamed($own, 'own'));
        self::assertSame(
            $faults, array_map(
                fn (ProgressionFault $fault): string => "{$fault->kind->value} $fault->at", $ladder->faults,
            ),
        );
        self::assertEqualsWithDelta(
            array_sum(array_map(fn ($step): float => $step->minutes, $ladder->steps)), $ladder->totalMinutes, 1e-9,
        );
        foreach ($ladder->faults as $fault) {
            self::assertStringContainsString($fault->at, Told::of($fault->message));
        }
    }

    /** @return iterable<string, array{list<string>, float, float|null, list<string>}> */
    public static function ladders(): iterable
    {
        yield 'sound' => [['P120', 'P180', 'P320'], 12, null, []];
        yield 'too big a jump' => [['P120', 'P320'], 12, null, ['jump P320']];
        yield 'stops too soon' => [['P120', 'P180'], 12, null, ['too-coarse-finish P180']];
        yield 'burnishes a dyed ground' => [
            ['P120', 'P180', 'P320', 'P400', 'P600'], 12, 8, ['too-fine P600', 'needless P400, P600'],
        ];
        yield 'backwards' => [
            ['P120', 'P180', 'P150', 'P240', 'P320'], 12, null, ['order P150', 'needless P150, P240'],
        ];
        yield 'the same number on two scales is not the same grit' => [
            ['P120', 'P180', 'P240', 'CAMI 240', 'CAMI 320'], 9.1, null, ['needless P240'],
        ];
    }

    public function test_a_grit_more_than_needed_is_named_with_what_it_costs(): void
    {
        $job = SandingJob::of(80, 12, null, 70_000, ScratchModel::on(Drawn::sanding(), 6000, 3));
        $table = $this->catalogue->abrasives();
        $with = Progression::own($job, $table->allNamed(['P120', 'P150', 'P180', 'P240', 'P320'], 'own'));
        $needless = array_values(
            array_filter(
                $with->faults, fn (ProgressionFault $fault): bool => $fault->kind === ProgressionFaultKind::Needless,
            ),
        );
        self::assertNotSame([], $needless);
        foreach ($needless as $fault) {
            $without = Progression::own(
                $job, $table->allNamed(array_values(array_diff($with->gritNames(), explode(', ', $fault->at))), 'own'),
            );
            self::assertStringContainsString(
                sprintf('%.1f min shorter', $with->totalMinutes - $without->totalMinutes), Told::of($fault->message),
            );
        }
    }

    public function test_an_empty_shelf_is_priced_with_the_usual_grits_and_never_for_nothing(): void
    {
        $piece = $this->bowl(260);
        $bench = new Bench($this->catalogue->abrasives(), [], $this->catalogue->calibration());
        $sanding = Sanding::of($piece->body(), $piece->body()->measure(Drawn::shape())->zones['outside'], $bench);
        self::assertTrue($sanding->borrowed);
        self::assertGreaterThan(10, $sanding->minutes());
        $route = Route::of($piece, $bench, Tables::of($this->catalogue));
        self::assertTrue($route->isForbidden(), 'no date without abrasives');
        foreach ($route->steps as $step) {
            self::assertTrue($step->timing->minutes > 0 || $step->kind === StepKind::Cure, $step->id);
        }
    }

    public function test_grades_are_ordered_by_size_and_the_nearest_of_the_other_scale_is_found(): void
    {
        $table = $this->catalogue->abrasives();
        foreach (Scale::graded() as $scale) {
            $sizes = array_map(fn ($grit): float => $grit->micron, $table->onScale($scale));
            $sorted = $sizes;
            rsort($sorted);
            self::assertSame($sorted, $sizes);
        }
        $cami = $table->nearest($table->named('P320', 'g'), Scale::Cami);
        foreach ($table->onScale(Scale::Cami) as $other) {
            self::assertGreaterThanOrEqual(abs(log($cami->micron / 46.2)), abs(log($other->micron / 46.2)) + 1e-12);
        }
        self::assertSame('P120', $table->coarsestUpTo(125.0)?->name);
        self::assertSame('P150', $table->coarsestUpTo(124.0)?->name);
        self::assertNull($table->coarsestUpTo(0.1));
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_name(callable $make, string $field): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (InvalidField $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function nonsense(): iterable
    {
        $model = fn (): ScratchModel => ScratchModel::on(Drawn::sanding(), 6000, 3);
        yield 'no tool marks' => [fn () => SandingJob::of(0, 12, null, 1000, $model()), 'tool_mark_um'];
        yield 'a limit that is no number' => [fn () => SandingJob::of(80, NAN, null, 1000, $model()), 'limit_um'];
        yield 'a negative surface' => [fn () => SandingJob::of(80, 12, null, -5, $model()), 'area_mm2'];
        yield 'a floor above the limit' => [fn () => SandingJob::of(80, 12, 13, 1000, $model()), 'floor_um'];
        yield 'no pad' => [
            fn () => SandingJob::of(
                80, 12, null, 1000, $model(), SandingRates::of(Drawn::sanding(), padMm2: 0),
            ), 'pad_mm2',
        ];
        yield 'a ratio that never falls' => [
            fn () => SandingJob::of(
                80, 12, null, 1000, $model(), SandingRates::of(Drawn::sanding(), maxRatio: 1),
            ), 'max_ratio',
        ];
        yield 'wood as hard as nothing' => [fn () => ScratchModel::on(Drawn::sanding(), 0, 3), 'hardness_n'];
        yield 'a lathe at rest' => [fn () => ScratchModel::on(Drawn::sanding(), 6000, 0), 'speed_m_s'];
    }

    /** @param  array<string, list<string>>  $own */
    private function bowl(float $diameter, array $own = []): Piece
    {
        return Piece::read(Document::of(OnePart::document([
            'name' => 'Bowl', 'form' => 'shallow-bowl',
            'wood' => 'Ash (white)', 'grain' => 'side',
            'shape' => Form::ShallowBowl->profile($diameter, 70, 90, 7)->toArray(), 'surface' => ['own' => $own],
            'coats' => [
                [
                    'zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Oil-varnish blend']],
                    'buff' => false,
                ],
            ],
        ])), Tables::of($this->catalogue));
    }

    private function figures(): AskedFigures
    {
        return $this->catalogue->calibration()->asked;
    }
}
