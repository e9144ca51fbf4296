<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Coating\Coating;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Mount;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\Logged;
use HonestGrain\Mending\Remedy;
use HonestGrain\Piece\Heat;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Stretch;
use HonestGrain\Piece\Tables;
use HonestGrain\Rack\Truing;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A fault in the middle of a piece's route: what has been done on its face, and what has not.
 *
 * @internal
 */
final class FaultContext
{
    /** What takes more of a face than this is the whole of it. */
    private const WHOLE_SHARE = 0.6;

    private int $made = 0;

    private function __construct(
        private readonly Fault $fault,
        private readonly Part $part,
        private readonly Route $route,
        private readonly SoFar $soFar,
        public readonly Tables $tables,
        private readonly string $id,
        private readonly float $equilibriumPercent,
        private readonly Piece $piece,
    ) {
    }

    /** @param  list<string>  $done */
    public static function at(
        Fault $fault,
        Piece $piece,
        Route $route,
        array $done,
        Tables $tables,
        string $id,
        float $equilibriumPercent = 0.0,
    ): self {
        $part = $piece->part($fault->part) ?? $piece->body();
        $bands = array_fill_keys(array_map(fn ($mark): string => $mark->id(), $part->marksOn($fault->face())), true);
        $touches = fn (Step $step): bool => $step->part === $part->id
            && (in_array($fault->face(), $step->work->faces, true) || isset($bands[$step->work->band ?? '']))
            && $step->kind !== StepKind::Mount && $step->kind !== StepKind::Cure;
        $isDone = fn (Step $step): bool => in_array($step->id, $done, true);
        $here = array_values(array_filter($route->steps, $touches));

        return new self(
            fault: $fault, part: $part, route: $route, soFar: new SoFar(
                array_values(array_filter($here, $isDone)),
                array_values(array_filter($here, fn (Step $step): bool => ! $isDone($step))), $done,
            ), tables: $tables, id: $id, equilibriumPercent: $equilibriumPercent,
            piece: $piece,
        );
    }

    public function lengthMm(): float
    {
        return $this->fault->lengthMm($this->part, $this->tables->calibration->mending->usualMm);
    }

    /** Whether something is still to be burnt there or beside it, so that nothing may be bound with glue or resin. */
    public function isBurntLater(): bool
    {
        return array_intersect(
            $this->burnt(), array_map(fn (Step $step): string => $step->id, $this->soFar->left),
        ) !== [];
    }

    /** Whether something has been burnt there or beside it, so that it is not sanded and burnt again over glue. */
    public function isBurnt(): bool
    {
        return $this->burnt() !== [];
    }

    /** @return list<string> marks that are burnt over or beside the place */
    private function burnt(): array
    {
        $to = $this->fault->toMm ?? $this->fault->on->lengthMm($this->part->profile);

        return array_map(fn (Mark $mark): string => $mark->id(), Heat::over(
            $this->part, $this->tables->calibration->marks,
            new Stretch($this->fault->on, $this->fault->fromMm ?? 0.0, $to),
        ));
    }

    /** What something takes over the place, min; at least one. */
    public function over(float $minutesPer100Cm2): float
    {
        $measured = $this->part->measure($this->tables->calibration->shape);
        $zone = $measured->face($this->fault->face());
        $share = $zone === null || $zone->arcMm <= 0.0 ? 1.0 : min(1.0, $this->lengthMm() / $zone->arcMm);

        return max(1.0, round($minutesPer100Cm2 * ($zone->areaMm2 ?? 10_000.0) * $share / 10_000, 1));
    }

    /** So much of the minutes of a whole face as the place takes, and a hand round it. */
    public function shareOf(float $minutes): float
    {
        $whole = max(1.0, $this->fault->on->lengthMm($this->part->profile));

        return max(2.0, round($minutes * min(1.0, 2 * $this->lengthMm() / $whole), 1));
    }

    public function has(Face $face): bool
    {
        return in_array($face, $this->part->faces(), true);
    }

    /**
     * What something takes over whole faces, min.
     *
     * @param  list<Face>  $faces
     */
    public function overAll(float $minutesPer100Cm2, array $faces): float
    {
        $measured = $this->part->measure($this->tables->calibration->shape);
        $areas = array_map(fn (Face $face): float => $measured->face($face)->areaMm2 ?? 0.0, $faces);

        return max(1.0, round($minutesPer100Cm2 * array_sum($areas) / 10_000, 1));
    }

