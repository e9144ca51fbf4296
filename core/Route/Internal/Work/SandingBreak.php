<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Words\Said;

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
        public Said $title,
        public Said $because,
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
            new Said('route.sanding-break.wipe-after', ['with' => $with->label(), 'there' => $there]),
            new Said('route.sanding-break.you-want-wiped-here'),
            $there === $grit->name ? null : $grit->name,
        );
    }

    public static function sealed(Wiping $with): self
    {
        return new self(
            'to-seal', $with, new Said('route.sanding-break.wipe-dust-off-before'),
            new Said('route.sanding-break.dust-under-sealer-sanded'), isSealed: true,
        );
    }
}
