<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Pieces that go behind others: in a list all of a piece stands behind all of the one it follows, so that it takes what
 * hands that one leaves.
 *
 * @internal
 */
final readonly class Precedence
{
    /** @var array<int, int> piece => the one it goes behind, those first that are followed by others */
    private array $behind;

    public function __construct(private Workload $work)
    {
        $number = array_flip(array_column($work->problem->jobs, 'id'));
        $behind = $depths = $sorted = [];
        foreach ($work->problem->jobs as $piece => $job) {
            if ($job->behind !== null && isset($number[$job->behind])) {
                $behind[$piece] = $number[$job->behind];
            }
        }
        foreach (array_keys($behind) as $piece) {
            $depths[$piece] = 0;
            for ($at = $piece; isset($behind[$at]) && $depths[$piece] <= count($behind); $at = $behind[$at]) {
                $depths[$piece]++;
            }
        }
        asort($depths);
        foreach (array_keys($depths) as $piece) {
            $sorted[$piece] = $behind[$piece];
        }
        $this->behind = $sorted;
    }

    /**
     * @param  list<int>  $list  what stands before everything else stays there
     * @return list<int>
     */
    public function kept(array $list): array
    {
        $fixed = count($this->work->opening);
        foreach ($this->behind as $piece => $first) {
            $last = array_keys($list, $first, true);
            $last = $last === [] ? -1 : $last[count($last) - 1];
            $early = [];
            for ($i = $fixed; $i < $last; $i++) {
                if ($list[$i] === $piece) {
                    $early[] = $i;
                }
            }
            if ($early !== []) {
                array_splice($list, $last + 1, 0, array_fill(0, count($early), $piece));
                $list = array_values(array_diff_key($list, array_flip($early)));
            }
        }

        return $list;
    }

    /**
     * A change of a list as far as the order of pieces allows it.
     *
     * @param  list<int>  $was
     * @param  array{list<int>, int, int}|null  $move  the changed list, its first place that differs, and the first
     *     from which it is as it was
     * @return array{list<int>, int, int}|null null where nothing is left of it
     */
    public function move(array $was, ?array $move): ?array
    {
        if ($move === null || $this->behind === []) {
            return $move;
        }
        $list = $this->kept($move[0]);
        $same = $count = count($list);
        $from = 0;
        while ($from < $count && $list[$from] === $was[$from]) {
            $from++;
        }
        while ($same > $from && $list[$same - 1] === $was[$same - 1]) {
            $same--;
        }

        return $from === $count ? null : [$list, $from, $same];
    }
}
