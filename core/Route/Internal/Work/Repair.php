<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Calibration\RepairRates;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Coating\Binder;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use HonestGrain\Piece\Wish;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;

/**
 * What a flaw takes: thin CA into a hairline, powder and CA or epoxy into what is wider, CA and a shear scrape on a
 * soft patch, a cut where the wood is torn. Workshop figures of the calibration.
 *
 * @internal
 */
final readonly class Repair
{
    /**
     * @param  string|null  $goesWith  what it is besides the flaw's main operation
     * @param  list<Hazard>  $hazards
     * @param  list<string>  $how
     */
    private function __construct(
        public string $technique,
        public ?string $goesWith,
        public string $title,
        public float $minutes,
        public Wait $wait,
        public string $because,
        public bool $onLathe,
        public array $hazards,
        public array $how,
        public ?string $product = null,
        public ?Amount $amount = null,
        public bool $standsProud = false,
        public ?Binder $binder = null,
    ) {
    }

    /** @return list<self> in order; none for a flaw that is kept */
    public static function of(Flaw $flaw, Part $part, Tables $tables): array
    {
        $rates = $tables->calibration->repairs;

        return match ($flaw->wish) {
            Wish::Keep => [],
            Wish::CutAway => [self::cut($flaw, $part, $rates)],
            Wish::Stabilise => $flaw->kind === FlawKind::Soft
                ? self::stiffen($flaw, $part, $tables) : [self::hairline($flaw, $part, $tables)],
            Wish::Fill => self::filled(self::fill($flaw, $part, $tables), $flaw, $part, $rates),
        };
    }

    /** What stays in the wood of what becomes of a flaw; null where nothing does. */
    public static function binderOf(Flaw $flaw, Part $part, Tables $tables): ?Binder
    {
        foreach (self::of($flaw, $part, $tables) as $repair) {
            if ($repair->binder !== null) {
                return $repair->binder;
            }
        }

        return null;
    }

    /** @return list<self> the fill, and where it stands proud the cut that takes it back level */
    private static function filled(self $fill, Flaw $flaw, Part $part, RepairRates $rates): array
    {
        return ! $fill->standsProud ? [$fill] : [$fill, new self(
            'scrape', 'cut-back', "Cut the fill back level, {$flaw->at()}",
            max(1.0, self::areaMm2($flaw, $part) / 10_000 * $rates->recutMinutesPer100Cm2), Wait::none(),
            'Paper rides over a hard fill and digs into the wood beside it: it is cut level first.', true,
            [Hazard::ofDust($part->wood)], ['A light shear cut, freshly ground edge; stop when tool meets wood.'],
        )];
    }

    private static function fill(Flaw $flaw, Part $part, Tables $tables): self
    {
        $rates = $tables->calibration->repairs;
        $width = $flaw->widthMm
            ?? ($flaw->kind === FlawKind::Crack && $flaw->with !== 'epoxy' && $flaw->with !== 'powder-ca'
            ? $rates->hairlineWidthMm : $rates->usualWidthMm);
        if ($flaw->with === 'thin-ca' || ($flaw->with === null && $width <= $rates->hairlineWidthMm)) {
            return self::hairline($flaw, $part, $tables);
        }
        $depth = min($flaw->depthMm ?? $rates->usualDepthMm, self::wallMm($flaw, $part));
        $ml = 0.5 * $width * $depth * self::lengthMm($flaw, $part) / 1000;
        $taken = $flaw->widthMm === null || $flaw->depthMm === null
            ? sprintf('Taken as %s mm wide and %s mm deep, since that is not said.', $width, $depth) : '';

        return $flaw->with === 'epoxy' || ($flaw->with === null && $ml >= $rates->epoxyFromMl)
            ? self::epoxy($flaw, $rates, $ml, $taken, $tables->coatings->binder('epoxy'))
            : self::powder($flaw, $rates, $ml, (int) max(1, ceil($depth / $rates->fillDepthMm)), $taken, $tables);
    }

    private static function powder(
        Flaw $flaw,
        RepairRates $rates,
        float $ml,
        int $fills,
        string $taken,
        Tables $tables,
    ): self {
        $ca = $tables->coatings->binder('powder-ca');

        return new self(
            'fill', null, "Fill the {$flaw->kind->value} with powder and CA, {$flaw->at()}",
            $rates->fillMinutes * $fills, Wait::hours($ca->setHours, null, $ca->kinetics()),
            'Before the last sanding, before colour, and never after oil: nothing holds in an oiled crack.', false,
            [...Hazard::ofProduct($ca->hazards), Hazard::HardDust],
            self::said(
                sprintf(
                    '%.2f mL of powder (about %.1f g of stone, sieved to %s mm) in %d %s of at most %s mm, CA run in '
                        .'after each.', $ml * $rates->powderPacking,
                    $ml * $rates->powderPacking * $rates->stoneGPerMl, $rates->sieveMm, $fills,
                    $fills === 1 ? 'fill' : 'fills', $rates->fillDepthMm,
                ),
                'Seal pale wood round it first: CA stains what it touches.', $taken,
            ),
            $ca->product, Amount::ofThin($ml * (1 - $rates->powderPacking)), true, $ca,
        );
    }

    private static function epoxy(Flaw $flaw, RepairRates $rates, float $ml, string $taken, Binder $epoxy): self
    {
        return new self(
            'fill', null, "Fill the {$flaw->kind->value} with epoxy, {$flaw->at()}", $rates->epoxyMinutes,
            Wait::hours($epoxy->setHours, null, $epoxy->kinetics()),
            'Before the last sanding, before colour, and never after oil: nothing holds in an oiled void.', false,
            Hazard::ofProduct($epoxy->hazards),
            self::said('Dam the back with tape, mix exactly as the label says, and warm out the bubbles.', $taken),
            $epoxy->product, Amount::of($ml, AmountUnit::Millilitres), true, $epoxy,
        );
    }

    /** Thin CA drawn into a crack, or along both sides of an edge. */
    private static function hairline(Flaw $flaw, Part $part, Tables $tables): self
    {
        $rates = $tables->calibration->repairs;
        $ca = $tables->coatings->binder('thin-ca');
        $sides = $flaw->kind === FlawKind::BarkEdge ? 2 : 1;
        $cm = self::lengthMm($flaw, $part) / 10 * $sides;

        return new self(
            $flaw->wish === Wish::Fill ? 'fill' : 'stabilise', null,
            ($sides === 2 ? 'Run thin CA along both sides of the bark' : "Run thin CA into the {$flaw->kind->value}")
                .", {$flaw->at()}",
            max($rates->hairlineMinutes, $rates->hairlineMinutes * $cm / 10),
            Wait::hours($ca->setHours, null, $ca->kinetics()),
            'Before the last sanding and before colour and oil: what moves there later opens again.', false,
            Hazard::ofProduct($ca->hazards),
            self::said(
                'Seal pale wood round it first: CA stains what it touches. Accelerator whitens and foams.',
                self::bottles($cm * $rates->hairlineCaMlPerCm, $rates),
            ),
            $ca->product, Amount::ofThin($cm * $rates->hairlineCaMlPerCm), binder: $ca,
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
                'stabilise', null, "Stiffen the soft patch with thin CA, {$flaw->at()}",
                max(1.0, $cm2 * $rates->softMinutesPerCm2), Wait::hours($rates->softHours),
                'Soft fibres fold under the tool and the paper: stiff, they cut clean.', false,
                Hazard::ofProduct($ca->hazards), self::said(
                    'Until it drinks no more; wipe nothing, let it soak.',
                    self::bottles($cm2 * $rates->softCaMlPerCm2, $rates),
                ),
                $ca->product, Amount::ofThin($cm2 * $rates->softCaMlPerCm2), binder: $ca,
            ),
            new self(
                'scrape', 'scrape', "Shear-scrape the stiffened patch, {$flaw->at()}",
                max(1.0, $cm2 / 100 * $rates->recutMinutesPer100Cm2), Wait::none(),
                'A clean cut over the stiffened fibres saves the coarse grits.', true,
                [Hazard::ofDust($part->wood)], ['A light cut with a freshly ground edge, held on the slant.'],
            ),
        ];
    }

    private static function cut(Flaw $flaw, Part $part, RepairRates $rates): self
    {
        $isTorn = $flaw->kind === FlawKind::Torn;
        $minutes = $isTorn
            ? max(1.0, self::areaMm2($flaw, $part) / 10_000 * $rates->recutMinutesPer100Cm2) : $rates->cutAwayMinutes;

        return new self(
            $isTorn ? 'scrape' : 'shape', null,
            ($isTorn ? 'Cut the torn grain again' : "Cut the {$flaw->kind->value} away").", {$flaw->at()}", $minutes,
            Wait::none(), $isTorn
                ? 'Torn grain is cut, not sanded: the coarsest paper would only round it over.'
                : 'While there is wood to take; the shape is measured again afterwards.',
            true, [Hazard::ofDust($part->wood)],
            [
                $isTorn ? 'A light shear cut with a freshly ground edge, with the '
                    .'grain.' : 'Check the wall before and after.',
            ],
        );
    }

    private static function bottles(float $ml, RepairRates $rates): string
    {
        $bottles = (int) ceil($ml / $rates->caBottleMl);

        return $ml / Amount::DROP_ML < Amount::MOST_DROPS ? '' : sprintf(
            'About %.1f mL: %d bottle%s of %.0f mL at hand.', $ml, $bottles, $bottles === 1 ? '' : 's',
            $rates->caBottleMl,
        );
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

    /** @return list<string> */
    private static function said(string ...$lines): array
    {
        return array_values(array_filter($lines, fn (string $line): bool => $line !== ''));
    }
}
