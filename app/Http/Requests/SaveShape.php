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

    /** @return array{outer: mixed, inner: mixed} */
    public function shape(): array
    {
        $shape = Document::decode($this->validated('shape'));

        return ['outer' => $shape->value('outer'), 'inner' => $shape->value('inner')];
    }
}
