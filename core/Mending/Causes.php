<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Mending\Internal\Evidence;
use HonestGrain\Mending\Internal\FaultContext;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What a fault may have come from, those first that something in the piece speaks for. Workshop rules: each says how it
 * shows, so that the maker can tell.
 */
final class Causes
{
    /**
     * @param  list<string>  $done  what has been done so far, in order
     * @return list<Cause>
     */
    public static function of(
        Piece $piece, Bench $bench, Tables $tables, array $done, Fault $fault, Logged $log = new Logged,
    ): array {
        $route = Route::of($piece, $bench, $tables, Past::of($done));
        $found = FaultContext::at(
            fault: $fault, piece: $piece, route: $route, done: $done, tables: $tables, id: 'mend',
            equilibriumPercent: $bench->equilibriumPercent,
        )->evidence($log);
        $causes = array_map(
            fn (string $id): Cause => new Cause($id, self::fact($id, $found)),
            self::ids($fault->kind, $found->method()->isPowered()),
        );
        usort($causes, fn (Cause $a, Cause $b): int => ($a->fact === null) <=> ($b->fact === null));

        return $causes;
    }

    /** @return list<string> */
    private static function ids(FaultKind $kind, bool $isPowered): array
    {
        // A machine that the plan does not use has left nothing.
        $pad = $isPowered ? 'pad' : 'block';
        $sanded = $isPowered ? ['sander', $pad] : [$pad];

        return match ($kind) {
            FaultKind::Scratches => ['skipped-grit', 'stray-grain', ...$sanded, 'rings'],
            FaultKind::Torn => ['against-the-grain', 'blunt'],
            FaultKind::Blotch => ['bevel', 'end-grain', 'glue'],
            FaultKind::Streaks => ['bevel', 'late', 'end-grain'],
            FaultKind::SandedThrough => [$pad, 'thin-film'],
            FaultKind::Nibs => ['dust', 'stray-grain'],
            FaultKind::Drip => ['too-much'],
            FaultKind::Tacky => ['oily', 'too-much', 'cold'],
            FaultKind::Bloom => ['damp'],
            FaultKind::Crack => ['heat', 'drying'],
            FaultKind::Catch => ['blunt', 'overhang'],
            FaultKind::LidStuck => ['damp', 'too-much'],
            FaultKind::Weeps => ['pinhole'],
            FaultKind::Warped => ['drying'],
            FaultKind::Ripples => ['flexes', 'overhang', 'blunt'],
            FaultKind::Smears => ['glue'],
            FaultKind::Oval => ['drying', 'jaws'],
            FaultKind::Slipped => ['wet-tenon', 'bottomed', 'overhang'],
            FaultKind::BoreOff => ['bit-wandered', 'tail-off'],
            FaultKind::Dropped, FaultKind::Metal, FaultKind::Knot => [],
        };
    }

    /** What the piece's own plan says for a cause; null where nothing does. */
    private static function fact(string $cause, Evidence $found): ?Said
    {
        $method = $found->method();
        $jump = $found->jump();
        $logged = $found->logged($cause);
        if ($logged !== null) {
            return $logged;
        }
        [$speaks, $fact] = match ($cause) {
            'skipped-grit' => [$jump !== null, 'jump'],
            'stray-grain' => [! $found->isWipedBetween(), 'no-wipe'],
            'sander', 'pad' => [$method->isPowered(), 'machine'],
            'rings' => [$method->spins(), 'spins'],
            'bevel' => [$found->isCutOnBevel(), 'bevel-cut'],
            'against-the-grain', 'end-grain' => [$found->tears(), 'two-quarters'],
            'glue' => [$found->isFilled(), 'filled'],
            'oily' => [$found->isOily(), 'oily'],
            'heat', 'flexes' => [$found->isThin(), 'thin'],
            'wet-tenon', 'drying' => [$found->isWet(), 'wet'],
            'blunt' => [$found->cutMinutes() > $found->edgeLasts(), 'long-cut'],
            default => [false, ''],
        };

        return $speaks ? new Said("mending.facts.$fact", match ($fact) {
            'jump' => ['from' => $jump[0] ?? '', 'to' => $jump[1] ?? ''],
            'machine' => ['method' => $method->label()],
            'long-cut' => [
                'cut' => Quantity::minutes($found->cutMinutes()), 'lasts' => Quantity::minutes($found->edgeLasts()),
            ],
            default => [],
        }) : null;
    }
}
