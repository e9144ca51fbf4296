<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** How the chances of a plan were come by: in how many futures, how far those run off it, and who says so. */
final readonly class Lived implements Kept
{
    /**
     * @param  float  $share  work and waits run up to this share longer or shorter, 0 to 1
     * @param  int  $records  of the shop's own that say so
     */
    public function __construct(public int $futures, public float $share, public int $records)
    {
    }

    public static function read(array $kept): self
    {
        return new self((int) ($kept['futures'] ?? 0), (float) ($kept['share'] ?? 0), (int) ($kept['records'] ?? 0));
    }

    public function toArray(): array
    {
        return ['futures' => $this->futures, 'share' => $this->share, 'records' => $this->records];
    }
}
