<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Kept\DyedLayer;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\Swatch;
use App\Models\Workshop;
use HonestGrain\Colour\DyeFactors;
use HonestGrain\Colour\DyeLayer;
use HonestGrain\Colour\Over;
use HonestGrain\Colour\Rgb;
use HonestGrain\Colour\Tissues;
use HonestGrain\Piece\Tables;
use HonestGrain\Words\Quantity;

/** One test board: its recipe, what the model makes of it, what was measured, and what that corrects. */
final readonly class SwatchPage
{
    public function __construct(public Swatch $swatch, private Tables $tables, private Workshop $workshop)
    {
    }

    /** @return array<string, list<string>> colours of early wood, late wood and figure, by stage */
    public function stages(): array
    {
        $stages = [say('view.swatch-page.bare') => $this->colours(0, false, null)];
        foreach ($this->swatch->layers as $i => $layer) {
            $n = count($this->swatch->layers) === 1 ? '' : ' '.($i + 1);
            $stages[say('view.swatch-page.dyed', ['n' => $n])] = $this->colours($i + 1, false, null);
            if ($layer->sandedUm > 0) {
                $stages[say('view.swatch-page.stage-sanded', ['n' => $n])] = $this->colours($i + 1, true, null);
            }
        }
        $over = $this->swatch->over($this->tables);
        if ($over !== null) {
            $stages[say('view.swatch-page.coated')] = $this->colours(count($this->swatch->layers), true, $over);
        }

        return array_map(
            fn (array $three): array => array_map(fn (Rgb $rgb): string => $rgb->toHex(), $three), $stages,
        );
    }

    /** The colour it is found by: as measured on the early wood, or as the model has it. */
    public function shown(): Rgb
    {
        $measured = $this->swatch->measured?->of('early');

        return $measured !== null ? Rgb::hex($measured, 'early')
            : $this->colours(count($this->swatch->layers), true, $this->swatch->over($this->tables))[0];
    }

    /**
     * @return array<string, array{string, string, float}> by tissue: model's colour, measured colour, ΔE between them
     */
    public function against(): array
    {
        $told = $this->colours(
            count($this->swatch->layers), true, $this->swatch->over($this->tables), DyeFactors::usual(),
        );
        $rows = [];
        foreach (Swatch::TISSUES as $i => $tissue) {
            $measured = $this->swatch->measured?->of($tissue);
            if ($measured !== null) {
                $rows[$tissue] = [
                    $told[$i]->toHex(), $measured, $told[$i]->differenceTo(Rgb::hex($measured, $tissue)),
                ];
            }
        }

        return $rows;
    }

    /** "ash (white), P320 · 17 Nov". */
    public function about(Show $show): string
    {
        $grit = $this->swatch->grit === null ? '' : ', '.$this->swatch->grit;

        return mb_lcfirst($show->wood($this->swatch->wood))."$grit · ".$show->calendarDay($this->swatch->made_on);
    }

    /** @return array<string, string> what is picked on the photograph, in words */
    public function spots(): array
    {
        return ['grey' => say('view.swatch-page.grey-card'), ...lines('models.swatch.tissues')];
    }

    /** What the boards that count make of this dye on this wood. */
    public function corrected(): string
    {
        $factors = $this->tables->dyes->of($this->swatch->wood, $this->swatch->layers[0]->product ?? null);

        return say('view.swatch-page.dye-wood-uptake-depth', [
            'boards' => Quantity::count($factors->boards),
            'uptake' => implode(', ', $factors->uptake), 'depth' => implode(', ', $factors->depth),
        ]);
    }

    /** @return list<array{string, string}> colour of each layer, and words such as "water dye, strength 1" */
    public function recipe(Show $show): array
    {
        return array_map(fn (DyedLayer $layer): array => [
            $layer->rgb,
            say('view.swatch-page.strength', [
                'product' => mb_lcfirst($show->product($layer->product)),
                'strength' => number_format($layer->strength, 2),
                'sanded' => $layer->sandedUm > 0 ? say('view.swatch-page.sanded-back', [
                    'sandedUm' => $show->plain($layer->sandedUm),
                ]) : '',
            ]),
        ], $this->swatch->layers);
    }

    /** @return array<string, string> bands that it can be used on, by piece, part and mark */
    public function bands(): array
    {
        return self::bandsOf($this->workshop);
    }

    /** @return array<string, string> the bands of the pieces in work, by piece, part and mark */
    public static function bandsOf(Workshop $workshop): array
    {
        $bands = [];
        foreach ($workshop->pieces()->where('state', PieceState::Working)->orderBy('name')
            ->get(['id', 'name', 'document']) as $piece) {
            foreach ($piece->document->fields()['parts'] as $part) {
                foreach ($part['marks'] as $mark) {
                    $bands["$piece->id|{$part['id']}|{$mark['id']}"] = self::named($piece, $mark);
                }
            }
        }

        return $bands;
    }

    /** @param  array<string, mixed>  $mark */
    private static function named(Piece $piece, array $mark): string
    {
        return $piece->name.': '.($mark['name'] ?? say("technique.{$mark['technique']}.label"));
    }

    /**
     * @param  int  $layers  how many of them are on
     * @param  bool  $isSanded  whether the last of them is sanded back
     * @return list<Rgb>
     */
    private function colours(int $layers, bool $isSanded, ?Over $coat, ?DyeFactors $factors = null): array
    {
        $figures = $this->tables->calibration->colour;
        $tissues = Tissues::ofWood(
            Rgb::hex($this->tables->woods->named($this->swatch->wood, 'wood')->nature->rgb, 'wood'), $figures,
        );
        foreach (array_slice($this->swatch->layers, 0, $layers) as $i => $layer) {
            $tissues = $tissues->dyed(DyeLayer::usual(
                Rgb::hex($layer->rgb, 'rgb'), Swatch::carrier($this->tables, $layer->product), $layer->strength,
                $i < $layers - 1 || $isSanded ? $layer->sandedUm : 0.0,
                $factors ?? $this->tables->dyes->of($this->swatch->wood, $layer->product), $figures,
            ));
        }

        return $tissues->coated($coat, $figures)->colours();
    }
}
