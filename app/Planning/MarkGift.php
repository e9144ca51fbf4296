<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Recipe\Dressed;
use HonestGrain\Recipe\RecipeMark;
use Illuminate\Validation\ValidationException;

/** Marks of one part put on another as well, of the same piece or of another, at the same share of its line. */
final readonly class MarkGift
{
    public function __construct(private PieceEditor $editor, private ShopMapper $mapper)
    {
    }

    /**
     * Null where the piece has no such part.
     *
     * @param  string|null  $fromPart  id; null for the body
     * @param  list<string>  $ids  of the marks
     * @param  Edit  $edit  of the piece that they are put on
     *
     * @throws VersionConflict
     * @throws ValidationException where none of the marks is there any more
     */
    public function give(Piece $from, ?string $fromPart, array $ids, Piece $to, string $toPart, Edit $edit): ?Dressed
    {
        $part = $this->mapper->piece($from->workshop, $from->document)->partOrBody($fromPart);
        $marks = array_map(
            fn (string $id): RecipeMark => RecipeMark::of($part->mark($id), $part),
            array_values(array_filter($ids, $part->hasMark(...))),
        );
        if ($marks === []) {
            throw ValidationException::withMessages(['marks' => say('http.move-marks.tick-marks-meant')]);
        }
        $dressed = null;
        $this->editor->change($to, $edit, function (CorePiece $core, Tables $tables) use (
            $marks, $toPart, &$dressed,
        ): CorePiece {
            $there = $core->part($toPart);
            $dressed = $there === null ? null : Dressed::withMarks($there, $marks, $tables);

            return $dressed === null ? $core : $core->withPart($dressed->part);
        });

        return $dressed;
    }
}
