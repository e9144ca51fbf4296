<?php

declare(strict_types=1);

namespace App\View;

use App\Models\EntryKind;
use App\Models\LogEntry;

/** An entry of the log in the reader's words. */
final readonly class EntryWords
{
    public function __construct(private LogEntry $entry, private Show $show)
    {
    }

    public function kind(): string
    {
        return match ($this->entry->kind) {
            EntryKind::Done => 'Done', EntryKind::Skipped => 'Skipped', EntryKind::Note => 'Note',
            EntryKind::Wrong => 'Something is wrong', EntryKind::Started => 'Clock started',
            EntryKind::Undone => 'Taken back', EntryKind::Again => 'To be done again',
        }.($this->entry->title === null ? '' : ':');
    }

    /** What was written down with it: how long it took against the plan, how early or late, and the shop's air. */
    public function facts(): string
    {
        $facts = $this->entry->facts;
        [$plan, $measured] = [$facts->planned, $facts->measured];
        $planned = $plan->minutes === null ? '' : ', planned '.$this->show->minutes($plan->minutes);

        return implode(' ', array_filter([
            $this->entry->minutes === null ? '' : 'took '.$this->show->minutes($this->entry->minutes)."$planned.",
            $measured->weightG !== null && $this->entry->kind === EntryKind::Done
                ? 'Weighs '.$this->show->mass($measured->weightG).'.' : '',
            $measured->discsUsed === null ? '' : 'Took '.$this->show->plain($measured->discsUsed).' discs.',
            $measured->isNotDry ? 'Not dry by its weights.' : '',
            $measured->amountUsed === null ? '' : 'Used '.$this->show->plain($measured->amountUsed).'.',
            $plan->earlyHours === null ? '' : "$plan->earlyHours h before the wait was over.",
            $plan->lateHours === null ? '' : "$plan->lateHours h after the window closed.",
            $this->taken($facts->taken->ml ?? []),
            $facts->air === null ? '' : 'Air read: '.$this->show->temperature($facts->air->tempC).', '
                .$this->show->plain($facts->air->rhPercent).' %.',
            $facts->climate === null ? '' : 'Shop set at '.$this->show->temperature($facts->climate->dayC).', '
                .$this->show->plain($facts->climate->dayRh).' % by day.',
        ]));
    }

    /** @param  array<string, float>  $ml  by product */
    private function taken(array $ml): string
    {
        return implode(' ', array_map(
            fn (string $product, float $one): string => $this->show->volume($one).' off the tin of '
                .$this->show->product($product).'.',
            array_keys($ml), array_values($ml),
        ));
    }
}
