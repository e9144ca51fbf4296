<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Node;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointGlue;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\JointPlace;
use HonestGrain\Piece\PartHole;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** How two parts meet. */
class SaveJoint extends PieceChange
{
    protected function fields(Show $show): array
    {
        $angle = PartHole::MOST_ANGLE_DEG;

        return [
            'joint_kind' => ['required', Rule::enum(JointKind::class)],
            'joint_at' => ['required', Rule::enum(JointPlace::class)],
            'joint_diameter' => ['required', 'numeric', $show->between(Unit::Length, ...Form::SIZES_MM['bore'])],
            'joint_depth' => ['required', 'numeric', $show->between(Unit::Length, 0, Form::SIZES_MM['height'][1])],
            'joint_glue' => ['nullable', Rule::enum(JointGlue::class)],
            'joint_height' => ['nullable', 'numeric', $show->between(Unit::Length, 0, Node::MAX_MM)],
            'joint_azimuth' => ['nullable', 'numeric', 'between:-360,720'],
            'joint_angle' => ['nullable', 'numeric', "between:-$angle,$angle"],
        ];
    }

    /** The joint as it was typed, between the parts that it joined. */
    public function joint(Piece $core, Joint $was, Show $show): Joint
    {
        return Joint::read(Document::of([
            'id' => $was->id, 'parts' => $was->parts(),
            'kind' => $this->validated('joint_kind'), 'at' => $this->validated('joint_at'),
            'diameter_mm' => $show->typed(Unit::Length, (float) $this->number('joint_diameter')),
            'depth_mm' => $show->typed(Unit::Length, (float) $this->number('joint_depth')),
            'glue' => $this->validated('joint_glue'),
            'height_mm' => $this->number('joint_height') === null
                ? null : $show->typed(Unit::Length, (float) $this->number('joint_height')),
            'azimuth_deg' => $this->number('joint_azimuth'), 'angle_deg' => $this->number('joint_angle'),
        ], 'joints.'.array_search($was, $core->joints, true)));
    }
}
