<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Abrasive\Internal\ShortestLadder;

/** A step of a hand-made progression that leaves marks or wastes time, and why. */
final readonly class ProgressionFault
{
    /** Less than this is not worth a word (workshop). */
    private const WORTH_MINUTES = 0.01;

    private function __construct(public string $at, public string $kind, public string $message)
    {
    }

    /**
     * @param  list<Grit>  $grits  in the order they are used
     * @param  list<Grit>  $owned  everything at hand, these among them
     * @return list<self>
     */
    public static function in(SandingJob $job, array $grits, array $owned): array
    {
        $coarsest = max([0.0, ...array_map(fn (Grit $grit): float => $grit->micron, $owned)]);

        return array_values(array_filter([
            self::start($job, $grits, $coarsest),
            ...self::between($job, $grits),
            self::finish($job, $grits),
            self::needless($job, $grits, $coarsest),
        ]));
    }

    /** @param  list<Grit>  $grits */
    private static function start(SandingJob $job, array $grits, float $coarsest): ?self
    {
        $first = $grits[0] ?? null;
        if ($first === null || $job->mayStartOn($first, $coarsest)) {
            return null;
        }

        return new self($first->name, 'fine-start', sprintf(
            '%s (%s µm) is finer than the tool marks are deep, %s µm: it polishes their crests and leaves the bottoms.',
            $first->name, $first->micron, $job->deepestUm(),
        ));
    }

    /**
     * @param  list<Grit>  $grits
     * @return list<self>
     */
    private static function between(SandingJob $job, array $grits): array
    {
        $faults = [];
        foreach ($grits as $i => $grit) {
            $before = $grits[$i - 1] ?? null;
            if ($before === null || $job->mayFollow($before, $grit)) {
                continue;
            }
            $faults[] = $before->micron <= $grit->micron
                ? new self($grit->name, 'order', sprintf(
                    '%s (%s µm) is not finer than %s (%s µm) before it: it puts back what that one took out.',
                    $grit->name, $grit->micron, $before->name, $before->micron,
                ))
                : new self($grit->name, 'jump', sprintf(
                    'From %s to %s the size falls by %.2f times; above %.2f the deeper scratches of %s stay and show '
                        .'under the '
                    .'finish.', $before->name, $grit->name, $before->micron / $grit->startsAtMicron,
                    $job->rates->maxRatio,
                    $before->name,
                ));
        }

        return $faults;
    }

    /** @param  list<Grit>  $grits */
    private static function finish(SandingJob $job, array $grits): ?self
    {
        $last = $grits[count($grits) - 1] ?? null;
        if ($last === null) {
            return $job->deepestUm() <= $job->limitUm ? null : new self('', 'too-coarse-finish', sprintf(
                'No grit at all leaves the tool marks of %s µm; what comes next asks for %.1f µm or less.',
                $job->deepestUm(), $job->limitUm,
            ));
        }
        $valley = $job->model->valleyUm($last);
        if (! $job->isWithinLimit($last)) {
            return new self($last->name, 'too-coarse-finish', sprintf(
                '%s leaves scratches of %.1f µm; what comes next asks for %.1f µm '
                    .'or less.', $last->name, $valley, $job->limitUm,
            ));
        }

        return $job->isAboveFloor($last) ? null : new self($last->name, 'too-fine', sprintf(
            '%s leaves scratches of only %.1f µm; what comes next wants %.1f µm or more to hold on to.',
            $last->name, $valley, $job->floorUm ?? 0.0,
        ));
    }

    /**
     * The steps that may all go at once, so that what is left is a sound ladder and a shorter one.
     *
     * @param  list<Grit>  $grits
     */
    private static function needless(SandingJob $job, array $grits, float $coarsest): ?self
    {
        $kept = ShortestLadder::along($job, $grits, $coarsest)->cheapest();
        $saved = $kept === null ? 0.0 : Progression::minutes($job, $grits) - Progression::minutes($job, $kept);
        if ($kept === null || $saved <= self::WORTH_MINUTES) {
            return null;
        }
        $gone = [];
        $next = 0;
        foreach ($grits as $grit) {
            if (($kept[$next] ?? null) === $grit) {
                $next++;
            } else {
                $gone[] = $grit->name;
            }
        }
        $names = implode(', ', $gone);

        return new self($names, 'needless', sprintf(
            'Without %s the ladder is still sound and %.1f min shorter.', $names, $saved,
        ));
    }

    /** @return array{at: string, kind: string, message: string} */
    public function toArray(): array
    {
        return ['at' => $this->at, 'kind' => $this->kind, 'message' => $this->message];
    }
}
