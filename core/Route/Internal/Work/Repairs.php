<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\Wish;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Place;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Route\Supplies;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/**
 * What becomes of the flaws of a part.
 *
 * @internal
 */
final class Repairs
{
    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        $operations = [];
        foreach ($subject->part->flaws as $flaw) {
            foreach (self::repairs($subject, $flaw) as $i => $repair) {
                $operations[] = self::operation($subject, $flaw, $repair, $i);
            }
        }

        return $operations;
    }

    /** @return list<Precedence> a fill is cut back, a stiffened patch scraped, once it has set */
    public static function chains(PartContext $subject): array
    {
        $chains = [];
        foreach ($subject->part->flaws as $flaw) {
            if ($flaw->kind === FlawKind::Pith && $flaw->wish === Wish::CutAway && $subject->isTurned()) {
                $chains[] = Precedence::rule(
                    $flaw->id, $subject->id($subject->isTrued() ? 'true' : 'rough'), Wait::none(),
                    new Said('route.repair.pith-cracks-on'),
                );

                continue;
            }
            $last = null;
            foreach (self::repairs($subject, $flaw) as $i => $repair) {
                $operation = self::operation($subject, $flaw, $repair, $i);
                if ($repair->goesWith === Repair::AGAIN) {
                    $chains[] = Precedence::rule(
                        $subject->id('hollow', Face::Inside), $operation->id, Wait::none(),
                        new Said('route.repair.opened-again'),
                    );

                    continue;
                }
                if ($last !== null) {
                    $chains[] = Precedence::rule(
                        $last->id, $operation->id, $last->timing->wait, new Said('route.repairs.once-has-set'),
                    );
                }
                $last = $operation;
            }
            // Before the wall about it is thinned, and while there is wood behind it.
            $isOut = ! in_array($flaw->on, [Surface::Inner, Surface::Foot], true);
            if ($last !== null && $isOut && $flaw->kind->mayFly()) {
                $chains[] = Precedence::custom(
                    $last->id, $subject->id('hollow', Face::Inside), $last->timing->wait,
                    new Said('route.repairs.before-wall-is-thin'),
                );
            }
        }

        return $chains;
    }

    /** @return list<Repair> what is cut through with the wood about it is not cut back by itself */
    private static function repairs(PartContext $subject, Flaw $flaw): array
    {
        $all = Repair::of($flaw, $subject->part, $subject->tables);
        // What has its shape is centred for good.
        if ($flaw->kind === FlawKind::Pith && $flaw->wish === Wish::CutAway && ! $subject->isTurned()) {
            return [];
        }

        return in_array($flaw->id, $subject->cutThrough, true) ? array_slice($all, 0, 1) : $all;
    }

    /** Bark at a rim that is yet to be hollowed is reached from outside. */
    private static function face(PartContext $subject, Flaw $flaw): Face
    {
        return $flaw->kind === FlawKind::BarkEdge && $flaw->on === Surface::Rim && $subject->isTurned()
            && $flaw->wish === Wish::Stabilise ? Face::Outside : $flaw->on->face();
    }

    private static function operation(PartContext $subject, Flaw $flaw, Repair $repair, int $number): Operation
    {
        return new Operation(
            id: $repair->goesWith === null ? $flaw->id
                : "$flaw->id/$repair->goesWith", kind: StepKind::Repair, part: $subject->part->id,
            doing: new Doing(
                $subject->technique($repair->technique),
                [Place::stretch($subject->part->id, self::face($subject, $flaw), $flaw->fromMm, $flaw->toMm)],
                of: [$flaw->id],
                on: [self::face($subject, $flaw)],
            ),
            supplies: new Supplies($repair->fill?->binder->product, $repair->fill?->amount),
            // All of it stands still until it has set, whatever face it is on.
            timing: new Timing(
                $repair->minutes, 10.0 + $number, wait: $repair->wait,
                handling: $repair->wait->minHours > 0 ? $repair->wait : null,
            ),
            setup: new Setup(
                work: $repair->onLathe ? Work::Spinning : Work::Hand,
                hazards: [...$repair->hazards, ...$repair->onLathe ? $subject->spinning() : []],
            ),
            words: new StepWords(
                Said::at($repair->words->title, $flaw->at()),
                $repair->words->because,
                how: [...$repair->words->how, ...$flaw->kind->mayFly() && ! $repair->onLathe && $subject->isTurned()
                    ? [new Said('route.repairs.half-speed')] : []],
                brief: Said::lower($repair->words->title),
                waitFor: $repair->wait->minHours > 0 ? new Said('route.repairs.to-set') : null,
            ),
        );
    }
}
