<?php

declare(strict_types=1);

namespace HonestGrain\Safety;

use HonestGrain\Coating\ProductHazard;
use HonestGrain\Holding\Mount;
use HonestGrain\Wood\Dust;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Said;

/**
 * What can hurt the maker at a step, and what to wear or do.
 *
 * General workshop cautions; the product's label and safety data sheet, and local rules, come first.
 */
enum Hazard: string
{
    case Lathe = 'lathe';
    case Dust = 'dust';
    case OilyWoodDust = 'oily-wood-dust';
    case Rags = 'rags';
    case Flame = 'flame';
    case Torch = 'torch';
    case BurntFumes = 'burnt-fumes';
    case SolventVapour = 'solvent-vapour';
    case SprayMist = 'spray-mist';
    case TwoPart = 'two-part';
    case Cyanoacrylate = 'cyanoacrylate';
    case Isocyanate = 'isocyanate';
    case DyePowder = 'dye-powder';
    case Caustic = 'caustic';
    case SpinningCutter = 'spinning-cutter';
    case NutOil = 'nut-oil';
    case FoodClaim = 'food-claim';
    case HotWire = 'hot-wire';
    case FlawedWork = 'flawed-work';
    case PoisonousDust = 'poisonous-dust';
    case HardDust = 'stone-metal-dust';
    case IronLiquor = 'iron-liquor';
    case BeforeSwitch = 'before-switch';
    case Jaws = 'jaws';
    case Vacuum = 'vacuum';
    case Grinder = 'grinder-sparks';
    case CompressedAir = 'compressed-air';
    case WetElectrics = 'wet-electrics';
    case Saw = 'saw';
    case Chainsaw = 'chainsaw';

    /**
     * Everything that sanding or cutting this wood dry does to skin and lungs.
     *
     * @return list<self>
     */
    public static function allOfDust(Wood $wood): array
    {
        return [self::ofDust($wood), ...$wood->nature->dust === Dust::Poisonous ? [self::PoisonousDust] : []];
    }

    /** What sanding or cutting this wood dry does to skin and lungs. */
    public static function ofDust(Wood $wood): self
    {
        return $wood->nature->oily || $wood->nature->dust->harms() ? self::OilyWoodDust : self::Dust;
    }

    /**
     * What a hold does besides.
     *
     * @return list<self>
     */
    public static function ofMount(Mount $mount): array
    {
        return match ($mount) {
            Mount::Tenon, Mount::Recess, Mount::WideJaws => [self::Jaws],
            Mount::Vacuum => [self::Vacuum],
            default => [],
        };
    }

    /**
     * What a product's label warns of.
     *
     * @param  list<ProductHazard>  $hazards
     * @return list<self>
     */
    public static function ofProduct(array $hazards): array
    {
        return array_map(fn (ProductHazard $hazard): self => match ($hazard) {
            ProductHazard::Rags => self::Rags,
            ProductHazard::Vapour => self::SolventVapour,
            ProductHazard::Flame => self::Flame,
            ProductHazard::Spray => self::SprayMist,
            ProductHazard::TwoPart => self::TwoPart,
            ProductHazard::Cyanoacrylate => self::Cyanoacrylate,
            ProductHazard::Isocyanate => self::Isocyanate,
            ProductHazard::Powder => self::DyePowder,
            ProductHazard::Caustic => self::Caustic,
            ProductHazard::Iron => self::IronLiquor,
            ProductHazard::Nut => self::NutOil,
        }, $hazards);
    }

    /** What to put on or do, in a word or two. */
    public function title(): Said
    {
        return new Said("safety.hazards.{$this->value}.title");
    }

    public function says(): Said
    {
        return new Said("safety.hazards.{$this->value}.says");
    }

    /** Whether the maker must say yes to this once before the work begins. */
    public function wantsDeliberatePress(): bool
    {
        return in_array($this, [self::Torch, self::Rags], true);
    }
}
