<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Coating\EarlyLook;

/** What the plan said of a step when it was done, and how far from it that was. */
final readonly class Planned implements Kept
{
    /**
     * @param  list<string>  $on  the faces that it was done on, or the band
     * @param  float|null  $earlyHours  before its wait was over
     * @param  float|null  $lateHours  after its window closed
     * @param  EarlyLook|null  $found  how the coat below was found, where its wait was not over
     * @param  float|null  $laterHours  by which its own wait is longer for that
     */
    public function __construct(
        public ?float $minutes = null,
        public ?string $product = null,
        public ?string $technique = null,
        public ?string $part = null,
        public array $on = [],
        public ?float $earlyHours = null,
        public ?float $lateHours = null,
        public ?EarlyLook $found = null,
        public ?float $laterHours = null,
    ) {
    }

    public static function read(array $kept): self
    {
        $number = fn (string $key): ?float => isset($kept[$key]) ? (float) $kept[$key] : null;
        $text = fn (string $key): ?string => isset($kept[$key]) ? (string) $kept[$key] : null;

        return new self(
            $number('planned_minutes'), $text('product'), $text('technique'), $text('part'),
            Texts::of($kept['on'] ?? $kept['zone'] ?? []),
            $number('early_hours'), $number('late_hours'),
            EarlyLook::tryFrom((string) ($kept['early_look'] ?? '')), $number('later_hours'),
        );
    }

    /** @return array<string, float|string|list<string>> without what is not known */
    public function toArray(): array
    {
        return array_filter([
            'planned_minutes' => $this->minutes, 'product' => $this->product, 'technique' => $this->technique,
            'part' => $this->part, 'on' => $this->on === [] ? null : $this->on, 'early_hours' => $this->earlyHours,
            'late_hours' => $this->lateHours, 'early_look' => $this->found?->value,
            'later_hours' => $this->laterHours,
        ], fn (float|string|array|null $value): bool => $value !== null);
    }
}
