<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Words\Unit;

/** How wide the log is whose bark is left on the rim. */
class SaveRimOfLog extends PieceChange
{
    protected function fields(Show $show): array
    {
        return ['rim_log' => ['required', 'numeric', $show->between(Unit::Length, 1, Node::MAX_MM)]];
    }

    public function edge(Profile $profile, Show $show): NaturalEdge
    {
        return NaturalEdge::ofLog(
            $show->typed(Unit::Length, (float) $this->number('rim_log')), $profile->outer->last()->r,
            $profile->mostDropMm(), 'rim_log',
        );
    }
}
