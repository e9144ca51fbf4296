<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Mending\Internal\Mishap;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;

/** What can be done about each fault, the gentlest first. Workshop rules, with the rates of the calibration. */
final readonly class Remedies
{
    private const BODY = 'What is wider than a hairline needs a body in it.';

    private MendingRates $rates;

    private function __construct(private Mishap $at)
    {
        $this->rates = $at->tables->calibration->mending;
    }

    /**
     * @param  list<string>  $done  what has been done so far, in order
     * @param  string  $id  what the ids of new steps begin with, not yet used in the piece
     * @return list<Mended>
     */
    public static function of(
        Piece $piece,
        Bench $bench,
        Tables $tables,
        array $done,
        Fault $fault,
        string $id = 'mend',
    ): array {
        $route = Route::of($piece, $bench, $tables, Past::of($done));
        $self = new self(Mishap::at($fault, $piece, $route, $done, $tables, $id, $bench->equilibriumPercent));

        return array_map(
            fn (Remedy $remedy): Mended => Mended::by($remedy, $piece, $bench, $tables, $done), $self->all(
                $fault->kind,
            ),
        );
    }

    /**
     * Why a face can hardly have that fault, as far as anything is logged; null where it can.
     *
     * @param  list<string>  $done
     */
    public static function doubt(Piece $piece, Bench $bench, Tables $tables, array $done, Fault $fault): ?string
    {
        $route = Route::of($piece, $bench, $tables, Past::of($done));

        return Mishap::at($fault, $piece, $route, $done, $tables, 'mend')->evidence()->doubt();
    }

    /** @return list<Remedy> */
    private function all(FaultKind $kind): array
    {
        return match ($kind) {
            FaultKind::Crack => $this->crack(),
            FaultKind::Catch => $this->catch(),
            FaultKind::Torn => $this->torn(),
            FaultKind::Scratches => $this->scratches(),
            FaultKind::SandedThrough => $this->sandedThrough(),
            FaultKind::Blotch => $this->blotch(),
            FaultKind::Drip => $this->drip(),
            FaultKind::Nibs => $this->nibs(),
            FaultKind::Streaks => $this->streaks(),
            FaultKind::Tacky => $this->tacky(),
            FaultKind::Bloom => $this->bloom(),
            FaultKind::LidStuck => $this->lidStuck(),
            FaultKind::Weeps => $this->weeps(),
            FaultKind::Dropped => $this->dropped(),
            FaultKind::Metal => $this->metal(),
            FaultKind::Knot => $this->knot(),
            FaultKind::Warped => $this->warped(),
        };
    }

    /** @return list<Remedy> */
    private function crack(): array
    {
        $keep = $this->at->remedy(
            'keep', 'Leave it as it is, and spin it slowly from now on',
            'A sound piece with a crack is still sound to look at; it must not hold water or be spun fast.', [], [],
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
            'thin-ca', 'Run thin CA into it and sand again',
            'A hairline closes with thin CA; what moves there later opens again.', [
                ...$this->bared(),
                $this->at->step(
                    'fill', 'Run thin CA into the crack',
                    max($repairs->hairlineMinutes, $repairs->hairlineMinutes * $cm / 10),
                    $this->at->tables->coatings->binder('thin-ca')->setHours,
                    'Seal pale wood round it first: CA stains what it touches.', 'ca-thin',
                ),
                ...$this->resanded(),
            ], $this->at->againFromSanding(),
        );
    }

    private function filled(): Remedy
    {
        $repairs = $this->at->tables->calibration->repairs;

        return $this->at->remedy(
            'powder-ca', 'Fill it with powder and CA, cut back, and sand again', self::BODY, [
                ...$this->bared(),
                $this->fill(
                    'Fill the crack with powder and CA', 'In fills of a few millimetres, CA run in after each.',
                ),
                $this->at->step(
                    'scrape', 'Cut the fill back level', $this->at->over($repairs->recutMinutesPer100Cm2), 0.0,
                    'A light shear cut with a freshly ground edge; the slowest speed.',
                ),
                ...$this->resanded(),
            ], $this->at->againFromSanding(),
        );
    }

    /** What is burnt is neither cut nor sanded: the fill is as black as the char round it. */
    private function filledInChar(): Remedy
    {
        return $this->at->remedy(
            'powder-ca', 'Fill it with powder and CA, leave the char as it is', self::BODY, [$this->fill(
                'Fill the crack with black powder and CA',
                'Black powder, pared flush with a blade; no flame and no pen comes near it again.',
            )], [],
        );
    }

    /** @return array<string, mixed> */
    private function fill(string $title, string $how): array
    {
        return $this->at->step(
            'fill', $title, $this->at->tables->calibration->repairs->fillMinutes,
            $this->at->tables->coatings->binder('powder-ca')->setHours, $how, 'ca-thin',
        );
    }

    private function cutAway(): Remedy
    {
        return $this->at->remedy(
            'cut-away', 'Cut it away, the line a little lower, and sand again',
            'Nothing may be glued where it is burnt: what can be cut away is gone.', [
                ...$this->bared(),
                $this->at->step(
                    'scrape', 'Cut the crack away, the line a little lower',
                    $this->at->tables->calibration->repairs->cutAwayMinutes, 0.0, 'Check the wall before and after.',
                ),
                ...$this->resanded(),
            ], $this->at->againFromSanding(),
        );
    }

    /** @return list<Remedy> */
    private function catch(): array
    {
        $repairs = $this->at->tables->calibration->repairs;

        return [
            $this->offLathe(),
            $this->at->remedy(
                'recut', 'Cut the place again and sand',
                'Where the wall allows it, a new line is cleaner than a patch.', [
                    ...$this->bared(),
                    $this->at->step(
                        'scrape', 'Cut the place again, the line a little lower', $repairs->cutAwayMinutes, 0.0,
                        'Check the wall before and after.',
                    ),
                    ...$this->resanded(),
                ], $this->at->againFromSanding(),
            ),
            ...$this->at->isBurnt() ? [] : [$this->at->remedy(
                'patch', 'Flat it, patch it with the same wood, cut again and sand',
                'A detail that must stay as drawn is mended with its own wood.', [
                    ...$this->bared(),
                    $this->at->step(
                        'patch', 'Flat the place and glue a piece of the same wood on', $this->rates->patchMinutes,
                        $this->rates->patchHours,
                        'From the offcut of the same blank where there is one, grain the same way, colours compared '
                            .'wet; CA or yellow glue, clamped with tape.',
                        'ca-thin',
                    ),
                    $this->at->step(
                        'scrape', 'Cut the patch to the line', $repairs->cutAwayMinutes, 0.0,
                        'Glued work: slowest speed, out of the line of the rim.',
                    ),
                    ...$this->resanded(),
                ], $this->at->againFromSanding(),
            )],
        ];
    }

    /** @return list<Remedy> */
    private function torn(): array
    {
        $recut = $this->at->over($this->at->tables->calibration->repairs->recutMinutesPer100Cm2);
        $scrape = $this->at->step(
            'scrape', 'Shear-scrape the torn grain', $recut, 0.0, 'A freshly ground edge on the slant, with the grain.',
        );

        return [
            $this->at->remedy(
                'recut', 'Shear-scrape it and sand again', 'Torn grain is cut, not sanded: paper only rounds it over.',
                [...$this->bared(), $scrape, ...$this->resanded()], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'seal', 'Stiffen it with a thin sealer, shear-scrape, and sand again',
                'Soft fibres fold under the edge; stiff, they cut clean.', [
                    ...$this->bared(),
                    $this->at->step(
                        'seal-to-cut', 'Brush a thin sealer on the torn grain', $this->rates->touchMinutes,
                        $this->rates->sealerHours, 'One thin coat; it is cut away again.', 'shellac-sealer',
                    ),
                    $scrape,
                    ...$this->resanded(),
                ], $this->at->againFromSanding(),
            ),
        ];
    }

    /** @return list<Remedy> */
    private function scratches(): array
    {
        $remedies = [...$this->oneGritBack(), $this->at->remedy(
            'back-one-grit', 'Go back to the grit that left them, and up again',
            'Each grit takes out only what the one before it left.', [...$this->bared(), ...$this->resanded()],
            $this->at->againFromSanding(),
        )];
        if ($this->at->isCoated()) {
            $remedies[] = $this->at->remedy(
                'leave', 'Leave them: rub down and put one more coat on', 'A film that builds hides fine ones.', [
                    $this->rubDown(),
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
        $grits = implode(' and ', array_map(strval(...), array_keys($last)));

        return [$this->at->remedy(
            'one-grit-back', "Step back one grit: $grits again",
            'What the last grit leaves of the one before, the one before takes out.', [$this->at->step(
                'sand', "Sand the $sanding->zone again with $grits", array_sum($last), 0.0,
                'Until no ring is left under the raking light; then the last grit along the grain.',
                mount: $sanding->mount?->spins() === true ? $sanding->mount->value : null,
            )], $this->at->againSinceSanding(),
        )];
    }

    /** @return list<Remedy> */
    private function sandedThrough(): array
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
            $this->strip(),
        ] : [$this->at->remedy(
            'colour-again', 'Even it with the last grit and colour again',
            'Colour that went with the dust has to come back on an even ground.', [$this->evened()],
            $this->at->againMarks(),
        )];
    }

    /** @return list<Remedy> */
    private function blotch(): array
    {
        return [
            $this->at->remedy(
                'even-out', 'Wipe it over with its own solvent while it moves, and let it dry',
                'A wet edge that dried too soon can often be moved again.', [
                    ...$this->bared(),
                    $this->at->step(
                        'wipe-clean', 'Wipe the colour over with its own solvent',
                        $this->at->over($this->rates->wipeDownMinutesPer100Cm2), $this->rates->dryHours,
                        'A cloth, not wet; from one end to the other without stopping.',
                    ),
                ], $this->at->againCoats(),
            ),
            $this->at->remedy(
                'sand-back', 'Sand it back and colour again', 'An uneven ground drinks unevenly.',
                [...$this->bared(), $this->evened()], $this->at->againMarks() ?: $this->at->againCoats(),
            ),
            $this->at->remedy(
                'darker', 'Go over it with a darker colour', 'Dark covers what light will not.', [
                    ...$this->bared(),
                    $this->at->step(
                        'dye', 'Lay a darker colour over it', $this->at->over($this->rates->wipeDownMinutesPer100Cm2),
                        $this->rates->dryHours, 'Try it on a test board of the same wood first.',
                    ),
                ], $this->at->againCoats(),
            ),
        ];
    }

    /** @return list<Remedy> */
    private function drip(): array
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
    private function nibs(): array
    {
        return [
            $this->at->remedy(
                'rub-down', 'Rub it down and go on',
                'Nibs stand up: they are cut off before the next coat buries them.', [
                    $this->rubDown(),
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
    private function streaks(): array
    {
        return [
            $this->at->remedy(
                'rub-down', 'Rub it level and lay the coat again, thinner',
                'Streaks are thickness: they come level with the pad, or under a thinner coat.', [$this->rubDown()],
                $this->at->againLastCoat(),
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
    private function tacky(): array
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
            $this->strip(),
        ];
    }

    /** @return list<Remedy> */
    private function bloom(): array
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
                    $this->rubDown(),
                ], $this->at->againLastCoat(),
            ),
        ];
    }

    /** @return list<Remedy> */
    private function lidStuck(): array
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
    private function weeps(): array
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

    /** @return list<Remedy> */
    private function dropped(): array
    {
        return [
            $this->offLathe(),
            $this->at->remedy(
                'steam', 'Raise the dent with steam and sand again',
                'Fibres that are bent and not broken swell back.', [
                    ...$this->bared(),
                    $this->at->step(
                        'raise-grain', 'Raise the dent: a damp cloth and a hot iron', $this->rates->dentMinutes,
                        $this->rates->dryHours, 'A few seconds at a time; the tip of the iron.',
                    ),
                    ...$this->resanded(),
                ], $this->at->againFromSanding(),
            ),
            ...$this->at->isBurntLater() ? [] : [$this->at->remedy(
                'glue', $this->at->isBurnt() ? 'Glue the break, and leave the char as it is'
                    : 'Glue the break, and sand again', 'A clean break glues stronger than the wood.', [
                        ...$this->at->isBurnt() ? [] : $this->bared(),
                        $this->at->step(
                            'glue', 'Glue and clamp the break', $this->at->tables->calibration->joints->glueMinutes,
                            $this->at->tables->calibration->joints->glueHours,
                            'Every splinter back in its place; wipe off.',
                        ),
                    ], $this->at->isBurnt() ? [] : $this->at->againFromSanding(),
            )],
        ];
    }

    /** @return list<Remedy> */
    private function metal(): array
    {
        $repairs = $this->at->tables->calibration->repairs;
        $dig = $this->at->step(
            'own', 'Find the metal with a magnet and dig it out', $repairs->cutAwayMinutes, 0.0,
            'Lathe stopped and unplugged; goggles. A small chisel and pliers, never a turning tool; then look for the '
                .'next one.',
            null, 0.0, 'lap',
        );
        $sharpen = $this->at->step(
            'own', 'Sharpen what has touched it', $this->rates->touchMinutes, 0.0,
            'A nicked edge tears: grind past the nick, away from dust and finish.',
        );

        return [
            $this->at->remedy(
                'dig-out', 'Dig it out, sharpen, and cut the place again',
                'What can be dug out is no danger any more; a blue stain in tannin wood stays.', [
                    ...$this->bared(), $dig, $sharpen,
                    $this->at->step(
                        'scrape', 'Cut the place clean', $repairs->cutAwayMinutes, 0.0, 'A light cut, slowly.',
                    ), ...$this->resanded(),
                ], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'keep', 'Leave it in, and work round it by hand',
                'Deep metal that no tool will reach does no harm; the lathe stays off there.', [$sharpen], [],
            ),
        ];
    }

    /** @return list<Remedy> */
    private function knot(): array
    {
        $repairs = $this->at->tables->calibration->repairs;
        $isBound = ! $this->at->isBurnt() && ! $this->at->isBurntLater();

        return [
            ...$isBound ? [$this->at->remedy(
                'thin-ca', 'Run thin CA round it and sand again',
                'A knot that rattles is shrunk in its hole: thin CA holds it where it is.', [
                    ...$this->bared(),
                    $this->at->step(
                        'stabilise', 'Run thin CA round the knot', $repairs->hairlineMinutes,
                        $this->at->tables->coatings->binder('thin-ca')->setHours,
                        'Pressed home first; seal pale wood round it.', 'ca-thin',
                    ), ...$this->resanded(),
                ], $this->at->againFromSanding(),
            )] : [],
            $this->cutAway(),
            $this->at->remedy(
                'keep', 'Knock it out and leave the hole', 'A clean hole is no danger; it flies out no more.', [
                    $this->at->step(
                        'own', 'Knock the knot out and clean the hole', $this->rates->touchMinutes, 0.0,
                        'Lathe stopped; from behind where the wall is open there.', null, 0.0, 'lap',
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
    private function warped(): array
    {
        $left = $this->at->remedy(
            'leave', 'Leave it as it warped', 'It was turned once to move; it only has to stand.', [
                $this->at->step(
                    'own', 'Rub the foot flat', $this->rates->touchMinutes, 0.0,
                    'On paper laid on a flat board, in figures of eight, until it does not rock.', null, 0.0, 'lap',
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
            'turn-again', 'Turn it again',
            $wall === null ? sprintf('Round again, and about %.1f mm smaller.', $oval)
                : sprintf('Round again, with about %.1f mm of its wall left at the thinnest.', $wall - $oval / 2), [
                    $this->at->step(
                        'true', 'Turn the outside and the rim round again',
                        $this->at->overAll($per100Cm2, ['outside', 'rim']), 0.0,
                        'Over a padded block with the tail centre up, the high points shared out; from the least '
                            .'speed, in light cuts.', null, 0.0, 'jam',
                    ),
                    ...$this->at->has('inside') ? [$this->at->step(
                        'true', 'Turn the inside round again', $this->at->overAll($per100Cm2, ['inside']), 0.0,
                        'Held by its foot, the wall felt all round before each cut.',
                    )] : [],
                ], $this->at->againWhole(),
        )];
    }

    /** A break that is not spun again. */
    private function offLathe(): Remedy
    {
        $sanding = $this->at->sanding();

        return $this->at->remedy(
            'off-lathe', 'Smooth the break and finish it off the lathe',
            'What has broken once may fly: carved and sanded by hand, a broken edge can be made to look meant.', [
                ...$this->bared(),
                $this->at->step(
                    'own', 'Carve the break to a line and sand it by hand',
                    max($this->rates->patchMinutes, $this->at->shareOf($sanding->minutes ?? 0.0)), 0.0,
                    'In a padded cradle, along the grain, up to the last grit of the face.', null, 0.0, 'lap',
                ),
            ], $this->at->againSinceSanding(),
        );
    }

    private function strip(): Remedy
    {
        return $this->at->remedy(
            'strip', 'Take it back to bare wood and begin the coats again',
            'What is wrong below shows through all above.',
            [...$this->bared(), ...$this->resanded()], $this->at->againFromSanding(),
        );
    }

    /** @return list<array<string, mixed>> the coats taken off, where there are any */
    private function bared(): array
    {
        return $this->at->isCoated() ? [$this->at->step(
            'sand-back', 'Take the coats off down to bare wood', $this->at->over($this->rates->stripMinutesPer100Cm2),
            $this->rates->flashHours, 'Scrape and sand, or the stripper the label allows; wear what its sheet says.',
        )] : [];
    }

    /** @return array<string, mixed> */
    private function evened(): array
    {
        return $this->at->step(
            'sand-back', 'Sand the place even with the last grit',
            $this->at->over($this->at->tables->calibration->marks->sandBackMinutesPer100Cm2), 0.0,
            'With the grain, a few strokes at a time.', null, $this->at->isCoated() ? 0.0 : $this->at->colourHours(),
        );
    }

    /** @return list<array<string, mixed>> a place on a face sanded through its grits, and not the face */
    private function resanded(): array
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
    private function rubDown(): array
    {
        return $this->at->step(
            'denib', 'Rub it down level', $this->at->over($this->at->tables->calibration->coats->denibMinutesPer100Cm2),
            0.0, 'A grey pad or worn fine paper, lightest on rims and edges; wipe the dust off.', null,
            $this->at->recoatHours(),
        );
    }
}
