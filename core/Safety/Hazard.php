<?php

declare(strict_types=1);

namespace HonestGrain\Safety;

use HonestGrain\Coating\ProductHazard;
use HonestGrain\Holding\Mount;
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
    case PoisonousDust = 'poisonous-dust';
    case HardDust = 'stone-metal-dust';
    case IronLiquor = 'iron-liquor';
    case BeforeSwitch = 'before-switch';
    case Jaws = 'jaws';
    case Vacuum = 'vacuum';
    case Grinder = 'grinder-sparks';
    case CompressedAir = 'compressed-air';
    case WetElectrics = 'wet-electrics';

    /**
     * Everything that sanding or cutting this wood dry does to skin and lungs.
     *
     * @return list<self>
     */
    public static function allOfDust(Wood $wood): array
    {
        return [self::ofDust($wood), ...$wood->dust === Dust::Poisonous ? [self::PoisonousDust] : []];
    }

    /** What sanding or cutting this wood dry does to skin and lungs. */
    public static function ofDust(Wood $wood): self
    {
        return $wood->oily || $wood->dust->harms() ? self::OilyWoodDust : self::Dust;
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
            self::PoisonousDust => 'This wood is poisonous',
            self::HardDust => 'Dust of stone and metal: P3',
            self::IronLiquor => 'Acid; its jar makes hydrogen',
            self::BeforeSwitch => 'Pin out, key out, turn it by hand',
            self::Jaws => 'Tighten the jaws again',
            self::Vacuum => 'Watch the gauge',
            self::Grinder => 'Sparks away from dust and finish',
            self::CompressedAir => 'Goggles before the air gun',
            self::WetElectrics => 'Water away from lamp and switch',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Lathe => 'Shield down whenever it spins, rest away while you sand, never a cloth round your hand. '
                .'Stand out of the rim\'s line when it starts; chips of a fast cut are hot.',
            self::Dust => 'Fine dry dust stays in the lungs: P3, or P2 at the least where your local rule '
                .'allows it, and let the extraction run on ten minutes after.',
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
            self::PoisonousDust => 'Dust, chips and smoke of it are poisonous: P3 and extraction, sleeves down, '
                .'nothing eaten or drunk here, wash first; keep its waste from animals and the stove.',
            self::HardDust => 'Stone and metal powder cut lungs and eyes: P3 and goggles, wet where it can be. Fine '
                .'aluminium and bronze burn: no spark, and never in one bag with wood dust.',
            self::IronLiquor => 'Iron and vinegar are acid and stain for good: gloves and goggles. The jar makes '
                .'hydrogen: lid loose, outside, no flame. Never over bleach that is not neutralised.',
            self::BeforeSwitch => 'Index pin and spindle lock out, chuck key out, tail and banjo locked, turned round '
                .'once by hand, speed at its least, and you out of its line.',
            self::Jaws => 'Jaws bite deeper as wood gives: tighten again after five minutes and each morning; keep '
                .'knuckles from what stands out. Reverse only with the chuck\'s locking screw tight: it unwinds.',
            self::Vacuum => 'Read the gauge before and while it spins, tail centre up as long as it can be, slowly; a '
                .'power cut lets go: know how long your tank holds.',
            self::Grinder => 'Sharpen away from dust, shavings and finish: sparks set them alight. Goggles, and a '
                .'wheel that is not cracked.',
            self::CompressedAir => 'Grit comes back out of a bore at your eyes: goggles and mask, never at skin, the '
                .'nozzle kept out of the hole.',
            self::WetElectrics => 'Lamp, plug and switch out of reach of the water, hands dried before the switch; '
                .'wipe the bed after, wet oak and iron blacken.',
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
