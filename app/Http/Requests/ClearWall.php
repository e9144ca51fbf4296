<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;

/** Which reading of a wall goes, by its height in mm; all of them where none is named. */
class ClearWall extends PieceChange
{
    protected function fields(Show $show): array
    {
        return ['height_mm' => ['nullable', 'numeric']];
    }

    public function heightMm(): ?float
    {
        return $this->number('height_mm');
    }
}
