<?php

declare(strict_types=1);

namespace App\Models;

/** Where a piece stands. */
enum PieceState: string
{
    case Working = 'working';

    /** Asked for, and not taken on: it has a date that was promised, and no place in the plan. */
    case Wish = 'wish';

    case Done = 'done';
    case PutAway = 'put-away';

    public function label(): string
    {
        return match ($this) {
            self::Working => say('models.piece-state.work'),
            self::Wish => say('models.piece-state.wishes'),
            self::Done => say('models.piece-state.finished'),
            self::PutAway => say('models.piece-state.put-away'),
        };
    }
}
