<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Words\Unit;

/** How far a rim lies below its highest place, angle by angle; none of them makes it level. */
class SaveRim extends PieceChange implements TakesLists
{
    public static function lists(): array
    {
        return ['rim_angle', 'rim_below'];
    }

    protected function fields(Show $show): array
    {
        $list = ['nullable', 'array', 'max:'.NaturalEdge::MOST_PLACES];

        return [
            'rim_angle' => $list, 'rim_below' => $list,
            'rim_angle.*' => ['nullable', 'required_with:rim_below.*', 'numeric', 'min:0', 'lt:360'],
            'rim_below.*' => [
                'nullable', 'required_with:rim_angle.*', 'numeric', $show->between(Unit::Length, 0, Node::MAX_MM),
            ],
        ];
    }

    /** Null where nothing is typed: its rim is level. */
    public function edge(Profile $profile, Show $show): ?NaturalEdge
    {
        $places = [];
        foreach ((array) $this->validated('rim_angle') as $i => $angle) {
            $below = $this->validated("rim_below.$i");
            if ($angle !== null && $below !== null) {
                $places[$i] = [(float) $angle, $show->typed(Unit::Length, (float) $below)];
            }
        }

        return $places === [] ? null : NaturalEdge::read($places, $profile->mostDropMm(), 'shape.rim');
    }
}
