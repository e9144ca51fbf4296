<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Calibration\ColourFigures;
use HonestGrain\Coating\Solvent;
use HonestGrain\Colour\DyeLayer;
use HonestGrain\Colour\Over;
use HonestGrain\Colour\Rgb;
use HonestGrain\Colour\Tissues;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\Tinting;
use HonestGrain\Technique\Tints;

/**
 * What colour a part is where: its wood by tissue, what is burnt and laid on it in order, how far each layer is sanded
 * back, and the coat over all (Kubelka and Munk; tissues, uptake and coats are workshop figures).
 */
final class Appearance
{
    /** Steps of a fade, and of end grain, that are told apart. */
    private const STEPS = 16;

    private const MOST_SANDED_UM = 400;

    /** The best is looked for in such steps, and then, between two of them, by the µm. */
    private const STRIDE_UM = 8;

    /** @var array<string, list<Rgb>> tissues by what lies on them */
    private array $known = [];

    /**
     * @param  list<Mark>  $marks  in the order in which they are made
     * @param  array<string, Settings>  $settings  whole, by id of a mark
     * @param  list<array{string, string}>  $order
     * @param  array<string, float>  $tried  µm in place of what a mark is sanded back by
     */
    private function __construct(
        private readonly Part $part,
        private readonly ColourFigures $figures,
        private readonly Rgb $wood,
        private readonly array $marks,
        private readonly array $settings,
        private readonly array $order,
        private readonly array $tried = [],
    ) {
    }

    /** @param  list<array{string, string}>  $order  of the document */
    public static function of(Part $part, array $order = []): self
    {
        return new self(
            part: $part, figures: $part->colourFigures(), wood: Rgb::hex(
                $part->wood->nature->rgb, 'wood',
            ), marks: $part->marksInOrder($order),
            settings: $part->settled(), order: $order,
        );
    }

    /** The part as its wood and its coats are, without its marks. */
    public static function bare(Part $part): self
    {
        return new self(
            part: $part, figures: $part->colourFigures(), wood: Rgb::hex($part->wood->nature->rgb, 'wood'), marks: [],
            settings: [], order: [],
        );
    }

    /**
     * The colour of a place.
     *
     * @param  float  $exposure  of end grain, 0 to 1
     * @param  float|null  $late  share of late wood in the rest, 0 to 1; null as it usually is
     */
    public function at(Surface $on, float $arcMm, float $exposure, ?float $late = null, bool $isCoated = true): Rgb
    {
        [$early, $dense, $figure] = $this->tissuesAt($on, $arcMm, $exposure, $isCoated);

        return $early->mixed($dense, $late ?? $this->figures->lateShare)->mixed($figure, $exposure);
    }

    /** @return list<Rgb> early wood, late wood and figure under all that lies on the middle of a mark */
    public function under(Mark $mark, bool $isCoated = true): array
    {
        return $this->tissuesAt(
            $mark->band->on, ($mark->band->fromMm + $mark->band->toMm) / 2, 0.0, $isCoated,
        );
    }

    /**
     * How far a layer of dye is sanded back for the most contrast between early and late wood under all that lies
     * there.
     *
     * @return array{int, float} µm and ΔE; the least of those that are alike
     */
    public function bestSanding(Mark $mark): array
    {
        [$near] = $this->bestOf($mark, range(0, self::MOST_SANDED_UM, self::STRIDE_UM));

        return $this->bestOf($mark, range(max(0, $near - self::STRIDE_UM), $near + self::STRIDE_UM));
    }

    /**
     * @param  list<int>  $tried  µm
     * @return array{int, float}
     */
    private function bestOf(Mark $mark, array $tried): array
    {
        $best = [0, -1.0];
        foreach ($tried as $um) {
            $look = new self(
                part: $this->part, figures: $this->figures, wood: $this->wood, marks: $this->marks,
                settings: $this->settings, order: $this->order,
                tried: [$mark->id() => (float) $um],
            );
            [$early, $late] = $look->under($mark);
            $contrast = $early->differenceTo($late);
            $best = $contrast > $best[1] + 1e-9 ? [$um, $contrast] : $best;
        }

        return $best;
    }

