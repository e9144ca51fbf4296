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
            // What closed it again wrote it a second time.
            EntryKind::Done, EntryKind::Skipped => $this->entry->revision === null
                ? $this->doneOrSkipped() : say('view.entry-words.stands-again'),
            EntryKind::Note => say('view.entry-words.note'),
            EntryKind::Wrong => say('view.entry-words.something-wrong'),
            EntryKind::Started => say('view.entry-words.clock-started'),
            EntryKind::Stopped => say('view.entry-words.clock-stopped'),
            EntryKind::Looked => say('view.entry-words.looked-at'),
            EntryKind::Undone => say('view.entry-words.taken-back'),
            EntryKind::Again => say('view.entry-words.done-again'),
            EntryKind::Anew => say('view.entry-words.another-blank'),
        }.($this->entry->title === null ? '' : ':');
    }

    private function doneOrSkipped(): string
    {
        return $this->entry->kind === EntryKind::Done
            ? say('view.entry-words.done') : say('view.entry-words.skipped');
    }

    /** "Weighs 412 g.", where it was put on the scale. */
    public function weight(): string
    {
        $grams = $this->entry->facts->measured->weightG;

        return $grams !== null && in_array($this->entry->kind, [EntryKind::Done, EntryKind::Note], true)
            ? say('view.entry-words.weighs', ['mass' => $this->show->mass($grams)]) : '';
    }

    /** What was written down with it: how long it took against the plan, how early or late, and the shop's air. */
    public function facts(): string
    {
        $facts = $this->entry->facts;
        [$plan, $measured] = [$facts->planned, $facts->measured];
        $planned = $plan->minutes === null ? '' : say('view.entry-words.planned', [
            'minutes' => $this->show->minutes($plan->minutes),
        ]);

        return implode(' ', array_filter([
            $this->entry->minutes === null ? '' : say('view.entry-words.took', [
                'minutes' => $this->show->minutes($this->entry->minutes),
                'planned' => $planned,
            ]),
            $this->weight(),
            $measured->discsUsed === null ? '' : say('view.entry-words.took-discs', [
                'discsUsed' => $this->show->plain($measured->discsUsed),
            ]),
            $measured->look === null || $measured->saw === null ? ''
                : say('view.entry-words.seen', ['saw' => $this->show->said($measured->look->says($measured->saw))]),
            $measured->isNotDry ? say('view.entry-words.not-dry-weights') : '',
            $measured->amountUsed === null ? '' : say('view.entry-words.used', [
                'amountUsed' => $this->show->plain($measured->amountUsed),
            ]),
            $plan->found === null ? '' : say("view.entry-words.found.{$plan->found->value}"),
            $plan->earlyHours === null ? '' : say('view.entry-words.before-wait-over', [
                'earlyHours' => $plan->earlyHours,
            ]),
            $plan->lateHours === null ? '' : say('view.entry-words.after-window-closed', [
                'lateHours' => $plan->lateHours,
            ]),
            $this->taken($facts->taken->ml ?? []),
            $facts->air === null ? '' : say('view.entry-words.air-read', [
                'temperature' => $this->show->temperature($facts->air->tempC),
                'rhPercent' => $this->show->plain($facts->air->rhPercent),
            ]),
            $facts->climate === null ? '' : say('view.entry-words.shop-set-day', [
                'temperature' => $this->show->temperature($facts->climate->dayC),
                'dayRh' => $this->show->plain($facts->climate->dayRh),
            ]),
        ]));
    }

    /** @param  array<string, float>  $ml  by product */
    private function taken(array $ml): string
    {
        return implode(' ', array_map(
            fn (string $product, float $one): string => say('view.entry-words.off-tin', [
                'volume' => $this->show->volume($one),
                'product' => $this->show->product($product),
            ]),
            array_keys($ml), array_values($ml),
        ));
    }
}
