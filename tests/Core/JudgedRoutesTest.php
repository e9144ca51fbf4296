<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Mending\Mended;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Safety\Hazard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a master would demand of the pieces in `tests/Judged`, line by line. */
final class JudgedRoutesTest extends TestCase
{
    /** Words of a demand, and which of the methods below proves it with what stands in their brackets. */
    private const DEMANDS = [
        '/^forbids (?:(\S+) )?“(.+)”$/' => 'forbids',
        '/^warns (?:of (\S+) )?“(.+)”$/' => 'warns',
        '/^says nothing of “(.+)”$/' => 'saysNothing',
        '/^says “(.+)”(?: at (\S+))?$/' => 'says',
        '/^(\S+) comes before (\S+)$/' => 'comesBefore',
        '/^(\S+) waits for (\S+)(?: at least ([\d.]+) h)?(?: at most ([\d.]+) h)?$/' => 'waitsFor',
        '/^cautions of (\S+) at (\S+)$/' => 'cautions',
        '/^no caution of (\S+) at (\S+)$/' => 'noCaution',
        '/^(\S+) takes ([\d.]+) to ([\d.]+) min$/' => 'takes',
        '/^has (\S+)$/' => 'has',
        '/^has no (\S+)$/' => 'hasNo',
        '/^(\S+) is held by (\S+)$/' => 'isHeldBy',
        '/^(\S+) turns at most (\d+) rpm$/' => 'turnsAtMost',
        '/^(\S+) turns at least (\d+) rpm$/' => 'turnsAtLeast',
        '/^can be dated$/' => 'canBeDated',
        '/^cannot be dated: (\S+)$/' => 'cannotBeDated',
        '/^offers (\S+)$/' => 'offers',
        '/^does not offer (\S+)$/' => 'doesNotOffer',
        '/^(\S+) of the remedies (?:has|have) (\S+)$/' => 'remedyHas',
        '/^(\S+) of the remedies (?:has|have) no (\S+)$/' => 'remedyHasNot',
    ];

    #[DataProvider('judged')]
    public function test_it_is_as_a_master_would_have_it(JudgedRoute $judged): void
    {
        self::assertNotSame([], $judged->demands, 'Nothing is demanded of it.');
        $route = $judged->route();
        foreach ($judged->demands as $demand) {
            [$how, $with] = self::understood($demand);
            match (true) {
                $how === 'offers', $how === 'doesNotOffer', str_starts_with($how, 'remedy') => $this->ofRemedies(
                    $how, $with, $judged->remedies(), $demand,
                ),
                default => $this->{$how}($route, $demand, ...$with),
            };
        }
    }

    /** @return iterable<string, array{JudgedRoute}> */
    public static function judged(): iterable
    {
        foreach (JudgedRoute::all() as $title => $judged) {
            yield $title => [$judged];
        }
    }

    /** @return array{string, list<string>} */
    private static function understood(string $demand): array
    {
        foreach (self::DEMANDS as $words => $how) {
            if (preg_match($words, $demand, $m) === 1) {
                return [$how, array_slice($m, 1)];
            }
        }
        self::fail("Nobody knows what “{$demand}” demands.");
    }

    private function forbids(Route $route, string $demand, string $step, string $words): void
    {
        self::assertNotSame([], self::conflicts($route, true, $step, $words), $demand."\n".self::told($route));
    }

    private function warns(Route $route, string $demand, string $step, string $words): void
    {
        self::assertNotSame([], self::conflicts($route, false, $step, $words), $demand."\n".self::told($route));
        self::assertSame([], self::conflicts($route, true, $step, $words), "$demand, and forbids nothing");
    }

    private function saysNothing(Route $route, string $demand, string $words): void
    {
        self::assertStringNotContainsStringIgnoringCase($words, self::told($route), $demand);
    }

    private function says(Route $route, string $demand, string $words, string $at = ''): void
    {
        $told = $at === '' ? [self::told($route)] : array_map(self::toldAt(...), self::named($route, $at, $demand));
        foreach ($told as $one) {
            self::assertStringContainsStringIgnoringCase($words, $one, $demand);
        }
    }

    private function comesBefore(Route $route, string $demand, string $first, string $later): void
    {
        $places = array_flip(array_map(fn (Step $step): string => $step->id, $route->steps));
        foreach (self::named($route, $first, $demand) as $one) {
            foreach (self::named($route, $later, $demand) as $other) {
                self::assertLessThan($places[$other->id], $places[$one->id], "$demand: $one->id, $other->id");
            }
        }
    }

    private function waitsFor(
        Route $route,
        string $demand,
        string $later,
        string $first,
        string $least = '',
        string $most = '',
    ): void {
        foreach (self::named($route, $later, $demand) as $step) {
            foreach (self::named($route, $first, $demand) as $earlier) {
                $hours = self::hoursBetween($route, $earlier->id, $step->id);
                self::assertNotNull($hours, "$demand: $step->id does not follow $earlier->id");
                self::assertGreaterThanOrEqual((float) $least - 1e-6, $hours, $demand);
                if ($most !== '') {
                    self::assertLessThanOrEqual((float) $most + 1e-6, $hours, $demand);
                }
            }
        }
    }

