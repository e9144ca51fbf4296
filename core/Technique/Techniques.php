<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Technique\Cutting\BoreOut;
use HonestGrain\Technique\Cutting\CutRecess;
use HonestGrain\Technique\Cutting\CutTenon;
use HonestGrain\Technique\Cutting\Drill;
use HonestGrain\Technique\Cutting\Hollow;
use HonestGrain\Technique\Cutting\MountUp;
use HonestGrain\Technique\Cutting\PartOff;
use HonestGrain\Technique\Cutting\Reverse;
use HonestGrain\Technique\Cutting\Rough;
use HonestGrain\Technique\Cutting\Saw;
use HonestGrain\Technique\Cutting\Scrape;
use HonestGrain\Technique\Cutting\Shape;
use HonestGrain\Technique\Cutting\TrueUp;
use HonestGrain\Technique\Decoration\Beads;
use HonestGrain\Technique\Decoration\Bleach;
use HonestGrain\Technique\Decoration\BurntLine;
use HonestGrain\Technique\Decoration\Coves;
use HonestGrain\Technique\Decoration\Dimples;
use HonestGrain\Technique\Decoration\Dye;
use HonestGrain\Technique\Decoration\Ebonise;
use HonestGrain\Technique\Decoration\Facets;
use HonestGrain\Technique\Decoration\Flutes;
use HonestGrain\Technique\Decoration\Grooves;
use HonestGrain\Technique\Decoration\Inlay;
use HonestGrain\Technique\Decoration\Leaf;
use HonestGrain\Technique\Decoration\Lime;
use HonestGrain\Technique\Decoration\Paint;
use HonestGrain\Technique\Decoration\PenPattern;
use HonestGrain\Technique\Decoration\Piercing;
use HonestGrain\Technique\Decoration\Scorch;
use HonestGrain\Technique\Decoration\SpunTexture;
use HonestGrain\Technique\Decoration\Stain;
use HonestGrain\Technique\Decoration\WireBrush;
use HonestGrain\Technique\Finishing\Buff;
use HonestGrain\Technique\Finishing\Coat;
use HonestGrain\Technique\Finishing\Cure;
use HonestGrain\Technique\Finishing\Denib;
use HonestGrain\Technique\Finishing\Liner;
use HonestGrain\Technique\Finishing\WaterTest;
use HonestGrain\Technique\Finishing\Wax;
use HonestGrain\Technique\Finishing\WipeOff;
use HonestGrain\Technique\Making\Assemble;
use HonestGrain\Technique\Making\Fit;
use HonestGrain\Technique\Making\Own;
use HonestGrain\Technique\Making\Pack;
use HonestGrain\Technique\Making\Photograph;
use HonestGrain\Technique\Making\Sign;
use HonestGrain\Technique\Making\Weigh;
use HonestGrain\Technique\Repair\Fill;
use HonestGrain\Technique\Repair\Glue;
use HonestGrain\Technique\Repair\Patch;
use HonestGrain\Technique\Repair\SealToCut;
use HonestGrain\Technique\Repair\Stabilise;
use HonestGrain\Technique\Sanding\Burnish;
use HonestGrain\Technique\Sanding\Compound;
use HonestGrain\Technique\Sanding\KnockBack;
use HonestGrain\Technique\Sanding\Paste;
use HonestGrain\Technique\Sanding\RaiseGrain;
use HonestGrain\Technique\Sanding\Sand;
use HonestGrain\Technique\Sanding\SandBack;
use HonestGrain\Technique\Sanding\WetSand;
use HonestGrain\Technique\Sanding\WipeClean;

/**
 * The table of techniques. Decorations stand in the order in which they may be made on one place (workshop rule): cut
 * first, then flame, then pen, then colour. A new one is a new file and a row here.
 */
final readonly class Techniques
{
    /**
     * @param  array<string, Decoration>  $decorations  by key
     * @param  array<string, Technique>  $works  by key
     */
    private function __construct(private array $decorations, private array $works)
    {
    }

    public static function table(): self
    {
        $decorations = $works = [];
        foreach ([
            new Beads, new Coves, new Grooves, new BurntLine, new Flutes, new Facets, new Dimples, new SpunTexture,
            new WireBrush,
            new Piercing, new Inlay, new Scorch, new PenPattern, new Bleach, new Dye, new Ebonise, new Stain, new Leaf,
            new Paint, new Lime,
        ] as $decoration) {
            $decorations[$decoration->key()] = $decoration;
        }
        foreach ([
            new MountUp, new Rough, new TrueUp, new Shape, new Hollow, new BoreOut, new Drill, new CutTenon,
            new CutRecess, new Reverse, new PartOff, new Saw, new Scrape, new Fill, new Stabilise, new Patch, new Glue,
            new SealToCut, new Sand, new WetSand, new RaiseGrain, new KnockBack, new WipeClean, new Burnish, new Paste,
            new Compound, new SandBack, new Coat, new WipeOff, new Denib, new Wax, new Buff, new Liner, new WaterTest,
            new Cure, new Fit, new Assemble, new Sign, new Weigh, new Photograph, new Pack, new Own,
        ] as $work) {
            $works[$work->key()] = $work;
        }

        return new self($decorations, $works);
    }

    /** Whether what is done by it gives a place another colour. */
    public function tints(string $key): bool
    {
        return ($this->decorations[$key] ?? null) instanceof Tints;
    }

    /** @throws InvalidField for a technique that no band is decorated with */
    public function decoration(string $key, string $field = 'technique'): Decoration
    {
        return $this->decorations[$key] ?? throw InvalidField::choice($field, $key, $this->decorationKeys());
    }

    /** @throws InvalidField for a technique that the table does not hold */
    public function named(string $key, string $field = 'technique'): Technique
    {
        return $this->decorations[$key] ?? $this->works[$key]
            ?? throw InvalidField::choice($field, $key, $this->keys());
    }

    /** @return list<string> */
    public function keys(): array
    {
        return [...array_keys($this->decorations), ...array_keys($this->works)];
    }

    /** @return list<string> */
    public function decorationKeys(): array
    {
        return array_keys($this->decorations);
    }

    /** @return list<Decoration> */
    public function decorations(): array
    {
        return array_values($this->decorations);
    }

    /** Smaller comes first where both lie on one part. */
    public function rank(Decoration $decoration): int
    {
        return (int) array_search($decoration->key(), $this->decorationKeys(), true);
    }
}
