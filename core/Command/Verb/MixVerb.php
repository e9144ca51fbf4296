<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\MixFigures;
use HonestGrain\Coating\Cup;
use HonestGrain\Coating\Mix;
use HonestGrain\Coating\PotLife;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;

/** What goes into a cup. */
final readonly class MixVerb implements Verb
{
    private const KINDS = [
        'parts', 'shellac-cut', 'two-part', 'weaker-cut', 'thinned', 'oil-varnish', 'wax-in-oil', 'dye', 'sheen',
        'ca-accelerator',
    ];

    private const MOST_ML = 100_000.0;

    public function __construct(private MixFigures $figures)
    {
    }

    public function name(): string
    {
        return 'mix';
    }

    public function example(): string
    {
        return '{"kind":"shellac-cut","cut_lb":2,"alcohol_ml":250}';
    }

    public function answer(Document $question): array
    {
        $kind = $question->choice('kind', self::KINDS);
        if ($kind === 'shellac-cut') {
            return Mix::shellacCut(
                $question->number('cut_lb', 0.1, 10), $question->number('alcohol_ml', 0.01, self::MOST_ML),
            )->toArray();
        }
        if ($kind === 'weaker-cut') {
            return Mix::weakerCut(
                $question->number('from_lb', 0.1, 10), $question->number('to_lb', 0.1, 10),
                $question->number('alcohol_ml', 0.01, self::MOST_ML),
            )->toArray();
        }
        if ($kind === 'wax-in-oil') {
            return Mix::waxInOil(
                $question->number('mass_g', 0.01, self::MOST_ML), $question->number('wax_share', 0, 1),
            )->toArray();
        }
        $cup = $this->cup($question);
        $mix = $this->byVolume($kind, $question, $cup->volumeMl());

        return $mix->toArray() + [
            'volume_ml' => round($cup->volumeMl(), 2), 'waste_ml' => round($cup->wasteMl, 2),
        ];
    }

    private function byVolume(string $kind, Document $question, float $ml): Mix
    {
        return match ($kind) {
            'thinned' => Mix::thinned($ml, $question->number('thinner_share', 0, 0.95)),
            'oil-varnish' => $question->has('ratio')
                ? Mix::oilVarnish($ml, ...$question->numbers('ratio', 0, 1000, 3)) : Mix::oilVarnish($ml),
            'dye' => Mix::dye(
                $ml, $question->number('grams_per_litre', 0.01, 2000), $question->numberOr('strength', 1, 0.01, 10),
            ),
            'sheen' => $this->sheen($question, $ml),
            'two-part' => $this->twoPart($question, $ml),
            'ca-accelerator' => Mix::hastened($ml, $this->figures),
            default => Mix::byParts($ml, array_map(
                fn (Document $part): array => [
                    'name' => $part->text('name'), 'parts' => $part->number('parts', 0, 100_000),
                    'density' => $part->numberOr('density_g_per_ml', null, 0.1, 25),
                ],
                $question->children('parts', 40, 1),
            )),
        };
    }

    /** So much, or enough for coats. */
    private function cup(Document $question): Cup
    {
        if (! $question->has('coats')) {
            return Cup::of($question->number('volume_ml', 0.01, self::MOST_ML));
        }

        return Cup::forCoats(array_map(fn (Document $coat): array => [
            'cm2' => $coat->number('area_cm2', 0.01, 1_000_000),
            'm2PerL' => $coat->number('coverage_m2_per_l', 0.1, 100),
        ], $question->children('coats', 60, 1)), $this->figures);
    }

    private function sheen(Document $question, float $ml): Mix
    {
        [$one, $other] = $question->numbers('sheens', 0, 100, 2);

        return Mix::sheen($ml, [$one, $other], $question->number('wanted', 0, 100));
    }

    private function twoPart(Document $question, float $ml): Mix
    {
        [$resin, $hardener] = $question->numbers('ratio', 0.001, 1000, 2);
        $densities = null;
        if ($question->has('densities')) {
            [$resinDensity, $hardenerDensity] = $question->numbers('densities', 0.1, 25, 2);
            $densities = [$resinDensity, $hardenerDensity];
        }
        $mix = Mix::twoPart(
            volumeMl: $ml,
            ratio: [$resin, $hardener],
            byMass: $question->choice('by', ['volume', 'mass']) === 'mass',
            densities: $densities,
            potLife: $this->potLife($question),
            useMinutes: $question->numberOr('use_minutes', null, 0, 10_000),
        );
        $share = $question->numberOr('pigment_share', null, 0, 1);

        return $share === null ? $mix : $mix->pigmented($share, $this->figures);
    }

    private function potLife(Document $question): ?PotLife
    {
        $minutes = $question->numberOr('pot_life_minutes', null, 0.1, 10_000);
        if ($minutes === null) {
            return null;
        }
        $tempC = $question->numberOr('temp_c', null, -20, 60);
        $times = $question->numberOr('times_label_mass', null, 0.01, 1000);
        $life = PotLife::asLabel($minutes);
        $life = $tempC === null ? $life : $life->at($tempC, $this->figures);

        return $times === null ? $life : $life->with($times, $this->figures);
    }
}
