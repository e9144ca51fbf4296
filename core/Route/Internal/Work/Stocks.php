<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\StockForm;
use HonestGrain\Lathework\StockLayout;
use HonestGrain\Lathework\StockPlace;
use HonestGrain\Piece\PieceStock;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Blanks that were entered: sawn apart where several parts come out of one, and refused where they are too small.
 *
 * @internal
 */
final class Stocks
{
    /**
     * @param  array<string, PartContext>  $subjects  by part
     * @return array{list<Operation>, list<Precedence>, list<Conflict>}
     */
    public static function of(PieceStock $stock, array $subjects): array
    {
        $first = $subjects[$stock->parts[0]];
        if ($first->startsAs !== StartsAs::Blank) {
            return [[], [], []];
        }
        $layout = $stock->laidOut($first->piece, $first->calibration->stock);
        $conflicts = $layout->fits() ? [] : [Conflict::forbid(
            array_map(fn (string $part): string => $subjects[$part]->id('rough'), $stock->parts),
            new Said('route.stock.does-not-fit', ['problems' => $layout->problems]), [
                new Said('route.stock.larger-blank'), new Said('route.stock.draw-smaller'),
            ], ConflictCode::Stock,
        )];
        $saws = count($stock->parts) < 2 ? [] : [self::sawn($stock, $first, $layout)];
        $trims = $stock->stock->trimMm > 0.0 ? [self::trimmed($stock, $first)] : [];
        $rounds = $stock->stock->form->isTurnedAcross() ? array_map(
            fn (string $part): Operation => self::sawnRound($stock, $subjects[$part]), $stock->parts,
        ) : [];
        $roughs = array_map(fn (string $part): string => $subjects[$part]->id('rough'), $stock->parts);
        $chains = [
            ...array_map(fn (string $rough): Precedence => Precedence::rule(
                "$stock->id/saw", $rough, Wait::none(), new Said('route.stock.each-by-itself'),
            ), $saws === [] ? [] : $roughs),
            ...array_map(fn (string $later): Precedence => Precedence::rule(
                "$stock->id/trim", $later, Wait::none(), new Said('route.stock.checks-run-on'),
            ), $trims === [] ? [] : [...$saws === [] ? [] : ["$stock->id/saw"], ...$roughs]),
        ];
        foreach ($rounds as $round) {
            $rough = $subjects[$round->part]->id('rough');
            $chains[] = Precedence::rule($round->id, $rough, Wait::none(), new Said('route.stock.round-because'));
            foreach ([...$saws, ...$trims] as $before) {
                $chains[] = Precedence::rule(
                    $before->id, $round->id, Wait::none(), new Said('route.stock.each-by-itself'),
                );
            }
        }

        return [[...$trims, ...$saws, ...$rounds], $chains, $conflicts];
    }

    private static function sawnRound(PieceStock $stock, PartContext $subject): Operation
    {
        $blank = $subject->blank();
        $figures = $subject->calibration->stock;
        $isHalfLog = $stock->stock->form === StockForm::HalfLog;

        return new Operation(
            id: $subject->id('saw-round'), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('saw'), [], of: [$stock->id], on: []),
            timing: new Timing($figures->sawMinutes + $figures->roundMinutesPer100Cm2 * M_PI * $blank->acrossMm
                * $blank->highMm / 10_000, 0.15),
            setup: new Setup(
                stances: [Stance::Off], hazards: [Hazard::Saw, ...$isHalfLog ? [Hazard::Chainsaw] : []],
                hold: new Said('route.stock.at-the-saw'),
            ),
            words: new StepWords(
                new Said('route.stock.round'), new Said('route.stock.round-because'), how: PartContext::said(
                    new Said('route.stock.disc', ['across' => Quantity::mm($blank->acrossMm)]),
                    ...$isHalfLog ? [new Said('route.stock.half-log'), new Said('route.stock.by-chainsaw')] : [],
                ), brief: new Said('route.stock.rounding'),
            ),
        );
    }

    private static function trimmed(PieceStock $stock, PartContext $first): Operation
    {
        return new Operation(
            id: "$stock->id/trim", kind: StepKind::Turn, part: $stock->parts[0],
            doing: new Doing($first->technique('saw'), [], of: [$stock->id], on: []),
            timing: new Timing($first->calibration->stock->sawMinutes * 2, 0.05),
            setup: new Setup(
                stances: [Stance::Off], hazards: [Hazard::Saw], hold: new Said('route.stock.at-the-saw'),
            ),
            words: new StepWords(
                new Said('route.stock.trim'), new Said('route.stock.checks-run-on'), how: [
                    new Said('route.stock.trim-how', [
                        'off' => Quantity::mm($stock->stock->trimMm), 'lost' => Quantity::mm(2 * $stock->stock->trimMm),
                        'left' => Quantity::mm($stock->stock->soundMm()),
                    ]),
                ], brief: new Said('route.stock.trimming'),
            ),
        );
    }

    private static function sawn(PieceStock $stock, PartContext $first, StockLayout $layout): Operation
    {
        return new Operation(
            id: "$stock->id/saw", kind: StepKind::Turn, part: $stock->parts[0],
            doing: new Doing($first->technique('saw'), [], of: [$stock->id], on: []),
            timing: new Timing($first->calibration->stock->sawMinutes * (count($stock->parts) - 1), 0.1),
            setup: new Setup(
                stances: [Stance::Off], hazards: [Hazard::Saw], hold: new Said('route.stock.at-the-saw'),
            ),
            words: new StepWords(
                new Said('route.stock.saw-apart'), new Said('route.stock.grain-runs-on'), how: [
                    ...array_map(fn (StockPlace $place): Said => new Said('route.stock.place', [
                        'part' => $place->part->id, 'from' => Quantity::mm($place->fromMm),
                        'to' => Quantity::mm($place->toMm),
                    ]), $layout->places), new Said('route.stock.left', [
                        'left' => Quantity::mm(max(0.0, $layout->leftMm)),
                    ]), new Said('route.stock.mark-ends'),
                ], brief: new Said('route.stock.sawing'),
            ),
        );
    }
}
