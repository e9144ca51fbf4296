<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** A part that stands in a chuck, or on the lathe itself, until the next step of its mount is begun. */
final readonly class OnLathe
{
    /**
     * @param  string  $piece  its id
     * @param  string  $until  step
     * @param  bool  $keepsLathe  whether it comes off in no chuck body
     */
    public function __construct(
        public string $piece,
        public ?string $part,
        public string $until,
        public bool $keepsLathe,
    ) {
    }

    /** @return list<self> what of a piece is mounted, by what was done of its route */
    public static function of(string $piece, Route $route, Behind $behind): array
    {
        $mounted = [];
        foreach ($route->steps as $step) {
            $next = $step->setup->mountedUntil;
            if ($next !== null && isset($behind->doneAt[$step->id]) && ! $behind->has($next)) {
                $mounted[] = new self($piece, $step->part, $next, in_array(Shop::LATHE, $step->holds(), true));
            }
        }

        return $mounted;
    }

    /**
     * What has to come off before a part can be put on the lathe.
     *
     * @param  list<self>  $mounted
     * @param  int  $places  chuck bodies, the one on the lathe among them
     * @return self|null null where nothing has to
     */
    public static function inTheWay(array $mounted, string $piece, ?string $part, int $places): ?self
    {
        $others = array_values(array_filter(
            $mounted, fn (self $one): bool => $one->piece !== $piece || $one->part !== $part,
        ));
        foreach ($others as $one) {
            if ($one->keepsLathe) {
                return $one;
            }
        }

        return count($others) === count($mounted) && count($others) >= $places ? $others[0] ?? null : null;
    }
}
