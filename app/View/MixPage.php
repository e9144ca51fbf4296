<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Kept\TinRatio;
use App\Models\PlannedStep;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Mix;
use HonestGrain\Coating\PotLife;
use HonestGrain\Words\Said;
use Illuminate\Support\Collection;

/** What goes into the cup for the steps that are chosen, and how long it can be worked. */
final readonly class MixPage
{
    /**
     * @param  Collection<int, PlannedStep>  $steps  that take the same product, and are next on their pieces
     * @param  list<int>  $chosen  numbers of those that are mixed for
     * @param  float|null  $labelLife  minutes, as the label has it
     * @param  float  $tempC  in the cup
     */
    public function __construct(
        public Coating $coating,
        public Collection $steps,
        public array $chosen,
        public MixKind $kind,
        public TinRatio $tin,
        public ?float $labelLife,
        public float $tempC,
        private Calibration $calibration,
    ) {
    }

    public static function usualKind(Coating $coating): MixKind
    {
        return $coating->potLifeMinutes === null ? MixKind::AsItIs : MixKind::TwoPart;
    }

    /** @return Collection<int, PlannedStep> */
    public function mixedFor(): Collection
    {
        return $this->steps->filter(fn (PlannedStep $step): bool => in_array($step->id, $this->chosen, true));
    }

    /** What the steps take together, mL; what stays in cloth and cup is in it. */
    public function ml(): float
    {
        return $this->mixedFor()->sum(fn (PlannedStep $step): float => $step->details->amount?->ml() ?? 0.0);
    }

    /** What of the finish itself goes into the cup, mL. */
    public function productMl(): float
    {
        return $this->kind === MixKind::Thinned ? $this->ml() * (1 - $this->tin->thinnerPercent / 100) : $this->ml();
    }

    /** @return array<string, string|list<int>> what the maker chose, so that the press that mixes it is of that cup */
    public function fields(): array
    {
        [$resin, $hardener] = $this->tin->densities ?? [null, null];

        return array_filter([
            'by_kind' => $this->kind->value, 'thinner' => (string) $this->tin->thinnerPercent,
            'resin' => $this->tin->resin > 0 ? (string) $this->tin->resin : null,
            'hardener' => (string) $this->tin->hardener, 'by' => $this->tin->byMass ? 'mass' : 'volume',
            'resin_density' => $resin === null ? null : (string) $resin,
            'hardener_density' => $hardener === null ? null : (string) $hardener,
            'pot_life' => $this->labelLife === null ? null : (string) $this->labelLife,
        ], fn (?string $field): bool => $field !== null) + ['steps' => $this->chosen];
    }

    /** Minutes that the mix can be worked; null where it does not set in the cup. */
    public function potLife(): ?float
    {
        return $this->labelLife === null ? null
            : PotLife::asLabel($this->labelLife)->at($this->tempC, $this->calibration->mixes)->minutes;
    }

    /** Minutes of hands that it takes to use it up. */
    public function useMinutes(): float
    {
        return $this->mixedFor()->sum(fn (PlannedStep $step): float => $step->minutes);
    }

    public function mix(): Mix
    {
        $ml = $this->ml();

        return match ($this->kind) {
            MixKind::AsItIs => Mix::thinned($ml, 0.0),
            MixKind::Thinned => Mix::thinned($ml, $this->tin->thinnerPercent / 100),
            MixKind::Hastened => Mix::hastened($ml, $this->calibration->mixes),
            MixKind::TwoPart => Mix::twoPart(
                volumeMl: $ml, ratio: [$this->tin->resin, $this->tin->hardener],
                byMass: $this->tin->byMass,
                densities: $this->tin->densities, useMinutes: $this->useMinutes(),
                potLife: $this->potLife() === null ? null : PotLife::asLabel($this->potLife()),
            ),
        };
    }

    /** Where the amounts and the pot life come from. */
    public function why(): Said
    {
        if ($this->kind === MixKind::Hastened) {
            return new Said('view.mix-page.why-mist', ['share' => $this->calibration->figure('mix_accelerator_share')]);
        }

        return new Said('view.mix-page.why', [
            'halves' => $this->calibration->figure('mix_pot_life_halves_k'),
            'at' => $this->calibration->figure('mix_pot_life_reference_c'),
        ]);
    }

    /** Whether all is known that a finish of two parts is measured by. */
    public function isRatioKnown(): bool
    {
        return $this->kind !== MixKind::TwoPart || $this->tin->resin > 0;
    }
}
