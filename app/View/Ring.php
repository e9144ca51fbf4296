<?php

declare(strict_types=1);

namespace App\View;

/** Something that a page says aloud when its moment comes, and for some of it also ten minutes before. */
final readonly class Ring
{
    /** @param  string  $key  the same for the same moment, on every page and device */
    public function __construct(public string $key, public int $at, public string $says, public RingKind $kind)
    {
    }

    /** @return array{key: string, at: int, says: string, kind: string} */
    public function toArray(): array
    {
        return ['key' => $this->key, 'at' => $this->at, 'says' => $this->says, 'kind' => $this->kind->value];
    }
}
