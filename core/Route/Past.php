<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What has been done on a piece: in which order, what of it is to be done again, and what it was. */
final readonly class Past
{
    /**
     * @param  list<string>  $done  steps, the earliest first
     * @param  list<string>  $again  those of them that are to be done again
     * @param  array<string, DoneWork>  $work  what a step was, by its id, where that is known
     * @param  bool  $isDryingDated  whether its wood is on the rack and has a date
     */
    private function __construct(
        public array $done,
        public array $again,
        public array $work,
        public bool $isDryingDated = false,
    ) {
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /**
     * @param  list<string>  $done
     * @param  list<string>  $again
     * @param  array<string, DoneWork>  $work
     */
    public static function of(array $done, array $again = [], array $work = []): self
    {
        return new self($done, $again, $work);
    }

    /** The same, of wood on the rack whose weighings carry a date. */
    public function withDryingDated(bool $is): self
    {
        return new self($this->done, $this->again, $this->work, $is);
    }
}
