<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Decoration\MarkKind;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Zone;
use HonestGrain\Wood\RimSpeed;

/** How one zone of a piece is sanded: what is asked of it, the least-minutes progression, and the maker's own. */
final readonly class Sanding
{
    /** The zones that are sanded before the coats, in the order of the route; the foot is sanded when it is turned. */
    private const ZONES = ['outside', 'rim', 'inside', 'top'];

    private function __construct(
        public Zone $zone,
        public AskedSurface $asked,
        public int $rpm,
        public float $speedMPerS,
        public SandingJob $job,
        public ?Progression $best,
        public ?string $missing,
        public ?Progression $own,
        public ?float $recutSavesMinutes,
    ) {
    }

    /**
     * Every zone that is sanded before the coats, in the order of the route.
     *
     * @return array<string, self> by zone
     */
    public static function all(Piece $piece, Bench $bench, Measurement $measured): array
    {
        $all = [];
        foreach (self::ZONES as $zone) {
            if (isset($measured->zones[$zone])) {
                $all[$zone] = self::of($piece, $measured->zones[$zone], $bench);
            }
        }

        return $all;
    }

    /** With the abrasives that the piece's document names, or else the bench's. */
    public static function of(Piece $piece, Zone $zone, Bench $bench): self
    {
        $available = $piece->abrasives ?? $bench->abrasives;
        $dyed = array_filter($piece->marksOn($zone->id), fn ($mark): bool => $mark->kind === MarkKind::Dye) !== [];
        $asked = AskedSurface::by($piece->coatPlanFor($zone->id)?->first(), $dyed);
        $sound = $asked->contradictsItself() ? $asked->withoutFloor() : $asked;
        $rpm = RimSpeed::rpmFor($piece->profile->diameterMm(), $bench->sandingCapMPerS);
        $speed = RimSpeed::metresPerSecond(2 * $zone->meanRadiusMm, $rpm);
        $job = SandingJob::of(
            $piece->toolMarkUm, $sound->limitUm, $sound->floorUm, max(1.0, $zone->areaMm2),
            ScratchModel::on($piece->wood->jankaN, max(RimSpeed::POWER_SANDING_FLOOR_M_S, $speed)),
        );
        $best = $missing = $saves = null;
        try {
            $best = Progression::shortest($job, $available, $bench->table);
            $saves = $best->recutSavesMinutes($job, $available, $bench->table);
        } catch (Unreachable $e) {
            $missing = $e->getMessage();
        }
        $own = isset($piece->ownGrits[$zone->id]) ? Progression::own($job, $piece->ownGrits[$zone->id]) : null;

        return new self($zone, $asked, $rpm, $speed, $job, $best, $missing, $own, $saves);
    }

    /** The maker's own progression where there is one, else the shortest; null where nothing at hand can do it. */
    public function chosen(): ?Progression
    {
        return $this->own ?? $this->best;
    }

    public function tooSlowForPower(): bool
    {
        return $this->speedMPerS < RimSpeed::POWER_SANDING_FLOOR_M_S;
    }
}
