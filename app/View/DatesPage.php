<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PieceState;
use Illuminate\Contracts\Pagination\Paginator;

/** What is ready when. */
final readonly class DatesPage
{
    public const PIECES = 60;

    /** @param  Paginator<int, Piece>  $pieces */
    public function __construct(public Paginator $pieces, private PieceShelf $shelf, private Show $show)
    {
    }

    /** At the width that a shelf of them has. */
    public function drawing(Piece $piece): string
    {
        return $this->shelf->drawing($piece);
    }

    /** "ready", "ready Tue 15 Dec", "no date yet" */
    public function date(Piece $piece): string
    {
        return match (true) {
            $piece->state === PieceState::Done => say('view.dates-page.ready'),
            $piece->ready_at === null => say('view.dates-page.none'),
            default => say('view.dates-page.on', ['day' => $this->show->day($piece->ready_at)]),
        };
    }
}
