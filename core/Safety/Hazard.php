<?php

declare(strict_types=1);

namespace HonestGrain\Safety;

use HonestGrain\Coating\ProductHazard;
use HonestGrain\Wood\Dust;
use HonestGrain\Wood\Wood;

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

    /** What sanding or cutting this wood dry does to skin and lungs. */
    public static function ofDust(Wood $wood): self
    {
        $harms = in_array($wood->dust, [Dust::Sensitises, Dust::SensitisesStrongly, Dust::Poisonous], true);

        return $wood->oily || $harms ? self::OilyWoodDust : self::Dust;
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
            ProductHazard::Nut => self::NutOil,
        }, $hazards);
    }

    /** What to put on or do, in a word or two. */
    public function title(): string
    {
        return match ($this) {
            self::Lathe => 'Face shield, sleeves tight',
            self::Dust, self::OilyWoodDust => 'Respirator and extraction',
            self::Rags => 'Oily rags burn by themselves',
            self::Flame => 'Flame and finish kept apart',
            self::Torch => 'Outside, with an extinguisher',
            self::BurntFumes => 'Fan and open window',
            self::SolventVapour => 'Ventilate, no flame',
            self::SprayMist => 'Vapour respirator',
            self::TwoPart => 'Nitrile gloves',
            self::Cyanoacrylate => 'Goggles, fresh air',
            self::Isocyanate => 'Isocyanate: label first',
            self::DyePowder => 'Gloves and dust mask',
            self::Caustic => 'Goggles and long gloves',
            self::SpinningCutter => 'Both hands behind the cutter',
            self::NutOil => 'Tell the buyer: nut oil',
            self::FoodClaim => 'Check before you sell for food',
            self::HotWire => 'Handles, never fingers',
            self::FlawedWork => 'Slow, and out of its line',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Lathe => 'Shield down whenever it spins, rest away while you sand, never a cloth round your hand. '
                .'Stand out of the rim\'s line when it starts.',
            self::Dust => 'Fine dry dust stays in the lungs: wear a P2 or better and let the extraction run on ten '
                .'minutes after.',
            self::OilyWoodDust => 'Dust of this wood sensitises or harms skin and lungs: P3, sleeves down, wash '
                .'before you eat.',
            self::Rags => 'Spread cloths flat outside to dry, or drown them in a lidded metal can, before you leave '
                .'the shop. Then follow your local rule.',
            self::Flame => 'Finish vapour and dust catch fire: no torch, pen, heater or spark near an open tin or a '
                .'wet coat, and no finish near a torch.',
            self::Torch => 'Gloves, nothing about that burns, and stay to watch the piece for an hour after.',
            self::BurntFumes => 'Do not breathe the smoke, least of all of glue or coated wood.',
            self::SolventVapour => 'Open the shop, no pen, torch or heater glowing. Gloves as the safety data sheet '
                .'says.',
            self::SprayMist => 'A-type organic vapour cartridge with particle filter, eyes covered, away from any '
                .'spark.',
            self::TwoPart => 'Uncured resin sensitises skin: gloves, no solvent on skin, measure exactly as the label '
                .'says.',
            self::Cyanoacrylate => 'The vapour stings and cotton wool smokes when soaked: use paper, keep it off skin.',
            self::Isocyanate => 'The hardener can cause asthma: use it only as its label and safety data sheet allow, '
                .'and seek trained advice.',
            self::DyePowder => 'Mix powder under a lid or in still air; it stains hands, lungs and the next piece.',
            self::Caustic => 'It attacks eyes and skin: rinse at once, never mix two of them. Neutralise and rinse '
                .'the piece as the label says.',
            self::SpinningCutter => 'Lathe locked and off at the switch; guard on, face shield down.',
            self::NutOil => 'Walnut and some blends are tree-nut oils: name it on the card.',
            self::FoodClaim => 'Only when fully cured, and only what the product\'s own label and your local rule '
                .'allow.',
            self::HotWire => 'Hold the wire by its wooden handles so that it can be torn away; wipe the shavings off '
                .'first.',
            self::FlawedWork => 'Cracked, barked or glued wood can fly apart: shield down, start at the slowest '
                .'speed, stand out of the line of the rim, and stop to look for a crack that grows.',
        };
    }

    /** Whether the maker must say yes to this once before the work begins. */
    public function wantsDeliberatePress(): bool
    {
        return in_array($this, [self::Torch, self::Rags], true);
    }
}
