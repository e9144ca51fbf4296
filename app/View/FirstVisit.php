<?php

declare(strict_types=1);

namespace App\View;

use App\Models\EntryKind;
use App\Models\User;

/** The five things that a maker new to the app does with a piece of their own, the next of them at each page's head. */
final readonly class FirstVisit
{
    public const STEPS = ['draw', 'route', 'shop', 'bench', 'card'];

    private function __construct(public int $number, public string $step, public string $address)
    {
    }

    /** Null for who has been through it, or has left it. */
    public static function of(?User $user): ?self
    {
        $at = (int) $user?->preferences->of('visit');
        if ($user === null || $at < 1 || $at > count(self::STEPS)) {
            return null;
        }
        $piece = $user->workshop->pieces()->latest('id')->first(['id']);
        $step = self::STEPS[$at - 1];
        // What has been done already is not asked for again.
        if ($step === 'draw' && $piece !== null) {
            return self::at($at + 1, $piece->id);
        }
        if ($step === 'bench' && $user->workshop->logEntries()->where('kind', EntryKind::Done)->exists()) {
            return self::at($at + 1, $piece?->id);
        }

        return $piece === null ? self::at(1, null) : self::at($at, $piece->id);
    }

    /** What comes after it; over the last one when all is done. */
    public function next(): int
    {
        return $this->number + 1;
    }

    public function press(): string
    {
        return $this->number === count(self::STEPS) ? say('view.first-visit.done') : say('view.first-visit.next');
    }

    private static function at(int $number, ?int $piece): self
    {
        $step = self::STEPS[$number - 1];

        return new self($number, $step, match ($step) {
            'draw' => route('pieces.create'),
            'shop' => route('shop'),
            'bench' => route('bench'),
            default => route("pieces.$step", $piece),
        });
    }
}
