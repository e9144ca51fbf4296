<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Exception\InvalidField;
use HonestGrain\Exchange\Document;
use HonestGrain\Geometry\Form;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Piece;
use HonestGrain\Route\Sanding;
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

    #[DataProvider('asked')]
    public function test_what_comes_next_asks_for_the_surface(?string $coat, bool $dyed, float $limit, ?float $floor): void
    {
        $asked = AskedSurface::by($coat === null ? null : $this->catalogue->coatings()->coating($coat), $dyed);
        self::assertSame([$limit, $floor], [$asked->limitUm, $asked->floorUm]);
        self::assertNotSame('', $asked->because);
    }

    /** @return iterable<string, array{string|null, bool, float, float|null}> */
    public static function asked(): iterable
    {
        yield 'bare' => [null, false, 6.6, null];
        yield 'oil' => ['Walnut oil (heat-treated)', false, 15.0, null];
        yield 'hard-wax oil' => ['Hard-wax oil', false, 17.0, 12.0];
        yield 'film' => ['Wiping varnish (oil-based thinned)', false, 12.0, null];
        yield 'sealer' => ['Dewaxed shellac (2 lb cut)', false, 12.0, null];
        yield 'friction polish' => ['Friction polish (shellac oil alcohol)', false, 6.6, null];
        yield 'wax' => ['Paste wax', false, 6.6, null];
        yield 'film over dye' => ['Wiping varnish (oil-based thinned)', true, 12.0, 8.0];
        yield 'oil over dye' => ['Walnut oil (heat-treated)', true, 15.0, 8.0];
        yield 'hard-wax oil over dye' => ['Hard-wax oil', true, 15.0, 12.0];
        yield 'polish over dye' => ['Friction polish (shellac oil alcohol)', true, 6.6, 8.0];
    }

    public function test_polish_over_dye_asks_for_two_things_at_once_and_says_so(): void
    {
        $polish = AskedSurface::by($this->catalogue->coatings()->coating('Friction polish (shellac oil alcohol)'), true);
        self::assertTrue($polish->contradictsItself());
        self::assertNull($polish->withoutFloor()->floorUm);
        self::assertFalse(AskedSurface::by(null, false)->contradictsItself());
    }

    public function test_a_zone_of_a_bowl_from_drawing_to_ladder(): void
    {
        $piece = $this->bowl(260);
        $measured = $piece->measure();
        $sandings = Sanding::all($piece, Bench::usual($this->catalogue), $measured);
        self::assertSame(['outside', 'rim', 'inside'], array_keys($sandings));
        foreach ($sandings as $zone => $sanding) {
            self::assertNotNull($sanding->best);
            $last = $sanding->best->steps[count($sanding->best->steps) - 1];
            self::assertLessThanOrEqual($sanding->asked->limitUm, $last->scratchUm);
            self::assertSame($sanding->best, $sanding->chosen());
            // 260 mm at 5 m/s is 367 rpm, and the lathe is set in tens.
            self::assertSame(360, $sanding->rpm);
            self::assertLessThanOrEqual(5.0, $sanding->speedMPerS);
            self::assertEqualsWithDelta(RimSpeed::metresPerSecond(2 * $measured->zones[$zone]->meanRadiusMm, 360), $sanding->speedMPerS, 1e-9);
        }
    }

    public function test_the_rim_speed_sets_the_lathe_whatever_the_size(): void
    {
        foreach ([40.0, 120.0, 250.0, 400.0, 600.0] as $diameter) {
            $rpm = RimSpeed::rpmFor($diameter);
            self::assertSame(0, $rpm % 10);
            self::assertLessThanOrEqual(5.0, RimSpeed::metresPerSecond($diameter, $rpm));
            self::assertTrue($rpm === 2000 || RimSpeed::metresPerSecond($diameter, $rpm + 10) > 5.0);
        }
        self::assertLessThan(RimSpeed::rpmFor(250, 5), RimSpeed::rpmFor(250, 3));
        self::assertSame(800, RimSpeed::rpmFor(40, maxRpm: 800));
    }

    public function test_what_the_shelf_lacks_is_said_and_an_own_ladder_still_priced(): void
    {
        $piece = $this->bowl(260, ['outside' => ['P80', 'P180', 'P400']]);
        $zone = $piece->measure()->zones['outside'];
        $sanding = Sanding::of($piece, $zone, new Bench($this->catalogue->abrasives(), $this->catalogue->abrasives()->allNamed(['P80', 'P120'], 'a')));
        self::assertNull($sanding->best);
        self::assertStringContainsString('holds no grit', (string) $sanding->missing);
        self::assertSame($sanding->own, $sanding->chosen());
        self::assertSame(['jump', 'jump'], array_map(fn (ProgressionFault $fault): string => $fault->kind, $sanding->own->faults ?? []));
    }

    /** @param  list<string>  $own
     * @param  list<string>  $faults
     */
    #[DataProvider('ladders')]
    public function test_faults_of_a_hand_made_ladder(array $own, float $limit, ?float $floor, array $faults): void
    {
        $job = SandingJob::of(80, $limit, $floor, 70_000, ScratchModel::on(6000, 3));
        $ladder = Progression::own($job, $this->catalogue->abrasives()->allNamed($own, 'own'));
        self::assertSame($faults, array_map(fn (ProgressionFault $fault): string => "$fault->kind $fault->at", $ladder->faults));
        self::assertEqualsWithDelta(array_sum(array_map(fn ($step): float => $step->minutes, $ladder->steps)), $ladder->totalMinutes, 1e-9);
        foreach ($ladder->faults as $fault) {
            self::assertStringContainsString($fault->at, $fault->message);
        }
    }

    /** @return iterable<string, array{list<string>, float, float|null, list<string>}> */
    public static function ladders(): iterable
    {
        yield 'sound' => [['P120', 'P180', 'P320'], 12, null, []];
        yield 'too big a jump' => [['P120', 'P320'], 12, null, ['jump P320']];
        yield 'stops too soon' => [['P120', 'P180'], 12, null, ['too-coarse-finish P180']];
        yield 'burnishes a dyed ground' => [['P120', 'P180', 'P320', 'P400', 'P600'], 12, 8, ['too-fine P600', 'needless P400', 'needless P600']];
        yield 'backwards' => [['P120', 'P180', 'P150', 'P240', 'P320'], 12, null, ['order P150', 'needless P180', 'needless P150']];
        yield 'the same number on two scales is not the same grit' => [['P120', 'P180', 'P240', 'CAMI 240', 'CAMI 320'], 9.1, null, ['needless P240', 'needless CAMI 240']];
    }

    public function test_a_grit_more_than_needed_is_named_with_what_it_costs(): void
    {
        $job = SandingJob::of(80, 12, null, 70_000, ScratchModel::on(6000, 3));
        $table = $this->catalogue->abrasives();
        $with = Progression::own($job, $table->allNamed(['P120', 'P150', 'P180', 'P240', 'P320'], 'own'));
        $needless = array_values(array_filter($with->faults, fn (ProgressionFault $fault): bool => $fault->kind === 'needless'));
        self::assertNotSame([], $needless);
        foreach ($needless as $fault) {
            $without = Progression::own($job, $table->allNamed(array_values(array_diff($with->gritNames(), [$fault->at])), 'own'));
            self::assertStringContainsString(sprintf('%.1f min shorter', $with->totalMinutes - $without->totalMinutes), $fault->message);
        }
    }

    public function test_grades_are_ordered_by_size_and_the_nearest_of_the_other_scale_is_found(): void
    {
        $table = $this->catalogue->abrasives();
        foreach (Scale::cases() as $scale) {
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
        $model = fn (): ScratchModel => ScratchModel::on(6000, 3);
        yield 'no tool marks' => [fn () => SandingJob::of(0, 12, null, 1000, $model()), 'tool_mark_um'];
        yield 'a limit that is no number' => [fn () => SandingJob::of(80, NAN, null, 1000, $model()), 'limit_um'];
        yield 'a negative surface' => [fn () => SandingJob::of(80, 12, null, -5, $model()), 'area_mm2'];
        yield 'a floor above the limit' => [fn () => SandingJob::of(80, 12, 13, 1000, $model()), 'floor_um'];
        yield 'no pad' => [fn () => SandingJob::of(80, 12, null, 1000, $model(), padMm2: 0), 'pad_mm2'];
        yield 'a ratio that never falls' => [fn () => SandingJob::of(80, 12, null, 1000, $model(), maxRatio: 1), 'max_ratio'];
        yield 'wood as hard as nothing' => [fn () => ScratchModel::on(0, 3), 'hardness_n'];
        yield 'a lathe at rest' => [fn () => ScratchModel::on(6000, 0), 'speed_m_s'];
    }

    /** @param  array<string, list<string>>  $own */
    private function bowl(float $diameter, array $own = []): Piece
    {
        return Piece::read(Document::of([
            'format' => Piece::FORMAT, 'version' => Piece::VERSION, 'name' => 'Bowl', 'form' => 'shallow-bowl', 'wood' => 'Ash (white)', 'grain' => 'side',
            'shape' => Form::ShallowBowl->profile($diameter, 70, 90, 7)->toArray(), 'surface' => ['own' => $own],
            'coats' => [['zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Oil-varnish blend']], 'buff' => false]],
        ]), $this->catalogue);
    }
}
