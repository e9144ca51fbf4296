<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Stance;
use HonestGrain\Route\Step;

/**
 * The steps laid out so far, and how far each part has come by them.
 *
 * @internal
 */
final readonly class Laid
{
    /**
     * @param  list<Step>  $steps
     * @param  array<string, true>  $ids  of those steps
     * @param  array<string, PartProgress>  $parts
     */
    public function __construct(public array $steps = [], private array $ids = [], private array $parts = [])
    {
    }

    public function has(string $step): bool
    {
        return isset($this->ids[$step]);
    }

    public function part(string $part): PartProgress
    {
        return $this->parts[$part] ?? new PartProgress;
    }

    public function at(string $part, PartProgress $progress): self
    {
        return new self($this->steps, $this->ids, [$part => $progress] + $this->parts);
    }

    public function then(Step $step): self
    {
        return new self([...$this->steps, $step], $this->ids + [$step->id => true], $this->parts);
    }

    /** The step before keeps the part mounted for this one, where it belongs to the same mount. */
    public function staying(string $part, string $next): self
    {
        $steps = $this->steps;
        $last = array_pop($steps);

        return $last !== null && $last->part === $part && $last->setup->mount?->spins() === true
            && $last->setup->stage === $this->part($part)->stage
                ? new self([...$steps, $last->mountedUntil($next)], $this->ids, $this->parts) : $this;
    }

    /** There is one lathe: the others are off it. */
    public function onLathe(string $part, Stance $stance): self
    {
        $off = array_map(
            fn (PartProgress $one): PartProgress => $one->sits === null ? $one
                : $one->sitting(Stance::Off), $this->parts,
        );

        return new self($this->steps, $this->ids, [$part => $this->part($part)->sitting($stance)] + $off);
    }
}
