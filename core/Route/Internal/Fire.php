<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Heat;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Stretch;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\Coats;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Internal\Work\Repair;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Nature;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Flame, pen and hot wire kept from what gives off poison or burns: CA, resin, size, film and wax, by material and by
 * place, whatever the mark is called. Beside means along the surface, or on the other face of a thin wall.
 *
 * @internal
 */
final readonly class Fire
{
    private Heat $heat;

    private function __construct(private Part $part, private Tables $tables)
    {
        $this->heat = new Heat($part, $tables->calibration->marks);
    }

    /**
     * What is filled or inlaid where something is burnt.
     *
     * @return list<Conflict>
     */
    public static function of(PartContext $subject): array
    {
        $self = new self($subject->part, $subject->tables);
        $conflicts = [];
        foreach ($self->heat->marks() as $hot) {
            $conflicts = [...$conflicts, ...$self->overFills($hot), ...$self->overInlays($hot, $subject->piece->order)];
        }

        return $conflicts;
    }

    /**
     * What comes on near it later: every coat, leaf and paint.
     *
     * @return list<Precedence>
     */
    public static function chains(PartContext $subject, Coats $coats): array
    {
        $self = new self($subject->part, $subject->tables);
        $chains = [];
        foreach ($self->heat->marks() as $hot) {
            foreach ($coats->firsts() as $first) {
                $near = array_filter($first->faces(), fn (Face $face): bool => $self->heat->reachesFace($hot, $face));
                if ($near !== []) {
                    $chains[] = Precedence::rule(
                        $hot->id(), $first->id, Wait::none(), self::nothingHotOver($hot),
                    );
                }
            }
            foreach ($subject->part->marks as $laid) {
                $isLaid = $laid->colours() && ($laid->binder !== null || $laid->paint !== null);
                if ($isLaid && $self->heat->reaches($hot, Stretch::ofMark($laid))) {
                    $chains[] = Precedence::rule($hot->id(), $laid->id(), Wait::none(), self::nothingHotOver($hot));
                }
            }
        }

        return $chains;
    }

    /** @return list<Conflict> */
    private function overFills(Mark $hot): array
    {
        $conflicts = [];
        foreach ($this->part->flaws as $flaw) {
            $binder = Repair::binderOf($flaw, $this->part, $this->tables);
            if ($binder !== null && $this->heat->reaches($hot, Stretch::ofFlaw($flaw))) {
                $conflicts[] = Conflict::forbid([$hot->id(), $flaw->id], new Said('route.fire.holds-gives-off-poison', [
                    'hot' => $hot->label(),
                    'kind' => $flaw->kind->label(),
                    'where' => $this->heat->where($hot, Stretch::ofFlaw($flaw)),
                    'class' => $binder->name(),
                ]), $this->waysOut($hot, new Said('route.fire.leave-flaw-open-or')));
            }
        }

        return $conflicts;
    }

    /**
     * @param  list<array{string, string}>  $order
     * @return list<Conflict>
     */
    private function overInlays(Mark $hot, array $order): array
    {
        $conflicts = [];
        foreach ($this->part->marks as $inlay) {
            if ($inlay->binder === null || $inlay->colours() || ! $this->heat->reaches($hot, Stretch::ofMark($inlay))) {
                continue;
            }
            $isOver = $inlay->overlaps($hot);
            if (! $isOver && in_array([$hot->id(), $inlay->id()], $order, true)) {
                continue;
            }
            $conflicts[] = Conflict::forbid([$hot->id(), $inlay->id()],
                new Said('route.fire.holds-gives-off-poison-when', [
                    'hot' => $hot->label(),
                    'inlay' => $inlay->label(),
                    'where' => $this->heat->where($hot, Stretch::ofMark($inlay)),
                    'class' => $inlay->binder->name(),
                ]), [
                    ...$isOver ? [] : [new Said('route.fire.want-burnt-mark-before')],
                    ...$this->waysOut($hot, new Said('route.fire.leave-inlay-out')),
                ]);
        }

        return $conflicts;
    }

    /** @return list<Said> */
    private function waysOut(Mark $hot, Said $other): array
    {
        return [
            new Said('route.fire.move-them-more-than', ['beside' => Quantity::mm($this->heat->besideMm($hot))]), $other,
            new Said('route.fire.dye-band-black-instead'),
        ];
    }

    private static function nothingHotOver(Mark $hot): Said
    {
        return $hot->technique->nature() === Nature::Flames
            ? new Said('route.fire.no-flame-over-or')
            : new Said('route.fire.no-pen-no-wire');
    }
}
