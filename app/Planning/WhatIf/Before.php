<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use App\Models\Air;
use App\Models\Piece;
use App\Models\Worker;
use App\Models\Workshop;
use App\Planning\PieceEditor;
use App\Planning\VersionConflict;

/** How what was taken had stood, so that it can be taken back as long as nothing else has been changed since. */
final class Before
{
    /** The version of the workshop that was come to. */
    public int $version = 0;

    /** @var array<string, string|null> columns of the workshop as they are kept */
    private array $workshop = [];

    /** @var array<int, string|null> by air: how it was warmed */
    private array $airs = [];

    /** @var list<int> workers that came with it */
    private array $workers = [];

    /** @var array<int, array<string, string|null>> columns by piece */
    private array $rows = [];

    /** @var list<int> pieces whose document was changed */
    private array $pieces = [];

    public function workshop(Workshop $workshop): void
    {
        $this->workshop += [
            'also' => $workshop->getRawOriginal('also'), 'closed' => $workshop->getRawOriginal('closed'),
        ];
    }

    public function air(Air $air): void
    {
        $this->airs += [$air->id => $air->getRawOriginal('warmed')];
    }

    public function worker(Worker $worker): void
    {
        $this->workers[] = $worker->id;
    }

    public function row(Piece $piece): void
    {
        $this->rows += [$piece->id => [
            'weight' => (string) $piece->getRawOriginal('weight'), 'state' => $piece->getRawOriginal('state'),
            'behind_id' => $piece->getRawOriginal('behind_id'),
        ]];
    }

    public function document(Piece $piece): void
    {
        $this->pieces[] = $piece->id;
    }

    /**
     * Puts all of it back.
     *
     * @throws VersionConflict where something else was changed meanwhile
     */
    public function restore(Workshop $workshop, PieceEditor $editor): void
    {
        if ($workshop->version !== $this->version) {
            throw new VersionConflict;
        }
        if ($this->workshop !== []) {
            Workshop::query()->whereKey($workshop->id)->update($this->workshop);
        }
        foreach ($this->airs as $id => $warmed) {
            $workshop->airs()->whereKey($id)->update(['warmed' => $warmed]);
        }
        $workshop->workers()->whereKey($this->workers)->delete();
        foreach ($this->rows as $id => $columns) {
            $workshop->pieces()->whereKey($id)->update($columns);
        }
        foreach ($workshop->pieces()->whereKey($this->pieces)->get() as $piece) {
            $editor->step($piece, $piece->version, -1);
        }
        $workshop->refresh();
    }
}
