<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Mount;
use HonestGrain\Piece\Fit;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\OwnStep;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;

/**
 * The steps of all parts of a piece, what joins them, and the maker's own steps and order among them.
 *
 * @internal
 */
final class PieceRoute
{
    /** @var list<Conflict> */
    public array $conflicts = [];

    /** @var list<Step> */
    public array $steps = [];

    /** @var array<string, RouteBuilder> by part */
    private array $builders = [];

    private function __construct(private readonly Piece $piece, private readonly Tables $tables)
    {
    }

    public static function of(Piece $piece, Bench $bench, Tables $tables): self
    {
        $route = new self($piece, $tables);
        foreach ($piece->parts as $part) {
            $route->prepare($part, $bench);
        }
        $fits = array_map($route->fit(...), $piece->joints);
        foreach ($route->builders as $builder) {
            $builder->finish();
        }
        $route->steps = array_merge($fits, ...array_values(array_map(
            fn (RouteBuilder $builder): array => $builder->steps(), $route->builders,
        )));
        foreach ($piece->joints as $joint) {
            $route->glue($joint);
        }
        $route->ready();
        foreach ($piece->steps as $own) {
            $route->insert($own);
        }
        foreach ($piece->order as $i => $pair) {
            $route->order($i, ...$pair);
        }
        $route->steps = Order::of($route->steps) ?? throw new \LogicException('The route runs in a circle.');
        $route->nameConflicts();

        return $route;
    }

    private function prepare(Part $part, Bench $bench): void
    {
        $measured = $part->measure($bench->calibration->shape, $bench->minWallMm);
        $sandings = Sanding::all($part, $bench, $measured);
        $builder = new RouteBuilder($this->piece, $part, $measured, $sandings, $this->tables);
        $builder->prepare();
        $this->builders[$part->id] = $builder;
        $this->conflicts = [
            ...$this->conflicts, ...ConflictFinder::in($this->piece, $part, $measured, $sandings, $this->tables),
        ];
    }

    private function fit(Joint $joint): Step
    {
        $socket = $this->builders[$joint->socket];
        $spigot = $this->builders[$joint->spigot];
        $parts = [$this->partOf($joint->socket), $this->partOf($joint->spigot)];
        $fit = $joint->fit($parts[0], $parts[1], $this->tables->calibration->joints);
        if ($fit === Fit::Binds) {
            $this->conflicts[] = Conflict::warn(
                ["$joint->id/fit"], sprintf(
                    'As drawn, the %s is %.1f mm too wide for the %s it goes into.', lcfirst($parts[1]->name),
                    -($joint->playMm($parts[0], $parts[1]) ?? 0.0), lcfirst($parts[0]->name),
                ), ['Draw the socket wider or the spigot thinner', 'Ease it by hand while fitting'],
            );
        }
        $holding = $parts[0]->holding;
        $step = new Step(
            id: "$joint->id/fit", kind: StepKind::FitLid, part: $joint->socket, zone: '',
            title: sprintf('Fit the %s to the %s%s', lcfirst($parts[1]->name), lcfirst($parts[0]->name), match (true) {
                $joint->kind->isGlued() => ', dry',
                default => ', then ease it off',
            }),
            minutes: 15.0,
            after: [
                new Lag($socket->end()->id, $socket->end()->wait), new Lag($spigot->end()->id, $spigot->end()->wait),
            ],
            wait: Wait::none(), waitFor: '', needs: ['turner' => 1, 'lathe' => 1], hold: $holding->mounted(),
            because: 'Before any film is built, or the coats glue it shut; while the mouth still runs true.',
            hazards: [Hazard::Lathe],
            how: [sprintf('They meet at %.1f mm; as drawn it %s.', $joint->diameterMm, match ($fit) {
                Fit::Binds => 'does not go in yet',
                Fit::Fits => 'fits',
                Fit::Loose => 'is loose',
                Fit::Unknown => 'is fitted by trying',
            })],
            technique: 'fit', mount: $holding->on(), of: [$joint->id],
            brief: 'fit the '.lcfirst($parts[1]->name),
        );
        $socket->join($step->id, Wait::none());
        $spigot->join($step->id, Wait::none());

        return $step;
    }

