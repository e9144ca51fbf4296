<?php

declare(strict_types=1);

namespace App\View;

use App\Models\EntryKind;
use App\Models\LogEntry;
use App\Models\PlannedStep;
use HonestGrain\Route\Look;
use HonestGrain\Route\LookAnswer;

/** One way to look at a step: what is asked, its answers, and what was seen there last. */
final readonly class LookPanel
{
    /** @param  LogEntry|null  $last  of this look at this step */
    private function __construct(public Look $look, public ?LogEntry $last)
    {
    }

    /** @return list<self> */
    public static function of(PlannedStep $step): array
    {
        $looks = $step->details->looks;
        $seen = $looks === [] ? collect() : LogEntry::query()
            ->where(['piece_id' => $step->piece_id, 'step' => $step->step, 'kind' => EntryKind::Looked])
            ->orderBy('id')->get(['id', 'piece_id', 'happened_at', 'facts']);

        return array_map(fn (Look $look): self => new self(
            $look, $seen->last(fn (LogEntry $entry): bool => $entry->facts->measured->look === $look),
        ), $looks);
    }

    /** Whether what was seen last is to be put right by hand. */
    public function isByHand(): bool
    {
        return $this->last?->facts->measured->saw === LookAnswer::Few;
    }
}
