<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Coating\Amount;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Solvent;
use HonestGrain\Decoration\Mark;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Zone;
use HonestGrain\Route\CoatPlan;
use HonestGrain\Route\Holding;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Route\Piece;
use HonestGrain\Route\Purpose;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;

/**
 * Lays the steps of one piece out. Up to the first coat every step follows the one before; each coat
 * plan is then a chain of its own, and the foot waits for all of them.
 *
 * @internal
 */
final class RouteBuilder
{
    /** Oxidative finishes dry this much slower on an oily wood that is not sealed (workshop). */
    private const OILY_WOOD_SLOWS = 2.5;

    /** Minutes per 100 cm² to lay a coat on and wipe or level it (workshop), by how it is applied. */
    private const COAT_MINUTES_PER_100CM2 = ['wiped' => 0.9, 'brushed' => 1.1, 'sprayed' => 0.5, 'poured' => 1.2, 'on the lathe' => 0.8];

    /** @var list<Step> */
    private array $steps = [];

    /** @var list<string> the last step of each chain of coats */
    private array $ends = [];

    /** @param  array<string, Sanding>  $sandings  by zone */
    public function __construct(private readonly Piece $piece, private readonly Measurement $measured, private readonly array $sandings)
    {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        $this->mount();
        foreach ($this->sandings as $sanding) {
            $this->sand($sanding);
        }
        $this->raiseGrain();
        $this->marks();
        $this->beforeCoats();
        $trunk = $this->last()->id;
        foreach ($this->piece->coatPlans as $plan) {
            if ($plan->zones !== ['foot'] && $plan->coats !== []) {
                $this->coats($plan, [new Lag($trunk, $this->last($trunk)->wait)]);
            }
        }
        $this->foot($trunk);

        return $this->steps;
    }

