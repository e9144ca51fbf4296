<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Reading\Copy;

/**
 * What stands in the log beside an entry's words: of a step that is done all of it, of a note what was measured, of a
 * start and a mishap the air. It is one flat object in its column, which queries ask by its keys.
 */
final readonly class Facts implements Kept
{
    /**
     * @param  AirRead|null  $air  read there about then
     * @param  UsualAir|null  $climate  what the shop was set to, where nothing was read
     */
    public function __construct(
        public Planned $planned = new Planned,
        public Measured $measured = new Measured,
        public ?Abraded $abraded = null,
        public ?AirRead $air = null,
        public ?UsualAir $climate = null,
        public ?Taken $taken = null,
    ) {
    }

    public function taking(Taken $taken): self
    {
        return Copy::with($this, ['taken' => $taken]);
    }

    public static function read(array $kept): self
    {
        $part = fn (string $key): ?array => isset($kept[$key]) ? (array) $kept[$key] : null;
        [$abraded, $air, $climate, $taken] = array_map($part, ['abrading', 'air', 'climate', 'taken']);

        return new self(
            planned: Planned::read($kept), measured: Measured::read($kept),
            abraded: $abraded === null ? null : Abraded::read($abraded),
            air: $air === null ? null : AirRead::read($air),
            climate: $climate === null ? null : UsualAir::read($climate),
            taken: $taken === null ? null : Taken::read($taken),
        );
    }

    public function toArray(): array
    {
        return $this->planned->toArray() + $this->measured->toArray() + array_filter([
            'abrading' => $this->abraded?->toArray(), 'air' => $this->air?->toArray(),
            'climate' => $this->climate?->toArray(), 'taken' => $this->taken?->toArray(),
        ]);
    }
}
