<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Schedule\Wait;

/**
 * A partial order without a circle: every rule, then what the maker wants, then customs where nothing stands against
 * them.
 *
 * @internal
 */
final class Ordering
{
    /** @var array<string, array<string, Precedence>> first => later => why */
    private array $after = [];

    /** @var list<array{Precedence, Precedence}> a wish that is not followed, and the rule that stands against it */
    private array $refused = [];

    /** @var list<Precedence> customs that gave way */
    private array $bent = [];

    /** @var list<Precedence> rules that go against other rules */
    private array $clashes = [];

    /** @param  array<string, true>  $ids */
    private function __construct(private readonly array $ids)
    {
    }

    /**
     * @param  list<string>  $ids  of all operations
     * @param  list<Precedence>  $precedences
     * @param  list<Precedence>  $wishes
     */
    public static function of(array $ids, array $precedences, array $wishes): self
    {
        $self = new self(array_fill_keys($ids, true));
        $rules = $self->known(array_filter($precedences, fn (Precedence $one): bool => ! $one->bends));
        $customs = $self->known(array_filter($precedences, fn (Precedence $one): bool => $one->bends));
        $self->addAll([...$rules, ...$self->known($wishes), ...$customs]);
        if ($self->runsInACircle()) {
            $self->after = [];
            $self->addOneByOne($rules, $self->known($wishes), $customs);
        }

        return $self;
    }

    /** @return list<Precedence> */
    public function precedences(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->after)));
    }

    /** @return list<array{Precedence, Precedence}> */
    public function refused(): array
    {
        return $this->refused;
    }

    /** @return list<Precedence> */
    public function bent(): array
    {
        return $this->bent;
    }

    /** @return list<Precedence> */
    public function clashes(): array
    {
        return $this->clashes;
    }

    /**
     * @param  array<array-key, Precedence>  $precedences
     * @return list<Precedence>
     */
    private function known(array $precedences): array
    {
        return array_values(array_filter(
            $precedences, fn (Precedence $one): bool => isset($this->ids[$one->first], $this->ids[$one->later])
                && $one->first !== $one->later,
        ));
    }

    /** @param  list<Precedence>  $precedences */
    private function addAll(array $precedences): void
    {
        foreach ($precedences as $precedence) {
            $this->add($precedence);
        }
    }

    /** Of two between the same operations the longer wait holds, and the narrower window. */
    private function add(Precedence $precedence): void
    {
        $known = $this->after[$precedence->first][$precedence->later] ?? null;
        if ($known !== null) {
            $longer = $precedence->wait->minHours > $known->wait->minHours ? $precedence : $known;
            $most = min($precedence->wait->maxHours ?? INF, $known->wait->maxHours ?? INF);
            // A window that closes before the longer wait is over cannot be kept: the wait holds.
            $isOpen = $most < INF && $most >= $longer->wait->minHours;
            $precedence = $longer->waiting(Wait::hours(
                $longer->wait->minHours, $isOpen ? $most : null, $longer->wait->kinetics,
            ));
        }
        $this->after[$precedence->first][$precedence->later] = $precedence;
    }

    /**
     * @param  list<Precedence>  $rules
     * @param  list<Precedence>  $wishes
     * @param  list<Precedence>  $customs
     */
    private function addOneByOne(array $rules, array $wishes, array $customs): void
    {
        foreach ($rules as $rule) {
            if ($this->way($rule->later, $rule->first) === null) {
                $this->add($rule);
            } else {
                $this->clashes[] = $rule;
            }
        }
        foreach ($wishes as $wish) {
            $against = $this->way($wish->later, $wish->first);
            if ($against === null) {
                $this->add($wish);
            } else {
                $this->refused[] = [$wish, $against];
            }
        }
        foreach ($customs as $custom) {
            if ($this->way($custom->later, $custom->first) === null) {
                $this->add($custom);
            } else {
                $this->bent[] = $custom;
            }
        }
    }

    /** The last precedence on a way from one operation to another that comes after it; null where there is no way. */
    public function way(string $from, string $to): ?Precedence
    {
        $seen = [$from => true];
        $open = [$from];
        while ($open !== []) {
            $at = array_pop($open);
            foreach ($this->after[$at] ?? [] as $later => $precedence) {
                if ($later === $to) {
                    return $precedence;
                }
                if (! isset($seen[$later])) {
                    $seen[$later] = true;
                    $open[] = $later;
                }
            }
        }

        return null;
    }

    private function runsInACircle(): bool
    {
        $left = array_fill_keys(array_keys($this->ids), 0);
        foreach ($this->after as $laters) {
            foreach ($laters as $later => $precedence) {
                $left[$later]++;
            }
        }
        $free = array_keys(array_filter($left, fn (int $before): bool => $before === 0));
        $placed = 0;
        while ($free !== []) {
            $placed++;
            foreach ($this->after[array_pop($free)] ?? [] as $later => $precedence) {
                if (--$left[$later] === 0) {
                    $free[] = $later;
                }
            }
        }

        return $placed < count($left);
    }
}
