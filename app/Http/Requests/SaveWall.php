<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Node;
use HonestGrain\Piece\WallReading;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;

/** What callipers say of a wall, at a height over the foot. */
class SaveWall extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'wall_height' => ['required', 'numeric', $show->between(Unit::Length, 0, Node::MAX_MM)],
            'wall_thick' => ['required', 'numeric', $show->between(Unit::Length, 0.1, Node::MAX_MM)],
        ];
    }

    public function reading(Show $show): WallReading
    {
        $mm = fn (string $field): float => $show->typed(Unit::Length, (float) $this->number($field));

        return WallReading::read(Document::of(
            ['height_mm' => $mm('wall_height'), 'wall_mm' => $mm('wall_thick')], 'wall_readings.0',
        ));
    }
}
