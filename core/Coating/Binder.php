<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\Row;

/**
 * What holds powder, resin, wire or leaf in a surface, and stays there: how long it sets in reference hours, whether
 * food may touch it and colour take on it. It waits, and harms, as the class of finish that it is one of.
 */
final readonly class Binder
{
    /** @param  list<ProductHazard>  $hazards */
    private function __construct(
        public string $class,
        public string $key,
        public float $setHours,
        public FoodUse $food,
        public bool $takesColour,
        public array $hazards,
        private Kinetics $kinetics,
        public ?string $product,
        public string $note,
        public string $source,
    ) {
    }

    /** @param  array<string, Coating>  $coatings  by class */
    public static function fromRow(Row $row, array $coatings): self
    {
        $of = null;
        foreach ($coatings as $coating) {
            $of = $coating->key === $row->text('coating') ? $coating : $of;
        }

        return new self(
            $row->text('class'), $row->text('key'), $row->numberOrNull('set_h') ?? $of->handleHours ?? 0.0,
            FoodUse::from($row->text('food')), $row->flag('takes_colour'),
            [...$of->hazards ?? [], ...ProductHazard::allIn($row->text('hazards'))],
            $of?->kinetics() ?? Kinetics::of(Cure::Evaporative->q(), Humidity::None), $of?->class, $row->text('note'),
            $row->text('source'),
        );
    }

    public function kinetics(): Kinetics
    {
        return $this->kinetics;
    }
}
