<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Calibration\RepairRates;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Mount;
use HonestGrain\Mending\Remedy;
use HonestGrain\Words\Said;

/**
 * What can be done about what went wrong in the cutting and the holding, the gentlest first. Workshop rules.
 *
 * @internal
 */
final readonly class LatheWays
{
    private MendingRates $rates;

    private RepairRates $repairs;

    private UsualWays $usual;

    public function __construct(private FaultContext $at)
    {
        $this->rates = $at->tables->calibration->mending;
        $this->repairs = $at->tables->calibration->repairs;
        $this->usual = new UsualWays($at);
    }

    /** @return list<Remedy> */
    public function ripples(): array
    {
        return [
            $this->at->remedy(
                'recut', new Said('mending.lathe-ways.cut-ripples-out'), new Said('mending.lathe-ways.paper-rides'), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'scrape', new Said('mending.lathe-ways.light-passes'),
                        $this->at->over($this->repairs->recutMinutesPer100Cm2), 0.0,
                        new Said('mending.lathe-ways.hand-behind-wall'),
                    ),
                    ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'leave', new Said('mending.lathe-ways.leave-ripples'), new Said('mending.lathe-ways.seen-in-raking'),
                [], [],
            ),
        ];
    }

    /** @return list<Remedy> */
    public function smears(): array
    {
        $scraped = $this->at->remedy(
            'scrape-off', new Said('mending.lathe-ways.scrape-smear'), new Said('mending.lathe-ways.smear-shows'), [
                ...$this->usual->bared(),
                $this->at->step(
                    'scrape', new Said('mending.lathe-ways.scrape-to-clean'), $this->rates->touchMinutes, 0.0,
                    new Said('mending.lathe-ways.damp-shows-it'),
                ),
                ...$this->usual->resanded(),
            ], $this->at->againFromSanding(),
        );

        return $this->at->isCoated() ? [$scraped] : [$this->at->remedy(
            'solvent', new Said('mending.lathe-ways.soften-smear'), new Said('mending.lathe-ways.fresh-smear'),
            [$this->at->step(
                technique: 'wipe-clean', title: new Said('mending.lathe-ways.wipe-with-solvent'),
                minutes: $this->rates->touchMinutes, waitHours: $this->rates->flashHours,
                how: new Said('mending.lathe-ways.which-solvent'),
            )], [],
        ), $scraped];
    }

    /** @return list<Remedy> */
    public function slipped(): array
    {
        $seat = $this->at->step(
            'own', new Said('mending.lathe-ways.seat-again'), $this->repairs->cutAwayMinutes, 0.0,
            new Said('mending.lathe-ways.shoulder-then-twice'),
        );
        $block = $this->at->step(
            'glue', new Said('mending.lathe-ways.glue-waste-block'),
            $this->at->tables->calibration->joints->glueMinutes, $this->at->tables->calibration->joints->glueHours,
            new Said('mending.lathe-ways.flat-to-flat'),
        );

        return [
            $this->at->remedy(
                'seat-again', new Said('mending.lathe-ways.seat-and-true'),
                new Said('mending.lathe-ways.off-by-a-hair'),
                [...$this->usual->bared(), $seat, $this->trued(Mount::Tenon), ...$this->usual->resanded()],
                $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'glue-block', new Said('mending.lathe-ways.block-and-true'), new Said('mending.lathe-ways.tenon-gone'),
                [...$this->usual->bared(), $block, $this->trued(Mount::GlueBlock), ...$this->usual->resanded()],
                $this->at->againFromSanding(),
            ),
        ];
    }

    /** @return list<Remedy> */
    public function boreOff(): array
    {
        $joints = $this->at->tables->calibration->joints;

        return [
            $this->at->remedy(
                'true-to-bore', new Said('mending.lathe-ways.outside-to-bore'),
                new Said('mending.lathe-ways.eye-sees-outside'), [
                    ...$this->usual->bared(), $this->trued(Mount::BetweenCentres), ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'plug', new Said('mending.lathe-ways.plug-bore'), new Said('mending.lathe-ways.no-wall-to-spare'), [
                    $this->at->step(
                        'glue', new Said('mending.lathe-ways.glue-plug'), $joints->glueMinutes, $joints->glueHours,
                        new Said('mending.lathe-ways.grain-same-way'),
                    ),
                    $this->at->step(
                        'own', new Said('mending.lathe-ways.bore-again'), $this->repairs->fillMinutes, 0.0,
                        new Said('mending.lathe-ways.from-both-ends'),
                    ),
                ], [],
            ),
            $this->at->remedy(
                'leave', new Said('mending.lathe-ways.leave-bore'), new Said('mending.lathe-ways.what-goes-in'), [], [],
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function trued(Mount $mount): array
    {
        return $this->at->step(
            technique: 'true', title: new Said('mending.lathe-ways.true-up'),
            minutes: $this->at->overAll($this->repairs->recutMinutesPer100Cm2, [Face::Outside, Face::Rim]),
            waitHours: 0.0, how: new Said("mending.lathe-ways.true-{$mount->value}"), mount: $mount->value,
        );
    }
}
