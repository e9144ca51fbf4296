<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

/** What is weighed or counted out for a mixture, and what it costs where that is known of all of it. */
final readonly class DyeRecipe
{
    /**
     * @param  array<array-key, DyeDose>  $doses  by the name of a dye
     * @param  array<array-key, float|null>  $costs  by the name of a dye; null where its price is not known
     */
    private function __construct(public DyeDose $whole, public array $doses, public array $costs)
    {
    }

    /** @param  array<array-key, float|null>  $prices  of a gram of powder, by the name of a dye */
    public static function of(Mixture $mixture, DyeDose $whole, array $prices): self
    {
        $doses = array_map($whole->share(...), $mixture->shares());
        $costs = [];
        foreach ($doses as $name => $dose) {
            $price = $prices[$name] ?? null;
            $costs[$name] = $price === null ? null : $price * $dose->grams;
        }

        return new self($whole, $doses, $costs);
    }

    public function cost(): ?float
    {
        return in_array(null, $this->costs, true) ? null : array_sum($this->costs);
    }
}
