<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\ProductHazard;
use HonestGrain\Coating\WaterResistance;
use HonestGrain\Wood\Dust;
use HonestGrain\Words\Said;

/**
 * What its owner is told about a piece: how to keep it and when to renew its finish (workshop; the products' own labels
 * come first).
 */
final class Care
{
    /** @return list<Said> plain sentences */
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
            new Said('piece.care.keep-out-dishwasher-microwave'),
            ...array_map(self::renew(...), array_values($last)),
            ...self::nuts($all),
        ];
    }

    /** @return list<Said> what nobody may find out by eating from it */
    private static function poison(Piece $piece): array
    {
        foreach ($piece->parts as $part) {
            if ($part->wood->nature->dust === Dust::Poisonous) {
                return [new Said('piece.care.not-food-or-drink', ['wood' => $part->wood->said()])];
            }
        }

        return [];
    }

    /** @param  list<Coating>  $coats */
    private static function water(array $coats): Said
    {
        $stands = array_map(fn (Coating $coat): WaterResistance => $coat->water, $coats);

        return match (true) {
            $coats === []
                || in_array(WaterResistance::Low, $stands, true) => new Said('piece.care.wipe-barely-damp-cloth'),
            in_array(WaterResistance::Fair, $stands, true) => new Said('piece.care.wipe-damp-cloth-dry'),
            default => new Said('piece.care.wipe-damp-cloth-stands'),
        };
    }

    private static function renew(Coating $coat): Said
    {
        $name = Said::lower($coat->name());

        return match (true) {
            $coat->neverCures() => new Said('piece.care.rub-little-whenever-looks', ['name' => $name]),
            $coat->family->isRubbedInAnew() => new Said('piece.care.when-looks-dry-rub', ['name' => $name]),
            $coat->isWax() => new Said('piece.care.when-shine-goes-thin', ['name' => $name]),
            default => new Said('piece.care.soft-cloth-keeps-shine'),
        };
    }

    /**
     * @param  list<Coating>  $coats
     * @return list<Said>
     */
    private static function nuts(array $coats): array
    {
        foreach ($coats as $coat) {
            if (in_array(ProductHazard::Nut, $coat->hazards, true)) {
                return [new Said('piece.care.finish-made-from-nut', ['class' => $coat->name()])];
            }
        }

        return [];
    }
}
