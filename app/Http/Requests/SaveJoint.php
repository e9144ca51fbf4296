<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\JointPlace;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** How two parts meet. */
class SaveJoint extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'joint_kind' => ['required', Rule::enum(JointKind::class)],
            'joint_at' => ['required', Rule::enum(JointPlace::class)],
            'joint_diameter' => ['required', 'numeric', $show->between(Unit::Length, ...Form::SIZES_MM['bore'])],
            'joint_depth' => ['required', 'numeric', $show->between(Unit::Length, 0, Form::SIZES_MM['height'][1])],
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
        ], 'joints.'.array_search($was, $core->joints, true)));
    }
}
