<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Words\Unit;

/** A stretch of the inside, and how much deeper it is cut; below nothing, how much is left standing there. */
class DeepenInside extends PieceChange
{
    private const MOST_MM = 50.0;

    protected function fields(Show $show): array
    {
        $height = ['required', 'numeric', $show->between(Unit::Length, 0, Node::MAX_MM)];

        return [
            'deepen_from' => $height, 'deepen_to' => $height,
            'deepen_by' => ['required', 'numeric', $show->between(Unit::Length, -self::MOST_MM, self::MOST_MM)],
        ];
    }

    public function deepened(Profile $profile, Show $show): Profile
    {
        $mm = fn (string $field): float => $show->typed(Unit::Length, (float) $this->number($field));

        return $profile->deepened($mm('deepen_from'), $mm('deepen_to'), $mm('deepen_by'));
    }
}
