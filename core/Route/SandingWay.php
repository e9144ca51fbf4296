<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\SandingRates;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Zone;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Nature;
use HonestGrain\Wood\RimSpeed;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * In which way a face is sanded: by which method, dry or wet, how fast the lathe turns; and why not in another.
 *
 * Workshop rules: a narrow inside by a stick and nothing else; a broken edge with the lathe stopped; nothing driven on
 * crisp detail, on a thin wall, or where the surface hardly moves.
 */
final readonly class SandingWay
{
    /** An orbit needs room to lie flat. */
    private const ORBIT_FROM_MM = 150.0;

    public Method $method;

    public ?Lubricant $wet;

    /** How fast the lathe turns, as far as the work and the paper allow. */
    public Speed $turns;

    public int $rpm;

    public float $speedMPerS;

    /** @var array<string, ?Said> method => why not; null where it may be used */
    public array $offers;

    /** Why the method that the maker chose is not taken. */
    public ?Said $objection;

    public bool $isThin;

    /** What the shop's records have made of its minutes. */
    public float $minutesFactor;

    /** And of its discs. */
    public float $discsFactor;

    /**
     * @param  float|null  $wallMm  the thinnest wall of the part; null where it is solid
     */
    private function __construct(Part $part, Zone $zone, Bench $bench, ?float $wallMm)
    {
        $face = $zone->wholeFace();
        $figures = $bench->calibration->sanding;
        $plan = $part->surface->of($face);
        $across = $part->profile->diameterMm();
        $turns = $part->rim()->speed($bench->calibration->speed, $across)->under(
            Speed::rim($across, $bench->sandingCapMPerS, 'sanding-rim'),
        )->under($bench->equipment->latheSpeed($bench->calibration->speed));
        $speed = RimSpeed::metresPerSecond(2 * $zone->meanRadiusMm, $turns->rpm);
        $isThin = $wallMm !== null && $wallMm < $figures->heatWallMm && $face !== Face::Foot;
        $offers = [];
        foreach (Method::cases() as $method) {
            $offers[$method->value] = self::whyNot(
                method: $method, part: $part, face: $face, stickUnderMm: $figures->stickUnderMm,
                isSlow: $speed < $figures->powerFloorMPerS, isThin: $isThin,
            );
        }
        $open = array_keys(array_filter($offers, fn (?Said $why): bool => $why === null));
        $usual = Method::from(array_values(array_intersect([
            Method::Hand->value, Method::Stick->value, Method::SmallDisc->value, Method::AlongGrain->value,
        ], $open))[0] ?? Method::AlongGrain->value);
        $chosen = $plan->method;
        $objection = $chosen === null ? null : $offers[$chosen->value];

        $method = $chosen === null || $objection !== null ? $usual : $chosen;
        $this->method = $method;
        $this->wet = $plan->wet;
        $this->turns = $turns;
        $this->rpm = $turns->rpm;
        $this->speedMPerS = $speed;
        $this->offers = $offers;
        $this->objection = $objection;
        $this->isThin = $isThin;
        $this->minutesFactor = $bench->learnt->minutes($method, $part->wood->nature->pore);
        $this->discsFactor = $bench->learnt->discs($method, $part->wood->nature->pore);
    }

    /** @param  float|null  $wallMm  the thinnest wall of the part; null where it is solid */
    public static function of(Part $part, Zone $zone, Bench $bench, ?float $wallMm): self
    {
        return new self($part, $zone, $bench, $wallMm);
    }

    public function model(Part $part, Bench $bench): ScratchModel
    {
        $figures = $bench->calibration->sanding;

        return ScratchModel::on(
            $figures, $part->wood->figures->jankaN ?? $figures->referenceHardnessN,
            // What is driven by itself, or drawn along the grain, has a speed of its own.
            $this->method->spins() ? max($figures->powerFloorMPerS, $this->speedMPerS) : $figures->referenceSpeedMPerS,
            $figures->removalUmPerMin * $this->method->removal($figures)
                * ($this->wet === null ? 1.0 : $figures->wetRemoval) / $this->minutesFactor,
        );
    }

    public function rates(Bench $bench): SandingRates
    {
        $figures = $bench->calibration->sanding;

        return SandingRates::of(
            $figures, $this->method->padMm2($figures),
            coverMinutesPer100Cm2: $figures->coverMinutesPer100Cm2 * $this->minutesFactor,
            alongGrainMinutesPer100Cm2: in_array($this->method, [Method::Hand, Method::PowerDisc, Method::Orbit], true)
                ? $figures->alongGrainMinutesPer100Cm2 * $this->minutesFactor : 0.0,
        )->lasting(($this->wet === null ? 1.0 : $figures->wetPaperLasts) / $this->discsFactor);
    }

    /** Whether two faces can take one sheet after the other. */
    public function isLike(self $other): bool
    {
        return $this->method === $other->method && $this->wet === $other->wet;
    }

    private static function whyNot(
        Method $method,
        Part $part,
        Face $face,
        float $stickUnderMm,
        bool $isSlow,
        bool $isThin,
    ): ?Said {
        $mouthMm = match ($face) {
            Face::Inside => 2 * ($part->profile->inner?->first()->r ?? 0.0),
            Face::Bore => $part->profile->bore->diameterMm ?? 0.0,
            default => null,
        };
        $isNarrow = $mouthMm !== null && $mouthMm < $stickUnderMm;
        $isCrisp = array_filter(
            $part->marksOn($face), fn ($mark): bool => $mark->technique->nature() !== Nature::Colours,
        ) !== [];

        return match (true) {
            $isNarrow && ! in_array(
                $method, [Method::Stick, Method::Cloth], true,
            ) => new Said('route.sanding-way.mouth-wide-under-stick', [
                'mouth' => Quantity::mm($mouthMm),
                'stickUnder' => Quantity::mm($stickUnderMm),
            ]),
            $method === Method::Stick && $mouthMm === null => new Said('route.sanding-way.stick-bores-narrow-mouths'),
            $method === Method::Cloth && $face !== Face::Bore => new Said('route.sanding-way.strip-holes-slots'),
            $part->interrupts($face) && $method->spins() => new Said('route.sanding-way.edge-broken-all-round'),
            $method === Method::SmallDisc => $part->interrupts($face) ? null : new Said(
                'route.sanding-way.broken-edges',
            ),
            $method->isPowered() && $isCrisp => new Said('route.sanding-way.would-round-over-beads'),
            $method->isPowered() && $isThin => new Said('route.sanding-way.wall-so-thin-driven'),
            $method === Method::PowerDisc && $isSlow => new Said('route.sanding-way.surface-moves-too-slowly'),
            $method === Method::Orbit && ($face === Face::Bore
                || $part->profile->diameterMm() < self::ORBIT_FROM_MM) => new Said(
                    'route.sanding-way.too-small-orbit-lie',
                ),
            default => null,
        };
    }
}
