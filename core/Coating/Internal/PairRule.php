<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Coating\Stain;
use HonestGrain\Coating\Verdict;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/**
 * One row of `catalogue/pairs.csv`: of what is below, what is above and what happened between, and what it says then.
 *
 * Words of a column all hold together; `!` turns one round, and of words parted by `/` one is enough.
 *
 * @internal
 */
final readonly class PairRule
{
    /** A mend that is not a sentence of its own: the barrier that this pair takes. */
    private const SEAL = 'seal';

    /** @var list<string> */
    private array $below;

    /** @var list<string> */
    private array $above;

    /** @var list<string> */
    private array $when;

    /** Until what is below is dry: hours by name; empty where it does not matter. */
    private string $dry;

    private Verdict $verdict;

    /** Until what is below is hard, where that is the verdict: hours by name. */
    private string $hours;

    private string $reason;

    private string $mend;

    /** @var list<string> what the reason says by name */
    private array $names;

    /** @var list<string> what the mend says by name */
    private array $mendNames;

    public function __construct(Row $row)
    {
        $words = fn (string $column): array => $row->has($column) ? explode(' ', $row->text($column)) : [];
        $this->below = $words('below');
        $this->above = $words('above');
        $this->when = $words('when');
        $this->dry = $row->text('dry');
        $this->verdict = Verdict::from($row->text('verdict'));
        $this->hours = $row->text('hours');
        $this->reason = $row->text('reason');
        $this->mend = $row->text('mend');
        $this->names = $words('names');
        $this->mendNames = $words('mend_names');
    }

    /**
     * @param  array<string, bool>  $under  traits of what is below
     * @param  array<string, bool>  $over  traits of what is above
     * @return Ruling|null null where it does not speak of this pair, or where the time that it asks for is over
     */
    public function ruling(array $under, array $over, Meeting $meeting): ?Ruling
    {
        if (! self::hold($this->below, fn (string $word): bool => $under[$word] ?? false)
            || ! self::hold($this->above, fn (string $word): bool => $over[$word] ?? false)
            || ! self::hold($this->when, $meeting->is(...))) {
            return null;
        }
        $wet = $this->dry === '' ? null
            : Ruling::untilDry($meeting->under->name(), $meeting->hours($this->dry), $meeting->between);

        return $wet ?? ($this->hours !== '' ? Ruling::untilHard($meeting->hours($this->hours), $meeting->between)
            : Ruling::of($this->verdict, new Said(
                "coating.pairs.$this->reason", $meeting->named($this->names),
            ), $this->mended($meeting)));
    }

    private function mended(Meeting $meeting): ?Said
    {
        return match (true) {
            $this->mend === '' => null,
            $this->mend === self::SEAL && $meeting->under instanceof Stain => Seal::between(
                $meeting->under, $meeting->over,
            ),
            default => new Said("coating.pairs.$this->mend", $meeting->named($this->mendNames)),
        };
    }

    /**
     * @param  list<string>  $words
     * @param  \Closure(string): bool  $is
     */
    private static function hold(array $words, \Closure $is): bool
    {
        foreach ($words as $word) {
            $isAsked = $word[0] !== '!';
            $any = array_filter(explode('/', ltrim($word, '!')), $is) !== [];
            if ($any !== $isAsked) {
                return false;
            }
        }

        return true;
    }
}
