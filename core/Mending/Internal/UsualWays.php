<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Mending\Remedy;

/**
 * What many remedies have in common: coats taken off, a place evened, sanded or rubbed down.
 *
 * @internal
 */
final readonly class UsualWays
{
    private MendingRates $rates;

    public function __construct(private FaultContext $at)
    {
        $this->rates = $at->tables->calibration->mending;
    }

    public function strip(): Remedy
    {
        return $this->at->remedy(
            'strip', 'Take it back to bare wood and begin the coats again',
            'What is wrong below shows through all above.',
            [...$this->bared(), ...$this->resanded()], $this->at->againFromSanding(),
        );
    }

    /** @return list<array<string, mixed>> the coats taken off, where there are any */
    public function bared(): array
    {
        return $this->at->isCoated() ? [$this->at->step(
            'sand-back', 'Take the coats off down to bare wood', $this->at->over($this->rates->stripMinutesPer100Cm2),
            $this->rates->flashHours, 'Scrape and sand, or the stripper the label allows; wear what its sheet says.',
        )] : [];
    }

    /** @return array<string, mixed> */
    public function evened(): array
    {
        return $this->at->step(
            'sand-back', 'Sand the place even with the last grit',
            $this->at->over($this->at->tables->calibration->marks->sandBackMinutesPer100Cm2), 0.0,
            'With the grain, a few strokes at a time.', null, $this->at->isCoated() ? 0.0 : $this->at->colourHours(),
        );
    }

    /** @return list<array<string, mixed>> a place on a face sanded through its grits, and not the face */
    public function resanded(): array
    {
        if (! $this->at->isPlace() || $this->at->sanding() === null) {
            return [];
        }
        $grits = array_keys($this->at->sandedWith());

        return [$this->at->step(
            'sand', 'Sand the place again, '.implode(', ', $grits),
            $this->at->shareOf($this->at->sandingMinutes()), 0.0,
            'A hand wider than the place each way and each grit a little wider than the one before, so that no dish is '
                .'seen; the last along the grain.',
        )];
    }

    /** @return array<string, mixed> */
    public function rubDown(): array
    {
        return $this->at->step(
            'denib', 'Rub it down level', $this->at->over($this->at->tables->calibration->coats->denibMinutesPer100Cm2),
            0.0, 'A grey pad or worn fine paper, lightest on rims and edges; wipe the dust off.', null,
            $this->at->recoatHours(),
        );
    }
}
