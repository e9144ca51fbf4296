<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What a plan is to say besides when what is done. */
final readonly class Questions
{
    /** Where nothing is known of how minutes and waits turn out: a quarter less to a quarter more (workshop). */
    public const SPREAD = 0.25;

    /**
     * @param  bool  $explain  whether each task says how long it may be left
     * @param  int|null  $explainBefore  second (UTC); where given only tasks that start before it say so
     * @param  int  $futures  how often the plan is lived through, for the chance of each piece; 0: not
     * @param  float  $spread  0 to 1, by which work and waits may be longer or shorter then
     */
    public function __construct(
        public bool $explain = false,
        public int $futures = 0,
        public float $spread = self::SPREAD,
        public ?int $explainBefore = null,
    ) {
    }
}
