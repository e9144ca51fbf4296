<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Learnt;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Holding\Equipment;
use HonestGrain\Reading\Copy;

/** What a workshop brings to every route: its abrasives and its own limits. */
final readonly class Bench
{
    /** What most shops own, where nothing else is said (workshop). */
    public const USUAL_GRITS = ['P80', 'P120', 'P150', 'P180', 'P240', 'P320', 'P400', 'P600'];

    public float $sandingCapMPerS;

    public float $minWallMm;

    public Equipment $equipment;

    /** What wood settles at in the shop's air, %. */
    public float $equilibriumPercent;

    /** How warm the shop's air is, day and night, °C; null where nobody said. */
    public ?float $roomC;

    /**
     * @param  list<Grit>  $abrasives
     * @param  ShopLimits  $limits  its own, where not as the catalogue has them
     * @param  bool  $sharesAir  whether coats dry in the room that is worked in
     * @param  Equipment|null  $equipment  what the shop holds and turns work with; null where it has not said
     * @param  Learnt  $learnt  what its records have made of the model's minutes and discs
     * @param  array<string, string>  $school  how the shop likes to go about it, by choice
     */
    public function __construct(
        public AbrasiveTable $table,
        public array $abrasives,
        public Calibration $calibration,
        ShopLimits $limits = new ShopLimits,
        public array $school = [],
        public bool $sharesAir = true,
        ?Equipment $equipment = null,
        public Learnt $learnt = new Learnt,
    ) {
        $this->equipment = $equipment ?? Equipment::unknown();
        $this->sandingCapMPerS = $limits->sandingCapMPerS ?? $calibration->sanding->capMPerS;
        $this->equilibriumPercent = $limits->equilibriumPercent ?? $calibration->bench->usualEmcPercent;
        $this->roomC = $limits->roomC;
        $this->minWallMm = $limits->minWallMm ?? $calibration->shape->leastWallMm;
    }

    /**
     * The same going about it as a piece wants, and else as the shop likes.
     *
     * @param  array<string, string>  $wishes  by choice
     */
    public function inSchool(array $wishes): self
    {
        return $wishes === [] ? $this : Copy::with($this, ['school' => $wishes + $this->school]);
    }

    /** The same with what it holds and turns work with. */
    public function with(Equipment $equipment): self
    {
        return Copy::with($this, ['equipment' => $equipment]);
    }

    /** Whether wood is wetter than may be finished in this shop. */
    public function isWet(float $moisturePercent): bool
    {
        return $moisturePercent > $this->equilibriumPercent + $this->calibration->bench->wetWoodPoints;
    }

    public static function usual(Catalogue $catalogue): self
    {
        return new self($catalogue->abrasives(), self::usualGrits($catalogue->abrasives()), $catalogue->calibration());
    }

    /** @return list<Grit> */
    public static function usualGrits(AbrasiveTable $table): array
    {
        return $table->allNamed(self::USUAL_GRITS, 'abrasives');
    }
}
