<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Calibration\AskedFigures;
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
    private function __construct(public float $limitMicron, public ?float $floorMicron, public string $because)
    {
    }

    /**
     * @param  list<Coating>  $coats  first on the wood first; none for bare wood
     * @param  bool  $dyed  whether any of the surface is coloured before them
     * @param  bool  $isForUse  whether bare wood is for use and not for show
     */
    public static function by(
        array $coats,
        bool $dyed,
        Wood $wood,
        AskedFigures $figures,
        bool $isForUse = false,
    ): self {
        [$limit, $floor, $because] = $coats === [] && $isForUse
            ? [$figures->utilityUm, null, 'bare wood for use wants no more'] : self::forCoats($coats, $figures);
        if ($dyed) {
            $limit = min($limit, $figures->dyeUm);
            $floor = max($floor ?? 0.0, $figures->dyeFloorUm);
            $because .= '; a dyed ground must not be burnished';
        }
        [$factor, $why] = self::woodAllows($wood, $figures);

        return new self($limit * $factor, $floor, $because.$why);
    }

    /** What a kind of finish asks of a wood, whatever its product. */
    public static function under(Finish $finish, Wood $wood, AskedFigures $figures): self
    {
        [$factor, $why] = self::woodAllows($wood, $figures);
        [$limit, $because] = match ($finish) {
            Finish::Oil => [$figures->penetratingUm, 'oil soaks in and hides fine scratches'],
            Finish::Film => [$figures->filmUm, 'a film hides what is finer'],
            Finish::Polish => [$figures->polishUm, 'polish and wax hide nothing'],
            Finish::Use => [$figures->utilityUm, 'bare wood for use wants no more'],
        };

        return new self($limit * $factor, null, $because.$why);
    }

    /**
     * The first coat asks; under a thin sealer, so does what comes over it.
     *
     * @param  list<Coating>  $coats
     * @return array{float, float|null, string}
     */
    private static function forCoats(array $coats, AskedFigures $figures): array
    {
        $asked = null;
        foreach ($coats as $coat) {
            $own = self::forCoat($coat, $figures);
            $asked = $asked === null || $own[0] < $asked[0] ? $own : $asked;
            if (! $coat->isThinUnderPolish()) {
                break;
            }
        }

        return $asked ?? [$figures->polishUm, null, 'bare wood shows every scratch'];
    }

    /** @return array{float, float|null, string} */
    private static function forCoat(Coating $coat, AskedFigures $figures): array
    {
        return match (true) {
            $coat->family === Family::WaxOil => [
                $figures->hardWaxUm, $figures->hardWaxFloorUm, 'hard-wax oil needs some tooth to hold',
            ],
            $coat->film === FilmKind::Penetrating => [
                $figures->penetratingUm, null, 'oil soaks in and hides fine scratches',
            ],
            $coat->isAbrasivePaste() => [$figures->pasteUm, null, 'the abrasive paste takes it on from there'],
            $coat->isPolish(), $coat->isWax() => [$figures->polishUm, null, 'polish and wax hide nothing'],
            default => [$figures->filmUm, null, 'a film hides what is finer'],
        };
    }

    /** @return array{float, string} */
    private static function woodAllows(Wood $wood, AskedFigures $figures): array
    {
        return match (true) {
            $wood->pore === Pore::Softwood => [$figures->softwoodAllows, '; softwood hides more'],
            $wood->jankaN > $figures->veryHardN => [$figures->veryHardAllows, '; so hard a wood may stop here'],
            $wood->pore === Pore::Open => [$figures->openPoresAllow, '; open pores hide more'],
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
