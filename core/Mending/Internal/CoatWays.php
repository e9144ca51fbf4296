<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Mending\Remedy;

/**
 * What can be done about what went wrong with colour, coats, a lid or a liner, the gentlest first. Workshop rules.
 *
 * @internal
 */
final readonly class CoatWays
{
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
                'touch-in', 'Touch the place in, feather it out, and coat again',
                'A thin coat on the bare place first brings it level with the rest.', [
                    $this->at->step(
                        'coat', 'Touch the bare place in', $this->rates->touchMinutes, $this->at->recoatHours(),
                        'The same product, thin, a little over the edge.', $this->at->lastProduct(),
                    ),
                ], $this->at->againLastCoat(),
            ),
            $this->usual->strip(),
        ] : [$this->at->remedy(
            'colour-again', 'Even it with the last grit and colour again',
            'Colour that went with the dust has to come back on an even ground.', [$this->usual->evened()],
            $this->at->againMarks(),
        )];
    }

    /** @return list<Remedy> */
    public function blotch(): array
    {
        return [
            $this->at->remedy(
                'even-out', 'Wipe it over with its own solvent while it moves, and let it dry',
                'A wet edge that dried too soon can often be moved again.', [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'wipe-clean', 'Wipe the colour over with its own solvent',
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->dryHours,
                        'A cloth, not wet; from one end to the other without stopping.',
                    ),
                ], $this->at->againCoats(),
            ),
            $this->at->remedy(
                'sand-back', 'Sand it back and colour again', 'An uneven ground drinks unevenly.',
                [...$this->usual->bared(), $this->usual->evened()], $this->at->againMarks() ?: $this->at->againCoats(),
            ),
            $this->at->remedy(
                'darker', 'Go over it with a darker colour', 'Dark covers what light will not.', [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'dye', 'Lay a darker colour over it', $this->at->over($this->rates->wipeDownMinutesPer100Cm2),
                        $this->rates->dryHours, 'Try it on a test board of the same wood first.',
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
                'slice', 'Let it harden, slice it off and level it', 'A drip that is soft inside smears.', [
                    $this->at->step(
                        'own', 'Let the drip harden', 0.0, $this->at->hardHours(), 'Press it with a nail: no print.',
                    ),
                    $this->at->step(
                        'denib', 'Slice the drip off and level it', $this->rates->sliceMinutes, 0.0,
                        'A sharp blade nearly flat, then worn fine paper on a small block.',
                    ),
                ], $this->at->isLastCoatDone() ? $this->at->againLastCoat() : [],
            ),
            $this->at->remedy(
                'wipe', 'It is still wet: wipe it off and lay the coat again',
                'While it flows it can be taken off whole.', [
                    $this->at->step(
                        'wipe-clean', 'Wipe the wet coat off with its own solvent',
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->flashHours,
                        'A clean cloth, turned often.',
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
                'rub-down', 'Rub it down and go on',
                'Nibs stand up: they are cut off before the next coat buries them.', [
                    $this->usual->rubDown(),
                ], $this->at->isLastCoatDone() ? $this->at->againLastCoat() : [],
            ),
            $this->at->remedy(
                'polish', 'Leave the coat, and polish the nibs out once it is hard',
                'On a last coat a pad and wax can be enough.', [
                    $this->at->step(
                        'compound', 'Polish the nibs out', $this->at->over($this->rates->polishMinutesPer100Cm2), 0.0,
                        'A grey pad with wax, lightly, until the finger feels nothing.', null, $this->at->hardHours(),
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
                'rub-down', 'Rub it level and lay the coat again, thinner',
                'Streaks are thickness: they come level with the pad, or under a thinner coat.',
                [$this->usual->rubDown()], $this->at->againLastCoat(),
            ),
            ...! $this->at->meltsAgain() ? [] : [$this->at->remedy(
                'melt', 'Go over it with a cloth that is damp with its solvent',
                'What dissolves in itself flows out again.', [
                    $this->at->step(
                        'wipe-clean', 'Draw a cloth damp with its solvent along the streaks',
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->dryHours,
                        'Once, and never back over it.',
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
                'wait', 'Give it warmth, moving air and time', 'Cold and damp slow a coat; most come round.', [
                    $this->at->step(
                        'own', 'Let it stand warm and airy', 0.0, $this->rates->warmHours,
                        'At 20 °C or more, a fan in the room and not on the piece.',
                    ),
                ], [],
            )],
            $this->at->remedy(
                'wipe-down', $this->at->dries() ? 'Wipe it down with mineral spirits and let it dry'
                    : 'Wipe off what the wood has not drunk',
                'Oil that was not wiped off never dries: what stands on top comes off.', [
                    $this->at->step(
                        'wipe-off', 'Wipe it down with mineral spirits',
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->dryHours,
                        'Cloths flat outside or under water: they heat themselves.', $this->at->lastProduct(),
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
            'warm', 'Warm and dry it slowly', 'Moisture shut in a fresh coat often leaves by itself.', [
                $this->at->step(
                    'own', 'Let it stand warm and dry', 0.0, $this->rates->warmHours, 'Under 50 % humidity.',
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
                'rub-out', 'Rub the haze out with a pad and oil', 'It lies in the very top of the film.', [
                    $this->at->step(
                        'denib', 'Rub the haze out', $this->at->over($this->rates->polishMinutesPer100Cm2), 0.0,
                        'A grey pad with a drop of oil; wipe, and look.', null, $this->at->hardHours(),
                    ),
                ], [],
            ),
            $this->at->remedy(
                'coat-again', 'Rub it down and coat again on a dry day', 'A haze deep in the film stays.', [
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
                'cool', 'Cool it, twist it free and ease the joint', 'Cold wood shrinks, and cold film is brittle.', [
                    $this->at->step(
                        'own', 'Cool the piece', 2.0, $this->rates->coolHours,
                        'In a bag in a refrigerator; not frozen.',
                    ),
                    $this->at->step(
                        'fit', 'Twist the lid free and ease the joint', $this->rates->easeMinutes, 0.0,
                        'Twist, never lever; worn fine paper and dry wax where it bound.', null, 0.0, 'lap',
                    ),
                ], $this->at->againNamed('ease'),
            ),
            $this->at->remedy(
                'cut', 'Cut the film along the joint, ease it, and coat the edge again',
                'Where coats glued it shut they have to be parted.', [
                    $this->at->step(
                        'fit', 'Cut the film round the joint and ease it', $this->rates->easeMinutes * 2, 0.0,
                        'A thin blade along the line, all round, before any force.', null, 0.0, 'lap',
                    ),
                    $this->at->step(
                        'coat', 'Touch the edge in', $this->rates->touchMinutes, $this->at->recoatHours(),
                        'Thin, and kept out of the joint.', $this->at->lastProduct(),
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
                'another-coat', 'Dry it, scuff it, and pour another coat of the liner',
                'A pinhole closes under one more coat; it is proved again.', [
                    $this->at->step(
                        'own', 'Empty it and let the wood dry', 2.0, $this->rates->warmHours,
                        'Until the dark patch is gone.',
                    ),
                    $this->at->step(
                        'denib', 'Scuff the liner', $this->at->over($this->rates->polishMinutesPer100Cm2), 0.0,
                        'A key for the next coat; wipe the dust out.',
                    ),
                    $this->at->step(
                        'liner', 'Pour another coat of the liner', $this->at->over($this->rates->pourMinutesPer100Cm2),
                        $this->at->hardHours(), 'Turn it about until it sets.', $this->at->lastProduct(),
                    ),
                ], $this->at->againNamed('water-test'),
            ),
            $this->at->remedy(
                'dry-only', 'Say that it is not for water', 'Dry flowers need no liner.', [
                    $this->at->step(
                        'own', 'Empty it and let the wood dry', 2.0, $this->rates->warmHours,
                        'Then change what the piece is for, under Shape.',
                    ),
                ], [],
            ),
        ];
    }
}
