<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Solvent;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\Wish;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;

/**
 * The sanding of a part, the raising of its grain and the look that ends it.
 *
 * @internal
 */
final class Sanded
{
    /** Which face comes first where nothing else decides: the inside, while all the wood there is still stands. */
    private const RANKS = ['inside', 'bore', 'rim', 'top', 'outside', 'foot'];

    /** @return list<Operation> */
    public static function of(Subject $subject): array
    {
        return [
            ...array_map(
                fn (Sanding $sanding): Operation => self::sand($subject, $sanding), array_values($subject->sandings),
            ),
            ...self::settled($subject),
            ...self::wipedClean($subject),
        ];
    }

    /** @return list<Precedence> */
    public static function chains(Subject $subject): array
    {
        $damp = $subject->id('raise-grain');

        return self::wetFaces($subject) === [] ? [] : [Precedence::rule(
            $damp, $subject->id('knock-back'), self::dryWait($subject), 'Once the wood is dry again.',
        )];
    }

    private static function sand(Subject $subject, Sanding $sanding): Operation
    {
        $face = $sanding->zone->id;
        $isEnd = $subject->part->holding === Holding::BetweenCentres && in_array($face, ['foot', 'top'], true);
        $isStopped = $sanding->stopped() || $isEnd;
        $way = $sanding->way;

        return new Operation(
            $subject->id('sand', $face), $subject->technique($way->wet === null ? 'sand' : 'wet-sand'), StepKind::Sand,
            $subject->part->id, $subject->places([$face]), self::title($sanding),
            max(1.0, $sanding->minutes()), $face === 'foot'
                ? 'Once it is free, like the rest: the foot is the first thing a buyer turns up.'
                : 'Scratches left now show through all that comes on it.',
            30.0 + (int) array_search($face, self::RANKS, true) / 10,
            hazards: [
                ...$way->wet === null ? [Hazard::ofDust($subject->part->wood)] : [],
                ...$isStopped ? [] : $subject->spinning(),
                ...$way->wet === Lubricant::Water ? [Hazard::WetElectrics] : [],
                ...$subject->school->choice('clean', 'cloth') === 'air' ? [Hazard::CompressedAir] : [],
            ],
            how: self::how($subject, $sanding, $isStopped),
            rpm: $isStopped ? null : $way->rpm,
            work: match (true) {
                $isEnd => Work::Hand,
                $sanding->stopped() => Work::Locked,
                default => Work::Spinning,
            },
            zone: $face,
            wait: $way->wet === Lubricant::Water ? self::dryWait($subject) : null,
            waitFor: $way->wet === Lubricant::Water ? 'to dry' : '',
            hold: match (true) {
                $isEnd => 'by hand, with the grain',
                $way->method === Method::SmallDisc => 'lathe stopped, small disc in a drill: a broken edge is never '
                    .'sanded spinning',
                $sanding->stopped() => $way->method->label(),
                $way->method === Method::Hand => 'spinning; the last grit along the grain, lathe stopped',
                default => $way->method->label().'; the last grit along the grain, lathe stopped',
            },
            brief: "sand the $face", abrading: $sanding->abrading($subject->part->wood->pore, self::RANKS),
        );
    }

    private static function title(Sanding $sanding): string
    {
        $names = fn (bool $forTorn): string => implode(', ', array_map(
            fn (Rung $rung): string => $rung->grit->name,
            array_filter($sanding->rungs(), fn (Rung $rung): bool => $rung->isForTorn === $forTorn),
        ));
        $torn = $names(true);

        $rest = $names(false);

        return "Sand the {$sanding->zone->id}".match (true) {
            $torn === '' && $rest === '' => '',
            $torn === '' => ", $rest",
            $rest === '' => ", $torn where it is torn",
            default => ", $torn where it is torn, then $rest",
        };
    }

    /** @return list<string> */
    private static function how(Subject $subject, Sanding $sanding, bool $isStopped): array
    {
        $discs = $sanding->discs();
        $way = $sanding->way;
        $torn = array_filter($sanding->rungs(), fn (Rung $rung): bool => $rung->isForTorn);

        return Subject::said(
            $sanding->missing === null || $sanding->own !== null ? '' : $sanding->missing.($sanding->borrowed
                ? ' The minutes are those of the usual set.' : ' These grits go as far as the shelf does.'),
            sprintf('%d %s; take every scratch of the grit before.', $discs, $discs === 1 ? 'disc' : 'discs'),
            $isStopped ? '' : 'Sweep up first and take the rest away.',
            $torn === [] ? '' : 'The torn quarters first and alone, lathe stopped: sanding them spinning takes the '
                .'sound ones down with them.',
            $sanding->with === [] ? '' : sprintf(
                'In one go with the %s: each grit is changed once for all.', implode(' and the ', $sanding->with),
            ),
            match (true) {
                $way->wet === Lubricant::Oil => 'Paper wetted with the finishing oil: no dust, and the wood is oiled.',
                $way->wet === Lubricant::Water => 'Paper wetted with water: no dust; the wood is damp, and its grain '
                    .'raised.',
                $subject->isTurnedOnce() => 'Wet wood clogs paper: mesh blown clean, or oil under the paper where oil '
                    .'is the finish.',
                default => '',
            },
            'Between grits: '.self::cleaned($subject).', look along the surface under a low raking light, pencil round '
                .'what is left.',
            in_array($way->method, [Method::Hand, Method::AlongGrain], true) ? '' : $way->method->how(),
            $way->isThin && ! $way->method->isPowered()
                ? 'So thin a wall heats through: light, moving, and stop while it is still cool to the hand.' : '',
            $way->objection === null ? '' : sprintf('Not %s: %s.', Method::from(
                $subject->part->surface->of($sanding->zone->id)->method->value ?? Method::Hand->value,
            )->label(), $way->objection),
            ! $isStopped && $sanding->tooSlowForPower()
                ? 'The surface moves too slowly here for a power disc: sand by hand.' : '',
        );
    }

