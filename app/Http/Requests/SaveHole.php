<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Node;
use HonestGrain\Lathework\Bit;
use HonestGrain\Lathework\BitKind;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Piece\PartHole;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** A hole on the axis, or across at a place of the outside. */
class SaveHole extends PieceChange
{
    protected function fields(Show $show): array
    {
        $size = fn (float $most): array => ['numeric', $show->between(Unit::Length, 0.5, $most)];
        $angle = PartHole::MOST_ANGLE_DEG;

        return [
            'hole_from' => ['required', Rule::enum(HoleFrom::class)],
            'hole_across' => ['required', ...$size(Bit::MOST_DIAMETER_MM)],
            'hole_deep' => ['nullable', ...$size(Node::MAX_MM)],
            'hole_height' => [
                'nullable', 'required_if:hole_from,'.HoleFrom::Side->value, 'numeric',
                $show->between(Unit::Length, 0, Node::MAX_MM),
            ],
            'hole_azimuth' => ['nullable', 'numeric', 'between:-360,720'],
            'hole_bit' => ['nullable', Rule::enum(BitKind::class)],
            'hole_angle' => ['nullable', 'numeric', "between:-$angle,$angle"],
        ];
    }

    public function hole(string $id, string $path, Show $show): PartHole
    {
        $mm = fn (string $field): ?float => $this->number($field) === null
            ? null : $show->typed(Unit::Length, (float) $this->number($field));

        return PartHole::read(Document::of([
            'id' => $id, 'from' => $this->validated('hole_from'), 'diameter_mm' => $mm('hole_across'),
            'depth_mm' => $mm('hole_deep'), 'height_mm' => $mm('hole_height'),
            'azimuth_deg' => $this->number('hole_azimuth'), 'angle_deg' => $this->number('hole_angle'),
            'bit' => $this->validated('hole_bit'),
        ], $path));
    }
}
