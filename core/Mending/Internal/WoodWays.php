<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Calibration\MendingRates;
use HonestGrain\Mending\Remedy;

/**
 * What can be done about what went wrong with the wood, the gentlest first. Workshop rules.
 *
 * @internal
 */
final readonly class WoodWays
{
    private const BODY = 'What is wider than a hairline needs a body in it.';

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
                ...$this->usual->bared(),
                $this->at->step(
                    'fill', 'Run thin CA into the crack',
                    max($repairs->hairlineMinutes, $repairs->hairlineMinutes * $cm / 10),
                    $this->at->tables->coatings->binder('thin-ca')->setHours,
                    'Seal pale wood round it first: CA stains what it touches.', 'ca-thin',
                ),
                ...$this->usual->resanded(),
            ], $this->at->againFromSanding(),
        );
    }

    private function filled(): Remedy
    {
        $repairs = $this->at->tables->calibration->repairs;

        return $this->at->remedy(
            'powder-ca', 'Fill it with powder and CA, cut back, and sand again', self::BODY, [
                ...$this->usual->bared(),
                $this->fill(
                    'Fill the crack with powder and CA', 'In fills of a few millimetres, CA run in after each.',
                ),
                $this->at->step(
                    'scrape', 'Cut the fill back level', $this->at->over($repairs->recutMinutesPer100Cm2), 0.0,
                    'A light shear cut with a freshly ground edge; the slowest speed.',
                ),
                ...$this->usual->resanded(),
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
                ...$this->usual->bared(),
                $this->at->step(
                    'scrape', 'Cut the crack away, the line a little lower',
                    $this->at->tables->calibration->repairs->cutAwayMinutes, 0.0, 'Check the wall before and after.',
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
                'recut', 'Cut the place again and sand',
                'Where the wall allows it, a new line is cleaner than a patch.', [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'scrape', 'Cut the place again, the line a little lower', $repairs->cutAwayMinutes, 0.0,
                        'Check the wall before and after.',
                    ),
                    ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            ...$this->at->isBurnt() ? [] : [$this->at->remedy(
                'patch', 'Flat it, patch it with the same wood, cut again and sand',
                'A detail that must stay as drawn is mended with its own wood.', [
                    ...$this->usual->bared(),
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
            'scrape', 'Shear-scrape the torn grain', $recut, 0.0, 'A freshly ground edge on the slant, with the grain.',
        );

        return [
            $this->at->remedy(
                'recut', 'Shear-scrape it and sand again', 'Torn grain is cut, not sanded: paper only rounds it over.',
                [...$this->usual->bared(), $scrape, ...$this->usual->resanded()], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'seal', 'Stiffen it with a thin sealer, shear-scrape, and sand again',
                'Soft fibres fold under the edge; stiff, they cut clean.', [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'seal-to-cut', 'Brush a thin sealer on the torn grain', $this->rates->touchMinutes,
                        $this->rates->sealerHours, 'One thin coat; it is cut away again.', 'shellac-sealer',
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
            'back-one-grit', 'Go back to the grit that left them, and up again',
            'Each grit takes out only what the one before it left.',
            [...$this->usual->bared(), ...$this->usual->resanded()], $this->at->againFromSanding(),
        )];
        if ($this->at->isCoated()) {
            $remedies[] = $this->at->remedy(
                'leave', 'Leave them: rub down and put one more coat on', 'A film that builds hides fine ones.', [
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
    public function dropped(): array
    {
        return [
            $this->offLathe(),
            $this->at->remedy(
                'steam', 'Raise the dent with steam and sand again',
                'Fibres that are bent and not broken swell back.', [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'raise-grain', 'Raise the dent: a damp cloth and a hot iron', $this->rates->dentMinutes,
                        $this->rates->dryHours, 'A few seconds at a time; the tip of the iron.',
                    ),
                    ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            ...$this->at->isBurntLater() ? [] : [$this->at->remedy(
                'glue', $this->at->isBurnt() ? 'Glue the break, and leave the char as it is'
                    : 'Glue the break, and sand again', 'A clean break glues stronger than the wood.', [
                        ...$this->at->isBurnt() ? [] : $this->usual->bared(),
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
    public function metal(): array
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
                    ...$this->usual->bared(), $dig, $sharpen,
                    $this->at->step(
                        'scrape', 'Cut the place clean', $repairs->cutAwayMinutes, 0.0, 'A light cut, slowly.',
                    ), ...$this->usual->resanded(),
                ], $this->at->againFromSanding(),
            ),
            $this->at->remedy(
                'keep', 'Leave it in, and work round it by hand',
                'Deep metal that no tool will reach does no harm; the lathe stays off there.', [$sharpen], [],
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
                'thin-ca', 'Run thin CA round it and sand again',
                'A knot that rattles is shrunk in its hole: thin CA holds it where it is.', [
                    ...$this->usual->bared(),
                    $this->at->step(
                        'stabilise', 'Run thin CA round the knot', $repairs->hairlineMinutes,
                        $this->at->tables->coatings->binder('thin-ca')->setHours,
                        'Pressed home first; seal pale wood round it.', 'ca-thin',
                    ), ...$this->usual->resanded(),
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
    public function warped(): array
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
                ...$this->usual->bared(),
                $this->at->step(
                    'own', 'Carve the break to a line and sand it by hand',
                    max($this->rates->patchMinutes, $this->at->shareOf($sanding->minutes ?? 0.0)), 0.0,
                    'In a padded cradle, along the grain, up to the last grit of the face.', null, 0.0, 'lap',
                ),
            ], $this->at->againSinceSanding(),
        );
    }
}
