<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

/** One thing that a fault may have come from: how that shows, and what to do otherwise next time. */
final readonly class Cause
{
    /** @param  string|null  $fact  what the piece's own plan or record says for it; null where nothing does */
    public function __construct(
        public string $id,
        public string $title,
        public string $shows,
        public string $instead,
        public ?string $fact = null,
    ) {
    }

    /** @return array{id: string, title: string, shows: string, instead: string, fact: string|null} */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'title' => $this->title, 'shows' => $this->shows, 'instead' => $this->instead,
            'fact' => $this->fact,
        ];
    }
}
