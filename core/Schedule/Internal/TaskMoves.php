<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Small changes of a list: a piece put forward from a moment on, put back, two neighbours exchanged, one task shifted.
 * Whatever is changed stays a list of the same pieces as often, so every one can be placed.
 *
 * @internal
 */
final class TaskMoves implements Neighbourhood
{
    private const SHIFT = 24;

    /** @var list<int> */
    private array $list = [];

    /** @var list<int> */
    private array $next = [];

    /** @param  int  $fixed  so many places at the front are left as they are */
    public function __construct(
        private readonly Dice $dice,
        private readonly int $fixed,
        private readonly Precedence $precedence,
    ) {
    }

    /** In the order of their turns, so that near in the list is near in time. */
    public function begin(array $list, Decoder $decoder): array
    {
        $turns = $decoder->turns();
        asort($turns);
        $this->list = array_slice($list, 0, $this->fixed);
        $skip = array_count_values($this->list);
        foreach (array_keys($turns) as $t) {
            $piece = $decoder->pieceOf($t);
            if (($skip[$piece] ?? 0) > 0) {
                $skip[$piece]--;
            } else {
                $this->list[] = $piece;
            }
        }

        return $this->list = $this->precedence->kept($this->list);
    }

    public function take(): void
    {
        $this->list = $this->next;
    }

    public function proposed(array $late): ?array
    {
        $move = $this->precedence->move($this->list, $this->move($this->list, $late));
        $this->next = $move[0] ?? $this->list;

        return $move;
    }

    /**
     * @param  list<int>  $list
     * @param  list<int>  $late
     * @return array{list<int>, int, int}|null
     */
    private function move(array $list, array $late): ?array
    {
        $room = count($list) - $this->fixed;
        if ($room < 2) {
            return null;
        }
        $at = $this->fixed + $this->dice->below($room);
        $kind = $this->dice->below(10);
        $piece = $late !== [] && $this->dice->below(2) === 0
            ? $late[$this->dice->below(count($late))] : $list[$this->fixed + $this->dice->below($room)];

        return match (true) {
            $kind < 4 => $this->forward($list, $piece, $at),
            $kind < 6 => $this->exchanged($list, $at),
            $kind < 8 => $this->shifted($list, $at),
            default => $this->back($list, $at),
        };
    }

    /**
     * The next few tasks of a piece, or all that it has left, are taken up at a moment.
     *
     * @param  list<int>  $list
     * @return array{list<int>, int, int}|null
     */
    private function forward(array $list, int $piece, int $at): ?array
    {
        $places = array_keys(array_slice($list, $at, null, true), $piece, true);
        if ($places === []) {
            return null;
        }
        $many = count($places);
        $many = $this->dice->below(3) === 0 ? $many : 1 + $this->dice->below($many);
        $moved = array_slice($places, 0, $many);
        if ($moved[$many - 1] === $at + $many - 1) {
            return null;
        }
        $between = [];
        $m = 0;
        $last = $moved[$many - 1];
        for ($i = $at; $i <= $last; $i++) {
            if ($m < $many && $moved[$m] === $i) {
                $m++;
            } else {
                $between[] = $list[$i];
            }
        }
        array_splice($list, $at, $last - $at + 1, [...array_fill(0, $many, $piece), ...$between]);

        return [$list, $at, $last + 1];
    }

    /**
     * Of two pieces, the one that comes later from a moment on comes first there, each in the other's places.
     *
     * @param  list<int>  $list
     * @return array{list<int>, int, int}|null
     */
    private function exchanged(array $list, int $at): ?array
    {
        $one = $list[$at];
        $count = count($list);
        $other = $one;
        for ($i = $at + 1; $i < $count && $other === $one; $i++) {
            $other = $list[$i];
        }
        if ($other === $one) {
            return null;
        }
        if ($this->dice->below(2) === 0) {
            $other = $list[$at + $this->dice->below($count - $at)];
        }
        $many = $this->dice->below(3) === 0 ? PHP_INT_MAX : 1 + $this->dice->below(6);
        $ones = $others = [];
        for ($i = $at; $i < $count && count($others) < $many; $i++) {
            if ($list[$i] === $one) {
                $ones[] = $i;
            } elseif ($list[$i] === $other) {
                $others[] = $i;
            }
        }
        if ($others === [] || $one === $other) {
            return null;
        }
        $places = [...$ones, ...$others];
        sort($places);
        foreach ($places as $n => $place) {
            $list[$place] = $n < count($others) ? $other : $one;
        }

        return [array_values($list), $at, $places[count($places) - 1] + 1];
    }

    /**
     * @param  list<int>  $list
     * @return array{list<int>, int, int}|null
     */
    private function shifted(array $list, int $at): ?array
    {
        $to = $at + $this->dice->below(2 * self::SHIFT + 1) - self::SHIFT;
        $to = max($this->fixed, min(count($list) - 1, $to));
        $piece = $list[$at];
        if ($list[$to] === $piece) {
            return null;
        }
        array_splice($list, $at, 1);
        array_splice($list, $to, 0, [$piece]);

        return [$list, min($at, $to), max($at, $to) + 1];
    }

    /**
     * The next few tasks of a piece are put back behind some of the others.
     *
     * @param  list<int>  $list
     * @return array{list<int>, int, int}|null
     */
    private function back(array $list, int $at): ?array
    {
        $piece = $list[$at];
        $to = min(count($list), $at + 2 + $this->dice->below(3 * self::SHIFT));
        $kept = $moved = [];
        for ($i = $at; $i < $to; $i++) {
            if ($list[$i] === $piece) {
                $moved[] = $piece;
            } else {
                $kept[] = $list[$i];
            }
        }
        if ($kept === []) {
            return null;
        }
        array_splice($list, $at, $to - $at, [...$kept, ...$moved]);

        return [$list, $at, $to];
    }
}
