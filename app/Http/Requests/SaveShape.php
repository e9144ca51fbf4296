<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Reading\Document;

/** The nodes of a part. */
class SaveShape extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'shape' => ['required', 'string', 'max:200000'],
        ];
    }

    /** Its outer and inner line. */
    public function shape(): Document
    {
        return Document::decode($this->validated('shape'));
    }
}
