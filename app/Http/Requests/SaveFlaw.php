<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\FillWith;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\JointGlue;
use HonestGrain\Piece\Wish;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** What the wood brings, at its place on a part. */
class SaveFlaw extends PieceChange
{
    private const FARTHEST_MM = 6000.0;

    protected function fields(Show $show): array
    {
        $size = ['nullable', 'numeric', $show->between(Unit::Length, 0.01, Flaw::MAX_SIZE_MM)];
        $along = ['required', 'numeric', $show->between(Unit::Length, 0, self::FARTHEST_MM)];

        return [
            'flaw_kind' => ['required', Rule::enum(FlawKind::class)],
            'flaw_on' => ['required', Rule::enum(Surface::class)],
            'flaw_from' => $along,
            'flaw_to' => [...$along, 'gte:flaw_from'],
            'azimuth_from' => ['nullable', 'required_with:azimuth_to', 'numeric', 'between:-360,720'],
            'azimuth_to' => ['nullable', 'required_with:azimuth_from', 'numeric', 'between:-360,720'],
            'flaw_width' => $size, 'flaw_depth' => $size,
            'wish' => ['required', Rule::enum(Wish::class)],
            'with' => ['nullable', Rule::enum(FillWith::class)],
            'flaw_coloured' => ['nullable', 'boolean'], 'flaw_rgb' => ['nullable', 'hex_color'],
            'each_pass' => ['nullable', 'boolean'],
            'flaw_glue' => ['nullable', Rule::enum(JointGlue::class)],
            'flaw_offcut' => ['nullable', 'string', 'max:'.Flaw::MOST_OFFCUT],
        ];
    }

    public function flaw(string $id, string $path, Show $show): Flaw
    {
        $mm = fn (string $field): ?float => $this->number($field) === null
            ? null : $show->typed(Unit::Length, (float) $this->number($field));
        $azimuth = $this->number('azimuth_from');

        return Flaw::read(Document::of([
            'id' => $id, 'kind' => $this->validated('flaw_kind'), 'on' => $this->validated('flaw_on'),
            'from_mm' => $mm('flaw_from'), 'to_mm' => $mm('flaw_to'),
            'azimuth_deg' => $azimuth === null ? null : [$azimuth, $this->number('azimuth_to')],
            'width_mm' => $mm('flaw_width'), 'depth_mm' => $mm('flaw_depth'),
            'wish' => $this->validated('wish'), 'with' => $this->validated('with'),
            'rgb' => $this->boolean('flaw_coloured') ? $this->validated('flaw_rgb') : null,
            'each_pass' => $this->boolean('each_pass'), 'glue' => $this->validated('flaw_glue'),
            'offcut' => $this->validated('flaw_offcut'),
        ], $path));
    }
}
