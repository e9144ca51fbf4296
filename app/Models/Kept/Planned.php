<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What the plan said of a step when it was done, and how far from it that was. */
final readonly class Planned implements Kept
{
    /**
     * @param  list<string>  $on  the faces that it was done on, or the band
     * @param  float|null  $earlyHours  before its wait was over
     * @param  float|null  $lateHours  after its window closed
     */
    public function __construct(
        public ?float $minutes = null,
        public ?string $product = null,
        public ?string $technique = null,
        public ?string $part = null,
        public array $on = [],
        public ?float $earlyHours = null,
        public ?float $lateHours = null,
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
        );
    }

    /** @return array<string, float|string|list<string>> without what is not known */
    public function toArray(): array
    {
        return array_filter([
            'planned_minutes' => $this->minutes, 'product' => $this->product, 'technique' => $this->technique,
            'part' => $this->part, 'on' => $this->on === [] ? null : $this->on, 'early_hours' => $this->earlyHours,
            'late_hours' => $this->lateHours,
        ], fn (float|string|array|null $value): bool => $value !== null);
    }
}
