<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\DocumentCast;
use App\Models\Kept\Keeping;
use HonestGrain\Reading\Document;

/**
 * A piece's document as it was after one change, so that the change can be undone and redone.
 *
 * @property int $number
 * @property Document $document
 * @property Change $what
 */
class PieceRevision extends Keeping
{
    protected $fillable = ['number', 'document', 'what', 'user_id'];

    protected function casts(): array
    {
        return ['document' => DocumentCast::class, 'what' => Change::class];
    }
}
