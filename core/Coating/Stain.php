<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Catalogue\Row;

/** A class of dye, stain, bleach or liming as its label gives it; when it is dry and when a coat may follow, in reference hours. */
final readonly class Stain implements Product
{
    private function __construct(
        public string $class,
        public Solvent $carrier,
        public float $dryHours,
        public float $coatFromHours,
        public float $openMinutes,
        public bool $raisesGrain,
        public bool $fastToWater,
        public bool $fastToAlcohol,
        public bool $fastToSpirits,
        public bool $fastToLacquer,
        public string $note,
        public string $source,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->text('class'), Solvent::from($row->text('carrier')), $row->number('dry_h'), $row->numberOrNull('coat_from_h') ?? $row->number('dry_h'), $row->number('open_minutes'),
            $row->text('raises_grain') !== 'no', $row->flag('fast_to_water'), $row->flag('fast_to_alcohol'),
            $row->flag('fast_to_spirits'), $row->flag('fast_to_lacquer'), $row->text('note'), $row->text('source'),
        );
    }

    public function name(): string
    {
        return $this->class;
    }

    public function solvent(): Solvent
    {
        return $this->carrier;
    }

    public function kinetics(): Kinetics
    {
        return Kinetics::of(1.5, $this->carrier === Solvent::Water ? Humidity::WaterBorne : Humidity::None);
    }

    public function isWax(): bool
    {
        return str_contains(strtolower($this->class), 'wax');
    }

    public function takesColourOut(): bool
    {
        return str_contains($this->class, 'bleach');
    }

    /** A liming paste lies in the pores over a sealed ground instead of colouring the wood. */
    public function goesOverSealer(): bool
    {
        return str_contains($this->note, 'seal first');
    }

    /** Whether this colour stays put under a coat with that solvent; oils without solvent count as spirits. */
    public function isFastTo(Solvent $solvent): bool
    {
        return match ($solvent) {
            Solvent::Water => $this->fastToWater,
            Solvent::Alcohol => $this->fastToAlcohol,
            Solvent::LacquerThinner => $this->fastToLacquer,
            Solvent::MineralSpirits, Solvent::None => $this->fastToSpirits,
        };
    }
}
