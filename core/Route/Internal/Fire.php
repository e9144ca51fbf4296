<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

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
                $near = array_filter($first->faces(), fn (string $face): bool => $self->heat->reachesFace($hot, $face));
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
                $conflicts[] = Conflict::forbid([$hot->id(), $flaw->id], sprintf(
                    '%s: the %s %s it holds %s. It gives off poison when it is burnt, and lets go.',
                    $hot->label(), lcfirst($flaw->kind->label()), $this->heat->where($hot, Stretch::ofFlaw($flaw)),
                    lcfirst($binder->class),
                ), $this->waysOut($hot, 'Leave the flaw open, or cut it away'));
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
            $conflicts[] = Conflict::forbid([$hot->id(), $inlay->id()], sprintf(
                '%s: %s %s it holds %s. It gives off poison when it is burnt, and lets go.', $hot->label(),
                lcfirst($inlay->label()), $this->heat->where($hot, Stretch::ofMark($inlay)),
                lcfirst($inlay->binder->class),
            ), [
                ...$isOver ? [] : ['Want the burnt mark before the inlay: drag it there, and it is put in afterwards'],
                ...$this->waysOut($hot, 'Leave the inlay out'),
            ]);
        }

        return $conflicts;
    }

    /** @return list<string> */
    private function waysOut(Mark $hot, string $other): array
    {
        return [
            sprintf('Move them more than %.0f mm apart', $this->heat->besideMm($hot)), $other,
            'Dye the band black instead',
        ];
    }

    private static function nothingHotOver(Mark $hot): string
    {
        return $hot->technique->nature() === Nature::Flames
            ? 'No flame over or near a finish: it burns, and its smoke is poison.'
            : 'No pen and no wire over or beside a finish: its smoke is poison.';
    }
}
