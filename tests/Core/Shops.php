<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * Workshops by number, the same ones for ever: what the scheduler is measured on. In every second one something is
 * scarce besides the maker's time: a shelf, a second person in hours of their own, batches, sittings, or the air.
 */
final class Shops
{
    public const KINDS = ['tiny', 'small', 'middle', 'large'];

    public const EACH = 20;

    /** Least and most pieces, least and most tasks of a piece, tenths of a day for each over which they are due. */
    private const SIZES = [
        'tiny' => [3, 6, 3, 6, 8], 'small' => [5, 8, 5, 9, 8], 'middle' => [8, 16, 6, 14, 9],
        'large' => [25, 60, 8, 16, 10],
    ];

    private const MOST_TINY = 24;

    private const AIR = 20;

    private const SCARCE = ['shelf', 'person', 'batch', 'sitting', 'air'];

    private int $state;

    private function __construct(int $seed)
    {
        $this->state = $seed;
    }

    /** What is scarce in a shop besides hands; null in a plain one. */
    public static function scarce(int $number): ?string
    {
        return $number % 2 === 0 ? self::SCARCE[intdiv($number, 2) % 5] : null;
    }

    /** @return array<string, mixed> the input of `bin/grain schedule` */
    public static function document(string $kind, int $number): array
    {
        $self = new self(1_000 * (1 + (int) array_search($kind, self::KINDS, true)) + $number);

        return $self->made($kind, self::scarce($number));
    }

    /** @return array<string, mixed> */
    private function made(string $kind, ?string $scarce): array
    {
        [$fewest, $most, $least, $longest, $tenths] = self::SIZES[$kind];
        $pieces = [];
        $left = $kind === 'tiny' ? self::MOST_TINY : PHP_INT_MAX;
        for ($p = 0, $count = $this->between($fewest, $most); $p < $count; $p++) {
            $tasks = min($this->between($least, $longest), max(2, $left - 2 * ($count - $p - 1)));
            $left -= $tasks;
            $pieces[] = $this->piece("p$p", $tasks, intdiv($tenths * $count, 10), $scarce);
        }
        $day = [['08:00', '12:00'], ['13:00', '17:00']];
        $document = [
            'start' => '2026-12-01T08:00:00Z',
            'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], $day) + (
                $this->between(0, 2) === 0 ? ['sat' => [['09:00', '13:00']]] : []
            ),
            'closed' => $this->between(0, 2) === 0 ? ['2026-12-08'] : [],
            'resources' => ['turner' => 1, 'lathe' => 1, 'shelf' => max(1, intdiv($count, 5)), 'air' => self::AIR],
            'pieces' => $pieces,
        ];
        $helper = ['tue' => [['09:00', '13:00']], 'thu' => [['09:00', '13:00'], ['14:00', '18:00']]];

        return $document + ($scarce !== 'person' ? [] : ['people' => [
            ['id' => 'turner', 'can' => ['spray']], ['id' => 'helper', 'hours' => $helper],
        ]]);
    }

    /** @return array<string, mixed> */
    private function piece(string $id, int $count, int $days, ?string $scarce): array
    {
        $tasks = [];
        for ($t = 0; $t < $count; $t++) {
            $wait = $t > 0 && $this->between(0, 2) === 0 ? $this->between(4, 48) : 0;
            $closes = $wait > 0 && $this->between(0, 3) === 0 ? $wait + 72 : null;
            $lag = ['task' => 't'.($t - 1), 'min_hours' => $wait, 'max_hours' => $closes];
            $tasks[] = [
                'id' => "t$t", 'minutes' => $this->between(5, 60),
                'needs' => ['turner' => 1] + ($this->between(0, 1) === 1 ? ['lathe' => 1] : []),
                'after' => $t === 0 ? [] : [$lag],
            ];
        }
        $piece = [
            'id' => $id, 'weight' => $this->between(1, 4),
            'due' => gmdate('Y-m-d\TH:i:s\Z', (int) strtotime('2026-12-01T17:00:00Z') + 86_400 * (
                1 + $this->between(0, $days)
            )),
        ];
        foreach ($tasks as $t => $task) {
            $tasks[$t] = $this->scarcer($task, $scarce, ($tasks[$t + 1]['after'][0]['min_hours'] ?? 0) > 0);
        }
        if ($scarce === 'sitting') {
            $from = $this->between(0, $count - 2);
            $piece['sitting'] = ["t$from", 't'.($from + 1)];
            // What is done in one sitting waits for nothing in between.
            $tasks[$from + 1]['after'] = [['task' => "t$from", 'min_hours' => 0, 'max_hours' => null]];
        }

        return $piece + ['tasks' => $scarce === 'air' ? $this->inAir($tasks) : $tasks];
    }

    /**
     * Wet work has the air until it is dry to the touch, two hours later; what makes dust takes all of it.
     *
     * @param  list<array<string, mixed>>  $tasks
     * @return list<array<string, mixed>>
     */
    private function inAir(array $tasks): array
    {
        $all = [];
        foreach ($tasks as $task) {
            $isWet = isset($task['holds']);
            if (! $isWet && $this->between(0, 2) === 0) {
                $task['needs']['air'] = self::AIR;
            }
            $all[] = $task;
            if ($isWet) {
                $after = [['task' => $task['id'], 'min_hours' => 2, 'max_hours' => null]];
                $all[] = ['id' => "$task[id] dry", 'minutes' => 0, 'needs' => [], 'after' => $after];
            }
        }

        return $all;
    }

    /**
     * @param  array<string, mixed>  $task
     * @return array<string, mixed>
     */
    private function scarcer(array $task, ?string $scarce, bool $waits): array
    {
        return $task + match (true) {
            $scarce === 'shelf' && $waits => ['holds' => ['shelf' => 1]],
            $scarce === 'person' && $this->between(0, 4) === 0 => ['can' => 'spray'],
            $scarce === 'batch' && $this->between(0, 1) === 0 => ['batch' => 'b'.$this->between(1, 3)],
            $scarce === 'air' && $waits => ['holds' => ['air' => 1]],
            default => [],
        };
    }

    private function between(int $least, int $most): int
    {
        $this->state = $this->state * 48_271 % 2_147_483_647;

        return $least + intdiv($this->state, 16) % ($most - $least + 1);
    }
}
