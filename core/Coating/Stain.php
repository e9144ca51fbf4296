<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\Row;

/**
 * A class of dye, stain, bleach or liming as its label gives it; when it is dry and when a coat may follow, in
 * reference hours.
 */
final readonly class Stain implements Product
{
    /** @param  list<ProductHazard>  $hazards */
    private function __construct(
        public string $class,
        public string $key,
        public ColourFamily $family,
        public Solvent $carrier,
        public float $dryHours,
        public float $coatFromHours,
        public float $openMinutes,
        public bool $raisesGrain,
        public bool $fastToWater,
        public bool $fastToAlcohol,
        public bool $fastToSpirits,
        public bool $fastToLacquer,
        public bool $needsTannin,
        public bool $needsSealed,
        private bool $takesColourOut,
        private bool $wax,
        public FoodUse $food,
        public array $hazards,
        public string $aftercare,
        public string $note,
        public string $source,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->text('class'), $row->text('key'), ColourFamily::from($row->text('family')),
            Solvent::from($row->text('carrier')), $row->number('dry_h'),
            $row->numberOrNull('coat_from_h') ?? $row->number('dry_h'), $row->number('open_minutes'),
            $row->text('raises_grain') !== 'no', $row->flag('fast_to_water'), $row->flag('fast_to_alcohol'),
            $row->flag('fast_to_spirits'), $row->flag('fast_to_lacquer'), $row->flag('needs_tannin'),
            $row->flag('needs_sealed'), $row->flag('takes_colour_out'), $row->flag('wax'),
            FoodUse::from($row->text('food')), ProductHazard::allIn($row->text('hazards')), $row->text('aftercare'),
            $row->text('note'),
            $row->text('source'),
        );
    }

    /** Is it a dye in alcohol, which flashes off, where the same colour in water would stay wet? */
    public function opensLongerInWater(): bool
    {
        return $this->family === ColourFamily::Dye && $this->carrier === Solvent::Alcohol;
    }

    public function name(): string
    {
        return $this->class;
    }

    public function solvent(): Solvent
    {
        return $this->carrier;
    }

    public function hazards(): array
    {
        return $this->hazards;
    }

    public function kinetics(): Kinetics
    {
        return Kinetics::of(1.5, $this->carrier === Solvent::Water ? Humidity::WaterBorne : Humidity::None);
    }

    public function isWax(): bool
    {
        return $this->wax;
    }

    public function takesColourOut(): bool
    {
        return $this->takesColourOut;
    }

    /** The order of colours on one place: bleach, then what soaks in, then what lodges in the pores. */
    public function rank(): int
    {
        return match ($this->family) {
            ColourFamily::Bleach => 0,
            ColourFamily::Dye => 1,
            ColourFamily::Ebonising => 2,
            ColourFamily::Pigment => 3,
            ColourFamily::Liming => 4,
        };
    }

    /** Bound in oil: the binder closes the wood to what is carried in water or alcohol. */
    public function isOilBound(): bool
    {
        return $this->family === ColourFamily::Pigment && $this->carrier === Solvent::MineralSpirits;
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
