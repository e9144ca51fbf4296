<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use Closure;

/** What takes long to draw of a piece, drawn once for its document, its shop's tables and its reader's units. */
final readonly class Drawings
{
    private const KEPT_SECONDS = 3 * 86_400;

    private function __construct(private string $of)
    {
    }

    /** @param  string  $key  the same for the same document, tables and release */
    public static function of(Piece $piece, string $key, Show $show): self
    {
        return new self(hash('xxh128', "$key $piece->name {$show->length(1234.5)}"));
    }

    /**
     * @template T of string|array
     *
     * @param  string  $what  which of the piece
     * @param  Closure(): T  $draw
     * @return T
     */
    public function kept(string $what, Closure $draw): string|array
    {
        return cache()->remember("drawn-$this->of-$what", self::KEPT_SECONDS, $draw);
    }
}
