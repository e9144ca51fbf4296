<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Bore;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Piece\HoldWishes;
use HonestGrain\Piece\Part;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Figured;
use HonestGrain\Wood\Rings;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** Name, wood, grain, moisture, holds and bore of one part. */
class UpdatePart extends PieceChange
{
    protected function fields(Show $show): array
    {
        $length = fn (string $size): string => $show->between(Unit::Length, ...Form::SIZES_MM[$size]);

        return [
            'part_name' => ['required', 'string', 'max:'.Part::MAX_NAME],
            'wood' => ['required', 'string', 'max:200'],
            'grain' => ['required', Rule::enum(GrainDirection::class)],
            'figured' => ['nullable', Rule::enum(Figured::class)],
            'rings' => ['nullable', Rule::enum(Rings::class)],
            'moisture' => ['required', 'numeric', 'between:0,200'],
            'holding' => ['required', Rule::enum(Holding::class)],
            'hold_outside' => ['nullable', Rule::enum(Mount::class)->only(HoldWishes::mounts(HoldStage::Outside))],
            'hold_foot' => ['nullable', Rule::enum(Mount::class)->only(HoldWishes::mounts(HoldStage::Foot))],
            'bore' => ['nullable', 'numeric', $length('bore')],
            'bore_depth' => ['nullable', 'numeric', $length('height')],
            'bore_from' => ['nullable', Rule::in(Bore::FROM)],
        ];
    }

    public function figured(Part $part): ?Figured
    {
        return $this->has('figured') ? Figured::tryFrom((string) $this->validated('figured')) : $part->figured;
    }

    /** How its rings lie; as it was where the form does not ask. */
    public function rings(Part $part): ?Rings
    {
        return $this->has('rings') ? Rings::tryFrom((string) $this->validated('rings')) : $part->rings;
    }

    /** What holds it besides; what the form does not ask for stays as it is. */
    public function holds(Part $part): HoldWishes
    {
        $holds = $part->holds;
        foreach ([HoldStage::Outside, HoldStage::Foot] as $stage) {
            $field = "hold_$stage->value";
            $holds = $this->has($field)
                ? $holds->with($stage, Mount::tryFrom((string) $this->validated($field))) : $holds;
        }

        return $holds;
    }

    public function bore(Show $show): ?Bore
    {
        $diameter = $this->number('bore');
        $depth = $this->number('bore_depth');

        return $diameter === null ? null : Bore::read(Document::of([
            'diameter_mm' => $show->typed(Unit::Length, $diameter),
            'depth_mm' => $depth === null ? null : $show->typed(Unit::Length, $depth),
            'from' => $this->validated('bore_from') ?? Bore::FROM[0],
        ], 'shape.bore'));
    }
}
