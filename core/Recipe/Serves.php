<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\WaterResistance;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Sheen;
use HonestGrain\Wood\Dust;

/**
 * What a surface is good for, in three words to compare by: the products' own columns for food and water, and how it
 * shines (workshop: a film buffed on the wheel is glossy, another satin, wax and polish satin, wiped oil matt).
 */
final readonly class Serves
{
    private const WORST_FIRST = [FoodUse::No, FoodUse::AsLabel, FoodUse::AfterCure, FoodUse::AtOnce];

    /**
     * @param  FoodUse|null  $food  of what holds something; null where that is bare wood
     * @param  WaterResistance  $water  of the last coat of the face that stands it least
     * @param  list<Sheen>  $sheens  each once
     */
    private function __construct(public ?FoodUse $food, public WaterResistance $water, public array $sheens)
    {
    }

    public static function of(Piece $piece): self
    {
        $body = $piece->body();
        $holds = in_array(Face::Inside, $body->faces(), true) ? [Face::Inside] : $body->faces();
        $food = [...self::coats($body, $holds), ...self::marks($body, $holds)];
        usort($food, fn (FoodUse $a, FoodUse $b): int => array_search($a, self::WORST_FIRST, true)
            <=> array_search($b, self::WORST_FIRST, true));
        $water = array_map(
            fn (Face $face): WaterResistance => $body->coatPlanFor($face)?->last()->water ?? WaterResistance::Low,
            // The foot gets a coat of what is beside it.
            Face::except($body->faces(), [Face::Foot, Face::Bore]),
        );
        $sheens = [];
        foreach ($piece->parts as $part) {
            foreach ($part->coatPlans as $plan) {
                $sheens[self::sheen($plan)->value] = self::sheen($plan);
            }
        }

        // Whatever lies over it: nobody eats or drinks from poisonous wood.
        $isPoison = array_filter(
            $piece->parts, fn (Part $part): bool => $part->wood->nature->dust === Dust::Poisonous,
        ) !== [];

        return new self($isPoison ? FoodUse::No : $food[0] ?? null, array_reduce(
            $water,
            fn (WaterResistance $so, WaterResistance $one): WaterResistance => $one->isAtLeast($so) ? $so : $one,
            WaterResistance::Good,
        ), array_values($sheens));
    }

    /**
     * @param  list<Face>  $faces
     * @return list<FoodUse>
     */
    private static function coats(Part $part, array $faces): array
    {
        $uses = [];
        foreach ($part->coatPlans as $plan) {
            foreach (Face::among($plan->zones, $faces) === [] ? [] : $plan->coats as $coat) {
                $uses[] = $coat->coating->food;
            }
        }

        return $uses;
    }

    /**
     * @param  list<Face>  $faces
     * @return list<FoodUse>
     */
    private static function marks(Part $part, array $faces): array
    {
        $uses = [];
        foreach ($part->marks as $mark) {
            $use = $mark->stain->food ?? $mark->paint->food ?? $mark->binder?->food;
            if ($use !== null && in_array($mark->band->on->face(), $faces, true)) {
                $uses[] = $use;
            }
        }

        return $uses;
    }

    private static function sheen(CoatPlan $plan): Sheen
    {
        $last = $plan->last();

        return $plan->sheen ?? match (true) {
            $last === null => Sheen::DeadFlat,
            $last->isWax(), $last->isPolish() => Sheen::Satin,
            ! $last->buildsFilm() => Sheen::Matt,
            default => $plan->buff === BuffWith::Wheel ? Sheen::Gloss : Sheen::Satin,
        };
    }
}
