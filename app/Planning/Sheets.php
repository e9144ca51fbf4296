<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\LogEntry;
use App\Models\Workshop;

/** Discs on the shelf as they are used up, and put back where a step is taken back. */
final readonly class Sheets
{
    public function take(Workshop $workshop, LogEntry $entry): void
    {
        $this->move($workshop, $entry, -1);
    }

    public function putBack(Workshop $workshop, LogEntry $entry): void
    {
        $this->move($workshop, $entry, 1);
    }

    private function move(Workshop $workshop, LogEntry $entry, int $sign): void
    {
        foreach ($entry->facts['abrading']['used'] ?? [] as $grit => $discs) {
            $row = $workshop->abrasives()->where('grit', $grit)->first();
            $row?->update(['discs' => max(0, $row->discs + $sign * (int) $discs)]);
        }
    }
}
