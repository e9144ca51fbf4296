<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/**
 * What holds powder, resin, wire or leaf in a surface, and stays there: how long it sets in reference hours, whether
 * food may touch it and colour take on it. It waits, and harms, as the class of finish that it is one of.
 */
final readonly class Binder
{
    public string $class;

    public string $key;

    public float $setHours;

    public FoodUse $food;

    public bool $takesColour;

    /** @var list<ProductHazard> */
    public array $hazards;

    private Kinetics $kinetics;

    public ?string $product;

    /** Of that, for a reader. */
    public ?Said $productName;

    public string $source;

    /**
     * @param  array<string, Coating>  $coatings  by class
     */
    private function __construct(Row $row, array $coatings)
    {
        $of = null;
        foreach ($coatings as $coating) {
            $of = $coating->key === $row->text('coating') ? $coating : $of;
        }
        $this->class = $row->text('class');
        $this->key = $row->text('key');
        $this->setHours = $row->numberOrNull('set_h') ?? $of->handleHours ?? 0.0;
        $this->food = FoodUse::from($row->text('food'));
        $this->takesColour = $row->flag('takes_colour');
        $this->hazards = [...$of->hazards ?? [], ...ProductHazard::allIn($row->text('hazards'))];
        $this->kinetics = $of?->kinetics() ?? Kinetics::of(Cure::Evaporative->q(), Humidity::None);
        $this->product = $of?->class;
        $this->productName = $of?->name();
        $this->source = $row->text('source');
    }

    /** @param  array<string, Coating>  $coatings  by class */
    public static function fromRow(Row $row, array $coatings): self
    {
        return new self($row, $coatings);
    }

    /** Its name for a reader. */
    public function name(): Said
    {
        return ProductName::of($this->key, $this->class);
    }

    public function kinetics(): Kinetics
    {
        return $this->kinetics;
    }
}
