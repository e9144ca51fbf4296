<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/**
 * What happened between two layers: how long the lower one had (reference hours; null: not said) and how it was rubbed.
 */
final readonly class Between
{
    public function __construct(public ?float $hours = null, public ?Denib $denib = null)
    {
    }

    public static function hours(?float $hours): self
    {
        return new self($hours);
    }

    public function isShorterThan(float $needHours): bool
    {
        return $this->hours !== null && $this->hours < $needHours - 1e-9;
    }

    public function hasHad(float $needHours): bool
    {
        return $this->hours !== null && ! $this->isShorterThan($needHours);
    }

    /** Whether the lower layer was given a key that the next can hold on to. */
    public function isScuffed(): bool
    {
        return $this->denib === Denib::Pad || $this->denib === Denib::Paper;
    }
}
