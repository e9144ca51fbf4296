<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\Wiping;

/**
 * What the sanding of a face is broken off for: it is wiped, and then sanded on or sealed first.
 *
 * @internal
 */
final readonly class SandingBreak
{
    /**
     * @param  string  $until  how the steps that end there are named
     * @param  string|null  $insteadOf  the grit that the maker named, where it is not among those of the face
     */
    private function __construct(
        public string $until,
        public Wiping $with,
        public string $title,
        public string $because,
        public ?string $insteadOf = null,
        public bool $isSealed = false,
    ) {
    }

    /** @param  Rung|null  $after  the grit of the face that it comes after; null where none is known */
    public static function wiped(Grit $grit, Wiping $with, ?Rung $after): self
    {
        $there = $after->grit->name ?? $grit->name;

        return new self(
            'to-'.strtolower(str_replace([' ', '.'], '-', $grit->name)), $with,
            "Wipe with {$with->label()} after $there",
            'You want it wiped here: what scratches are left show before the next grit hides them.',
            $there === $grit->name ? null : $grit->name,
        );
    }

    public static function sealed(Wiping $with): self
    {
        return new self(
            'to-seal', $with, 'Wipe the dust off before the sealer',
            'Dust under a sealer is sanded into it and dulls it.', isSealed: true,
        );
    }
}
