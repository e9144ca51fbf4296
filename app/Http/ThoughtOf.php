<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Requests\StorePiece;
use App\Models\User;
use App\Planning\PieceFromBlank;
use App\Planning\PieceStarter;
use App\Planning\RecipeBook;
use App\Planning\ShopMapper;
use App\View\Show;
use HonestGrain\Piece\Piece;
use HonestGrain\Recipe\Fitted;
use Illuminate\Validation\ValidationException;

/** The piece that a new-piece form tells of, with its surface and out of its blank; the same thought of and saved. */
final readonly class ThoughtOf
{
    public function __construct(
        private PieceStarter $starter,
        private PieceFromBlank $blanks,
        private RecipeBook $book,
        private ShopMapper $mapper,
    ) {
    }

    /** @throws \HonestGrain\Reading\BadInput naming the field that is wrong */
    public function of(StorePiece $request, User $user, Show $show): Fitted
    {
        $blank = $request->blank();
        $tables = $this->mapper->tables($user->workshop);
        $piece = Piece::read($this->starter->document(
            $request->validated(), $request->sizesMm($show), $user->timeZone(),
            $blank === null ? [] : $this->blanks->more($blank),
        ), $tables);
        if ($blank !== null) {
            $this->blanks->check($blank, $piece);
            $piece = $this->blanks->outOf($blank, $this->blanks->withFlaws($blank, $piece));
        }
        $key = $request->validated('recipe');

        return $key === null ? new Fitted($piece, []) : ($this->book->one($user->workshop, $key)
            ?? throw ValidationException::withMessages(['recipe' => say('http.recipes.no-such')])
        )->recipe->onto($piece, $tables);
    }
}
