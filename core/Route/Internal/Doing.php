<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;

/**
 * What is done, and where.
 *
 * @internal
 */
final readonly class Doing
{
    /** What its technique usually needs, leaves and hurts. */
    public Character $usual;

    /** What it does here. */
    public Character $character;

    /**
     * @param  list<Place>  $places
     * @param  list<string>  $of  ids of the document that it goes with
     * @param  list<Face>|null  $on  the faces that it is said to be done on; null for those of its places
     * @param  string|null  $band  the band that it is said to be done on, where it is no whole face
     * @param  bool  $stiffens  whether it only stiffens the wood, so that sanding may follow it
     * @param  Character|null  $character  what it needs and leaves, where not as its technique usually does
     */
    public function __construct(
        public Technique $technique,
        public array $places,
        public array $of = [],
        public ?array $on = null,
        public bool $stiffens = false,
        ?Character $character = null,
        public ?string $band = null,
    ) {
        $this->usual = $technique->character();
        $this->character = $character ?? $this->usual;
    }

    /** @return list<Face> */
    public function faces(): array
    {
        return Face::once(array_map(fn (Place $place): Face => $place->face, $this->places));
    }

    public function touches(self $other): bool
    {
        foreach ($this->places as $place) {
            foreach ($other->places as $their) {
                if ($place->touches($their)) {
                    return true;
                }
            }
        }

        return false;
    }
}
