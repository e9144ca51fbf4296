<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Technique\Setting;

/** Which colours of a part are sanded back, how far and with what. */
final readonly class SandedBack
{
    private const USUAL_GRIT = 'P320';

    /** @param  list<array{string, string}>  $order  ids of what the maker wants first, and of what after it */
    public function __construct(private Part $part, private array $order, private Tables $tables)
    {
    }

    /** Whether it is: as the maker set it; else where another colour goes over it. */
    public function isDone(Mark $mark): bool
    {
        if (! $mark->colours() || $mark->sandedBack !== null) {
            return $mark->sandedBack === true && $mark->colours();
        }
        if (! $mark->isLayered()) {
            return false;
        }
        if ($mark->set->numberOr(Setting::SandedUm, 0.0) > 0 || $mark->set->has(Setting::BackStrokes)) {
            return true;
        }
        $isBelow = false;
        foreach ($this->part->marksInOrder($this->order) as $other) {
            if ($isBelow && $other->isLayered() && $mark->overlaps($other)) {
                return true;
            }
            $isBelow = $isBelow || $other === $mark;
        }

        return false;
    }

    /** How far, µm: as set, by its depth or by strokes with a grit, or the usual. */
    public function um(Mark $mark): float
    {
        if (! $this->isDone($mark)) {
            return 0.0;
        }
        $colour = $this->tables->calibration->colour;
        $strokes = $mark->set->numberOr(Setting::BackStrokes, null);

        return $mark->set->numberOr(Setting::SandedUm, null) ?? ($strokes === null ? $colour->sandedBackUm
            : $strokes * $colour->umAStroke($this->grit($mark)->micron, $this->part->wood->figures->jankaN));
    }

    public function grit(Mark $mark): Grit
    {
        return $this->tables->abrasives->named(
            $mark->set->has(Setting::BackGrit) ? $mark->set->choice(Setting::BackGrit) : self::USUAL_GRIT, 'back_grit',
        );
    }
}
