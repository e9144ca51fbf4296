<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Safety\Hazard;

/**
 * The decorations a band can carry, in the order in which they may be made on one place (workshop rules):
 * cut first, then flame, then pen, then colour.
 */
enum MarkKind: string
{
    case BurntGroove = 'v-groove';
    case Flutes = 'flutes';
    case SpunTexture = 'spun-texture';
    case Scorch = 'scorch';
    case PenPattern = 'pen-pattern';
    case Dye = 'dye';

    private const STROKES_APART_MM = 2.0;

    private const PEN_MM_S = 6.0;

    public function label(): string
    {
        return match ($this) {
            self::BurntGroove => 'V-groove, burnt line',
            self::Flutes => 'Flutes',
            self::SpunTexture => 'Spun texture',
            self::Scorch => 'Scorch',
            self::PenPattern => 'Pen-burnt pattern',
            self::Dye => 'Dye',
        };
    }

    /** What the maker does, for a step's title. */
    public function action(): string
    {
        return match ($this) {
            self::BurntGroove => 'Cut the groove and burn the line',
            self::Flutes => 'Carve the flutes',
            self::SpunTexture => 'Spin the texture',
            self::Scorch => 'Scorch and brush back',
            self::PenPattern => 'Burn the pattern',
            self::Dye => 'Dye',
        };
    }

    /** Smaller comes first where both lie on one piece. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Why this one stands where it stands. */
    public function because(): string
    {
        return match ($this) {
            self::BurntGroove => 'After sanding, so that its edge stays crisp; before any colour, because a burnt line is a dam that dye does not cross.',
            self::Flutes => 'On a sanded ground, before fire and colour, which they would cut through.',
            self::SpunTexture => 'A texture is not sanded afterwards, so its ground is finished first.',
            self::Scorch => 'After cutting, so that the char lies in the hollows too; before pen, dye and any finish, whose vapour must not meet a flame.',
            self::PenPattern => 'On the last grit, so that the pen does not skip; before dye and before any finish.',
            self::Dye => 'On bare, sanded wood after everything that cuts or burns; under the coats, which close it off.',
        };
    }

    /**
     * Minutes for a band, before anything better is known (workshop): a figure for each technique, and for the pen
     * its strokes, 2 mm apart, at 6·(6000/H)^½ mm/s.
     */
    public function usualMinutes(float $areaMm2, float $hardnessN): float
    {
        return match ($this) {
            self::BurntGroove => 6,
            self::Flutes => 75,
            self::SpunTexture => 10,
            self::Scorch => 20,
            self::PenPattern => max(
                1.0, $areaMm2 / self::STROKES_APART_MM / (self::PEN_MM_S * (6000 / $hardnessN) ** 0.5) / 60,
            ),
            self::Dye => 15,
        };
    }

    /** Hours before the next thing may be done to it, where no product says so (workshop). */
    public function usualWaitHours(): float
    {
        return match ($this) {
            self::Scorch => 1.0,
            self::Dye => 6.0,
            default => 0.0,
        };
    }

    public function isBurnt(): bool
    {
        return in_array($this, [self::BurntGroove, self::Scorch, self::PenPattern], true);
    }

    /** @return array<string, int> */
    public function needs(): array
    {
        return match ($this) {
            self::BurntGroove, self::SpunTexture, self::Flutes => ['turner' => 1, 'lathe' => 1],
            default => ['turner' => 1],
        };
    }

    /** @param  string  $mounted  how the piece sits on the lathe, such as "in the chuck" */
    public function hold(string $mounted): string
    {
        return match ($this) {
            self::BurntGroove, self::SpunTexture => "$mounted, spinning",
            self::Flutes => "$mounted, locked by the index",
            self::Scorch => 'outside, on a brick or a stone',
            self::PenPattern => 'in the lap or a padded cradle',
            self::Dye => 'on a turntable',
        };
    }

    /** @return list<Hazard> */
    public function hazards(): array
    {
        return match ($this) {
            self::BurntGroove => [Hazard::Lathe, Hazard::HotWire, Hazard::BurntFumes],
            self::Flutes => [Hazard::SpinningCutter, Hazard::Dust],
            self::SpunTexture => [Hazard::Lathe],
            self::Scorch => [Hazard::Flame, Hazard::Torch, Hazard::BurntFumes],
            self::PenPattern => [Hazard::BurntFumes],
            self::Dye => [],
        };
    }
}
