<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * The hours of everybody as far ahead as plans mostly go, all in the same rows of numbers: what a decoder goes through
 * when it looks for time. Behind the last stretch of each hours stands one that never opens.
 *
 * @internal
 */
final class Grid
{
    /** 8,192 s: no more than a few stretches begin in one. */
    public const SLOT_BITS = 13;

    /** @var list<int> row => second (UTC) at which a stretch opens */
    public array $opens = [];

    /** @var list<int> row => second (UTC) at which it closes */
    public array $closes = [];

    /** @var list<int> row => the first stretch of what its gate has left on its day; -1 behind the last */
    public array $node = [];

    /** @var list<int> slot => the first row that closes after it begins, for all hours one behind the other */
    public array $slots = [];

    /** How many slots there are for each. */
    public readonly int $length;

    /** @var list<int> gate => the node of its first day */
    public array $first = [];

    /** @var list<int> gate => so many days of it are in the rows */
    public array $days = [];

    /** @var list<int> gate => the row of its own first stretch */
    public array $own = [];

    private int $nodes = 0;

    /** @var array<string, int> gate and hours => their first slot */
    private array $known = [];

    /**
     * @param  list<Gate>  $gates
     * @param  int  $start  second (UTC)
     * @param  int  $days  how far the rows go
     */
    public function __construct(array $gates, public readonly int $start, int $days)
    {
        $this->length = (($days * 86_400) >> self::SLOT_BITS) + 1;
        foreach ($gates as $g => $gate) {
            $day = 0;
            while ($gate->days->reach($day) > 0 && $gate->days->opens[$day] < $start + 86_400 * $days) {
                $day++;
            }
            $this->first[] = $this->nodes;
            $this->days[] = $day;
            $this->own[] = count($this->opens);
            $this->nodes += $day;
            $this->slotOf($g, $gate->hours);
        }
    }

    /** Where the slots of a gate's work in some hours begin. */
    public function slotOf(int $gate, Stretches $hours): int
    {
        return $this->known[$gate.' '.spl_object_id($hours)] ??= $this->add($gate, $hours);
    }

    private function add(int $gate, Stretches $hours): int
    {
        $row = count($this->opens);
        for ($k = 0; $hours->reach($k) > 0 && $hours->day[$k] < $this->days[$gate]; $k++) {
            $this->opens[] = $hours->opens[$k];
            $this->closes[] = $hours->closes[$k];
            $this->node[] = $this->first[$gate] + $hours->day[$k];
        }
        $this->opens[] = $this->closes[] = Workload::NEVER;
        $this->node[] = -1;
        $slot = count($this->slots);
        for ($n = 0; $n < $this->length; $n++) {
            while ($this->closes[$row] <= $this->start + ($n << self::SLOT_BITS)) {
                $row++;
            }
            $this->slots[] = $row;
        }

        return $slot;
    }
}
