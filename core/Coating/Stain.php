<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/**
 * A class of dye, stain, bleach or liming as its label gives it; when it is dry and when a coat may follow, in
 * reference hours.
 */
final readonly class Stain implements Product
{
    public string $class;

    public string $key;

    public ColourFamily $family;

    public Solvent $carrier;

    public float $dryHours;

    public float $coatFromHours;

    public float $openMinutes;

    public bool $raisesGrain;

    public bool $fastToWater;

    public bool $fastToAlcohol;

    public bool $fastToSpirits;

    public bool $fastToLacquer;

    public bool $needsTannin;

    public bool $needsSealed;

    private bool $takesColourOut;

    private bool $wax;

    public FoodUse $food;

    /** @var list<ProductHazard> */
    public array $hazards;

    private string $aftercare;

    private string $note;

    private function __construct(Row $row)
    {
        $this->class = $row->text('class');
        $this->key = $row->text('key');
        $this->family = ColourFamily::from($row->text('family'));
        $this->carrier = Solvent::from($row->text('carrier'));
        $this->dryHours = $row->number('dry_h');
        $this->coatFromHours = $row->numberOrNull('coat_from_h') ?? $row->number('dry_h');
        $this->openMinutes = $row->number('open_minutes');
        $this->raisesGrain = $row->text('raises_grain') !== 'no';
        $this->fastToWater = $row->flag('fast_to_water');
        $this->fastToAlcohol = $row->flag('fast_to_alcohol');
        $this->fastToSpirits = $row->flag('fast_to_spirits');
        $this->fastToLacquer = $row->flag('fast_to_lacquer');
        $this->needsTannin = $row->flag('needs_tannin');
        $this->needsSealed = $row->flag('needs_sealed');
        $this->takesColourOut = $row->flag('takes_colour_out');
        $this->wax = $row->flag('wax');
        $this->food = FoodUse::from($row->text('food'));
        $this->hazards = ProductHazard::allIn($row->text('hazards'));
        $this->aftercare = $row->text('aftercare');
        $this->note = $row->text('note');
    }

    public static function fromRow(Row $row): self
    {
        return new self($row);
    }

    /** Is it a dye in alcohol, which flashes off, where the same colour in water would stay wet? */
    public function opensLongerInWater(): bool
    {
        return $this->family === ColourFamily::Dye && $this->carrier === Solvent::Alcohol;
    }

    public function name(): Said
    {
        return ProductName::of($this->key, $this->class);
    }

    public function note(): Said
    {
        return new Said("products.note.$this->note");
    }

    public function source(): Said
    {
        return new Said('products.typical');
    }

    /** What is done once it has been laid on; null where it is left to dry. */
    public function aftercare(): ?Said
    {
        return $this->aftercare === '' ? null : new Said("products.aftercare.$this->aftercare");
    }

    public function class(): string
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
