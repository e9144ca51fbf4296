<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Lathework\Bit;
use HonestGrain\Lathework\FittingKind;
use HonestGrain\Lathework\FittingSize;
use HonestGrain\Piece\Fitting;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Piece\JointGlue;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** What is bought and fitted: from the shop's own list, or by its sizes. */
class SaveFitting extends PieceChange
{
    protected function fields(Show $show): array
    {
        $size = fn (float $most): array => ['numeric', $show->between(Unit::Length, 0.5, $most)];

        return [
            'fitting_like' => ['nullable', 'integer', 'min:0', 'max:100'],
            'fitting_kind' => ['required', Rule::enum(FittingKind::class)],
            'fitting_name' => ['nullable', 'string', 'max:40'],
            'fitting_across' => ['nullable', 'required_without:fitting_like', ...$size(Bit::MOST_DIAMETER_MM)],
            'fitting_long' => ['nullable', 'required_without:fitting_like', ...$size(FittingSize::MOST_LENGTH_MM)],
            'fitting_outer' => ['nullable', ...$size(2 * Bit::MOST_DIAMETER_MM)],
            'fitting_from' => ['required', Rule::in([HoleFrom::Top->value, HoleFrom::Foot->value])],
            'fitting_glue' => ['nullable', Rule::enum(JointGlue::class)],
            'fitting_pinned' => ['nullable', 'boolean'],
            'fitting_order' => ['nullable', 'string', 'max:600'],
        ];
    }

    /** @param  list<FittingSize>  $list  the shop's own */
    public function fitting(string $id, string $path, array $list, Show $show): Fitting
    {
        $like = $this->number('fitting_like');
        $own = $like === null ? [] : ($list[(int) $like] ?? null)?->toArray() ?? [];
        $mm = fn (string $field): ?float => $this->number($field) === null
            ? null : $show->typed(Unit::Length, (float) $this->number($field));

        return Fitting::read(Document::of(array_filter([
            'kind' => $own['kind'] ?? $this->validated('fitting_kind'), 'name' => $this->validated('fitting_name'),
            'diameter_mm' => $mm('fitting_across'), 'length_mm' => $mm('fitting_long'),
            'outer_mm' => $mm('fitting_outer'),
        ], fn (mixed $value): bool => $value !== null) + $own + [
            'id' => $id, 'from' => $this->validated('fitting_from'), 'glue' => $this->validated('fitting_glue'),
            'pinned' => $this->boolean('fitting_pinned'),
            'order' => array_values(array_filter(array_map(
                trim(...), explode(',', (string) $this->validated('fitting_order')),
            ), fn (string $one): bool => $one !== '')),
        ], $path));
    }
}
