<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Colour\DyeFactorTable;
use HonestGrain\Holding\HoldTable;
use HonestGrain\Holding\LatheTables;
use HonestGrain\Layout\Tooling;
use HonestGrain\Reading\Copy;
use HonestGrain\Technique\Techniques;
use HonestGrain\Wood\Wood;
use HonestGrain\Wood\WoodTable;

/** Everything that the words of a document are looked up in: the catalogue's tables, and a workshop's own over them. */
final readonly class Tables
{
    public Techniques $techniques;

    private function __construct(
        public WoodTable $woods,
        public AbrasiveTable $abrasives,
        public CoatingTable $coatings,
        public LatheTables $lathe,
        public Calibration $calibration,
        public Compatibility $pairs,
        public Tooling $tooling = new Tooling,
        public DyeFactorTable $dyes = new DyeFactorTable,
    ) {
        $this->techniques = Techniques::table();
    }

    public static function of(Catalogue $catalogue): self
    {
        return new self(
            woods: $catalogue->woods(), abrasives: $catalogue->abrasives(), coatings: $catalogue->coatings(),
            lathe: new LatheTables($catalogue->bits(), $catalogue->holds(), $catalogue->bars()),
            calibration: $catalogue->calibration(), pairs: $catalogue->compatibility(),
        );
    }

    public function withCoatings(CoatingTable $coatings): self
    {
        return Copy::with($this, ['coatings' => $coatings]);
    }

    public function withWood(Wood $wood): self
    {
        return Copy::with($this, ['woods' => $this->woods->with($wood)]);
    }

    public function withHolds(HoldTable $holds): self
    {
        return Copy::with($this, ['lathe' => new LatheTables($this->lathe->bits, $holds, $this->lathe->bars)]);
    }

    public function withTooling(Tooling $tooling): self
    {
        return Copy::with($this, ['tooling' => $tooling]);
    }

    public function withDyes(DyeFactorTable $dyes): self
    {
        return Copy::with($this, ['dyes' => $dyes]);
    }

    /** The same by other figures. */
    public function calibratedBy(Calibration $calibration): self
    {
        return $calibration === $this->calibration ? $this : Copy::with($this, ['calibration' => $calibration]);
    }
}
