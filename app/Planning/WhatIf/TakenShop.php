<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use App\Models\Air;
use App\Models\Change as PieceChange;
use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\Kept\Warmed;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\Airs;
use App\Planning\Edit;
use App\Planning\History;
use App\Planning\PieceEditor;
use Closure;

/** The shop that stands: what is changed is saved. */
final readonly class TakenShop implements Shop
{
    public function __construct(
        private Workshop $workshop,
        private User $user,
        private PieceEditor $editor,
        private Airs $airs,
        private Before $before,
    ) {
    }

    public function longDay(): array
    {
        return $this->workshop->hours->longest();
    }

    public function openOn(string $date, array $stretches): void
    {
        $this->before->workshop($this->workshop);
        $this->workshop->update(['also' => $this->workshop->also->with($date, $stretches)]);
    }

    public function closeOn(array $dates): void
    {
        $this->before->workshop($this->workshop);
        $this->workshop->update([
            'closed' => array_values(array_unique([...$this->workshop->closed, ...$dates])),
            'also' => $this->workshop->also->without($dates),
        ]);
    }

    public function helpedOn(string $date, array $stretches): void
    {
        if ($this->workshop->workers()->doesntExist()) {
            $this->before->worker($this->workshop->workers()->create([
                'name' => $this->user->name, 'user_id' => $this->user->id,
            ]));
        }
        $this->before->worker($this->workshop->workers()->create([
            'name' => say('planning.what-if.helper', ['date' => $date]), 'hours' => new OpenHours([]),
            'also' => (new OpenDays)->with($date, $stretches),
        ]));
    }

    public function airOf(int $piece): ?Air
    {
        return $this->airs->forCoats($this->workshop, $this->piece($piece));
    }

    public function warm(Air $air, float $tempC, int $until): void
    {
        $this->before->air($air);
        $air->update(['warmed' => [new Warmed((int) now()->getTimestamp(), $until, $tempC)]]);
    }

    public function change(int $piece, Closure $change): void
    {
        $row = $this->piece($piece);
        if ($row !== null) {
            $this->before->document($row);
            $this->editor->change($row, new Edit($row->version, PieceChange::RemedyTaken, $this->user), $change);
        }
    }

    public function doneOf(int $piece): array
    {
        $row = $this->piece($piece);

        return $row === null ? [] : array_map(strval(...), array_keys(History::of($row)->done));
    }

    public function weigh(int $piece, float $weight): void
    {
        $row = $this->piece($piece);
        if ($row !== null) {
            $this->before->row($row);
            $row->update(['weight' => $weight]);
        }
    }

    public function goBehind(int $piece, ?int $first): void
    {
        $row = $this->piece($piece);
        if ($row !== null) {
            $this->before->row($row);
            $row->update(['behind_id' => $first === null ? null : $this->piece($first)?->id]);
        }
    }

    public function putAway(int $piece): void
    {
        $row = $this->piece($piece);
        if ($row !== null) {
            $this->before->row($row);
            $row->update(['state' => PieceState::PutAway]);
        }
    }

    public function piece(int $piece): ?Piece
    {
        return $this->workshop->pieces()->working()->whereKey($piece)->first();
    }
}
