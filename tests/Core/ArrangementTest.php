<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Calibration\BenchFigures;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Positions;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\Internal\Arrangement;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Stage;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Said;
use PHPUnit\Framework\TestCase;

/**
 * The search over mounts against every way there is, one operation at a time, on small random jobs of two parts.
 *
 * @phpstan-type At array{left: list<int>, sits: array<string, string>, was: array<string, true>,
 *     leaving: list<int>|null}
 */
final class ArrangementTest extends TestCase
{
    /** @var list<Operation> */
    private array $operations;

    /** @var list<Precedence> */
    private array $precedences;

    public function test_no_way_there_is_takes_fewer_minutes_of_mounting(): void
    {
        $figures = Catalogue::shipped()->calibration()->bench;
        $positions = Positions::of(Holding::Tenon, Mount::Screw);
        $dear = 0;
        foreach (range(1, 120) as $seed) {
            mt_srand($seed);
            $this->make($figures);
            $stages = Arrangement::of(
                $this->operations, ['a' => $positions, 'b' => $positions], $this->precedences, $figures,
            );
            $minutes = self::minutes($stages, $figures);
            self::assertSame($this->least($figures), $minutes, "seed $seed");
            self::assertCount(count($this->operations), array_merge(...array_column($stages, 'operations')));
            $dear += (int) ($minutes > 3 * $figures->mountMinutes);
        }
        self::assertGreaterThan(20, $dear, 'some jobs come off and go back');
    }

    private function make(BenchFigures $figures): void
    {
        $this->operations = $this->precedences = [];
        $technique = Drawn::tables()->techniques->named('sand');
        $sets = [
            [Stance::Main], [Stance::Main], [Stance::Foot], [Stance::First], [Stance::Off], [Stance::Main, Stance::Off],
            [Stance::Main, Stance::Foot],
        ];
        for ($i = 0, $count = mt_rand(5, 8); $i < $count; $i++) {
            $hours = mt_rand(0, 3) === 0 ? $figures->staysMountedHours + 1 : 0;
            $this->operations[] = new Operation(
                "o$i", StepKind::Sand, mt_rand(0, 2) === 0 ? 'b'
                    : 'a',
                new Doing($technique, []),
                timing: new Timing(1, $i, wait: Wait::hours($hours)),
                setup: new Setup(stances: $sets[mt_rand(0, count($sets) - 1)]),
                words: new StepWords(Said::name("o$i"), Said::name('')),
            );
            for ($earlier = 0; $earlier < $i; $earlier++) {
                if (mt_rand(0, 3) === 0) {
                    $this->precedences[] = Precedence::rule("o$earlier", "o$i", Wait::none(), Said::name('It is so.'));
                }
            }
        }
    }

    /** @param  list<Stage>  $stages */
    private static function minutes(array $stages, BenchFigures $figures): float
    {
        $minutes = 0.0;
        $sits = $was = [];
        foreach ($stages as $stage) {
            [$part, $stance] = [$stage->part, $stage->position->stance];
            if ($stance !== Stance::Off && ($sits[$part] ?? '') !== $stance->value) {
                $minutes += self::mounting($part, $stance, $was, $figures);
            }
            $sits = $stance === Stance::Off ? [$part => $stance->value] + $sits : [$part => $stance->value];
            $was["$part $stance->value"] = true;
            $sits[$part] = $stage->comesOff ? Stance::Off->value : $sits[$part];
        }

        return $minutes;
    }

    /** @param  array<string, true>  $was */
    private static function mounting(string $part, Stance $stance, array $was, BenchFigures $figures): float
    {
        return match (true) {
            isset($was["$part $stance->value"]) => $figures->remountMinutes,
            $stance === Stance::Foot => $figures->reverseMinutes,
            default => $figures->mountMinutes,
        };
    }

    private function least(BenchFigures $figures): float
    {
        $open = new \SplPriorityQueue;
        $open->insert(
            [0.0, ['left' => array_keys($this->operations), 'sits' => [], 'was' => [], 'leaving' => null]], 0,
        );
        $seen = [];
        while (true) {
            [$minutes, $at] = $open->extract();
            if ($at['left'] === []) {
                return $minutes;
            }
            $key = serialize($at);
            foreach (isset($seen[$key]) ? [] : $this->next($at, $figures) as [$more, $next]) {
                $open->insert([$minutes + $more, $next], -$minutes - $more);
            }
            $seen[$key] = true;
        }
    }

    /**
     * @param  At  $at
     * @return iterable<array{float, At}>
     */
    private function next(array $at, BenchFigures $figures): iterable
    {
        foreach ($this->free($at['left']) as $i) {
            $one = $this->operations[$i];
            foreach ($one->setup->stances ?? [] as $stance) {
                $isSo = ($at['sits'][$one->part] ?? Stance::Off->value) === $stance->value;
                $isOff = $stance === Stance::Off;
                // What was free before the first long wait is still done; then the part comes off.
                if ($isSo && ! $isOff && $at['leaving'] !== null && ! in_array($i, $at['leaving'], true)) {
                    continue;
                }
                $next = $at;
                $isLong = $one->timing->wait->minHours > 0;
                $next['leaving'] = match (true) {
                    $isSo && $at['leaving'] !== null => $at['leaving'],
                    $isLong && ! $isOff => $this->free($at['left']),
                    default => null,
                };
                $next['left'] = array_values(array_diff($at['left'], [$i]));
                $next['sits'] = $isOff ? [$one->part => $stance->value] + $at['sits'] : [$one->part => $stance->value];
                ksort($next['sits']);
                $next['was'] += $isOff ? [] : ["$one->part $stance->value" => true];
                ksort($next['was']);
                yield [$isSo || $isOff ? 0.0 : self::mounting($one->part, $stance, $at['was'], $figures), $next];
            }
        }
        if ($at['leaving'] !== null) {
            yield [0.0, ['sits' => [], 'leaving' => null] + $at];
        }
    }

    /**
     * @param  list<int>  $left
     * @return list<int>
     */
    private function free(array $left): array
    {
        $names = array_map(fn (int $i): string => $this->operations[$i]->id, $left);
        $held = array_column(
            array_filter(
                $this->precedences, fn (Precedence $one): bool => in_array($one->first, $names, true),
            ), 'later',
        );

        return array_values(array_filter(
            $left, fn (int $i): bool => ! in_array($this->operations[$i]->id, $held, true),
        ));
    }
}