    /** Whether something that cannot be turned over is made on the part. */
    public function isMarked(): bool
    {
        return $this->part->marks !== [];
    }

    /** How oval the part gets as it dries, mm; null where nobody published its wood's shrinkage. */
    public function ovalMm(): ?float
    {
        return Truing::ovalMm(
            wood: $this->part->wood, grain: $this->part->grain, diameterMm: $this->part->profile->diameterMm(),
            fromPercent: $this->part->moisturePercent, toPercent: $this->equilibriumPercent,
            rings: $this->part->rings,
        );
    }

    /** The thinnest wall of the part, mm; null where it is solid. */
    public function wallMm(): ?float
    {
        return $this->part->measure($this->tables->calibration->shape)->wall?->minMm;
    }

    /** @return list<string> all sanding and coating of the part */
    public function againWhole(): array
    {
        $kinds = [
            StepKind::Sand, StepKind::RaiseGrain, StepKind::DustOff, StepKind::Coat, StepKind::WipeOff, StepKind::Denib,
            StepKind::Buff,
        ];

        return array_values(array_map(fn (Step $step): string => $step->id, array_filter(
            $this->route->steps, fn (Step $step): bool => $step->part === $this->part->id
                && in_array($step->kind, $kinds, true) && in_array($step->id, $this->soFar->ids, true),
        )));
    }

    public function isCoated(): bool
    {
        return $this->lastCoat() !== null;
    }

    /** Whether no coat is left to come on the face. */
    public function isLastCoatDone(): bool
    {
        return $this->isCoated()
            && array_filter($this->soFar->left, fn (Step $step): bool => $step->kind === StepKind::Coat) === [];
    }

    /** What the piece says for one cause or another. */
    public function evidence(Logged $log = new Logged): Evidence
    {
        return new Evidence(
            record: new Record($log, $this->soFar),
            fault: $this->fault, part: $this->part, tables: $this->tables,
            abrading: $this->sanding()?->work->supplies->abrading, isCoated: $this->isCoated(),
            equilibriumPercent: $this->equilibriumPercent,
        );
    }

    /** The key of the product that was laid on last. */
    public function lastProduct(): ?string
    {
        return $this->coating()?->key;
    }

    public function recoatHours(): float
    {
        return $this->coating()->recoatFromHours ?? 0.0;
    }

    public function hardHours(): float
    {
        return $this->coating()->handleHours ?? $this->tables->calibration->mending->dryHours;
    }

    /**
     * The sanding of the face and all that was done on it since, and every coat that is taken off with it; of a place
     * on the face only what touches it, since that place alone is sanded again.
     *
     * @return list<string>
     */
    public function againFromSanding(): array
    {
        $since = false;
        $again = [];
        foreach ($this->soFar->done as $step) {
            $since = $since || $step->kind === StepKind::Sand;
            $isCoat = in_array($step->kind, [StepKind::Coat, StepKind::WipeOff, StepKind::Denib], true);
            $isSpared = $this->isPlace() && ($step->kind === StepKind::Sand || $this->isApart($step));
            if (($since || $isCoat) && ! $isSpared) {
                $again[] = $step->id;
            }
        }

        return $again;
    }

    /** Whether it is a place on a face that was sanded, and not the whole of it. */
    public function isPlace(): bool
    {
        $whole = $this->fault->on->lengthMm($this->part->profile);

        $isPlaced = $this->fault->fromMm !== null || $this->fault->kind->isLocal();

        return $isPlaced && $whole > 0 && $this->lengthMm() < self::WHOLE_SHARE * $whole
            && in_array(
                $this->sanding()?->id, array_map(fn (Step $step): string => $step->id, $this->soFar->done), true,
            );
    }

    /** Whether it was done to a band that the place does not touch. */
    private function isApart(Step $step): bool
    {
        foreach ($this->part->marks as $mark) {
            if ($mark->id() === $step->work->band) {
                return $mark->band->toMm <= ($this->fault->fromMm ?? 0.0)
                    || $mark->band->fromMm >= ($this->fault->toMm ?? INF);
            }
        }

        return false;
    }

    /** How long what was laid on last has to dry, where that is a colour, reference hours. */
    public function colourHours(): float
    {
        $last = null;
        foreach ($this->soFar->done as $step) {
            $last = $step->kind === StepKind::Mark ? $step : $last;
        }

        return $last->timing->wait->minHours ?? 0.0;
    }

