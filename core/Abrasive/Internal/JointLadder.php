<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive\Internal;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\SandingJob;

/**
 * The cheapest ladder for several surfaces at once, as a shortest path whose states are (last grit, who has
 * joined): a surface that has joined is still on the ladder until the first grit within its limit.
 *
 * Sets of surfaces are bit masks: bit s is the surface at position s.
 *
 * @internal
 */
final class JointLadder
{
    /** @var list<Grit> coarse to fine, none twice */
    private readonly array $grits;

    /** @var list<list<array{bool, float, float}>> grit × surface: may join here, removal, minutes with looking */
    private array $joins = [];

    /** @var list<int> grit => who has left the ladder once it has been used */
    private array $leftAfter = [];

    /** @var array<int, array<int, array{float, int}>> grit => joined => minutes and number of grits */
    private array $best = [];

    /** @var array<int, array<int, array{int, int}>> grit => joined => the state before */
    private array $from = [];

    private readonly int $everyone;

    /**
     * @param  list<SandingJob>  $jobs
     * @param  list<Grit>  $available
     */
    private function __construct(private readonly array $jobs, array $available)
    {
        $byName = [];
        foreach ($available as $grit) {
            $byName[$grit->name] = $grit;
        }
        $grits = array_values($byName);
        usort($grits, fn (Grit $a, Grit $b): int => [$b->micron, $a->name] <=> [$a->micron, $b->name]);
        $this->grits = $grits;
        $this->everyone = (1 << count($jobs)) - 1;
        foreach ($grits as $grit) {
            $left = 0;
            $row = [];
            foreach ($jobs as $s => $job) {
                $left |= $job->isWithinLimit($grit) ? 1 << $s : 0;
                $row[] = $this->taking($job, $grit, null, $job->mayStartOn($grit, $grits[0]->micron));
            }
            $this->leftAfter[] = $left;
            $this->joins[] = $row;
        }
    }

    /**
     * @param  list<SandingJob>  $jobs  one to six
     * @param  list<Grit>  $available
     */
    public static function over(array $jobs, array $available): self
    {
        $self = new self($jobs, $available);
        $self->search();

        return $self;
    }

    /**
     * @param  list<string>  $surfaces  names of the jobs, in their order
     * @return array<string, list<Grit>> the grits that each surface takes
     */
    public function cheapest(array $surfaces): array
    {
        $end = null;
        foreach ($this->best as $g => $states) {
            $cost = $states[$this->everyone] ?? null;
            $isOver = ($this->leftAfter[$g] & $this->everyone) === $this->everyone;
            if ($isOver && $cost !== null && ($end === null || $cost < $this->best[$end][$this->everyone])) {
                $end = $g;
            }
        }
        $taken = array_fill_keys($surfaces, []);
        [$g, $joined] = [
            $end ?? throw new \LogicException('Every surface can be reached alone, so all can.'), $this->everyone,
        ];
        while ($g >= 0) {
            [$before, $joinedBefore] = $this->from[$g][$joined];
            $on = $joined & ~($before < 0 ? 0 : $this->leftAfter[$before] & $joinedBefore);
            foreach ($surfaces as $s => $surface) {
                if (($on >> $s & 1) === 1) {
                    array_unshift($taken[$surface], $this->grits[$g]);
                }
            }
            [$g, $joined] = [$before, $joinedBefore];
        }

        return $taken;
    }

    private function search(): void
    {
        $count = count($this->grits);
        for ($g = -1; $g < $count; $g++) {
            $states = $g < 0 ? [0 => [0.0, 0]] : $this->best[$g] ?? [];
            for ($next = $g + 1; $states !== [] && $next < $count; $next++) {
                $this->step($g, $states, $next);
            }
        }
    }

    /** @param  array<int, array{float, int}>  $states */
    private function step(int $g, array $states, int $next): void
    {
        $stays = $g < 0 ? [] : array_map(
            fn (SandingJob $job): array => $this->taking(
                $job, $this->grits[$next], $this->grits[$g], $job->mayFollow($this->grits[$g], $this->grits[$next]),
            ),
            $this->jobs,
        );
        $joining = $this->sums($this->joins[$next]);
        foreach ($states as $joined => [$minutes, $used]) {
            $on = $g < 0 ? 0 : $joined & ~$this->leftAfter[$g];
            [$may, $removal, $cost] = $this->sum($stays, $on);
            if (! $may) {
                continue;
            }
            foreach ($joining as $who => [$joinRemoval, $joinCost]) {
                if (($who & $joined) !== 0 || ($who | $on) === 0) {
                    continue;
                }
                $rates = $this->jobs[0]->rates;
                $discs = $rates->discs($removal + $joinRemoval, $this->grits[$next]);
                $total = [$minutes + $cost + $joinCost + $rates->changeMinutes * $discs, $used + 1];
                if (! isset($this->best[$next][$joined | $who]) || $total < $this->best[$next][$joined | $who]) {
                    $this->best[$next][$joined | $who] = $total;
                    $this->from[$next][$joined | $who] = [$g, $joined];
                }
            }
        }
    }

    /** @return array{bool, float, float} whether the surface may take this grit now, its removal and its minutes */
    private function taking(SandingJob $job, Grit $grit, ?Grit $before, bool $may): array
    {
        $removal = $job->removalUm($grit, $before);
        $isLast = $job->isWithinLimit($grit);

        return [
            $may && (! $isLast || $job->isAboveFloor($grit)),
            $removal,
            $job->abradingMinutes(
                $grit, $removal,
            ) + $job->rates->inspectMinutes + ($isLast ? $job->alongGrainMinutes() : 0.0),
        ];
    }

    /**
     * @param  list<array{bool, float, float}>  $row
     * @return array{bool, float, float} over a set of surfaces
     */
    private function sum(array $row, int $who): array
    {
        $removal = $minutes = 0.0;
        foreach ($row as $s => [$may, $um, $cost]) {
            if (($who >> $s & 1) === 0) {
                continue;
            }
            if (! $may) {
                return [false, 0.0, 0.0];
            }
            $removal += $um;
            $minutes += $cost;
        }

        return [true, $removal, $minutes];
    }

    /**
     * @param  list<array{bool, float, float}>  $row
     * @return array<int, array{float, float}> for every set of surfaces that may
     */
    private function sums(array $row): array
    {
        $sums = [];
        for ($who = 0; $who <= $this->everyone; $who++) {
            [$may, $removal, $minutes] = $this->sum($row, $who);
            if ($may) {
                $sums[$who] = [$removal, $minutes];
            }
        }

        return $sums;
    }
}
