<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Family;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;

/**
 * How fine the last grit must be for what comes next on a surface, and how fine it may be: sizes of grain, µm, so
 * that a soft wood does not ask for a finer grit than a hard one.
 *
 * Workshop limits, with the sentence that says which one applied.
 */
final readonly class AskedSurface
{
    public const PENETRATING_UM = 60.0;

    public const HARD_WAX_UM = 68.0;

    public const HARD_WAX_FLOOR_UM = 47.0;

    public const FILM_UM = 48.0;

    public const PASTE_UM = 48.0;

    public const POLISH_UM = 26.5;

    public const DYE_UM = 60.0;

    public const DYE_FLOOR_UM = 32.0;

    /** Pores and soft fibres hide scratches; on very hard wood they are too shallow to show. */
    private const OPEN_PORES_ALLOW = 1.25;

    private const SOFTWOOD_ALLOWS = 1.5;

    private const VERY_HARD_ALLOWS = 1.5;

    private const VERY_HARD_N = 9000.0;

    private function __construct(public float $limitMicron, public ?float $floorMicron, public string $because)
    {
    }

    /**
     * @param  list<Coating>  $coats  first on the wood first; none for bare wood
     * @param  bool  $dyed  whether any of the surface is coloured before them
     */
    public static function by(array $coats, bool $dyed, Wood $wood): self
    {
        [$limit, $floor, $because] = self::forCoats($coats);
        if ($dyed) {
            $limit = min($limit, self::DYE_UM);
            $floor = max($floor ?? 0.0, self::DYE_FLOOR_UM);
            $because .= '; a dyed ground must not be burnished';
        }
        [$factor, $why] = self::woodAllows($wood);

        return new self($limit * $factor, $floor, $because.$why);
    }

    /**
     * The first coat asks; under a thin sealer, so does what comes over it.
     *
     * @param  list<Coating>  $coats
     * @return array{float, float|null, string}
     */
    private static function forCoats(array $coats): array
    {
        $asked = null;
        foreach ($coats as $coat) {
            $own = self::forCoat($coat);
            $asked = $asked === null || $own[0] < $asked[0] ? $own : $asked;
            if (! $coat->isThinUnderPolish()) {
                break;
            }
        }

        return $asked ?? [self::POLISH_UM, null, 'bare wood shows every scratch'];
    }

    /** @return array{float, float|null, string} */
    private static function forCoat(Coating $coat): array
    {
        return match (true) {
            $coat->family === Family::WaxOil => [
                self::HARD_WAX_UM, self::HARD_WAX_FLOOR_UM, 'hard-wax oil needs some tooth to hold',
            ],
            $coat->film === FilmKind::Penetrating => [
                self::PENETRATING_UM, null, 'oil soaks in and hides fine scratches',
            ],
            $coat->isAbrasivePaste() => [self::PASTE_UM, null, 'the abrasive paste takes it on from there'],
            $coat->isPolish(), $coat->isWax() => [self::POLISH_UM, null, 'polish and wax hide nothing'],
            default => [self::FILM_UM, null, 'a film hides what is finer'],
        };
    }

    /** @return array{float, string} */
    private static function woodAllows(Wood $wood): array
    {
        return match (true) {
            $wood->pore === Pore::Softwood => [self::SOFTWOOD_ALLOWS, '; softwood hides more'],
            $wood->jankaN > self::VERY_HARD_N => [self::VERY_HARD_ALLOWS, '; so hard a wood may stop here'],
            $wood->pore === Pore::Open => [self::OPEN_PORES_ALLOW, '; open pores hide more'],
            default => [1.0, ''],
        };
    }

    /** The maker's own "good enough": this grit may be the last, whatever comes next asks. */
    public function stoppingAt(Grit $grit): self
    {
        return new self($grit->micron, null, "you stop at $grit->name here");
    }

    /** Whether what comes next asks for two things at once. */
    public function contradictsItself(): bool
    {
        return $this->floorMicron !== null && $this->floorMicron > $this->limitMicron;
    }

    /** The same without its floor, where the two contradict. */
    public function withoutFloor(): self
    {
        return new self($this->limitMicron, null, $this->because);
    }
}
