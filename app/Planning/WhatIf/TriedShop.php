<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use App\Models\Air;
use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\Kept\Warmed;
use App\Models\Piece;
use App\Models\Worker;
use App\Planning\Airs;
use App\Planning\ShopMapper;
use App\Planning\ShopState;
use Closure;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Reading\Document;

/** The rows of a shop as they might be: changed where they were read, and never saved. */
final class TriedShop implements Shop
{
    public function __construct(
        private ShopState $state,
        private readonly ShopMapper $mapper,
        private readonly Airs $airs,
    ) {
    }

    public function state(): ShopState
    {
        return $this->state;
    }

    public function longDay(): array
    {
        return $this->state->workshop->hours->longest();
    }

    public function openOn(string $date, array $stretches): void
    {
        $workshop = $this->state->workshop;
        $workshop->also = $workshop->also->with($date, $stretches);
    }

    public function closeOn(array $dates): void
    {
        $workshop = $this->state->workshop;
        $workshop->closed = array_values(array_unique([...$workshop->closed, ...$dates]));
        $workshop->also = $workshop->also->without($dates);
    }

    public function helpedOn(string $date, array $stretches): void
    {
        $workers = $this->state->workshop->workers;
        if ($workers->isEmpty()) {
            $workers->push((new Worker)->forceFill(['id' => 1, 'workshop_id' => $this->state->workshop->id]));
        }
        $workers->push((new Worker)->forceFill([
            'id' => 1 + $workers->max('id'), 'workshop_id' => $this->state->workshop->id,
            'hours' => new OpenHours([]), 'also' => (new OpenDays)->with($date, $stretches),
        ]));
    }

    public function airOf(int $piece): ?Air
    {
        return $this->airs->forCoats($this->state->workshop, $this->piece($piece));
    }

    public function warm(Air $air, float $tempC, int $until): void
    {
        $air->warmed = [new Warmed($this->state->now, $until, $tempC)];
    }

    public function change(int $piece, Closure $change): void
    {
        $row = $this->piece($piece);
        if ($row === null) {
            return;
        }
        $tables = $this->mapper->tables($this->state->workshop, $row);
        $core = $change(CorePiece::read($row->document, $tables), $tables);
        $row->document = Document::decode($core->encoded());
        $row->setAttribute('due_at', $core->due);
    }

    public function doneOf(int $piece): array
    {
        return array_map(strval(...), array_keys($this->state->history($piece)->done));
    }

    public function weigh(int $piece, float $weight): void
    {
        $row = $this->piece($piece);
        if ($row !== null) {
            $row->weight = $weight;
        }
    }

    public function goBehind(int $piece, ?int $first): void
    {
        $row = $this->piece($piece);
        if ($row !== null) {
            $row->behind_id = $first;
        }
    }

    public function putAway(int $piece): void
    {
        $this->state = $this->state->withOut($piece);
    }

    public function piece(int $piece): ?Piece
    {
        return $this->state->pieces->get($piece);
    }
}
