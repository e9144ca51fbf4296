<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** Every task in time, what could not be kept, and how good the answer is. */
final readonly class Plan
{
    /**
     * @param  list<PlacedTask>  $tasks  by start
     * @param  list<BrokenWindow>  $broken
     * @param  list<LatePiece>  $late
     */
    public function __construct(
        public array $tasks,
        public array $broken,
        public array $late,
        public int $finish,
        public float $weightedLatenessHours,
        public int $setups,
        public float $milliseconds,
        public Outlook $outlook,
    ) {
    }

    /** @return array<string, mixed> the answer of `bin/grain schedule` */
    public function toArray(): array
    {
        $time = fn (int $second): string => gmdate('Y-m-d\TH:i:s\Z', $second);

        return [
            'tasks' => array_map(
                fn (PlacedTask $placed): array => [
                    'piece' => $placed->piece, 'id' => $placed->task->id, 'start' => $time($placed->start),
                    'end' => $time($placed->end),
                ] + ($placed->who === [] ? [] : ['who' => $placed->who]) + ($placed->slack === null ? [] : [
                    'latest_safe_start' => $placed->slack->latestStart === null
                        ? null : $time($placed->slack->latestStart),
                    'must_start' => $placed->slack->mustStart === null
                        ? null : $time($placed->slack->mustStart),
                    'float_hours' => $placed->slack->hours(),
                ]),
                $this->tasks,
            ),
            'broken_windows' => array_map(fn (BrokenWindow $window): array => $window->toArray(), $this->broken),
            'late' => array_map(fn (LatePiece $piece): array => $piece->toArray(), $this->late),
            'pieces' => $this->outlook->pieces(),
            'moved' => $this->outlook->moved(),
            'finish' => $time($this->finish),
            'lower_bound' => $time($this->outlook->bound->finish),
            'weighted_lateness_hours' => round($this->weightedLatenessHours, 3),
            'lateness_bound_hours' => round($this->outlook->bound->lateHours, 3),
            'gap' => $this->outlook->bound->gap === null ? null : round($this->outlook->bound->gap, 4),
            'proved' => $this->outlook->bound->isReached,
            'setups' => $this->setups,
            'milliseconds' => round($this->milliseconds, 2),
        ];
    }
}