    private function turnsAtMost(Route $route, string $demand, string $at, string $rpm): void
    {
        foreach (self::named($route, $at, $demand) as $step) {
            self::assertLessThanOrEqual((int) $rpm, $step->setup->rpm ?? 0, $demand);
        }
    }

    private function turnsAtLeast(Route $route, string $demand, string $at, string $rpm): void
    {
        foreach (self::named($route, $at, $demand) as $step) {
            self::assertGreaterThanOrEqual((int) $rpm, $step->setup->rpm ?? 0, $demand);
        }
    }

    private function cautions(Route $route, string $demand, string $hazard, string $at): void
    {
        $case = Hazard::tryFrom($hazard) ?? self::fail("There is no caution $hazard.");
        foreach (self::named($route, $at, $demand) as $step) {
            self::assertContains($case, $step->setup->hazards, "$demand: $step->id");
        }
    }

    private function noCaution(Route $route, string $demand, string $hazard, string $at): void
    {
        $case = Hazard::tryFrom($hazard) ?? self::fail("There is no caution $hazard.");
        foreach (self::named($route, $at, $demand) as $step) {
            self::assertNotContains($case, $step->setup->hazards, "$demand: $step->id");
        }
    }

    private function takes(Route $route, string $demand, string $at, string $least, string $most): void
    {
        foreach (self::named($route, $at, $demand) as $step) {
            self::assertGreaterThanOrEqual((float) $least, $step->timing->minutes, "$demand: $step->id");
            self::assertLessThanOrEqual((float) $most, $step->timing->minutes, "$demand: $step->id");
        }
    }

    private function has(Route $route, string $demand, string $step): void
    {
        self::named($route, $step, $demand);
    }

    private function hasNo(Route $route, string $demand, string $step): void
    {
        self::assertSame([], self::ids(self::found($route->steps, $step)), $demand);
    }

    private function isHeldBy(Route $route, string $demand, string $at, string $mount): void
    {
        foreach (self::named($route, $at, $demand) as $step) {
            self::assertSame($mount, $step->setup->mount?->value, "$demand: $step->id");
        }
    }

    private function canBeDated(Route $route, string $demand): void
    {
        self::assertNull($route->withoutDate(), $demand);
    }

    private function cannotBeDated(Route $route, string $demand, string $code): void
    {
        self::assertSame($code, $route->withoutDate()['code'] ?? null, $demand);
    }

    /**
     * @param  list<string>  $with
     * @param  list<Mended>  $remedies
     */
    private function ofRemedies(string $how, array $with, array $remedies, string $demand): void
    {
        $by = array_column(array_map(fn (Mended $one): array => [$one->remedy->id, $one], $remedies), 1, 0);
        $steps = $by[$with[0]]->steps ?? [];
        match ($how) {
            'offers' => self::assertArrayHasKey($with[0], $by, $demand),
            'doesNotOffer' => self::assertArrayNotHasKey($with[0], $by, $demand),
            'remedyHas' => self::assertNotSame([], self::found($steps, $with[1] ?? ''), $demand.': '.implode(
                ', ', self::ids($steps),
            )),
            default => self::assertSame([], self::ids(self::found($steps, $with[1] ?? '')), $demand),
        };
    }

    /** @return list<Conflict> */
    private static function conflicts(Route $route, bool $forbids, string $step, string $words): array
    {
        return array_values(array_filter($route->conflicts, fn (Conflict $one): bool => $one->forbids === $forbids
            && ($step === '' || in_array($step, $one->steps, true)) && stripos(
                Told::of($one->message), $words,
            ) !== false));
    }

    /** @return non-empty-list<Step> those of that id, or of that technique where "every-" stands before it */
    private static function named(Route $route, string $name, string $demand): array
    {
        $found = self::found($route->steps, $name);

        return $found === [] ? self::fail("$demand: the route has no $name. It has ".implode(', ', self::ids(
            $route->steps,
        ))) : $found;
    }

    /**
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function ids(array $steps): array
    {
        return array_map(fn (Step $step): string => $step->id, $steps);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private static function found(array $steps, string $name): array
    {
        return array_values(array_filter($steps, fn (Step $step): bool => str_starts_with($name, 'every-')
            ? $step->work->technique === substr($name, 6) : fnmatch($name, $step->id)));
    }

    /** The longest chain of waits from one step to another, reference hours; null where none leads there. */
    private static function hoursBetween(Route $route, string $first, string $later): ?float
    {
        $since = [$first => 0.0];
        foreach ($route->steps as $step) {
            foreach ($step->timing->after as $lag) {
                if (isset($since[$lag->task])) {
                    $since[$step->id] = max($since[$step->id] ?? 0.0, $since[$lag->task] + $lag->wait->minHours);
                }
            }
        }

        return $since[$later] ?? null;
    }

    private static function told(Route $route): string
    {
        return implode("\n", [
            ...array_map(fn (Conflict $one): string => ($one->forbids ? 'forbids' : 'warns').' of '
                .implode(', ', $one->steps).': '.Told::of($one->message).implode(
                    '; ', Told::each($one->choices),
                ), $route->conflicts),
            ...array_map(self::toldAt(...), $route->steps),
        ]);
    }

    private static function toldAt(Step $step): string
    {
        return "$step->id: ".Told::of($step->words->title).'. '.Told::all(
            [$step->words->because, ...$step->words->how],
        ).' '.$step->work->supplies->product;
    }
}
