<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** One hands-on step to be placed in time. */
final readonly class Task
{
    /**
     * @param  array<string, int>  $needs  resource => how many while it runs
     * @param  list<Lag>  $after
     * @param  array<string, int>  $holds  resource => how many from its end to the piece's next task
     * @param  list<Hold>  $keeps  what it goes on holding after its end
     * @param  array<string, int>  $heldNow  resource => how many the piece holds already until it starts
     */
    private function __construct(
        public string $id,
        public ?Said $title,
        public int $seconds,
        public array $needs,
        public array $after,
        public array $holds,
        public ?string $batch,
        public bool $splittable,
        public ?int $notBefore,
        public ?int $notAfter,
        public string $field,
        public array $keeps = [],
        public array $heldNow = [],
    ) {
    }

    /**
     * @param  array<string, int>  $needs
     * @param  list<Lag>  $after
     * @param  array<string, int>  $holds
     * @param  int|null  $notBefore  second (UTC): a wait that is already running
     * @param  int|null  $notAfter  second (UTC): a window that is already open
     */
    public static function of(
        string $id,
        float $minutes,
        array $needs,
        array $after = [],
        array $holds = [],
        ?string $batch = null,
        bool $splittable = false,
        ?int $notBefore = null,
        ?int $notAfter = null,
        ?Said $title = null,
        string $field = 'task',
    ): self {
        if (! is_finite($minutes) || $minutes < 0 || $minutes > 100_000) {
            throw InvalidField::range("$field.minutes", $minutes, 0, 100_000);
        }

        return new self(
            $id, $title, (int) round($minutes * 60), $needs, $after, $holds, $batch, $splittable, $notBefore, $notAfter,
            $field,
        );
    }

    /**
     * The same, holding on to something.
     *
     * @param  list<Hold>  $keeps  after its end
     * @param  array<string, int>  $heldNow  resource => how many, already and until it starts
     */
    public function keeping(array $keeps, array $heldNow = []): self
    {
        return new self(
            $this->id, $this->title, $this->seconds, $this->needs, $this->after, $this->holds, $this->batch,
            $this->splittable, $this->notBefore, $this->notAfter, $this->field, $keeps, $heldNow,
        );
    }

    /** Its name within a sentence, and at the start of one. An id is never re-spelt. */
    public function words(bool $first = false): Said
    {
        return $this->title === null ? Said::name($this->id) : ($first ? Said::upper($this->title) : $this->title);
    }
}
