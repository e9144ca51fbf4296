<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Mending\Remedy;
use HonestGrain\Words\Said;

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
            'strip', new Said('mending.usual-ways.take-back-bare-wood'),
            new Said('mending.usual-ways.what-wrong-below-shows'),
            [...$this->bared(), ...$this->resanded()], $this->at->againFromSanding(),
        );
    }

    /** @return list<array<string, mixed>> the coats taken off, where there are any */
    public function bared(): array
    {
        return $this->at->isCoated() ? [$this->at->step(
            'sand-back', new Said(
                'mending.usual-ways.take-coats-off-down',
            ), $this->at->over($this->rates->stripMinutesPer100Cm2),
            $this->rates->flashHours, new Said('mending.usual-ways.scrape-sand-or-stripper'),
        )] : [];
    }

    /** @return array<string, mixed> */
    public function evened(): array
    {
        return $this->at->step(
            technique: 'sand-back', title: new Said('mending.usual-ways.sand-place-even-last'),
            minutes: $this->at->over($this->at->tables->calibration->marks->sandBackMinutesPer100Cm2), waitHours: 0.0,
            how: new Said(
                'mending.usual-ways.grain-few-strokes-time',
            ), waitFirst: $this->at->isCoated() ? 0.0 : $this->at->colourHours(),
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
            'sand', new Said('mending.usual-ways.sand-place-again', ['grits' => $grits]),
            $this->at->shareOf($this->at->sandingMinutes()), 0.0,
            new Said('mending.usual-ways.hand-wider-than-place'),
        )];
    }

    /** @return array<string, mixed> */
    public function rubDown(): array
    {
        return $this->at->step(
            technique: 'denib', title: new Said('mending.usual-ways.rub-down-level'), minutes: $this->at->over(
                $this->at->tables->calibration->coats->denibMinutesPer100Cm2,
            ),
            waitHours: 0.0, how: new Said('mending.usual-ways.grey-pad-or-worn'),
            waitFirst: $this->at->recoatHours(),
        );
    }
}
