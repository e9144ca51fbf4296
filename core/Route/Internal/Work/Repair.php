<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Calibration\RepairRates;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Coating\Binder;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\FillWith;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\JointGlue;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use HonestGrain\Piece\Wish;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What a flaw takes: thin CA into a hairline, powder and CA or epoxy into what is wider, CA and a shear scrape on a
 * soft patch, a cut where the wood is torn. Workshop figures of the calibration.
 *
 * @internal
 */
final readonly class Repair
{
    /** Less powder than this is taken between two fingers: no scale of a workshop shows it. */
    private const PINCH_G = 0.1;

    /** Once more, after a pass that opened it. */
    public const AGAIN = 'again';

    /**
     * @param  string  $technique  its key
     * @param  list<Hazard>  $hazards
     * @param  string|null  $goesWith  what it is besides the flaw's main operation
     * @param  Fill|null  $fill  what it leaves in the wood
     */
    private function __construct(
        public string $technique,
        public StepWords $words,
        public float $minutes,
        public Wait $wait,
        public array $hazards,
        public bool $onLathe = false,
        public ?string $goesWith = null,
        public ?Fill $fill = null,
    ) {
    }

    /** @return list<self> in order; none for a flaw that is kept */
    public static function of(Flaw $flaw, Part $part, Tables $tables): array
    {
        $rates = $tables->calibration->repairs;

        return match ($flaw->wish) {
            Wish::Keep => [],
            Wish::CutAway => [$flaw->kind === FlawKind::Pith
                ? self::offCentre($part, $rates) : self::cut($flaw, $part, $rates)],
            Wish::Stabilise => match (true) {
                $flaw->kind === FlawKind::Soft => self::stiffen($flaw, $part, $tables),
                $flaw->isEachPass => [
                    self::hairline($flaw, $part, $tables), self::hairline($flaw, $part, $tables, self::AGAIN),
                ],
                default => [self::hairline($flaw, $part, $tables)],
            },
            Wish::Fill => match (true) {
                $flaw->kind === FlawKind::Pith => self::plugged($flaw, $part, $tables),
                $flaw->with === FillWith::Patch => self::patched($flaw, $part, $tables),
                default => self::filled(self::fill($flaw, $part, $tables), $flaw, $part, $rates),
            },
        };
    }

    /** What stays in the wood of what becomes of a flaw; null where nothing does. */
    public static function binderOf(Flaw $flaw, Part $part, Tables $tables): ?Binder
    {
        foreach (self::of($flaw, $part, $tables) as $repair) {
            if ($repair->fill !== null) {
                return $repair->fill->binder;
            }
        }

        return null;
    }

    /** @return list<self> a bed cut, a patch of its own size let in and clamped as long as its glue wants, cut flush */
    private static function patched(Flaw $flaw, Part $part, Tables $tables): array
    {
        $rates = $tables->calibration->repairs;
        $joints = $tables->calibration->joints;
        $glue = $flaw->glue ?? JointGlue::Wood;
        $deep = min(($flaw->depthMm ?? $rates->usualDepthMm) + $rates->patchUnderMm, self::wallMm($flaw, $part));
        $size = fn (float $mm): Quantity => Quantity::mm($mm + 2 * $rates->patchOverMm);

        return [new self(
            technique: 'patch',
            words: new StepWords(
                new Said('route.repair.let-a-patch-in', ['kind' => Said::lower($flaw->kind->label())]),
                new Said('route.repair.wood-moves-with-wood'), [
                    new Said('route.repair.patch-size', [
                        'long' => $size(self::lengthMm($flaw, $part)),
                        'wide' => $size($flaw->widthMm ?? $rates->usualWidthMm),
                        'thick' => Quantity::mm($deep + $rates->patchOverMm), 'deep' => Quantity::mm($deep),
                    ]),
                    $flaw->offcut === '' ? new Said('route.repair.patch-from-the-same')
                        : new Said('route.repair.patch-from', ['offcut' => $flaw->offcut]),
                    new Said('route.repair.colours-compared-wet'),
                    new Said('route.repair.patch-clamped', [
                        'glue' => $glue->label(), 'clamp' => Quantity::hours($glue->clampHours($joints)),
                        'hours' => Quantity::hours($glue->hours($joints)),
                    ]),
                ],
            ),
            minutes: $rates->patchMinutes + $joints->glueMinutes, wait: Wait::hours($glue->hours($joints)),
            hazards: Hazard::ofProduct($glue->hazards()),
        ), new self(
            technique: 'scrape',
            words: new StepWords(
                new Said('route.repair.cut-patch-flush'), new Said('route.repair.paper-rides-over-hard'),
                [new Said('route.repair.light-shear-cut-freshly')],
            ),
            minutes: $rates->cutAwayMinutes, wait: Wait::none(), hazards: [Hazard::ofDust($part->wood)],
            onLathe: true, goesWith: 'cut-back',
        )];
    }

    /** @return list<self> the pith bored out, a plug glued in, and cut flush */
    private static function plugged(Flaw $flaw, Part $part, Tables $tables): array
    {
        $rates = $tables->calibration->repairs;
        $joints = $tables->calibration->joints;

        return [new self(
            technique: 'patch',
            words: new StepWords(
                new Said('route.repair.bore-the-pith-out', [
                    'across' => Quantity::mm($flaw->widthMm ?? $rates->pithBoreMm),
                ]),
                new Said('route.repair.pith-cracks-on'), [
                    new Said('route.repair.plug-grain-the-same'),
                    new Said('route.joints.with-glue', [
                        'glue' => JointGlue::Wood->label(), 'hours' => Quantity::hours($joints->glueHours),
                    ]),
                ],
            ),
            minutes: $rates->fillMinutes + $joints->glueMinutes, wait: Wait::hours($joints->glueHours), hazards: [],
        ), new self(
            technique: 'scrape',
            words: new StepWords(
                new Said('route.repair.cut-plug-flush'), new Said('route.repair.paper-rides-over-hard'),
                [new Said('route.repair.light-shear-cut-freshly')],
            ),
            minutes: $rates->cutAwayMinutes, wait: Wait::none(), hazards: [Hazard::ofDust($part->wood)],
            onLathe: true, goesWith: 'cut-back',
        )];
    }

    /** @return list<self> the fill, and where it stands proud the cut that takes it back level */
    private static function filled(self $fill, Flaw $flaw, Part $part, RepairRates $rates): array
    {
        return $fill->fill?->standsProud !== true ? [$fill] : [$fill, new self(
            technique: 'scrape',
            words: new StepWords(
                new Said('route.repair.cut-fill-back-level'),
                new Said('route.repair.paper-rides-over-hard'),
                [new Said('route.repair.light-shear-cut-freshly')],
            ),
            minutes: max(1.0, self::areaMm2($flaw, $part) / 10_000 * $rates->recutMinutesPer100Cm2),
            wait: Wait::none(),
            hazards: [Hazard::ofDust($part->wood)],
            onLathe: true,
            goesWith: 'cut-back',
        )];
    }

    private static function fill(Flaw $flaw, Part $part, Tables $tables): self
    {
        $rates = $tables->calibration->repairs;
        $width = $flaw->widthMm
            ?? ($flaw->kind === FlawKind::Crack && $flaw->with !== FillWith::Epoxy
                && $flaw->with !== FillWith::PowderCa
            ? $rates->hairlineWidthMm : $rates->usualWidthMm);
        if ($flaw->with === FillWith::ThinCa || ($flaw->with === null && $width <= $rates->hairlineWidthMm)) {
            return self::hairline($flaw, $part, $tables);
        }
        $depth = min($flaw->depthMm ?? $rates->usualDepthMm, self::wallMm($flaw, $part));
        $ml = 0.5 * $width * $depth * self::lengthMm($flaw, $part) / 1000;
        $taken = $flaw->widthMm === null || $flaw->depthMm === null
            ? new Said('route.repair.taken-wide-deep-since', [
                'width' => Quantity::mm($width),
                'depth' => Quantity::mm($depth),
            ]) : null;

        return $flaw->with === FillWith::Epoxy || ($flaw->with === null && $ml >= $rates->epoxyFromMl)
            ? self::epoxy($flaw, $rates, $ml, $taken, $tables->coatings->binder('epoxy'))
            : self::powder(
                flaw: $flaw, rates: $rates, ml: $ml, fills: (int) max(1, ceil($depth / $rates->fillDepthMm)),
                taken: $taken, tables: $tables,
            );
    }

    private static function powder(
        Flaw $flaw,
        RepairRates $rates,
        float $ml,
        int $fills,
        ?Said $taken,
        Tables $tables,
    ): self {
        $ca = $tables->coatings->binder('powder-ca');
        $stoneG = $ml * $rates->powderPacking * $rates->stoneGPerMl;

        return new self(
            technique: 'fill',
            words: new StepWords(
                new Said('route.repair.fill-powder-ca', ['kind' => Said::lower($flaw->kind->label())]),
                new Said('route.repair.before-last-sanding-before'),
                self::said(
                    new Said($stoneG < self::PINCH_G ? 'route.repair.pinch-of-powder'
                        : 'route.repair.powder-about-stone-sieved', [
                            'powder' => Quantity::ml($ml * $rates->powderPacking),
                            'stone' => Quantity::grams($stoneG),
                            'sieve' => Quantity::mm($rates->sieveMm),
                            'fills' => Quantity::count($fills),
                            'fillDepth' => Quantity::mm($rates->fillDepthMm),
                        ]),
                    new Said('route.repair.seal-pale-wood-round'), $taken,
                    $flaw->rgb === null ? null : new Said('route.repair.coloured'),
                ),
            ),
            fill: new Fill($ca, Amount::ofThin($ml * (1 - $rates->powderPacking)), standsProud: true),
            minutes: $rates->fillMinutes * $fills,
            wait: Wait::hours($ca->setHours, null, $ca->kinetics()),
            hazards: [...Hazard::ofProduct($ca->hazards), Hazard::HardDust],
        );
    }

    private static function epoxy(Flaw $flaw, RepairRates $rates, float $ml, ?Said $taken, Binder $epoxy): self
    {
        return new self(
            technique: 'fill',
            words: new StepWords(
                new Said(
                    'route.repair.fill-epoxy', ['kind' => Said::lower($flaw->kind->label())],
                ),
                new Said('route.repair.before-last-sanding-before-colour'),
                self::said(
                    new Said('route.repair.dam-back-tape-mix'), $taken,
                    $flaw->rgb === null ? null : new Said('route.repair.coloured'),
                ),
            ),
            fill: new Fill($epoxy, Amount::of($ml, AmountUnit::Millilitres), standsProud: true),
            minutes: $rates->epoxyMinutes,
            wait: Wait::hours($epoxy->setHours, null, $epoxy->kinetics()),
            hazards: Hazard::ofProduct($epoxy->hazards),
        );
    }

    /** Thin CA drawn into a crack, or along both sides of an edge. */
    private static function hairline(Flaw $flaw, Part $part, Tables $tables, ?string $goesWith = null): self
    {
        $rates = $tables->calibration->repairs;
        $ca = $tables->coatings->binder('thin-ca');
        $sides = $flaw->kind === FlawKind::BarkEdge ? 2 : 1;
        $cm = self::lengthMm($flaw, $part) / 10 * $sides;

        return new self(
            technique: $flaw->wish === Wish::Fill ? 'fill' : 'stabilise',
            words: new StepWords(
                $sides === 2 ? new Said('route.repair.run-thin-ca-along')
                : new Said('route.repair.run-thin-ca-into', ['kind' => Said::lower($flaw->kind->label())]),
                new Said($goesWith === self::AGAIN ? 'route.repair.opened-again'
                    : 'route.repair.before-last-sanding-before-colour-oil'),
                self::said(
                    new Said('route.repair.seal-pale-wood-round-first'),
                    self::bottles($cm * $rates->hairlineCaMlPerCm, $rates),
                ),
            ),
            goesWith: $goesWith, fill: new Fill($ca, Amount::ofThin($cm * $rates->hairlineCaMlPerCm)),
            minutes: max($rates->hairlineMinutes, $rates->hairlineMinutes * $cm / 10),
            wait: Wait::hours($ca->setHours, null, $ca->kinetics()),
            hazards: Hazard::ofProduct($ca->hazards),
        );
    }

    /** @return list<self> */
    private static function stiffen(Flaw $flaw, Part $part, Tables $tables): array
    {
        $rates = $tables->calibration->repairs;
        $ca = $tables->coatings->binder('thin-ca');
        $cm2 = self::areaMm2($flaw, $part) / 100;

        return [
            new self(
                technique: 'stabilise',
                words: new StepWords(
                    new Said('route.repair.stiffen-soft-patch-thin'),
                    new Said('route.repair.soft-fibres-fold-under'),
                    self::said(
                        new Said('route.repair.until-drinks-no-more'),
                        self::bottles($cm2 * $rates->softCaMlPerCm2, $rates),
                    ),
                ),
                fill: new Fill($ca, Amount::ofThin($cm2 * $rates->softCaMlPerCm2)),
                minutes: max(1.0, $cm2 * $rates->softMinutesPerCm2),
                wait: Wait::hours($rates->softHours),
                hazards: Hazard::ofProduct($ca->hazards),
            ),
            new self(
                technique: 'scrape',
                words: new StepWords(
                    new Said('route.repair.shear-scrape-stiffened-patch'),
                    new Said('route.repair.clean-cut-over-stiffened'),
                    [new Said('route.repair.light-cut-freshly-ground')],
                ),
                minutes: max(1.0, $cm2 / 100 * $rates->recutMinutesPer100Cm2),
                wait: Wait::none(),
                hazards: [Hazard::ofDust($part->wood)],
                onLathe: true,
                goesWith: 'scrape',
            ),
        ];
    }

    /** The blank centred so that its pith lies in what comes away. */
    private static function offCentre(Part $part, RepairRates $rates): self
    {
        $off = $part->profile->diameterMm() / 2 + $rates->pithClearMm;

        return new self(
            technique: 'mount',
            words: new StepWords(
                new Said('route.repair.off-the-pith'), new Said('route.repair.pith-cracks-on'), [
                    new Said('route.repair.centres-beside-it', [
                        'off' => Quantity::mm($off), 'wide' => Quantity::mm(4 * $off - 2 * $rates->pithClearMm),
                    ]),
                    new Said('route.repair.out-of-balance-until'),
                ],
            ),
            minutes: $rates->offCentreMinutes, wait: Wait::none(), hazards: [],
        );
    }

    private static function cut(Flaw $flaw, Part $part, RepairRates $rates): self
    {
        $isTorn = $flaw->kind === FlawKind::Torn;
        $minutes = $isTorn
            ? max(1.0, self::areaMm2($flaw, $part) / 10_000 * $rates->recutMinutesPer100Cm2) : $rates->cutAwayMinutes;

        return new self(
            technique: $isTorn ? 'scrape' : 'shape',
            words: new StepWords(
                $isTorn ? new Said('route.repair.cut-torn-grain-again')
                : new Said(
                    'route.repair.cut-away', ['kind' => Said::lower($flaw->kind->label())],
                ),
                new Said($isTorn ? 'route.repair.torn-grain-cut-not' : 'route.repair.while-there-wood-take'),
                [
                    $isTorn ? new Said(
                        'route.repair.light-shear-cut-freshly-ground',
                    ) : self::wallLeft($flaw, $part),
                ],
            ),
            minutes: $minutes,
            wait: Wait::none(),
            hazards: [Hazard::ofDust($part->wood)],
            onLathe: true,
        );
    }

    /** What a cut leaves of the wall; how to find out where nobody said how deep the flaw goes. */
    private static function wallLeft(Flaw $flaw, Part $part): Said
    {
        $wall = self::wallMm($flaw, $part);

        return $flaw->depthMm === null || ! is_finite($wall) ? new Said('route.repair.check-wall-before-after')
            : new Said('route.repair.wall-before-after', [
                'wall' => Quantity::mm($wall), 'deep' => Quantity::mm($flaw->depthMm),
                'left' => Quantity::mm(max(0.0, $wall - $flaw->depthMm)),
            ]);
    }

    private static function bottles(float $ml, RepairRates $rates): ?Said
    {
        $bottles = (int) ceil($ml / $rates->caBottleMl);

        return $ml / Amount::DROP_ML < Amount::MOST_DROPS ? null : new Said('route.repair.about-bottle-hand', [
            'ml' => Quantity::ml($ml),
            'bottles' => Quantity::count($bottles),
            'caBottle' => Quantity::ml($rates->caBottleMl),
        ]);
    }

    private static function lengthMm(Flaw $flaw, Part $part): float
    {
        // What runs round the part is as long as its way round.
        return $flaw->kind->interrupts() || $flaw->azimuthDeg !== null
            ? max($flaw->lengthMm(), $flaw->shareOfTurn() * 2 * M_PI * self::radiusMm($flaw, $part))
            : $flaw->lengthMm();
    }

    private static function areaMm2(Flaw $flaw, Part $part): float
    {
        return $flaw->lengthMm() * ($flaw->azimuthDeg === null && $flaw->widthMm !== null
            ? $flaw->widthMm : $flaw->shareOfTurn() * 2 * M_PI * self::radiusMm($flaw, $part));
    }

    private static function radiusMm(Flaw $flaw, Part $part): float
    {
        $middle = ($flaw->fromMm + $flaw->toMm) / 2;

        return $flaw->on->curve($part->profile)?->at($middle)->r ?? 0.0;
    }

    /** The wood under a flaw, mm: what is filled goes no deeper; INF where it is solid. */
    private static function wallMm(Flaw $flaw, Part $part): float
    {
        $across = match ($flaw->on) {
            Surface::Inner => $part->profile->outer,
            Surface::Rim => null,
            default => $part->profile->inner,
        };
        $curve = $flaw->on->curve($part->profile);

        return $across === null || $curve === null
            ? INF : $across->tree()->nearest($curve->at(($flaw->fromMm + $flaw->toMm) / 2))[0];
    }

    /** @return list<Said> */
    private static function said(?Said ...$lines): array
    {
        return array_values(array_filter($lines, fn (?Said $line): bool => $line !== null));
    }
}
