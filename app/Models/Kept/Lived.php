<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** How a plan was weighed: how far it was looked for, in how many futures it was tried, how far those run off it. */
final readonly class Lived implements Kept
{
    /**
     * @param  int  $looks  tasks placed in search of it
     * @param  float  $share  work and waits run up to this share longer or shorter, 0 to 1
     * @param  int  $records  of the shop's own that say so
     */
    public function __construct(
        public int $looks,
        public int $futures,
        public float $share,
        public int $records,
    ) {
    }

    public static function read(array $kept): self
    {
        return new self(
            (int) ($kept['looks'] ?? 0), (int) ($kept['futures'] ?? 0), (float) ($kept['share'] ?? 0),
            (int) ($kept['records'] ?? 0),
        );
    }

    public function toArray(): array
    {
        return [
            'looks' => $this->looks, 'futures' => $this->futures, 'share' => $this->share, 'records' => $this->records,
        ];
    }
}
