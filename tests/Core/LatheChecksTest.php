<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\HoldLimits;
use HonestGrain\Holding\Mount;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Piece\Wish;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Wood\RimSpeed;
use PHPUnit\Framework\TestCase;

/** Five hundred documents of any kind on any lathe, each looked over for what no route may do. */
final class LatheChecksTest extends TestCase
{
    private const DOCUMENTS = 500;

    /** What a sound rim takes at the most, m/s, by kind of step: cut, or sanded (workshop). */
    private const RIM_M_S = ['cut' => 9.0, 'fast' => 12.0, 'sand' => 5.0, 'flawed' => 3.0];

    public function test_no_route_turns_beyond_a_limit_or_cuts_where_a_tool_catches_or_sands_before_the_last_cut(): void
    {
        $spun = $cut = $opened = $held = $released = 0;
        for ($seed = 1; $seed <= self::DOCUMENTS; $seed++) {
            mt_srand($seed);
            $document = AnyPiece::document($seed);
            if ($seed % 3 === 0) {
                // Through its floor.
                $document['parts'][0]['shape']['bore'] = [
                    'diameter_mm' => mt_rand(4, 20), 'depth_mm' => null, 'from' => 'foot',
                ];
            }
            $piece = Piece::read(Document::of($document), Drawn::tables());
            $equipment = self::equipment();
            $table = Drawn::catalogue()->abrasives();
            $route = Route::of($piece, new Bench(
                $table, Bench::usualGrits($table), Drawn::catalogue()->calibration(), equipment: $equipment,
            ), Drawn::tables());
            $isHeld = array_filter(
                $route->conflicts, fn (Conflict $one): bool => $one->code === ConflictCode::NoHold,
            ) === [];
            $mended = [];
            foreach ($route->steps as $step) {
                $held += $isHeld ? self::checksHold($equipment, $step, "document $seed, $step->id") : 0;
                $mended[] = $step->id;
                $spun += self::checksSpeed($piece, $equipment, $step, "document $seed, $step->id", $mended);
            }
            foreach ($piece->parts as $part) {
                $at = self::places($route, $part->id);
                $released += self::checksFreed($route, $part, "document $seed, $part->id");
                if ($piece->begins($part) === StartsAs::Blank) {
                    foreach (array_diff_key($at['sand'], ['rim' => 1, 'foot' => 1, 'bore' => 1]) as $face => $i) {
                        self::assertLessThan(
                            $i, $at['cut'][$face] ?? PHP_INT_MAX, "document $seed, $part->id, $face: cut, then sanded",
                        );
                    }
                }
                foreach ($at['cut'] as $face => $last) {
                    self::assertGreaterThan(
                        $last, $at['sand'][$face] ?? PHP_INT_MAX,
                        "document $seed, $part->id, $face: sanded after its cut",
                    );
                    $cut++;
                }
                foreach ($part->marks as $mark) {
                    if ($mark->technique instanceof OpensWall && isset($at['id'][$mark->id()])) {
                        self::assertGreaterThan(
                            $at['cut'][Face::Inside->value] ?? -1, $at['id'][$mark->id()],
                            "document $seed, {$mark->id()}: hollowed before it is opened",
                        );
                        $opened++;
                    }
                }
            }
        }
        self::assertGreaterThan(2000, $spun);
        self::assertGreaterThan(2000, $held);
        self::assertGreaterThan(500, $cut);
        self::assertGreaterThan(20, $opened);
        self::assertGreaterThan(100, $released);
    }

    /** @return int 1 where what held it is taken off: nothing turns on it any more */
    private static function checksFreed(Route $route, Part $part, string $what): int
    {
        $isOff = false;
        foreach ($route->steps as $step) {
            if ($step->part !== $part->id) {
                continue;
            }
            $isSpun = $isOff && $step->setup->mount === $part->holding->on() && $step->kind !== StepKind::Own;
            self::assertFalse($isSpun && $part->holding->isReversed(), "$what, $step->id: what held it is off");
            $isOff = $isOff || ($step->work->technique === 'part-off' && $part->holding->isPartedOff());
        }

        return (int) $isOff;
    }

