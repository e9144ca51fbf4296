<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\StockFigures;
use HonestGrain\Lathework\Stock;
use HonestGrain\Lathework\StockLayout;
use HonestGrain\Lathework\StockPart;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** A blank that parts of a piece are cut from, next to each other in their order, so that its grain runs on. */
final readonly class PieceStock
{
    public const MOST_BLANK = 1_000_000;

    /**
     * @param  int|null  $blank  its number on the rack; null for one that is not there
     * @param  non-empty-list<string>  $parts
     */
    private function __construct(public string $id, public ?int $blank, public Stock $stock, public array $parts)
    {
    }

    /** @throws InvalidField */
    public static function read(Document $stock): self
    {
        $parts = $stock->strings('parts', Piece::MAX_PARTS);

        return new self(
            Id::read($stock), $stock->has('blank') ? $stock->integer('blank', 1, self::MOST_BLANK) : null,
            Stock::read($stock), $parts === []
                ? throw InvalidField::missing($stock->at('parts'), 'a part') : $parts,
        );
    }

    public function laidOut(Piece $piece, StockFigures $figures): StockLayout
    {
        return $this->stock->laidOut($figures, array_map(
            fn (string $id): StockPart => NeededStock::part($piece->partOrBody($id)), $this->parts,
        ));
    }

    /** The least that one part comes out of. */
    public static function least(string $id, Part $part, Calibration $calibration): self
    {
        return new self($id, null, NeededStock::together([$part], $calibration)->stock, [$part->id]);
    }

    /** The same without a part; null where that was its last. */
    public function without(string $part): ?self
    {
        $left = array_values(array_diff($this->parts, [$part]));

        return $left === [] ? null : new self($this->id, $this->blank, $this->stock, $left);
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'blank' => $this->blank, 'form' => $this->stock->form->value,
            'length_mm' => $this->stock->lengthMm, 'width_mm' => $this->stock->widthMm,
            'height_mm' => $this->stock->heightMm,
            ...$this->stock->trimMm > 0.0 ? ['trim_mm' => $this->stock->trimMm] : [], 'parts' => $this->parts,
        ];
    }
}