    /** How the maker cleans a surface between grits. */
    private static function cleaned(Subject $subject): string
    {
        return match ($subject->school->choice('clean', 'cloth')) {
            'air' => 'blow it off with dry air',
            'alcohol' => 'wipe off with alcohol and let it flash',
            default => 'wipe off',
        };
    }

    /** @return list<Operation> the grain raised and cut back where water will come on it */
    private static function settled(Subject $subject): array
    {
        $faces = self::wetFaces($subject);
        if ($faces === []) {
            return [];
        }
        $coats = $subject->calibration->coats;
        $places = $subject->places($faces);

        return [
            new Operation(
                $subject->id('raise-grain'), $subject->technique('raise-grain'), StepKind::RaiseGrain,
                $subject->part->id, $places, 'Damp the wood to raise the grain',
                1.0 + $subject->minutesOver($coats->dampMinutesPer100Cm2, $faces),
                'Water will raise the fibres anyway: better now than under the colour or the coat.', 40.0,
                self::dryWait($subject), 'to dry', zone: implode(', ', $faces), brief: 'raise the grain',
            ),
            new Operation(
                $subject->id('knock-back'), $subject->technique('knock-back'), StepKind::RaiseGrain,
                $subject->part->id, $places, 'Knock the raised grain back with the last grit',
                1.0 + $subject->minutesOver($coats->knockBackMinutesPer100Cm2, $faces),
                'Only the standing fibres go; stop before bare new wood shows.', 41.0,
                hazards: [Hazard::ofDust($subject->part->wood)], zone: implode(', ', $faces),
                hold: 'by hand, along the grain', brief: 'knock the grain back',
            ),
        ];
    }

    private static function dryWait(Subject $subject): Wait
    {
        return Wait::hours(
            $subject->calibration->bench->dampHours, null, Kinetics::of(1.5, Humidity::WaterBorne),
        );
    }

    /** @return list<string> faces that a coat or a colour in water comes on */
    private static function wetFaces(Subject $subject): array
    {
        $wet = [];
        foreach ($subject->part->coatPlans as $plan) {
            $wet = [...$wet, ...$plan->first()?->solvent === Solvent::Water ? $plan->zones : []];
        }
        foreach ($subject->part->marks as $mark) {
            if ($mark->stain?->raisesGrain === true && $mark->stain->carrier === Solvent::Water) {
                $wet[] = $mark->band->on->zone();
            }
        }

        return array_values(array_filter(
            Face::names(),
            fn (string $face): bool => in_array($face, $wet, true) && $face !== 'foot' && $subject->has($face)
                && ! $subject->part->surface->leaves($face),
        ));
    }

    /**
     * Every face that is free is looked over before any coat, all in one, but for what is coated before the rest is
     * turned.
     *
     * @return list<Operation>
     */
    private static function wipedClean(Subject $subject): array
    {
        if ($subject->isPlug()) {
            return [];
        }
        $free = array_values(array_filter(
            $subject->faces(), fn (string $face): bool => ! $subject->isCovered($face),
        ));
        $wiped = [];
        foreach ($subject->plansBeforeReversing() as $plan) {
            $wiped[] = self::wipeClean($subject, "$plan->id/wipe-clean", $plan->zones, true);
            $free = array_values(array_diff($free, $plan->zones));
        }
        $isCoated = array_filter(
            $subject->part->coatPlans, fn (CoatPlan $plan): bool => $plan->coats !== [],
        ) !== [];

        return [...$wiped, self::wipeClean($subject, $subject->id('wipe-clean'), $free, $isCoated)];
    }

    /** @param  list<string>  $faces */
    private static function wipeClean(Subject $subject, string $id, array $faces, bool $isCoated): Operation
    {
        $open = array_map(
            fn (Flaw $flaw): string => lcfirst($flaw->kind->label()),
            array_values(array_filter($subject->part->flaws, fn (Flaw $flaw): bool => $flaw->wish === Wish::Keep
                && $flaw->kind->isOpen() && in_array($flaw->on->zone(), $faces, true))),
        );

        return new Operation(
            $id, $subject->technique('wipe-clean'), StepKind::DustOff, $subject->part->id,
            $subject->places($faces), 'Dust off and look it over under a raking light',
            $subject->calibration->bench->lookMinutes,
            $isCoated ? 'The last chance to see a scratch before a coat shows it for good.'
                : 'The last chance to take a scratch out while the piece is still held.',
            70.0, hazards: [
                Hazard::ofDust($subject->part->wood),
                ...$open === [] ? [] : [Hazard::CompressedAir],
                ...match ($subject->school->choice('clean', 'cloth')) {
                    'alcohol' => [Hazard::SolventVapour, Hazard::Flame],
                    'air' => [Hazard::CompressedAir],
                    default => [],
                },
            ],
            how: Subject::said(
                match ($subject->school->choice('clean', 'cloth')) {
                    'alcohol' => 'Wipe with alcohol: it lifts the dust, shows what scratches are left, flashes off.',
                    'air' => 'Blow it off with dry air, then a clean dry cloth.',
                    default => 'A clean dry cloth, turned often.',
                },
                $open === [] ? '' : sprintf(
                    'Blow the open %s out: dust and slurry that lodge there dry pale under a coat, and oil bleeds back '
                        .'out of them for days.', implode(' and the ', array_unique($open)),
                ),
            ), zone: implode(', ', $faces), brief: 'dust off',
        );
    }
}
