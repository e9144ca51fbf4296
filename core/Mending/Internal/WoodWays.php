<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Geometry\Face;
use HonestGrain\Mending\Remedy;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What can be done about what went wrong with the wood, the gentlest first. Workshop rules.
 *
 * @internal
 */
final readonly class WoodWays
{
    private MendingRates $rates;

    private UsualWays $usual;

    public function __construct(private FaultContext $at)
    {
        $this->rates = $at->tables->calibration->mending;
        $this->usual = new UsualWays($at);
    }

    /** @return list<Remedy> */
    public function crack(): array
    {
        $keep = $this->at->remedy(
            'keep', new Said('mending.wood-ways.leave-spin-slowly-from'),
            new Said('mending.wood-ways.sound-piece-crack-still'), [], [],
        );

        return match (true) {
            // Nothing is burnt over glue or resin.
            $this->at->isBurntLater() => [$this->cutAway(), $keep],
            $this->at->isBurnt() => [$this->filledInChar(), $this->cutAway(), $keep],
            default => [$this->hairline(), $this->filled(), $keep],
        };
    }

    private function hairline(): Remedy
    {
        $repairs = $this->at->tables->calibration->repairs;
        $cm = $this->at->lengthMm() / 10;

        return $this->at->remedy(
            'thin-ca', new Said('mending.wood-ways.run-thin-ca-into'),
            new Said('mending.wood-ways.hairline-closes-thin-ca'), [
                ...$this->usual->bared(),
                $this->at->step(
                    technique: 'fill', title: new Said('mending.wood-ways.run-thin-ca-into-crack'),
                    minutes: max($repairs->hairlineMinutes, $repairs->hairlineMinutes * $cm / 10),
                    waitHours: $this->at->tables->coatings->binder('thin-ca')->setHours,
                    how: new Said('mending.wood-ways.seal-pale-wood-round'), product: 'ca-thin',
                ),
                ...$this->usual->resanded(),
            ], $this->at->againFromSanding(),
        );
    }

    private function filled(): Remedy
    {
        $repairs = $this->at->tables->calibration->repairs;

        return $this->at->remedy(
            'powder-ca', new Said('mending.wood-ways.fill-powder-ca-cut'), new Said('mending.wood-ways.needs-body'), [
                ...$this->usual->bared(),
                $this->fill(
                    new Said('mending.wood-ways.fill-crack-powder-ca'), new Said(
                        'mending.wood-ways.fills-few-millimetres-ca',
                    ),
                ),
                $this->at->step(
                    'scrape', new Said(
                        'mending.wood-ways.cut-fill-back-level',
                    ), $this->at->over($repairs->recutMinutesPer100Cm2), 0.0,
                    new Said('mending.wood-ways.light-shear-cut-freshly'),
                ),
                ...$this->usual->resanded(),
            ], $this->at->againFromSanding(),
        );
    }

    /** What is burnt is neither cut nor sanded: the fill is as black as the char round it. */
    private function filledInChar(): Remedy
    {
        return $this->at->remedy(
            'powder-ca', new Said(
                'mending.wood-ways.fill-powder-ca-leave',
            ), new Said('mending.wood-ways.needs-body'), [$this->fill(
                new Said('mending.wood-ways.fill-crack-black-powder'),
                new Said('mending.wood-ways.black-powder-pared-flush'),
            )], [],
        );
    }

    /** @return array<string, mixed> */
    private function fill(Said $title, Said $how): array
    {
        return $this->at->step(
            technique: 'fill', title: $title, minutes: $this->at->tables->calibration->repairs->fillMinutes,
            waitHours: $this->at->tables->coatings->binder('powder-ca')->setHours, how: $how, product: 'ca-thin',
        );
    }

    private function cutAway(): Remedy
    {
        return $this->at->remedy(
            'cut-away', new Said('mending.wood-ways.cut-away-line-little'),
            new Said('mending.wood-ways.nothing-may-glued-where'), [
                ...$this->usual->bared(),
                $this->at->step(
                    'scrape', new Said('mending.wood-ways.cut-crack-away-line'),
                    $this->at->tables->calibration->repairs->cutAwayMinutes, 0.0, new Said(
                        'mending.wood-ways.check-wall-before-after',
                    ),
                ),
                ...$this->usual->resanded(),
            ], $this->at->againFromSanding(),
        );
    }

    /** @return list<Remedy> */
    public function catch(): array
    {
        $repairs = $this->at->tables->calibration->repairs;

        return [
            $this->offLathe(),
            $this->at->remedy(
                'recut', new Said('mending.wood-ways.cut-place-again-sand'),
                new Said('mending.wood-ways.where-wall-allows-new'), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'scrape', new Said('mending.wood-ways.cut-place-again-line'), $repairs->cutAwayMinutes, 0.0,
                        new Said('mending.wood-ways.check-wall-before-after'),
                    ),
                    ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            ...$this->at->isBurnt() ? [] : [$this->at->remedy(
                'patch', new Said('mending.wood-ways.flat-patch-same-wood'),
                new Said('mending.wood-ways.detail-must-stay-drawn'), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        technique: 'patch', title: new Said('mending.wood-ways.flat-place-glue-piece'),
                        minutes: $this->rates->patchMinutes,
                        waitHours: $this->rates->patchHours,
                        how: new Said('mending.wood-ways.from-offcut-same-blank'),
                        product: 'ca-thin',
                    ),
                    $this->at->step(
                        'scrape', new Said('mending.wood-ways.cut-patch-line'), $repairs->cutAwayMinutes, 0.0,
                        new Said('mending.wood-ways.glued-work-slowest-speed'),
                    ),
                    ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            )],
        ];
    }

    /** @return list<Remedy> */
    public function torn(): array
    {
        $recut = $this->at->over($this->at->tables->calibration->repairs->recutMinutesPer100Cm2);
        $scrape = $this->at->step(
            'scrape', new Said('mending.wood-ways.shear-scrape-torn-grain'), $recut, 0.0, new Said(
                'mending.wood-ways.freshly-ground-edge-slant',
            ),
        );

        return [
            $this->at->remedy(
                'recut', new Said(
                    'mending.wood-ways.shear-scrape-sand-again',
                ), new Said('mending.wood-ways.torn-grain-cut-not'),
                [...$this->usual->bared(), $scrape, ...$this->usual->resanded()], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'seal', new Said('mending.wood-ways.stiffen-thin-sealer-shear'),
                new Said('mending.wood-ways.soft-fibres-fold-under'), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        technique: 'seal-to-cut', title: new Said('mending.wood-ways.brush-thin-sealer-torn'),
                        minutes: $this->rates->touchMinutes,
                        waitHours: $this->rates->sealerHours, how: new Said('mending.wood-ways.one-thin-coat-cut'),
                        product: 'shellac-sealer',
                    ),
                    $scrape,
                    ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
        ];
    }

    /** @return list<Remedy> */
    public function scratches(): array
    {
        $remedies = [...$this->oneGritBack(), $this->at->remedy(
            'back-one-grit', new Said('mending.wood-ways.go-back-grit-left'),
            new Said('mending.wood-ways.each-grit-takes-out'),
            [...$this->usual->bared(), ...$this->usual->resanded()], $this->at->againFromSanding(),
        )];
        if ($this->at->isCoated()) {
            $remedies[] = $this->at->remedy(
                'leave', new Said('mending.wood-ways.leave-them-rub-down'), new Said(
                    'mending.wood-ways.film-builds-hides-fine',
                ), [
                    $this->usual->rubDown(),
                ], $this->at->againLastCoat(),
            );
        }

        return $remedies;
    }

    /** @return list<Remedy> where the wood is bare: from the last grit but one, and up again */
    private function oneGritBack(): array
    {
        $sanding = $this->at->isCoated() ? null : $this->at->sanding();
        $last = array_slice($this->at->sandedWith(), -2, 2, true);
        if ($sanding === null || count($last) < 2) {
            return [];
        }
        $grits = array_map(fn (string $grit): Said => Said::name($grit), array_keys($last));

        return [$this->at->remedy(
            'one-grit-back', new Said('mending.wood-ways.step-back-one-grit', ['grits' => $grits]),
            new Said('mending.wood-ways.what-last-grit-leaves'), [$this->at->step(
                technique: 'sand', title: new Said(
                    'mending.wood-ways.sand-again', ['zone' => $sanding->work->faces[0]->said(), 'grits' => $grits],
                ), minutes: array_sum($last), waitHours: 0.0,
                how: new Said('mending.wood-ways.until-no-ring-left'),
                mount: $sanding->setup->mount?->spins() === true ? $sanding->setup->mount->value : null,
            )], $this->at->againSinceSanding(),
        )];
    }

    /** @return list<Remedy> */
    public function dropped(): array
    {
        return [
            $this->offLathe(),
            $this->at->remedy(
                'steam', new Said('mending.wood-ways.raise-dent-steam-sand'),
                new Said('mending.wood-ways.fibres-bent-not-broken'), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'raise-grain', new Said('mending.wood-ways.raise-dent-damp-cloth'), $this->rates->dentMinutes,
                        $this->rates->dryHours, new Said('mending.wood-ways.few-seconds-time-tip'),
                    ),
                    ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            ...$this->at->isBurntLater() ? [] : [$this->at->remedy(
                'glue', $this->at->isBurnt() ? new Said('mending.wood-ways.glue-break-leave-char')
                    : new Said('mending.wood-ways.glue-break-sand-again'), new Said(
                        'mending.wood-ways.clean-break-glues-stronger',
                    ), [
                        ...$this->at->isBurnt() ? [] : $this->usual->bared(),
                        $this->at->step(
                            'glue', new Said(
                                'mending.wood-ways.glue-clamp-break',
                            ), $this->at->tables->calibration->joints->glueMinutes,
                            $this->at->tables->calibration->joints->glueHours,
                            new Said('mending.wood-ways.every-splinter-back-place'),
                        ),
                    ], $this->at->isBurnt() ? [] : $this->at->againFromSanding(),
            )],
        ];
    }

    /** @return list<Remedy> */
    public function metal(): array
    {
        $repairs = $this->at->tables->calibration->repairs;
        $dig = $this->at->step(
            technique: 'own', title: new Said('mending.wood-ways.find-metal-magnet-dig'),
            minutes: $repairs->cutAwayMinutes, waitHours: 0.0,
            how: new Said('mending.wood-ways.lathe-stopped-unplugged-goggles'),
            mount: 'lap',
        );
        $sharpen = $this->at->step(
            'own', new Said('mending.wood-ways.sharpen-what-has-touched'), $this->rates->touchMinutes, 0.0,
            new Said('mending.wood-ways.nicked-edge-tears-grind'),
        );

        return [
            $this->at->remedy(
                'dig-out', new Said('mending.wood-ways.dig-out-sharpen-cut'),
                new Said('mending.wood-ways.what-can-dug-out'), [
                    ...$this->usual->bared(), $dig, $sharpen,
                    $this->at->step(
                        'scrape', new Said(
                            'mending.wood-ways.cut-place-clean',
                        ), $repairs->cutAwayMinutes, 0.0, new Said('mending.wood-ways.light-cut-slowly'),
                    ), ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'keep', new Said('mending.wood-ways.leave-work-round-hand'),
                new Said('mending.wood-ways.deep-metal-no-tool'), [$sharpen], [],
            ),
        ];
    }

    /** @return list<Remedy> */
    public function knot(): array
    {
        $repairs = $this->at->tables->calibration->repairs;
        $isBound = ! $this->at->isBurnt() && ! $this->at->isBurntLater();

        return [
            ...$isBound ? [$this->at->remedy(
                'thin-ca', new Said('mending.wood-ways.run-thin-ca-round'),
                new Said('mending.wood-ways.knot-rattles-shrunk-hole'), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        technique: 'stabilise', title: new Said('mending.wood-ways.run-thin-ca-round-knot'),
                        minutes: $repairs->hairlineMinutes,
                        waitHours: $this->at->tables->coatings->binder('thin-ca')->setHours,
                        how: new Said('mending.wood-ways.pressed-home-first-seal'), product: 'ca-thin',
                    ), ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            )] : [],
            $this->cutAway(),
            $this->at->remedy(
                'keep', new Said(
                    'mending.wood-ways.knock-out-leave-hole',
                ), new Said('mending.wood-ways.clean-hole-no-danger'), [
                    $this->at->step(
                        technique: 'own', title: new Said('mending.wood-ways.knock-knot-out-clean'),
                        minutes: $this->rates->touchMinutes, waitHours: 0.0,
                        how: new Said('mending.wood-ways.lathe-stopped-from-behind'), mount: 'lap',
                    ),
                ], [],
            ),
        ];
    }

    /**
     * A piece that was turned once and has dried: left as it is, or turned again where the wall bears it.
     *
     * @return list<Remedy>
     */
    public function warped(): array
    {
        $left = $this->at->remedy(
            'leave', new Said('mending.wood-ways.leave-warped'), new Said('mending.wood-ways.was-turned-once-move'), [
                $this->at->step(
                    technique: 'own', title: new Said('mending.wood-ways.rub-foot-flat'),
                    minutes: $this->rates->touchMinutes, waitHours: 0.0,
                    how: new Said('mending.wood-ways.paper-laid-flat-board'), mount: 'lap',
                ),
            ], [],
        );
        [$oval, $wall] = [$this->at->ovalMm(), $this->at->wallMm()];
        $isThin = $wall !== null && $oval !== null
            && $wall - $oval / 2 < $this->at->tables->calibration->shape->leastWallMm;
        if ($oval === null || $isThin || $this->at->isMarked()) {
            return [$left];
        }
        $per100Cm2 = $this->at->tables->calibration->repairs->recutMinutesPer100Cm2;

        return [$left, $this->at->remedy(
            'turn-again', new Said('mending.wood-ways.turn-again'),
            $wall === null ? new Said('mending.wood-ways.round-again-about-smaller', ['oval' => Quantity::mm($oval)])
                : new Said('mending.wood-ways.round-again-about-wall', ['wall' => Quantity::mm($wall - $oval / 2)]), [
                    $this->at->step(
                        technique: 'true', title: new Said('mending.wood-ways.turn-outside-rim-round'),
                        minutes: $this->at->overAll($per100Cm2, [Face::Outside, Face::Rim]), waitHours: 0.0,
                        how: new Said('mending.wood-ways.over-padded-block-tail'), mount: 'jam',
                    ),
                    ...$this->at->has(Face::Inside) ? [$this->at->step(
                        'true', new Said(
                            'mending.wood-ways.turn-inside-round-again',
                        ), $this->at->overAll($per100Cm2, [Face::Inside]), 0.0,
                        new Said('mending.wood-ways.held-foot-wall-felt'),
                    )] : [],
                ], $this->at->againWhole(),
        )];
    }

    /** @return list<Remedy> the part from another blank, to be weighed against mending it */
    public function makeAgain(): array
    {
        $again = $this->at->anew(
            'make-again', new Said('mending.wood-ways.make-again'), new Said('mending.wood-ways.sound-blank'),
        );

        return $again === null ? [] : [$again];
    }

    /** A break that is not spun again. */
    private function offLathe(): Remedy
    {
        $sanding = $this->at->sanding();

        return $this->at->remedy(
            'off-lathe', new Said('mending.wood-ways.smooth-break-finish-off'),
            new Said('mending.wood-ways.what-has-broken-once'), [
                ...$this->usual->bared(),
                $this->at->step(
                    technique: 'own', title: new Said('mending.wood-ways.carve-break-line-sand'),
                    minutes: max($this->rates->patchMinutes, $this->at->shareOf($sanding->timing->minutes ?? 0.0)),
                    waitHours: 0.0,
                    how: new Said('mending.wood-ways.padded-cradle-along-grain'), mount: 'lap',
                ),
            ], $this->at->againSinceSanding(),
        );
    }
}
