<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * A list by dates: each piece is to be done by one, and each task has its turn so long before it as what follows it
 * takes, or a share of that; at none the piece stands whole where its date is. One date is moved, or one share.
 *
 * @internal
 */
final class DateMoves implements Neighbourhood
{
    /** How much of what follows a task counts for its turn; to begin with all of it. */
    private const SHARES = [0.0, 0.5, 1.0, 1.5];

    private const USUAL = 1.0;

    /** A date is moved so far on average, and put next to another no further away, in steps from one to the next. */
    private const STEPS = 3;

    private const NEAR = 8;

    private const LEAST_STEP = 3600.0;

    /** @var list<int> pieces, by their turns */
    private array $list = [];

    /** @var list<float> place => second (UTC) of its turn */
    private array $turns = [];

    /** @var list<int> the list as the order of pieces allows it */
    private array $kept = [];

    /** @var array<int, float> piece => second (UTC) */
    private array $dates = [];

    /** @var array<int, float> piece => 0 to 1.5 */
    private array $shares = [];

    /** From one date to the next, seconds. */
    private float $step = self::LEAST_STEP;

    /** @var array{int, float, float, list<int>, list<float>, list<int>} piece, date, share, list, turns, as allowed */
    private array $next = [0, 0.0, 0.0, [], [], []];

    /** @param  int  $fixed  so many places at the front are left as they are */
    public function __construct(
        private readonly Workload $work,
        private readonly Dice $dice,
        private readonly int $fixed,
        private readonly Precedence $precedence,
    ) {
    }

    /** By the dates at which pieces end; once it has begun, it stays with what it has come to. */
    public function begin(array $list, Decoder $decoder): array
    {
        if ($this->list !== []) {
            return $this->kept;
        }
        $opening = array_slice($list, 0, $this->fixed);
        $turns = $ends = [];
        for ($piece = 0; $piece < $this->work->pieces(); $piece++) {
            $ends[] = $decoder->lastEndOf($piece);
            $this->dates[] = (float) $ends[$piece];
            $this->shares[] = self::USUAL;
            $turns += $this->turnsOf($piece, $this->dates[$piece], $this->shares[$piece]);
        }
        $this->step = $ends === [] ? self::LEAST_STEP
            : max(self::LEAST_STEP, (max($ends) - min($ends)) / count($ends));
        asort($turns);
        $this->list = [...$opening, ...array_map($decoder->pieceOf(...), array_keys($turns))];
        $this->turns = [...array_map(fn (): float => -INF, $opening), ...array_values($turns)];

        return $this->kept = $this->precedence->kept($this->list);
    }

    /** @return array<int, float> task => its turn, of those of a piece that do not stand before everything else */
    private function turnsOf(int $piece, float $date, float $share): array
    {
        [$first, $next] = $this->work->range($piece);
        foreach ($this->work->opening as $other) {
            $first += $other === $piece ? 1 : 0;
        }
        $turns = [];
        for ($t = $first; $t < $next; $t++) {
            $turns[$t] = $date - $share * $this->work->tail[$t];
        }
        sort($turns);

        return $turns === [] ? [] : array_combine(range($first, $next - 1), $turns);
    }

    public function take(): void
    {
        [$piece, $this->dates[$piece], $this->shares[$piece], $this->list, $this->turns, $this->kept] = $this->next;
    }

    public function proposed(array $late): ?array
    {
        $piece = $late !== [] && $this->dice->below(3) === 0 ? $late[$this->dice->below(count($late))]
            : $this->dice->below($this->work->pieces());
        $kind = $this->dice->below(10);
        $date = $this->dates[$piece];
        $share = $this->shares[$piece];
        if ($kind < 2) {
            $share = self::SHARES[$this->dice->below(count(self::SHARES))];
        } elseif ($kind < 6) {
            $by = -log($this->dice->share()) * self::STEPS * $this->step;
            $date += $this->dice->below(2) === 0 ? $by : -$by;
        } else {
            $other = $this->dates[$this->dice->below($this->work->pieces())];
            if ($kind < 8 && abs($other - $date) > self::NEAR * $this->step) {
                return null;
            }
            $date = $other + ($this->dice->below(2) === 0 ? 1 : -1);
        }
        [$list, $turns] = $this->merged($piece, array_values($this->turnsOf($piece, $date, $share)));
        $move = $this->difference($list);
        if ($move !== null) {
            $this->next = [$piece, $date, $share, $list, $turns, $move[0]];
        }

        return $move;
    }

    /**
     * The list with the turns of one piece put anew.
     *
     * @param  list<float>  $own  in order
     * @return array{list<int>, list<float>}
     */
    private function merged(int $piece, array $own): array
    {
        $was = $this->list;
        $at = $this->turns;
        $list = array_slice($was, 0, $this->fixed);
        $turns = array_slice($at, 0, $this->fixed);
        $own[] = INF;
        $n = 0;
        for ($i = $this->fixed, $count = count($was); $i < $count; $i++) {
            if ($was[$i] !== $piece) {
                while ($own[$n] < $at[$i]) {
                    $list[] = $piece;
                    $turns[] = $own[$n++];
                }
                $list[] = $was[$i];
                $turns[] = $at[$i];
            }
        }
        for (; $own[$n] < INF; $n++) {
            $list[] = $piece;
            $turns[] = $own[$n];
        }

        return [$list, $turns];
    }

    /**
     * @param  list<int>  $list
     * @return array{list<int>, int, int}|null
     */
    private function difference(array $list): ?array
    {
        $was = $this->kept;
        $list = $this->precedence->kept($list);
        $count = count($list);
        $from = $this->fixed;
        while ($from < $count && $list[$from] === $was[$from]) {
            $from++;
        }
        if ($from === $count) {
            return null;
        }
        $same = $count;
        while ($list[$same - 1] === $was[$same - 1]) {
            $same--;
        }

        return [$list, $from, $same];
    }
}
