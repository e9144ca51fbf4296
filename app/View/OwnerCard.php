<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PieceState;
use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\WaterResistance;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Purpose;
use HonestGrain\Recipe\Serves;

/** What whoever gets a piece is told of it: what it is of, what is on it, what it stands, and by whom it was made. */
final readonly class OwnerCard
{
    private Serves $serves;

    public function __construct(private Piece $piece, private CorePiece $core, private Show $show)
    {
        $this->serves = Serves::of($core);
    }

    /** @return array<string, string> each line with its heading */
    public function lines(): array
    {
        return array_filter([
            say('view.owner-card.wood') => $this->woods(),
            say('view.owner-card.size') => $this->size(),
            say('view.owner-card.finish') => $this->finishes(),
            say('view.owner-card.use') => $this->use(),
            say('view.owner-card.water') => $this->water(),
            say('view.owner-card.cured') => $this->cured(),
            say('view.owner-card.made-by') => $this->piece->workshop->name,
        ]);
    }

    public function woods(): string
    {
        $woods = array_map(fn (Part $part): string => $this->show->wood($part->wood->name), $this->core->parts);

        return implode(', ', array_unique($woods));
    }

    public function finishes(): string
    {
        $finishes = [];
        foreach ($this->core->parts as $part) {
            foreach ($part->coatPlans as $plan) {
                $words = mb_ucfirst($this->show->said($plan->inWords()));
                $where = ($this->core->hasParts() ? "$part->name, " : '').$this->show->faces($plan->zones);
                $finishes[$words][] = $where;
            }
        }
        if (count($finishes) < 2) {
            return array_key_first($finishes) ?? say('view.piece-page.bare-wood');
        }

        return implode('. ', array_map(
            fn (string $words, array $where): string => mb_ucfirst(implode(', ', $where)).': '.mb_lcfirst($words),
            array_keys($finishes), $finishes,
        ));
    }

    public function size(): string
    {
        return say('view.owner-card.size-of', [
            'across' => $this->show->length($this->piece->diameter_mm),
            'high' => $this->show->length($this->piece->height_mm),
        ]);
    }

    /** Fit for food is said only of what is made for it, and only as its finish and its wood allow. */
    private function use(): string
    {
        $food = $this->serves->food;

        return match (true) {
            $this->core->purpose === Purpose::Food => say('view.foreseen.food.'.($food->value ?? 'bare')),
            $food === FoodUse::No => say('view.foreseen.food.no'),
            default => mb_ucfirst($this->show->said($this->core->purpose->label())),
        };
    }

    /** No more than its care allows: only what is made for water is said to hold it. */
    private function water(): string
    {
        $stands = $this->serves->water;

        return $this->core->purpose === Purpose::Water && $stands === WaterResistance::Good
            ? say('view.owner-card.stands.holds') : say("view.owner-card.stands.$stands->value");
    }

    private function cured(): string
    {
        $ready = $this->piece->ready_at;

        return match (true) {
            $ready === null => '',
            $this->piece->state === PieceState::Done && $ready->isPast() => $this->show->calendarDay($ready),
            default => say('view.owner-card.cured-by', ['day' => $this->show->calendarDay($ready)]),
        };
    }
}
