<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Abrasive\Internal\ShortestLadder;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A step of a hand-made progression that leaves marks or wastes time, and why. */
final readonly class ProgressionFault
{
    /** Less than this is not worth a word (workshop). */
    private const WORTH_MINUTES = 0.01;

    private function __construct(public string $at, public ProgressionFaultKind $kind, public Said $message)
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

        return new self(
            $first->name, ProgressionFaultKind::FineStart,
            new Said('abrasive.progression-fault.finer-than-tool-marks', [
                'first' => $first->name,
                'micron' => Quantity::um($first->micron),
                'deepest' => Quantity::um($job->deepestUm()),
            ]),
        );
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
                ? new self(
                    $grit->name, ProgressionFaultKind::Order,
                    new Said('abrasive.progression-fault.not-finer-than-before', [
                        'grit' => $grit->name,
                        'micron' => Quantity::um($grit->micron),
                        'before' => $before->name,
                        'micron2' => Quantity::um($before->micron),
                    ]),
                )
                : new self(
                    $grit->name, ProgressionFaultKind::Jump,
                    new Said('abrasive.progression-fault.from-size-falls-times', [
                        'before' => $before->name,
                        'grit' => $grit->name,
                        'micron' => Quantity::count($before->micron / $grit->startsAtMicron),
                        'maxRatio' => Quantity::count($job->rates->maxRatio),
                    ]),
                );
        }

        return $faults;
    }

    /** @param  list<Grit>  $grits */
    private static function finish(SandingJob $job, array $grits): ?self
    {
        $last = $grits[count($grits) - 1] ?? null;
        if ($last === null) {
            return $job->deepestUm() <= $job->limitUm ? null
                : new self(
                    '', ProgressionFaultKind::TooCoarseFinish,
                    new Said('abrasive.progression-fault.no-grit-all-leaves', [
                        'deepest' => Quantity::um($job->deepestUm()),
                        'limit' => Quantity::um($job->limitUm),
                    ]),
                );
        }
        $valley = $job->model->valleyUm($last);
        if (! $job->isWithinLimit($last)) {
            return new self($last->name, ProgressionFaultKind::TooCoarseFinish,
                new Said('abrasive.progression-fault.leaves-scratches-what-comes', [
                    'last' => $last->name,
                    'valley' => Quantity::um($valley),
                    'limit' => Quantity::um($job->limitUm),
                ]));
        }

        return $job->isAboveFloor($last) ? null
            : new self(
                $last->name, ProgressionFaultKind::TooFine,
                new Said('abrasive.progression-fault.leaves-scratches-only-what', [
                    'last' => $last->name,
                    'valley' => Quantity::um($valley),
                    'floor' => Quantity::um($job->floorUm ?? 0.0),
                ]),
            );
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

        return new self(
            $names, ProgressionFaultKind::Needless,
            new Said('abrasive.progression-fault.without-ladder-still-sound', [
                'names' => $names,
                'saved' => Quantity::minutes($saved),
            ]),
        );
    }

    /** @return array{at: string, kind: string, message: Said} */
    public function toArray(): array
    {
        return ['at' => $this->at, 'kind' => $this->kind->value, 'message' => $this->message];
    }
}
