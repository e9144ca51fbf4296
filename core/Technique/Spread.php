<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A colour laid on a band (workshop): how long it takes, and whether its edge stays wet until the hand is round again.
 */
final readonly class Spread
{
    private function __construct(
        private Ground $ground,
        private MarkRates $rates,
        private string $way,
        private int $hands,
    ) {
    }

    /** @param  Settings  $set  whole, with what is likely */
    public static function of(Settings $set, Ground $ground, MarkRates $rates): self
    {
        return new self($ground, $rates, $set->choice(Setting::Way), $set->whole(Setting::Hands));
    }

    /**
     * @param  list<Figure>  $figures  besides its own
     * @param  list<Finding>  $findings
     * @param  list<Said>  $says
     */
    public function worked(array $figures, array $findings, array $says): Worked
    {
        $on = $this->minutes($this->way, $this->hands);
        $edges = ($this->ground->levels[0]->radiusMm
            + $this->ground->levels[count($this->ground->levels) - 1]->radiusMm) * 2 * M_PI / 1000;

        return new Worked(max(1.0, $on + $edges * $this->rates->edgeMinutesPerM), [
            Figure::of(new Said('technique.spread.once-round'), Measure::Minutes, $on), ...$figures,
        ], [...$this->wetEdge($on), ...$findings], [
            new Said('technique.spread.once-round-without-stop', [
                'way' => new Said("technique.choices.way.$this->way"),
                'what' => $this->hands > 1 ? new Said('technique.spread.two-pairs-hands') : '',
            ]),
            ...$says,
        ]);
    }

    private function minutes(string $way, int $hands): float
    {
        return $this->ground->areaMm2 / 100 / $this->rates->spreadCm2PerMinute[$way] / $hands;
    }

    /** @return list<Finding> */
    private function wetEdge(float $minutes): array
    {
        $open = $this->ground->openMinutes;
        if ($open === null || $minutes <= $open) {
            return [];
        }
        $choices = [];
        if ($this->hands === 1 && $this->minutes($this->way, 2) <= $open) {
            $choices[] = new Said('technique.spread.two-pairs-hands-2');
        }
        if ($this->way !== 'sprayed' && $this->minutes('sprayed', 1) <= $open) {
            $choices[] = new Said('technique.spread.spray-it');
        }
        if ($this->ground->opensLongerInWater) {
            $choices[] = new Said('technique.spread.dye-water-which-stays');
        }
        $most = $open * $this->rates->spreadCm2PerMinute[$this->way] * $this->hands;

        return [Finding::lostEdge(
            new Said('technique.spread.edge-stays-wet-take', [
                'open' => Quantity::minutes($open),
                'area' => Quantity::cm2($this->ground->areaMm2 / 100),
                'way' => new Said("technique.choices.way.$this->way"),
                'minutes' => Quantity::minutes($minutes),
            ]), ...$choices, ...[new Said('technique.spread.bands-most', ['most' => Quantity::cm2($most)])],
        )];
    }
}
