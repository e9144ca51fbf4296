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
        $planned = isset($facts['planned_minutes']) ? ', planned '.$this->show->minutes($facts['planned_minutes']) : '';

        return implode(' ', array_filter([
            $this->entry->minutes === null ? '' : 'took '.$this->show->minutes($this->entry->minutes)."$planned.",
            isset($facts['weight_g']) && $this->entry->kind === EntryKind::Done
                ? 'Weighs '.$this->show->mass($facts['weight_g']).'.' : '',
            isset($facts['discs_used']) ? 'Took '.$this->show->plain($facts['discs_used']).' discs.' : '',
            isset($facts['not_dry']) ? 'Not dry by its weights.' : '',
            isset($facts['amount_used']) ? 'Used '.$this->show->plain($facts['amount_used']).'.' : '',
            isset($facts['early_hours']) ? "$facts[early_hours] h before the wait was over." : '',
            isset($facts['late_hours']) ? "$facts[late_hours] h after the window closed." : '',
            isset($facts['taken']['ml']) ? $this->taken($facts['taken']['ml']) : '',
            isset($facts['air']) ? 'Air read: '.$this->show->temperature($facts['air']['temp_c']).', '
                .$this->show->plain($facts['air']['rh_percent']).' %.' : '',
            isset($facts['climate']) ? 'Shop set at '.$this->show->temperature($facts['climate']['day_c']).', '
                .$this->show->plain($facts['climate']['day_rh']).' % by day.' : '',
        ]));
    }

    /** @param  array<string, float>  $ml  by product */
    private function taken(array $ml): string
    {
        return implode(' ', array_map(
            fn (string $product, float $one): string => $this->show->volume($one)." off the tin of $product.",
            array_keys($ml), array_values($ml),
        ));
    }
}