    private function mount(): void
    {
        $this->add(StepKind::Hold, 'hold', 'whole', $this->piece->holding->mount(), 8, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $this->piece->holding->mounted(),
            'because' => $this->piece->holding->because(),
            'hazards' => [Hazard::Lathe],
        ]);
    }

    private function sand(Sanding $sanding): void
    {
        $zone = $sanding->zone;
        $ladder = $sanding->chosen();
        $grits = $ladder === null ? [] : $ladder->gritNames();
        $this->add(StepKind::Sand, "sand-$zone->id", $zone->id, 'Sand the '.$zone->id.($grits === [] ? '' : ', '.implode(', ', $grits)), $ladder === null ? 0 : $ladder->totalMinutes, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $this->piece->holding->mounted().', spinning; the last grit along the grain, lathe stopped',
            'because' => $zone->id === 'outside' || $zone->id === 'top'
                ? 'Before every mark and coat: scratches left now show through both.'
                : 'While it still runs true, and before a coat that would hide the scratches only until it dries.',
            'hazards' => $this->piece->wood->oily ? [Hazard::Lathe, Hazard::OilyWoodDust] : [Hazard::Lathe, Hazard::Dust],
            'how' => self::said([
                $ladder === null ? ($sanding->missing ?? '') : sprintf('%d %s; take every scratch of the grit before.', $ladder->discs(), $ladder->discs() === 1 ? 'disc' : 'discs'),
                'Between grits: wipe off, look along the surface under a low raking light, pencil round what is left.',
                $sanding->tooSlowForPower() ? 'The surface moves too slowly here for a power disc: sand by hand.' : '',
            ]),
            'rpm' => $sanding->rpm,
        ]);
    }

    private function raiseGrain(): void
    {
        $water = array_filter($this->piece->coatPlans, fn (CoatPlan $plan): bool => $plan->first()?->solvent === Solvent::Water) !== []
            || array_filter($this->piece->marks, fn (Mark $mark): bool => $mark->stain?->raisesGrain === true && $mark->stain->carrier === Solvent::Water) !== [];
        if (! $water) {
            return;
        }
        $dry = Wait::hours(1.0, null, Kinetics::of(1.5, Humidity::WaterBorne));
        $this->add(StepKind::RaiseGrain, 'raise-grain', 'whole', 'Damp the wood to raise the grain', 4, $dry, 'to dry', [
            'hold' => $this->piece->holding->mounted(), 'because' => 'Water will raise the fibres anyway: better now than under the colour or the coat.',
        ]);
        $this->add(StepKind::RaiseGrain, 'knock-back', 'whole', 'Knock the raised grain back with the last grit', 5, Wait::none(), '', [
            'hold' => 'by hand, along the grain', 'because' => 'Only the standing fibres go; stop before bare new wood shows.', 'hazards' => [Hazard::Dust],
        ]);
    }

    private function marks(): void
    {
        $marks = $this->piece->marks;
        usort($marks, fn (Mark $a, Mark $b): int => [$a->kind->rank(), $a->band->on->value, $a->band->fromMm] <=> [$b->kind->rank(), $b->band->on->value, $b->band->fromMm]);
        foreach ($marks as $mark) {
            $zone = $mark->band->on->zone();
            $this->add(StepKind::Mark, 'mark-'.$mark->band->id, $mark->band->id, sprintf('%s, %s', $mark->kind->action(), $zone), $mark->minutes,
                Wait::hours($mark->waitHours, null, $mark->stain?->kinetics()), $mark->waitHours > 0 ? 'to dry' : '', [
                    'needs' => $mark->kind->needs(), 'hold' => $mark->kind->hold($this->piece->holding->mounted()), 'because' => $mark->kind->because(), 'hazards' => $mark->kind->hazards(),
                    'how' => self::said([
                        sprintf('%.0f to %.0f mm along the %s from its %s.', $mark->band->fromMm, $mark->band->toMm, $zone, $zone === 'outside' ? 'foot' : 'outer edge'),
                        $mark->stain === null ? '' : sprintf('Keep a wet edge: it stays open for %s min.', $mark->stain->openMinutes),
                        $mark->note ?? '',
                    ]),
                    'product' => $mark->stain?->class,
                ]);
        }
    }

    private function beforeCoats(): void
    {
        if ($this->piece->form === Form::LiddedBox) {
            $this->add(StepKind::FitLid, 'fit-lid', 'whole', 'Fit the lid, then ease it off', 15, Wait::none(), '', [
                'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $this->piece->holding->mounted(), 'because' => 'Before any film is built, or the coats glue it shut.', 'hazards' => [Hazard::Lathe],
            ]);
        }
        $this->add(StepKind::DustOff, 'dust-off', 'whole', 'Dust off and look it over under a raking light', 6, Wait::none(), '', [
            'hold' => 'on the bench', 'because' => 'The last chance to see a scratch before a coat shows it for good.', 'hazards' => [Hazard::Dust],
        ]);
    }

    /** @param  list<Lag>  $after */
    private function coats(CoatPlan $plan, array $after, string $prefix = 'coat'): void
    {
        $zones = array_values(array_filter($plan->zones, fn (string $zone): bool => isset($this->measured->zones[$zone]) && ($prefix === 'foot' || $zone !== 'foot')));
        if ($zones === []) {
            return;
        }
        $where = count($zones) > 2 || $zones === ['outside', 'top'] ? 'all over' : implode(', ', $zones);
        $count = count($plan->coats);
        $sealed = false;
        $filmUm = 0.0;
        foreach ($plan->coats as $i => $coat) {
            $id = "$prefix-{$plan->name()}-".($i + 1);
            if ($coat->denib !== null && $i > 0) {
                $before = $after[0];
                $this->addAfter([new Lag($before->task, Wait::hours($before->wait->minHours, null, $before->wait->kinetics))], StepKind::Denib, "denib-$id", $where, 'Rub down with '.$coat->denib->words().", $where", 4, Wait::none(), '', [
                    'hold' => 'by hand', 'because' => sprintf('Takes the nibs and about %.0f µm off, so that the next coat lies flat.', $coat->denib->removesUm()), 'hazards' => [Hazard::Dust],
                    'how' => [$filmUm > 0 ? sprintf('%.0f µm of film stands. Lightly, and lightest on rims and edges, until it is evenly dull.', $filmUm) : 'No film stands yet: only knock the nibs off, with the grain.'],
                ]);
                $filmUm = max(0.0, $filmUm - $coat->denib->removesUm());
                $after[] = new Lag("denib-$id", Wait::none());
            }
            $wait = $this->waitAfter($coat->coating, $plan->coats[$i + 1]->coating ?? null, ! $sealed);
            $this->addAfter($after, StepKind::Coat, $id, $where, sprintf('%s, coat %d of %d, %s', $coat->coating->class, $i + 1, $count, $where), $this->coatMinutes($coat->coating, $zones), $wait, $i + 1 < $count ? 'before the next coat' : 'to harden', [
                'needs' => $coat->coating->isSprayed() ? ['turner' => 1, 'spray-corner' => 1] : ['turner' => 1] + ($coat->coating->applied === 'on the lathe' ? ['lathe' => 1] : []),
                'hold' => $coat->coating->applied === 'on the lathe' ? $this->piece->holding->mounted().', spinning slowly at first' : $this->piece->holding->drying(),
                'because' => $i === 0 ? 'On clean, sanded wood, as soon as the dust is off.' : sprintf('Once the coat below has had its %s h at 21 °C%s.', round($after[0]->wait->minHours, 1), $after[0]->wait->maxHours === null ? '' : sprintf(', and before its window closes at %s h', round($after[0]->wait->maxHours, 1))),
                'hazards' => $this->coatHazards($coat->coating),
                'how' => self::said([ucfirst($coat->coating->applied).'.', $coat->coating->note === '' ? '' : ucfirst($coat->coating->note).'.']),
                'product' => $coat->coating->class,
                'amountMl' => Amount::forCoatMl($coat->coating, array_map(fn (string $zone): Zone => $this->measured->zones[$zone], $zones), $i === 0),
                'film' => $coat->coating->film,
            ]);
            $after = [new Lag($id, $wait)];
            $filmUm += $coat->coating->buildsFilm() ? $coat->coating->dryUm() : 0.0;
            $sealed = $sealed || $coat->coating->isShellac();
        }
        $last = $plan->coats[$count - 1]->coating;
        if ($plan->buff) {
            $harden = Wait::hours(max($last->buffableHours, $last->recoatFromHours), null, $this->kinetics($last, ! $sealed));
            $this->addAfter([new Lag($after[0]->task, $harden)], StepKind::Buff, "buff-$prefix-{$plan->name()}", $where, "Buff, $where", 12, Wait::none(), '', [
                'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $this->piece->holding->mounted().', slowly',
                'because' => 'Only once the last coat is hard: buffing earlier drags it. Before the foot is finished, while it still runs true.', 'hazards' => [Hazard::Lathe],
            ]);
            $after = [new Lag("buff-$prefix-{$plan->name()}", Wait::none())];
        }
        $this->ends[] = $after[0]->task;
    }

    private function foot(string $trunk): void
    {
        $waits = [];
        foreach ($this->ends === [] ? [$trunk] : $this->ends as $end) {
            $waits[] = new Lag($end, $this->handleWait($end));
        }
        $this->addAfter($waits, StepKind::Foot, 'foot', 'foot', $this->piece->holding->release(), $this->piece->holding === Holding::Tenon ? 18 : 12, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $this->piece->holding->hold(),
            'because' => 'Last on the lathe, after every coat that is rubbed or buffed there. Dish it a little so that the piece cannot rock.',
            'hazards' => [Hazard::Lathe, Hazard::Dust], 'how' => ['Pad between the jaws or the pad and the finished surface.'],
        ]);
        $this->add(StepKind::Sign, 'sign', 'foot', 'Sign and date the foot', 4, Wait::none(), '', ['hold' => 'in the lap', 'because' => 'On bare wood, before the foot is coated.']);
        $footPlan = $this->footPlan();
        $cures = $this->ends;
        if ($footPlan !== null && isset($this->measured->zones['foot'])) {
            $this->coats($footPlan, [new Lag('sign', Wait::none())], 'foot');
            $cures = $this->ends;
        }
        $lags = [];
        foreach ($cures as $end) {
            $lags[] = new Lag($end, $this->cureWait($end));
        }
        $this->addAfter($lags === [] ? [new Lag('sign', Wait::none())] : [...$lags, new Lag('sign', Wait::none())], StepKind::Cure, 'cure', 'whole', match ($this->piece->purpose) {
            Purpose::Food => 'Cured through: may hold food',
            default => 'Hard enough to be handled and packed',
        }, 0, Wait::none(), '', [
            'needs' => [], 'hold' => 'on the rack, air all round', 'because' => 'Cure is longer than dry: the piece is not ready while the coat is still moving.',
            'hazards' => $this->piece->purpose === Purpose::Food ? [Hazard::FoodClaim] : [],
        ]);
        $this->add(StepKind::Ready, 'ready', 'whole', 'Look it over, weigh it, pack it', 6, Wait::none(), '', ['hold' => 'on the table', 'because' => 'The last look, and the weight for the card.']);
    }

    /** The foot's own plan, or one coat of the last film or oil that the rest of the piece gets. */
    private function footPlan(): ?CoatPlan
    {
        $plan = $this->piece->coatPlanFor('foot') ?? $this->piece->coatPlanFor('outside');
        if ($plan === null || $plan->coats === [] || $plan->zones === ['foot']) {
            return $plan !== null && $plan->coats !== [] ? $plan : null;
        }
        $coats = array_values(array_filter($plan->coats, fn ($coat): bool => ! $coat->coating->isWax()));
        $coat = $coats === [] ? $plan->coats[0] : $coats[count($coats) - 1];

        return CoatPlan::single('foot', $coat->coating);
    }

    private function waitAfter(Coating $coating, ?Coating $next, bool $onBareWood): Wait
    {
        $kinetics = $this->kinetics($coating, $onBareWood);
        if ($next === null) {
            return Wait::hours($coating->handleHours, null, $kinetics);
        }
        $from = LayerWaits::before($coating, $next);
        $until = $coating->recoatUntilHours;

        return Wait::hours($from, $until !== null && $until >= $from ? $until : null, $kinetics);
    }

    private function kinetics(Coating $coating, bool $onBareWood): Kinetics
    {
        return $this->piece->wood->oily && $onBareWood && $coating->cure === Cure::Oxidative
            ? $coating->kinetics()->slowed(self::OILY_WOOD_SLOWS)
            : $coating->kinetics();
    }

    private function handleWait(string $id): Wait
    {
        $step = $this->last($id);

        return $step->kind === StepKind::Coat ? $step->wait : Wait::none();
    }

    private function cureWait(string $id): Wait
    {
        $step = $this->last($id);
        $coat = $step->kind === StepKind::Coat ? $step : $this->last($step->after[0]->task);
        $coating = $coat->product === null ? null : $this->coatingNamed($coat->product);
        if ($coating === null) {
            return Wait::none();
        }
        $hours = $this->piece->purpose === Purpose::Food ? $coating->fullCureHours() : $coating->handleHours;
        // A buffed coat has already hardened while it waited for the wheel.
        if ($step->kind === StepKind::Buff) {
            $hours = max(0.0, $hours - $step->after[0]->wait->minHours);
        }

        return Wait::hours($hours, null, $coat->wait->kinetics);
    }

    private function coatingNamed(string $class): ?Coating
    {
        foreach ($this->piece->coatPlans as $plan) {
            foreach ($plan->coats as $coat) {
                if ($coat->coating->class === $class) {
                    return $coat->coating;
                }
            }
        }

        return null;
    }

    /** @param  list<string>  $zones */
    private function coatMinutes(Coating $coating, array $zones): float
    {
        $area = array_sum(array_map(fn (string $zone): float => $this->measured->zones[$zone]->areaMm2, $zones));

        return 3 + $area / 10_000 * (self::COAT_MINUTES_PER_100CM2[$coating->applied] ?? 1.0);
    }

    /** @return list<Hazard> */
    private function coatHazards(Coating $coating): array
    {
        return array_values(array_filter([
            $coating->ragsSelfHeat ? Hazard::Rags : null,
            $coating->isSprayed() ? Hazard::SprayMist : null,
            ! $coating->isSprayed() && in_array($coating->solvent, [Solvent::LacquerThinner, Solvent::MineralSpirits, Solvent::Alcohol], true) ? Hazard::SolventVapour : null,
            str_contains($coating->class, 'Cyanoacrylate') ? Hazard::Cyanoacrylate : null,
            str_contains($coating->class, 'epoxy') ? Hazard::TwoPart : null,
            str_contains($coating->note, 'isocyanate') ? Hazard::Isocyanate : null,
            str_contains($coating->class, 'Walnut') ? Hazard::NutOil : null,
        ]));
    }

    /** @param  array{needs?: array<string, int>, hold: string, because: string, hazards?: list<Hazard>, how?: list<string>, product?: string|null, amountMl?: float, rpm?: int, film?: FilmKind}  $more */
    private function add(StepKind $kind, string $id, string $zone, string $title, float $minutes, Wait $wait, string $waitFor, array $more): void
    {
        $after = $this->steps === [] ? [] : [new Lag($this->last()->id, $this->last()->wait)];
        $this->addAfter($after, $kind, $id, $zone, $title, $minutes, $wait, $waitFor, $more);
    }

    /**
     * @param  list<Lag>  $after
     * @param  array{needs?: array<string, int>, hold: string, because: string, hazards?: list<Hazard>, how?: list<string>, product?: string|null, amountMl?: float, rpm?: int, film?: FilmKind}  $more
     */
    private function addAfter(array $after, StepKind $kind, string $id, string $zone, string $title, float $minutes, Wait $wait, string $waitFor, array $more): void
    {
        $this->steps[] = new Step(
            $id, $kind, $zone, $title, ceil($minutes), $after, $wait, $waitFor, $more['needs'] ?? ['turner' => 1], $more['hold'], $more['because'],
            $more['hazards'] ?? [], $more['how'] ?? [], $more['product'] ?? null, $more['amountMl'] ?? null, $more['rpm'] ?? null, $more['film'] ?? null,
        );
    }

    /**
     * @param  list<string>  $lines
     * @return list<string> without the empty ones
     */
    private static function said(array $lines): array
    {
        return array_values(array_filter($lines, fn (string $line): bool => $line !== ''));
    }

    private function last(?string $id = null): Step
    {
        foreach (array_reverse($this->steps) as $step) {
            if ($id === null || $step->id === $id) {
                return $step;
            }
        }

        throw new \LogicException("The route has no step $id.");
    }
}
