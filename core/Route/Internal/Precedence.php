<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Reading\Copy;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Said;

/**
 * That one operation comes before another, how long lies between, and what the one that would suffer says.
 *
 * @internal
 */
final readonly class Precedence
{
    /**
     * @param  bool  $bends  whether the maker's own order may go against it
     * @param  string|null  $wish  which wish of the maker's it comes from
     */
    private function __construct(
        public string $first,
        public string $later,
        public Wait $wait,
        public Said $because,
        public bool $bends,
        public ?string $wish = null,
    ) {
    }

    public static function rule(string $first, string $later, Wait $wait, Said $because): self
    {
        return new self($first, $later, $wait, $because, false);
    }

    public static function custom(string $first, string $later, Wait $wait, Said $because): self
    {
        return new self($first, $later, $wait, $because, true);
    }

    /** The same with another wait. */
    public function waiting(Wait $wait): self
    {
        return Copy::with($this, ['wait' => $wait]);
    }

    public static function wish(
        string $first,
        string $later,
        Wait $wait,
        string $wish,
        Said $because = new Said('route.precedence.you-want-so'),
    ): self {
        return new self(first: $first, later: $later, wait: $wait, because: $because, bends: true, wish: $wish);
    }
}
