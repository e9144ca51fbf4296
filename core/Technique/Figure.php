<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Words\Measure;
use HonestGrain\Words\Said;

/** One number that follows from what is set for a mark, the same everywhere or by height. */
final readonly class Figure
{
    /**
     * @param  list<array{float, float}>  $byHeight  height over the table, mm, and value there; none where it is one
     */
    private function __construct(
        public Said $label,
        public Measure $measure,
        public float $value,
        public array $byHeight = [],
    ) {
    }

    public static function of(Said $label, Measure $measure, float $value): self
    {
        return new self($label, $measure, $value);
    }

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  list<float>  $values  at each
     */
    public static function atLevels(Said $label, Measure $measure, array $levels, array $values): self
    {
        return new self($label, $measure, $values === [] ? 0.0 : min($values), array_map(
            fn (Level $level, float $value): array => [$level->heightMm, $value], $levels, $values,
        ));
    }
}
