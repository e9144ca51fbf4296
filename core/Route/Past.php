<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Rack\BlankForm;

/** What has been done on a piece: in which order, what of it is to be done again, and what it was. */
final readonly class Past
{
    /**
     * @param  list<string>  $done  steps, the earliest first
     * @param  list<string>  $again  those of them that are to be done again
     * @param  array<string, DoneWork>  $work  what a step was, by its id, where that is known
     * @param  BlankForm|null  $datedAs  what its wood lies on the rack as, where the weighings carry a date
     */
    private function __construct(
        public array $done,
        public array $again,
        public array $work,
        public ?BlankForm $datedAs = null,
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

    /** The same, of wood on the rack whose weighings carry a date; null where they carry none. */
    public function withWoodDated(?BlankForm $as): self
    {
        return new self($this->done, $this->again, $this->work, $as);
    }
}
