<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Said;

/** Whether one layer may go over another, from best to worst. */
enum Verdict: string
{
    case Fine = 'fine';
    case AfterFullCure = 'after-full-cure';
    case ScuffFirst = 'scuff-first';
    case Barrier = 'barrier';
    case TestFirst = 'test-first';
    case Never = 'never';

    public function words(): Said
    {
        return new Said("coating.verdicts.$this->value");
    }

    /** The three-way answer for a whole stack. */
    public function overall(): string
    {
        return match ($this) {
            self::Fine => 'fine',
            self::Never => 'never',
            default => 'caution',
        };
    }

    public function isWorseThan(self $other): bool
    {
        $rank = fn (self $verdict): int => (int) array_search($verdict, self::cases(), true);

        return $rank($this) > $rank($other);
    }
}
