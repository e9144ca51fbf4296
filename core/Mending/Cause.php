<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Words\Said;

/** One thing that a fault may have come from: how that shows, and what to do otherwise next time. */
final readonly class Cause
{
    public Said $title;

    public Said $shows;

    public Said $instead;

    /** @param  Said|null  $fact  what the piece's own plan or record says for it; null where nothing does */
    public function __construct(public string $id, public ?Said $fact = null)
    {
        $this->title = new Said("mending.causes.$id.title");
        $this->shows = new Said("mending.causes.$id.shows");
        $this->instead = new Said("mending.causes.$id.instead");
    }

    /** @return array{id: string, title: Said, shows: Said, instead: Said, fact: Said|null} */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'title' => $this->title, 'shows' => $this->shows, 'instead' => $this->instead,
            'fact' => $this->fact,
        ];
    }
}