    private function glue(Joint $joint): void
    {
        if (! $joint->kind->isGlued()) {
            return;
        }
        $rates = $this->tables->calibration->joints;
        [$socket, $spigot] = [$this->partOf($joint->socket), $this->partOf($joint->spigot)];
        $this->steps[] = new Step(
            id: "$joint->id/glue", kind: StepKind::Glue, part: $joint->socket, zone: '',
            title: sprintf('Glue the %s into the %s', lcfirst($spigot->name), lcfirst($socket->name)),
            minutes: $rates->glueMinutes,
            after: array_map(fn (string $part): Lag => new Lag(
                $this->builders[$part]->end()->id, $this->builders[$part]->end()->wait,
            ), [$joint->socket, $joint->spigot]),
            wait: Wait::hours($rates->glueHours), waitFor: 'to set', needs: ['turner' => 1], hold: 'clamped, true',
            because: 'Both parts are finished; the joint itself is bare wood.',
            how: ['Glue on bare wood only; wipe off what is pressed out at once.'],
            technique: 'glue', mount: Mount::Lap, of: [$joint->id], brief: 'gluing',
        );
    }

    private function ready(): void
    {
        $named = array_merge(...array_map(
            fn (Step $step): array => array_map(fn (Lag $lag): string => $lag->task, $step->after), $this->steps,
        ));
        $ends = array_filter($this->steps, fn (Step $step): bool => ! in_array($step->id, $named, true));
        $prints = max(
            0.0,
            ...array_values(array_map(fn (RouteBuilder $builder): float => $builder->printsHours(), $this->builders)),
        );
        $of = fn (string $what): bool => array_filter(
            $this->builders, fn (RouteBuilder $builder): bool => $what === 'food'
                ? $builder->isFood : $builder->renewed,
        ) !== [];
        $cures = array_filter($this->steps, fn (Step $step): bool => $step->kind === StepKind::Cure) !== [];
        $body = $this->piece->body()->id;
        $this->steps[] = new Step(
            id: "$body/weigh", kind: StepKind::Ready, part: $body, zone: '', title: 'Look it over and weigh it',
            minutes: 6.0,
            after: array_values(array_map(fn (Step $step): Lag => new Lag($step->id, $step->wait), $ends)),
            wait: Wait::none(), waitFor: '', needs: ['turner' => 1], hold: 'on the table',
            because: 'The last look, and the weight for the card.',
            hazards: ! $cures && $of('food') ? [Hazard::FoodClaim] : [],
            how: array_values(array_filter([
                'The weight goes on the Record.',
                $prints > 24 ? sprintf(
                    'Wrap it loosely in paper: a tight wrap prints until the last coat has had %.0f days '
                        .'at 21 °C.', ceil($prints / 24),
                ) : '',
                $of('renewed') ? 'Write on the card that the oil is to be renewed.' : '',
            ], fn (string $line): bool => $line !== '')),
            technique: 'weigh', mount: Mount::Lap, of: [], brief: 'look it over and weigh it',
        );
    }

