<?php

declare(strict_types=1);

namespace App\Planning;

use Carbon\CarbonInterface;

/** A press on a form about a step. */
final readonly class Press
{
    private const KEY_LETTERS = 40;

    /**
     * @param  string|null  $read  mark of the step as the page showed it
     * @param  string|null  $once  its key: what is sent again under it is the same press
     * @param  CarbonInterface|null  $at  when it was pressed, where it waited for the network
     */
    public function __construct(
        public ?string $read = null,
        public ?string $once = null,
        private ?CarbonInterface $at = null,
    ) {
    }

    /** The same press at another step: with a key of its own, so that sent again it is the same there too. */
    public function also(int $step, string $read): self
    {
        $once = $this->once === null ? null : substr(hash('sha256', "$this->once $step"), 0, self::KEY_LETTERS);

        return new self($read, $once, $this->at);
    }

    public function at(): CarbonInterface
    {
        return $this->at ?? now();
    }
}