    /** @return array<string, float> share of a layer that is left after sanding back, by tissue */
    public function kept(Mark $mark): array
    {
        $whole = $this->layer($mark, Rgb::hex('#808080', 'colour'));
        $um = $this->sandedUm($mark);
        $kept = [];
        foreach (['early wood', 'late wood', 'end grain'] as $i => $tissue) {
            $kept[$tissue] = exp(-$um / $whole->depthUm[$i]);
        }

        return $kept;
    }

    private function sandedUm(Mark $mark): float
    {
        return $this->tried[$mark->id()] ?? $this->part->sandedBack($this->order)->um($mark);
    }

    /** @return list<Rgb> early wood, late wood and figure under all that lies on a place */
    public function tissuesAt(Surface $on, float $arcMm, float $exposure, bool $isCoated = true): array
    {
        $laid = [];
        foreach ($this->marks as $mark) {
            if ($mark->band->on === $on && $arcMm >= $mark->band->fromMm && $arcMm <= $mark->band->toMm) {
                $laid[] = [$mark, $this->laid($mark, $arcMm)];
            }
        }

        return $this->tissues($on, $laid, round($exposure * self::STEPS) / self::STEPS, $isCoated);
    }

    /** How much of a mark is laid there: less towards an edge that fades. */
    private function laid(Mark $mark, float $arcMm): float
    {
        $fade = $this->settings[$mark->id()]->numberOr(Setting::FadeMm, 0.0) ?? 0.0;
        if ($fade <= 0 || ! $mark->colours()) {
            return 1.0;
        }
        $in = min($arcMm - $mark->band->fromMm, $mark->band->toMm - $arcMm);

        return round(max(0.0, min(1.0, $in / $fade)) * self::STEPS) / self::STEPS;
    }

    /**
     * @param  list<array{Mark, float}>  $laid
     * @return list<Rgb>
     */
    private function tissues(Surface $on, array $laid, float $endGrain, bool $isCoated): array
    {
        $key = $on->value.($isCoated ? '+' : '-').$endGrain.implode('', array_map(
            fn (array $one): string => "|{$one[0]->id()}@$one[1]", $laid,
        ));

        return $this->known[$key] ??= $this->made($on, $laid, $endGrain, $isCoated);
    }

    /**
     * @param  list<array{Mark, float}>  $laid
     * @return list<Rgb>
     */
    private function made(Surface $on, array $laid, float $endGrain, bool $isCoated): array
    {
        $tissues = Tissues::ofWood($this->wood, $this->figures);
        foreach ($laid as [$mark, $much]) {
            $tissues = $this->after($tissues, $mark, $much, $endGrain);
        }

        return $tissues->coated($isCoated ? $this->coat($on->face()) : null, $this->figures)->colours();
    }

    private function after(Tissues $tissues, Mark $mark, float $laid, float $endGrain): Tissues
    {
        return $mark->technique instanceof Tints ? $mark->technique->tinted($tissues, new Tinting(
            set: $this->settings[$mark->id()],
            layer: $this->layer(
                $mark, Rgb::hex($mark->colour ?? $mark->technique->ink(), 'colour'),
            ), laid: $laid, endGrain: $endGrain,
            hasTannin: $this->part->wood->nature->tannin, figures: $this->figures,
        )) : $tissues;
    }

    private function layer(Mark $mark, Rgb $colour): DyeLayer
    {
        $set = $this->settings[$mark->id()];
        $carrier = $mark->stain?->carrier === Solvent::Alcohol ? 'alcohol' : 'water';

        return DyeLayer::usual(
            colour: $colour, carrier: $carrier, strength: $set->numberOr(Setting::Strength, 1.0) ?? 1.0,
            sandedUm: $this->sandedUm($mark), factors: $this->part->dyeFactors($mark), figures: $this->figures,
        );
    }

    /** What the coats of a face do to its colour; null for none, and for wax alone. */
    private function coat(Face $face): ?Over
    {
        $over = null;
        // An end without a plan of its own takes what the outside has.
        $plan = $this->part->coatPlanFor($face)
            ?? (Surface::of($face)?->isFlatEnd() === true ? $this->part->coatPlanFor(Face::Outside) : null);
        foreach ($plan->coats ?? [] as $coat) {
            $over = $coat->coating->family->over() ?? $over;
        }

        return $over;
    }
}
