<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\Wiping;
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
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
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
    public static function of(PartContext $subject): array
    {
        return [
            ...array_merge(...array_map(
                fn (Sanding $sanding): array => self::sanded($subject, $sanding), array_values($subject->sandings),
            )),
            ...self::settled($subject),
            ...self::wipedClean($subject),
        ];
    }

    /** @return list<Precedence> */
    public static function chains(PartContext $subject): array
    {
        $damp = $subject->id('raise-grain');
        $chains = self::wetFaces($subject) === [] ? [] : [Precedence::rule(
            $damp, $subject->id('knock-back'), self::dryWait($subject), 'Once the wood is dry again.',
        )];
        foreach ($subject->sandings as $sanding) {
            $before = [];
            foreach (SandingRun::all($subject, $sanding) as $run) {
                foreach ($before as $earlier) {
                    $chains[] = Precedence::rule(
                        $earlier, $run->id, Wait::none(), 'Coarse grits come before fine ones.',
                    );
                }
                $before = [$run->id];
                foreach ($run->breaks as $break) {
                    $wipe = self::wipeId($subject, $sanding, $break);
                    $chains[] = Precedence::rule(
                        $run->id, $wipe, Wait::none(), 'There is nothing to wipe off before.',
                    );
                    $before[] = $wipe;
                }
            }
            if ($sanding->way->wet !== null) {
                $chains[] = Precedence::rule(
                    $subject->id('sand', $sanding->zone->id), $subject->id('slurry', $sanding->zone->id),
                    Wait::hours(0, $subject->calibration->bench->slurryHours), 'Left to dry it sets in the pores.',
                );
            }
        }

        return $chains;
    }

    /** @return list<Operation> in as many goes as the maker breaks it off */
    private static function sanded(PartContext $subject, Sanding $sanding): array
    {
        $operations = [];
        foreach (SandingRun::all($subject, $sanding) as $n => $run) {
            $operations[] = self::sand($subject, $sanding, $run, $n);
            foreach ($run->breaks as $break) {
                $operations[] = self::wipe($subject, $sanding, $break, $n);
            }
        }

        return $sanding->way->wet === null ? $operations : [...$operations, self::slurry($subject, $sanding)];
    }

    private static function wipeId(PartContext $subject, Sanding $sanding, SandingBreak $break): string
    {
        return $subject->id("wipe-$break->until", $sanding->zone->id);
    }

    private static function wipe(PartContext $subject, Sanding $sanding, SandingBreak $break, int $number): Operation
    {
        $face = $sanding->zone->id;

        return new Operation(
            self::wipeId($subject, $sanding, $break), $subject->technique('wipe-clean'), StepKind::DustOff,
            $subject->part->id, $subject->places([$face]), "$break->title, $face",
            1.0 + $subject->minutesOver($subject->calibration->coats->wipeOffMinutesPer100Cm2, [$face]),
            $break->because, self::rank($face, $number) + 0.005,
            $break->with === Wiping::Alcohol ? Wait::hours($subject->calibration->bench->flashHours) : null, 'to flash',
            hazards: [Hazard::ofDust($subject->part->wood), ...self::wipingHazards($break->with)],
            how: PartContext::said($break->with->how(), $break->insteadOf === null ? ''
                : "$break->insteadOf is not among the grits of this face: it comes after the one before it."),
            zone: $face, brief: 'wipe off', character: Character::done(Work::Hand)
                ->needs(State::Shaped, 'It is wiped as it is sanded.')->dusty(),
        );
    }

    /** What wet paper leaves on the work: fine dust in oil or water. */
    private static function slurry(PartContext $subject, Sanding $sanding): Operation
    {
        $face = $sanding->zone->id;
        $isOil = $sanding->way->wet === Lubricant::Oil;

        return new Operation(
            $subject->id('slurry', $face), $subject->technique('wipe-off'), StepKind::DustOff, $subject->part->id,
            $subject->places([$face]), "Wipe the slurry off, $face",
            1.0 + $subject->minutesOver($subject->calibration->coats->wipeOffMinutesPer100Cm2, [$face]),
            'While it is wet: dry, it stands pale in the pores under every coat.', self::rank($face, 9),
            $isOil ? null : self::dryWait($subject), $isOil ? '' : 'to dry',
            hazards: $isOil ? [Hazard::Rags] : [],
            how: [$isOil ? 'A clean cloth across the grain first, then along it; leave it to fill the pores only where '
                .'you want them filled.' : 'A damp cloth, rinsed often, then a dry one.'],
            zone: $face, brief: 'wipe the slurry off', character: Character::done(Work::Hand)
                ->needs(State::Shaped, 'It comes of sanding.')->leaves(State::Smooth),
        );
    }

    /** @return list<Hazard> */
    private static function wipingHazards(Wiping $with): array
    {
        return match ($with) {
            Wiping::Alcohol => [Hazard::SolventVapour, Hazard::Flame],
            Wiping::Air => [Hazard::CompressedAir],
            Wiping::Cloth => [],
        };
    }

    private static function rank(string $face, int $number): float
    {
        return 30.0 + (int) array_search($face, self::RANKS, true) / 10 + $number / 100;
    }

    private static function sand(PartContext $subject, Sanding $sanding, SandingRun $run, int $number): Operation
    {
        $face = $sanding->zone->id;
        $isEnd = $subject->part->holding === Holding::BetweenCentres && in_array($face, ['foot', 'top'], true);
        $isStopped = $sanding->stopped() || $isEnd;
        $way = $sanding->way;

        return new Operation(
            $run->id, $subject->technique($way->wet === null ? 'sand' : 'wet-sand'), StepKind::Sand,
            $subject->part->id, $subject->places([$face]), self::title($sanding, $run),
            max(1.0, $run->minutes), $face === 'foot'
                ? 'Once it is free, like the rest: the foot is the first thing a buyer turns up.'
                : 'Scratches left now show through all that comes on it.',
            self::rank($face, $number),
            hazards: [
                ...$way->wet === null ? [Hazard::ofDust($subject->part->wood)] : [],
                ...$isStopped ? [] : $subject->spinning(),
                ...$way->wet === Lubricant::Water ? [Hazard::WetElectrics] : [],
                ...$way->wet === Lubricant::Oil ? [Hazard::Rags] : [],
                ...$subject->wiping() === Wiping::Air ? [Hazard::CompressedAir] : [],
            ],
            how: self::how($subject, $sanding, $run, $isStopped),
            rpm: $isStopped ? null : $way->rpm,
            work: match (true) {
                $isEnd => Work::Hand,
                $sanding->stopped() => Work::Locked,
                default => Work::Spinning,
            },
            zone: $face,
            hold: match (true) {
                $isEnd => 'by hand, with the grain',
                $way->method === Method::SmallDisc => 'lathe stopped, small disc in a drill: a broken edge is never '
                    .'sanded spinning',
                $sanding->stopped() => $way->method->label(),
                default => ($way->method === Method::Hand ? 'spinning' : $way->method->label())
                    .($run->isLast ? '; the last grit along the grain, lathe stopped' : ''),
            },
            brief: "sand the $face",
            abrading: $sanding->abrading($subject->part->wood->pore, self::RANKS)->only($run->gritNames()),
        );
    }

    private static function title(Sanding $sanding, SandingRun $run): string
    {
        $names = fn (bool $forTorn): string => implode(', ', array_map(
            fn (Rung $rung): string => $rung->grit->name,
            array_filter($run->rungs, fn (Rung $rung): bool => $rung->isForTorn === $forTorn),
        ));
        $torn = $names(true);

        $rest = $names(false);

        return "Sand the {$sanding->zone->id}".($run->isFirst ? '' : ' on').match (true) {
            $torn === '' && $rest === '' => '',
            $torn === '' => ", $rest",
            $rest === '' => ", $torn where it is torn",
            default => ", $torn where it is torn, then $rest",
        };
    }

    /** @return list<string> */
    private static function how(PartContext $subject, Sanding $sanding, SandingRun $run, bool $isStopped): array
    {
        $discs = $run->discs();
        $way = $sanding->way;
        $torn = array_filter($run->rungs, fn (Rung $rung): bool => $rung->isForTorn);

        return PartContext::said(
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
            $run->isOverSealer ? 'Through the sealer: a light hand and fresh paper, which clogs soon.' : '',
            count($run->rungs) < 2 && ! $run->isFirst ? '' : 'Between grits: '.$subject->wiping()->between()
                .', look along the surface under a low raking light, pencil round what is left.',
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

    /** @return list<Operation> the grain raised and cut back where water will come on it */
    private static function settled(PartContext $subject): array
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

    private static function dryWait(PartContext $subject): Wait
    {
        return Wait::hours(
            $subject->calibration->bench->dampHours, null, Kinetics::of(1.5, Humidity::WaterBorne),
        );
    }

    /** @return list<string> faces that a coat or a colour in water comes on */
    private static function wetFaces(PartContext $subject): array
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
    private static function wipedClean(PartContext $subject): array
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
    private static function wipeClean(PartContext $subject, string $id, array $faces, bool $isCoated): Operation
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
                ...self::wipingHazards($subject->wiping()),
            ],
            how: PartContext::said(
                $subject->wiping()->how(),
                $open === [] ? '' : sprintf(
                    'Blow the open %s out: dust and slurry that lodge there dry pale under a coat, and oil bleeds back '
                        .'out of them for days.', implode(' and the ', array_unique($open)),
                ),
            ), zone: implode(', ', $faces), brief: 'dust off',
        );
    }
}
