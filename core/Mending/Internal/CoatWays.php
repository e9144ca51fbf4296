<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Coating\ColourFamily;
use HonestGrain\Mending\Remedy;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What can be done about what went wrong with colour, coats, a lid or a liner, the gentlest first. Workshop rules.
 *
 * @internal
 */
final readonly class CoatWays
{
    /** At which a coat that will not dry is helped (workshop). */
    private const WARM_C = 20.0;

    private MendingRates $rates;

    private UsualWays $usual;

    public function __construct(private FaultContext $at)
    {
        $this->rates = $at->tables->calibration->mending;
        $this->usual = new UsualWays($at);
    }

    /** @return list<Remedy> */
    public function sandedThrough(): array
    {
        return $this->at->isCoated() ? [
            $this->at->remedy(
                'touch-in', new Said('mending.coat-ways.touch-place-feather-out'),
                new Said('mending.coat-ways.thin-coat-bare-place'), [
                    $this->at->step(
                        technique: 'coat', title: new Said(
                            'mending.coat-ways.touch-bare-place',
                        ), minutes: $this->rates->touchMinutes, waitHours: $this->at->recoatHours(),
                        how: new Said('mending.coat-ways.same-product-thin-little'), product: $this->at->lastProduct(),
                    ),
                ], $this->at->againLastCoat(),
            ),
            $this->usual->strip(),
        ] : [$this->at->remedy(
            'colour-again', new Said('mending.coat-ways.even-last-grit-colour'),
            new Said('mending.coat-ways.colour-went-dust-has'), [$this->usual->evened()],
            $this->at->againMarks(),
        )];
    }

    /** @return list<Remedy> */
    public function blotch(): array
    {
        return [
            $this->at->remedy(
                'even-out', new Said('mending.coat-ways.wipe-over-own-solvent'),
                new Said('mending.coat-ways.wet-edge-dried-too'), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'wipe-clean', new Said('mending.coat-ways.wipe-colour-over-own'),
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->dryHours,
                        new Said('mending.coat-ways.cloth-not-wet-from'),
                    ),
                ], $this->at->againCoats(),
            ),
            $this->at->remedy(
                'sand-back', new Said('mending.coat-ways.sand-back-colour-again'), new Said(
                    'mending.coat-ways.uneven-ground-drinks-unevenly',
                ),
                [...$this->usual->bared(), $this->usual->evened()], $this->at->againMarks() ?: $this->at->againCoats(),
            ),
            $this->at->remedy(
                'darker', new Said('mending.coat-ways.go-over-darker-colour'), new Said(
                    'mending.coat-ways.dark-covers-what-light',
                ), [
                    ...$this->usual->bared(),
                    $this->at->step(
                        ColourFamily::Dye->technique(), new Said(
                            'mending.coat-ways.lay-darker-colour-over',
                        ), $this->at->over($this->rates->wipeDownMinutesPer100Cm2),
                        $this->rates->dryHours, new Said('mending.coat-ways.try-test-board-same'),
                    ),
                ], $this->at->againCoats(),
            ),
        ];
    }

    /** @return list<Remedy> */
    public function drip(): array
    {
        return [
            $this->at->remedy(
                'slice', new Said('mending.coat-ways.let-harden-slice-off'), new Said(
                    'mending.coat-ways.drip-soft-inside-smears',
                ), [
                    $this->at->step(
                        'own', new Said('mending.coat-ways.let-drip-harden'), 0.0, $this->at->hardHours(), new Said(
                            'mending.coat-ways.press-nail-no-print',
                        ),
                    ),
                    $this->at->step(
                        'denib', new Said('mending.coat-ways.slice-drip-off-level'), $this->rates->sliceMinutes, 0.0,
                        new Said('mending.coat-ways.sharp-blade-nearly-flat'),
                    ),
                ], $this->at->isLastCoatDone() ? $this->at->againLastCoat() : [],
            ),
            $this->at->remedy(
                'wipe', new Said('mending.coat-ways.still-wet-wipe-off'),
                new Said('mending.coat-ways.while-flows-can-taken'), [
                    $this->at->step(
                        'wipe-clean', new Said('mending.coat-ways.wipe-wet-coat-off'),
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->flashHours,
                        new Said('mending.coat-ways.clean-cloth-turned-often'),
                    ),
                ], $this->at->againLastCoat(),
            ),
        ];
    }

    /** @return list<Remedy> */
    public function nibs(): array
    {
        return [
            $this->at->remedy(
                'rub-down', new Said('mending.coat-ways.rub-down-go'),
                new Said('mending.coat-ways.nibs-stand-up-they'), [
                    $this->usual->rubDown(),
                ], $this->at->isLastCoatDone() ? $this->at->againLastCoat() : [],
            ),
            $this->at->remedy(
                'polish', new Said('mending.coat-ways.leave-coat-polish-nibs'),
                new Said('mending.coat-ways.last-coat-pad-wax'), [
                    $this->at->step(
                        technique: 'compound', title: new Said('mending.coat-ways.polish-nibs-out'),
                        minutes: $this->at->over(
                            $this->rates->polishMinutesPer100Cm2,
                        ), waitHours: 0.0,
                        how: new Said('mending.coat-ways.grey-pad-wax-lightly'), waitFirst: $this->at->hardHours(),
                    ),
                ], [],
            ),
        ];
    }

    /** @return list<Remedy> */
    public function streaks(): array
    {
        return [
            $this->at->remedy(
                'rub-down', new Said('mending.coat-ways.rub-level-lay-coat'),
                new Said('mending.coat-ways.streaks-thickness-they-come'),
                [$this->usual->rubDown()], $this->at->againLastCoat(),
            ),
            ...! $this->at->meltsAgain() ? [] : [$this->at->remedy(
                'melt', new Said('mending.coat-ways.go-over-cloth-damp'),
                new Said('mending.coat-ways.what-dissolves-itself-flows'), [
                    $this->at->step(
                        'wipe-clean', new Said('mending.coat-ways.draw-cloth-damp-solvent'),
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->dryHours,
                        new Said('mending.coat-ways.once-never-back-over'),
                    ),
                ], [],
            )],
        ];
    }

    /** @return list<Remedy> */
    public function tacky(): array
    {
        return [
            ...! $this->at->dries() ? [] : [$this->at->remedy(
                'wait', new Said(
                    'mending.coat-ways.give-warmth-moving-air',
                ), new Said('mending.coat-ways.cold-damp-slow-coat'), [
                    $this->at->step(
                        'own', new Said('mending.coat-ways.let-stand-warm-airy'), 0.0, $this->rates->warmHours,
                        new Said('mending.coat-ways.warm-or-warmer', ['warm' => Quantity::celsius(self::WARM_C)]),
                    ),
                ], [],
            )],
            $this->at->remedy(
                'wipe-down', $this->at->dries() ? new Said('mending.coat-ways.wipe-down-mineral-spirits')
                    : new Said('mending.coat-ways.wipe-off-what-wood'),
                new Said('mending.coat-ways.oil-was-not-wiped'), [
                    $this->at->step(
                        technique: 'wipe-off', title: new Said('mending.coat-ways.wipe-down-mineral-spirits-2'),
                        minutes: $this->at->over($this->rates->wipeDownMinutesPer100Cm2),
                        waitHours: $this->rates->dryHours,
                        how: new Said('mending.coat-ways.cloths-flat-outside-or'), product: $this->at->lastProduct(),
                    ),
                ], [],
            ),
            $this->usual->strip(),
        ];
    }

    /** @return list<Remedy> */
    public function bloom(): array
    {
        $warm = $this->at->remedy(
            'warm', new Said('mending.coat-ways.warm-dry-slowly'), new Said(
                'mending.coat-ways.moisture-shut-fresh-coat',
            ), [
                $this->at->step(
                    'own', new Said(
                        'mending.coat-ways.let-stand-warm-dry',
                    ), 0.0, $this->rates->warmHours, new Said('mending.coat-ways.under-50-humidity'),
                ),
            ], [],
        );
        // Where no coat has been laid yet there is none to rub out.
        if (! $this->at->isCoated()) {
            return [$warm];
        }

        return [
            $warm,
            $this->at->remedy(
                'rub-out', new Said('mending.coat-ways.rub-haze-out-pad'), new Said(
                    'mending.coat-ways.lies-very-top-film',
                ), [
                    $this->at->step(
                        technique: 'denib', title: new Said('mending.coat-ways.rub-haze-out'), minutes: $this->at->over(
                            $this->rates->polishMinutesPer100Cm2,
                        ), waitHours: 0.0,
                        how: new Said('mending.coat-ways.grey-pad-drop-oil'), waitFirst: $this->at->hardHours(),
                    ),
                ], [],
            ),
            $this->at->remedy(
                'coat-again', new Said('mending.coat-ways.rub-down-coat-again'), new Said(
                    'mending.coat-ways.haze-deep-film-stays',
                ), [
                    $this->usual->rubDown(),
                ], $this->at->againLastCoat(),
            ),
        ];
    }

    /** @return list<Remedy> */
    public function lidStuck(): array
    {
        return [
            $this->at->remedy(
                'cool', new Said('mending.coat-ways.cool-twist-free-ease'), new Said(
                    'mending.coat-ways.cold-wood-shrinks-cold',
                ), [
                    $this->at->step(
                        'own', new Said('mending.coat-ways.cool-piece'), 2.0, $this->rates->coolHours,
                        new Said('mending.coat-ways.bag-refrigerator-not-frozen'),
                    ),
                    $this->at->step(
                        technique: 'fit', title: new Said('mending.coat-ways.twist-lid-free-ease'),
                        minutes: $this->rates->easeMinutes, waitHours: 0.0,
                        how: new Said('mending.coat-ways.twist-never-lever-worn'), mount: 'lap',
                    ),
                ], $this->at->againNamed('ease'),
            ),
            $this->at->remedy(
                'cut', new Said('mending.coat-ways.cut-film-along-joint'),
                new Said('mending.coat-ways.where-coats-glued-shut'), [
                    $this->at->step(
                        technique: 'fit', title: new Said('mending.coat-ways.cut-film-round-joint'),
                        minutes: $this->rates->easeMinutes * 2, waitHours: 0.0,
                        how: new Said('mending.coat-ways.thin-blade-along-line'), mount: 'lap',
                    ),
                    $this->at->step(
                        technique: 'coat', title: new Said(
                            'mending.coat-ways.touch-edge',
                        ), minutes: $this->rates->touchMinutes, waitHours: $this->at->recoatHours(),
                        how: new Said('mending.coat-ways.thin-kept-out-joint'), product: $this->at->lastProduct(),
                    ),
                ], $this->at->againNamed('ease'),
            ),
        ];
    }

    /** @return list<Remedy> */
    public function weeps(): array
    {
        return [
            $this->at->remedy(
                'another-coat', new Said('mending.coat-ways.dry-scuff-pour-another'),
                new Said('mending.coat-ways.pinhole-closes-under-one'), [
                    $this->at->step(
                        'own', new Said('mending.coat-ways.empty-let-wood-dry'), 2.0, $this->rates->warmHours,
                        new Said('mending.coat-ways.until-dark-patch-gone'),
                    ),
                    $this->at->step(
                        'denib', new Said('mending.coat-ways.scuff-liner'), $this->at->over(
                            $this->rates->polishMinutesPer100Cm2,
                        ), 0.0,
                        new Said('mending.coat-ways.key-next-coat-wipe'),
                    ),
                    $this->at->step(
                        technique: 'liner', title: new Said(
                            'mending.coat-ways.pour-another-coat-liner',
                        ), minutes: $this->at->over($this->rates->pourMinutesPer100Cm2),
                        waitHours: $this->at->hardHours(), how: new Said(
                            'mending.coat-ways.turn-about-until-sets',
                        ), product: $this->at->lastProduct(),
                    ),
                ], $this->at->againNamed('water-test'),
            ),
            $this->at->remedy(
                'dry-only', new Said('mending.coat-ways.say-not-water'), new Said(
                    'mending.coat-ways.dry-flowers-need-no',
                ), [
                    $this->at->step(
                        'own', new Said('mending.coat-ways.empty-let-wood-dry'), 2.0, $this->rates->warmHours,
                        new Said('mending.coat-ways.then-change-what-piece'),
                    ),
                ], [],
            ),
        ];
    }
}
