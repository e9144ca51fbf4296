<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** A step of a hand-made progression that leaves marks or wastes time, and why. */
final readonly class ProgressionFault
{
    private function __construct(public string $at, public string $kind, public string $message)
    {
    }

    /**
     * @param  list<Grit>  $grits
     * @return list<self>
     */
    public static function in(SandingJob $job, array $grits): array
    {
        $faults = [];
        foreach ($grits as $i => $grit) {
            $before = $grits[$i - 1] ?? null;
            if ($before === null) {
                continue;
            }
            if ($before->micron <= $grit->micron) {
                $faults[] = new self($grit->name, 'order', sprintf('%s (%s µm) is not finer than %s (%s µm) before it: it puts back what that one took out.', $grit->name, $grit->micron, $before->name, $before->micron));
            } elseif (! $job->mayFollow($before, $grit)) {
                $faults[] = new self($grit->name, 'jump', sprintf('From %s to %s the size falls by %.2f times; above %.2f the deeper scratches of %s stay and show under the finish.', $before->name, $grit->name, $before->micron / $grit->micron, $job->maxRatio, $before->name));
            }
        }
        $last = $grits[count($grits) - 1] ?? null;
        if ($last !== null) {
            $valley = $job->model->valleyUm($last);
            if ($valley > $job->limitUm + 1e-9) {
                $faults[] = new self($last->name, 'too-coarse-finish', sprintf('%s leaves scratches of %.1f µm; what comes next asks for %.1f µm or less.', $last->name, $valley, $job->limitUm));
            } elseif ($job->floorUm !== null && $valley < $job->floorUm - 1e-9) {
                $faults[] = new self($last->name, 'too-fine', sprintf('%s leaves scratches of only %.1f µm; below %.1f µm the ground is burnished and takes colour unevenly.', $last->name, $valley, $job->floorUm));
            }
        }

        return [...$faults, ...self::needless($job, $grits)];
    }

    /**
     * Steps without which the rest is still a sound ladder, and a shorter one.
     *
     * @param  list<Grit>  $grits
     * @return list<self>
     */
    private static function needless(SandingJob $job, array $grits): array
    {
        $faults = [];
        $total = Progression::minutes($job, $grits);
        foreach ($grits as $i => $grit) {
            $before = $grits[$i - 1] ?? null;
            $after = $grits[$i + 1] ?? null;
            $soundWithout = $after === null
                ? $before !== null && $job->mayEndOn($before)
                : $before === null || $job->mayFollow($before, $after);
            if (! $soundWithout) {
                continue;
            }
            $saved = $total - Progression::minutes($job, array_values(array_filter($grits, fn (int $k): bool => $k !== $i, ARRAY_FILTER_USE_KEY)));
            if ($saved > 0.01) {
                $faults[] = new self($grit->name, 'needless', sprintf('Without %s the ladder is still sound and %.1f min shorter.', $grit->name, $saved));
            }
        }

        return $faults;
    }

    /** @return array{at: string, kind: string, message: string} */
    public function toArray(): array
    {
        return ['at' => $this->at, 'kind' => $this->kind, 'message' => $this->message];
    }
}