    public function meltsAgain(): bool
    {
        $coating = $this->coating();

        return $coating !== null && ($coating->meltsIntoItself() || $coating->isWax() || $coating->neverCures());
    }

    public function dries(): bool
    {
        return $this->coating()?->neverCures() !== true;
    }

    /** The sanding of the face, done or not; null where it is not sanded. */
    public function sanding(): ?Step
    {
        $runs = $this->sandings();

        return $runs === [] ? null : $runs[count($runs) - 1];
    }

    /** @return list<Step> the same in as many goes as it is broken off */
    private function sandings(): array
    {
        return array_values(array_filter(
            [...$this->soFar->done, ...$this->soFar->left], fn (Step $step): bool => $step->kind === StepKind::Sand
                && $step->work->supplies->abrading !== null && $step->work->faces === [$this->fault->face()],
        ));
    }

    /** What the whole of it takes, min. */
    public function sandingMinutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->timing->minutes, $this->sandings()));
    }

    /** @return array<string, float> minutes by grit of the face, coarse to fine */
    public function sandedWith(): array
    {
        return array_replace([], ...array_map(
            fn (Step $step): array => $step->work->supplies->abrading->minutesAt ?? [], $this->sandings(),
        ));
    }

    /** @return list<string> what was done on the face since it was sanded, but for the sanding */
    public function againSinceSanding(): array
    {
        $sanded = array_map(fn (Step $run): string => $run->id, $this->sandings());

        return array_values(array_filter(
            $this->againFromSanding(), fn (string $id): bool => ! in_array($id, $sanded, true),
        ));
    }

    /** @return list<string> the colours of the face, and all that was done on it since */
    public function againMarks(): array
    {
        $since = false;
        $again = [];
        foreach ($this->soFar->done as $step) {
            $since = $since || $this->tables->techniques->tints($step->work->technique);
            if ($since) {
                $again[] = $step->id;
            }
        }

        return $again;
    }

    /** @return list<string> the coats of the face, and all that was done on it since the first of them */
    public function againCoats(): array
    {
        foreach ($this->soFar->done as $at => $step) {
            if ($step->kind === StepKind::Coat) {
                return array_map(fn (Step $done): string => $done->id, array_slice($this->soFar->done, $at));
            }
        }

        return [];
    }

    /** @return list<string> the coat that was laid on last, and what went with it */
    public function againLastCoat(): array
    {
        $coat = $this->lastCoat();
        $at = $coat === null ? null : array_search($coat, $this->soFar->done, true);

        return $at === null ? [] : array_values(array_map(
            fn (Step $step): string => $step->id,
            array_filter(
                array_slice($this->soFar->done, (int) $at),
                fn (Step $step): bool => in_array($step->kind, [StepKind::Coat, StepKind::WipeOff], true),
            ),
        ));
    }

    /** @return list<string> done steps of a technique that is done on the part as a whole */
    public function againNamed(string $what): array
    {
        $technique = ['ease' => 'fit', 'water-test' => 'water-test'][$what];
        $steps = array_filter($this->route->steps, fn (Step $step): bool => $step->work->technique === $technique
            && $step->kind !== StepKind::Own && in_array($step->id, $this->soFar->ids, true)
            && ($what !== 'ease' || $step !== $this->fitted()));

        return array_values(array_map(fn (Step $step): string => $step->id, $steps));
    }

    /**
     * A step of the remedy, as a document has it.
     *
     * @param  string|null  $product  its key
     * @param  float  $waitFirst  hours that must be over before it
     * @return array<string, mixed>
     */
    public function step(
        string $technique,
        Said $title,
        float $minutes,
        float $waitHours,
        ?Said $how,
        ?string $product = null,
        float $waitFirst = 0.0,
        ?string $mount = null,
    ): array {
        return [
            'id' => $this->id.'-'.(++$this->made), 'part' => $this->part->id,
            'said' => ['title' => $title] + ($how === null ? [] : ['how' => $how]),
            'on' => $this->fault->on->value, 'minutes' => round($minutes, 1), 'wait_hours' => $waitHours,
            'mount' => $mount, 'technique' => $technique,
            'product' => $product === null ? null : $this->tables->coatings->byKey($product)->class,
            'wait_first_hours' => $waitFirst,
        ];
    }

    /**
     * Its steps one after another, after all that was done on the face and before all that is left or to be done again.
     *
     * @param  list<array<string, mixed>>  $steps
     * @param  list<string>  $again
     */
    public function remedy(string $id, Said $title, Said $because, array $steps, array $again): Remedy
    {
        $last = $this->soFar->done === [] ? null : $this->soFar->done[count($this->soFar->done) - 1];
        $stays = array_values(
            array_filter($this->soFar->done, fn (Step $step): bool => ! in_array($step->id, $again, true)),
        );
        $later = array_slice([
            ...$again, ...array_map(fn (Step $step): string => $step->id, $this->soFar->left),
        ], 0, 30);
        $chained = [];
        foreach ($steps as $i => $step) {
            $after = $i > 0 ? [$chained[$i - 1]['id']]
                : ($stays === [] ? [] : [$stays[count($stays) - 1]->id]);
            $first = is_numeric($step['wait_first_hours']) ? (float) $step['wait_first_hours'] : 0.0;
            unset($step['wait_first_hours']);
            if ($first > 0.0 && $i === 0 && $last !== null) {
                $chained[] = ['id' => "$this->id-0", 'minutes' => 0.0, 'said' => ['title' => new Said(
                    'mending.fault-context.'.($this->isCoated() ? 'let-coat-harden' : 'let-dry'),
                )],
                    'wait_hours' => $first, 'technique' => 'own', 'product' => null, 'mount' => null,
                    'before' => [$step['id']], 'after' => $after] + $step;
                $after = ["$this->id-0"];
            }
            $chained[] = ['before' => $later, 'after' => $after] + $step;
        }

        return new Remedy($id, $title, $because, $chained, $again);
    }

    /**
     * All of the part from another blank; null where nothing was done to it. What it was glued to stays: the old part
     * is cut out of its socket, or away from its tenon, before the new one is fitted.
     */
    public function anew(string $id, Said $title, Said $because): ?Remedy
    {
        $done = array_filter($this->route->steps, fn (Step $step): bool => $this->isDone($step)
            && ($step->part === $this->part->id || $this->joins($step)));
        $isBegun = array_filter($done, fn (Step $step): bool => $step->part === $this->part->id) !== [];
        $glued = array_filter(array_map(
            $this->piece->joint(...), array_unique(array_merge(...array_values(array_map(
                fn (Step $step): array => $step->work->technique === 'glue' && $this->joins($step)
                    ? $step->work->of : [], $done,
            )))),
        ));

        return ! $isBegun ? null : new Remedy(
            id: $id, title: $title, because: $because, steps: array_values(array_map($this->cutOut(...), $glued)),
            again: array_values(array_map(fn (Step $step): string => $step->id, $done)), anew: $this->part->id,
        );
    }

    /** @return array<string, mixed> the old part off what it was glued to, as a document has it */
    private function cutOut(Joint $joint): array
    {
        $isSocket = $joint->socket === $this->part->id;

        return [
            'id' => $this->id.'-'.(++$this->made), 'part' => $isSocket ? $joint->spigot : $joint->socket,
            'said' => [
                'title' => new Said('mending.cut-out.title', ['part' => Said::name($this->part->name)]),
                'how' => new Said($isSocket ? 'mending.cut-out.off-tenon' : 'mending.cut-out.out-of-socket', [
                    'across' => Quantity::mm($joint->diameterMm),
                ]),
            ],
            'on' => null, 'minutes' => $this->tables->calibration->mending->cutOutMinutes, 'wait_hours' => 0.0,
            'mount' => Mount::Lap->value, 'technique' => 'own', 'product' => null, 'before' => [$joint->id],
            'after' => [],
        ];
    }

    private function isDone(Step $step): bool
    {
        return in_array($step->id, $this->soFar->ids, true);
    }

    /** Whether it is done to a joint of the part. */
    private function joins(Step $step): bool
    {
        return array_intersect($step->work->of, $this->piece->jointsOf($this->part)) !== [];
    }

    /** The first fitting of the joint, which is not what is done again. */
    private function fitted(): ?Step
    {
        foreach ($this->route->steps as $step) {
            if ($step->work->technique === 'fit' && $step->setup->mount?->spins() === true) {
                return $step;
            }
        }

        return null;
    }

    private function lastCoat(): ?Step
    {
        $coats = array_values(
            array_filter($this->soFar->done, fn (Step $step): bool => $step->kind === StepKind::Coat),
        );

        return $coats === [] ? null : $coats[count($coats) - 1];
    }

    private function coating(): ?Coating
    {
        $product = $this->lastCoat()?->work->supplies->product;

        return $product === null ? null : $this->tables->coatings->coating($product);
    }
}
