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

/**
 * What a fault may have come from, those first that something in the piece speaks for. Workshop rules: each says how it
 * shows, so that the maker can tell.
 */
final readonly class Causes
{
    private function __construct(private Evidence $found)
    {
    }

    /**
     * @param  list<string>  $done  what has been done so far, in order
     * @return list<Cause>
     */
    public static function of(Piece $piece, Bench $bench, Tables $tables, array $done, Fault $fault): array
    {
        $route = Route::of($piece, $bench, $tables, Past::of($done));
        $self = new self(FaultContext::at($fault, $piece, $route, $done, $tables, 'mend')->evidence());
        $causes = $self->all($fault->kind);
        usort($causes, fn (Cause $a, Cause $b): int => ($a->fact === null) <=> ($b->fact === null));

        return $causes;
    }

    /** @return list<Cause> */
    private function all(FaultKind $kind): array
    {
        return match ($kind) {
            FaultKind::Scratches => [$this->jump(), $this->strayGrain(), $this->sander(), $this->pad(), $this->rings()],
            FaultKind::Torn => [$this->torn(), $this->bluntEdge()],
            FaultKind::Blotch => [$this->bevel('takes less colour'), $this->endGrain(), $this->glue()],
            FaultKind::Streaks => [$this->bevel('shines through the coat'), $this->lateWipe(), $this->endGrain()],
            FaultKind::SandedThrough => [$this->pad(), $this->thinFilm()],
            FaultKind::Nibs => [$this->dust(), $this->strayGrain()],
            FaultKind::Drip => [$this->tooMuch()],
            FaultKind::Tacky => [$this->oilyWood(), $this->tooMuch(), $this->coldAir()],
            FaultKind::Bloom => [$this->dampAir()],
            FaultKind::Crack => [$this->heat(), $this->drying()],
            FaultKind::Catch => [$this->bluntEdge(), $this->overhang()],
            FaultKind::LidStuck => [$this->dampAir(), $this->tooMuch()],
            FaultKind::Weeps => [$this->pinhole()],
            FaultKind::Warped => [$this->drying()],
            FaultKind::Dropped, FaultKind::Metal, FaultKind::Knot => [],
        };
    }

    private function jump(): Cause
    {
        $jump = $this->found->jump();

        return new Cause(
            'skipped-grit', 'A grit that was left out, or taken too briefly',
            'Lines as deep as the coarser grit all over the face, and all one way.',
            'No grit over about twice the size of the next; each until the lines of the one before are gone.',
            $jump === null ? null : "This face goes from $jump[0] to $jump[1] at one step.",
        );
    }

    private function strayGrain(): Cause
    {
        return new Cause(
            'stray-grain', 'A stray grain of a coarser grit',
            'One deep line alone, or a few, out of step with all the others.',
            'Wipe or blow the face and the hands off after each grit, and keep sheets of a grit apart.',
            $this->found->isWipedBetween() ? null : 'No wipe is planned between two grits of this face.',
        );
    }

    private function sander(): Cause
    {
        $method = $this->found->method();

        return new Cause(
            'sander', 'The sander', 'Small curls, all of a size, where it was pressed, tilted or set down turning.',
            'Set it on before it turns and let its weight do the work; no faster than a hand’s width a second.',
            $method->isPowered() ? 'This face is sanded with a machine: '.$method->label().'.' : null,
        );
    }

    private function pad(): Cause
    {
        $method = $this->found->method();

        return new Cause(
            'pad', $method->isPowered() ? 'Its pad: worn, hard or pressed on its edge'
                : 'A hard fold or block behind the paper',
            'Arcs as wide as the pad, or lines where its edge or the fold of the paper ran; edges go first.',
            'A soft, whole pad held flat, and fresh paper; rims and beads by hand with a light touch.',
            $method->isPowered() ? 'This face is sanded with a machine: '.$method->label().'.' : null,
        );
    }

    private function rings(): Cause
    {
        return new Cause(
            'rings', 'The last grit was not taken along the grain', 'Fine rings round the work that show under a coat.',
            'Stop the lathe and take the last grit along the grain.',
            $this->found->method()->spins() ? 'This face is sanded while it spins.' : null,
        );
    }

    /** @param  string  $does  what the band does */
    private function bevel(string $does): Cause
    {
        return new Cause(
            'bevel', 'A bevel that rubbed',
            "A shiny band or spiral, polished hard by the heel of the tool, that $does.",
            'A light bevel and its heel ground away; sand such a band with the first grit until it is dull.',
            $this->found->isCutOnBevel() ? 'This face came off the tool with a bevel cut.' : null,
        );
    }

    private function torn(): Cause
    {
        return new Cause(
            'against-the-grain', 'A cut against the fibres',
            'Rough in two opposite quarters, where end grain comes out, and smooth between them.',
            'Cut downhill, lightly, at more speed and less feed; stiffen soft wood before the last cut.',
            $this->found->tears() ? 'The grain of this face comes out in two quarters.' : null,
        );
    }

    private function bluntEdge(): Cause
    {
        return new Cause(
            'blunt', 'A blunt edge, or one presented wrongly',
            'Dust in place of shavings, a squeal, a push on the hand.',
            'Sharpen before the last cut; rest close, bevel touching before the edge does.',
        );
    }

    private function overhang(): Cause
    {
        return new Cause(
            'overhang', 'The tool reached too far over its rest', 'A row of ripples, then a dig where it dipped.',
            'Move the rest in, or take a heavier bar; lighter cuts the deeper it goes.',
        );
    }

    private function endGrain(): Cause
    {
        return new Cause(
            'end-grain', 'End grain drinks more', 'Darker, or duller, in two opposite quarters.',
            'A thin sealer first, or the end grain a grit finer; coats until it is even.',
            $this->found->tears() ? 'The grain of this face comes out in two quarters.' : null,
        );
    }

    private function glue(): Cause
    {
        return new Cause(
            'glue', 'Glue or CA on the surface', 'A pale patch with a sharp edge beside a fill or a joint.',
            'Seal round a crack before it is filled; scrape what was smeared before any colour.',
            $this->found->isFilled() ? 'Something is filled on this face.' : null,
        );
    }

    private function lateWipe(): Cause
    {
        return new Cause(
            'late', 'Gone over once it had begun to set', 'Drag marks in the direction of the cloth or brush.',
            'Smaller areas, a wet edge, and never back into it; wipe off within its time.',
        );
    }

    private function thinFilm(): Cause
    {
        return new Cause(
            'thin-film', 'Rubbed harder than the film bears', 'Bare on rims and edges first.',
            'One more coat before the rub, and edges last and lightest.',
        );
    }

    private function dust(): Cause
    {
        return new Cause(
            'dust', 'Dust in the air, in the coat or on the cloth', 'Even, fine, felt with the fingertip all over.',
            'Damp the floor, let dust settle, strain what has skin; coat in another room or hour.',
        );
    }

    private function tooMuch(): Cause
    {
        return new Cause(
            'too-much', 'Too much of it at once', 'Thickest below, soft under a skin.',
            'Thin coats, looked at from the side after five minutes.',
        );
    }

    private function coldAir(): Cause
    {
        return new Cause(
            'cold', 'A cold or damp shop', 'All of it alike, not only where it is thick.',
            'Warm the room or the cupboard before the coat, not after it.',
        );
    }

    private function dampAir(): Cause
    {
        return new Cause(
            'damp', 'Damp air', 'White all over or in clouds; joints tight all round.',
            'Wait for a drier day, or warm the wood and the room first.',
        );
    }

    private function oilyWood(): Cause
    {
        return new Cause(
            'oily', 'The oil of the wood', 'Soft next to the wood, in patches, for days.',
            'Wipe oily wood down with its solvent just before a coat, or seal it with dewaxed shellac.',
            $this->found->isOily() ? 'This wood is oily.' : null,
        );
    }

    private function heat(): Cause
    {
        return new Cause(
            'heat', 'Heat from sanding', 'Short fine checks in end grain, where the wall is thin.',
            'Light, moving, fresh paper; stop while it is still cool to the hand.',
            $this->found->isThin() ? 'The wall is thin here.' : null,
        );
    }

    private function drying(): Cause
    {
        return new Cause(
            'drying', 'The wood still moves', 'From the pith or the rim along the grain, wider from day to day.',
            'Weigh it until it stands still; even walls, ends sealed, no pith.',
        );
    }

    private function pinhole(): Cause
    {
        return new Cause(
            'pinhole', 'A pinhole that air came out of', 'One dark damp spot outside, always at the same place.',
            'A thin first coat that soaks in, then the next while it is still tacky.',
        );
    }
}