    /** A lathe and holds with limits of their own, as it happens. */
    private static function equipment(): Equipment
    {
        $limit = fn (): ?int => mt_rand(0, 1) === 0 ? null : mt_rand(20, 200) * 10;

        return Equipment::read(Document::of([
            'lathe' => [
                'swing_mm' => 500, 'bed_mm' => 900, 'least_rpm' => 10, 'most_rpm' => mt_rand(30, 350) * 10,
            ],
            'jaws' => mt_rand(0, 3) === 0 ? [] : [
                ['name' => 'Small', 'tenon_min_mm' => 15, 'tenon_max_mm' => 45, 'recess_min_mm' => 25,
                    'recess_max_mm' => 60],
                ['name' => 'Large', 'tenon_min_mm' => 50, 'tenon_max_mm' => mt_rand(60, 160)],
            ],
            'holds' => array_map(fn (Mount $mount): array => [
                'mount' => $mount->value, 'most_rpm' => $limit(),
            ], array_values(array_filter(Mount::cases(), fn (Mount $mount): bool => $mount->spins()
                && ! $mount->isInJaws() && mt_rand(0, 2) > 0))),
        ]));
    }

    /** @return int 1 where something holds it on the lathe that the shop has */
    private static function checksHold(Equipment $equipment, Step $step, string $what): int
    {
        $mount = $step->setup->mount;
        if ($mount === null || ! $mount->spins() || $step->kind === StepKind::Own) {
            return 0;
        }
        $kinds = array_filter(
            Drawn::tables()->lathe->holds->all(), fn (HoldLimits $kind): bool => $kind->mount === $mount,
        );
        self::assertNotSame([], array_filter(
            $kinds, fn (HoldLimits $kind): bool => $equipment->ownsOrMakes($kind),
        ), "$what: $mount->value is not there");

        return 1;
    }

    /**
     * @param  list<string>  $done  steps up to this one
     * @return int 1 where it turns
     */
    private static function checksSpeed(
        Piece $piece, Equipment $equipment, Step $step, string $what, array $done,
    ): int {
        $rpm = $step->setup->rpm;
        if ($rpm === null) {
            return 0;
        }
        self::assertNotContains($step->kind, [StepKind::Cure, StepKind::Dry], "$what: nothing spins in a wait");
        $part = $piece->part((string) $step->part) ?? $piece->body();
        // A flaw holds it down until it is mended; one that stays does so to the end.
        $flies = array_filter($part->flaws, fn (Flaw $flaw): bool => $flaw->kind->mayFly()
            && ($flaw->wish === Wish::Keep || ! in_array($flaw->id, $done, true)));
        $rim = self::RIM_M_S[match (true) {
            $flies !== [] => 'flawed',
            $step->kind === StepKind::Sand => 'sand',
            default => ($piece->school['rim'] ?? '') === 'fast-rim' ? 'fast' : 'cut',
        }];
        $isBit = $step->work->technique === 'drill' && $step->work->faces === [Face::Foot];
        self::assertFalse(
            $isBit && Drawn::tables()->lathe->holds->needsTail($step->setup->mount ?? Mount::Lap),
            "$what: a centre stands where the bit goes in",
        );
        self::assertLessThanOrEqual(
            $rim, RimSpeed::metresPerSecond($part->profile->diameterMm(), $rpm), "$what: its rim",
        );
        self::assertLessThanOrEqual($equipment->lathe->mostRpm ?? INF, $rpm, "$what: the lathe");
        $mount = $step->setup->mount ?? Mount::Lap;
        self::assertLessThanOrEqual($equipment->limit($mount) ?? INF, $rpm, "$what: its hold");
        self::assertNotSame([], $step->words->reckoning, "$what: it says what binds");

        return 1;
    }

    /**
     * Where each step of a part stands: by its id, the last cut of each face, and the first sanding of each.
     *
     * @return array{id: array<string, int>, cut: array<string, int>, sand: array<string, int>}
     */
    private static function places(Route $route, string $part): array
    {
        $at = ['id' => [], 'cut' => [], 'sand' => []];
        foreach ($route->steps as $i => $step) {
            if ($step->part !== $part) {
                continue;
            }
            $at['id'][$step->id] = $i;
            foreach ($step->work->faces as $face) {
                match (true) {
                    in_array($step->work->technique, ['shape', 'hollow'], true) => $at['cut'][$face->value] = $i,
                    $step->kind === StepKind::Sand => $at['sand'][$face->value] ??= $i,
                    default => null,
                };
            }
        }

        return $at;
    }
}
