<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Family;
use HonestGrain\Coating\ProductHazard;
use HonestGrain\Wood\Dust;

/**
 * What its owner is told about a piece: how to keep it and when to renew its finish (workshop; the products' own labels
 * come first).
 */
final class Care
{
    /** @return list<string> plain sentences */
    public static function of(Piece $piece): array
    {
        $last = $all = [];
        foreach (array_merge(...array_column($piece->parts, 'coatPlans')) as $plan) {
            foreach ($plan->coats as $i => $coat) {
                $all[] = $coat->coating;
                if ($i === count($plan->coats) - 1) {
                    $last[$coat->coating->key] = $coat->coating;
                }
            }
        }

        return [
            ...self::poison($piece), self::water($all),
            'Keep it out of the dishwasher, the microwave oven and standing water, and away from heaters and hot sun.',
            ...array_map(self::renew(...), array_values($last)),
            ...self::nuts($all),
        ];
    }

    /** @return list<string> what nobody may find out by eating from it */
    private static function poison(Piece $piece): array
    {
        foreach ($piece->parts as $part) {
            if ($part->wood->dust === Dust::Poisonous) {
                return ["Not for food or drink, whatever its finish: {$part->wood->name} is poisonous."];
            }
        }

        return [];
    }

    /** @param  list<Coating>  $coats */
    private static function water(array $coats): string
    {
        $stands = array_map(fn (Coating $coat): string => $coat->water, $coats);

        return match (true) {
            $coats === [] || in_array('low', $stands, true) => 'Wipe it with a barely damp cloth and dry it at once.',
            in_array('fair', $stands, true) => 'Wipe it with a damp cloth and dry it; never leave it wet.',
            default => 'Wipe it with a damp cloth; it stands a spill, but no soak.',
        };
    }

    private static function renew(Coating $coat): string
    {
        $name = lcfirst($coat->class);

        return match (true) {
            $coat->neverCures() => "Rub in a little $name whenever it looks dry.",
            $coat->family === Family::Oil, $coat->family === Family::WaxOil => 'When it looks dry, rub in a little '
                ."$name and wipe every trace off.",
            $coat->isWax() => "When the shine goes, a thin coat of $name and a soft cloth bring it back.",
            default => 'A soft cloth keeps its shine; no polish with silicone.',
        };
    }

    /**
     * @param  list<Coating>  $coats
     * @return list<string>
     */
    private static function nuts(array $coats): array
    {
        foreach ($coats as $coat) {
            if (in_array(ProductHazard::Nut, $coat->hazards, true)) {
                return ["Its finish is made from a nut: {$coat->class}. Tell whoever may be allergic."];
            }
        }

        return [];
    }
}
