<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;

/** What can be wrong with a part as far as it has come: no nibs on bare wood, no lid on a bowl without one. */
final readonly class Seen
{
    private const GLUED = ['fill', 'stabilise', 'patch', 'glue', 'seal-to-cut', 'inlay'];

    /** @param  list<Step>  $done  to the part, or to its joints */
    private function __construct(
        private Piece $piece, private Part $part, private Tables $tables, private array $done,
    ) {
    }

    /**
     * @param  list<string>  $done  what has been done so far, in order
     * @return non-empty-list<FaultKind>
     */
    public static function on(Piece $piece, string $part, Bench $bench, Tables $tables, array $done): array
    {
        $of = $piece->partOrBody($part);
        $isDone = array_fill_keys($done, true);
        $joints = $piece->jointsOf($of);
        $self = new self($piece, $of, $tables, array_values(array_filter(
            Route::of($piece, $bench, $tables, Past::of($done))->steps,
            fn (Step $step): bool => isset($isDone[$step->id])
                && ($step->part === $of->id || array_intersect($step->work->of, $joints) !== []),
        )));

        return array_values(array_filter(FaultKind::cases(), $self->mayBe(...))) ?: [FaultKind::Dropped];
    }

    private function mayBe(FaultKind $kind): bool
    {
        $isCoated = $this->has(fn (Step $step): bool => $step->kind === StepKind::Coat);
        $isTinted = $this->has(fn (Step $step): bool => $this->tables->techniques->tints($step->work->technique));
        $isTurned = $this->piece->begins($this->part) === StartsAs::Turned;

        return match ($kind) {
            FaultKind::Drip, FaultKind::Nibs, FaultKind::Tacky, FaultKind::Bloom => $isCoated,
            FaultKind::Streaks, FaultKind::Blotch, FaultKind::SandedThrough => $isCoated || $isTinted,
            FaultKind::Scratches => $isTurned || $this->has(fn (Step $step): bool => $step->kind === StepKind::Sand),
            FaultKind::LidStuck => array_filter($this->piece->joints, fn (Joint $joint): bool => $joint->kind
                === JointKind::Lifts && in_array($this->part->id, $joint->parts(), true)) !== [],
            FaultKind::Weeps => $this->has(fn (Step $step): bool => $step->work->technique === 'liner'),
            FaultKind::Smears => $this->has(
                fn (Step $step): bool => in_array($step->work->technique, self::GLUED, true),
            ),
            FaultKind::Slipped => in_array(
                $this->part->holding, [Holding::Tenon, Holding::Recess, Holding::GlueBlock], true,
            ) && ! $this->has(fn (Step $step): bool => $step->work->technique === 'part-off'),
            FaultKind::BoreOff => in_array(Face::Bore, $this->part->faces(), true),
            FaultKind::Oval => in_array(Face::Inside, $this->part->faces(), true),
            default => true,
        };
    }

    /** @param  \Closure(Step): bool  $is */
    private function has(\Closure $is): bool
    {
        return array_filter($this->done, $is) !== [];
    }
}
