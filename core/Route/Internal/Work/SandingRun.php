<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Abrasive\Rung;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\School\Sealer;
use HonestGrain\Route\Sanding;

/**
 * The grits of a face that are taken in one go, and what it is broken off for: to be wiped after a grit that the maker
 * named, or to be sealed between two ladders. The last go bears the name of the whole.
 *
 * @internal
 */
final readonly class SandingRun
{
    /**
     * @param  list<Rung>  $rungs
     * @param  list<SandingBreak>  $breaks  after it
     * @param  bool  $isOverSealer  whether a sealer went on before it
     */
    private function __construct(
        public string $id,
        public array $rungs,
        public array $breaks,
        public float $minutes,
        public bool $isFirst,
        public bool $isLast,
        public bool $isOverSealer,
    ) {
    }

    /** @return non-empty-list<self> in their order */
    public static function all(PartContext $subject, Sanding $sanding): array
    {
        $face = $sanding->face;
        $rungs = $sanding->rungs();
        $breaks = self::breaks($subject, $sanding, $rungs);
        $along = $sanding->job->alongGrainMinutes();
        $whole = max(1e-9, array_sum(array_map(fn (Rung $rung): float => $rung->minutes, $rungs)));
        $runs = [];
        $from = 0;
        $isOverSealer = false;
        $ends = array_unique([...array_keys($breaks), max(0, count($rungs) - 1)]);
        sort($ends);
        foreach ($ends as $n => $end) {
            $isLast = $n === count($ends) - 1;
            $these = array_slice($rungs, $from, $end + 1 - $from);
            $share = array_sum(array_map(fn (Rung $rung): float => $rung->minutes, $these)) / $whole;
            $runs[] = new self(
                id: $subject->id($isLast ? 'sand' : 'sand-'.($breaks[$end][0]->until ?? ''), $face), rungs: $these,
                breaks: $breaks[$end] ?? [],
                minutes: count($ends) === 1 ? $sanding->minutes()
                    : ($sanding->minutes() - $along) * $share + ($isLast ? $along : 0.0),
                isFirst: $n === 0, isLast: $isLast, isOverSealer: $isOverSealer,
            );
            $from = $end + 1;
            $isOverSealer = $isOverSealer || array_filter(
                $breaks[$end] ?? [], fn (SandingBreak $break): bool => $break->isSealed,
            ) !== [];
        }

        return $runs;
    }

    /** @return list<string> */
    public function gritNames(): array
    {
        return array_map(fn (Rung $rung): string => $rung->grit->name, $this->rungs);
    }

    public function discs(): int
    {
        return array_sum(array_map(fn (Rung $rung): int => $rung->discs, $this->rungs));
    }

    /** The step that a face's sanding begins with. */
    public static function firstId(PartContext $subject, Face $face): string
    {
        $sanding = $subject->sandings[$face->value] ?? null;

        return $sanding === null ? $subject->id('sand', $face) : self::all($subject, $sanding)[0]->id;
    }

    /**
     * @param  list<Rung>  $rungs
     * @return array<int, non-empty-list<SandingBreak>> by the rung that each comes after
     */
    private static function breaks(PartContext $subject, Sanding $sanding, array $rungs): array
    {
        $breaks = [];
        foreach ($subject->part->surface->of($sanding->face)->wiped as $name => $with) {
            $grit = $subject->tables->abrasives->named($name, 'wiped');
            $after = self::after($rungs, $grit->micron);
            $breaks[$after][] = SandingBreak::wiped($grit, $with, $rungs[$after] ?? null);
        }
        $sealed = self::sealedAfter($subject, $sanding, $rungs);
        if ($sealed !== null) {
            $breaks[$sealed] = [SandingBreak::sealed($subject->wiping()), ...$breaks[$sealed] ?? []];
        }
        ksort($breaks);

        return array_map(array_values(...), $breaks);
    }

    /**
     * The last rung that is no finer; the first where all are.
     *
     * @param  list<Rung>  $rungs
     */
    private static function after(array $rungs, float $micron): int
    {
        $after = 0;
        foreach ($rungs as $i => $rung) {
            $after = $rung->grit->micron >= $micron - 1e-9 ? $i : $after;
        }

        return $after;
    }

    /**
     * Where the sealer goes on between two ladders; null where it does not, or one grit does it all.
     *
     * @param  list<Rung>  $rungs
     */
    private static function sealedAfter(PartContext $subject, Sanding $sanding, array $rungs): ?int
    {
        $first = $subject->part->coatPlanFor($sanding->face)?->first();
        $isAsked = $subject->school->sealer === Sealer::BetweenLadders
            && $first?->isThinUnderPolish() === true;

        return $isAsked && count($rungs) > 1 ? min(
            self::after($rungs, $subject->calibration->asked->sealedAtUm), count($rungs) - 2,
        ) : null;
    }
}
