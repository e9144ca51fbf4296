<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Lathework\StockForm;
use HonestGrain\Lathework\StockPart;
use HonestGrain\Piece\PieceStock;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** A blank that is there, and the parts that are to come out of it. */
class SaveStock extends PieceChange
{
    protected function fields(Show $show): array
    {
        $size = ['numeric', $show->between(Unit::Length, 1, StockPart::MOST_MM)];
        $across = array_column(array_filter(
            StockForm::cases(), fn (StockForm $form): bool => $form->isTurnedAcross(),
        ), 'value');

        return [
            'stock_form' => ['required', Rule::enum(StockForm::class)],
            'stock_length' => ['required', ...$size], 'stock_width' => ['required', ...$size],
            'stock_height' => ['nullable', 'required_if:stock_form,'.implode(',', $across), ...$size],
            'stock_trim' => ['nullable', 'numeric', $show->between(Unit::Length, 0, StockPart::MOST_MM)],
            'stock_parts' => ['required', 'string', 'max:400'],
        ];
    }

    public function stock(string $id, string $path, Show $show): PieceStock
    {
        $mm = fn (string $field): ?float => $this->number($field) === null
            ? null : $show->typed(Unit::Length, (float) $this->number($field));

        return PieceStock::read(Document::of([
            'id' => $id, 'form' => $this->validated('stock_form'), 'length_mm' => $mm('stock_length'),
            'width_mm' => $mm('stock_width'), 'height_mm' => $mm('stock_height'),
            'trim_mm' => $mm('stock_trim'),
            'parts' => explode(' ', (string) $this->validated('stock_parts')),
        ], $path));
    }
}