    /** A step of the maker's own: between what it names, or before the part is wiped clean for its coats. */
    private function insert(OwnStep $own): void
    {
        $part = $own->part ?? $this->piece->body()->id;
        $before = $this->named($own->before);
        $after = $this->named($own->after);
        if ($before === [] && $after === []) {
            $before = $this->named(["$part/wipe-clean"]);
        }
        $lags = [];
        foreach ($this->steps as $step) {
            if (in_array($step->id, $after, true)) {
                $lags[$step->id] = new Lag($step->id, $step->wait);
            }
            // It takes its place in the chain: what the next one waits for, it waits for too.
            foreach (in_array($step->id, $before, true) ? $step->after : [] as $lag) {
                $lags[$lag->task] ??= in_array($lag->task, $before, true) ? null : $lag;
            }
        }
        $wait = Wait::hours($own->waitHours);
        $spins = $own->mount?->spins() === true;
        $step = new Step(
            id: $own->id, kind: StepKind::Own, part: $part, zone: $own->on?->zone() ?? '', title: $own->title,
            minutes: $own->minutes, after: array_values(array_filter($lags)), wait: $wait,
            waitFor: $own->waitHours > 0 ? 'as you set' : '',
            needs: $spins ? ['turner' => 1, 'lathe' => 1] : ['turner' => 1],
            hold: $own->mount?->label() ?? 'as you like', because: 'Your own step.',
            hazards: $spins ? [Hazard::Lathe] : [], technique: 'own', mount: $own->mount ?? Mount::Lap, of: [],
            brief: lcfirst($own->title),
        );
        $steps = array_map(fn (Step $one): Step => in_array($one->id, $before, true)
            ? $one->after([...$one->after, new Lag($step->id, $wait)]) : $one, [...$this->steps]);
        $last = $this->piece->body()->id.'/weigh';
        if ($before === []) {
            $steps = array_map(fn (Step $one): Step => $one->id === $last
                ? $one->after([...$one->after, new Lag($step->id, $wait)]) : $one, $steps);
        }
        $ordered = Order::of([...$steps, $step]);
        if ($ordered === null) {
            $this->conflicts[] = Conflict::warn(
                [$own->id], "“{$own->title}” cannot stand both after and before what it names.",
                ['Name fewer steps', 'Leave it where it is put'],
            );
            $ordered = Order::of([...$this->steps, $step->after([])]) ?? $this->steps;
        }
        $this->steps = $ordered;
    }

    /** What the maker wants first, before what they want later; where that cannot be, it is said. */
    private function order(int $i, string $first, string $later): void
    {
        $firsts = $this->named([$first]);
        $laters = $this->named([$later]);
        $lags = array_map(fn (string $id): Lag => new Lag($id, Wait::none()), $firsts);
        $steps = array_map(fn (Step $step): Step => in_array($step->id, $laters, true)
            ? $step->after([...$step->after, ...$lags]) : $step, $this->steps);
        $ordered = $firsts === [] || $laters === [] || array_intersect($firsts, $laters) !== []
            ? null : Order::of($steps);
        if ($ordered === null) {
            $this->conflicts[] = Conflict::warn(
                [...$firsts, ...$laters], $firsts === [] || $laters === []
                    ? "The order wants $first before $later, but the route has no such step."
                    : "The order wants $first before $later, which comes after it already.",
                ['Take that wish out of the order'],
            );

            return;
        }
        $this->steps = $ordered;
    }

    /**
     * The steps that an operation or an id of the document means.
     *
     * @param  list<string>  $names
     * @return list<string>
     */
    private function named(array $names): array
    {
        $meant = array_filter($this->steps, fn (Step $step): bool => in_array($step->id, $names, true)
            || array_intersect($step->of, $names) !== []);

        return array_values(array_map(fn (Step $step): string => $step->id, $meant));
    }

    /** Conflicts name steps of this route: a coat that goes on elsewhere is named as the route does. */
    private function nameConflicts(): void
    {
        $ids = array_map(fn (Step $step): string => $step->id, $this->steps);
        foreach ($this->conflicts as $i => $conflict) {
            $named = [];
            foreach ($conflict->steps as $id) {
                $named = [...$named, ...in_array($id, $ids, true) ? [$id] : $this->named([$id])];
            }
            $this->conflicts[$i] = $conflict->of(array_values(array_unique($named)));
        }
    }

    private function partOf(string $id): Part
    {
        return $this->piece->part($id) ?? throw new \LogicException("The piece has no part $id.");
    }
}
