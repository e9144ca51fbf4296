<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Profile;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\JawSet;
use HonestGrain\Wood\Wood;

/**
 * The size that wet wood is roughed to, so that the piece comes out of it once it is dry and oval, mm.
 *
 * Physics on published shrinkage (`Truing`) and the makers' common rule (workshop), side by side; the greater wall is
 * taken. Where a wood's shrinkage is not known the common rule stands alone.
 */
final readonly class RoughOut
{
    /** Of the diameter, as most tenons are (workshop). */
    private const TENON_SHARE = 1 / 3;

    /** A wider mouth, of the diameter, makes a bowl of it. */
    private const OPEN_SHARE = 0.6;

    private function __construct(
        public float $diameterMm,
        public float $heightMm,
        public float $ruleWallMm,
        public ?float $shrinkWallMm,
        public ?float $shrinkFraction,
        public ?float $tenonMm,
        public ?string $jaws,
        private bool $isOpen,
    ) {
    }

    /**
     * @param  float  $wallMm  of the finished piece
     * @param  float  $moisturePercent  now
     * @param  float  $emcPercent  where the wood settles
     */
    public static function of(
        Profile $piece,
        float $wallMm,
        Wood $wood,
        float $moisturePercent,
        float $emcPercent,
        Calibration $calibration,
        Equipment $equipment,
    ): self {
        $clean = $calibration->drying->toComeCleanMm;
        $share = $calibration->turning->roughWallShare;
        $shrink = $wood->figures->tangentialPercent === null
            ? null : Truing::shrinkFraction($wood->figures->tangentialPercent, $moisturePercent, $emcPercent);
        $left = 1 - ($shrink ?? $share);
        $across = ceil(($piece->diameterMm() + $clean) / $left);
        $jaws = self::jaws($equipment, self::TENON_SHARE * $piece->diameterMm());

        return new self(
            diameterMm: $across, heightMm: ceil(
                ($piece->heightMm() + $clean) / $left,
            ), ruleWallMm: ceil($share * $across),
            shrinkWallMm: $shrink === null ? null : ceil(Truing::roughWallMm($shrink, $across, $wallMm, $clean)),
            shrinkFraction: $shrink, tenonMm: $jaws === null ? null : ceil(
                ($jaws->perfectMm() + $clean) / $left,
            ), jaws: $jaws?->name,
            isOpen: 2 * ($piece->inner?->first()->r ?? 0.0) > self::OPEN_SHARE * $piece->diameterMm(),
        );
    }

    /** The greater of both walls. */
    public function wallMm(): float
    {
        return max($this->ruleWallMm, $this->shrinkWallMm ?? 0.0);
    }

    /** Whether so thick a wall leaves a hollow; a platter dries as a disc. */
    public function leavesHollow(): bool
    {
        return 2 * $this->wallMm() < min($this->diameterMm, $this->heightMm);
    }

    /** What it lies on the rack as: an open bowl, or a form with a narrow mouth. */
    public function form(): BlankForm
    {
        return $this->isOpen ? BlankForm::RoughBowl : BlankForm::RoughHollow;
    }

    /** The set that closes to a circle nearest to a diameter. */
    private static function jaws(Equipment $equipment, float $nearMm): ?JawSet
    {
        $sets = array_values(array_filter($equipment->jaws, fn (JawSet $set): bool => $set->tenonMm !== null));
        usort($sets, fn (JawSet $a, JawSet $b): int => abs($a->perfectMm() - $nearMm)
            <=> abs($b->perfectMm() - $nearMm));

        return $sets[0] ?? null;
    }
}
