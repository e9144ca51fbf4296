<?php

declare(strict_types=1);

namespace App\Models;

/** Where a piece stands. */
enum PieceState: string
{
    case Working = 'working';
    case Done = 'done';
    case PutAway = 'put-away';

    public function label(): string
    {
        return match ($this) {
            self::Working => say('models.piece-state.work'),
            self::Done => say('models.piece-state.finished'),
            self::PutAway => say('models.piece-state.put-away'),
        };
    }
}
